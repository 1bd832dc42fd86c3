// A bakery as a Workbook: plain data, read in one round trip.
import { RecipeBody } from '@fair-tin/core/edit'
import { partKey, type Recipe, type Workbook } from '@fair-tin/core/model'
import { readKitchen } from './bakery'
import { listIngredients } from './ingredients'
import { listProducts } from './products'
import { listRecipes } from './recipes'
import type { BakerySql } from './withBakery'

/** Everything there is. `today` is an ISO date: what is in force on that day. */
export async function readWorkbook(sql: BakerySql, today: string): Promise<Workbook> {
  const [products, recipes, frozen, ingredients, kitchen] = await Promise.all([
    listProducts(sql),
    listRecipes(sql),
    listFrozen(sql),
    listIngredients(sql),
    readKitchen(sql),
  ])
  return { products, recipes: [...recipes, ...frozen], ingredients, ...kitchen, today }
}

/**
 * Kept versions that some recipe in force, or another such version, has frozen as a part: they stand in a workbook beside
 * the newest, under "id@version" and with the version in their name.
 */
async function listFrozen(sql: BakerySql): Promise<Recipe[]> {
  const rows = await sql<{ id: string; number: number; name: string; body: unknown }[]>`
    with recursive used (recipe_id, number) as (
      select line -> 'of' ->> 'recipe', (line -> 'of' ->> 'version')::int
        from recipe_in_force, jsonb_array_elements(body -> 'lines') line where line -> 'of' ? 'version'
      union
      select line -> 'of' ->> 'recipe', (line -> 'of' ->> 'version')::int
        from used join recipe_version v using (recipe_id, number), jsonb_array_elements(v.body -> 'lines') line
        where line -> 'of' ? 'version'
    )
    select v.recipe_id as id, v.number, r.name, v.body
    from used join recipe_version v using (recipe_id, number) join recipe r on r.bakery_id = v.bakery_id and r.id = v.recipe_id`
  return rows.map(row => ({
    ...RecipeBody.parse(row.body),
    id: partKey({ recipe: row.id, version: row.number }),
    version: row.number,
    name: `${row.name} (version ${row.number})`,
  }))
}
