import { listOrders, partsOnShelf, readWorkbook, stockOnHand } from '@fair-tin/data'
import { reading, today } from '../../../bakery'
import { Shopping } from '../../../screens/shopping/Shopping'

export const metadata = { title: 'What to buy' }
export default async function ShoppingPage() {
  const [workbook, orders, stock, parts] = await reading(sql =>
    Promise.all([readWorkbook(sql, today()), listOrders(sql, today()), stockOnHand(sql), partsOnShelf(sql)]),
  )
  return <Shopping workbook={workbook} orders={orders} stock={stock} parts={parts} />
}
