// What she asks of a cost by moving a number: what if, which three, how soon, and what the free-from premium is.
import Big from 'big.js'
import { packInForce } from '../cost/cost'
import { type FullCost, fullCostOf } from '../cost/fullCost'
import { leaves, taxOf } from '../cost/price'
import { firstMarketOf } from '../market/market'
import { byId } from '../model/byId'
import type { Ingredient, Pack } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import type { Workbook } from '../model/workbook'
import { billOf, ediblePart } from '../recipe/bill'
import { costed } from './slice'

/** The workbook with an ingredient's price in force times `factor`; the rest as it is. Null where it has no price. */
export function withPriceTimes(workbook: Workbook, ingredientId: string, factor: number): Workbook | null {
  const ingredient = workbook.ingredients.find(one => one.id === ingredientId)
  if (!ingredient) return null
  const { currency, rates } = workbook.kitchen
  const pack = packInForce(ingredient, currency, workbook.today, rates)
  if ('unknown' in pack) return null
  const price = new Big(pack.price).times(factor).round(6, Big.roundHalfUp).toFixed()
  const dearer: Ingredient = { ...ingredient, packs: [{ ...pack, price }] }
  return { ...workbook, ingredients: workbook.ingredients.map(one => (one === ingredient ? dearer : one)) }
}

export interface Sensitivity {
  ingredient: string
  name: string
  /** What a piece costs more when this costs `by` more, decimal. */
  perPiece: string
  /** The same as a share of what a piece costs. */
  share: number
}

/** How much each priced ingredient moves the cost of a sold piece when its price rises by `by` (0.1 is 10 %); the most first. */
export function sensitivities(
  workbook: Workbook,
  productId: string,
  batch: { factor: number },
  by = 0.1,
): Sensitivity[] {
  const cost = fullCostOf(workbook, productId, batch)
  if (cost.perPiece === null || cost.sold === null || !(cost.sold > 0)) return []
  const spent = new Map<string, Big>()
  const product = workbook.products.find(one => one.id === productId)!
  const names = byId(workbook.ingredients)
  const bill = billOf(workbook, product.recipe, batch)
  const { currency, rates } = workbook.kitchen
  for (const line of bill.lines) {
    if (line.role === 'beside' || line.unweighed) continue
    const ingredient = names.get(line.ingredient)
    const pack = ingredient && packInForce(ingredient, currency, workbook.today, rates)
    if (!ingredient || !pack || 'unknown' in pack) continue
    const bought = new Big(line.grams).div(ediblePart(ingredient, line.form) ?? 1)
    spent.set(ingredient.id, (spent.get(ingredient.id) ?? new Big(0)).plus(bought.times(pack.price).div(pack.grams)))
  }
  return [...spent]
    .map(([ingredient, amount]) => {
      const more = amount.times(by).div(cost.sold!)
      return {
        ingredient,
        name: names.get(ingredient)!.name,
        perPiece: more.round(6, Big.roundHalfUp).toFixed(),
        share: Number(cost.perPiece) > 0 ? Number(more.div(cost.perPiece!)) : 0,
      }
    })
    .sort((a, b) => b.share - a.share)
}

/** What the free-from premium is: the same bake with ordinary things in place of those that have a counterpart. */
export interface Premium {
  /** Ingredients of a sold piece as they are, and as they would be; decimals. */
  now: string
  ordinary: string
  premium: string
  /** Of each thing exchanged: what it costs more for a sold piece. */
  parts: { name: string; instead: string; more: string }[]
  /** Things bought free-from by their nature or name that nobody gave a counterpart: the premium is at least this. */
  without: string[]
}
export function premiumOf(
  workbook: Workbook,
  productId: string,
  batch: { factor: number } = { factor: 1 },
): Premium | { unknown: string } {
  const product = workbook.products.find(one => one.id === productId)!
  const recipe = workbook.recipes.find(one => one.id === product.recipe)
  const pieces = recipe?.pieces ? recipe.pieces * batch.factor : null
  if (pieces === null) return { unknown: 'how many pieces one making gives' }
  const { currency, rates } = workbook.kitchen
  const names = byId(workbook.ingredients)
  let now = new Big(0)
  let ordinary = new Big(0)
  const parts = new Map<string, { name: string; instead: string; more: Big }>()
  const without = new Set<string>()
  for (const line of billOf(workbook, product.recipe, batch).lines) {
    if (line.role === 'beside' || line.unweighed) continue
    const ingredient = names.get(line.ingredient)
    const pack = ingredient && packInForce(ingredient, currency, workbook.today, rates)
    if (!ingredient || !pack || 'unknown' in pack) continue
    const bought = new Big(line.grams).div(ediblePart(ingredient, line.form) ?? 1)
    const cost = bought.times(pack.price).div(pack.grams)
    now = now.plus(cost)
    const instead = ingredient.counterpart
    const other = instead ? new Big(line.grams).times(instead.perKg).div(1000) : cost
    ordinary = ordinary.plus(other)
    if (!instead) {
      if (ingredient.gluten && ingredient.traits.grain?.length) without.add(ingredient.name)
      continue
    }
    const before = parts.get(ingredient.id)?.more ?? new Big(0)
    parts.set(ingredient.id, {
      name: ingredient.name,
      instead: instead.name,
      more: before.plus(cost.minus(other).div(pieces)),
    })
  }
  const each = (amount: Big) => amount.div(pieces).round(6, Big.roundHalfUp).toFixed()
  return {
    now: each(now),
    ordinary: each(ordinary),
    premium: each(now.minus(ordinary)),
    parts: [...parts.values()]
      .sort((a, b) => Number(b.more.minus(a.more)))
      .map(one => ({ ...one, more: one.more.round(6, Big.roundHalfUp).toFixed() })),
    without: [...without],
  }
}

