// The larder: everything bought, with its price, what it carries, and how well that is proven.
'use client'
import {
  type AllergenCode,
  allergenCodes,
  allergenName,
  type Ingredient,
  isFreeByNature,
  packInForce,
  proofOf,
  spokenDay,
  toPlaces,
} from '@fair-tin/core'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { Choose } from '../../ui/Choose'
import { moneySign } from '../../ui/money'
import { VerdictMark } from '../../ui/VerdictMark'

interface Row {
  ingredient: Ingredient
  perKg: string | null
  contains: string
  may: string
  unknown: number
  proof: { mark: 'holds' | 'unproven' | 'breaks'; words: string }
  uses: number
}

/** Every document still in force; or the first that is not. */
function proofState(ingredient: Ingredient, today: string): Row['proof'] {
  if (ingredient.evidence.length === 0 && isFreeByNature(ingredient)) return { mark: 'holds', words: 'by nature' }
  if (ingredient.evidence.length === 0) return { mark: 'unproven', words: 'nothing on file' }
  const states = ingredient.evidence.map(one => ({ one, proof: proofOf(one.id, ingredient.evidence, today) }))
  const out = states.find(state => !state.proof.proven)
  if (out && !out.proof.proven) return { mark: 'unproven', words: out.proof.fact }
  const next = ingredient.evidence
    .map(one => one.expires)
    .filter(Boolean)
    .sort()[0]
  return { mark: 'holds', words: next ? `in force until ${spokenDay(next)}` : 'in force' }
}

export function LarderList({
  ingredients,
  uses,
  today,
  currency,
}: {
  ingredients: Ingredient[]
  uses: Record<string, number>
  today: string
  currency: string
}) {
  const [find, setFind] = useState('')
  const [carries, setCarries] = useState('any')
  const rows = useMemo<Row[]>(
    () =>
      ingredients.map(ingredient => {
        const pack = packInForce(ingredient, currency, today)
        const withStatus = (status: string) =>
          allergenCodes.filter(code => (ingredient.allergens[code]?.status ?? 'unknown') === status)
        return {
          ingredient,
          perKg: 'unknown' in pack ? null : toPlaces((Number(pack.price) / pack.grams) * 1000, 2),
          contains: withStatus('contains')
            .map(code => allergenName[code])
            .join(', '),
          may: withStatus('mayContain')
            .map(code => allergenName[code])
            .join(', '),
          unknown: withStatus('unknown').length,
          proof: proofState(ingredient, today),
          uses: uses[ingredient.id] ?? 0,
        }
      }),
    [ingredients, uses, today, currency],
  )
  const wanted = find.trim().toLowerCase()
  const shown = rows.filter(({ ingredient }) => {
    if (
      wanted &&
      ![ingredient.name, ingredient.standsFor ?? '', ingredient.labelName ?? '', ingredient.supplier ?? ''].some(name =>
        name.toLowerCase().includes(wanted),
      )
    )
      return false
    if (carries === 'any') return true
    const status = ingredient.allergens[carries as AllergenCode]?.status ?? 'unknown'
    return status !== 'free'
  })
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">Larder</h1>
        <input
          className="field max-w-64"
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
              { value: 'any', label: 'Any allergen or none' },
              ...allergenCodes.map(code => ({ value: code, label: `Not shown free of ${allergenName[code]}` })),
            ]}
          />
        </div>
        <Link href="/larder/new" className="do do-first">
          New ingredient
        </Link>
      </div>
      <div className="pane min-h-0 flex-1">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Ingredients">
          <table className="w-full min-w-[860px] border-collapse text-left">
            <thead className="sticky top-0 bg-pane text-quiet">
              <tr className="border-b border-hair">
                <th className="px-3 py-2 font-normal">Ingredient</th>
                <th className="py-2 pr-3 font-normal">Supplier</th>
                <th className="py-2 pr-3 text-right font-normal">{moneySign(currency)} per kg</th>
                <th className="py-2 pr-3 font-normal">Contains</th>
                <th className="py-2 pr-3 font-normal">May contain</th>
                <th className="py-2 pr-3 font-normal">Not answered</th>
                <th className="py-2 pr-3 font-normal">Proof</th>
                <th className="py-2 pr-3 text-right font-normal">Used in</th>
              </tr>
            </thead>
            <tbody>
              {shown.map(({ ingredient, perKg, contains, may, unknown, proof, uses: used }) => (
                <tr key={ingredient.id} className="h-6 border-b border-hair/60 hover:bg-page">
                  <td className="px-3 py-0.5 font-semibold">
                    <Link href={`/larder/${ingredient.id}`} className="text-navy underline-offset-2 hover:underline">
                      {ingredient.name}
                    </Link>
                  </td>
                  <td className="py-0.5 pr-3">{ingredient.supplier ?? <span className="text-quiet">not said</span>}</td>
                  <td className="figure py-0.5 pr-3 text-right">
                    {perKg ?? <span className="font-text text-unproven">no price</span>}
                  </td>
                  <td className="py-0.5 pr-3">{contains && <b>{contains}</b>}</td>
                  <td className="py-0.5 pr-3">{may}</td>
                  <td className={`py-0.5 pr-3 ${unknown ? 'text-unproven' : 'text-quiet'}`}>
                    {unknown === 0 ? 'all answered' : `${unknown} unknown`}
                  </td>
                  <td className="py-0.5 pr-3">
                    <span className="inline-flex items-center gap-1.5">
                      <VerdictMark mark={proof.mark} size={12} /> {proof.words}
                    </span>
                  </td>
                  <td className="figure py-0.5 pr-3 text-right">{used}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {shown.length === 0 && (
            <p className="p-6 text-quiet">
              {ingredients.length === 0
                ? 'The larder is empty. Paste a recipe, and what it needs starts here; or add the first thing you buy.'
                : 'Nothing here by that name.'}
            </p>
          )}
        </section>
      </div>
    </section>
  )
}
