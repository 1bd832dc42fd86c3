// Everything of a bakery as one ZIP, and back: JSON as the database writes it, the papers as they were, sheets for the eye.
import { type Everything, type TableName, tableNames } from '@fair-tin/data'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import Papa from 'papaparse'
import { z } from 'zod'

/** Raised when what is inside is told otherwise. */
const version = 1
/** Bytes of all that is inside, unpacked: a file that unpacks into more is none of ours. */
const mostUnpacked = 500_000_000

const About = z.object({
  format: z.literal('everything of a bakery'),
  version: z.number().int(),
  bakery: z.object({ name: z.string().min(1).max(200) }),
})
const People = z.array(z.object({ id: z.string().min(1).max(100), name: z.string().min(1).max(100) })).max(10_000)
const Papers = z
  .array(
    z.object({
      id: z.string(),
      ingredient_id: z.string(),
      evidence_id: z.string(),
      name: z.string(),
      type: z.string(),
      kept_by: z.string(),
      kept_at: z.string(),
    }),
  )
  .max(100_000)

/** A name that is safe in any folder; the true one stands in papers.json. */
const fileOf = (at: number, name: string) =>
  `papers/${at + 1}-${name
    .replace(/[^\w.-]+/g, '_')
    .replace(/\.{2,}/g, '.')
    .slice(-60)}`

interface Rows {
  ingredient: { id: string; name: string; facts: { supplier?: string; article?: string }; removed_at: string | null }
  product: {
    id: string
    name: string
    recipe_id: string
    body: { netWeight?: number; pieces?: number; claims?: string[] }
    removed_at: string | null
  }
  order_line: { day: string; product_id: string; packs: number; for_whom: string; cancelled_at: string | null }
}
const rowsOf = <T extends keyof Rows>(all: Everything, name: T): Rows[T][] => JSON.parse(all.tables[name])
const sheet = (rows: object[]): Uint8Array =>
  strToU8(`\ufeff${Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' })}\r\n`)

export function bundled(all: Everything): Uint8Array {
  const { bakery, people, tables, papers } = all
  const json = (value: unknown) => strToU8(`${JSON.stringify(value, null, 1)}\n`)
  return zipSync({
    'bakery.json': json({ format: 'everything of a bakery', version, bakery }),
    'people.json': json(people),
    'papers.json': json(papers.map(({ bytes: _, ...paper }) => paper)),
    ...Object.fromEntries(tableNames.map(name => [`rows/${name}.json`, strToU8(tables[name])])),
    ...Object.fromEntries(papers.map((paper, at) => [fileOf(at, paper.name), paper.bytes])),
    'sheets/larder.csv': sheet(
      rowsOf(all, 'ingredient')
        .filter(row => row.removed_at === null)
        .map(({ id, name, facts }) => ({ id, name, supplier: facts.supplier ?? '', article: facts.article ?? '' })),
    ),
    'sheets/products.csv': sheet(
      rowsOf(all, 'product')
        .filter(row => row.removed_at === null)
        .map(({ id, name, recipe_id, body }) => ({
          id,
          name,
          recipe: recipe_id,
          'net weight g': body.netWeight ?? '',
          pieces: body.pieces ?? '',
          claims: (body.claims ?? []).join(' '),
        })),
    ),
    'sheets/orders.csv': sheet(
      rowsOf(all, 'order_line').map(({ day, product_id, packs, for_whom, cancelled_at }) => ({
        day,
        product: product_id,
        packs,
        'for whom': for_whom,
        cancelled: cancelled_at ?? '',
      })),
    ),
  })
}

/** What stands against it, in words, or everything. Nothing in it is trusted: sizes before it is unpacked, shapes before it is used. */
export function unbundled(bytes: Uint8Array): Everything | { problem: string } {
  const none = { problem: 'This is no file of “Take everything with you”, or it is torn. Nothing was brought in.' }
  let unpacked = 0
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, {
      filter: ({ originalSize }) => {
        unpacked += originalSize
        if (unpacked > mostUnpacked) throw new Error('too large')
        return true
      },
    })
  } catch {
    return none
  }
  const read = <T>(name: string, schema: z.ZodType<T>): T | null => {
    try {
      return schema.parse(JSON.parse(strFromU8(files[name] ?? new Uint8Array())))
    } catch {
      return null
    }
  }
  const about = read('bakery.json', About)
  if (about && about.version > version)
    return { problem: 'This was taken from a newer Fair Tin. Nothing was brought in: bring this one up to date first.' }
  const people = read('people.json', People)
  const papers = read('papers.json', Papers)
  if (!about || !people || !papers) return none
  const tables = {} as Record<TableName, string>
  for (const name of tableNames) {
    if (sinceThen.has(name) && !files[`rows/${name}.json`]) {
      tables[name] = '[]'
      continue
    }
    if (read(`rows/${name}.json`, z.array(z.record(z.string(), z.unknown()))) === null)
      return { problem: `rows/${name}.json is missing or no list of rows. Nothing was brought in.` }
    tables[name] = strFromU8(files[`rows/${name}.json`]!)
  }
  const kept = []
  for (const [at, paper] of papers.entries()) {
    const content = files[fileOf(at, paper.name)]
    if (!content) return { problem: `The paper “${paper.name}” is missing. Nothing was brought in.` }
    kept.push({ ...paper, bytes: content })
  }
  return { bakery: about.bakery, people, tables, papers: kept }
}
/** What a bundle from before it does not have. */
const sinceThen: ReadonlySet<TableName> = new Set([
  'batch_books',
  'batch',
  'batch_entry',
  'hold_entry',
  'practice_entry',
  'picture',
  'cleaning_entry',
])
