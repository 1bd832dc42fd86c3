// The bakery itself: its name, its staff, its kitchen, its journal.
import { Evidence, Kitchen } from '@fair-tin/core/model'
import { z } from 'zod'
import type { Saved } from './versioned'
import type { BakerySql } from './withBakery'

export interface Person {
  id: string
  name: string
}
export const listStaff = (sql: BakerySql): Promise<Person[]> => sql<Person[]>`select id, name from staff order by name`

export async function readKitchen(sql: BakerySql): Promise<{ kitchen: Kitchen; evidence: Evidence[] }> {
  const found = await findKitchen(sql)
  // a bakery without a kitchen record was never assessed: no claim may rest on it
  return found
    ? { kitchen: found.kitchen, evidence: found.evidence }
    : { kitchen: { currency: 'GBP', crossContact: [] }, evidence: [] }
}

export async function addKitchen(sql: BakerySql, kitchen: Kitchen, evidence: readonly Evidence[]): Promise<void> {
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

/** The kitchen with its version, for editing; null where none was ever recorded. */
export async function findKitchen(
  sql: BakerySql,
): Promise<{ kitchen: Kitchen; evidence: Evidence[]; version: number } | null> {
  const [row] = await sql<
    { body: unknown; evidence: unknown; version: number }[]
  >`select body, evidence, version from kitchen`
  return row
    ? { kitchen: Kitchen.parse(row.body), evidence: z.array(Evidence).parse(row.evidence), version: row.version }
    : null
}

/** Saves over version `seen`, or makes the first record where `seen` is 0; a conflict changes nothing. */
export async function saveKitchen(
  sql: BakerySql,
  kitchen: Kitchen,
  evidence: readonly Evidence[],
  seen: number,
): Promise<Saved<Kitchen>> {
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
