// The bakery's kitchen and its journal.
import { Evidence, Kitchen, kitchenMoney } from '@fair-tin/core/model'
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
/** The record with its money, which the database shows to whoever may see prices. */
const withMoney = (sql: BakerySql) => sql`kitchen k left join kitchen_money m using (bakery_id)`
const whole = (sql: BakerySql) => sql`k.body || coalesce(m.body, '{}') as body, evidence`
const mark = (sql: BakerySql) => sql`concat_ws(' ', k.xmin, k.ctid, m.xmin, m.ctid) as mark`
/** The kitchen and its papers; none where none was ever recorded. */
export const listKitchen = async (sql: BakerySql): Promise<KeptRows<KitchenRow>> =>
  keptRows(
    'kitchen',
    await sql<{ id: string; mark: string }[]>`select 'kitchen' as id, ${mark(sql)} from ${withMoney(sql)}`,
    () => sql<(Row & { mark: string })[]>`
      select 'kitchen' as id, 'The kitchen' as name, ${whole(sql)}, ${mark(sql)} from ${withMoney(sql)}`,
    kitchenOf,
  )

/** May whoever is here see prices? */
export const seesPrices = async (sql: BakerySql): Promise<boolean> =>
  (await sql<{ may: boolean }[]>`select sees_prices() as may`)[0]?.may === true

/** Keeps what the record says of money; whoever may not see it leaves it as it is. */
export async function keepMoney(sql: BakerySql, body: Record<string, unknown>): Promise<void> {
  if (!(await seesPrices(sql))) return
  const money = Object.fromEntries(kitchenMoney.flatMap(key => (body[key] === undefined ? [] : [[key, body[key]]])))
  await sql`insert into kitchen_money (bakery_id, body) values (current_bakery(), ${sql.json(money as never)})
    on conflict (bakery_id) do update set body = excluded.body where kitchen_money.body is distinct from excluded.body`
}
/** The same of a record that came in whole, as the database writes it. */
export async function setMoneyApart(sql: BakerySql): Promise<void> {
  const keys = sql.array([...kitchenMoney])
  await sql`insert into kitchen_money (bakery_id, body)
    select current_bakery(), coalesce(jsonb_object_agg(one.key, one.value) filter (where one.key = any (${keys})), '{}')
    from kitchen, jsonb_each(body) one
    on conflict (bakery_id) do update set body = excluded.body`
  await sql`update kitchen set body = body - ${keys}::text[]`
}
/** The record without its money. */
export const withoutMoney = (body: Record<string, unknown>): Record<string, unknown> =>
  Object.fromEntries(Object.entries(body).filter(([key]) => !(kitchenMoney as readonly string[]).includes(key)))

/** Throws ZodError for what could not be read back. */
export async function addKitchen(sql: BakerySql, given: Kitchen, papers: readonly Evidence[]): Promise<void> {
  const { kitchen, evidence } = written(KitchenRow, { kitchen: given, evidence: papers })
  await sql`insert into kitchen (bakery_id, body, evidence) values (current_bakery(), ${sql.json(withoutMoney(kitchen) as never)}, ${sql.json(evidence as never)})`
  await keepMoney(sql, kitchen)
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
    select 'kitchen' as id, 'The kitchen' as name, ${whole(sql)}, version from ${withMoney(sql)}`
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
    set body = ${sql.json(withoutMoney(kitchen) as never)}, evidence = ${sql.json(evidence as never)}, version = version + 1
    where version = ${seen} returning version`
  if (row) {
    await keepMoney(sql, kitchen)
    return { saved: true, version: row.version }
  }
  const theirs = await findKitchen(sql)
  return { saved: false, conflict: theirs ? { version: theirs.version, theirs: theirs.kitchen } : 'removed' }
}
