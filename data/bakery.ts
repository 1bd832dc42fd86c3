// The bakery's kitchen and its journal.
import { Evidence, Kitchen } from '@fair-tin/core/model'
import { z } from 'zod'
import { readRow, written } from './damage'
import { type KeptRows, keptRows } from './rowsKept'
import type { Saved } from './versioned'
import type { BakerySql } from './withBakery'

const KitchenRow = z.object({ kitchen: Kitchen, evidence: z.array(Evidence) })
export type KitchenRow = z.infer<typeof KitchenRow>

interface Row {
  id: string
  name: string
  body: unknown
  evidence: unknown
}
const kitchenOf = ({ body, evidence }: Row): KitchenRow => KitchenRow.parse({ kitchen: body, evidence })
/** The kitchen and its papers; none where none was ever recorded. */
export const listKitchen = async (sql: BakerySql): Promise<KeptRows<KitchenRow>> =>
  keptRows(
    'kitchen',
    await sql<{ id: string; mark: string }[]>`select 'kitchen' as id, xmin || ' ' || ctid as mark from kitchen`,
    () => sql<(Row & { mark: string })[]>`
      select 'kitchen' as id, 'The kitchen' as name, body, evidence, xmin || ' ' || ctid as mark from kitchen`,
    kitchenOf,
  )

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
  const [row] = await sql<(Row & { version: number })[]>`
    select 'kitchen' as id, 'The kitchen' as name, body, evidence, version from kitchen`
  return row
    ? readRow('kitchen', row, one => ({
        ...kitchenOf(one),
        version: one.version,
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
