// What a batch costs in ingredients: bought weight by pack price. Decimals, exact until shown.

import Big from 'big.js'
import { byId } from '../ingredient/byId'
import type { Ingredient, Pack } from '../ingredient/ingredient'
import { type Bill, ediblePart } from '../recipe/bill'
import type { Workbook } from '../workbook'

export interface CostLine {
  ingredient: string
  /** Null: unknown, never nothing. */
  cost: string | null
  /** Index of the bill line. */
  at: number
  /** Why there is no cost. */
  why?: string
}
export interface Cost {
  /** Of all that has a price; with `unknown` not empty it is "at least". */
  total: string
  perPiece: string
  lines: CostLine[]
  unknown: string[]
  currency: string
}

/** The pack whose price is in force on a day: the newest that has begun; of several, the cheapest by weight. */
export function packInForce(ingredient: Ingredient, currency: string, today: string): Pack | { unknown: string } {
  if (ingredient.packs.length === 0) return { unknown: `no price for ${ingredient.name}` }
  const begun = ingredient.packs.filter(pack => pack.from <= today)
  if (begun.length === 0) return { unknown: `the price of ${ingredient.name} is still to come` }
  const own = begun.filter(pack => pack.currency === currency)
  if (own.length === 0)
    return { unknown: `${ingredient.name} is priced in ${begun[0]!.currency}, and there is no rate to ${currency}` }
  const newest = own
    .map(pack => pack.from)
    .sort()
    .at(-1)
  return own
    .filter(pack => pack.from === newest)
    .reduce((best, pack) => (perGram(pack).lt(perGram(best)) ? pack : best))
}

const pricesPerGram = new WeakMap<Pack, Big>()
function perGram(pack: Pack): Big {
  const known = pricesPerGram.get(pack)
  if (known) return known
  const price = new Big(pack.price).div(pack.grams)
  pricesPerGram.set(pack, price)
  return price
}
const written = (sum: Big): string => sum.round(6, Big.roundHalfUp).toFixed()

/** Cost of a bill, per batch and per piece. `pieces` of the whole batch; what is served beside is not sold with it. */
export function costOf(bill: Bill, workbook: Workbook, pieces: number | null): Cost {
  const ingredients = byId(workbook.ingredients)
  const currency = workbook.kitchen.currency
  const unknown = new Set<string>()
  const lines: CostLine[] = []
  let total = new Big(0)
  for (const [at, line] of bill.lines.entries()) {
    if (line.role === 'beside') continue
    const ingredient = ingredients.get(line.ingredient)
    const pack = ingredient
      ? packInForce(ingredient, currency, workbook.today)
      : { unknown: `${line.ingredient} is no longer in the larder` }
    const why = line.unweighed
      ? `no weight of ${ingredient?.name ?? line.ingredient}: ${line.unweighed}`
      : 'unknown' in pack
        ? pack.unknown
        : null
    if (why !== null || !ingredient || 'unknown' in pack) {
      unknown.add(why ?? line.ingredient)
      lines.push({ ingredient: line.ingredient, cost: null, at, why: why ?? 'unknown' })
      continue
    }
    const bought = line.grams / (ediblePart(ingredient, line.form) ?? 1)
    const cost = perGram(pack).times(bought)
    total = total.plus(cost)
    lines.push({ ingredient: line.ingredient, cost: written(cost), at })
  }
  for (const gap of bill.gaps) if (gap.kind === 'component') unknown.add(`${gap.path.at(-1)!.name} ${gap.fact}`)
  const known = pieces !== null && pieces > 0
  if (!known) unknown.add('the number of pieces')
  return {
    total: written(total),
    perPiece: known ? written(total.div(pieces)) : '',
    lines,
    unknown: [...unknown],
    currency,
  }
}
