// Sulphites, summed over the finished food as SO2: declared above a limit, and the sum is shown either way.
// What the oven drives off is not counted off: that takes a test of the food.
import type { RulePack } from '../market/rulePack'
import { byId } from '../model/byId'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { atMost, toPlaces } from '../words/rounding'
import { leavesNothing } from './leavesNothing'

export interface SulphiteSum {
  /** mg of SO2 per kg of finished food; null where an amount is not known. */
  mgPerKg: number | null
  declared: boolean
  fact: string
}

/** The sum of all that is put down as containing sulphites; null where the market has no limit or nothing contains any. */
export function sulphitesIn(
  bill: Bill,
  workbook: Workbook,
  rule: RulePack['allergens']['sulphites'],
): SulphiteSum | null {
  if (rule === null) return null
  const ingredients = byId(workbook.ingredients)
  let milligrams = 0
  let contained = false
  const unknown: string[] = []
  for (const line of bill.lines) {
    const ingredient = line.role === 'beside' ? undefined : ingredients.get(line.ingredient)
    if (!ingredient || leavesNothing(line, ingredient, workbook)?.('sulphites')) continue
    const said = ingredient.allergens.sulphites
    const status = said?.status ?? 'unknown'
    if (status === 'contains') contained = true
    if (said?.mgPerKg !== undefined && status !== 'unknown' && !line.unweighed)
      // what is poured away takes its share along
      milligrams += (line.grams * line.retained * said.mgPerKg) / 1000
    else if (status === 'contains' || status === 'unknown') unknown.push(ingredient.name)
  }
  if (!contained) return null
  if (bill.gaps.some(gap => gap.kind === 'component')) unknown.push('a part of the recipe')
  // water that bakes out makes it denser: how much, nobody has said
  const recipe = byId(workbook.recipes).get(bill.lines[0]!.path[0]!.id)
  if (!(bill.finished > 0) || recipe?.bakeLoss === undefined) unknown.push('the finished weight')
  if (unknown.length > 0)
    return {
      mgPerKg: null,
      declared: true,
      fact: `how much SO2 the finished food holds is not known for ${[...new Set(unknown)].join(', ')}, so it is declared (${rule.cite})`,
    }
  const mgPerKg = (milligrams / bill.finished) * 1000
  const declared = rule.from ? atMost(rule.mgPerKg, mgPerKg) : !atMost(mgPerKg, rule.mgPerKg)
  const edge = rule.from ? `from ${rule.mgPerKg} on` : `above ${rule.mgPerKg}`
  return {
    mgPerKg,
    declared,
    fact: `${toPlaces(mgPerKg, 1)} mg/kg of SO2 in the finished food, ${declared ? 'declared' : `not declared: that is asked ${edge}`} (${rule.cite})`,
  }
}
