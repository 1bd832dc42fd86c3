// What to buy for the batches of some days: after what is in stock, in whole packs, the cheapest articles that keep every
// claim. A need is of a shelf name: any article that stands for it will do, from stock or from a shop, as long as no
// product loses a claim by it and no label comes to hide an allergen.
import Big from 'big.js'
import { strength } from '../allergen/rollUp'
import { severity } from '../claim/verdict'
import { cheapestPacks, packsToBuy } from '../cost/wholePacks'
import { sameShelf, withInPlace } from '../ingredient/shelfName'
import { allergenCodes } from '../model/allergen'
import { byId } from '../model/byId'
import type { Ingredient, Pack } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import { type Assessment, assess } from './assess'
import { type Need, type Needed, neededFor, type Wanted } from './needed'

type Grams = number

export interface PackChoice {
  ingredient: string
  name: string
  supplier: string
  article: string
  /** Grams of one pack as bought, and how many. */
  pack: Grams
  count: number
  /** Decimals. */
  each: string
  price: string
}
export interface Purchase {
  /** What the recipes call for. */
  ingredient: string
  name: string
  /** Grams as bought. */
  needed: Grams
  /** Of the article itself. */
  stock: Grams
  /** Taken from another article of the same shelf name. */
  instead: { ingredient: string; name: string; grams: Grams } | null
  toBuy: Grams
  choices: PackChoice[]
  /** Grams over when the batches are made. */
  over: Grams
  /** Why nothing can be chosen; null where something is. */
  unknown: string | null
}
export interface Shopping extends Pick<Needed, 'fromShelf' | 'unknown'> {
  currency: string
  purchases: Purchase[]
  /** Of all that has a price, decimals; what the suppliers get adds up to it. */
  total: string
  suppliers: { name: string; total: string }[]
}

/** Less than this is nothing to buy. */
const crumb: Grams = 0.05

/**
 * Asks whether products keep each verdict and each allergen's status of `workbook`, or better them, in each of their
 * markets, where `changed` is made of: a printed label must go on saying all that is in the food.
 */
function labelKeeper(workbook: Workbook) {
  const before = new Map<string, Assessment>()
  return (changed: Workbook, products: ReadonlySet<string>): boolean =>
    [...products].every(id =>
      workbook.products
        .find(one => one.id === id)!
        .markets.every(market => {
          const key = `${id} ${market}`
          const was = before.get(key) ?? assess(workbook, id, market)
          before.set(key, was)
          const is = assess(changed, id, market)
          return (
            was.claims.every((claim, at) => severity[is.claims[at]!.verdict] <= severity[claim.verdict]) &&
            allergenCodes.every(code => strength[is.allergens[code].status] <= strength[was.allergens[code].status])
          )
        }),
    )
}

type Offer = Pack & { article: Ingredient }
const priceOf = (choices: readonly PackChoice[]) => choices.reduce((sum, one) => sum.plus(one.price), new Big(0))
const choiceOf = ({ pack, count }: { pack: Offer; count: number }): PackChoice => ({
  ingredient: pack.article.id,
  name: pack.article.name,
  supplier: pack.article.supplier ?? '',
  article: pack.article.article ?? '',
  pack: pack.grams,
  count,
  each: pack.price,
  price: new Big(pack.price).times(count).toFixed(),
})

/**
 * What the batches ask for, less what is in stock (grams by ingredient, and of parts by their key), in whole packs, the
 * dearest first. Beside what the recipes call for, at most one other article takes its place; whatever was exchanged for
 * an earlier need counts when the next is judged.
 */
export function shoppingFor(
  workbook: Workbook,
  wanted: readonly Wanted[],
  stock: Readonly<Record<string, Grams>> = {},
  partStock: Readonly<Record<string, Grams>> = {},
): Shopping {
  const names = byId(workbook.ingredients)
  const { needs, fromShelf, unknown } = neededFor(workbook, wanted, partStock)
  const keeps = labelKeeper(workbook)
  // what a recipe calls for by name is its own before it is anybody's
  const spare: Record<string, Grams> = { ...stock }
  for (const { ingredient, grams } of needs) spare[ingredient] = Math.max(0, (stock[ingredient] ?? 0) - grams)
  let exchanged = workbook

  const purchaseOf = ({ ingredient: id, grams: needed, products }: Need): Purchase => {
    const own = names.get(id)!
    const have = stock[id] ?? 0
    const short = Math.max(0, needed - have)
    const base = { ingredient: id, name: own.name, needed, stock: have, instead: null, unknown: null }
    if (short < crumb) return { ...base, toBuy: 0, choices: [], over: have - needed }
    const offersOf = (article: Ingredient) => packsToBuy(article, workbook).map((pack): Offer => ({ ...pack, article }))
    const others = sameShelf(workbook, own).filter(one => one !== own)
    const ways = [own, ...others].flatMap((other): Purchase[] => {
      if (other !== own && !keeps(withInPlace(exchanged, own, other), products)) return []
      const taken = other === own ? 0 : Math.min(spare[other.id] ?? 0, short)
      const toBuy = short - taken
      const chosen =
        toBuy < crumb ? [] : cheapestPacks([...offersOf(own), ...(other === own ? [] : offersOf(other))], toBuy)
      const instead = taken < crumb ? null : { ingredient: other.id, name: other.name, grams: taken }
      if (chosen === null)
        return [{ ...base, instead, toBuy, choices: [], over: 0, unknown: `no price for ${own.name}` }]
      const choices = chosen.map(choiceOf)
      const bought = choices.reduce((sum, one) => sum + one.count * one.pack, 0)
      return [{ ...base, instead, toBuy, choices, over: have + taken + bought - needed }]
    })
    const best = ways.reduce((best, way) => {
      if ((best.unknown === null) !== (way.unknown === null)) return way.unknown === null ? way : best
      return priceOf(way.choices).lt(priceOf(best.choices)) ? way : best
    })
    const other = best.instead?.ingredient ?? best.choices.find(one => one.ingredient !== id)?.ingredient
    if (best.instead) spare[best.instead.ingredient]! -= best.instead.grams
    if (other) exchanged = withInPlace(exchanged, own, names.get(other)!)
    return best
  }

  const purchases = needs.map(purchaseOf)
  const bought = purchases.flatMap(one => one.choices)
  return {
    currency: workbook.kitchen.currency,
    purchases: purchases.sort(
      (a, b) => Number(priceOf(b.choices).minus(priceOf(a.choices))) || (a.name < b.name ? -1 : 1),
    ),
    total: priceOf(bought).toFixed(),
    suppliers: [...new Set(bought.map(one => one.supplier))].sort().map(name => ({
      name,
      total: priceOf(bought.filter(one => one.supplier === name)).toFixed(),
    })),
    unknown: [...unknown, ...purchases.flatMap(one => one.unknown ?? [])],
    fromShelf,
  }
}
