// Every query runs inside one bakery, in one transaction, closed before anything is rendered.
import { AsyncLocalStorage } from 'node:async_hooks'
import { wellFormed } from '@fair-tin/core/words'
import postgres, { type Sql, type TransactionSql } from 'postgres'

/** A transaction with its bakery set. */
export type BakerySql = TransactionSql

let pool: Sql | null = null
/** The application's pool, as the role that neither owns the tables nor bypasses row-level security. */
function connection(): Sql {
  const url = process.env.FAIR_TIN_DATABASE
  if (!url) throw new Error('FAIR_TIN_DATABASE is not set: start the application with “npm run demo”.')
  // dates stay ISO strings: a calendar day has no time zone
  pool ??= postgres(url, {
    max: 8,
    idle_timeout: 30,
    connect_timeout: 5,
    onnotice: () => {},
    types: { date: { to: 1082, from: [1082], serialize: (day: string) => day, parse: (day: string) => day } },
  })
  return pool
}
export async function closePool(): Promise<void> {
  const closing = pool
  pool = null
  await closing?.end({ timeout: 2 })
}

/** No text goes to the database that it cannot hold: a NUL or half a character never makes a query fail. */
const holdable = (sql: BakerySql): BakerySql =>
  new Proxy(sql, {
    apply: (tag, self, [first, ...values]: unknown[]) =>
      Reflect.apply(tag as never, self, [
        first,
        ...values.map(one => (typeof one === 'string' ? wellFormed(one) : one)),
      ]),
  })

const inside = new AsyncLocalStorage<string>()
/** Whose transaction is open here. Throws outside of one. */
export function bakeryOpen(): string {
  const bakery = inside.getStore()
  if (bakery === undefined) throw new Error('No bakery is open here: read inside withBakery.')
  return bakery
}

/**
 * Runs `work` in one transaction that sees and changes only the bakery's rows. `person` is who is at the bench:
 * without one, the database refuses every change. Never nested: throws where it would be.
 */
export function withBakery<T>(bakeryId: string, work: (sql: BakerySql) => Promise<T>, person?: string): Promise<T> {
  if (inside.getStore() !== undefined)
    throw new Error('withBakery is already open here: pass its sql on instead of opening another.')
  return inside.run(bakeryId, () =>
    connection().begin(async transaction => {
      const sql = holdable(transaction)
      // sent in the same breath as the first query of the work
      const named =
        sql`select set_config('fair_tin.bakery', ${bakeryId}, true), set_config('fair_tin.person', ${person ?? ''}, true)`.execute()
      const [, result] = await Promise.all([named, work(sql)])
      return result
    }),
  ) as Promise<T>
}
