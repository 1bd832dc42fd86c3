// The larder: everything bought, with its price, what it carries, and how well that is proven.
'use client'
import { type ProofState, proofStateOf } from '@fair-tin/core/assess'
import type { Mark } from '@fair-tin/core/claim'
import { packInForce } from '@fair-tin/core/cost'
import { alsoCalled } from '@fair-tin/core/ingredient'
import { type AllergenCode, allergenCodes, allergenName, type Ingredient, type Kitchen } from '@fair-tin/core/model'
import { toPlaces, weighed } from '@fair-tin/core/words'
import Link from 'next/link'
import { useDeferredValue, useMemo, useState } from 'react'
import { Choose } from '../../ui/Choose'
import { moneySign } from '../../ui/money'
import { VerdictMark } from '../../ui/VerdictMark'
import { pricePoints } from './PriceHistory'

interface Row {
  ingredient: Ingredient
  perKg: string | null
  /** Share the price moved by since the one before; null where there was none. */
  moved: number | null
  contains: string
  may: string
  unknown: number
  proof: ReturnType<typeof proofStateOf>
  uses: number
  stock: number | null
  /** Everything it can be found by. */
  names: string
}

const markOf: Record<ProofState, Mark> = {
  inForce: 'holds',
  soon: 'holds',
  out: 'unproven',
  none: 'unproven',
  conflict: 'unproven',
}

const any = 'any'
const proofOptions: { value: ProofState | typeof any; label: string }[] = [
  { value: any, label: 'Any proof' },
  { value: 'out', label: 'Ran out' },
  { value: 'soon', label: 'Runs out in 30 days' },
  { value: 'none', label: 'Nothing on file' },
  { value: 'conflict', label: 'Words contradict it' },
  { value: 'inForce', label: 'In force' },
]

