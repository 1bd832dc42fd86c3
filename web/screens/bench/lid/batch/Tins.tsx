// The tins of a batch: what goes into each, how full it gets, when to look first; and which tin the recipe is written for.
'use client'
import type { BenchEdit } from '@fair-tin/core/edit'
import { tinName } from '@fair-tin/core/model'
import type { Filling } from '@fair-tin/core/recipe'
import { percent, toPlaces, typedNumber, weighed } from '@fair-tin/core/words'
import { useState } from 'react'
import { emptyTin, TinFields, tinDraft, tinFrom } from '../../../../ui/TinFields'
import type { LidProps } from '../faces'

export function Tins({ recipe, hands, batch, fillings }: LidProps & { fillings: Filling[] }) {
  const [draft, setDraft] = useState<ReturnType<typeof tinDraft> | null>(null)
  const [count, setCount] = useState('')
  const [problem, setProblem] = useState('')
  const open = () => {
    setDraft(recipe.tin ? tinDraft(recipe.tin) : emptyTin)
    setCount(String(recipe.tins ?? 1))
    setProblem('')
  }
  const keep = () => {
    if (!draft) return
    const tin = tinFrom(draft)
    const tins = typedNumber(count)
    if ('problem' in tin) return setProblem(tin.problem)
    if (!Number.isInteger(tins) || tins < 1) return setProblem('Count whole tins, at least one.')
    const edits: BenchEdit[] = []
    if (JSON.stringify(tin) !== JSON.stringify(recipe.tin))
      edits.push({ kind: 'tin', was: recipe.tin ?? null, to: tin })
    if (tins !== (recipe.tins ?? 1)) edits.push({ kind: 'tins', was: recipe.tins ?? null, to: tins })
    if (edits.length > 0) hands.onEdit(...edits)
    setDraft(null)
  }
  return (
    <>
      {fillings.length === 0 && !draft && <p className="text-quiet">Which tin it is written for is not said.</p>}
      {fillings.map(one => (
        <div key={one.name} className="mb-1.5">
          <p>
            <b className="figure">{weighed(one.grams)}</b> in each of{' '}
            <b className="figure">
              {one.count} × {one.name}
            </b>
            {one.perPiece !== null && <>, {weighed(one.perPiece)} a piece</>}: {percent(one.share)} full
            {one.height !== null &&
              Math.abs(one.height - 1) > 0.02 &&
              `, ${toPlaces(one.height, 2)} times as high as written`}
            .
          </p>
          {one.warning && <p className="text-unproven">{one.warning}</p>}
          {one.firstLook && (
            <p className="text-[13px] text-quiet" title={one.firstLook.basis}>
              First look after about {one.firstLook.minutes} min: {one.firstLook.basis}
            </p>
          )}
        </div>
      ))}
      {draft ? (
        <div className="rounded-lg border border-hair p-2">
          <label className="mb-1.5 block w-24 text-[12.5px] text-quiet">
            Tins in one making
            <input
              className="field figure text-ink"
              inputMode="numeric"
              maxLength={4}
              value={count}
              onChange={event => setCount(event.target.value)}
            />
          </label>
          <TinFields draft={draft} onChange={setDraft} label="the recipe’s tin" />
          {problem && (
            <p role="alert" className="text-breaks">
              {problem}
            </p>
          )}
          <p className="mt-1.5 flex gap-2">
            <button type="button" className="do" onClick={keep}>
              It is written for this
            </button>
            <button type="button" className="word-link" onClick={() => setDraft(null)}>
              Leave it
            </button>
          </p>
        </div>
      ) : (
        <button type="button" className="word-link" onClick={open}>
          {recipe.tin
            ? `Written for ${recipe.tins ?? 1} × ${tinName(recipe.tin)}. Change`
            : 'Say which tin it is written for'}
        </button>
      )}
      {batch.into && <p className="text-[13px] text-quiet">Tins chosen for this batch only.</p>}
    </>
  )
}
