// A part on a bench of its own: not sold by itself, but judged by every claim and market of what it goes into.
import type { Product } from '../model/product'
import { partKey, type Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'

/** Products that the part goes into, at whatever depth. */
export function productsWith(workbook: Pick<Workbook, 'recipes' | 'products'>, part: string): Product[] {
  const holding = new Set([part])
  const recipes = new Map(workbook.recipes.map(recipe => [recipe.id, recipe]))
  const holds = (id: string, above: readonly string[]): boolean => {
    if (holding.has(id)) return true
    if (above.includes(id)) return false
    const inside = (recipes.get(id)?.lines ?? []).some(
      line => 'recipe' in line.of && holds(partKey(line.of), [...above, id]),
    )
    if (inside) holding.add(id)
    return inside
  }
  return workbook.products.filter(product => product.recipe !== part && holds(product.recipe, []))
}

/** What stands for the part where a bench wants a product: a kilogram of it, with the claims and markets it must bear. */
export function partOnBench(workbook: Pick<Workbook, 'recipes' | 'products'>, recipe: Recipe): Product {
  const users = productsWith(workbook, recipe.id)
  const claims = [...new Set(users.flatMap(product => product.claims))]
  const markets = [...new Set(users.flatMap(product => product.markets))]
  return {
    id: `part:${recipe.id}`,
    name: recipe.name,
    recipe: recipe.id,
    netWeight: 1000,
    pieces: 1,
    claims,
    markets: markets.length > 0 ? markets : ['uk'],
  }
}
