// The larder: everything bought, with its price, what it carries, and how well that is proven.
'use client'
import type { LarderFound, ProofState } from '@fair-tin/core/assess'
import type { Mark } from '@fair-tin/core/claim'
import { allergenCodes, allergenName } from '@fair-tin/core/model'
import { moneySign, weighed } from '@fair-tin/core/words'
import Link from 'next/link'
import { useState } from 'react'
import { Choose } from '../../ui/Choose'
import { VerdictMark } from '../../ui/VerdictMark'
import { useLatest } from '../useLatest'

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

/** So many rows are shown, and so many more each time they are asked for. */
const rowsAtATime = 200

export function LarderList({
  first,
  stock,
  currency,
}: {
  /** What is shown where nothing is asked. */
  first: LarderFound
  /** Grams on hand, by ingredient. */
  stock: Readonly<Record<string, number>>
  currency: string
}) {
  const [find, setFind] = useState('')
  const [carries, setCarries] = useState(any)
  const [supplier, setSupplier] = useState(any)
  const [proof, setProof] = useState<string>(any)
  const [used, setUsed] = useState(any)
  const [most, setMost] = useState(rowsAtATime)
  const asked = Object.entries({ find: find.trim(), carries, supplier, proof, used }).filter(
    ([, value]) => value !== any && value !== '',
  )
  const query = new URLSearchParams([...asked, ...(most > rowsAtATime ? [['most', `${most}`]] : [])]).toString()
  const address = query === '' ? null : `/api/v1/larder?${query}`
  const answer = useLatest<LarderFound>(address, first)
  const waiting = address !== null && answer?.to !== address
  // what was found before stays until the next is there; where there is no answer nothing stands in for it
  const none = { ...first, rows: [], found: 0 }
  const { rows, found, of } = address === null || answer === null ? first : (answer.said ?? none)
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
          maxLength={200}
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
            options={[
              { value: any, label: 'Any supplier' },
              ...first.suppliers.map(one => ({ value: one, label: one })),
            ]}
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
          {answer?.problem ? '' : `${found} of ${of}`}
        </span>
      </div>
      {answer?.problem && (
        <p role="alert" className="text-breaks">
          {answer.problem}
        </p>
      )}
      <div className="pane min-h-0 flex-1" aria-busy={waiting}>
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Ingredients">
          <table className="w-full min-w-[1120px] border-collapse text-left">
            <thead className="sticky top-0 bg-pane text-quiet">
              <tr className="border-b border-hair">
                <th className="px-3 py-2 font-normal">Ingredient</th>
                <th className="py-2 pr-3 font-normal">Supplier</th>
                <th className="py-2 pr-1 text-right font-normal whitespace-nowrap">{moneySign(currency)} per kg</th>
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
              {rows.map(
                ({ id, name, supplier: from, perKg, moved, contains, may, unknown, proof: state, uses, damaged }) => (
                  <tr key={id} className="h-6 border-b border-hair/60 hover:bg-page pointer-coarse:h-11">
                    <td className="px-3 py-0.5 font-semibold">
                      <Link href={`/larder/${id}`} className="text-navy underline-offset-2 hover:underline">
                        {name}
                      </Link>
                    </td>
                    <td className="py-0.5 pr-3">{from ?? <span className="text-quiet">not said</span>}</td>
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
                        {damaged ? (
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
                      {stock[id] === undefined ? '' : weighed(stock[id])}
                    </td>
                    <td className="figure py-0.5 pr-3 text-right">{uses}</td>
                  </tr>
                ),
              )}
            </tbody>
          </table>
          {found > rows.length && (
            <button type="button" className="do m-3" onClick={() => setMost(rows.length + rowsAtATime)}>
              Show {Math.min(rowsAtATime, found - rows.length)} more of {found}
            </button>
          )}
          {rows.length === 0 && !answer?.problem && (
            <p className="p-6 text-quiet">
              {of === 0
                ? 'The larder is empty. Paste a recipe, and what it needs starts here; or add the first thing you buy.'
                : 'Nothing here by that name, or behind these filters.'}
            </p>
          )}
        </section>
      </div>
    </section>
  )
}
