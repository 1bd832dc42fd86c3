// How the price of a thing moved: the cheapest by weight of each day on which a price began.
import type { Pack } from '../model/ingredient'
import type { Kitchen } from '../model/kitchen'
import { converted } from './cost'

export interface PriceStep {
  from: string
  perKilo: number
  pack: Pack
}
/** The cheapest by weight of each day on which a price began, in the kitchen's currency, oldest first. */
export function pricePoints(
  packs: readonly Pack[],
  kitchen: Pick<Kitchen, 'currency' | 'rates'>,
  today: string,
): PriceStep[] {
  const byDay = new Map<string, PriceStep>()
  for (const pack of packs) {
    const own = converted(pack, kitchen.currency, today, kitchen.rates)
    if (!own || !(own.grams > 0)) continue
    const perKilo = (Number(own.price) / own.grams) * 1000
    if (!Number.isFinite(perKilo)) continue
    const before = byDay.get(pack.from)
    if (!before || perKilo < before.perKilo) byDay.set(pack.from, { from: pack.from, perKilo, pack })
  }
  return [...byDay.values()].sort((a, b) => (a.from < b.from ? -1 : 1))
}
