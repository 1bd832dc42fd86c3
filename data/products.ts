// Products: what is sold, of which recipe.
import { Product } from '@fair-tin/core/model'
import { readRow, written } from './damage'
import { type KeptRows, keptRows } from './rowsKept'
import type { Saved } from './versioned'
import type { BakerySql } from './withBakery'

interface Row {
  id: string
  version: number
  name: string
  recipe_id: string
  body: unknown
}
const read = (row: Row): Product => ({
  ...Product.parse({ ...(row.body as object), id: row.id, name: row.name, recipe: row.recipe_id }),
  version: row.version,
})
const body = ({ id: _, version: __, name: ___, recipe: ____, ...rest }: Product) => rest

/** Those in force, by name. */
export const listProducts = async (sql: BakerySql): Promise<KeptRows<Product>> =>
  keptRows(
    'product',
    await sql<{ id: string; mark: string }[]>`
      select id, xmin || ' ' || ctid as mark from product where removed_at is null order by lower(name), id`,
    ids => sql<(Row & { mark: string })[]>`
      select id, version, name, recipe_id, body, xmin || ' ' || ctid as mark from product where removed_at is null and id in ${sql(ids)}`,
    read,
  )

/** Null where it is gone. Throws DamagedRow where it cannot be read. */
export async function findProduct(sql: BakerySql, id: string): Promise<Product | null> {
  const [row] = await sql<Row[]>`select id, version, name, recipe_id, body from product_in_force where id = ${id}`
  return row ? readRow('product', row, read) : null
}

/** Throws ZodError for what could not be read back. */
export async function addProduct(sql: BakerySql, given: Product): Promise<void> {
  const product = written(Product, given)
  await sql`insert into product (bakery_id, id, name, recipe_id, body) values (current_bakery(), ${product.id}, ${product.name}, ${product.recipe}, ${sql.json(body(product) as never)})`
}

/** Saves over version `seen`; a conflict changes nothing and brings theirs back. Throws ZodError for what could not be read back. */
export async function saveProduct(sql: BakerySql, given: Product, seen: number): Promise<Saved<Product>> {
  const product = written(Product, given)
  const [row] = await sql<{ version: number }[]>`update product
    set name = ${product.name}, recipe_id = ${product.recipe}, body = ${sql.json(body(product) as never)}, version = version + 1
    where id = ${product.id} and version = ${seen} and removed_at is null returning version`
  if (row) return { saved: true, version: row.version }
  const theirs = await findProduct(sql, product.id)
  return { saved: false, conflict: theirs ? { version: theirs.version!, theirs } : 'removed' }
}
