// Links that are good once, or until they end.
import type { Sql } from 'postgres'
import { fingerprint, newKey } from '../secret'
import { door } from './connection'

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
