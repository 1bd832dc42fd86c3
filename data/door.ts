// The door: who comes in, by what key, for how long. Its own connection and role, which sees no bakery's books.
import { randomUUID } from 'node:crypto'
import type { StaffRole } from '@fair-tin/core/model'
import postgres, { type Sql } from 'postgres'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import {
  fingerprint,
  hashed,
  isSecret,
  newKey,
  newRecoveryCode,
  passwordProblem,
  pinProblem,
  plainCode,
} from './secret'
import { soonAgain } from './withBakery'

let pool: Sql | null = null
function door(): Sql {
  const url = process.env.FAIR_TIN_DOOR_DATABASE
  if (!url) throw new Error('FAIR_TIN_DOOR_DATABASE is not set: see “Running it” in docs/running.md.')
  pool ??= postgres(url, { max: 4, idle_timeout: 30, connect_timeout: 5, backoff: soonAgain, onnotice: () => {} })
  return pool
}
export async function closeDoor(): Promise<void> {
  const closing = pool
  pool = null
  limits = null
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

// Tries

/** Wrong tries in a quarter of an hour: for one account, and for one address, behind which a whole bakery may stand. */
const mostTries = { account: 10, from: 100 }
type Whose = keyof typeof mostTries
let limits: Record<Whose, RateLimiterPostgres> | null = null
function limitOf(whose: Whose): RateLimiterPostgres {
  const made = (kind: Whose) =>
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
  limits ??= { account: made('account'), from: made('from') }
  return limits[whose]
}
/** One more try. Throws NotLetIn where there were too many. Kept in the database, so that every process counts the same. */
async function countTry(whose: Whose, key: string): Promise<void> {
  try {
    await limitOf(whose).consume(key)
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused
    const wait = Math.ceil(refused.msBeforeNext / 1000)
    throw new NotLetIn(`Too many tries. Try again in ${Math.ceil(wait / 60)} minutes.`, wait)
  }
}
/** It was right: none of the account's count any more, and this one not against the address. */
async function wasRight(account: string, from?: string): Promise<void> {
  await limitOf('account').delete(account)
  if (from) await limitOf('from').reward(from, 1)
}

// Sessions

export interface Place {
  bakery: string
  /** Null: a device at which nobody has taken a place. */
  staff: string | null
  account?: string | null
  device?: string | null
}
export interface Stay {
  idleMinutes: number
  hours: number
}
/** By password: a working week, half a day unused. By PIN on a shared tablet: a shift, half an hour unused. A reader: a day. */
export const stays = {
  password: { idleMinutes: 12 * 60, hours: 7 * 24 },
  pin: { idleMinutes: 30, hours: 12 },
  look: { idleMinutes: 8 * 60, hours: 24 },
} as const satisfies Record<string, Stay>

/** Lets somebody in: gives the key, which is kept nowhere. */
export async function openSession(
  { bakery, staff, account, device }: Place,
  { idleMinutes, hours }: Stay,
  agent = '',
): Promise<string> {
  const key = newKey()
  await door()`
    insert into session (bakery_id, id, token_hash, staff_id, account_id, device_id, agent, idle_minutes, ends_at)
    values (${bakery}, ${randomUUID()}, ${fingerprint(key)}, ${staff}, ${account ?? null}, ${device ?? null},
            ${agent.slice(0, 200)}, ${idleMinutes}, now() + make_interval(hours => ${hours}))`
  return key
}
export interface Session {
  id: string
  bakery: string
  staff: string | null
  account: string | null
  device: string | null
}
const open = (sql: Sql) =>
  sql`ended_at is null and now() < ends_at and now() < seen_at + make_interval(mins => idle_minutes)`
/** Whose key this is, while it is good; marks that it was used. Null where it is not. */
export async function sessionOf(key: string): Promise<Session | null> {
  const sql = door()
  const print = fingerprint(key)
  const [row] = await sql<(Session & { stale: boolean })[]>`
    select id, bakery_id as bakery, staff_id as staff, account_id as account, device_id as device, seen_at < now() - interval '1 minute' as stale
    from session where (token_hash = ${print} or (former_hash = ${print} and now() < former_until)) and ${open(sql)}
      and (staff_id is null or exists (select 1 from person_at(bakery_id, staff_id)))`
  if (!row) return null
  const { stale, ...session } = row
  if (stale) await sql`update session set seen_at = now() where bakery_id = ${row.bakery} and id = ${row.id}`
  return session
}
/** How long one key is good before another takes its place. Hours. */
const keyedAnew = 12
/** Another key for the same session, where its key is old; null where it is not. The old one is good for a minute more. */
export async function rekeyed(key: string): Promise<string | null> {
  const sql = door()
  const next = newKey()
  const [done] = await sql`
    update session set former_hash = token_hash, former_until = now() + interval '1 minute', token_hash = ${fingerprint(next)}, keyed_at = now()
    where token_hash = ${fingerprint(key)} and keyed_at < now() - make_interval(hours => ${keyedAnew}) and ${open(sql)} returning 1`
  return done ? next : null
}
export async function leave(key: string): Promise<void> {
  await door()`update session set ended_at = now() where token_hash = ${fingerprint(key)} or former_hash = ${fingerprint(key)}`
}
/** Ends one session, or all of a person’s but one. Only within the bakery. */
export async function endSessions(
  bakery: string,
  which: { id: string } | { staff: string; but?: string },
): Promise<number> {
  const sql = door()
  const rows =
    'id' in which
      ? await sql`update session set ended_at = now() where bakery_id = ${bakery} and id = ${which.id} and ended_at is null`
      : await sql`update session set ended_at = now() where bakery_id = ${bakery} and staff_id = ${which.staff}
          and id is distinct from ${which.but ?? null} and ended_at is null`
  return rows.count
}

// By e-mail and password

const addressOf = (email: string): string => email.trim().toLowerCase()

export interface Membership {
  bakery: string
  name: string
  staff: string
  person: string
  role: StaffRole
}
const bakeriesOf = (account: string): Promise<Membership[]> =>
  door()<
    Membership[]
  >`select bakery_id as bakery, bakery as name, staff_id as staff, person, role from bakeries_of(${account})`

/** Throws NotLetIn, with the same words whether nobody has that address or the password is another's. `from`: the address it comes from. */
export async function signIn(
  email: string,
  password: string,
  from: string,
): Promise<{ account: string; bakeries: Membership[] }> {
  const address = addressOf(email)
  await countTry('from', from)
  await countTry('account', address)
  const [row] = await door()<{ account: string; kept: string }[]>`
    select account_id as account, password_hash as kept from account where email = ${address}`
  if (!(await isSecret(row?.kept ?? null, password)) || !row)
    throw new NotLetIn('This e-mail and password do not belong together. Nothing was signed in.')
  await wasRight(address, from)
  const bakeries = await bakeriesOf(row.account)
  if (bakeries.length === 0)
    throw new NotLetIn('You work at no bakery here any more. Ask its owner to take you on again.')
  return { account: row.account, bakeries }
}
export const otherBakeries = (account: string): Promise<Membership[]> => bakeriesOf(account)

/** What stands against a new account, in words; null where nothing does. */
export async function accountProblem(
  email: string,
  password: string,
  own: readonly string[] = [],
): Promise<string | null> {
  const address = addressOf(email)
  if (!/^[^\s@]+@[^\s@]+$/.test(address)) return `“${email}” is no e-mail address.`
  const wrong = passwordProblem(password, [address, ...own])
  if (wrong) return wrong
  const [taken] = await door()`select 1 from account where email = ${address}`
  return taken
    ? 'Somebody signs in with this address already, by another password. Use that, or take another address.'
    : null
}
/** A person of a bakery gets an e-mail and a password; gives the recovery code, which is shown once. Throws NotLetIn. */
export async function makeAccount(email: string, password: string, bakery: string, staff: string): Promise<string> {
  const wrong = await accountProblem(email, password)
  if (wrong) throw new NotLetIn(wrong)
  const code = newRecoveryCode()
  const [kept, recovery] = await Promise.all([hashed(password), hashed(plainCode(code))])
  await door().begin(async sql => {
    const account = randomUUID()
    await sql`insert into account values (${account}, ${addressOf(email)}, ${kept}, ${recovery})`
    await sql`insert into membership values (${bakery}, ${staff}, ${account})
      on conflict (bakery_id, staff_id) do update set account_id = excluded.account_id`
  })
  return code
}
/** Somebody who has an account takes a place in another bakery too. */
export async function joinBakery(account: string, bakery: string, staff: string): Promise<void> {
  await door()`insert into membership values (${bakery}, ${staff}, ${account})
    on conflict (bakery_id, staff_id) do update set account_id = excluded.account_id`
}
/** A new password by the recovery code, which is used up: gives the next one. Every session of the account ends. Throws NotLetIn. */
export async function recover(email: string, code: string, password: string, from: string): Promise<string> {
  const address = addressOf(email)
  await countTry('from', from)
  await countTry('account', address)
  const [row] = await door()<{ account: string; kept: string | null }[]>`
    select account_id as account, recovery_hash as kept from account where email = ${address}`
  if (!(await isSecret(row?.kept ?? null, plainCode(code))) || !row)
    throw new NotLetIn('This e-mail and recovery code do not belong together.')
  await wasRight(address, from)
  return newPassword(row.account, address, password)
}
/** Another password by the one that was; gives the next recovery code. Every session of the account ends. Throws NotLetIn. */
export async function changePassword(account: string, old: string, password: string): Promise<string> {
  await countTry('account', account)
  const [row] = await door()<{ email: string; kept: string }[]>`
    select email, password_hash as kept from account where account_id = ${account}`
  if (!(await isSecret(row?.kept ?? null, old)) || !row) throw new NotLetIn('That is not your password now.')
  await wasRight(account)
  return newPassword(account, row.email, password)
}
async function newPassword(account: string, email: string, password: string): Promise<string> {
  const wrong = passwordProblem(password, [email])
  if (wrong) throw new NotLetIn(wrong)
  const next = newRecoveryCode()
  const [kept, recovery] = await Promise.all([hashed(password), hashed(plainCode(next))])
  await door().begin(async sql => {
    await sql`update account set password_hash = ${kept}, recovery_hash = ${recovery} where account_id = ${account}`
    await sql`update session set ended_at = now() where account_id = ${account} and ended_at is null`
  })
  return next
}

// By PIN on a tablet

/** From the tenth wrong try on, only the owner lets this person in again, with a new PIN. */
const mostWrong = 10
/** Seconds to wait after so many wrong tries. */
const waitAfter = (wrong: number): number => (wrong < 3 ? 0 : Math.min(900, 2 ** (wrong - 2)))

export async function setPin(bakery: string, staff: string, pin: string): Promise<void> {
  const wrong = pinProblem(pin)
  if (wrong) throw new NotLetIn(wrong)
  await door()`insert into pin (bakery_id, staff_id, pin_hash) values (${bakery}, ${staff}, ${await hashed(pin)})
    on conflict (bakery_id, staff_id) do update set pin_hash = excluded.pin_hash, wrong = 0, wait_until = null`
}
export async function takePin(bakery: string, staff: string): Promise<void> {
  await door()`delete from pin where bakery_id = ${bakery} and staff_id = ${staff}`
}
/** Throws NotLetIn: wrong, to be waited for, or locked. Tries at once are counted one after the other. */
export async function tryPin(bakery: string, staff: string, pin: string): Promise<void> {
  const refused = await door().begin(async sql => {
    const [row] = await sql<{ kept: string; wrong: number; wait: number }[]>`
      select pin_hash as kept, wrong, coalesce(ceil(extract(epoch from wait_until - now())), 0)::int as wait
      from pin where bakery_id = ${bakery} and staff_id = ${staff} for update`
    if (!row) return new NotLetIn('This person has no PIN yet. The owner gives one in Kitchen, under People.')
    if (row.wrong >= mostWrong)
      return new NotLetIn('Locked after ten wrong tries. The owner gives a new PIN in Kitchen, under People.')
    if (row.wait > 0) return new NotLetIn(`Wait ${row.wait} seconds before the next try.`, row.wait)
    if (await isSecret(row.kept, pin)) {
      await sql`update pin set wrong = 0, wait_until = null where bakery_id = ${bakery} and staff_id = ${staff}`
      return null
    }
    const wrong = row.wrong + 1
    const wait = waitAfter(wrong)
    await sql`update pin set wrong = ${wrong}, wait_until = now() + make_interval(secs => ${wait}) where bakery_id = ${bakery} and staff_id = ${staff}`
    return wrong >= mostWrong
      ? new NotLetIn('Locked after ten wrong tries. The owner gives a new PIN in Kitchen, under People.')
      : new NotLetIn(
          `That is not the PIN.${wait > 0 ? ` Wait ${wait} seconds.` : ''} ${mostWrong - wrong} tries are left.`,
          wait,
        )
  })
  if (refused) throw refused
}

// Devices

/** Lets a tablet in: gives its key. */
export async function letDeviceIn(bakery: string, name: string, by: string): Promise<string> {
  const key = newKey()
  await door()`insert into device (bakery_id, id, name, token_hash, let_in_by)
    values (${bakery}, ${randomUUID()}, ${name.trim().slice(0, 60) || 'Tablet'}, ${fingerprint(key)}, ${by})`
  return key
}
export interface Device {
  id: string
  bakery: string
  name: string
}
export async function deviceOf(key: string): Promise<Device | null> {
  const [device] = await door()<Device[]>`
    update device set seen_at = now() where token_hash = ${fingerprint(key)} and ended_at is null
    returning id, bakery_id as bakery, name`
  return device ?? null
}
/** The device and everybody on it. */
export async function endDevice(bakery: string, id: string): Promise<void> {
  await door().begin(async sql => {
    await sql`update device set ended_at = now() where bakery_id = ${bakery} and id = ${id}`
    await sql`update session set ended_at = now() where bakery_id = ${bakery} and device_id = ${id} and ended_at is null`
  })
}
export interface AtTheDoor {
  id: string
  name: string
  role: StaffRole
  hasPin: boolean
}
export const peopleAt = (bakery: string): Promise<AtTheDoor[]> =>
  door()<AtTheDoor[]>`select id, name, role, has_pin as "hasPin" from people_at(${bakery})`

// Links

export type LinkKind = 'first owner' | 'sign in' | 'join' | 'look'
export interface Link {
  kind: LinkKind
  bakery: string | null
  staff: string | null
  endsAt: Date
}
export async function makeLink(
  kind: LinkKind,
  { bakery, staff }: { bakery?: string; staff?: string },
  hours: number,
): Promise<string> {
  const key = newKey()
  await door()`insert into link (token_hash, kind, bakery_id, staff_id, ends_at)
    values (${fingerprint(key)}, ${kind}, ${bakery ?? null}, ${staff ?? null}, now() + make_interval(hours => ${hours}))`
  return key
}
const good = (sql: Sql) => sql`now() < ends_at and (used_at is null or kind = 'look')`
/** What a link would do, without doing it; null where it is used up, ended, or none. */
export async function linkOf(key: string): Promise<Link | null> {
  const sql = door()
  const [link] = await sql<Link[]>`select kind, bakery_id as bakery, staff_id as staff, ends_at as "endsAt" from link
    where token_hash = ${fingerprint(key)} and ${good(sql)}`
  return link ?? null
}
/** The same, and uses it up; two at once cannot both. */
export async function useLink(key: string): Promise<Link | null> {
  const sql = door()
  const [link] = await sql<
    Link[]
  >`update link set used_at = now() where token_hash = ${fingerprint(key)} and ${good(sql)}
    returning kind, bakery_id as bakery, staff_id as staff, ends_at as "endsAt"`
  return link ?? null
}
export interface Named {
  name: string
  role: StaffRole
  bakery: string
}
/** Who a link or a session is for; null where they left. */
export async function personAt(bakery: string, staff: string): Promise<Named | null> {
  const [person] = await door()<Named[]>`select name, role, bakery_name as bakery from person_at(${bakery}, ${staff})`
  return person ?? null
}
/** A new bakery and its owner: gives both ids. */
export async function foundBakery(name: string, owner: string): Promise<{ bakery: string; staff: string }> {
  const [bakery, staff] = [randomUUID(), randomUUID()]
  await door()`select found_bakery(${bakery}, ${name}, ${staff}, ${owner})`
  return { bakery, staff }
}
/** A bakery from before anybody signed in gets its first owner. Throws where it has one. */
export async function takeOver(bakery: string, owner: string): Promise<{ bakery: string; staff: string }> {
  const staff = randomUUID()
  await door()`select own_bakery(${bakery}, ${staff}, ${owner})`
  return { bakery, staff }
}
/** Does the database answer? Throws where it does not. */
export const knock = async (): Promise<void> => {
  await door()`select 1 from attempt limit 1`
}
/** Does anybody own anything here yet? */
export async function hasOwner(): Promise<boolean> {
  const [row] = await door()<{ any: boolean }[]>`select exists (select 1 from membership) as any`
  return row!.any
}
