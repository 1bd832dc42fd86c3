// Sends what was changed on a sheet, each change under an id of its own: what clashes or is refused comes back, the rest is kept.
'use client'
import { inverseOfSheetEdit, type SheetClash, type SheetEdit, type SheetKind } from '@fair-tin/core/edit'
import { useCallback, useRef, useState } from 'react'
import { toast } from 'sonner'
import { v4 } from 'uuid'
import { holdable } from '../ui/holdable'
import { ask, editsOf } from './ask'
import type { Refusal } from './outcome'

interface Answer {
  sheet: object | null
  version: number
  clashes: SheetClash[]
  refused: { edit: SheetEdit; path: string; why: string }[]
}
export type Sent = { kept: true } | { kept: false; problems: Refusal[] }

/** Sends; `problems` in words where something is not kept, none of them where it clashes: then `clashes` has it, until it is settled. */
export function useSheet(kind: SheetKind) {
  const [clashes, setClashes] = useState<SheetClash[]>([])
  /** Ids of what was sent and not answered: sent again under the same. */
  const open = useRef(new Map<string, string>())
  const send = useCallback(
    async (id: string, edits: readonly SheetEdit[]): Promise<Sent> => {
      if (edits.length === 0) return { kept: true }
      // an undo on the screen is of the newest change, or none
      toast.dismiss(told)
      const deeds = holdable(edits).map(edit => {
        const name = JSON.stringify([id, edit])
        const deed = open.current.get(name) ?? v4()
        open.current.set(name, deed)
        return { ...edit, deed }
      })
      const said = await ask<Answer>(editsOf(kind, id), { edits: deeds })
      if ('problem' in said) return { kept: false, problems: [{ path: '', message: said.problem }] }
      open.current.clear()
      setClashes(before => [...before.filter(one => !edits.some(edit => same(edit.at, one.edit.at))), ...said.clashes])
      const problems = said.refused.map(one => ({ path: one.path, message: one.why }))
      return problems.length + said.clashes.length === 0 ? { kept: true } : { kept: false, problems }
    },
    [kind],
  )
  /** Takes back what was kept. */
  const takeBack = useCallback(
    (id: string, edits: readonly SheetEdit[]) => send(id, [...edits].reverse().map(inverseOfSheetEdit)),
    [send],
  )
  /** One side of a clash chosen: hers put in over what is there now, or theirs left. Any other clash stays. */
  const settle = useCallback(
    async (id: string, clash: SheetClash, mine: boolean): Promise<Sent> => {
      if (mine) return send(id, [{ ...clash.edit, was: clash.now }])
      setClashes(before => before.filter(one => one !== clash))
      return { kept: true }
    },
    [send],
  )
  return { clashes, send, takeBack, settle }
}
const same = (a: readonly string[], b: readonly string[]) => a.join('\n') === b.join('\n')

/** What stands on the screen of the newest change. */
let told: string | number = ''
/** Says that something is kept, with an undo where there is one; the newest alone. */
export function tellKept(said: string, undo: (() => Promise<Sent>) | null, onUndone: () => void): void {
  const takeBack = async () => {
    const sent = (await undo?.()) ?? { kept: true }
    if (!sent.kept) toast(`It is not all taken back. ${sent.problems[0]?.message ?? 'Somebody changed it since.'}`)
    onUndone()
  }
  toast.dismiss(told)
  told = toast(said, undo ? { action: { label: 'Undo', onClick: () => void takeBack() } } : {})
}
