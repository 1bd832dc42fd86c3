// The recipe as she edits it: shown at once, saved behind, undone by new entries, never lost.
import { applyEdits, type Clash, type Edit, inverse, type Recipe } from '@fair-tin/core'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { type Outbox, openOutbox } from './outbox'

export type SaveState = { kind: 'saved' } | { kind: 'saving' } | { kind: 'waiting'; why: string }
const pause = 250
const longestWait = 15_000

export function useRecipeEdits(server: Recipe) {
  const [base, setBase] = useState(server)
  const [pending, setPending] = useState<Edit[]>([])
  const [clashes, setClashes] = useState<Clash[]>([])
  const [state, setState] = useState<SaveState>({ kind: 'saved' })
  const [onlyHere, setOnlyHere] = useState(false)
  const [done, setDone] = useState<Edit[]>([])
  const [undone, setUndone] = useState<Edit[]>([])
  const queue = useRef<Edit[]>([])
  const outbox = useRef<Outbox | null>(null)
  const busy = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const failures = useRef(0)
  const address = `/api/v1/recipes/${server.id}/edits`

  const requeue = useCallback((edits: Edit[]) => {
    queue.current = edits
    setPending(edits)
    void outbox.current?.keep(edits).then(kept => setOnlyHere(!kept && edits.length > 0))
  }, [])
  const flush = useCallback(async () => {
    clearTimeout(timer.current)
    if (busy.current || queue.current.length === 0) return
    busy.current = true
    setState({ kind: 'saving' })
    const sending = queue.current
    try {
      const answer = await fetch(address, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ edits: sending }),
      })
      const said = (await answer.json()) as { recipe: Recipe; clashes: Clash[] } | { problem: string }
      if ('problem' in said) throw new Error(said.problem)
      failures.current = 0
      setBase(said.recipe)
      setClashes(before => [...before, ...said.clashes])
      requeue(queue.current.slice(sending.length))
      setState(queue.current.length === 0 ? { kind: 'saved' } : { kind: 'saving' })
    } catch (error) {
      failures.current++
      const why =
        error instanceof Error && !/fetch|network|JSON|Unexpected/i.test(error.message)
          ? error.message
          : 'The server does not answer.'
      setState({ kind: 'waiting', why })
    } finally {
      busy.current = false
      if (queue.current.length > 0)
        timer.current = setTimeout(
          flush,
          failures.current === 0 ? 0 : Math.min(longestWait, 500 * 2 ** failures.current),
        )
    }
  }, [address, requeue])

  // what an earlier visit left unsaved goes first
  useEffect(() => {
    let gone = false
    void openOutbox(server.id).then(opened => {
      if (gone) return
      outbox.current = opened
      if (opened.left.length > 0 || queue.current.length > 0) {
        requeue([...opened.left, ...queue.current])
        void flush()
      }
    })
    const again = () => void flush()
    window.addEventListener('online', again)
    return () => {
      gone = true
      clearTimeout(timer.current)
      window.removeEventListener('online', again)
    }
  }, [server.id, flush, requeue])
  // the page brought a newer one: what is pending is laid over it
  useEffect(() => {
    setBase(before => (server.version > before.version ? server : before))
  }, [server])

  const put = useCallback(
    (edit: Edit) => {
      requeue([...queue.current, edit])
      clearTimeout(timer.current)
      timer.current = setTimeout(flush, pause)
    },
    [flush, requeue],
  )
  const edit = useCallback(
    (next: Edit) => {
      put(next)
      setDone(before => [...before, next])
      setUndone([])
    },
    [put],
  )
  const undo = useCallback(() => {
    const last = done.at(-1)
    if (!last) return
    put(inverse(last))
    setDone(done.slice(0, -1))
    setUndone([...undone, last])
  }, [done, undone, put])
  const redo = useCallback(() => {
    const last = undone.at(-1)
    if (!last) return
    put(last)
    setUndone(undone.slice(0, -1))
    setDone([...done, last])
  }, [done, undone, put])
  const settle = useCallback(
    (clash: Clash, mine: boolean) => {
      setClashes(before => before.filter(one => one !== clash))
      if (mine && clash.anyway) put(clash.anyway)
    },
    [put],
  )
  const recipe = useMemo(() => (pending.length === 0 ? base : applyEdits(base, pending).recipe), [base, pending])
  return {
    recipe,
    pending: pending.length,
    state,
    onlyHere,
    clashes,
    edit,
    undo,
    redo,
    canUndo: done.length > 0,
    canRedo: undone.length > 0,
    settle,
    retry: flush,
  }
}
