// A damaged thing put back as it last could be read: the journal has kept every state it was in.
import { type Damaged, Evidence, Ingredient, Kitchen, Product, Recipe } from '@fair-tin/core/model'
import { z } from 'zod'
import { withoutMoney } from './bakery'
import type { BakerySql } from './withBakery'

interface Past {
  before: Record<string, unknown> | null
  after: Record<string, unknown> | null
  at: Date
}
const named = (row: Record<string, unknown>) => ({ id: row.id, name: row.name })
/** Can a state of the row be read? */
const readable: Record<Damaged['kind'], (row: Record<string, unknown>) => boolean> = {
  product: row => Product.safeParse({ ...(row.body as object), ...named(row), recipe: row.recipe_id }).success,
  recipe: row => Recipe.safeParse({ ...(row.body as object), ...named(row), version: 1 }).success,
  ingredient: row => Ingredient.safeParse({ ...(row.facts as object), ...named(row), packs: [] }).success,
  kitchen: row => Kitchen.safeParse(row.body).success && z.array(Evidence).safeParse(row.evidence).success,
}

/**
 * Puts the thing back as it last could be read, as a new version; the damaged state stays in the journal. The moment that
 * state was left, ISO; null where the journal holds none that can be read.
 */
export async function putBack(sql: BakerySql, kind: Damaged['kind'], id: string): Promise<string | null> {
  const past = await sql<Past[]>`
    select before, after, at from journal where kind = ${kind} and subject = ${id} order by entry desc limit 500`
  for (const { before, after, at } of past)
    for (const row of [after, before]) {
      if (!row || row.removed_at || !readable[kind](row)) continue
      if (kind === 'kitchen') {
        await putMoneyBack(sql)
        await sql`update kitchen set body = ${sql.json(withoutMoney(row.body as never) as never)}, evidence = ${sql.json(row.evidence as never)}, version = version + 1`
      } else if (kind === 'product') {
        await productMoneyBack(sql, id)
        await sql`update product set name = ${row.name as string}, body = product_without_money(${sql.json(row.body as never)}), version = version + 1 where id = ${id}`
      } else if (kind === 'ingredient')
        await sql`update ingredient set name = ${row.name as string}, facts = ${sql.json(row.facts as never)}, version = version + 1 where id = ${id}`
      else
        await sql`update ${sql(kind)} set name = ${row.name as string}, body = ${sql.json(row.body as never)}, version = version + 1 where id = ${id}`
      return at.toISOString()
    }
  return null
}

const Money = Kitchen.partial()
const ProductMoney = Product.pick({ pricing: true, packing: true })
/** What the journal last held of a money that can be read; else none. */
async function lastMoney(sql: BakerySql, kind: string, subject: string, schema: z.ZodType): Promise<unknown> {
  const past = await sql<Past[]>`
    select before, after, at from journal where kind = ${kind} and subject = ${subject} order by entry desc limit 500`
  const states = past.flatMap(({ before, after }) => [after?.body, before?.body])
  return states.find(one => one && schema.safeParse(one).success) ?? {}
}
/** The same of a product's, and what stood in the product before it stood apart. */
async function productMoneyBack(sql: BakerySql, id: string): Promise<void> {
  const [now] = await sql<{ body: unknown }[]>`select body from product_money where product_id = ${id}`
  if (!now || ProductMoney.safeParse(now.body).success) return
  const body = await lastMoney(sql, 'product_money', id, ProductMoney)
  await sql`update product_money set body = ${sql.json(body as never)} where product_id = ${id}`
}
/** The kitchen's money stands apart, and may be what was damaged: as it last could be read, else none. */
async function putMoneyBack(sql: BakerySql): Promise<void> {
  const [now] = await sql<{ body: unknown }[]>`select body from kitchen_money`
  if (!now || Money.safeParse(now.body).success) return
  const body = await lastMoney(sql, 'kitchen_money', 'kitchen_money', Money)
  await sql`update kitchen_money set body = ${sql.json(body as never)}`
}
