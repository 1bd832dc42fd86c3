// What to buy for the batches of some days: after what is in stock, in whole packs, the cheapest articles that keep every
// claim. A need is of a shelf name: any article that stands for it will do, as long as no product loses a claim by it and
// no label comes to hide an allergen.
import Big from 'big.js'
import { allergenCodes } from '../allergen/codes'
import { strength } from '../allergen/rollUp'
import { assess } from '../assess'
import { severity } from '../claim/verdict'
import { byId } from '../ingredient/byId'
import type { Ingredient, Pack } from '../ingredient/ingredient'
import { sameShelf, withInPlace } from '../ingredient/shelfName'
import { ediblePart } from '../recipe/bill'
import { billsOf, makingsAsked } from '../recipe/part'
import { partKey } from '../recipe/recipe'
import type { Workbook } from '../workbook'
import { converted } from './cost'

type Grams = number

export interface Wanted {
  product: string
  factor: number
}
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
  stock: Grams
  toBuy: Grams
  choices: PackChoice[]
  /** Grams over when the batches are made. */
  over: Grams
  /** Why nothing can be chosen; null where something is. */
  unknown: string | null
}
export interface Shopping {
  currency: string
  purchases: Purchase[]
  /** Of all that has a price, decimal. */
  total: string
  unknown: string[]
  /** Parts that are taken from the shelf instead of being made. */
  fromShelf: { part: string; name: string; grams: Grams }[]
}

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

/**
 * Does every product that uses `was` keep each verdict and each allergen's status, or better them, in each of its
 * markets, with `other` in its place? A printed label must go on saying all that is in the food.
 */
function keepsLabel(workbook: Workbook, products: readonly string[], was: Ingredient, other: Ingredient): boolean {
  const swapped = withInPlace(workbook, was, other)
  return products.every(id => {
    const product = workbook.products.find(one => one.id === id)!
    return product.markets.every(market => {
      const before = assess(workbook, id, market)
      const after = assess(swapped, id, market)
      return (
        before.claims.every((claim, at) => severity[after.claims[at]!.verdict] <= severity[claim.verdict]) &&
        allergenCodes.every(code => strength[after.allergens[code].status] <= strength[before.allergens[code].status])
      )
    })
  })
}

/** What the batches ask for, less what is in stock (grams by ingredient, and of parts by their key), in whole packs, the dearest first. */
export function shoppingFor(
  workbook: Workbook,
  wanted: readonly Wanted[],
  stock: Readonly<Record<string, Grams>> = {},
  partStock: Readonly<Record<string, Grams>> = {},
): Shopping {
  const names = byId(workbook.ingredients)
  const needed = new Map<string, { grams: Grams; products: Set<string> }>()
  const unknown = new Set<string>()
  const recipes = byId(workbook.recipes)
  const billed = billsOf(workbook.recipes, workbook.ingredients)
  const shelf: Record<string, Grams> = { ...partStock }
  const fromShelf = new Map<string, { part: string; name: string; grams: Grams }>()
  /** What a recipe takes for so many makings: a part that stands on the shelf is taken from there first. */
  const gather = (recipeId: string, times: number, product: string, above: readonly string[]): void => {
    const bill = billed(recipeId)
    for (const line of bill.lines) {
      const ingredient = names.get(line.ingredient)
      if (line.path.length !== 2 || !ingredient || line.unweighed) continue
      const bought = (line.grams * times) / (ediblePart(ingredient, line.form) ?? 1)
      const before = needed.get(ingredient.id) ?? { grams: 0, products: new Set<string>() }
      before.grams += bought
      before.products.add(product)
      needed.set(ingredient.id, before)
    }
    for (const line of recipes.get(recipeId)?.lines ?? []) {
      if (!('recipe' in line.of)) continue
      const part = partKey(line.of)
      if (above.includes(part)) continue
      const inner = billed(part)
      const makings = makingsAsked(bill, inner, line.id) * times
      const grams = inner.finished * makings
      const taken = Math.min(shelf[part] ?? 0, grams)
      if (taken > 0) {
        shelf[part] = shelf[part]! - taken
        const name = recipes.get(part)?.name ?? part
        fromShelf.set(part, { part, name, grams: (fromShelf.get(part)?.grams ?? 0) + taken })
      }
      if (grams > taken) gather(part, makings * (1 - taken / grams), product, [...above, part])
    }
  }
  for (const { product: id, factor } of wanted) {
    const product = workbook.products.find(one => one.id === id)
    if (!product || !(factor > 0)) continue
    for (const why of billed(product.recipe).unknown) unknown.add(`${product.name}: ${why}`)
    gather(product.recipe, factor, id, [product.recipe])
  }
  const purchases = [...needed].map(([id, need]): Purchase => {
    const ingredient = names.get(id)!
    const have = stock[id] ?? 0
    const toBuy = Math.max(0, need.grams - have)
    const base = { ingredient: id, name: ingredient.name, needed: need.grams, stock: have, toBuy }
    if (toBuy < 0.05) return { ...base, choices: [], over: have - need.grams, unknown: null }
    const articles = sameShelf(workbook, ingredient).filter(
      one => one === ingredient || keepsLabel(workbook, [...need.products], ingredient, one),
    )
    const packs = articles.flatMap(article => packsToBuy(article, workbook).map(pack => ({ ...pack, article })))
    const chosen = cheapestPacks(packs, toBuy)
    if (chosen === null) {
      unknown.add(`no price for ${ingredient.name}`)
      return { ...base, choices: [], over: 0, unknown: `no price for ${ingredient.name}` }
    }
    const choices = chosen.map(
      ({ pack, count }): PackChoice => ({
        ingredient: pack.article.id,
        name: pack.article.name,
        supplier: pack.article.supplier ?? '',
        article: pack.article.article ?? '',
        pack: pack.grams,
        count,
        each: pack.price,
        price: new Big(pack.price).times(count).toFixed(),
      }),
    )
    const bought = choices.reduce((sum, one) => sum + one.count * one.pack, 0)
    return { ...base, choices, over: have + bought - need.grams, unknown: null }
  })
  const priceOf = (one: Purchase) => one.choices.reduce((sum, choice) => sum.plus(choice.price), new Big(0))
  return {
    currency: workbook.kitchen.currency,
    purchases: purchases.sort((a, b) => Number(priceOf(b).minus(priceOf(a))) || (a.name < b.name ? -1 : 1)),
    total: purchases.reduce((sum, one) => sum.plus(priceOf(one)), new Big(0)).toFixed(),
    unknown: [...unknown],
    fromShelf: [...fromShelf.values()],
  }
}
