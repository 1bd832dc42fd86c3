// Every query runs inside one bakery, in one transaction, closed before anything is rendered.
import { AsyncLocalStorage } from 'node:async_hooks'
import { wellFormed } from '@fair-tin/core/words'
import postgres, { type Sql, type TransactionSql } from 'postgres'

/** A transaction with its bakery set. */
export type BakerySql = TransactionSql

/** Seconds before another try to connect: the database is back when it is back, and nobody waits for the driver. */
export const soonAgain = (tries: number): number => Math.min(1, 0.05 * 2 ** tries)

/** Behind a pooler in transaction mode the next query may go by another connection, which knows nothing that was prepared. */
export const pooled = () => (process.env.FAIR_TIN_POOLED === 'transaction' ? { prepare: false } : {})

let pool: Sql | null = null
/** The application's pool, as the role that neither owns the tables nor bypasses row-level security. */
function connection(): Sql {
  const url = process.env.FAIR_TIN_DATABASE
  if (!url) throw new Error('FAIR_TIN_DATABASE is not set: start the application with “npm run demo”.')
  // dates stay ISO strings: a calendar day has no time zone
  pool ??= postgres(url, {
    max: 8,
    ...pooled(),
    idle_timeout: 30,
    connect_timeout: 5,
    backoff: soonAgain,
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
/** Whose transaction is open here, and with what it sees of it. Throws outside of one. */
export function bakeryOpen(): string {
  const bakery = inside.getStore()
  if (bakery === undefined) throw new Error('No bakery is open here: read inside withBakery.')
  return bakery
}

/** In whose hands: the fingerprint of a session's key, and what was read of that session. */
export interface Hands {
  /** Of the key, in hex. */
  session: string
  bakery: string
  seesPrices: boolean
}

/**
 * Runs `work` in one transaction that sees and changes only the rows of the session's bakery: the database finds out which that
 * is, and who changes them; a session that ended sees nothing. Never nested: throws where it would be.
 */
export function withBakery<T>(
  { session, bakery, seesPrices }: Hands,
  work: (sql: BakerySql) => Promise<T>,
): Promise<T> {
  if (inside.getStore() !== undefined)
    throw new Error('withBakery is already open here: pass its sql on instead of opening another.')
  // what was read with prices is never given to whoever sees none
  return inside.run(`${bakery}${seesPrices ? '' : ' without prices'}`, () =>
    connection().begin(async transaction => {
      const sql = holdable(transaction)
      // sent in the same breath as the first query of the work
      const named = sql`select set_config('fair_tin.session', ${session}, true)`.execute()
      const [, result] = await Promise.all([named, work(sql)])
      return result
    }),
  ) as Promise<T>
}

/** The same for whoever runs the deployment (set-up, migrations, benches), over their own connection. `person` stands in the journal. */
export function asSetUp<T>(
  owner: Sql | TransactionSql,
  bakery: string,
  work: (sql: BakerySql) => Promise<T>,
  person = 'set-up',
): Promise<T> {
  const set = async (transaction: TransactionSql) => {
    const sql = holdable(transaction)
    await sql`select set_config('fair_tin.bakery', ${bakery}, true), set_config('fair_tin.person', ${person}, true)`
    return work(sql)
  }
  return inside.run(`${bakery} set-up`, () =>
    'savepoint' in owner ? owner.savepoint(set) : owner.begin(set),
  ) as Promise<T>
}
