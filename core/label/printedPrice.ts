// The price of a pack as its label says it, with what a kilogram of it costs where the market asks for that.
import type { RulePack } from '../market/rulePack'
import type { Product } from '../model/product'
import { money } from '../words/money'
import { filled } from '../words/template'

/** "£3.20 (£8.00 per kg)", in the kitchen's currency, as the customer pays it; null where it is not printed, or not known. */
export function printedPrice(
  { printPrice = [], prices, netWeight }: Pick<Product, 'printPrice' | 'prices' | 'netWeight'>,
  currency: string,
  { market, prices: { unit } }: Pick<RulePack, 'market' | 'prices'>,
): string | null {
  if (!printPrice.includes(market) || prices?.pack === undefined) return null
  const pack = money(prices.pack, currency)
  if (!unit) return pack
  const perUnit = money((Number(prices.pack) / netWeight) * unit.grams, currency)
  return `${pack} (${filled(unit.text, { price: perUnit })})`
}
