// A bakery as a Workbook: plain data, read in one round trip.
import { RecipeBody } from '@fair-tin/core/edit'
import { type Damaged, partKey, type Recipe, unknownIngredient, type Workbook } from '@fair-tin/core/model'
import { readKitchen } from './bakery'
import { readRows } from './damage'
import { listIngredients } from './ingredients'
import { listProducts } from './products'
import { listRecipes } from './recipes'
import type { BakerySql } from './withBakery'

/**
 * Everything there is. `today` is an ISO date: what is in force on that day. What cannot be read is named in `damaged` and
 * stands for nothing: an ingredient is there with every fact unknown, a recipe and a product are not there, a kitchen was
 * never assessed.
 */
export async function readWorkbook(sql: BakerySql, today: string): Promise<Workbook> {
  const damaged: Damaged[] = []
  const [products, recipes, frozen, ingredients, kitchen] = await Promise.all([
    listProducts(sql, damaged),
    listRecipes(sql, damaged),
    listFrozen(sql, damaged),
    listIngredients(sql, damaged),
    readKitchen(sql, damaged),
  ])
  const hollow = damaged.filter(one => one.kind === 'ingredient').map(one => unknownIngredient(one.id, one.name))
  return {
    products,
    recipes: [...recipes, ...frozen],
    ingredients: [...ingredients, ...hollow],
    ...kitchen,
    today,
    ...(damaged.length > 0 ? { damaged } : {}),
  }
}

/**
 * Kept versions that some recipe in force, or another such version, has frozen as a part: they stand in a workbook beside
 * the newest, under "id@version" and with the version in their name.
 */
async function listFrozen(sql: BakerySql, damaged: Damaged[]): Promise<Recipe[]> {
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
  const named = rows.map(({ id, number, name, body }) => ({
    id: partKey({ recipe: id, version: number }),
    name: `${name} (version ${number})`,
    number,
    body,
  }))
  return readRows(
    'recipe',
    named,
    ({ id, name, number, body }) => ({ ...RecipeBody.parse(body), id, name, version: number }),
    damaged,
  )
}
