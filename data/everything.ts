// Everything of one bakery in open formats, to take along; and a fresh bakery made from it. Rows go out and come in as the database
// writes them, so that no number passes through a rounding. What it holds is described in docs/formats.md.
import { setMoneyApart } from './bakery'
import { setProductMoneyApart } from './products'
import type { BakerySql } from './withBakery'
import { readWorkbook } from './workbook'

/** Each table by the columns that go along, in an order in which they can be put back. */
const tables = {
  ingredient: ['id', 'version', 'name', 'facts', 'removed_at'],
  pack: ['ingredient_id', 'from_date', 'grams', 'price', 'currency'],
  recipe: ['id', 'version', 'name', 'body', 'removed_at'],
  product: ['id', 'version', 'name', 'recipe_id', 'body', 'removed_at'],
  kitchen: ['version', 'body', 'evidence'],
  recipe_version: ['recipe_id', 'number', 'name', 'reason', 'body', 'kept_by', 'kept_at'],
  delivery: ['id', 'ingredient_id', 'lot', 'received', 'grams', 'use_by', 'evidence', 'kept_by', 'kept_at'],
  stock_entry: ['delivery_id', 'grams', 'reason', 'for_entry', 'kept_by', 'kept_at'],
  hold_entry: ['delivery_id', 'held', 'reason', 'kept_by', 'kept_at'],
  price_list: ['supplier', 'columns'],
  trial: ['id', 'recipe_id', 'name', 'notes', 'body', 'fresh', 'kept_by', 'kept_at', 'closed'],
  part_entry: ['part', 'grams', 'reason', 'for_entry', 'kept_by', 'kept_at'],
  seal: ['print', 'body'],
  sign_off: ['number', 'product_id', 'market', 'print', 'deed', 'reason', 'kept_by', 'kept_at'],
  batch_books: ['print', 'body'],
  batch: ['id', 'code', 'day', 'product_id', 'name', 'pieces', 'factor', 'reason', 'print', 'kept_by', 'kept_at'],
  practice_entry: ['caught', 'missed', 'needless', 'kept_by', 'kept_at'],
  picture: ['id', 'kind', 'name', 'type', 'width', 'height', 'bytes', 'kept_by', 'kept_at'],
  cleaning_entry: ['id', 'equipment', 'did', 'allergen', 'found', 'note', 'kept_by', 'kept_at'],
  day_plan: ['day', 'body', 'version'],
  batch_entry: ['id', 'batch_id', 'body', 'thing', 'kept_by', 'kept_at'],
  order_line: ['id', 'day', 'product_id', 'packs', 'for_whom', 'cancelled_at', 'kept_by', 'kept_at'],
} as const
export type TableName = keyof typeof tables
export const tableNames = Object.keys(tables) as TableName[]

export interface Paper {
  id: string
  ingredient_id: string
  evidence_id: string
  name: string
  type: string
  kept_by: string
  kept_at: string
}
export interface Everything {
  bakery: { name: string }
  /** Who worked there, so that what they did keeps their names. */
  people: { id: string; name: string }[]
  /** JSON text: an array of rows each. */
  tables: Record<TableName, string>
  papers: (Paper & { bytes: Uint8Array })[]
}

