import { asPart } from '@fair-tin/core/batch'
import { IsoDate, mayDo } from '@fair-tin/core/model'
import { aheadOf, isFrozen } from '@fair-tin/core/recipe'
import { batchesOf, listOrders, readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { here } from '../../door/here'
import { DayOfBakes, type StartFirst } from '../../screens/bake/DayOfBakes'

export const metadata = { title: 'Bake' }
export default async function BakePage({
  searchParams,
}: {
  searchParams: Promise<{ day?: string; product?: string; pieces?: string }>
}) {
  const { day: asked = '', product = '', pieces = '' } = await searchParams
  const day = IsoDate.safeParse(asked).success ? asked : today()
  const who = await here()
  const [workbook, orders, batches] = await reading(sql =>
    Promise.all([readWorkbook(sql, today()), listOrders(sql, day), batchesOf(sql, day)]),
  )
  const products = workbook.products.map(one => ({
    id: one.id,
    name: one.name,
    pieces: one.pieces,
    pieceName: one.pieceName ?? 'piece',
  }))
  const parts = workbook.recipes
    .filter(
      one => !isFrozen(one) && !workbook.products.some(product => product.recipe === one.id) && one.lines.length > 0,
    )
    .map(one => ({ id: asPart(one.id), name: one.name }))
  const asDay = orders.filter(one => one.day === day)
  const nameOf = (id: string) => workbook.ingredients.find(one => one.id === id)?.name ?? id
  const wanted = [
    ...new Set([
      ...asDay.map(one => one.product),
      ...batches.filter(one => one.finishedAt === null).map(one => one.product),
    ]),
  ]
  const first: StartFirst[] = wanted
    .flatMap(id => {
      const product = workbook.products.find(one => one.id === id)
      return product
        ? aheadOf(workbook.recipes, product.recipe, nameOf).map(({ what, minutes, part }) => ({
            what,
            minutes,
            of: part ? `${part}, for ${product.name}` : product.name,
          }))
        : []
    })
    .sort((a, b) => (b.minutes ?? -1) - (a.minutes ?? -1))
  const ovens = (workbook.kitchen.ovens ?? []).flatMap(one =>
    one.preheatMinutes
      ? [
          {
            what: `Heat ${one.name}.`,
            minutes: one.preheatMinutes,
            of: one.offsetCelsius
              ? `it bakes ${Math.abs(one.offsetCelsius)} °C ${one.offsetCelsius > 0 ? 'hotter' : 'cooler'} than its dial`
              : '',
          },
        ]
      : [],
  )
  return (
    <DayOfBakes
      key={day}
      day={day}
      today={today()}
      products={products}
      parts={parts}
      orders={asDay}
      batches={batches}
      first={wanted.length > 0 ? [...first, ...ovens].sort((a, b) => (b.minutes ?? -1) - (a.minutes ?? -1)) : []}
      meant={{
        product: [...products, ...parts].some(one => one.id === product) ? product : '',
        pieces: /^\d{1,7}$/.test(pieces) ? pieces : '',
      }}
      mayChange={who ? mayDo(who, 'bakes') : false}
    />
  )
}