export function LarderList({
  ingredients,
  uses,
  stock,
  today,
  kitchen,
  damaged,
}: {
  ingredients: Ingredient[]
  uses: Record<string, number>
  stock: Record<string, number>
  today: string
  kitchen: Pick<Kitchen, 'currency' | 'rates' | 'freeByNature'>
  /** Ids of those that cannot be read. */
  damaged: readonly string[]
}) {
  const [find, setFind] = useState('')
  const [carries, setCarries] = useState(any)
  const [supplier, setSupplier] = useState(any)
  const [proof, setProof] = useState<string>(any)
  const [used, setUsed] = useState(any)
  const rows = useMemo<Row[]>(
    () =>
      ingredients.map(ingredient => {
        const pack = packInForce(ingredient, kitchen.currency, today, kitchen.rates)
        const points = pricePoints(ingredient.packs, kitchen, today).filter(one => one.from <= today)
        const [before, now] = [points.at(-2), points.at(-1)]
        const withStatus = (status: string) =>
          allergenCodes
            .filter(code => (ingredient.allergens[code]?.status ?? 'unknown') === status)
            .map(code => allergenName[code])
        const names = [ingredient.name, ingredient.standsFor ?? '', ingredient.labelName ?? '']
        return {
          ingredient,
          perKg: 'unknown' in pack ? null : toPlaces((Number(pack.price) / pack.grams) * 1000, 2),
          moved: before && now && before.perKilo > 0 ? now.perKilo / before.perKilo - 1 : null,
          contains: withStatus('contains').join(', '),
          may: withStatus('mayContain').join(', '),
          unknown: withStatus('unknown').length,
          proof: proofStateOf(ingredient, { today, kitchen }),
          uses: uses[ingredient.id] ?? 0,
          stock: stock[ingredient.id] ?? null,
          names: [...names, ...names.flatMap(alsoCalled), ingredient.supplier ?? '', ingredient.article ?? '']
            .join(' | ')
            .toLowerCase(),
        }
      }),
    [ingredients, uses, stock, today, kitchen],
  )
  const suppliers = useMemo(
    () => [...new Set(ingredients.flatMap(one => (one.supplier ? [one.supplier] : [])))].sort(),
    [ingredients],
  )
  const wanted = useDeferredValue(find.trim().toLowerCase())
  const shown = rows.filter(
    row =>
      (wanted === '' || wanted.split(/\s+/).every(word => row.names.includes(word))) &&
      (carries === any || (row.ingredient.allergens[carries as AllergenCode]?.status ?? 'unknown') !== 'free') &&
      (supplier === any || row.ingredient.supplier === supplier) &&
      (proof === any || row.proof.state === proof) &&
      (used === any || (used === 'used') === row.uses > 0),
  )
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-2">
        <h1 className="mr-auto text-3xl">Larder</h1>
        <Link href="/larder/prices" className="do">
          Take in a price list
        </Link>
        <Link href="/larder/new" className="do do-first">
          New ingredient
        </Link>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <input
          className="field !w-56"
          aria-label="Find in the larder"
          placeholder="Find by any name or supplier"
          value={find}
          onChange={event => setFind(event.target.value)}
        />
        <div className="w-56">
          <Choose
            label="Carries"
            value={carries}
            onChange={setCarries}
            options={[
              { value: any, label: 'Any allergen or none' },
              ...allergenCodes.map(code => ({ value: code, label: `Not shown free of ${allergenName[code]}` })),
            ]}
          />
        </div>
        <div className="w-44">
          <Choose label="Proof" value={proof} onChange={setProof} options={proofOptions} />
        </div>
        <div className="w-44">
          <Choose
            label="Supplier"
            value={supplier}
            onChange={setSupplier}
            options={[{ value: any, label: 'Any supplier' }, ...suppliers.map(one => ({ value: one, label: one }))]}
          />
        </div>
        <div className="w-36">
          <Choose
            label="Used"
            value={used}
            onChange={setUsed}
            options={[
              { value: any, label: 'Used or not' },
              { value: 'used', label: 'Used' },
              { value: 'unused', label: 'Not used' },
            ]}
          />
        </div>
        <span role="status" className="text-quiet">
          {shown.length} of {rows.length}
        </span>
      </div>
      <div className="pane min-h-0 flex-1">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Ingredients">
          <table className="w-full min-w-[1120px] border-collapse text-left">
            <thead className="sticky top-0 bg-pane text-quiet">
              <tr className="border-b border-hair">
                <th className="px-3 py-2 font-normal">Ingredient</th>
                <th className="py-2 pr-3 font-normal">Supplier</th>
                <th className="py-2 pr-1 text-right font-normal whitespace-nowrap">
                  {moneySign(kitchen.currency)} per kg
                </th>
                <th className="py-2 pr-3 text-right font-normal">moved</th>
                <th className="py-2 pr-3 font-normal">Contains</th>
                <th className="py-2 pr-3 font-normal">May contain</th>
                <th className="py-2 pr-3 font-normal whitespace-nowrap">Not answered</th>
                <th className="py-2 pr-3 font-normal">Proof</th>
                <th className="py-2 pr-3 text-right font-normal">On hand</th>
                <th className="py-2 pr-3 text-right font-normal whitespace-nowrap">Used in</th>
              </tr>
            </thead>
            <tbody>
              {shown.map(
                ({ ingredient, perKg, moved, contains, may, unknown, proof: state, uses: count, stock: left }) => (
                  <tr key={ingredient.id} className="h-6 border-b border-hair/60 hover:bg-page pointer-coarse:h-11">
                    <td className="px-3 py-0.5 font-semibold">
                      <Link href={`/larder/${ingredient.id}`} className="text-navy underline-offset-2 hover:underline">
                        {ingredient.name}
                      </Link>
                    </td>
                    <td className="py-0.5 pr-3">
                      {ingredient.supplier ?? <span className="text-quiet">not said</span>}
                    </td>
                    <td className="figure py-0.5 pr-1 text-right">
                      {perKg ?? <span className="font-text text-unproven">no price</span>}
                    </td>
                    <td className="figure py-0.5 pr-3 text-right text-[12.5px] text-quiet">
                      {moved !== null &&
                        Math.abs(moved) >= 0.005 &&
                        `${moved > 0 ? '+' : '−'}${Math.round(Math.abs(moved) * 100)} %`}
                    </td>
                    <td className="py-0.5 pr-3">{contains && <b>{contains}</b>}</td>
                    <td className="max-w-44 py-0.5 pr-3">{may}</td>
                    <td className={`py-0.5 pr-3 ${unknown ? 'text-unproven' : 'text-quiet'}`}>
                      {unknown === 0 ? 'all answered' : `${unknown} unknown`}
                    </td>
                    <td className="py-0.5 pr-3">
                      <span className="inline-flex items-center gap-1.5">
                        {damaged.includes(ingredient.id) ? (
                          <>
                            <VerdictMark mark="breaks" size={12} /> damaged, cannot be read
                          </>
                        ) : (
                          <>
                            <VerdictMark mark={markOf[state.state]} size={12} /> {state.words}
                          </>
                        )}
                      </span>
                    </td>
                    <td className="figure py-0.5 pr-3 text-right whitespace-nowrap">
                      {left === null ? '' : weighed(left)}
                    </td>
                    <td className="figure py-0.5 pr-3 text-right">{count}</td>
                  </tr>
                ),
              )}
            </tbody>
          </table>
          {shown.length === 0 && (
            <p className="p-6 text-quiet">
              {ingredients.length === 0
                ? 'The larder is empty. Paste a recipe, and what it needs starts here; or add the first thing you buy.'
                : 'Nothing here by that name, or behind these filters.'}
            </p>
          )}
        </section>
      </div>
    </section>
  )
}
