// How a product is sold, what its label must bear for that, and whether a table of nutrition may be left off it.
import { saysOfNutrients } from '../claim/claim'
import type { ClaimResult } from '../claim/verdict'
import type { RulePack, SaleRule } from '../market/rulePack'
import type { Kitchen } from '../model/kitchen'
import type { Product } from '../model/product'
import type { SaleForm } from '../model/sale'

/** What the law asks of this form of sale. `setApart`: it knows that form; else all is asked as of what is prepacked. */
export function saleOf(
  product: Pick<Product, 'soldAs'>,
  { sale }: RulePack,
): SaleRule & { form: SaleForm; setApart: boolean } {
  const form = product.soldAs ?? 'prepacked'
  const own = sale.forms[form]
  return { ...(own ?? sale.forms.prepacked), form, setApart: own !== null }
}

export type WithoutTable =
  /** It may be left out, and why. */
  | { leftOut: string; cite: string }
  /** Somebody wanted it left out, and it may not be. */
  | { refused: string }
/** Left out because nobody asks for it: what stands in `withoutTable` then. */
export const notAskedFor = 'notAsked'
/**
 * Whether the table stands off the label: because nobody asks for it, where it was unwanted or `cannot` be given; or by an exemption
 * that somebody answers for. Null where it is to be printed. A claim about nutrients ends either.
 */
export function withoutTable(
  product: Pick<Product, 'soldAs' | 'withoutTable'>,
  rules: RulePack,
  claims: readonly Pick<ClaimResult, 'claim'>[],
  kitchen: Pick<Kitchen, 'houseRules'>,
  cannot: boolean,
): WithoutTable | null {
  const wanted = product.withoutTable?.[rules.market]
  const { asks, cite, form, means } = saleOf(product, rules)
  const isAsked = asks.includes('nutrition')
  if (wanted === undefined && (isAsked || !cannot)) return null
  const { endedBy, withoutTable: exemptions } = rules.sale
  if (claims.some(({ claim }) => saysOfNutrients(claim, kitchen)))
    return { refused: `The nutrition table may not be left out beside ${endedBy.what} (${endedBy.cite}).` }
  if (!isAsked) return { leftOut: `not asked of what is ${means}`, cite }
  const exemption = exemptions.find(one => one.id === wanted && one.forms.includes(form))
  return exemption
    ? { leftOut: exemption.what, cite: exemption.cite }
    : { refused: 'Why the nutrition table was left out does not count for how it is sold now.' }
}
