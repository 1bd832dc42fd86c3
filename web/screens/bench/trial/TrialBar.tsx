// While something is tried: what it changes against today, its notes, and what becomes of it.
'use client'
import { bodyOf, type RecipeEdit } from '@fair-tin/core/edit'
import type { MarketCode, Recipe, Workbook } from '@fair-tin/core/model'
import { useMemo, useState } from 'react'
import { toast } from 'sonner'
import { Modal } from '../../../ui/Modal'
import { ask } from '../../ask'
import { Comparison, movesBetween } from './Comparison'
import type { Trying } from './useTrial'

/** How many changes are named in the bar itself; the rest stand behind “side by side”. */
const named = 3

export function TrialBar({
  trying,
  today,
  workbook,
  productId,
  market,
  saved,
  onTake,
}: {
  trying: Trying
  /** The recipe in force, as it stands with what is not saved yet. */
  today: Recipe
  workbook: Workbook
  productId: string
  market: MarketCode
  /** Nothing is waiting to be saved: only then can a trial be taken into force. */
  saved: boolean
  onTake: (edit: RecipeEdit) => void
}) {
  const [open, setOpen] = useState(false)
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState('')
  const trial = trying.trial!
  const before = useMemo(() => bodyOf(today), [today])
  const moves = useMemo(
    () => movesBetween(workbook, today, productId, market, before, trial.body),
    [workbook, today, productId, market, before, trial.body],
  )
  const send = async (body: unknown): Promise<boolean> => {
    setBusy(true)
    const said = await ask<object>(`/api/v1/recipes/${today.id}/trials`, body)
    setBusy(false)
    setProblem('problem' in said ? (said.problem as string) : '')
    return !('problem' in said)
  }
  const { id, name, notes, body, fresh } = trial
  const keep = async (): Promise<boolean> => {
    if (name.trim() === '') {
      setProblem('Give the trial a name, like “coconut oil for the butter”.')
      return false
    }
    if (!(await send({ keep: { id, name, notes, body, fresh } }))) return false
    trying.change({ kept: true })
    return true
  }
  const take = async () => {
    if (name.trim() !== '' && !(trial.kept || (await keep()))) return
    onTake({ kind: 'whole', was: before, to: body, ...(fresh.length > 0 ? { fresh } : {}) })
    if (name.trim() !== '') void send({ close: { id, how: 'taken' } })
    trying.end()
    toast('The trial is in force. Undo with u.')
  }
  return (
    <section aria-label="Trial" className="pane flex-none !border-[#8a5a00] px-3 py-2">
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
        <label className="flex flex-col text-[12.5px] text-quiet">
          Trying
          <input
            className="field w-60 text-ink"
            value={name}
            maxLength={80}
            placeholder="name it to keep it"
            onChange={event => trying.change({ name: event.target.value })}
          />
        </label>
        <label className="flex min-w-52 flex-1 flex-col text-[12.5px] text-quiet">
          Notes
          <input
            className="field text-ink"
            value={notes}
            maxLength={4000}
            placeholder="next time 200 g chocolate"
            onChange={event => trying.change({ notes: event.target.value })}
          />
        </label>
        <button
          type="button"
          className="do"
          disabled={busy || trial.kept}
          onClick={() => void keep().then(kept => kept && toast('The trial is kept.'))}
        >
          {trial.kept ? 'Kept' : 'Keep the trial'}
        </button>
        <button type="button" className="do do-first" disabled={busy || !saved} onClick={() => void take()}>
          Take it into force
        </button>
        <button
          type="button"
          className="word-link mb-1"
          onClick={() => {
            const held = { id, name, notes, body, fresh }
            trying.end()
            toast('The recipe is as it was.', { action: { label: 'Undo', onClick: () => trying.start(today, held) } })
          }}
        >
          Leave it
        </button>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-breaks">
          {problem}
        </p>
      )}
      <p className="mt-1 text-[13.5px]" role="status">
        {moves.length === 0
          ? trial.past.length === 0 && JSON.stringify(before) === JSON.stringify(trial.body)
            ? 'Nothing is otherwise than today yet. Change the ledger: the recipe in force stays as it is.'
            : 'Lines are otherwise; claims, allergens, cost, weight and nutrition come out as today.'
          : moves
              .slice(0, named)
              .map(([what, x, y]) => `${what}: ${x || 'not said'} → ${y}`)
              .join(' · ')}
        {moves.length > named && ` · and ${moves.length - named} more`}{' '}
        <button type="button" className="word-link" onClick={() => setOpen(true)}>
          Side by side with today
        </button>
      </p>
      <Modal open={open} onClose={() => setOpen(false)} title={`Today, and ${name || 'this trial'}`} wide>
        <Comparison
          workbook={workbook}
          recipe={today}
          productId={productId}
          market={market}
          left={before}
          right={trial.body}
        />
      </Modal>
    </section>
  )
}
