// "Butter or coconut oil": one is in force, and what the others would do to claims and allergens is checked as well.
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import type { Line } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { assess } from './assess'
import { type Changes, compareAssessments } from './compare'

export interface CheckedAlternative {
  line: string
  ingredient: string
  name: string
  /** What is otherwise than today, with it in force. */
  claims: Changes['claims']
  allergens: Changes['allergens']
}

/** The line with another of its alternatives in force: what was in force becomes one of them. */
export function withAlternative(line: Line, ingredient: string): Line {
  if (!('ingredient' in line.of)) return line
  const was = line.of.ingredient
  return {
    ...line,
    of: { ingredient },
    alternatives: (line.alternatives ?? []).map(one => (one.ingredient === ingredient ? { ingredient: was } : one)),
  }
}

/** Every alternative of the product's own lines, each by itself in today's recipe. Pure; slow by one assessment each. */
export function checkAlternatives(workbook: Workbook, productId: string, market: MarketCode): CheckedAlternative[] {
  const product = workbook.products.find(one => one.id === productId)
  const recipe = workbook.recipes.find(one => one.id === product?.recipe)
  const wanted = recipe?.lines.filter(line => line.alternatives?.length) ?? []
  if (!recipe || wanted.length === 0) return []
  const names = byId(workbook.ingredients as Ingredient[])
  const now = assess(workbook, productId, market, { factor: 1 }, true)
  return wanted.flatMap(line =>
    line.alternatives!.map(({ ingredient }) => {
      const lines = recipe.lines.map(one => (one === line ? withAlternative(line, ingredient) : one))
      const after = assess(
        { ...workbook, recipes: workbook.recipes.map(one => (one === recipe ? { ...recipe, lines } : one)) },
        productId,
        market,
        { factor: 1 },
        true,
      )
      const { claims, allergens } = compareAssessments(now, after)
      return { line: line.id, ingredient, name: names.get(ingredient)?.name ?? ingredient, claims, allergens }
    }),
  )
}
