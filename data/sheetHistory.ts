// What was changed on a sheet, when and by whom, newest first: told from the journal, which keeps every state.
import { type KitchenSheet, type SheetEdit, type SheetKind, sheetEdits, takingOut } from '@fair-tin/core/edit'
import type { BakerySql } from './withBakery'

export interface SheetChange {
  entry: string
  /** ISO. */
  at: string
  /** By name. */
  person: string
  edits: SheetEdit[]
}
type Row = Record<string, unknown>
/** A row of the journal as the sheet it was; packs stand in rows of their own and have a history of their own. */
const sheetOfRow: Record<SheetKind, (row: Row) => object> = {
  ingredient: row => ({ ...(row.facts as object), name: row.name }),
  kitchen: row => ({ ...(row.body as object), evidence: row.evidence }) as KitchenSheet,
  order: row => ({ packs: row.packs, forWhom: row.for_whom }),
  day: row => row.body as object,
}
/** Where the journal has it: the kitchen's money by itself, for those who may see it. */
const tables: Record<SheetKind, string[]> = {
  ingredient: ['ingredient'],
  kitchen: ['kitchen', 'kitchen_money'],
  order: ['order_line'],
  day: ['day_plan'],
}
const isOut = (row: Row) => (row.removed_at ?? row.cancelled_at ?? null) !== null

/** At most the last hundred changes. What a state says that cannot be read any more is shown as it stands. */
export async function sheetHistory(sql: BakerySql, kind: SheetKind, id: string): Promise<SheetChange[]> {
  const rows = await sql<{ entry: string; at: Date; person: string; before: Row; after: Row }[]>`
    select j.entry, j.at, coalesce(s.name, j.person) as person, j.before, j.after
    from journal j left join staff s on s.bakery_id = j.bakery_id and s.id = j.person
    where j.kind in ${sql(tables[kind])} and j.subject in ${sql([id, ...tables[kind].slice(1)])} and j.change = 'update' order by j.entry desc limit 100`
  return rows.flatMap(({ entry, at, person, before, after }) => {
    const edits = [
      ...(isOut(before) === isOut(after) ? [] : [isOut(after) ? takingOut : { ...takingOut, was: true, to: null }]),
      ...sheetEdits(kind, sheetOfRow[kind](before), sheetOfRow[kind](after)),
    ]
    return edits.length === 0 ? [] : [{ entry, at: at.toISOString(), person, edits }]
  })
}
