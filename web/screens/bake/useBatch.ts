// A batch on this tablet: what the bakery has of it, with what was put down here and is still on its way. Nothing put down is lost:
// it waits in the browser until it is kept, and what two tablets put down comes together.
'use client'
import { type BatchState, batchState, type KeptEntry } from '@fair-tin/core/batch'
import { type Batch, BatchEntry, Ingredient } from '@fair-tin/core/model'
import type { Scale } from '@fair-tin/core/recipe'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { v4 } from 'uuid'
import { z } from 'zod'
import { ask } from '../ask'
import { leaveHere, leftHere } from '../leftHere'

/** An entry as it is put down: its id and its moment come by themselves. */
export type Put = BatchEntry extends infer E ? (E extends BatchEntry ? Omit<E, 'id' | 'at'> : never) : never
const Waiting = z.array(z.object({ entry: BatchEntry, thing: Ingredient.exactOptional() }))
type Waiting = z.infer<typeof Waiting>
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
  put: (entry: Put, thing?: Ingredient) => BatchEntry
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
const shelfOf = (batch: Batch) => `batch ${batch.id}`
/** What the bakery was last heard to have: a page that is opened without network is older than that. */
const heardOf = (batch: Batch) => `batch heard ${batch.id}`
const Heard = z.array(z.object({ entry: BatchEntry, by: z.string(), thing: Ingredient.exactOptional() }))
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
  const [waiting, setWaiting] = useState<Waiting>([])
  const [refused, setRefused] = useState<readonly Refused[]>([])
  const [trouble, setTrouble] = useState('')
  const clock = useRef({ at: Date.parse(serverNow), since: 0 })
  const now = useCallback(() => clock.current.at + (performance.now() - clock.current.since), [])
  const queue = useRef<Waiting>([])
  const sending = useRef(false)

  const keepQueue = useCallback(
    (next: Waiting) => {
      queue.current = next
      setWaiting(next)
      const held = leaveHere(shelfOf(batch), next.length > 0 ? next : null)
      if (!held && next.length > 0)
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
      leaveHere(heardOf(batch), said.entries)
      setTrouble('')
    },
    [batch],
  )
  const flush = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    try {
      if (queue.current.length === 0) {
        const said = await ask<{ entries: KeptEntry[]; now: string }>(address)
        if ('problem' in said) setTrouble(said.problem)
        else take(said)
        return
      }
      const going = queue.current.slice(0, 500)
      const said = await ask<Answer>(address, { entries: going.map(one => one.entry) })
      if ('problem' in said) return setTrouble(said.problem)
      take(said)
      const turned = said.answers.flatMap((one, at) => (one.kept ? [] : [{ entry: going[at]!.entry, why: one.why }]))
      if (turned.length > 0) setRefused(before => [...before, ...turned])
      keepQueue(queue.current.filter(one => !going.includes(one)))
    } finally {
      sending.current = false
    }
  }, [address, keepQueue, take])

  useEffect(() => {
    clock.current = { at: Date.parse(serverNow), since: performance.now() }
    const left = Waiting.safeParse(leftHere(shelfOf(batch))).data ?? []
    if (left.length > 0) keepQueue(left)
    const heard = Heard.safeParse(leftHere(heardOf(batch))).data ?? []
    setKnown(before => together(before, heard))
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
  }, [batch, serverNow, keepQueue, flush])

  const put = useCallback(
    (entry: Put, thing?: Ingredient) => {
      const made = { ...entry, id: v4(), at: new Date(now()).toISOString() } as BatchEntry
      keepQueue([...queue.current, { entry: made, ...(thing ? { thing: { ...thing, packs: [] } } : {}) }])
      void flush()
      return made
    },
    [flush, keepQueue, now],
  )
  const putAway = useCallback(
    (entry: BatchEntry) => setRefused(before => before.filter(one => one.entry !== entry)),
    [],
  )
  const kept = useMemo(() => {
    const there = new Set(known.map(one => one.entry.id))
    return [...known, ...waiting.filter(one => !there.has(one.entry.id)).map(one => ({ ...one, by: person }))]
  }, [known, waiting, person])
  const state = useMemo(() => batchState(batch, kept, scales), [batch, kept, scales])
  return { kept, state, put, waiting: waiting.length, refused, putAway, trouble, now }
}
