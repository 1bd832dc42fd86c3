// A part on a bench of its own: not sold by itself, but judged by every claim and market of what it goes into.
import { marketsServed } from '../market/market'
import type { Product } from '../model/product'
import { partKey, type Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'

/** Products that the part goes into, at whatever depth. */
export function productsWith(workbook: Pick<Workbook, 'recipes' | 'products'>, part: string): Product[] {
  const usersOf = new Map<string, string[]>()
  for (const recipe of workbook.recipes)
    for (const line of recipe.lines)
      if ('recipe' in line.of) usersOf.set(partKey(line.of), [...(usersOf.get(partKey(line.of)) ?? []), recipe.id])
  const holding = new Set([part])
  // a set is walked to its end, also over what is added on the way
  for (const held of holding) for (const user of usersOf.get(held) ?? []) holding.add(user)
  return workbook.products.filter(product => product.recipe !== part && holding.has(product.recipe))
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
    markets: markets.length > 0 ? markets : [marketsServed[0]!],
  }
}
