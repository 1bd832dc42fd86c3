import { earnings } from '@fair-tin/core/assess'
import { listOrders, readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../bakery'
import { Earnings } from '../../../screens/earnings/Earnings'

export const metadata = { title: 'What earns' }
export default async function EarningsPage() {
  const [workbook, orders] = await reading(sql => Promise.all([readWorkbook(sql, today()), listOrders(sql, today())]))
  const packs: Record<string, number> = {}
  for (const order of orders) packs[order.product] = (packs[order.product] ?? 0) + order.packs
  return <Earnings earnings={earnings(workbook, packs)} currency={workbook.kitchen.currency} />
}
