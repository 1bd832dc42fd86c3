// What was cleaned and what tests found, in the order it was written down. Added to only.
import { CleaningDone, type LastTest } from '@fair-tin/core/model'
import { written } from './damage'
import type { BakerySql } from './withBakery'

export type CleaningKept = CleaningDone & { id: string; by: string; at: string }

/** Once, however often it is sent. */
export const keepCleaning = async (sql: BakerySql, id: string, given: CleaningDone): Promise<void> => {
  const one = written(CleaningDone, given)
  await sql`insert into cleaning_entry (bakery_id, id, equipment, did, allergen, found, note)
    values (current_bakery(), ${id}, ${one.equipment}, ${one.did}, ${one.allergen ?? null}, ${one.found ?? null}, ${one.note ?? null}) on conflict do nothing`
}

/** The newest first. */
export const listCleanings = async (sql: BakerySql, most = 200): Promise<CleaningKept[]> =>
  (
    await sql<
      {
        id: string
        equipment: string
        did: CleaningDone['did']
        allergen: LastTest['allergen'] | null
        found: boolean | null
        note: string | null
        by: string
        at: Date
      }[]
    >`select c.id, c.equipment, c.did, c.allergen, c.found, c.note, coalesce(s.name, c.kept_by) as by, c.kept_at as at
      from cleaning_entry c left join staff s on s.bakery_id = c.bakery_id and s.id = c.kept_by
      order by c.kept_at desc, c.id limit ${most}`
  ).map(({ id, equipment, did, allergen, found, note, by, at }) => ({
    id,
    equipment,
    did,
    ...(allergen === null ? {} : { allergen }),
    ...(found === null ? {} : { found }),
    ...(note === null ? {} : { note }),
    by,
    at: at.toISOString(),
  }))

const last = new Map<string, readonly LastTest[]>()
/** The last test of each place for each allergen: the very same list as long as it says the same. */
export async function lastTests(sql: BakerySql): Promise<readonly LastTest[]> {
  const rows = await sql<LastTest[]>`
    select distinct on (lower(equipment), allergen) equipment, allergen, found, (kept_at at time zone 'UTC')::date::text as on
    from cleaning_entry where did = 'tested' order by lower(equipment), allergen, kept_at desc, id`
  const all = rows.map(({ equipment, allergen, found, on }) => ({ equipment, allergen, found, on }))
  const key = JSON.stringify(all)
  const known = last.get(key) ?? Object.freeze(all)
  // only what is asked for now is worth keeping
  if (last.size > 200) last.clear()
  last.set(key, known)
  return known
}
