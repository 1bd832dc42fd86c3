// The bench as she edits it: shown at once, saved behind, undone by new entries, never lost.
import {
  applyBenchEdits,
  type BenchClash,
  type BenchEdit,
  type BenchThings,
  freshIn,
  inverse,
  type RefusedEdit,
} from '@fair-tin/core/edit'
import type { Ingredient } from '@fair-tin/core/model'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { holdable } from '../../../ui/holdable'
import { ask, editsOf } from '../../ask'
import { send } from '../../token'
import { type Aside, type Box, emptyBox, isEmpty, type Outbox, openOutbox, waiting } from './outbox'
import { together } from './useBooks'

export type SaveState = { kind: 'saved' } | { kind: 'saving' } | { kind: 'waiting'; why: string; signIn: boolean }
const pause = 250
const longestWait = 15_000
const mostUndone = 200
const noPause = 2000
/** Sent at once; the rest follows. */
const mostSent = 1000
/** Refusals that pass by themselves, or once somebody signs in again: the change waits. */
const passing = (status: number) => status >= 500 || [401, 408, 429].includes(status)

class Passing extends Error {
  constructor(
    message: string,
    /** Once somebody signs in. */
    readonly signIn: boolean,
  ) {
    super(message)
  }
}

/** What the server holds, how new it is, and by what to tell whether anything else that stands here changed. */
export interface Served extends BenchThings {
  stamp: number
  rests: string
}
type Answer = Pick<BenchThings, 'product' | 'recipe' | 'ingredients'> & {
  clashes: BenchClash[]
  refused: RefusedEdit[]
  before: number
  stamp: number
}

/** Does anything in it stand at a version before that of the other? */
export function isOlder(served: BenchThings, than: BenchThings): boolean {
  const versions = new Map(than.ingredients.map(one => [one.id, one.version ?? 0]))
  return (
    (served.product.version ?? 0) < (than.product.version ?? 0) ||
    served.recipe.version < than.recipe.version ||
    // one without a version stands for something that cannot be read: that is no older state of it
    served.ingredients.some(one => one.version !== undefined && one.version < (versions.get(one.id) ?? 0))
  )
}

/** It rests on the same things after it as before. */
const sameThings = (edit: BenchEdit): boolean =>
  edit.kind === 'tick' ? edit.list !== 'highlighted' : ['written', 'notes', 'pieces', 'product'].includes(edit.kind)

const noRest: readonly Ingredient[] = []
/** How new the books are, what the bench rests on there, and where its product and its recipe stand. */
interface Looked {
  stamp: number
  rests: string
  product?: number
  recipe?: number
}

/**
 * `onStale` is called where something that stands here was changed elsewhere, so that the page reads again; `onMoved` where only
 * other books were.
 */
