// Kept versions of the recipe: keep one, compare any two, return to one.
'use client'
import { bodyOf, type RecipeBody, type RecipeEdit } from '@fair-tin/core/edit'
import type { MarketCode, Recipe, Workbook } from '@fair-tin/core/model'
import { spokenDay } from '@fair-tin/core/words'
import type { KeptVersion } from '@fair-tin/data'
import { useState } from 'react'
import { toast } from 'sonner'
import { Choose } from '../../../ui/Choose'
import { Modal } from '../../../ui/Modal'
import { ask } from '../../ask'
import { useDeed } from '../../deed'
import { useAsked } from '../../useAsked'
import { Comparison } from './Comparison'

type Kept = { versions: KeptVersion[] }

export function History({
  workbook,
  recipe,
  productId,
  market,
  saved,
  onReturn,
  onClose,
}: {
  workbook: Workbook
  recipe: Recipe
  productId: string
  market: MarketCode
  /** Nothing is waiting to be saved: only then can the draft be kept. */
  saved: boolean
  onReturn: (edit: RecipeEdit) => void
  onClose: () => void
}) {
  const [name, setName] = useState('')
  const [reason, setReason] = useState('')
  const [busy, setBusy] = useState(false)
  const address = `/api/v1/recipes/${recipe.id}/versions`
  const { said, problem, setProblem, take } = useAsked<Kept>(address)
  const versions = said?.versions ?? null
  const [chosen, setFrom] = useState('')
  const from = chosen || String(versions?.[0]?.number ?? '')
  const [to, setTo] = useState('draft')

  const deed = useDeed()
  const keep = async () => {
    if (name.trim() === '') return setProblem('Give this version a name, like “spring menu” or “before the new oven”.')
    setBusy(true)
    const now = await ask<Kept>(address, { name, reason, seen: recipe.version }, deed)
    setBusy(false)
    if (!take(now)) return
    const { number } = now.versions[0]!
    setFrom(String(number))
    setName('')
    setReason('')
    toast(`Version ${number} is kept.`)
  }
  const bodyFor = (which: string): RecipeBody | null =>
    which === 'draft' ? bodyOf(recipe) : (versions?.find(one => String(one.number) === which)?.body ?? null)
  const left = bodyFor(from)
  const right = bodyFor(to)
  const options = [
    { value: 'draft', label: 'the draft, as it is now' },
    ...(versions ?? []).map(one => ({ value: String(one.number), label: `${one.number}: ${one.name}` })),
  ]
  return (
    <Modal
      open
      onClose={onClose}
      title={`Versions of ${recipe.name}`}
      lead="The draft changes as you work. A kept version stays as it is."
      wide
    >
      {problem && (
        <p role="alert" className="mb-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {problem}
        </p>
      )}
      <form
        className="grid grid-cols-[1fr_2fr_auto] items-end gap-2 max-sm:grid-cols-1"
        onSubmit={event => {
          event.preventDefault()
          void keep()
        }}
      >
        <label className="text-[13px] text-quiet">
          Keep the draft as
          <input
            className="field text-ink"
            value={name}
            maxLength={80}
            placeholder="spring menu"
            onChange={event => setName(event.target.value)}
          />
        </label>
        <label className="text-[13px] text-quiet">
          Why
          <input
            className="field text-ink"
            value={reason}
            maxLength={500}
            placeholder="less syrup, bakes drier"
            onChange={event => setReason(event.target.value)}
          />
        </label>
        <button type="submit" className="do do-first" disabled={busy || !saved}>
          {saved ? 'Keep this version' : 'Saving first …'}
        </button>
      </form>
      {versions === null && !problem && <p className="mt-3 text-quiet">Fetching what was kept …</p>}
      {versions?.length === 0 && (
        <p className="mt-3 text-quiet">
          Nothing is kept yet. Keep the draft before you try something: you can compare with it, and return to it.
        </p>
      )}
      {versions && versions.length > 0 && (
        <>
          <ul className="mt-3 max-h-40 overflow-auto border-y border-hair" aria-label="Kept versions">
            {versions.map(one => (
              <li
                key={one.number}
                className="flex flex-wrap items-baseline gap-x-3 border-b border-hair/60 py-1.5 last:border-0"
              >
                <b>
                  {one.number}: {one.name}
                </b>
                <span className="text-quiet">
                  {one.reason && `${one.reason} · `}
                  {one.keptBy}, {spokenDay(one.keptAt.slice(0, 10))}
                </span>
                <button
                  type="button"
                  className="word-link ml-auto"
                  onClick={() => {
                    onReturn({ kind: 'whole', was: bodyOf(recipe), to: one.body })
                    toast(`The draft is version ${one.number} again. Undo with u.`)
                  }}
                >
                  Return to {one.number}
                </button>
              </li>
            ))}
          </ul>
          <div className="mt-3 flex flex-wrap items-center gap-2">
            <span>Compare</span>
            <span className="w-56">
              <Choose label="Compare" value={from} options={options} onChange={setFrom} />
            </span>
            <span>with</span>
            <span className="w-56">
              <Choose label="With" value={to} options={options} onChange={setTo} />
            </span>
          </div>
          {left && right && (
            <Comparison
              workbook={workbook}
              recipe={recipe}
              productId={productId}
              market={market}
              left={left}
              right={right}
            />
          )}
        </>
      )}
    </Modal>
  )
}
