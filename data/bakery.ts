// The bakery itself: its name, its staff, its kitchen, its journal.
import { Evidence, Kitchen } from '@fair-tin/core'
import { z } from 'zod'
import type { BakerySql } from './withBakery'

export interface Person {
  id: string
  name: string
}
export const listStaff = (sql: BakerySql): Promise<Person[]> => sql<Person[]>`select id, name from staff order by name`

export async function readKitchen(sql: BakerySql): Promise<{ kitchen: Kitchen; evidence: Evidence[] }> {
  const [row] = await sql<{ body: unknown; evidence: unknown }[]>`select body, evidence from kitchen`
  // a bakery without a kitchen record was never assessed: no claim may rest on it
  if (!row) return { kitchen: { currency: 'GBP', crossContact: [] }, evidence: [] }
  return { kitchen: Kitchen.parse(row.body), evidence: z.array(Evidence).parse(row.evidence) }
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