/** Holds no books yet, so that those of another bakery can be brought in. */
export async function isFresh(sql: BakerySql): Promise<boolean> {
  return (
    (await sql`select 1 from ingredient union all select 1 from recipe union all select 1 from product limit 1`)
      .length === 0
  )
}
/** What is kept in two tables goes along as one. */
const whole: Partial<Record<TableName, (sql: BakerySql) => ReturnType<BakerySql>>> = {
  kitchen: sql =>
    sql`select version, k.body || coalesce(m.body, '{}') as body, evidence from kitchen k left join kitchen_money m using (bakery_id)`,
  product: sql =>
    sql`select p.id, version, name, recipe_id, p.body || coalesce(m.body, '{}') as body, removed_at
      from product p left join product_money m on m.bakery_id = p.bakery_id and m.product_id = p.id`,
}
const columnsOf = (sql: BakerySql, name: TableName) => sql.unsafe(tables[name].map(column => `"${column}"`).join(', '))
export async function takeEverything(sql: BakerySql): Promise<Everything> {
  const rows = {} as Record<TableName, string>
  for (const name of tableNames) {
    const columns = columnsOf(sql, name)
    const [row] = await sql<{ text: string }[]>`
      select coalesce(jsonb_agg(to_jsonb(t) order by ${name.endsWith('_entry') ? sql`kept_at, t::text` : sql`t::text`}), '[]')::text as text
      from (${whole[name]?.(sql) ?? sql`select ${columns} from ${sql(name)}`}) t`
    rows[name] = row!.text
  }
  const [bakery] = await sql<{ name: string }[]>`select name from bakery`
  const people = await sql<{ id: string; name: string }[]>`select id, name from staff order by id`
  const papers = await sql<(Omit<Paper, 'kept_at'> & { kept_at: Date; bytes: Buffer })[]>`
    select id, ingredient_id, evidence_id, name, type, kept_by, kept_at, bytes from evidence_file order by id`
  return {
    bakery: { name: bakery!.name },
    people: [...people],
    tables: rows,
    papers: papers.map(paper => ({
      ...paper,
      kept_at: paper.kept_at.toISOString(),
      bytes: new Uint8Array(paper.bytes),
    })),
  }
}

/** What stands against bringing it in, in words. The transaction is not to be kept. */
export class NotBroughtIn extends Error {}

/** Makes a fresh bakery of it, all or nothing. Throws NotBroughtIn where the bakery is not fresh, or a row could not be shown afterwards. */
export async function bringEverything(sql: BakerySql, given: Everything, today: string): Promise<void> {
  const [used] =
    await sql`select 1 from ingredient union all select 1 from recipe union all select 1 from product limit 1`
  if (used) throw new NotBroughtIn('This bakery has books already. Bring everything into a fresh one.')
  for (const { id, name } of given.people)
    await sql`insert into staff (bakery_id, id, name, role, left_at) values (current_bakery(), ${id}, ${name}, 'baker', now())
      on conflict do nothing`
  await sql`delete from pack`
  for (const name of tableNames) {
    const columns = columnsOf(sql, name)
    // an empty kitchen may have been recorded before anything else
    if (name === 'kitchen')
      await sql`update kitchen set body = r.body, evidence = r.evidence, version = kitchen.version + 1
      from jsonb_populate_recordset(null::kitchen, ${given.tables.kitchen}::text::jsonb) r`
    await sql`insert into ${sql(name)} (bakery_id, ${columns})
      select current_bakery(), ${columns} from jsonb_populate_recordset(null::${sql(name)}, ${given.tables[name]}::text::jsonb)
      ${name === 'kitchen' ? sql`on conflict do nothing` : sql``}`
    if (name === 'kitchen') await setMoneyApart(sql)
    if (name === 'product') await setProductMoneyApart(sql)
  }
  for (const { bytes, ...paper } of given.papers)
    await sql`insert into evidence_file (bakery_id, id, ingredient_id, evidence_id, name, type, bytes, kept_by, kept_at)
      values (current_bakery(), ${paper.id}, ${paper.ingredient_id}, ${paper.evidence_id}, ${paper.name}, ${paper.type},
              ${Buffer.from(bytes)}, ${paper.kept_by}, ${paper.kept_at})`
  const { damaged = [] } = await readWorkbook(sql, today)
  if (damaged.length > 0)
    throw new NotBroughtIn(
      `Not all of it can be read: ${damaged
        .slice(0, 5)
        .map(one => `${one.kind} ${one.id} (${one.problem})`)
        .join('; ')}. Nothing was brought in.`,
    )
}
