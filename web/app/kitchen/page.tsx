import { onSite } from '@fair-tin/core/allergen'
import { allergenCodes } from '@fair-tin/core/model'
import { DamagedRow, findKitchen, lastBackup, readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { here } from '../../door/here'
import { DamagedThing } from '../../screens/damaged/DamagedThing'
import { KitchenSheet } from '../../screens/kitchen/KitchenSheet'
import { LastBackup } from '../../screens/kitchen/LastBackup'

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
  const [workbook, backup] = await reading(sql => Promise.all([readWorkbook(sql, today()), lastBackup(sql)]))
  const shown = Object.fromEntries((['gluten', ...allergenCodes] as const).map(code => [code, onSite(workbook, code)]))
  return (
    <KitchenSheet
      key={version}
      kitchen={{ ...kitchen, evidence }}
      today={today()}
      shown={shown}
      seesPrices={(await here())?.seesPrices ?? false}
      copied={<LastBackup backup={backup} now={Date.now()} />}
    />
  )
}
