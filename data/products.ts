// Products: what is sold, of which recipe.
import { Product } from '@fair-tin/core/model'
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

export const listProducts = async (sql: BakerySql): Promise<Product[]> =>
  (await sql<Row[]>`select id, version, name, recipe_id, body from product_in_force order by lower(name)`).map(read)

export async function findProduct(sql: BakerySql, id: string): Promise<Product | null> {
  const [row] = await sql<Row[]>`select id, version, name, recipe_id, body from product_in_force where id = ${id}`
  return row ? read(row) : null
}

/** Throws ZodError for what could not be read back. */
export async function addProduct(sql: BakerySql, given: Product): Promise<void> {
  const product = Product.parse(given)
  await sql`insert into product (bakery_id, id, name, recipe_id, body) values (current_bakery(), ${product.id}, ${product.name}, ${product.recipe}, ${sql.json(body(product) as never)})`
}

/** Saves over version `seen`; a conflict changes nothing and brings theirs back. */
export async function saveProduct(sql: BakerySql, product: Product, seen: number): Promise<Saved<Product>> {
  const [row] = await sql<{ version: number }[]>`update product
    set name = ${product.name}, recipe_id = ${product.recipe}, body = ${sql.json(body(product) as never)}, version = version + 1
    where id = ${product.id} and version = ${seen} and removed_at is null returning version`
  if (row) return { saved: true, version: row.version }
  const theirs = await findProduct(sql, product.id)
  return { saved: false, conflict: theirs ? { version: theirs.version!, theirs } : 'removed' }
}
