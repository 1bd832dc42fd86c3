// That somebody practised, when, and what was caught.
import type { BakerySql } from './withBakery'

export interface Practised {
  person: string
  /** ISO moment. */
  at: string
  caught: string[]
  missed: string[]
  needless: number
}
export const keepPractice = async (
  sql: BakerySql,
  { caught, missed, needless }: Pick<Practised, 'caught' | 'missed' | 'needless'>,
): Promise<void> => {
  await sql`insert into practice_entry (bakery_id, caught, missed, needless)
    values (current_bakery(), ${caught}::text[], ${missed}::text[], ${needless})`
}
/** The newest first. */
export const listPractice = async (sql: BakerySql, most = 100): Promise<Practised[]> =>
  (
    await sql<(Omit<Practised, 'at'> & { at: Date })[]>`
      select coalesce(s.name, p.kept_by) as person, p.kept_at as at, p.caught, p.missed, p.needless
      from practice_entry p left join staff s on s.bakery_id = p.bakery_id and s.id = p.kept_by
      order by p.entry desc limit ${most}`
  ).map(row => ({ ...row, at: row.at.toISOString() }))
