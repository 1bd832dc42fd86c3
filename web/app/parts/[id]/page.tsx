import { isFrozen } from '@fair-tin/core/recipe'
import { notFound, redirect } from 'next/navigation'
import { marketInView } from '../../../bakery'
import { here } from '../../../door/here'
import { openBench } from '../../../onBench'
import { Bench } from '../../../screens/bench/Bench'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'

/** As it stands in the address; what is no address at all is no part’s id either. */
const decoded = (text: string): string => {
  try {
    return decodeURIComponent(text)
  } catch {
    return text
  }
}

export const metadata = { title: 'Part' }
export default async function OnePart({ params }: { params: Promise<{ id: string }> }) {
  const id = decoded((await params).id)
  // a kept version does not change: its part does
  if (isFrozen({ id })) redirect(`/parts/${encodeURIComponent(id.slice(0, id.indexOf('@')))}`)
  const [bench, person, market] = await Promise.all([openBench({ part: id }), here(), marketInView()])
  if (!bench) notFound()
  if ('damage' in bench) return <DamagedThing damage={bench.damage} />
  if ('sold' in bench) redirect(`/products/${encodeURIComponent(bench.sold)}`)
  return (
    <Bench
      key={id}
      {...bench}
      pieces={null}
      lid="proof"
      market={market}
      person={person?.name ?? ''}
      seesPrices={person?.seesPrices ?? false}
    />
  )
}
