// The journal: every change, who made it and when. Read only; what stands in it is never changed.
import type { BakerySql } from './withBakery'

export interface JournalLine {
  entry: number
  /** ISO moment. */
  at: string
  /** By name. */
  person: string
  /** Which table, and which thing of it. */
  kind: string
  subject: string
  change: 'insert' | 'update' | 'delete'
  /** The fields that are otherwise than before; none where it is new or gone. No values: a price stays where prices are seen. */
  fields: string[]
}

/** So many, the newest first, from before that entry on. */
export async function journalLines(sql: BakerySql, before: number | null, most: number): Promise<JournalLine[]> {
  const rows = await sql<(Omit<JournalLine, 'at' | 'entry'> & { at: Date; entry: string })[]>`
    select j.entry, j.at, coalesce(s.name, j.person) as person, j.kind, j.subject, j.change,
           coalesce((select array_agg(distinct f.key order by f.key) from (
             select key from jsonb_each(coalesce(j.after, '{}') || coalesce(j.after -> 'body', '{}') || coalesce(j.after -> 'facts', '{}')) a
             where j.change = 'update' and a.value is distinct from
               (coalesce(j.before, '{}') || coalesce(j.before -> 'body', '{}') || coalesce(j.before -> 'facts', '{}')) -> a.key) f
             where f.key not in ('version', 'body', 'facts', 'bakery_id')), '{}') as fields
    from journal j left join staff s on s.bakery_id = j.bakery_id and s.id = j.person
    where ${before === null ? sql`true` : sql`j.entry < ${before}`}
    order by j.entry desc limit ${most}`
  return rows.map(row => ({ ...row, entry: Number(row.entry), at: row.at.toISOString() }))
}
