// Which products use which ingredients, through every part.
import { byId } from '../model/byId'
import { partKey } from '../model/recipe'
import type { Workbook } from '../model/workbook'

/** Which products use which ingredients, through every part: made once for a workbook. */
export interface Catalogue {
  workbook: Workbook
  usersOf: ReadonlyMap<string, readonly string[]>
}
export function catalogueOf(workbook: Workbook): Catalogue {
  const recipes = byId(workbook.recipes)
  const known = new Map<string, ReadonlySet<string>>()
  const inside = (id: string, above: readonly string[]): ReadonlySet<string> => {
    const before = known.get(id)
    if (before) return before
    const found = new Set<string>()
    for (const line of recipes.get(id)?.lines ?? [])
      if ('ingredient' in line.of) found.add(line.of.ingredient)
      else {
        const part = partKey(line.of)
        if (!above.includes(part)) for (const one of inside(part, [...above, id])) found.add(one)
      }
    known.set(id, found)
    return found
  }
  const usersOf = new Map<string, string[]>()
  for (const product of workbook.products)
    for (const ingredient of inside(product.recipe, [])) {
      const users = usersOf.get(ingredient)
      if (users) users.push(product.id)
      else usersOf.set(ingredient, [product.id])
    }
  return { workbook, usersOf }
}
