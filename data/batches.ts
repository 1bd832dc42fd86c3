// Batches: as they were begun, and what happened to each. Nothing is overwritten: what was wrong is struck by another entry.
import { type KeptEntry, partNotForShelf } from '@fair-tin/core/batch'
import { inOneOrder } from '@fair-tin/core/edit'
import { Batch, BatchEntry, Ingredient, Workbook } from '@fair-tin/core/model'
import { wellFormedData } from '@fair-tin/core/words'
import { written } from './damage'
import { printOfText } from './print'
import { lotsFor } from './stock'
import type { BakerySql } from './withBakery'

/** A batch without its books, as a list shows it. */
export interface BatchRow extends Omit<Batch, 'books'> {
  begunBy: string
  /** ISO moment. */
  begunAt: string
  /** ISO moment of its last entry that says it is finished; null while it is not. */
  finishedAt: string | null
}
export interface EntryKept extends KeptEntry {
  /** ISO moment the bakery took it in. */
  keptAt: string
}
type Row = Omit<BatchRow, 'begunAt' | 'finishedAt' | 'reason'> & {
  reason: string | null
  begunAt: Date
  finishedAt: Date | null
}
const read = ({ reason, begunAt, finishedAt, ...row }: Row): BatchRow => ({
  ...row,
  ...(reason === null ? {} : { reason }),
  begunAt: begunAt.toISOString(),
  finishedAt: finishedAt?.toISOString() ?? null,
})
const columns = (
  sql: BakerySql,
) => sql`b.id, b.code, b.day, b.product_id as product, b.name, b.pieces, b.factor, b.reason,
  coalesce(s.name, b.kept_by) as "begunBy", b.kept_at as "begunAt",
  (select max(e.kept_at) from batch_entry e where e.bakery_id = b.bakery_id and e.batch_id = b.id and e.body ->> 'kind' = 'finished'
    and not exists (select 1 from batch_entry x where x.bakery_id = e.bakery_id and x.batch_id = e.batch_id
                    and x.body ->> 'kind' = 'struck' and x.body ->> 'of' = e.id::text)) as "finishedAt"`
const from = (sql: BakerySql) => sql`batch b left join staff s on s.bakery_id = b.bakery_id and s.id = b.kept_by`

/** Batches of a day, and those begun before it that are not finished. In the order they were begun. */
export const batchesOf = async (sql: BakerySql, day: string): Promise<BatchRow[]> =>
  (
    await sql<
      Row[]
    >`select * from (select ${columns(sql)} from ${from(sql)} where b.day <= ${day} and b.day >= ${day}::date - 60) b
      where day = ${day} or "finishedAt" is null order by "begunAt", code`
  ).map(read)

/** Every batch from a day on, the newest first. */
export const batchesSince = async (sql: BakerySql, day: string): Promise<BatchRow[]> =>
  (
    await sql<Row[]>`select ${columns(sql)} from ${from(sql)} where b.day >= ${day} order by b.day desc, b.kept_at desc`
  ).map(read)

/** The newest first; of one product, or of all. */
export const lastBatches = async (sql: BakerySql, product: string | null = null, most = 200): Promise<BatchRow[]> =>
  (
    await sql<
      Row[]
    >`select ${columns(sql)} from ${from(sql)} where ${product}::text is null or b.product_id = ${product}
      order by b.day desc, b.kept_at desc limit ${most}`
  ).map(read)

/** Books by their fingerprints, which stand for one state for ever: what was read stays read. Null: they cannot be read any more. */
const kept = new Map<string, Workbook | null>()
const mostKept = 200
async function booksOf(sql: BakerySql, prints: readonly string[]): Promise<ReadonlyMap<string, Workbook | null>> {
  const unknown = prints.filter(print => !kept.has(print))
  if (unknown.length > 0)
    for (const { print, body } of await sql<{ print: string; body: unknown }[]>`
      select print, body from batch_books where print in ${sql(unknown)}`)
      kept.set(print, Workbook.safeParse(body).data ?? null)
  const found = new Map(prints.map(print => [print, kept.get(print) ?? null]))
  for (const oldest of kept.keys()) {
    if (kept.size <= mostKept) break
    kept.delete(oldest)
  }
  return found
}

