// Recipes: one document each, its lines inside.
import { Recipe } from '@fair-tin/core/model'
import { readRow, written } from './damage'
import { type KeptRows, keptRows } from './rowsKept'
import type { Saved } from './versioned'
import type { BakerySql } from './withBakery'

interface Row {
  id: string
  version: number
  name: string
  body: unknown
}
const read = (row: Row): Recipe =>
  Recipe.parse({ ...(row.body as object), id: row.id, name: row.name, version: row.version })
const body = ({ id: _, version: __, name: ___, ...rest }: Recipe) => rest

/** Those in force, by name. */
export const listRecipes = async (sql: BakerySql): Promise<KeptRows<Recipe>> =>
  keptRows(
    'recipe',
    await sql<{ id: string; mark: string }[]>`
      select id, xmin || ' ' || ctid as mark from recipe where removed_at is null order by lower(name), id`,
    ids => sql<(Row & { mark: string })[]>`
      select id, version, name, body, xmin || ' ' || ctid as mark from recipe where removed_at is null and id in ${sql(ids)}`,
    read,
  )

/** Null where it is gone. Throws DamagedRow where it cannot be read. */
export async function findRecipe(sql: BakerySql, id: string): Promise<Recipe | null> {
  const [row] = await sql<Row[]>`select id, version, name, body from recipe_in_force where id = ${id}`
  return row ? readRow('recipe', row, read) : null
}

/** Throws ZodError for what could not be read back. */
export async function addRecipe(sql: BakerySql, given: Recipe): Promise<void> {
  const recipe = written(Recipe, given)
  await sql`insert into recipe (bakery_id, id, name, body) values (current_bakery(), ${recipe.id}, ${recipe.name}, ${sql.json(body(recipe) as never)})`
}

/** Saves over version `seen`; a conflict changes nothing and brings theirs back. Throws ZodError for what could not be read back. */
export async function saveRecipe(sql: BakerySql, given: Recipe, seen: number): Promise<Saved<Recipe>> {
  const recipe = written(Recipe, given)
  const [row] = await sql<
    { version: number }[]
  >`update recipe set name = ${recipe.name}, body = ${sql.json(body(recipe) as never)}, version = version + 1
    where id = ${recipe.id} and version = ${seen} and removed_at is null returning version`
  if (row) return { saved: true, version: row.version }
  const theirs = await findRecipe(sql, recipe.id)
  return { saved: false, conflict: theirs ? { version: theirs.version, theirs } : 'removed' }
}

/** The recipe as it is now, locked until the transaction ends; null where it is gone. Throws DamagedRow where it cannot be read. */
export async function lockRecipe(sql: BakerySql, id: string): Promise<Recipe | null> {
  const [row] = await sql<
    Row[]
  >`select id, version, name, body from recipe where id = ${id} and removed_at is null for update`
  return row ? readRow('recipe', row, read) : null
}
