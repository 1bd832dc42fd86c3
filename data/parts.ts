// Parts on the shelf: made in bulk, taken for a bake, counted. Nothing is overwritten; what is there is the sum of it all.
import type { BakerySql } from './withBakery'

/** Grams on the shelf by part: a recipe's id, with its version where it is frozen. Only what is more than nothing. */
export const partsOnShelf = async (sql: BakerySql): Promise<Record<string, number>> =>
  Object.fromEntries(
    (await sql<{ part: string; grams: string }[]>`select part, grams from part_stock where grams > 0`).map(row => [
      row.part,
      Number(row.grams),
    ]),
  )

/** Puts grams of a part on the shelf, or takes them (negative). False where less is there than is to be taken. */
export async function movePart(sql: BakerySql, part: string, grams: number, reason: string): Promise<boolean> {
  // one at a time for each part: entries may not be locked by who may not change them
  await sql`select pg_advisory_xact_lock(hashtextextended(${`part ${part}`}, 0))`
  const [row] = await sql<{ grams: string }[]>`select grams from part_stock where part = ${part}`
  if (Number(row?.grams ?? 0) + grams < -1e-6) return false
  await sql`insert into part_entry (bakery_id, part, grams, reason) values (current_bakery(), ${part}, ${String(grams)}, ${reason})`
  return true
}
