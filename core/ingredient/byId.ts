// Ingredients by their id. Lists are plain data and never changed in place, so each is indexed once.
import type { Ingredient } from './ingredient'

const indexed = new WeakMap<readonly Ingredient[], ReadonlyMap<string, Ingredient>>()

export function byId(ingredients: readonly Ingredient[]): ReadonlyMap<string, Ingredient> {
  const known = indexed.get(ingredients)
  if (known) return known
  const made = new Map(ingredients.map(ingredient => [ingredient.id, ingredient]))
  indexed.set(ingredients, made)
  return made
}
