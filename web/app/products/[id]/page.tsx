import { readStamp, readWorkbook } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { marketInView, reading, today } from '../../../bakery'
import { Bench } from '../../../screens/bench/Bench'

export const metadata = { title: 'Bench' }
export default async function OneProduct({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [[workbook, stamp], market] = await Promise.all([
    reading(sql => Promise.all([readWorkbook(sql, today()), readStamp(sql)])),
    marketInView(),
  ])
  if (!workbook.products.some(one => one.id === id)) notFound()
  return (
    <Bench
      key={id}
      workbook={{ ...workbook, products: workbook.products.filter(one => one.id === id) }}
      stamp={stamp}
      productId={id}
      market={market}
    />
  )
}