/** Packs to sell before a batch has paid for itself; in words where it never does or cannot be said. */
export function breakEven(
  workbook: Workbook,
  productId: string,
  market: MarketCode,
  cost: FullCost,
): { packs: number; of: number } | { unknown: string } {
  const product = workbook.products.find(one => one.id === productId)!
  const price = product.prices?.pack
  if (price === undefined) return { unknown: 'what a pack is sold for' }
  if (cost.made === null) return { unknown: 'how many pieces one making gives' }
  const tax = taxOf(workbook.kitchen, product, market)
  if ('unknown' in tax) return tax
  const { net } = leaves(price, '0', tax)
  if (new Big(net).lte(0)) return { unknown: 'a price above nothing' }
  return {
    packs: Number(new Big(cost.total).div(net).round(0, Big.roundUp)),
    of: (cost.sold ?? cost.made) / product.pieces,
  }
}

export interface Earning {
  product: string
  name: string
  /** Share of the net price that is left; null where it is not known. */
  margin: number | null
  /** Left of one making's sold packs, and for an hour of the oven and of work; decimals, null where not known. */
  leaves: string | null
  perOvenHour: string | null
  perLabourHour: string | null
  /** Packs asked for: what the volume is taken from. */
  packs: number
  unknown: string[]
}

/** What each product earns in one making at its pack price, beside how many packs are asked for. */
export function earnings(workbook: Workbook, packsAsked: Readonly<Record<string, number>>): Earning[] {
  return workbook.products.map(product => {
    const market = firstMarketOf(product)
    const cost = costed(workbook, product.id)
    const tax = taxOf(workbook.kitchen, product, market)
    const price = product.prices?.pack
    const unknown = [
      ...cost.unknown,
      ...(price === undefined ? ['what a pack is sold for'] : []),
      ...('unknown' in tax ? [tax.unknown] : []),
    ]
    const base = { product: product.id, name: product.name, packs: packsAsked[product.id] ?? 0, unknown }
    if (price === undefined || 'unknown' in tax || cost.perPack === null || cost.sold === null)
      return { ...base, margin: null, leaves: null, perOvenHour: null, perLabourHour: null }
    const left = leaves(price, cost.perPack, tax)
    const whole = new Big(left.leaves).times(cost.sold).div(product.pieces)
    const per = (hours: number) => (hours > 0 ? whole.div(hours).round(2, Big.roundHalfUp).toFixed(2) : null)
    return {
      ...base,
      margin: left.margin,
      leaves: whole.round(2, Big.roundHalfUp).toFixed(2),
      perOvenHour: per(cost.ovenHours),
      perLabourHour: per(cost.labourHours),
    }
  })
}

export interface CostDay {
  day: string
  perPiece: string | null
  /** What changed its price that day, as a share: 0.08 is 8 % dearer. */
  moved: { name: string; by: number }[]
}

/** What a sold piece cost on each day one of its prices changed, by today's recipe; the first day is the first of all. */
export function costOverTime(workbook: Workbook, productId: string, from: string): CostDay[] {
  const product = workbook.products.find(one => one.id === productId)!
  const used = new Set(billOf(workbook, product.recipe).lines.map(line => line.ingredient))
  const ingredients = workbook.ingredients.filter(one => used.has(one.id))
  const days = [...new Set([from, ...ingredients.flatMap(one => one.packs.map(pack => pack.from)), workbook.today])]
    .filter(day => day >= from && day <= workbook.today)
    .sort()
  const { currency, rates } = workbook.kitchen
  let before = new Map<string, Pack>()
  return days.map((day, at) => {
    const now = new Map<string, Pack>()
    const moved: CostDay['moved'] = []
    for (const one of ingredients) {
      const pack = packInForce(one, currency, day, rates)
      if ('unknown' in pack) continue
      now.set(one.id, pack)
      const was = before.get(one.id)
      // from nothing to something is no share of what it was
      if (at === 0 || !was || Number(was.price) === 0) continue
      const by = Number(new Big(pack.price).div(pack.grams).div(new Big(was.price).div(was.grams))) - 1
      if (Math.abs(by) > 1e-9) moved.push({ name: one.name, by })
    }
    before = now
    return {
      day,
      perPiece: fullCostOf({ ...workbook, today: day }, productId).perPiece,
      moved: moved.sort((a, b) => Math.abs(b.by) - Math.abs(a.by)),
    }
  })
}
