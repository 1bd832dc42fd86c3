// What a batch costs in ingredients: bought weight by pack price. Decimals, exact until shown.
import Big from 'big.js'
import { byId } from '../model/byId'
import type { Ingredient, Pack } from '../model/ingredient'
import type { Kitchen } from '../model/kitchen'
import type { Workbook } from '../model/workbook'
import { type Bill, type BillLine, ediblePart } from '../recipe/bill'
import { keptBeside } from '../words/keptBeside'

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

export type Rates = NonNullable<Kitchen['rates']>
interface InForce {
  currency: string
  today: string
  rates: Rates | undefined
  pack: Pack | { unknown: string }
}
const inForceKnown = new WeakMap<readonly Pack[], InForce>()

/**
 * The pack whose price is in force on a day: the newest that has begun; of several, the cheapest by weight. A price in
 * another currency is converted at the newest rate that has begun, and is unknown without one: currencies never mix.
 */
export function packInForce(
  ingredient: Ingredient,
  currency: string,
  today: string,
  rates?: Rates,
): Pack | { unknown: string } {
  const known = inForceKnown.get(ingredient.packs)
  if (known && known.currency === currency && known.today === today && known.rates === rates) return known.pack
  const pack = chosenPack(ingredient, currency, today, rates)
  if (ingredient.packs.length > 0) inForceKnown.set(ingredient.packs, { currency, today, rates, pack })
  return pack
}

/** The rate in force on a day; null where there is none, or only one from the future. */
export const rateOn = (rates: Rates | undefined, currency: string, today: string): string | null =>
  (rates ?? [])
    .filter(one => one.currency === currency && one.from <= today)
    .sort((a, b) => (a.from < b.from ? 1 : -1))[0]?.rate ?? null

/** The pack in the kitchen's currency, or null where there is no rate. */
export function converted(pack: Pack, currency: string, today: string, rates: Rates | undefined): Pack | null {
  if (pack.currency === currency) return pack
  const rate = rateOn(rates, pack.currency, today)
  if (rate === null) return null
  return { ...pack, price: new Big(pack.price).times(rate).round(6, Big.roundHalfUp).toFixed(), currency }
}

function chosenPack(
  ingredient: Ingredient,
  currency: string,
  today: string,
  rates: Rates | undefined,
): Pack | { unknown: string } {
  if (ingredient.packs.length === 0) return { unknown: `no price for ${ingredient.name}` }
  const begun = ingredient.packs.filter(pack => pack.from <= today)
  if (begun.length === 0) return { unknown: `the price of ${ingredient.name} is still to come` }
  const own = begun.flatMap(pack => converted(pack, currency, today, rates) ?? [])
  if (own.length === 0)
    return { unknown: `${ingredient.name} is priced in ${begun[0]!.currency}, and there is no rate to ${currency}` }
  const newest = own
    .map(pack => pack.from)
    .sort()
    .at(-1)
  return own.filter(pack => pack.from === newest).reduce((best, pack) => (cheaper(pack, best) ? pack : best))
}

/** Millionths of the currency: whole numbers, so that lines always add up to their total. */
const millionths = 1_000_000
const mostExact = 2 ** 52
const perGramKnown = new WeakMap<Pack, number>()
function perGram(pack: Pack): number {
  const known = perGramKnown.get(pack)
  if (known !== undefined) return known
  const price = Number(pack.price) / pack.grams
  perGramKnown.set(pack, price)
  return price
}
const cheaper = (a: Pack, b: Pack) => new Big(a.price).times(b.grams).lt(new Big(b.price).times(a.grams))

/** What so many grams as bought cost, in millionths. Close to a half, or past what a number holds, it is worked out in decimals. */
function costInMillionths(pack: Pack, grams: number): bigint | number {
  const quick = perGram(pack) * grams * millionths
  const whole = Math.round(quick)
  if (quick < mostExact && Math.abs(quick - Math.floor(quick) - 0.5) > 1e-3) return whole
  const exact = new Big(pack.price).times(grams).times(millionths).div(pack.grams)
  return BigInt(exact.round(0, Big.roundHalfUp).toFixed())
}

/** Millionths as a decimal: "0.26", "12". */
function written(value: bigint | number): string {
  const digits = String(value).padStart(7, '0')
  let end = digits.length
  while (end > digits.length - 6 && digits[end - 1] === '0') end--
  const whole = digits.slice(0, -6)
  return end === digits.length - 6 ? whole : `${whole}.${digits.slice(digits.length - 6, end)}`
}

/** Of one piece, to the millionth, halves up. */
function shared(total: bigint | number, pieces: number): string {
  if (typeof total !== 'number' || !Number.isInteger(pieces) || pieces > mostExact / 4 || total > mostExact / 4)
    return new Big(written(total)).div(pieces).round(6, Big.roundHalfUp).toFixed()
  // whole numbers, so the remainder is exact
  const left = total % pieces
  return written((total - left) / pieces + (left * 2 >= pieces ? 1 : 0))
}

interface KnownCost {
  pack: Pack
  ingredient: Ingredient
  cost: bigint | number
  said: string
}
const costKnown = new WeakMap<BillLine, KnownCost>()
/** Of one line of a bill: the very same line at the same price costs the same. */
function costOfLine(line: BillLine, ingredient: Ingredient, pack: Pack): KnownCost {
  const known = costKnown.get(line)
  if (known && known.pack === pack && known.ingredient === ingredient) return known
  const cost = costInMillionths(pack, line.grams / (ediblePart(ingredient, line.form) ?? 1))
  const made = { pack, ingredient, cost, said: written(cost) }
  costKnown.set(line, made)
  return made
}

const keepCost = keptBeside<readonly BillLine[], Cost>()
/**
 * Cost of a bill, per batch and per piece. `pieces` of the whole batch; what is served beside is not sold with it. As it was before,
 * as long as lines, prices and day are the same.
 */
export function costOf(bill: Bill, workbook: Workbook, pieces: number | null): Cost {
  const { ingredients, today, kitchen } = workbook
  const rests = [ingredients, today, kitchen.currency, kitchen.rates, bill.gaps, pieces]
  return keepCost(bill.lines, 'cost', rests, () => costWorkedOut(bill, workbook, pieces))
}
function costWorkedOut(bill: Bill, workbook: Workbook, pieces: number | null): Cost {
  const ingredients = byId(workbook.ingredients)
  const currency = workbook.kitchen.currency
  const unknown = new Set<string>()
  const lines: CostLine[] = []
  let total: bigint | number = 0
  for (const [at, line] of bill.lines.entries()) {
    if (line.role === 'beside') continue
    const ingredient = ingredients.get(line.ingredient)
    const pack = ingredient
      ? packInForce(ingredient, currency, workbook.today, workbook.kitchen.rates)
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
    const { cost, said } = costOfLine(line, ingredient, pack)
    total =
      typeof cost === 'number' && typeof total === 'number' && total + cost < mostExact
        ? total + cost
        : BigInt(total) + BigInt(cost)
    lines.push({ ingredient: line.ingredient, cost: said, at })
  }
  for (const gap of bill.gaps) if (gap.kind === 'component') unknown.add(`${gap.path.at(-1)!.name} ${gap.fact}`)
  const known = pieces !== null && pieces > 0
  if (!known) unknown.add('the number of pieces')
  return {
    total: written(total),
    perPiece: known ? shared(total, pieces) : '',
    lines,
    unknown: [...unknown],
    currency,
  }
}
