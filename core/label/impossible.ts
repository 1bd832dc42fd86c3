// Nutrition values that cannot be true together stop the table: what, and of which ingredient.
import { byId } from '../model/byId'
import type { Workbook } from '../model/workbook'
import { doubtsAbout } from '../nutrition/plausible'
import type { Bill } from '../recipe/bill'
import { capital } from '../words/listing'

/** A sentence for each ingredient in the food whose values contradict each other; empty where all can be. */
export function impossibleValues(bill: Bill, workbook: Workbook): string[] {
  const ingredients = byId(workbook.ingredients)
  const used = new Set(
    bill.lines.filter(line => line.role !== 'beside' && line.retained !== 0).map(line => line.ingredient),
  )
  return [...used].flatMap(id => {
    const ingredient = ingredients.get(id)
    const doubt = ingredient && doubtsAbout(code => ingredient.nutrients[code]?.value)[0]
    return doubt ? [`${capital(ingredient.name)}: ${doubt.message}`] : []
  })
}
