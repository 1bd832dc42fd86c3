// Kept versions of a recipe: written once, never changed.
import { bodyOf, RecipeBody } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'
import type { BakerySql } from './withBakery'

export interface KeptVersion {
  number: number
  name: string
  reason: string
  keptBy: string
  /** ISO moment. */
  keptAt: string
  body: RecipeBody
}

/** Every kept version of a recipe that can be read, newest first. */
export async function listVersions(sql: BakerySql, recipeId: string): Promise<KeptVersion[]> {
  const rows = await sql<(Omit<KeptVersion, 'body' | 'keptAt'> & { keptAt: Date; body: unknown })[]>`
    select v.number, v.name, v.reason, coalesce(s.name, v.kept_by) as "keptBy", v.kept_at as "keptAt", v.body
    from recipe_version v left join staff s on s.bakery_id = v.bakery_id and s.id = v.kept_by
    where v.recipe_id = ${recipeId} order by v.number desc`
  return rows.flatMap(row => {
    const body = RecipeBody.safeParse(row.body)
    return body.success ? [{ ...row, keptAt: row.keptAt.toISOString(), body: body.data }] : []
  })
}

/** Keeps the recipe as it stands under the next number. The caller holds the recipe's row locked. */
export async function keepVersion(sql: BakerySql, recipe: Recipe, name: string, reason: string): Promise<number> {
  const [row] = await sql<{ number: number }[]>`
    insert into recipe_version (bakery_id, recipe_id, number, name, reason, body)
    select current_bakery(), ${recipe.id}, coalesce(max(number), 0) + 1, ${name}, ${reason}, ${sql.json(bodyOf(recipe) as never)}
    from recipe_version where recipe_id = ${recipe.id}
    returning number`
  return row!.number
}
