import { type ClaimCode, mayDo } from '@fair-tin/core/model'
import { DamagedRow, findKitchen, listProducts } from '@fair-tin/data'
import { reading } from '../../../bakery'
import { here } from '../../../door/here'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'
import { HouseClaims } from '../../../screens/kitchen/claims/HouseClaims'

export const metadata = { title: 'Claims of the house' }
export default async function HouseClaimsPage() {
  const who = await here()
  const found = await reading(async sql => ({
    kitchen: await findKitchen(sql),
    products: await listProducts(sql),
  })).catch((error: unknown) => {
    if (error instanceof DamagedRow) return error.damage
    throw error
  })
  if ('problem' in found) return <DamagedThing damage={found} />
  const usedBy: Partial<Record<ClaimCode, string[]>> = {}
  for (const product of found.products.values)
    for (const claim of product.claims) usedBy[claim] = [...(usedBy[claim] ?? []), product.name]
  const { kitchen, evidence, version } = found.kitchen ?? {
    kitchen: { currency: 'GBP', crossContact: [] },
    evidence: [],
    version: 0,
  }
  return (
    <HouseClaims
      key={version}
      kitchen={{ ...kitchen, evidence }}
      usedBy={usedBy as Record<string, string[]>}
      mayChange={who !== null && mayDo(who, 'kitchen')}
    />
  )
}
