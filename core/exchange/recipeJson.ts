// Fair Tin's own file of a recipe: the recipe, every part in it, and the names of what they are made of. Nothing is lost
// in it. Facts, prices and proof of the ingredients stay where they were entered: whoever reads the file checks their own.
import { z } from 'zod'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { partKey, Recipe } from '../model/recipe'

export const recipeFormat = 'fair-tin-recipe'
export const RecipeFile = z.object({
  format: z.literal(recipeFormat),
  version: z.literal(1),
  recipe: Recipe,
  /** Every recipe used in it, at any depth. */
  parts: z.array(Recipe).max(500),
  /** What each ingredient is called, by the id its lines use. */
  names: z.record(z.string(), z.string()),
})
export type RecipeFile = z.infer<typeof RecipeFile>

/** A recipe with everything it is made of, as plain data for a file. Parts that are gone are left out; their lines stay. */
export function recipeFile(
  recipe: Recipe,
  ingredients: readonly Ingredient[],
  recipes: readonly Recipe[] = [],
): RecipeFile {
  const known = byId([...recipes])
  const called = byId([...ingredients])
  const parts = new Map<string, Recipe>()
  const names: Record<string, string> = {}
  const gather = (one: Recipe): void => {
    for (const line of one.lines) {
      for (const id of [
        ...('ingredient' in line.of ? [line.of.ingredient] : []),
        ...(line.alternatives ?? []).map(other => other.ingredient),
      ])
        names[id] = called.get(id)?.name ?? line.text ?? id
      if (!('recipe' in line.of)) continue
      const key = partKey(line.of)
      const part = known.get(key)
      if (!part || parts.has(key) || key === recipe.id) continue
      parts.set(key, part)
      gather(part)
    }
  }
  gather(recipe)
  return { format: recipeFormat, version: 1, recipe, parts: [...parts.values()], names }
}

/** A file of ours read back; null where it is none, and in words where it is one that cannot be read. */
export function readRecipeFile(data: unknown): RecipeFile | { problem: string } | null {
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== recipeFormat) return null
  const version = (data as { version?: unknown }).version
  if (version !== 1)
    return { problem: `This file is version ${String(version)} of the format; this Fair Tin reads version 1.` }
  const read = RecipeFile.safeParse(data)
  if (read.success) return read.data
  const [issue] = read.error.issues
  return { problem: `This recipe file is damaged at “${issue!.path.join('.')}”: ${issue!.message}` }
}
