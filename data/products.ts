// Products: what is sold, of which recipe.
import { moneyOf, Product, withoutMoney } from '@fair-tin/core/model'
import { seesPrices } from './bakery'
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
const body = ({ id: _, version: __, name: ___, recipe: ____, ...rest }: Product) => withoutMoney(rest)
/** With its money, which the database shows to whoever may see prices. */
const withMoney = (sql: BakerySql) =>
  sql`product p left join product_money m on m.bakery_id = p.bakery_id and m.product_id = p.id`
const whole = (sql: BakerySql) => sql`p.id, p.version, p.name, p.recipe_id, p.body || coalesce(m.body, '{}') as body`
const mark = (sql: BakerySql) => sql`concat_ws(' ', p.xmin, p.ctid, m.xmin, m.ctid) as mark`

/** Those in force, by name. */
export const listProducts = async (sql: BakerySql): Promise<KeptRows<Product>> =>
  keptRows(
    'product',
    await sql<{ id: string; mark: string }[]>`
      select p.id, ${mark(sql)} from ${withMoney(sql)} where p.removed_at is null order by lower(p.name), p.id`,
    ids => sql<(Row & { mark: string })[]>`
      select ${whole(sql)}, ${mark(sql)} from ${withMoney(sql)} where p.removed_at is null and p.id in ${sql(ids)}`,
    read,
  )

/** Null where it is gone. Throws DamagedRow where it cannot be read. */
export async function findProduct(sql: BakerySql, id: string): Promise<Product | null> {
  const [row] = await sql<
    Row[]
  >`select ${whole(sql)} from ${withMoney(sql)} where p.removed_at is null and p.id = ${id}`
  return row ? readRow('product', row, read) : null
}

/** Keeps what it says of money; whoever may not see it leaves it as it is. */
async function keepMoney(sql: BakerySql, product: Product): Promise<void> {
  if (!(await seesPrices(sql))) return
  const money = moneyOf(product)
  if (Object.keys(money).length === 0) await sql`delete from product_money where product_id = ${product.id}`
  else
    await sql`insert into product_money (bakery_id, product_id, body) values (current_bakery(), ${product.id}, ${sql.json(money as never)})
      on conflict (bakery_id, product_id) do update set body = excluded.body where product_money.body is distinct from excluded.body`
}
/** The same of products that came in whole, as the database writes them. */
export async function setProductMoneyApart(sql: BakerySql): Promise<void> {
  await sql`insert into product_money select bakery_id, id, product_money_of(body) from product where product_money_of(body) <> '{}'`
  await sql`update product set body = product_without_money(body) where product_money_of(body) <> '{}'`
}

/** Throws ZodError for what could not be read back. */
export async function addProduct(sql: BakerySql, given: Product): Promise<void> {
  const product = written(Product, given)
  await sql`insert into product (bakery_id, id, name, recipe_id, body) values (current_bakery(), ${product.id}, ${product.name}, ${product.recipe}, ${sql.json(body(product) as never)})`
  await keepMoney(sql, product)
}

/** Saves over version `seen`; a conflict changes nothing and brings theirs back. Throws ZodError for what could not be read back. */
export async function saveProduct(sql: BakerySql, given: Product, seen: number): Promise<Saved<Product>> {
  const product = written(Product, given)
  const [row] = await sql<{ version: number }[]>`update product
    set name = ${product.name}, recipe_id = ${product.recipe}, body = ${sql.json(body(product) as never)}, version = version + 1
    where id = ${product.id} and version = ${seen} and removed_at is null returning version`
  if (row) {
    await keepMoney(sql, product)
    return { saved: true, version: row.version }
  }
  const theirs = await findProduct(sql, product.id)
  return { saved: false, conflict: theirs ? { version: theirs.version!, theirs } : 'removed' }
}
