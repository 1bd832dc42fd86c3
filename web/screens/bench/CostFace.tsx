// The lid's cost: what the batch and a piece cost in ingredients, dearest first.
'use client'
import { percent, toPlaces, weighed } from '@fair-tin/core'
import { money, moneySign } from '../../ui/money'
import type { LidProps } from './Lid'

export function CostFace({ assessment, ingredients, pieceName }: LidProps) {
  const { cost, bill, pieces } = assessment
  const byIngredient = new Map<string, { cost: number | null; grams: number }>()
  for (const line of cost.lines) {
    const before = byIngredient.get(line.ingredient)
    const add = line.cost === null ? null : Number(line.cost)
    byIngredient.set(line.ingredient, {
      cost: add === null || before?.cost === null ? null : (before?.cost ?? 0) + add,
      grams: (before?.grams ?? 0) + bill.lines[line.at]!.grams,
    })
  }
  const rows = [...byIngredient].sort(
    ([, a], [, b]) => (b.cost ?? Number.POSITIVE_INFINITY) - (a.cost ?? Number.POSITIVE_INFINITY),
  )
  const total = Number(cost.total)
  const atLeast = cost.unknown.length > 0 ? 'at least ' : ''
  return (
    <>
      <dl className="grid grid-cols-2 gap-2">
        <div>
          <dt className="text-quiet">The batch costs</dt>
          <dd className="text-lg font-bold">
            {atLeast}
            <span className="figure">{money(total, cost.currency)}</span>
          </dd>
        </div>
        <div>
          <dt className="text-quiet">A {pieceName}</dt>
          <dd className="text-lg font-bold">
            {cost.perPiece === '' ? (
              <span className="text-unproven">not known</span>
            ) : (
              <>
                {atLeast}
                <span className="figure">{money(cost.perPiece, cost.currency)}</span>
              </>
            )}
          </dd>
        </div>
      </dl>
      {cost.unknown.length > 0 && <p className="mt-1 text-unproven">Without {cost.unknown.join('; ')}.</p>}
      <p className="mt-1 text-quiet">
        Ingredients only, at the price in force and by edible share, for{' '}
        {pieces === null ? 'an unknown number of' : Number(toPlaces(pieces, 1))} pieces.
      </p>
      <table className="mt-2 w-full text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hair">
            <th className="py-1 font-normal">Ingredient</th>
            <th className="text-right font-normal">Weight</th>
            <th className="text-right font-normal">{moneySign(cost.currency)}</th>
            <th className="text-right font-normal">Share</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([id, row]) => (
            <tr key={id} className="border-b border-hair/60">
              <td className="py-0.5">{ingredients.find(one => one.id === id)?.name ?? id}</td>
              <td className="figure text-right">{weighed(row.grams)}</td>
              <td className="figure text-right">
                {row.cost === null ? <span className="text-unproven">?</span> : toPlaces(row.cost, 2)}
              </td>
              <td className="figure text-right">{row.cost === null || total === 0 ? '' : percent(row.cost / total)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}
