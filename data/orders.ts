// What is ordered for which day: sales units of a product, and for whom.
import { IsoDate } from '@fair-tin/core/model'
import { z } from 'zod'
import { written } from './damage'
import type { BakerySql } from './withBakery'

export const OrderDraft = z.object({
  day: IsoDate,
  product: z.string().min(1, 'Choose what is ordered.'),
  packs: z
    .number('Say how many packs, as a whole number.')
    .int('Say how many packs, as a whole number.')
    .positive('An order is at least one pack.')
    .max(100_000, 'Over 100,000 packs? Check the number.'),
  forWhom: z.string().trim().max(120, 'Keep the name under 120 letters.'),
})
export type OrderDraft = z.infer<typeof OrderDraft>
export interface Order extends OrderDraft {
  id: string
}

/** Orders from a day on, by day and product; what was cancelled is not among them. */
export const listOrders = (sql: BakerySql, from: string): Promise<Order[]> => sql<Order[]>`
  select o.id, o.day, o.product_id as product, o.packs, o.for_whom as "forWhom"
  from order_line o join product p on p.bakery_id = o.bakery_id and p.id = o.product_id
  where o.cancelled_at is null and o.day >= ${from} order by o.day, lower(p.name), o.kept_at, o.id`

/** Throws ZodError for what is no order. False where the product is gone. */
export async function addOrder(sql: BakerySql, id: string, given: OrderDraft): Promise<boolean> {
  const order = written(OrderDraft, given)
  const rows = await sql`
    insert into order_line (bakery_id, id, day, product_id, packs, for_whom)
    select current_bakery(), ${id}, ${order.day}, id, ${order.packs}, ${order.forWhom}
    from product_in_force where id = ${order.product} returning 1`
  return rows.length === 1
}

/** How many packs instead; false where the order is gone. */
export async function changeOrder(sql: BakerySql, id: string, packs: number): Promise<boolean> {
  const count = OrderDraft.shape.packs.parse(packs)
  return (
    (await sql`update order_line set packs = ${count} where id = ${id} and cancelled_at is null returning 1`).length ===
    1
  )
}

/** Cancels an order, or takes the cancelling back. */
export async function cancelOrder(sql: BakerySql, id: string, cancelled: boolean): Promise<void> {
  await sql`update order_line set cancelled_at = ${cancelled ? sql`clock_timestamp()` : null} where id = ${id}`
}
