// From a cost to a price: margin, mark-up or food-cost share, tax as her settings say, and a sensible price point.
import Big from 'big.js'
import type { PricePoint, Pricing, Tax } from '../model/costing'
import type { Kitchen } from '../model/kitchen'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import type { FullCost } from './fullCost'

export interface TaxRate {
  name: string
  /** 0.2 is 20 %. */
  rate: Big
  /** Prices are said with it. */
  included: boolean
}

/** How a product is taxed in a market, by her settings; in words where she has not said. */
export function taxOf(
  kitchen: Pick<Kitchen, 'taxes'>,
  product: Pick<Product, 'tax'>,
  market: MarketCode,
): TaxRate | { unknown: string } {
  const settings: Tax | undefined = kitchen.taxes?.[market]
  if (!settings) return { unknown: 'how this market taxes it (set it under Kitchen)' }
  const name = product.tax?.[market]
  if (name === undefined) return { unknown: 'which rate of tax it takes' }
  const rate = settings.rates.find(one => one.name === name)
  return rate
    ? { name, rate: new Big(rate.percent).div(100), included: settings.included }
    : { unknown: `the rate “${name}” is no longer among the kitchen’s` }
}

/** A gross price taken apart: net and tax, to the penny; they always add up to the gross. */
export function taxParts(gross: string, tax: TaxRate): { net: string; tax: string } {
  const net = new Big(gross).div(new Big(1).plus(tax.rate)).round(2, Big.roundHalfUp)
  return { net: net.toFixed(2), tax: new Big(gross).minus(net).toFixed(2) }
}

/** The net price that a cost asks for; in words where it cannot be had. */
export function netPrice(cost: string, foodCost: string | null, pricing: Pricing): string | { unknown: string } {
  const share = new Big(pricing.share)
  if (pricing.by === 'markUp') return new Big(cost).times(share.plus(1)).toFixed()
  if (pricing.by === 'margin')
    return share.gte(1)
      ? { unknown: 'a margin of the whole price leaves no price: take less than 100 %' }
      : new Big(cost).div(new Big(1).minus(share)).toFixed()
  if (foodCost === null) return { unknown: 'what its ingredients cost a piece' }
  return new Big(foodCost).div(share).toFixed()
}

/** Up to the next price point; to the next penny without one. Never below what was asked. */
export function toPricePoint(price: string, point: PricePoint | undefined): string {
  const wanted = new Big(price)
  const step = new Big(point?.step ?? '0.01')
  if (step.lte(0)) return wanted.round(2, Big.roundUp).toFixed(2)
  const less = new Big(point?.less ?? 0)
  const steps = wanted.plus(less).div(step).round(0, Big.roundUp)
  const at = steps.times(step).minus(less)
  return (at.lt(wanted) ? at.plus(step) : at).toFixed(2)
}

export const tiers = ['pack', 'box', 'wholesale'] as const
export type Tier = (typeof tiers)[number]

export interface Suggested {
  tier: Tier
  /** What it has to carry. */
  cost: string
  /** As the customer pays it. */
  price: string
  net: string
  tax: string
  /** What is left of the net price after the cost, and its share of it: null of a price of nothing, which has no shares. */
  leaves: string
  margin: number | null
}

/** What a price leaves: net of tax, less the cost. `price` as the customer pays it, or net where prices are said without tax. */
export function leaves(
  price: string,
  cost: string,
  tax: TaxRate,
): Pick<Suggested, 'net' | 'tax' | 'leaves' | 'margin'> {
  const parts = tax.included
    ? taxParts(price, tax)
    : { net: new Big(price).toFixed(2), tax: new Big(price).times(tax.rate).round(2, Big.roundHalfUp).toFixed(2) }
  const left = new Big(parts.net).minus(cost)
  return {
    ...parts,
    leaves: left.round(6, Big.roundHalfUp).toFixed(),
    margin: new Big(parts.net).gt(0) ? Number(left.div(parts.net)) : null,
  }
}

/** Less than the floor: a price of nothing keeps no floor. */
export const isUnder = (margin: number | null, floor: number): boolean => margin === null || margin < floor

/** What a pack, or a box, or a wholesale pack has to carry; null where it cannot be said. */
export const costOfTier = (cost: FullCost, tier: Tier): string | null => (tier === 'box' ? cost.perBox : cost.perPack)

/** The price of a tier that the pricing asks for, on a price point; in words where there is none. */
export function suggestedPrice(
  cost: FullCost,
  product: Product,
  kitchen: Pick<Kitchen, 'taxes' | 'pricePoint'>,
  market: MarketCode,
  tier: Tier,
): Suggested | { unknown: string } {
  const { pricing } = product
  if (!pricing) return { unknown: 'how you price it: by margin, mark-up or food-cost share' }
  const carried = costOfTier(cost, tier)
  if (carried === null)
    return {
      unknown:
        tier === 'box' && product.packsPerBox === undefined ? 'how many packs are in a box' : 'what one has to carry',
    }
  if (tier === 'wholesale' && pricing.wholesale === undefined)
    return { unknown: 'what share of the usual price others pay' }
  const tax = taxOf(kitchen, product, market)
  if ('unknown' in tax) return tax
  const pieces = tier === 'box' ? product.pieces * (product.packsPerBox ?? 1) : product.pieces
  const food = cost.foodPerPiece === null ? null : new Big(cost.foodPerPiece).times(pieces).toFixed()
  const net = netPrice(carried, food, pricing)
  if (typeof net !== 'string') return net
  const less = tier === 'wholesale' ? new Big(net).times(pricing.wholesale!).toFixed() : net
  const said = tax.included ? new Big(less).times(tax.rate.plus(1)).toFixed() : less
  const price = toPricePoint(said, kitchen.pricePoint)
  return { tier, cost: carried, price, ...leaves(price, carried, tax) }
}

/** A product whose price leaves less than its floor: which tier, what it leaves, and the price that would do. */
export interface UnderFloor {
  tier: Tier
  margin: number | null
  floor: number
  price: string
  /** The least price point that keeps the floor. */
  wanted: string
}
export function underFloor(
  cost: FullCost,
  product: Product,
  kitchen: Pick<Kitchen, 'taxes' | 'pricePoint'>,
  market: MarketCode,
): UnderFloor[] {
  const floor = product.pricing?.floorMargin
  const tax = taxOf(kitchen, product, market)
  if (floor === undefined || 'unknown' in tax) return []
  return tiers.flatMap(tier => {
    const price = product.prices?.[tier]
    const carried = costOfTier(cost, tier)
    if (price === undefined || carried === null) return []
    const { margin } = leaves(price, carried, tax)
    if (!isUnder(margin, floor)) return []
    const net = new Big(carried).div(new Big(1).minus(floor))
    const said = tax.included ? net.times(tax.rate.plus(1)) : net
    let wanted = toPricePoint(said.toFixed(), kitchen.pricePoint)
    // the net price is rounded to the penny: where that takes the margin under again, the next point
    while (isUnder(leaves(wanted, carried, tax).margin, floor))
      wanted = toPricePoint(new Big(wanted).plus('0.01').toFixed(), kitchen.pricePoint)
    return [{ tier, margin, floor, price, wanted }]
  })
}
