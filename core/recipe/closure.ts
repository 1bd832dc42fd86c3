// Everything a recipe is made of, however deep: its parts, what goes into them, and what may be used instead.
import { byId } from '../model/byId'
import { partKey, type Recipe } from '../model/recipe'

interface Named {
  id: string
}
export interface Closure<I extends Named> {
  /** The recipe itself first; then every part once, as it is met. Ids that are written and stand nowhere are left out. */
  recipes: readonly Recipe[]
  /** In the order of the larder. */
  ingredients: readonly I[]
  /** Every id that was met, also of what is not there. */
  met: ReadonlySet<string>
}

const places = new WeakMap<readonly Named[], ReadonlyMap<string, number>>()
function placesIn(larder: readonly Named[]): ReadonlyMap<string, number> {
  const known = places.get(larder)
  if (known) return known
  const made = new Map(larder.map((one, at) => [one.id, at]))
  places.set(larder, made)
  return made
}

/** `named`: ids of ingredients and recipes that are wanted too, whether they are in it or not. */
export function closureOf<I extends Named>(
  { recipes, ingredients }: { recipes: readonly Recipe[]; ingredients: readonly I[] },
  of: Recipe,
  named: readonly string[] = [],
): Closure<I> {
  const [known, larder, place] = [byId(recipes), byId(ingredients), placesIn(ingredients)]
  const used = new Set<string>()
  // sets are walked to their end, also over what is added on the way
  const parts = new Map<string, Recipe | undefined>([[of.id, of]])
  for (const id of named)
    if (larder.has(id)) used.add(id)
    else if (!parts.has(id)) parts.set(id, known.get(id))
  for (const recipe of parts.values())
    for (const { of: what, alternatives = [] } of recipe?.lines ?? []) {
      if ('ingredient' in what) used.add(what.ingredient)
      else if (!parts.has(partKey(what))) parts.set(partKey(what), known.get(partKey(what)))
      for (const other of alternatives) used.add(other.ingredient)
    }
  return {
    recipes: [...parts.values()].flatMap(recipe => recipe ?? []),
    ingredients: [...used].flatMap(id => larder.get(id) ?? []).sort((a, b) => place.get(a.id)! - place.get(b.id)!),
    met: new Set([...parts.keys(), ...used]),
  }
}
