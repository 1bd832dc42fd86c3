import { DamagedRow, findKitchen } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { DamagedThing } from '../../screens/damaged/DamagedThing'
import { KitchenSheet } from '../../screens/kitchen/KitchenSheet'

export const metadata = { title: 'Kitchen' }
export default async function KitchenPage() {
  const found = await reading(findKitchen).catch((error: unknown) => {
    if (error instanceof DamagedRow) return error.damage
    throw error
  })
  if (found && 'problem' in found) return <DamagedThing damage={found} />
  const { kitchen, evidence, version } = found ?? {
    kitchen: { currency: 'GBP', crossContact: [] },
    evidence: [],
    version: 0,
  }
  return <KitchenSheet key={version} kitchen={kitchen} evidence={evidence} version={version} today={today()} />
}