/** These batches with their books, in no order. Those whose books cannot be read any more are left out: see their rows. */
export async function findBatches(sql: BakerySql, ids: readonly string[]): Promise<(BatchRow & Batch)[]> {
  if (ids.length === 0) return []
  const rows = await sql<(Row & { print: string })[]>`
    select ${columns(sql)}, b.print from ${from(sql)} where b.id in ${sql([...ids])}`
  const books = await booksOf(sql, [...new Set(rows.map(one => one.print))])
  return rows.flatMap(({ print, ...row }) => {
    const own = books.get(print)
    return own ? [{ ...read(row), books: own }] : []
  })
}
/** Null where there is none. */
export const findBatch = async (sql: BakerySql, id: string): Promise<(BatchRow & Batch) | null> =>
  (await findBatches(sql, [id]))[0] ?? null

interface EntryRow {
  id: string
  batch: string
  body: unknown
  thing: unknown
  by: string
  keptAt: Date
}
/** What can no longer be read may have been anything: it stands against the batch until somebody has looked. */
const unreadable = ({ id, keptAt }: EntryRow): BatchEntry => ({
  kind: 'checked',
  id,
  at: keptAt.toISOString(),
  what: 'an entry that can no longer be read',
  passed: false,
  critical: true,
})
/** Every entry of these batches, in the order they came. */
export async function entriesOf(sql: BakerySql, batches: readonly string[]): Promise<Map<string, EntryKept[]>> {
  const found = new Map<string, EntryKept[]>(batches.map(id => [id, []]))
  if (batches.length === 0) return found
  const rows = await sql<EntryRow[]>`
    select e.id, e.batch_id as batch, e.body, e.thing, coalesce(s.name, e.kept_by) as by, e.kept_at as "keptAt"
    from batch_entry e left join staff s on s.bakery_id = e.bakery_id and s.id = e.kept_by
    where e.batch_id in ${sql([...batches])} order by e.number`
  for (const row of rows) {
    const { batch, body, thing, by, keptAt } = row
    const entry = BatchEntry.safeParse(body)
    const facts = thing === null ? null : Ingredient.safeParse(thing)
    found.get(batch)!.push({
      entry: entry.success && facts?.success !== false ? entry.data : unreadable(row),
      by,
      keptAt: keptAt.toISOString(),
      ...(facts?.success ? { thing: facts.data } : {}),
    })
  }
  return found
}

/** Begins a batch; its code is the day and its number on that day. Throws ZodError for what could not be read back. */
export async function addBatch(sql: BakerySql, given: Omit<Batch, 'code'>): Promise<string> {
  await sql`select pg_advisory_xact_lock(hashtextextended(${`batches of ${given.day}`}, 0))`
  const stem = given.day.slice(2).replaceAll('-', '')
  const [last] = await sql<{ number: number }[]>`
    select coalesce(max(substring(code from '-([0-9]+)$')::int), 0) as number from batch where code like ${`${stem}-%`}`
  const batch = written(Batch, { ...given, code: `${stem}-${last!.number + 1}` })
  const books = inOneOrder(batch.books)
  const print = printOfText(books)
  await sql`insert into batch_books (bakery_id, print, body) values (current_bakery(), ${print}, ${sql.json(batch.books as never)}) on conflict do nothing`
  await sql`insert into batch (bakery_id, id, code, day, product_id, name, pieces, factor, reason, print)
    values (current_bakery(), ${batch.id}, ${batch.code}, ${batch.day}, ${batch.product}, ${batch.name}, ${batch.pieces}, ${batch.factor}, ${batch.reason ?? null}, ${print})`
  return batch.code
}

