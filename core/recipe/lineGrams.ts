// How many grams a written line is.
import { gramsOf } from '../measure/convert'
import { type GramsResult, grams } from '../measure/grams'
import type { Ingredient } from '../model/ingredient'
import type { Line, Recipe } from '../model/recipe'

const asWeight = 'written as a weight'
/** Grams of one line of an ingredient: the written sum, or the mass said beside it where the amount is no mass. */
export function lineGrams(line: Line, ingredient: Ingredient, recipe: Recipe): GramsResult {
  if (line.amount === null) return { unknown: 'no amount is written' }
  // most lines are one plain weight of the thing as it goes in
  const { value, unit, upTo } = line.amount
  const mass = gramsOf(unit)
  if (mass !== null && upTo === undefined && !line.plus && line.weighed !== 'bought' && value >= 0 && value < 1e12)
    return { grams: value * mass, estimate: line.approximate ?? false, how: asWeight }
  const saidAsMass = line.also?.find(again => gramsOf(again.unit) !== null)
  const written = [line.amount, ...(line.plus ?? [])]
  const summands = saidAsMass && !line.plus?.length && gramsOf(line.amount.unit) === null ? [saidAsMass] : written
  let total = 0
  let estimate = line.approximate ?? false
  const how: string[] = []
  for (const amount of summands) {
    const one = grams(amount, ingredient, recipe, line.form)
    if ('unknown' in one) return one
    total += one.grams
    estimate ||= one.estimate
    if (!how.includes(one.how)) how.push(one.how)
  }
  if (total < 0) return { unknown: `the amounts of ${ingredient.name} add up to less than nothing` }
  if (!Number.isFinite(total)) return { unknown: `“${line.text ?? line.amount.value}” is no amount` }
  if (line.weighed === 'bought') {
    const edible = ediblePart(ingredient, line.form)
    if (edible !== undefined) {
      total *= edible
      how.push(`${edible * 100} % of it edible`)
    }
  }
  return { grams: total, estimate, how: how.join('; ') }
}

/** Edible share of the bought weight, for a form or as it is; undefined where nothing is taken off or nobody said. */
export const ediblePart = (ingredient: Ingredient, form?: string): number | undefined =>
  (
    ingredient.measures.find(measure => measure.form === form && measure.ediblePart !== undefined) ??
    ingredient.measures.find(measure => measure.form === undefined && measure.ediblePart !== undefined)
  )?.ediblePart
