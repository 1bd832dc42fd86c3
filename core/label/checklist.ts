// What a label must bear for how the food is sold: each thing there, missing, or not asked, and why.
import type { RulePack } from '../market/rulePack'
import type { Product } from '../model/product'
import { type Particular, particulars } from '../model/sale'
import type { Declaration } from './declaration'
import { saleOf } from './sale'

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
    origin: said.origin ? null : 'nobody has said where it is made',
    lot: said.lot ? null : 'it has none',
    price: said.price ? null : 'it is not printed',
  }
  return particulars.map((particular): Check => {
    if (particular === 'nutrition' && 'missing' in table && table.leftOut !== undefined)
      return { particular, state: 'notAsked', why: table.leftOut }
    if (!asks.includes(particular)) {
      const rule = particular === 'origin' ? rules.origin : particular === 'price' ? rules.prices : null
      // said without being asked for, it stands there all the same
      if (rule && lacks[particular] === null) return { particular, state: 'there' }
      return {
        particular,
        state: 'notAsked',
        why: rule ? `${rule.when} (${rule.cite})` : setApart ? `${means} (${cite})` : cite,
      }
    }
    const lack = lacks[particular] ?? declaration.problems.find(one => one.about === particular)?.what ?? null
    return lack === null ? { particular, state: 'there' } : { particular, state: 'missing', why: lack }
  })
}
