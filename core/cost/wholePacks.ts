// What can be bought of a thing today, and the cheapest whole packs that cover an amount.
import Big from 'big.js'
import type { Ingredient, Pack } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import { converted } from './cost'

type Grams = number

/** Packs that can be bought today in the kitchen's currency: of each size the newest price, the cheapest of a day. */
export function packsToBuy(ingredient: Ingredient, workbook: Workbook): Pack[] {
  const { currency, rates } = workbook.kitchen
  const begun = ingredient.packs
    .filter(pack => pack.from <= workbook.today)
    .flatMap(pack => converted(pack, currency, workbook.today, rates) ?? [])
  const bySize = new Map<number, Pack>()
  for (const pack of begun) {
    const before = bySize.get(pack.grams)
    if (!before || pack.from > before.from || (pack.from === before.from && new Big(pack.price).lt(before.price)))
      bySize.set(pack.grams, pack)
  }
  return [...bySize.values()]
}

/** Steps finer than this make no difference to what is bought. */
const finest = 0.5
const mostSteps = 20_000

/**
 * The cheapest whole packs that cover `grams`; of several as cheap, the least over. Exact: every count that could be the
 * best is looked at, by the amount still to cover. Null where there is no pack.
 */
export function cheapestPacks<T extends { grams: Grams; price: string }>(
  packs: readonly T[],
  grams: Grams,
): { pack: T; count: number }[] | null {
  if (grams <= 0) return []
  if (packs.length === 0) return null
  const unit = Math.max(finest, grams / mostSteps)
  const steps = Math.ceil(grams / unit - 1e-9)
  const size = packs.map(pack => Math.max(1, Math.floor(pack.grams / unit + 1e-9)))
  const price = packs.map(pack => Number(new Big(pack.price).times(1_000_000).round(0)))
  // best[i]: the cheapest that covers i steps, then the least weight
  const best = new Array<{ price: number; weight: number; by: number } | undefined>(steps + 1)
  best[0] = { price: 0, weight: 0, by: -1 }
  for (let at = 1; at <= steps; at++)
    for (let by = 0; by < packs.length; by++) {
      const rest = best[Math.max(0, at - size[by]!)]!
      const total = rest.price + price[by]!
      const weight = rest.weight + packs[by]!.grams
      const now = best[at]
      if (!now || total < now.price || (total === now.price && weight < now.weight))
        best[at] = { price: total, weight, by }
    }
  const counts = packs.map(() => 0)
  for (let at = steps; at > 0; ) {
    const { by } = best[at]!
    counts[by]!++
    at = Math.max(0, at - size[by]!)
  }
  return packs.flatMap((pack, at) => (counts[at]! > 0 ? [{ pack, count: counts[at]! }] : []))
}
