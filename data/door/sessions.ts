// Sessions: who is in, by what key, for how long. Keys are kept nowhere, only their fingerprints.
import { randomUUID } from 'node:crypto'
import type { Sql } from 'postgres'
import { fingerprint, newKey } from '../secret'
import { door } from './connection'

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
