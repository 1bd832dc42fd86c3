// How new the bakery's books are: a window that shows something older reads again.
import type { BakerySql } from './withBakery'

/**
 * One more with every transaction that changed anything, in the order in which they were committed. Read before what is shown
 * with it: then what is shown is never older than it says.
 */
export async function readStamp(sql: BakerySql): Promise<number> {
  const [row] = await sql<{ stamp: string }[]>`select stamp from bakery_stamp`
  return Number(row?.stamp ?? 0)
}

/** The last thing a change does: the stamp it gives the books, and the one they had before it. Both alike where it changed nothing. */
export async function stampGiven(sql: BakerySql): Promise<{ before: number; stamp: number }> {
  await sql`set constraints stamp_change immediate`
  const [row] = await sql<{ stamp: string; own: boolean }[]>`
    select stamp, coalesce(current_setting('fair_tin.stamped', true) = pg_current_xact_id_if_assigned()::text, false) as own
    from bakery_stamp`
  const stamp = Number(row?.stamp ?? 0)
  return { before: stamp - (row?.own ? 1 : 0), stamp }
}
