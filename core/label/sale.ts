// How a product is sold and what its label must bear for that: each thing there, missing, or not asked, and why.
import { isNutritionClaim } from '../claim/claim'
import type { ClaimResult } from '../claim/verdict'
import type { RulePack, SaleRule } from '../market/rulePack'
import type { Product } from '../model/product'
import { type Particular, particulars, type SaleForm } from '../model/sale'
import type { Declaration } from './declaration'

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
  cannot: boolean,
): WithoutTable | null {
  const wanted = product.withoutTable?.[rules.market]
  const { asks, cite, form, means } = saleOf(product, rules)
  const isAsked = asks.includes('nutrition')
  if (wanted === undefined && (isAsked || !cannot)) return null
  const { endedBy, withoutTable: exemptions } = rules.sale
  if (claims.some(({ claim }) => isNutritionClaim(claim)))
    return { refused: `The nutrition table may not be left out beside ${endedBy.what} (${endedBy.cite}).` }
  if (!isAsked) return { leftOut: `not asked of what is ${means}`, cite }
  const exemption = exemptions.find(one => one.id === wanted && one.forms.includes(form))
  return exemption
    ? { leftOut: exemption.what, cite: exemption.cite }
    : { refused: 'Why the nutrition table was left out does not count for how it is sold now.' }
}

export interface Check {
  particular: Particular
  state: 'there' | 'missing' | 'notAsked'
  /** Why it is not asked, or what is missing. */
  why?: string
}
/** Everything a label bears, by what this market asks for this form of sale. */
export function checklistOf(declaration: Declaration, product: Product, rules: RulePack): Check[] {
  const { asks, cite, means, setApart } = saleOf(product, rules)
  const { table, particulars: said } = declaration
  const lacks: Record<Particular, string | null> = {
    name: declaration.name.trim() ? null : 'it has none',
    ingredients: declaration.ingredients.length > 0 ? null : 'nothing is in it yet',
    allergens: declaration.ingredients.length > 0 ? null : 'nothing is in it yet',
    quid: null,
    netQuantity: said.netGrams > 0 ? null : 'nothing is weighed',
    date: said.date ? null : 'nobody has said how long it keeps',
    storage: said.storage ? null : 'nobody has said how it is kept',
    operator: said.operator ? null : 'it stands in Kitchen, once it is entered there',
    nutrition: 'missing' in table ? 'some values are not known' : null,
    lot: said.lot ? null : 'it has none',
  }
  return particulars.map((particular): Check => {
    if (particular === 'nutrition' && 'missing' in table && table.leftOut !== undefined)
      return { particular, state: 'notAsked', why: table.leftOut }
    if (!asks.includes(particular))
      return {
        particular,
        state: 'notAsked',
        why: setApart ? `${means} (${cite})` : cite,
      }
    const lack = lacks[particular] ?? declaration.problems.find(one => one.about === particular)?.what ?? null
    return lack === null ? { particular, state: 'there' } : { particular, state: 'missing', why: lack }
  })
}
