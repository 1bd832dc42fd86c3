import { carriedTo } from '@fair-tin/core/assess'
import { damageOf } from '@fair-tin/core/model'
import { listOrders, partsOnShelf, readStamp, readWorkbook } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { marketInView, nameHere, reading, today } from '../../../bakery'
import { Bench } from '../../../screens/bench/Bench'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'

export const metadata = { title: 'Bench' }
export default async function OneProduct({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<{ pieces?: string; lid?: string }>
}) {
  const [{ id }, { pieces, lid }] = await Promise.all([params, searchParams])
  const [[stamp, workbook, stock, orders, person], market] = await Promise.all([
    reading(sql =>
      Promise.all([
        readStamp(sql),
        readWorkbook(sql, today()),
        partsOnShelf(sql),
        listOrders(sql, today()),
        nameHere(),
      ]),
    ),
    marketInView(),
  ])
  const damage = damageOf(workbook, 'product', id)
  if (damage) return <DamagedThing damage={damage} />
  const product = workbook.products.find(one => one.id === id)
  if (!product) notFound()
  return (
    <Bench
      key={id}
      workbook={carriedTo(workbook, product)}
      stamp={stamp}
      stock={stock}
      orders={orders}
      pieces={Number(pieces) || null}
      lid={lid ?? ''}
      productId={id}
      market={market}
      person={person}
    />
  )
}
