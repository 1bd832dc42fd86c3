// Ingredients with their facts, and the packs they are bought in.
import { type Damaged, Ingredient, type Pack } from '@fair-tin/core/model'
import { readRow, readRows, written } from './damage'
import type { Saved } from './versioned'
import type { BakerySql } from './withBakery'

interface Row {
  id: string
  version: number
  name: string
  facts: unknown
}
const read = (row: Row): Ingredient => ({
  ...Ingredient.parse({ ...(row.facts as object), id: row.id, name: row.name }),
  version: row.version,
})

/** Every ingredient with its facts in force today, in larder order; those that cannot be read are added to `damaged`. */
export const listIngredients = async (sql: BakerySql, damaged?: Damaged[]): Promise<Ingredient[]> =>
  readRows(
    'ingredient',
    await sql<Row[]>`select id, version, name, facts from ingredient_in_force order by lower(name)`,
    read,
    damaged,
  )

/** Null where it is gone. Throws DamagedRow where it cannot be read. */
export async function findIngredient(sql: BakerySql, id: string): Promise<Ingredient | null> {
  const [row] = await sql<Row[]>`select id, version, name, facts from ingredient_in_force where id = ${id}`
  return row ? readRow('ingredient', row, read) : null
}

const withoutPacks = ({ id: _, version: __, packs: ___, ...facts }: Ingredient) => facts
async function writePacks(sql: BakerySql, id: string, packs: readonly Pack[]): Promise<void> {
  if (packs.length === 0) return
  const rows = packs.map(pack => ({
    ingredient_id: id,
    from_date: pack.from,
    grams: String(pack.grams),
    price: pack.price,
    currency: pack.currency,
  }))
  await sql`insert into pack (bakery_id, ingredient_id, from_date, grams, price, currency)
    select current_bakery(), r.ingredient_id, r.from_date, r.grams, r.price, r.currency
    from jsonb_to_recordset(${sql.json(rows)}) as r(ingredient_id text, from_date date, grams numeric, price numeric, currency char(3))
    on conflict do nothing`
}

/** Throws ZodError for what could not be read back. */
export async function addIngredient(sql: BakerySql, given: Ingredient): Promise<void> {
  const ingredient = written(Ingredient, given)
  await sql`insert into ingredient (bakery_id, id, name, facts) values (current_bakery(), ${ingredient.id}, ${ingredient.name}, ${sql.json(withoutPacks(ingredient) as never)})`
  await writePacks(sql, ingredient.id, ingredient.packs)
}

/** Saves over version `seen`. What somebody else saved meanwhile comes back as a conflict, and nothing is changed. Throws ZodError for what could not be read back. */
export async function saveIngredient(sql: BakerySql, given: Ingredient, seen: number): Promise<Saved<Ingredient>> {
  const ingredient = written(Ingredient, given)
  const [row] = await sql<{ version: number }[]>`update ingredient
    set name = ${ingredient.name}, facts = ${sql.json(withoutPacks(ingredient) as never)}, version = version + 1
    where id = ${ingredient.id} and version = ${seen} and removed_at is null returning version`
  if (!row) {
    const theirs = await findIngredient(sql, ingredient.id)
    return { saved: false, conflict: theirs ? { version: theirs.version!, theirs } : 'removed' }
  }
  await sql`delete from pack where ingredient_id = ${ingredient.id}`
  await writePacks(sql, ingredient.id, ingredient.packs)
  return { saved: true, version: row.version }
}

/** Takes an ingredient out of the larder. Its record and journal stay. */
export async function removeIngredient(sql: BakerySql, id: string): Promise<boolean> {
  const rows =
    await sql`update ingredient set removed_at = now(), version = version + 1 where id = ${id} and removed_at is null returning id`
  return rows.length > 0
}
/** Puts a removed ingredient back. */
export async function restoreIngredient(sql: BakerySql, id: string): Promise<boolean> {
  const rows =
    await sql`update ingredient set removed_at = null, version = version + 1 where id = ${id} and removed_at is not null returning id`
  return rows.length > 0
}
