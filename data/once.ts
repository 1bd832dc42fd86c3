// A change is done once, however often it is sent: what was done under an id is remembered in the same transaction.
import { printOf } from './print'
import type { BakerySql } from './withBakery'

/** Said where something else was sent before, and its answer was lost. */
export const keptBefore =
  'What you sent before is kept after all: only its answer was lost. Look at what is there now, and send this again if it is still needed.'

/** The id was used for something else before: what was first sent under it is kept, this is not. */
export class KeptOtherwise extends Error {
  constructor() {
    super(keptBefore)
  }
}

/**
 * Does `work` under `deed` (a UUID), unless that was done before: then what it answered comes back and nothing is done. What is
 * sent twice at once waits for the first. Without a deed it is simply done. Throws KeptOtherwise where other things were asked
 * under the same id.
 */
export async function once<T>(
  sql: BakerySql,
  deed: string | undefined,
  asked: unknown,
  work: () => Promise<T>,
): Promise<T> {
  if (deed === undefined) return work()
  await sql`select pg_advisory_xact_lock(hashtextextended(${`deed ${deed}`}, 0))`
  const [done] = await sql<{ asked: string; answer: T }[]>`select asked, answer from deed where id = ${deed}`
  if (done && done.asked !== printOf(asked)) throw new KeptOtherwise()
  if (done) return done.answer
  const answer = await work()
  await remember(sql, [{ deed, asked }], answer)
  return answer
}

/** Which of these were done before. */
export async function doneBefore(sql: BakerySql, deeds: readonly string[]): Promise<ReadonlySet<string>> {
  if (deeds.length === 0) return new Set()
  const rows = await sql<{ id: string }[]>`select id from deed where id in ${sql([...deeds])}`
  return new Set(rows.map(row => row.id))
}

export async function remember(
  sql: BakerySql,
  all: readonly { deed: string; asked: unknown }[],
  answer: unknown = null,
): Promise<void> {
  for (let from = 0; from < all.length; from += 1000)
    await sql`insert into deed ${sql(
      all.slice(from, from + 1000).map(({ deed, asked }) => ({
        id: deed,
        asked: printOf(asked),
        answer: sql.json(answer as never),
      })) as never,
    )} on conflict do nothing`
}
