// The bakery itself: its name, its staff, its kitchen, its journal.
import { type Damaged, Evidence, Kitchen } from '@fair-tin/core/model'
import { z } from 'zod'
import { DamagedRow, readRow, written } from './damage'
import type { Saved } from './versioned'
import type { BakerySql } from './withBakery'

export interface Person {
  id: string
  name: string
}
export const listStaff = (sql: BakerySql): Promise<Person[]> => sql<Person[]>`select id, name from staff order by name`

/** The kitchen; one that cannot be read is added to `damaged`, and stands as never assessed. */
export async function readKitchen(
  sql: BakerySql,
  damaged: Damaged[] = [],
): Promise<{ kitchen: Kitchen; evidence: Evidence[] }> {
  const found = await findKitchen(sql).catch((error: unknown) => {
    if (!(error instanceof DamagedRow)) throw error
    damaged.push(error.damage)
    return null
  })
  // a bakery without a kitchen record was never assessed: no claim may rest on it
  return found
    ? { kitchen: found.kitchen, evidence: found.evidence }
    : { kitchen: { currency: 'GBP', crossContact: [] }, evidence: [] }
}

const KitchenRow = z.object({ kitchen: Kitchen, evidence: z.array(Evidence) })

/** Throws ZodError for what could not be read back. */
export async function addKitchen(sql: BakerySql, given: Kitchen, papers: readonly Evidence[]): Promise<void> {
  const { kitchen, evidence } = written(KitchenRow, { kitchen: given, evidence: papers })
  await sql`insert into kitchen (bakery_id, body, evidence) values (current_bakery(), ${sql.json(kitchen as never)}, ${sql.json(evidence as never)})`
}

export interface JournalEntry {
  entry: string
  at: Date
  person: string
  kind: string
  subject: string
  change: string
  before: unknown
  after: unknown
}
/** What was changed about one thing, newest first. */
export const journalOf = (sql: BakerySql, kind: string, subject: string): Promise<JournalEntry[]> =>
  sql<
    JournalEntry[]
  >`select entry, at, person, kind, subject, change, before, after from journal where kind = ${kind} and subject = ${subject} order by entry desc limit 100`

/** The kitchen with its version, for editing; null where none was ever recorded. Throws DamagedRow where it cannot be read. */
export async function findKitchen(
  sql: BakerySql,
): Promise<{ kitchen: Kitchen; evidence: Evidence[]; version: number } | null> {
  const [row] = await sql<
    { body: unknown; evidence: unknown; version: number }[]
  >`select body, evidence, version from kitchen`
  return row
    ? readRow('kitchen', { ...row, id: 'kitchen', name: 'The kitchen' }, ({ body, evidence, version }) => ({
        ...KitchenRow.parse({ kitchen: body, evidence }),
        version,
      }))
    : null
}

/** Saves over version `seen`, or makes the first record where `seen` is 0; a conflict changes nothing. Throws ZodError for what could not be read back. */
export async function saveKitchen(
  sql: BakerySql,
  given: Kitchen,
  papers: readonly Evidence[],
  seen: number,
): Promise<Saved<Kitchen>> {
  const { kitchen, evidence } = written(KitchenRow, { kitchen: given, evidence: papers })
  if (seen === 0 && !(await findKitchen(sql))) {
    await addKitchen(sql, kitchen, evidence)
    return { saved: true, version: 1 }
  }
  const [row] = await sql<{ version: number }[]>`update kitchen
    set body = ${sql.json(kitchen as never)}, evidence = ${sql.json(evidence as never)}, version = version + 1
    where version = ${seen} returning version`
  if (row) return { saved: true, version: row.version }
  const theirs = await findKitchen(sql)
  return { saved: false, conflict: theirs ? { version: theirs.version, theirs: theirs.kitchen } : 'removed' }
}
