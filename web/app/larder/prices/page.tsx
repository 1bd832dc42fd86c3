import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../bakery'
import { PriceListImport } from '../../../screens/prices/PriceListImport'

export const metadata = { title: 'A price list' }
export default async function Prices() {
  const workbook = await reading(sql => readWorkbook(sql, today()))
  return <PriceListImport larder={workbook.ingredients} currency={workbook.kitchen.currency} today={workbook.today} />
}
