// The door's own connection and role, which sees no bakery's books.
import postgres, { type Sql } from 'postgres'
import { pooled, soonAgain } from '../withBakery'

let pool: Sql | null = null
export function door(): Sql {
  const url = process.env.FAIR_TIN_DOOR_DATABASE
  if (!url) throw new Error('FAIR_TIN_DOOR_DATABASE is not set: see “Running it” in docs/running.md.')
  pool ??= postgres(url, {
    max: 4,
    ...pooled(),
    idle_timeout: 30,
    connect_timeout: 5,
    backoff: soonAgain,
    onnotice: () => {},
  })
  return pool
}
export async function closeDoor(): Promise<void> {
  const closing = pool
  pool = null
  await closing?.end({ timeout: 2 })
}

/** What is wrong, in words for whoever is at the door. `wait`: seconds until another try is heard. */
export class NotLetIn extends Error {
  constructor(
    message: string,
    readonly wait = 0,
  ) {
    super(message)
  }
}

/** Does the database answer? Throws where it does not. */
export const knock = async (): Promise<void> => {
  await door()`select 1 from attempt limit 1`
}
