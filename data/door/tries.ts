// How often somebody may try to come in, and how much may come from one hand or address at once.
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { door, NotLetIn } from './connection'

const quarter = { duration: 900 }
const minute = { duration: 60 }
/**
 * Wrong tries in a quarter of an hour: for one account from one address, for one account from everywhere, so that nobody keeps
 * its owner out from afar, and for one address, behind which a whole bakery may stand. Changes in a minute: more than any hand
 * makes, of one person and from one address; over the bound the database is not asked again.
 */
const bounds = {
  account: { points: 10, ...quarter },
  everywhere: { points: 25, ...quarter },
  from: { points: 100, ...quarter },
  hand: { points: 6000, ...minute, inMemoryBlockOnConsumed: 6001 },
  address: { points: 20_000, ...minute, inMemoryBlockOnConsumed: 20_001 },
}
type Whose = keyof typeof bounds
const limits = new Map<Whose, RateLimiterPostgres>()
function limitOf(whose: Whose): RateLimiterPostgres {
  const made = (kind: Whose): RateLimiterPostgres =>
    new RateLimiterPostgres({
      ...bounds[kind],
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
  const known = limits.get(whose) ?? made(whose)
  limits.set(whose, known)
  return known
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
/** One more change. How many seconds to wait where there were too many; null where there were not. */
export async function countChange(hand: string, address: string): Promise<number | null> {
  for (const [whose, key] of [
    ['hand', hand],
    ['address', address],
  ] as const)
    try {
      await limitOf(whose).consume(key)
    } catch (refused) {
      if (!(refused instanceof RateLimiterRes)) throw refused
      return Math.ceil(refused.msBeforeNext / 1000)
    }
  return null
}
/** It was right: none of the account's count any more, and this one not against the address. */
export async function wasRight(account: string, from: string): Promise<void> {
  await limitOf('account').delete(together(account, from))
  await limitOf('everywhere').delete(account)
  await limitOf('from').reward(from, 1)
}
