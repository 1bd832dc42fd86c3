// Price lists: how a supplier's columns read, and taking many new prices at once, all or nothing.
import { type PriceChange, PriceColumns } from '@fair-tin/core/exchange'
import type { BakerySql } from './withBakery'

export async function columnsOf(sql: BakerySql, supplier: string): Promise<PriceColumns | null> {
  const [row] = await sql<{ columns: unknown }[]>`select columns from price_list where supplier = ${supplier}`
  const read = PriceColumns.safeParse(row?.columns)
  return read.success ? read.data : null
}
export async function rememberColumns(sql: BakerySql, supplier: string, columns: PriceColumns): Promise<void> {
  await sql`insert into price_list (bakery_id, supplier, columns) values (current_bakery(), ${supplier}, ${sql.json(columns as never)})
    on conflict (bakery_id, supplier) do update set columns = excluded.columns`
}

type Taken = Pick<PriceChange, 'ingredient' | 'pack'>
const rowsOf = (changes: readonly Taken[]) =>
  changes.map(({ ingredient, pack }, at) => ({
    at,
    ingredient_id: ingredient,
    from_date: pack.from,
    grams: String(pack.grams),
    price: pack.price,
    currency: pack.currency,
  }))
const touch = async (sql: BakerySql, rows: readonly { ingredient_id: string }[]) => {
  const touched = [...new Set(rows.map(row => row.ingredient_id))]
  if (touched.length > 0) await sql`update ingredient set version = version + 1 where id in ${sql(touched)}`
}

/** Adds the packs; taking the same ones again adds nothing. Those that were new. */
export async function takePrices<T extends Taken>(sql: BakerySql, changes: readonly T[]): Promise<T[]> {
  const rows = rowsOf(changes)
  const known = await sql<{ at: number }[]>`
    select r.at from jsonb_to_recordset(${sql.json(rows)})
      as r(at integer, ingredient_id text, from_date date, grams numeric, price numeric, currency char(3))
    join pack p using (ingredient_id, from_date, grams, price, currency)`
  const there = new Set(known.map(row => row.at))
  const added = await sql<{ ingredient_id: string }[]>`
    insert into pack (bakery_id, ingredient_id, from_date, grams, price, currency)
    select current_bakery(), r.ingredient_id, r.from_date, r.grams, r.price, r.currency
    from jsonb_to_recordset(${sql.json(rows)}) as r(ingredient_id text, from_date date, grams numeric, price numeric, currency char(3))
    on conflict do nothing returning ingredient_id`
  await touch(sql, added)
  return changes.filter((_, at) => !there.has(at))
}

/** Takes packs out again that were taken from a list. How many were there. */
export async function takePricesBack(sql: BakerySql, changes: readonly Taken[]): Promise<number> {
  const gone = await sql<{ ingredient_id: string }[]>`
    delete from pack p using jsonb_to_recordset(${sql.json(rowsOf(changes))})
      as r(ingredient_id text, from_date date, grams numeric, price numeric, currency char(3))
    where p.ingredient_id = r.ingredient_id and p.from_date = r.from_date and p.grams = r.grams and p.price = r.price
      and p.currency = r.currency
    returning p.ingredient_id`
  await touch(sql, gone)
  return gone.length
}
