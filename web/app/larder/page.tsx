import { larderFound } from '@fair-tin/core/assess'
import { readWorkbook, stockOnHand } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { LarderList } from '../../screens/larder/LarderList'

export const metadata = { title: 'Larder' }
export default async function Larder() {
  const [workbook, stock] = await reading(sql => Promise.all([readWorkbook(sql, today()), stockOnHand(sql)]))
  return <LarderList first={larderFound(workbook)} stock={stock} currency={workbook.kitchen.currency} />
}
