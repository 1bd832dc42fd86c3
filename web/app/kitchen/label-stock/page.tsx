import { mayDo } from '@fair-tin/core/model'
import { DamagedRow, findKitchen } from '@fair-tin/data'
import { reading } from '../../../bakery'
import { here } from '../../../door/here'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'
import { LabelStocks } from '../../../screens/kitchen/stocks/LabelStocks'

export const metadata = { title: 'Label stock' }
export default async function LabelStockPage() {
  const who = await here()
  const found = await reading(async sql => ({ kitchen: await findKitchen(sql) })).catch((error: unknown) => {
    if (error instanceof DamagedRow) return error.damage
    throw error
  })
  if ('problem' in found) return <DamagedThing damage={found} />
  const { kitchen, evidence, version } = found.kitchen ?? {
    kitchen: { currency: 'GBP', crossContact: [] },
    evidence: [],
    version: 0,
  }
  return (
    <LabelStocks key={version} kitchen={{ ...kitchen, evidence }} mayChange={who !== null && mayDo(who, 'kitchen')} />
  )
}
