// What a laboratory found stands for what is worked out, where somebody chose it and the food is still made of what was analysed.
import { byId } from '../model/byId'
import type { LabResult } from '../model/laboratory'
import type { NutrientCode } from '../model/nutrient'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'

/** Per 100 g as sold. Energy is worked out from them, like any other. */
export type Analysed = Partial<Record<NutrientCode, number>>

/** What is in the food now and was not in the one that was analysed, by name. */
export function newSince({ of }: LabResult, bill: Bill, workbook: Workbook): string[] {
  const tested = new Set(of)
  const names = byId(workbook.ingredients)
  const now = bill.lines.filter(line => line.role !== 'beside' && !tested.has(line.ingredient))
  return [...new Set(now.map(line => names.get(line.ingredient)?.name ?? line.ingredient))]
}
/** What was analysed and is in it no more, by name. */
export function goneSince({ of }: LabResult, bill: Bill, workbook: Workbook): string[] {
  const now = new Set(bill.lines.filter(line => line.role !== 'beside').map(line => line.ingredient))
  const names = byId(workbook.ingredients)
  return of.filter(id => !now.has(id)).map(id => names.get(id)?.name ?? id)
}

/** The newest result that was chosen. */
export const chosenResult = ({ laboratory = [] }: Pick<Product, 'laboratory'>): LabResult | undefined =>
  laboratory.filter(one => one.used).sort((a, b) => (a.on < b.on ? 1 : -1))[0]

/** What counts of it for this food; nothing where another thing is in it than was analysed. */
export function analysedOf(product: Pick<Product, 'laboratory'>, bill: Bill, workbook: Workbook): Analysed {
  const chosen = chosenResult(product)
  if (!chosen || newSince(chosen, bill, workbook).length > 0 || goneSince(chosen, bill, workbook).length > 0) return {}
  const left = new Set<NutrientCode>(['energyKj', 'energyKcal', ...(chosen.notUsed ?? [])])
  return Object.fromEntries(
    Object.entries(chosen.values).filter(([code]) => !left.has(code as NutrientCode)),
  ) as Analysed
}
