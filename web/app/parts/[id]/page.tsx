import { carriedTo } from '@fair-tin/core/assess'
import { damageOf } from '@fair-tin/core/model'
import { isFrozen, partOnBench, productsWith } from '@fair-tin/core/recipe'
import { partsOnShelf, readStamp, readWorkbook } from '@fair-tin/data'
import { notFound, redirect } from 'next/navigation'
import { marketInView, nameHere, reading, today } from '../../../bakery'
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
  if (isFrozen({ id })) redirect(`/parts/${id.slice(0, id.indexOf('@'))}`)
  const [[stamp, workbook, stock, person], market] = await Promise.all([
    reading(sql => Promise.all([readStamp(sql), readWorkbook(sql, today()), partsOnShelf(sql), nameHere()])),
    marketInView(),
  ])
  const damage = damageOf(workbook, 'recipe', id)
  if (damage) return <DamagedThing damage={damage} />
  const recipe = workbook.recipes.find(one => one.id === id)
  if (!recipe) notFound()
  const sold = workbook.products.find(product => product.recipe === id)
  if (sold) redirect(`/products/${sold.id}`)
  const part = partOnBench(workbook, recipe)
  const goesInto = productsWith(workbook, id)
  return (
    <Bench
      key={id}
      workbook={carriedTo(workbook, part, goesInto)}
      stamp={stamp}
      stock={stock}
      orders={[]}
      pieces={null}
      lid="proof"
      productId={part.id}
      market={market}
      person={person}
      goesInto={goesInto}
    />
  )
}
