// A batch on this tablet: what the bakery has of it, with what was put down here and is still on its way. Nothing put down is lost:
// it waits in the browser until it is kept, and what two tablets put down comes together.
'use client'
import { type BatchState, batchState, type KeptEntry } from '@fair-tin/core/batch'
import { type Batch, BatchEntry, Ingredient } from '@fair-tin/core/model'
import type { Scale } from '@fair-tin/core/recipe'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { z } from 'zod'
import { ask } from '../ask'
import { leaveHere, leftHere, shelvesHere } from '../leftHere'
import { entryOf, type Put } from './entry'

/** What was put down here and is not kept yet; `why`: the bakery did not take it, and said so. */
const Left = z.object({ entry: BatchEntry, thing: Ingredient.exactOptional(), why: z.string().exactOptional() })
type Left = z.infer<typeof Left>
export interface Refused {
  entry: BatchEntry
  why: string
}
interface Answer {
  answers: ({ id: string; kept: true } | { id: string; kept: false; why: string })[]
  entries: KeptEntry[]
  now: string
}
export interface RunningBatch {
  kept: readonly KeptEntry[]
  state: BatchState
  /** `then`: what was put down before, under its own id: once, however often. */
  put: (entry: Put, thing?: Ingredient, then?: { id: string; at: number }) => BatchEntry
  /** Entries on their way. */
  waiting: number
  /** What the bakery did not take, and why: to be read and put away. */
  refused: readonly Refused[]
  putAway: (entry: BatchEntry) => void
  /** Why nothing goes through now; '' while it does. */
  trouble: string
  /** Milliseconds by the bakery’s clock, whatever the tablet’s own does. */
  now: () => number
}

const between = 6000
/** Each entry on a shelf of its own: two windows of one tablet take nothing from each other. */
const shelfOf = (batch: Batch, entry = '') => `batch ${batch.id} entry ${entry}`
/** What the bakery was last heard to have: a page that is opened without network is older than that. */
const heardOf = (batch: string) => `batch heard ${batch}`
const Heard = z.object({
  at: z.number(),
  entries: z.array(z.object({ entry: BatchEntry, by: z.string(), thing: Ingredient.exactOptional() })),
})
/** A batch that nobody opened here for so long is read from the bakery again. */
const twoDays = 2 * 86_400_000
function forgetOld(now: number): void {
  for (const shelf of shelvesHere(heardOf(''))) {
    const heard = Heard.safeParse(leftHere(shelf)).data
    if (!heard || heard.at < now - twoDays) leaveHere(shelf, null)
  }
}
const together = (one: readonly KeptEntry[], more: readonly KeptEntry[]): readonly KeptEntry[] => {
  const there = new Set(one.map(({ entry }) => entry.id))
  const others = more.filter(({ entry }) => !there.has(entry.id))
  return others.length === 0 ? one : [...one, ...others]
}

export function useBatch(
  batch: Batch,
  initial: readonly KeptEntry[],
  serverNow: string,
  person: string,
  scales: readonly Scale[],
): RunningBatch {
  const address = `/api/v1/batches/${encodeURIComponent(batch.id)}/entries`
  const [known, setKnown] = useState<readonly KeptEntry[]>(initial)
  const [left, setLeft] = useState<readonly Left[]>([])
  const [trouble, setTrouble] = useState('')
  const clock = useRef({ at: Date.parse(serverNow), since: 0 })
  const now = useCallback(() => clock.current.at + (performance.now() - clock.current.since), [])
  const queue = useRef<readonly Left[]>([])
  const sending = useRef(false)

  /** Puts one on its shelf, or takes it off (`null`). */
  const keepLeft = useCallback(
    (id: string, one: Left | null) => {
      const others = queue.current.filter(other => other.entry.id !== id)
      queue.current =
        one === null
          ? others
          : queue.current.length === others.length
            ? [...others, one]
            : queue.current.map(other => (other.entry.id === id ? one : other))
      setLeft(queue.current)
      if (!leaveHere(shelfOf(batch, id), one) && one !== null)
        setTrouble(
          'This tablet’s store is full: what you put down now lives only in this window until it is sent. Leave it open.',
        )
    },
    [batch],
  )
  const take = useCallback(
    (said: { entries: KeptEntry[]; now: string }) => {
      clock.current = { at: Date.parse(said.now), since: performance.now() }
      setKnown(before => (JSON.stringify(before) === JSON.stringify(said.entries) ? before : said.entries))
      leaveHere(heardOf(batch.id), { at: clock.current.at, entries: said.entries })
      setTrouble('')
    },
    [batch],
  )
  const flush = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    try {
      const going = queue.current.filter(one => one.why === undefined).slice(0, 500)
      if (going.length === 0) {
        const said = await ask<{ entries: KeptEntry[]; now: string }>(address)
        if ('problem' in said) setTrouble(said.problem)
        else take(said)
        return
      }
      const said = await ask<Answer>(address, { entries: going.map(one => one.entry) })
      if ('problem' in said) return setTrouble(said.problem)
      take(said)
      for (const [at, one] of going.entries()) {
        const answer = said.answers[at]
        keepLeft(one.entry.id, answer && !answer.kept ? { ...one, why: answer.why } : null)
      }
    } finally {
      sending.current = false
    }
  }, [address, keepLeft, take])

  useEffect(() => {
    clock.current = { at: Date.parse(serverNow), since: performance.now() }
    queue.current = shelvesHere(shelfOf(batch))
      .flatMap(shelf => Left.safeParse(leftHere(shelf)).data ?? [])
      .sort((a, b) => a.entry.at.localeCompare(b.entry.at))
    setLeft(queue.current)
    const heard = Heard.safeParse(leftHere(heardOf(batch.id))).data
    setKnown(before => together(before, heard?.entries ?? []))
    forgetOld(Date.parse(serverNow))
    void flush()
    const timer = setInterval(() => document.visibilityState === 'visible' && void flush(), between)
    const soon = () => void flush()
    addEventListener('online', soon)
    addEventListener('focus', soon)
    return () => {
      clearInterval(timer)
      removeEventListener('online', soon)
      removeEventListener('focus', soon)
    }
  }, [batch, serverNow, flush])

  const put = useCallback(
    (put: Put, thing?: Ingredient, then?: { id: string; at: number }) => {
      const entry = entryOf(put, then?.at ?? now(), then?.id)
      keepLeft(entry.id, { entry, ...(thing ? { thing: { ...thing, packs: [] } } : {}) })
      void flush()
      return entry
    },
    [flush, keepLeft, now],
  )
  const putAway = useCallback((entry: BatchEntry) => keepLeft(entry.id, null), [keepLeft])
  const waiting = useMemo(() => left.filter(one => one.why === undefined), [left])
  const refused = useMemo(() => left.flatMap(({ entry, why }) => (why === undefined ? [] : [{ entry, why }])), [left])
  const kept = useMemo(() => {
    const there = new Set(known.map(one => one.entry.id))
    const mine = waiting.filter(one => !there.has(one.entry.id))
    return [...known, ...mine.map(({ entry, thing }) => ({ entry, by: person, ...(thing ? { thing } : {}) }))]
  }, [known, waiting, person])
  const state = useMemo(() => batchState(batch, kept, scales), [batch, kept, scales])
  return { kept, state, put, waiting: waiting.length, refused, putAway, trouble, now }
}
