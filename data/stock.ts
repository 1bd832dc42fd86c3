// Deliveries by lot, and what is left of each. Nothing is overwritten: what is taken or corrected is a new entry.
import { Evidence, IsoDate } from '@fair-tin/core/model'
import { z } from 'zod'
import { written } from './damage'
import type { BakerySql } from './withBakery'

export const Delivery = z.object({
  lot: z
    .string()
    .trim()
    .min(1, 'A lot needs its code, as it stands on the pack.')
    .max(60, 'Keep the lot code under 60 letters.'),
  received: IsoDate,
  grams: z
    .number('Say how much came, in grams.')
    .positive('Say how much came, in grams.')
    .max(100_000_000, 'That is more than 100 tonnes.'),
  useBy: IsoDate.exactOptional(),
  evidence: Evidence.exactOptional(),
})
export type Delivery = z.infer<typeof Delivery>
export interface Lot extends Delivery {
  id: string
  ingredient: string
  /** Grams not yet taken. */
  left: number
  /** Why it may not be used, where somebody held it. */
  held?: string
}

interface Row {
  id: string
  ingredient: string
  lot: string
  received: string
  grams: string
  useBy: string | null
  evidence: unknown
  left: string
  held: string | null
}
const read = ({ useBy, evidence, held, ...row }: Row): Lot => ({
  ...row,
  ...(held === null ? {} : { held }),
  grams: Number(row.grams),
  left: Number(row.left),
  ...(useBy === null ? {} : { useBy }),
  // a paper that cannot be read proves nothing; the lot is there all the same
  ...(Evidence.safeParse(evidence).success ? { evidence: evidence as Evidence } : {}),
})
const columns = (sql: BakerySql) =>
  sql`id, ingredient_id as ingredient, lot, received, delivered as grams, use_by as "useBy", evidence, left_over as left, held`

/** Lots of one ingredient, in the order they are to be used: what must be used first, then the oldest. */
export const listLots = async (sql: BakerySql, ingredientId: string): Promise<Lot[]> =>
  (
    await sql<Row[]>`select ${columns(sql)} from stock where ingredient_id = ${ingredientId}
    order by use_by nulls last, received, lot`
  ).map(read)

/** Every lot of which something is left. */
export const lotsOnHand = async (sql: BakerySql): Promise<Lot[]> =>
  (await sql<Row[]>`select ${columns(sql)} from stock where left_over > 0 order by use_by nulls last, received`).map(
    read,
  )

/** Lots by their ids, and every lot of these things of which something is left. */
export const lotsFor = async (sql: BakerySql, ids: readonly string[], ingredients: readonly string[]): Promise<Lot[]> =>
  (
    await sql<Row[]>`select ${columns(sql)} from stock
    where id = any(${[...ids]}::text[]) or (left_over > 0 and ingredient_id = any(${[...ingredients]}::text[]))
    order by use_by nulls last, received, lot`
  ).map(read)
/** Lots that bear this code, of whatever they are. */
export const lotsOfCode = async (sql: BakerySql, code: string): Promise<Lot[]> =>
  (
    await sql<
      Row[]
    >`select ${columns(sql)} from stock where lower(lot) = lower(${code}) order by received desc limit 20`
  ).map(read)

/** Holds a lot, or lets it be used again; false where there is none. */
export async function holdLot(sql: BakerySql, deliveryId: string, held: boolean, reason: string): Promise<boolean> {
  const rows = await sql`insert into hold_entry (bakery_id, delivery_id, held, reason)
    select current_bakery(), id, ${held}, ${reason} from delivery where id = ${deliveryId} returning 1`
  return rows.length === 1
}

/** Grams on hand of every ingredient that ever came as a lot. */
export const stockOnHand = async (sql: BakerySql): Promise<Record<string, number>> =>
  Object.fromEntries(
    (
      await sql<
        { ingredient: string; left: string }[]
      >`select ingredient_id as ingredient, sum(left_over) as left from stock group by ingredient_id`
    ).map(row => [row.ingredient, Number(row.left)]),
  )

export async function addDelivery(sql: BakerySql, id: string, ingredientId: string, given: Delivery): Promise<void> {
  const delivery = written(Delivery, given)
  await sql`insert into delivery (bakery_id, id, ingredient_id, lot, received, grams, use_by, evidence)
    values (current_bakery(), ${id}, ${ingredientId}, ${delivery.lot}, ${delivery.received}, ${String(delivery.grams)},
            ${delivery.useBy ?? null}, ${delivery.evidence ? sql.json(delivery.evidence as never) : null})`
}

/** Takes grams of a lot (or, negative, puts some back). False where less is left than is to be taken; nothing is written then. */
export async function takeStock(sql: BakerySql, deliveryId: string, grams: number, reason: string): Promise<boolean> {
  // one at a time for each lot: the rows themselves may not be locked by who may not change them
  await sql`select pg_advisory_xact_lock(hashtextextended(${deliveryId}, 0))`
  const [row] = await sql<{ left: string }[]>`select left_over as left from stock where id = ${deliveryId}`
  if (!row || Number(row.left) - grams < -1e-9) return false
  await sql`insert into stock_entry (bakery_id, delivery_id, grams, reason)
    values (current_bakery(), ${deliveryId}, ${String(-grams)}, ${reason})`
  return true
}