export function useBenchEdits(
  served: Served,
  kind: 'product' | 'part',
  onStale: () => void,
  onMoved: (stamp: number) => void,
  /** The rest of the larder, as far as it is known. */
  rest: readonly Ingredient[] = noRest,
) {
  const [base, setBase] = useState(served)
  const latest = useRef(served)
  const stand = useCallback((next: Served) => {
    latest.current = next
    setBase(next)
  }, [])
  const [box, setBox] = useState<Box>(emptyBox)
  const [clashes, setClashes] = useState<BenchClash[]>([])
  const [state, setState] = useState<SaveState>({ kind: 'saved' })
  const [onlyHere, setOnlyHere] = useState(false)
  const now = useRef<Box>(emptyBox)
  const stamp = useRef(served.stamp)
  /** The stamp of a page that was too old: asked for once more, and then taken as it comes. */
  const readAgainAt = useRef<number | null>(null)
  const outbox = useRef<Outbox | null>(null)
  const busy = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const failures = useRef(0)
  const early = useRef(0)
  const takeBack = useRef<() => void>(() => {})
  const productId = served.product.id
  const id = kind === 'part' ? served.recipe.id : productId
  /** Reads the page again only where something that stands here is another. */
  const lookAgain = useCallback(async () => {
    const said = await ask<Looked>(`/api/v1/stamp?${kind}=${encodeURIComponent(id)}`)
    // no answer is no reason: what is asked next asks again
    if ('problem' in said) return
    const { product, recipe, rests } = latest.current
    if (said.rests !== rests || said.product !== product.version || said.recipe !== recipe.version) return onStale()
    stamp.current = Math.max(stamp.current, said.stamp)
    onMoved(said.stamp)
  }, [kind, id, onStale, onMoved])

  const keep = useCallback((next: Box) => {
    now.current = next
    setBox(next)
    void outbox.current?.keep(next).then(kept => setOnlyHere(!kept && next.pending.length + next.aside.length > 0))
  }, [])
  const flush = useCallback(async () => {
    clearTimeout(timer.current)
    if (busy.current || now.current.pending.length === 0) return
    busy.current = true
    setState({ kind: 'saving' })
    const sending = now.current.pending.slice(0, mostSent)
    // from here on each may be done already, though its answer is lost: none of them is changed any more
    if (sending.some(one => !one.sent))
      keep({
        ...now.current,
        pending: now.current.pending.map((one, at) => (at < sending.length ? { ...one, sent: true } : one)),
      })
    const leave = (aside: readonly Aside[]) =>
      keep({
        ...now.current,
        pending: now.current.pending.slice(sending.length),
        aside: [...now.current.aside, ...aside],
      })
    try {
      const answer = await send(editsOf(kind, id), {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ edits: sending.map(({ deed, edit }) => ({ ...edit, deed })) }),
      })
      const said = (await answer.json()) as Answer | { problem: string; refused?: RefusedEdit[] }
      if ('problem' in said) {
        if (passing(answer.status)) throw new Passing(said.problem, answer.status === 401)
        // it would be refused for ever: the rest is not to wait behind it
        failures.current = 0
        leave(said.refused ?? sending.map(({ edit }) => ({ edit, why: said.problem })))
        setState(now.current.pending.length === 0 ? { kind: 'saved' } : { kind: 'saving' })
        return
      }
      failures.current = 0
      const fresh = said.before === stamp.current
      if (fresh) stamp.current = said.stamp
      const before = latest.current
      stand({
        product: said.product,
        recipe: said.recipe,
        ingredients: [
          ...before.ingredients.map(one => said.ingredients.find(other => other.id === one.id) ?? one),
          ...said.ingredients.filter(one => !before.ingredients.some(other => other.id === one.id)),
        ],
        stamp: fresh ? said.stamp : before.stamp,
        // with another thing in it, it rests on more than the page knew: the next look reads the page
        rests: sending.every(({ edit }) => sameThings(edit)) ? before.rests : '',
      })
      setClashes(before => [...before, ...said.clashes])
      leave(said.refused)
      setState(now.current.pending.length === 0 ? { kind: 'saved' } : { kind: 'saving' })
      if (!fresh) void lookAgain()
    } catch (error) {
      failures.current++
      const why =
        error instanceof Error && !/fetch|network|JSON|Unexpected/i.test(error.message)
          ? error.message
          : 'The server does not answer.'
      setState({ kind: 'waiting', why, signIn: error instanceof Passing && error.signIn })
    } finally {
      busy.current = false
      if (now.current.pending.length > 0)
        timer.current = setTimeout(
          flush,
          failures.current === 0 ? 0 : Math.min(longestWait, 500 * 2 ** failures.current),
        )
    }
  }, [kind, id, keep, lookAgain, stand])

  // what an earlier visit left unsaved goes first
  useEffect(() => {
    let gone = false
    void openOutbox(productId).then(opened => {
      if (gone) return
      outbox.current = opened
      const { left } = opened
      const asked = early.current
      early.current = 0
      if (isEmpty(left) && now.current === emptyBox) return
      keep({
        pending: [...left.pending, ...now.current.pending],
        done: [...left.done, ...now.current.done],
        undone: now.current.done.length > 0 ? [] : left.undone,
        aside: [...left.aside, ...now.current.aside],
      })
      for (let at = 0; at < asked; at++) takeBack.current()
      void flush()
    })
    const again = () => void flush()
    // another window may have changed something while this one was not looked at
    const look = async () => {
      if (document.visibilityState !== 'visible' || now.current.pending.length > 0) return
      await lookAgain()
    }
    window.addEventListener('online', again)
    window.addEventListener('focus', look)
    return () => {
      gone = true
      clearTimeout(timer.current)
      window.removeEventListener('online', again)
      window.removeEventListener('focus', look)
    }
  }, [productId, flush, keep, lookAgain])
  // the page brought something newer: what is pending is laid over it
  useEffect(() => {
    if (served.stamp < stamp.current) return
    // it was read before a save of ours went through: what stands here is newer, and it is read once more
    if (isOlder(served, latest.current) && readAgainAt.current !== served.stamp) {
      readAgainAt.current = served.stamp
      return onStale()
    }
    stamp.current = served.stamp
    stand(served)
  }, [served, stand, onStale])

  const put = useCallback(
    (edits: readonly BenchEdit[], change: (box: Box) => Partial<Box>) => {
      const before = now.current
      keep({ ...before, ...change(before), pending: holdable(edits).reduce(waiting, before.pending) })
      clearTimeout(timer.current)
      timer.current = setTimeout(flush, pause)
    },
    [flush, keep],
  )
  const typedAt = useRef(0)
  /** Everything passed at once is undone at once; so are notes typed without a pause. */
  const edit = useCallback(
    (...deed: BenchEdit[]) =>
      put(deed, ({ done }) => {
        const [next] = deed
        const [last] = done.at(-1) ?? []
        const goesOn = next?.kind === 'notes' && last?.kind === 'notes' && Date.now() - typedAt.current < noPause
        typedAt.current = Date.now()
        return {
          done: goesOn ? [...done.slice(0, -1), [{ ...last, to: next.to }]] : [...done, deed].slice(-mostUndone),
          undone: [],
        }
      }),
    [put],
  )
  const undo = useCallback(() => {
    const last = now.current.done.at(-1)
    // asked before the store was read: what an earlier visit did is taken back once it is known
    if (!last && !outbox.current) early.current++
    if (last)
      put([...last].reverse().map(inverse), ({ done, undone }) => ({
        done: done.slice(0, -1),
        undone: [...undone, last],
      }))
  }, [put])
  takeBack.current = undo
  const redo = useCallback(() => {
    const last = now.current.undone.at(-1)
    if (last) put(last, ({ done, undone }) => ({ done: [...done, last], undone: undone.slice(0, -1) }))
  }, [put])
  const settle = useCallback(
    (clash: BenchClash, mine: boolean) => {
      setClashes(before => before.filter(one => one !== clash))
      if (mine && clash.anyway) put([clash.anyway], () => ({}))
    },
    [put],
  )
  /** Done with a change that was set aside: put away, or another sent in its place. */
  const settleAside = useCallback(
    (one: Aside, instead?: BenchEdit) =>
      put(instead ? [instead] : [], ({ aside }) => ({ aside: aside.filter(other => other !== one) })),
    [put],
  )
  const known = useMemo(() => ({ ...base, ingredients: together(base.ingredients, rest) }), [base, rest])
  const things = useMemo(() => {
    if (box.pending.length === 0) return known
    const edits = box.pending.map(one => one.edit)
    // things named for the first time, until the save brings them
    const named = edits.flatMap(freshIn)
    const unknown = named.filter(one => !known.ingredients.some(other => other.id === one.id))
    const from = unknown.length === 0 ? known : { ...known, ingredients: [...known.ingredients, ...unknown] }
    return applyBenchEdits(from, edits).things
  }, [known, box.pending])
  return {
    things,
    pending: box.pending.length,
    state,
    onlyHere,
    clashes,
    aside: box.aside,
    settleAside,
    edit,
    undo,
    redo,
    canUndo: box.done.length > 0,
    canRedo: box.undone.length > 0,
    settle,
    retry: flush,
  }
}
