// How often somebody may try to come in.
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { door, NotLetIn } from './connection'

/**
 * Wrong tries in a quarter of an hour: for one account from one address, for one account from everywhere, so that nobody keeps
 * its owner out from afar, and for one address, behind which a whole bakery may stand.
 */
const mostTries = { account: 10, everywhere: 25, from: 100 }
type Whose = keyof typeof mostTries
let limits: Record<Whose, RateLimiterPostgres> | null = null
function limitOf(whose: Whose): RateLimiterPostgres {
  const made = (kind: Whose): RateLimiterPostgres =>
    new RateLimiterPostgres({
      points: mostTries[kind],
      duration: 900,
      storeClient: {
        query: async ({ text, values }: { text: string; values: never[] }) => {
          const rows = await door().unsafe(text, values)
          return { rows, rowCount: rows.count }
        },
      },
      storeType: 'pool',
      tableName: 'attempt',
      tableCreated: true,
      keyPrefix: kind,
    })
  limits ??= { account: made('account'), everywhere: made('everywhere'), from: made('from') }
  return limits[whose]
}
async function oneMore(whose: Whose, key: string): Promise<void> {
  try {
    await limitOf(whose).consume(key)
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused
    const wait = Math.ceil(refused.msBeforeNext / 1000)
    throw new NotLetIn(`Too many tries. Try again in ${Math.ceil(wait / 60)} minutes.`, wait)
  }
}
const together = (account: string, from: string) => `${account} from ${from}`
/** One more try. Throws NotLetIn where there were too many. Kept in the database, so that every process counts the same. */
export async function countTry(account: string, from: string): Promise<void> {
  await oneMore('from', from)
  await oneMore('account', together(account, from))
  await oneMore('everywhere', account)
}
/** It was right: none of the account's count any more, and this one not against the address. */
export async function wasRight(account: string, from: string): Promise<void> {
  await limitOf('account').delete(together(account, from))
  await limitOf('everywhere').delete(account)
  await limitOf('from').reward(from, 1)
}
