import { findKitchen } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { KitchenSheet } from '../../screens/kitchen/KitchenSheet'

export const metadata = { title: 'Kitchen' }
export default async function KitchenPage() {
  const found = await reading(findKitchen)
  const { kitchen, evidence, version } = found ?? {
    kitchen: { currency: 'GBP', crossContact: [] },
    evidence: [],
    version: 0,
  }
  return <KitchenSheet key={version} kitchen={kitchen} evidence={evidence} version={version} today={today()} />
}
