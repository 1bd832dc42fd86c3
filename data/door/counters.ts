// Counter pages: an address nobody can guess, good until its owner ends it. It stands for a session whose key nobody has, so that
// whoever knows the address sees that page and nothing else.
import { randomUUID } from 'node:crypto'
import { fingerprint, newKey } from '../secret'
import { door } from './connection'

const tenYears = 10 * 365 * 24
/** Another address in place of any before; `staff`: the reader it reads as. */
export async function makeCounter(bakery: string, staff: string, by: string): Promise<string> {
  const [address, key] = [newKey(), newKey()]
  await door().begin(async sql => {
    await sql`update counter set ended_at = now() where bakery_id = ${bakery} and ended_at is null`
    await sql`update session set ended_at = now() where bakery_id = ${bakery} and staff_id = ${staff} and ended_at is null`
    await sql`insert into session (bakery_id, id, token_hash, staff_id, agent, idle_minutes, ends_at)
      values (${bakery}, ${randomUUID()}, ${fingerprint(key)}, ${staff}, 'counter page', ${tenYears * 60}, now() + make_interval(hours => ${tenYears}))`
    await sql`insert into counter (bakery_id, token_hash, session_hash, made_by) values (${bakery}, ${fingerprint(address)}, ${fingerprint(key)}, ${by})`
  })
  return address
}
export async function endCounter(bakery: string): Promise<void> {
  await door()`update counter set ended_at = now() where bakery_id = ${bakery} and ended_at is null`
}
/** Whose counter an address is, and the fingerprint of the session it reads by, in hex; null where it has ended or is none. */
export async function counterOf(address: string): Promise<{ bakery: string; session: string } | null> {
  const [row] = await door()<{ bakery: string; session: string }[]>`
    select bakery_id as bakery, encode(session_hash, 'hex') as session from counter
    where token_hash = ${fingerprint(address)} and ended_at is null`
  return row ?? null
}
export async function hasCounter(bakery: string): Promise<boolean> {
  const [row] = await door()<{ any: boolean }[]>`
    select exists (select 1 from counter where bakery_id = ${bakery} and ended_at is null) as any`
  return row!.any
}