export interface LotUse {
  batch: string
  code: string
  day: string
  product: string
  name: string
  grams: number
}
/** Every batch a lot went into, and how much; what was struck is not counted. The newest first. */
export const usesOfLot = async (sql: BakerySql, lot: string): Promise<LotUse[]> =>
  (
    await sql<(Omit<LotUse, 'grams'> & { grams: string })[]>`
      select b.id as batch, b.code, b.day, b.product_id as product, b.name, sum((e.body ->> 'grams')::numeric) as grams
      from batch_entry e join batch b on b.bakery_id = e.bakery_id and b.id = e.batch_id
      where e.body ->> 'kind' = 'weighed' and e.body ->> 'lot' = ${lot}
        and not exists (select 1 from batch_entry x where x.bakery_id = e.bakery_id and x.batch_id = e.batch_id
                        and x.body ->> 'kind' = 'struck' and x.body ->> 'of' = e.id::text)
      group by b.bakery_id, b.id, b.code, b.day, b.product_id, b.name order by b.day desc, b.code`
  ).map(row => ({ ...row, grams: Number(row.grams) }))

/** So much happens to no batch: what is over it is refused. */
const mostEntries = 3000
export type EntryAnswer = { id: string; kept: true } | { id: string; kept: false; why: string }

/** Takes grams off a lot, as far as the books say there is so much: what was weighed was weighed, whatever they say. */
async function takeFor(sql: BakerySql, entry: string, lot: string, grams: number, code: string): Promise<void> {
  await sql`insert into stock_entry (bakery_id, delivery_id, grams, reason, for_entry)
    select current_bakery(), id, -least(left_over, ${String(grams)}::numeric), ${`batch ${code}`}, ${entry}
    from stock where id = ${lot} and least(left_over, ${String(grams)}::numeric) > 0`
}
/** The same off the shelf of parts. */
async function takePartFor(sql: BakerySql, entry: string, part: string, grams: number, code: string): Promise<void> {
  await sql`insert into part_entry (bakery_id, part, grams, reason, for_entry)
    select current_bakery(), part, -least(grams, ${String(grams)}::numeric), ${`batch ${code}`}, ${entry}
    from part_stock where part = ${part} and least(grams, ${String(grams)}::numeric) > 0`
}
const putPart = (sql: BakerySql, entry: string, part: string, grams: number, code: string) => sql`
  insert into part_entry (bakery_id, part, grams, reason, for_entry)
  values (current_bakery(), ${part}, ${String(grams)}::numeric, ${`left of batch ${code}`}, ${entry})`
async function putBackOf(sql: BakerySql, entry: string, code: string): Promise<void> {
  await sql`insert into stock_entry (bakery_id, delivery_id, grams, reason, for_entry)
    select current_bakery(), delivery_id, -sum(grams), ${`batch ${code}: struck`}, ${entry}::uuid
    from stock_entry where for_entry = ${entry} group by delivery_id having sum(grams) <> 0`
  await sql`insert into part_entry (bakery_id, part, grams, reason, for_entry)
    select current_bakery(), part, -sum(grams), ${`batch ${code}: struck`}, ${entry}::uuid
    from part_entry where for_entry = ${entry} group by part having sum(grams) <> 0`
}

/**
 * The facts of a thing, also of one that was taken out of the larder since: it went in all the same. Facts that cannot be read are
 * null: then nobody knows what it is. Null where there never was such a thing.
 */
async function factsOf(sql: BakerySql, id: string): Promise<{ facts: Ingredient | null } | null> {
  const [row] = await sql<{ id: string; name: string; version: number; facts: object }[]>`
    select id, name, version, facts from ingredient where id = ${id}`
  if (!row) return null
  const read = Ingredient.safeParse({ ...row.facts, id: row.id, name: row.name, packs: [] })
  if (!read.success) return { facts: null }
  const { counterpart: _, ...facts } = read.data
  return { facts: { ...facts, version: row.version } }
}

