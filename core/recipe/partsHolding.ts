// The recipes an ingredient goes into, by itself or by way of a part, at any depth.
import type { Recipe } from '../model/recipe'

/** Ids without a version: what is frozen in an old version counts for the part. */
export function partsHolding(recipes: readonly Recipe[], ingredient: string): Set<string> {
  const holding = new Set<string>()
  const plain = (id: string) => id.split('@')[0]!
  for (;;) {
    const before = holding.size
    for (const recipe of recipes)
      if (
        recipe.lines.some(({ of, alternatives = [] }) =>
          [of, ...alternatives].some(one =>
            'recipe' in one ? holding.has(plain(one.recipe)) : one.ingredient === ingredient,
          ),
        )
      )
        holding.add(plain(recipe.id))
    if (holding.size === before) return holding
  }
}
