// What is ordered for which day: sales units of a product, and for whom.
import { OrderDraft } from '@fair-tin/core/model'
import { written } from './damage'
import type { BakerySql } from './withBakery'

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

/** One order under a lock, and whether it is cancelled; null where there is none. */
export async function findOrder(sql: BakerySql, id: string): Promise<{ order: OrderDraft; cancelled: boolean } | null> {
  const [row] = await sql<(OrderDraft & { cancelled: boolean })[]>`
    select day, product_id as product, packs, for_whom as "forWhom", cancelled_at is not null as cancelled
    from order_line where id = ${id} for update`
  if (!row) return null
  const { cancelled, ...order } = row
  return { order: { ...order }, cancelled }
}

/** Other packs, or for somebody else; day and product are those it was taken for. False where the order is gone. */
export async function changeOrder(sql: BakerySql, id: string, given: OrderDraft): Promise<boolean> {
  const { packs, forWhom } = written(OrderDraft, given)
  return (
    (
      await sql`update order_line set packs = ${packs}, for_whom = ${forWhom}
        where id = ${id} and cancelled_at is null returning 1`
    ).length === 1
  )
}

/** Cancels an order, or takes the cancelling back. */
export async function cancelOrder(sql: BakerySql, id: string, cancelled: boolean): Promise<void> {
  await sql`update order_line set cancelled_at = ${cancelled ? sql`clock_timestamp()` : null} where id = ${id}`
}
