import { notFound } from 'next/navigation'
import { marketInView } from '../../../bakery'
import { here } from '../../../door/here'
import { openBench } from '../../../onBench'
import { Bench } from '../../../screens/bench/Bench'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'

export const metadata = { title: 'Bench' }
export default async function OneProduct({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<{ pieces?: string; lid?: string }>
}) {
  const [{ id }, { pieces, lid }] = await Promise.all([params, searchParams])
  const [bench, person, market] = await Promise.all([openBench({ product: id }), here(), marketInView()])
  if (!bench || 'sold' in bench) notFound()
  if ('damage' in bench) return <DamagedThing damage={bench.damage} />
  return (
    <Bench
      key={id}
      {...bench}
      pieces={Number(pieces) || null}
      lid={lid ?? ''}
      market={market}
      person={person?.name ?? ''}
      seesPrices={person?.seesPrices ?? false}
    />
  )
}
