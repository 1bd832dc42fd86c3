// Which products use which ingredients, or may use them instead, through every part.
import { byId } from '../model/byId'
import { partKey } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { keptBeside } from '../words/keptBeside'

/** Which products use which ingredients, through every part: made once for a workbook. */
export interface Catalogue {
  workbook: Workbook
  usersOf: ReadonlyMap<string, readonly string[]>
}
export const catalogueOf = (workbook: Workbook): Catalogue => keep(workbook, 'all', [], () => made(workbook))
const keep = keptBeside<Workbook, Catalogue>()
function made(workbook: Workbook): Catalogue {
  const recipes = byId(workbook.recipes)
  const inside = (recipe: string): ReadonlySet<string> => {
    const found = new Set<string>()
    const way = new Set([recipe])
    // a set is walked to its end, also over what is added on the way
    for (const id of way)
      for (const { of, alternatives = [] } of recipes.get(id)?.lines ?? []) {
        if ('ingredient' in of) found.add(of.ingredient)
        else way.add(partKey(of))
        // what may be used instead counts in every claim
        for (const other of alternatives) found.add(other.ingredient)
      }
    return found
  }
  const usersOf = new Map<string, string[]>()
  for (const product of workbook.products)
    for (const ingredient of inside(product.recipe)) {
      const users = usersOf.get(ingredient)
      if (users) users.push(product.id)
      else usersOf.set(ingredient, [product.id])
    }
  return { workbook, usersOf }
}
