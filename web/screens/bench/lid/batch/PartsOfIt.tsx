// The parts of a batch: how much of each is needed, what is on the shelf, what a bulk making leaves over.
'use client'
import { type PartNeed, partsNeeded } from '@fair-tin/core/recipe'
import { weighed } from '@fair-tin/core/words'
import { useMemo, useState } from 'react'
import { toast } from 'sonner'
import { ask } from '../../../ask'
import { useDeed } from '../../../deed'
import { tellDone } from '../../../tellDone'
import { FacePart } from '../FacePart'
import type { LidProps } from '../faces'

export function PartsOfIt({ workbook, recipe, batch, stock, onStock }: LidProps) {
  const needs = useMemo(
    () => partsNeeded(workbook.recipes, workbook.ingredients, recipe.id, batch.factor, stock),
    [workbook.recipes, workbook.ingredients, recipe.id, batch.factor, stock],
  )
  if (needs.length === 0) return null
  return (
    <FacePart title="Parts">
      <ul className="space-y-1.5">
        {needs.map(need => (
          <PartRow key={need.part} need={need} onStock={onStock} />
        ))}
      </ul>
    </FacePart>
  )
}

function PartRow({ need, onStock }: { need: PartNeed; onStock: LidProps['onStock'] }) {
  const [busy, setBusy] = useState(false)
  const deed = useDeed()
  const send = async (grams: number, reason: string) => {
    setBusy(true)
    const said = await ask<{ stock: Record<string, number> }>('/api/v1/parts', { part: need.part, grams, reason }, deed)
    setBusy(false)
    if ('stock' in said) onStock(said.stock)
    return said
  }
  const move = async (grams: number, reason: string, done: string) => {
    const said = await send(grams, reason)
    if ('problem' in said) toast.error(said.problem)
    else tellDone(done, () => send(-grams, `taken back: ${reason}`))
  }
  const made = need.oneMaking === null ? null : Math.max(1, need.makings ?? 1) * need.oneMaking
  return (
    <li>
      <b>{need.name}</b>: needs {need.unsaid && <span className="text-unproven">at least </span>}
      <b className="figure">{weighed(need.needed)}</b>, on the shelf{' '}
      <b className="figure">{need.stock > 0.05 ? weighed(need.stock) : 'nothing'}</b>.{' '}
      {need.makings === null ? (
        <span className="text-unproven">What one making weighs is not known.</span>
      ) : need.makings === 0 ? (
        <>Enough: {weighed(need.left!)} is left for the next bake.</>
      ) : (
        <>
          Make {need.makings === 1 ? 'one' : need.makings} of {weighed(need.oneMaking!)}; {weighed(need.left!)} is left
          for the next bake.
        </>
      )}
      <span className="ml-1 inline-flex gap-3">
        {made !== null && (
          <button
            type="button"
            className="word-link"
            disabled={busy}
            onClick={() => void move(made, 'made', `${weighed(made)} of ${need.name} is on the shelf.`)}
          >
            I made {weighed(made)}
          </button>
        )}
        {need.stock > 0.05 && (
          <button
            type="button"
            className="word-link"
            disabled={busy}
            onClick={() => {
              const taken = Math.min(need.stock, need.needed)
              void move(-taken, 'taken for a batch', `${weighed(taken)} of ${need.name} is taken.`)
            }}
          >
            Take {weighed(Math.min(need.stock, need.needed))}
          </button>
        )}
      </span>
    </li>
  )
}
