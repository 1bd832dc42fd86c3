// What a label rests on, as it is frozen: the facts, the recipe, the kitchen's record, and no price of anything. Who may see a label
// need not see what it costs; and another price is no reason to read it again.
import { carriedTo } from '../assess/slice'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'

export function restsOf(workbook: Workbook, product: Product): Workbook {
  const { kitchen, ...rest } = carriedTo(workbook, product)
  const { currency, crossContact, operator, operatorIn, evidenceYears, freeByNature } = kitchen
  return {
    ...rest,
    // what it is wrapped in is answered for in words
    products: rest.products.map(({ pricing: _, prices: __, tax: ___, losses: ____, packing: _____, ...one }) => one),
    ingredients: rest.ingredients.map(({ counterpart: _, ...one }) => ({ ...one, packs: [] })),
    kitchen: {
      currency,
      crossContact,
      ...(operator ? { operator } : {}),
      ...(operatorIn ? { operatorIn } : {}),
      ...(evidenceYears ? { evidenceYears } : {}),
      ...(freeByNature ? { freeByNature } : {}),
    },
  }
}
