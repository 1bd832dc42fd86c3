// What to buy for the orders of some days: after stock, in whole packs, by supplier.
'use client'
import { type Purchase, shoppingFor } from '@fair-tin/core/assess'
import type { Workbook } from '@fair-tin/core/model'
import { money, spokenDay, weighed } from '@fair-tin/core/words'
import type { Order } from '@fair-tin/data'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { giveFile } from '../giveFile'
import { shoppingCsv } from './shoppingCsv'

export function Shopping({
  workbook,
  orders,
  stock,
  parts,
}: {
  workbook: Workbook
  orders: Order[]
  stock: Record<string, number>
  /** Grams of parts on the shelf. */
  parts: Record<string, number>
}) {
  const days = useMemo(() => [...new Set(orders.map(one => one.day))], [orders])
  const [chosen, setChosen] = useState(() => new Set(days))
  const { wanted, silent } = useMemo(() => {
    const packs = new Map<string, number>()
    for (const order of orders)
      if (chosen.has(order.day)) packs.set(order.product, (packs.get(order.product) ?? 0) + order.packs)
    const silent: string[] = []
    const wanted = [...packs].flatMap(([id, count]) => {
      const product = workbook.products.find(one => one.id === id)
      const makes = workbook.recipes.find(one => one.id === product?.recipe)?.pieces
      if (!product) return []
      if (makes === undefined) {
        silent.push(product.name)
        return []
      }
      return [{ product: id, factor: (count * product.pieces) / makes }]
    })
    return { wanted, silent }
  }, [orders, chosen, workbook])
  const list = useMemo(() => shoppingFor(workbook, wanted, stock, parts), [workbook, wanted, stock, parts])
  // what comes from the tap is not bought
  const costs = (one: Purchase) => one.choices.some(choice => Number(choice.price) > 0)
  const buying = list.purchases.filter(costs)
  const free = list.purchases.filter(one => one.choices.length > 0 && !costs(one))
  const enough = list.purchases.filter(one => one.choices.length === 0 && one.unknown === null)
  const suppliers = list.suppliers.filter(one => Number(one.total) > 0)
  const save = () =>
    giveFile(`shopping-${workbook.today}.csv`, 'text/csv;charset=utf-8', `\ufeff${shoppingCsv(buying, list.currency)}`)
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">What to buy</h1>
        <Link href="/orders" className="do print:hidden">
          Back to Orders
        </Link>
        <button type="button" className="do print:hidden" disabled={buying.length === 0} onClick={() => window.print()}>
          Print
        </button>
        <button type="button" className="do do-first print:hidden" disabled={buying.length === 0} onClick={save}>
          Save as CSV
        </button>
      </div>
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
        <legend className="sr-only">For the days</legend>
        {days.map(day => (
          <label key={day} className="flex items-center gap-1.5 pointer-coarse:min-h-[44px]">
            <input
              type="checkbox"
              className="accent-damson"
              checked={chosen.has(day)}
              onChange={event => {
                const next = new Set(chosen)
                if (event.target.checked) next.add(day)
                else next.delete(day)
                setChosen(next)
              }}
            />
            {spokenDay(day)}
          </label>
        ))}
      </fieldset>
      <p role="status">
        {buying.length === 0 ? (
          days.length === 0 ? (
            'Nothing is ordered from today on, so there is nothing to buy for.'
          ) : (
            'Nothing has to be bought for these days.'
          )
        ) : (
          <>
            {list.unknown.length > 0 && 'At least '}
            <b className="figure">{money(list.total, list.currency)}</b> for {buying.length}{' '}
            {buying.length === 1 ? 'thing' : 'things'} from {suppliers.length}{' '}
            {suppliers.length === 1 ? 'supplier' : 'suppliers'}, in whole packs, the cheapest that keep every claim.
          </>
        )}
      </p>
      {[
        ...silent.map(name => `${name}: how many pieces one making gives is not said, so nothing is bought for it`),
        ...list.unknown,
      ].map(why => (
        <p key={why} className="text-unproven">
          {why}.
        </p>
      ))}
      <div className="pane flex min-h-0 flex-1 flex-col print:overflow-visible print:border-0">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Shopping list">
          {suppliers.map(supplier => (
            <Supplier key={supplier.name} {...supplier} purchases={buying} currency={list.currency} />
          ))}
          {enough.length > 0 && (
            <p className="px-4 py-3 text-quiet">
              Enough in stock:{' '}
              {enough.map(one => (one.instead ? `${one.name} (${fromStock(one.instead)})` : one.name)).join(', ')}.
            </p>
          )}
          {list.fromShelf.length > 0 && (
            <p className="px-4 py-3 text-quiet">
              Taken from the shelf instead: {list.fromShelf.map(one => `${one.name}, ${weighed(one.grams)}`).join('; ')}
              .
            </p>
          )}
          {free.length > 0 && (
            <p className="px-4 py-3 text-quiet">Costs nothing: {free.map(one => one.name).join(', ')}.</p>
          )}
        </section>
      </div>
    </section>
  )
}

const fromStock = ({ grams, name }: NonNullable<Purchase['instead']>) => `${weighed(grams)} of ${name} from stock`

function Supplier({
  name,
  total,
  purchases,
  currency,
}: {
  name: string
  total: string
  purchases: readonly Purchase[]
  currency: string
}) {
  const rows = purchases.flatMap(one =>
    one.choices.filter(choice => choice.supplier === name).map(choice => ({ one, choice })),
  )
  return (
    <table className="w-full table-fixed border-b border-hair text-left">
      <caption className="px-4 pt-3 pb-1 text-left font-head text-[17px] font-bold text-navy">
        {name || 'No supplier named'}{' '}
        <span className="figure text-[14px] font-normal text-ink">{money(total, currency)}</span>
      </caption>
      <thead className="text-[13px] text-quiet">
        <tr>
          <th className="px-4 font-normal">Article</th>
          <th className="w-[9%] font-normal max-md:hidden">Its number</th>
          <th className="w-[15%] text-right font-normal max-md:w-[36%]">Packs</th>
          <th className="w-[10%] text-right font-normal max-md:w-[24%] max-md:pr-4">Together</th>
          <th className="w-[11%] text-right font-normal max-md:hidden">Needed</th>
          <th className="w-[11%] text-right font-normal max-md:hidden">In stock</th>
          <th className="w-[12%] px-4 text-right font-normal max-md:hidden">Over</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ one, choice }) => (
          <tr key={`${choice.ingredient} ${choice.pack}`} className="border-t border-hair/60">
            <td className="px-4 py-0.5">
              {choice.name}
              {choice.ingredient !== one.ingredient && <span className="text-quiet"> for {one.name}</span>}
              {one.instead && <span className="text-quiet">, beside {fromStock(one.instead)}</span>}
            </td>
            <td className="max-md:hidden">{choice.article}</td>
            <td className="figure text-right whitespace-nowrap">
              {choice.count} × {weighed(choice.pack)}
            </td>
            <td className="figure text-right max-md:pr-4">{money(choice.price, currency)}</td>
            <td className="figure text-right text-quiet max-md:hidden">{weighed(one.needed)}</td>
            <td className="figure text-right text-quiet max-md:hidden">
              {one.stock > 0.05 ? weighed(one.stock) : 'none'}
            </td>
            <td className="figure px-4 text-right text-quiet max-md:hidden">{weighed(one.over)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
