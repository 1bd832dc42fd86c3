// Matters of Today that were looked at and put off, each to its day.
import type { BakerySql } from './withBakery'

export interface PutOff {
  key: string
  /** A fingerprint of what it said when it was put off. */
  print: string
  /** ISO: on this day it is there again. */
  until: string
  /** By name. */
  person: string
}

/** Those whose day has not come. */
export const putOffMatters = (sql: BakerySql, today: string): Promise<PutOff[]> => sql<PutOff[]>`
  select p.key, p.print, p.until, coalesce(s.name, p.kept_by) as person
  from put_off p left join staff s on s.bakery_id = p.bakery_id and s.id = p.kept_by
  where p.until > ${today} order by p.until, p.key`

/** Puts a matter off, or again to another day. */
export async function putOff(sql: BakerySql, { key, print, until }: Omit<PutOff, 'person'>): Promise<void> {
  await sql`insert into put_off (key, print, until) values (${key}, ${print}, ${until})
    on conflict (bakery_id, key) do update
    set print = excluded.print, until = excluded.until, kept_by = current_person(), kept_at = clock_timestamp()`
}
/** Brings it back at once. */
export async function bringBack(sql: BakerySql, key: string): Promise<void> {
  await sql`delete from put_off where key = ${key}`
}
