// What a label rests on, as it is frozen: the facts, the recipe, the kitchen's record, and no price of anything. Who may see a label
// need not see what it costs; and another price is no reason to read it again.
import { carriedTo } from '../assess/slice'
import type { Kitchen } from '../model/kitchen'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'

/** Every field of the kitchen: does a label rest on it? A new one does not compile until that is said. */
const restsOn: Record<keyof Kitchen, boolean> = {
  currency: true,
  crossContact: true,
  operator: true,
  operatorIn: true,
  evidenceYears: true,
  houseRules: true,
  freeByNature: true,
  labourPerHour: false,
  energyPerKwh: false,
  running: false,
  around: false,
  leftOver: false,
  taxes: false,
  pricePoint: false,
  rates: false,
  labelStocks: false,
  labelDesigns: false,
  scales: false,
  tins: false,
  mixers: false,
  ovens: false,
}

export function restsOf(workbook: Workbook, product: Product): Workbook {
  const { kitchen, ...rest } = carriedTo(workbook, product)
  return {
    ...rest,
    // what it is wrapped in is answered for in words
    products: rest.products.map(
      ({ pricing: _, prices: __, tax: ___, losses: ____, packing: _____, weighings: ______, ...one }) => one,
    ),
    ingredients: rest.ingredients.map(({ counterpart: _, trials: __, ...one }) => ({ ...one, packs: [] })),
    kitchen: Object.fromEntries(
      Object.entries(kitchen).filter(([field]) => restsOn[field as keyof Kitchen]),
    ) as Kitchen,
  }
}
