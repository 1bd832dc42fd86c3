// Where a food was made, said on its label, brings another question along: whether its main ingredient comes from there too.
import type { RulePack } from '../market/rulePack'
import { byId } from '../model/byId'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { percent } from '../words/rounding'

/** More than half of the food: what the law takes for its main ingredient, unless its name makes one think of another. */
const mainShare = 0.5

/** Asked of somebody competent, and not answered here. None where nothing is said of where it was made. */
export function originQuestions(
  { origin }: Pick<Product, 'origin'>,
  bill: Bill,
  workbook: Pick<Workbook, 'ingredients'>,
  { origin: { mainIngredient, beside, cite } }: Pick<RulePack, 'origin'>,
): string[] {
  if (!origin) return []
  const grams = new Map<string, number>()
  for (const { ingredient, grams: weighed, role } of bill.lines)
    if (role !== 'beside') grams.set(ingredient, (grams.get(ingredient) ?? 0) + weighed)
  const [main] = [...grams].filter(([, weighed]) => weighed > bill.ingoing * mainShare)
  const name = main && (byId(workbook.ingredients).get(main[0])?.name ?? main[0])
  return [
    ...(mainIngredient
      ? [
          `It says “${origin}”. Does ${name ? `${name}, ${percent(main[1] / bill.ingoing)} of it,` : 'its main ingredient, or what its name makes one think of,'} come from there too? If not, that must be said beside it (${cite}).`,
        ]
      : []),
    ...(beside ? [`${beside} (${cite}).`] : []),
  ]
}
