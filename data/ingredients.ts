// Ingredients with their facts, and the packs they are bought in.
import { Ingredient, type Pack } from '@fair-tin/core/model'
import { readRow, written } from './damage'
import { type KeptRows, keptRows } from './rowsKept'
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

/** Its packs stand in rows of their own, which are added and taken away, never changed. */
interface PackMark {
  id: string
  many: string
  newest: string
}
const withPacks = (mark: string, packs: PackMark | undefined) => `${mark} ${packs?.many ?? 0} ${packs?.newest ?? ''}`

/** Every ingredient with its facts in force today, in larder order. */
export async function listIngredients(sql: BakerySql): Promise<KeptRows<Ingredient>> {
  // two plain questions: joined in the database, a plan made before it counted its rows takes a hundred times as long
  const [rows, packs] = await Promise.all([
    sql<{ id: string; mark: string }[]>`
      select id, xmin || ' ' || ctid as mark from ingredient where removed_at is null order by lower(name), id`,
    sql<PackMark[]>`
      select ingredient_id as id, count(*) as many, max(xmin::text::bigint) as newest from pack group by ingredient_id`,
  ])
  const packsOf = new Map(packs.map(one => [one.id, one]))
  return keptRows(
    'ingredient',
    rows.map(({ id, mark }) => ({ id, mark: withPacks(mark, packsOf.get(id)) })),
    async ids => {
      const [bodies, own] = await Promise.all([
        sql<(Row & { mark: string })[]>`
          select f.id, f.version, f.name, f.facts, i.xmin || ' ' || i.ctid as mark
          from ingredient_in_force f join ingredient i on i.bakery_id = f.bakery_id and i.id = f.id where f.id in ${sql(ids)}`,
        sql<PackMark[]>`
          select ingredient_id as id, count(*) as many, max(xmin::text::bigint) as newest
          from pack where ingredient_id in ${sql(ids)} group by ingredient_id`,
      ])
      const ownOf = new Map(own.map(one => [one.id, one]))
      return bodies.map(row => ({ ...row, mark: withPacks(row.mark, ownOf.get(row.id)) }))
    },
    read,
  )
}

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
