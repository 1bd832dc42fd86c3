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

/** Adds the packs; taking the same ones again adds nothing. How many were new. */
export async function takePrices(sql: BakerySql, changes: readonly PriceChange[]): Promise<number> {
  const rows = changes.map(({ ingredient, pack }) => ({
    ingredient_id: ingredient,
    from_date: pack.from,
    grams: String(pack.grams),
    price: pack.price,
    currency: pack.currency,
  }))
  const added = await sql<{ ingredient_id: string }[]>`
    insert into pack (bakery_id, ingredient_id, from_date, grams, price, currency)
    select current_bakery(), r.ingredient_id, r.from_date, r.grams, r.price, r.currency
    from jsonb_to_recordset(${sql.json(rows)}) as r(ingredient_id text, from_date date, grams numeric, price numeric, currency char(3))
    on conflict do nothing returning ingredient_id`
  const touched = [...new Set(added.map(row => row.ingredient_id))]
  if (touched.length > 0) await sql`update ingredient set version = version + 1 where id in ${sql(touched)}`
  return added.length
}