async function keepOne(sql: BakerySql, batch: { id: string; code: string }, given: unknown): Promise<EntryAnswer> {
  const id = given !== null && typeof given === 'object' && 'id' in given ? String(given.id).slice(0, 60) : ''
  const read = BatchEntry.safeParse(wellFormedData(given))
  if (!read.success) return { id, kept: false, why: read.error.issues[0]?.message ?? 'This cannot be read.' }
  const entry = read.data
  const [known] = await sql<{ batch: string }[]>`select batch_id as batch from batch_entry where id = ${entry.id}`
  if (known)
    return known.batch === batch.id
      ? { id, kept: true }
      : { id, kept: false, why: 'That stands in another batch already.' }
  if (entry.kind === 'leftOver') {
    // a part that no recipe knows would stand on the shelf for ever
    const [there] = await sql`select 1 from recipe_in_force where id = ${entry.part.split('@')[0]!}`
    if (!there) return { id, kept: false, why: 'This part is no longer among the recipes.' }
    const own = await findBatch(sql, batch.id)
    const sofar = (await entriesOf(sql, [batch.id])).get(batch.id)!
    const lots = sofar.flatMap(one => (one.entry.kind === 'weighed' && one.entry.lot ? [one.entry.lot] : []))
    const why = own
      ? partNotForShelf(own, sofar, await lotsFor(sql, lots, []), entry.part)
      : 'The books of this batch cannot be read any more: what is in it nobody can tell. Mark it, and keep it apart.'
    if (why) return { id, kept: false, why }
  }
  let thing: Ingredient | null = null
  if (entry.kind === 'swapped' || entry.kind === 'added') {
    const found = await factsOf(sql, entry.kind === 'swapped' ? entry.to : entry.ingredient)
    if (!found)
      return { id, kept: false, why: 'It is not in the larder: put it there first, so that its allergens are known.' }
    thing = found.facts
  }
  if (entry.kind === 'struck') {
    const [there] =
      await sql`select 1 from batch_entry where id = ${entry.of} and batch_id = ${batch.id} and body ->> 'kind' <> 'struck'`
    if (!there) return { id, kept: false, why: 'There is nothing in this batch that could be struck so.' }
    const [gone] =
      await sql`select 1 from batch_entry where batch_id = ${batch.id} and body ->> 'kind' = 'struck' and body ->> 'of' = ${entry.of}`
    if (gone) return { id, kept: false, why: 'It was struck already.' }
  }
  await sql`insert into batch_entry (bakery_id, id, batch_id, body, thing)
    values (current_bakery(), ${entry.id}, ${batch.id}, ${sql.json(entry as never)}, ${thing ? sql.json(thing as never) : null})`
  if (entry.kind === 'weighed' && entry.lot !== undefined && entry.grams > 0)
    await takeFor(sql, entry.id, entry.lot, entry.grams, batch.code)
  if (entry.kind === 'weighed' && entry.part !== undefined && entry.grams > 0)
    await takePartFor(sql, entry.id, entry.part, entry.grams, batch.code)
  if (entry.kind === 'leftOver') await putPart(sql, entry.id, entry.part, entry.grams, batch.code)
  if (entry.kind === 'struck') await putBackOf(sql, entry.of, batch.code)
  return { id, kept: true }
}

/** Everything it takes from, always in one order: of two batches that take from the same two lots neither waits for the other for ever. */
async function lockShelves(sql: BakerySql, given: readonly unknown[]): Promise<void> {
  const taken = given.flatMap(one => {
    const entry = BatchEntry.safeParse(wellFormedData(one)).data
    return entry?.kind === 'weighed'
      ? [entry.lot, entry.part === undefined ? undefined : `part ${entry.part}`].filter(key => key !== undefined)
      : []
  })
  for (const key of [...new Set(taken)].sort()) await sql`select pg_advisory_xact_lock(hashtextextended(${key}, 0))`
}

/** Each by itself, once however often it is sent; null where there is no such batch. */
export async function keepEntries(
  sql: BakerySql,
  batchId: string,
  given: readonly unknown[],
): Promise<EntryAnswer[] | null> {
  // one at a time for each batch: of two who strike the same the second is told
  await sql`select pg_advisory_xact_lock(hashtextextended(${`batch ${batchId}`}, 0))`
  const [batch] = await sql<{ id: string; code: string; entries: number }[]>`
    select b.id, b.code, (select count(*)::int from batch_entry e where e.bakery_id = b.bakery_id and e.batch_id = b.id) as entries
    from batch b where b.id = ${batchId}`
  if (!batch) return null
  await lockShelves(sql, given)
  const answers: EntryAnswer[] = []
  for (const [at, one] of given.entries())
    answers.push(
      batch.entries + at >= mostEntries
        ? { id: '', kept: false, why: `A batch has at most ${mostEntries} entries.` }
        : await keepOne(sql, batch, one),
    )
  return answers
}
