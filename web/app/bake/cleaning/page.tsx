import { mayDo } from '@fair-tin/core/model'
import { findKitchen, listCleanings } from '@fair-tin/data'
import { reading, timeZone } from '../../../bakery'
import { here } from '../../../door/here'
import { Cleanings } from '../../../screens/bake/cleaning/Cleanings'

export const metadata = { title: 'Cleaning and tests' }
export default async function CleaningPage({ searchParams }: { searchParams: Promise<{ of?: string; for?: string }> }) {
  const { of: equipment = '', for: allergen = '' } = await searchParams
  const who = await here()
  const [cleanings, kitchen] = await reading(sql =>
    Promise.all([listCleanings(sql), findKitchen(sql).catch(() => null)]),
  )
  const { mixers = [], ovens = [], crossContact = [] } = kitchen?.kitchen ?? {}
  const named = [
    ...mixers.map(one => one.name),
    ...ovens.map(one => one.name),
    ...crossContact.flatMap(one => one.equipment ?? []),
    ...cleanings.map(one => one.equipment),
  ].filter(Boolean)
  return (
    <Cleanings
      cleanings={cleanings}
      equipment={[...new Set(named)].sort((a, b) => a.localeCompare(b, 'en'))}
      meant={{ equipment: equipment.slice(0, 120), allergen: allergen.slice(0, 40) }}
      zone={timeZone()}
      mayChange={who !== null && mayDo(who, 'bakes')}
    />
  )
}
