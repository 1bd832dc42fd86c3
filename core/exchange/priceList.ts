// A supplier's price list as rows of cells, turned into new packs; every row that cannot be taken is refused with its reason.
import { z } from 'zod'
import { matchName } from '../ingredient/match'
import { grams } from '../measure/grams'
import { readAmount } from '../measure/quantity'
import { type Ingredient, type Pack, Pack as PackShape } from '../model/ingredient'
import { plainly, readDecimal } from '../words/number'
import { looksLikeFormula } from './safeCell'

/** Which column (from 0) holds what; null where the list has none. */
export const PriceColumns = z.object({
  name: z.number().int().min(0).nullable(),
  article: z.number().int().min(0).nullable(),
  /** "10 kg", "6 x 400 g", or a bare number in `packUnit`. */
  pack: z.number().int().min(0),
  price: z.number().int().min(0),
  from: z.number().int().min(0).nullable(),
  currency: z.number().int().min(0).nullable(),
  /** What a pack given as a bare number is in. */
  packUnit: z.enum(['g', 'kg', 'ml', 'l']),
  /** Rows above the first article. */
  headRows: z.number().int().min(0).max(50),
})
export type PriceColumns = z.infer<typeof PriceColumns>

export interface PriceChange {
  ingredient: string
  name: string
  pack: Pack
  /** The row it comes from, counted from 1 as a spreadsheet does. */
  row: number
}
export interface ReadPrices {
  changes: PriceChange[]
  /** Rows that say what the larder already has. */
  unchanged: number
  refused: { row: number; text: string; reason: string }[]
  /** Stopped before the end: nothing of it may be taken. */
  stopped: boolean
}

const guesses: [keyof PriceColumns, RegExp][] = [
  ['article', /^(?:art(?:icle|ikel)?|item|code|sku|product code|ref)\b.*$|no\.?$|number$/i],
  ['price', /price|cost|preis|prix|£|€|\$|net/i],
  ['pack', /pack|size|weight|unit|inhalt|quantity|qty|content/i],
  ['name', /name|description|product|artikelbezeichnung|ingredient|bezeichnung/i],
  ['from', /from|valid|date|since|ab\b/i],
  ['currency', /currency|curr\b|währung/i],
]
/** A first guess at the columns from the head row; the baker corrects it once for each supplier. */
export function guessColumns(head: readonly string[]): PriceColumns {
  const taken = new Set<number>()
  const columns: PriceColumns = {
    name: null,
    article: null,
    pack: -1,
    price: -1,
    from: null,
    currency: null,
    packUnit: 'kg',
    headRows: 1,
  }
  for (const [key, pattern] of guesses) {
    const at = head.findIndex((cell, index) => !taken.has(index) && pattern.test(cell.trim()))
    if (at < 0) continue
    taken.add(at)
    ;(columns as Record<string, unknown>)[key] = at
  }
  const free = () => head.findIndex((_, index) => !taken.has(index))
  for (const key of ['pack', 'price'] as const)
    if (columns[key] < 0) {
      columns[key] = Math.max(0, free())
      taken.add(columns[key])
    }
  if (columns.name === null && columns.article === null) columns.name = Math.max(0, free())
  const packHead = head[columns.pack] ?? ''
  columns.packUnit = /\bkg\b/i.test(packHead)
    ? 'kg'
    : /\bml\b/i.test(packHead)
      ? 'ml'
      : /\b(?:l|litres?)\b/i.test(packHead)
        ? 'l'
        : /\(?\bg\b|grams?/i.test(packHead)
          ? 'g'
          : 'kg'
  return columns
}

/** "2026-03-01", "1.3.2026", "01/03/2026" (day first) as an ISO day; null where it is none. */
export function readDay(text: string): string | null {
  const iso = /^(\d{4})-(\d{2})-(\d{2})/.exec(text.trim())
  const parts = iso ?? /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/.exec(text.trim())
  if (!parts) return null
  const [year, month, day] = iso ? [parts[1]!, parts[2]!, parts[3]!] : [parts[3]!, parts[2]!, parts[1]!]
  const said = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
  const real = new Date(`${said}T00:00:00Z`)
  return !Number.isNaN(real.getTime()) && real.toISOString().slice(0, 10) === said ? said : null
}

export interface PriceListContext {
  larder: readonly Ingredient[]
  supplier: string
  currency: string
  /** ISO day: prices without a date hold from today. */
  today: string
  onProgress?: (looked: number, all: number) => boolean
  /** Rows of the same list that stand above these, where it is read in slices; which pack stands in which row is kept in it. */
  above?: { rows: number; taken: Map<string, number> }
}

/** Dry run over all rows. Reading the same list again, after it was taken, changes nothing. */
export function readPriceList(
  rows: readonly (readonly string[])[],
  columns: PriceColumns,
  context: PriceListContext,
): ReadPrices {
  const { larder, supplier, currency, today, onProgress = () => true, above } = context
  const own = larder.filter(one => (one.supplier ?? '').trim().toLowerCase() === supplier.trim().toLowerCase())
  const byArticle = new Map(own.flatMap(one => (one.article ? [[one.article.trim().toLowerCase(), one] as const] : [])))
  const byName = new Map<string, Ingredient | null>()
  const named = (name: string): Ingredient | null => {
    const key = name.trim().toLowerCase()
    const known = byName.get(key)
    if (known !== undefined) return known
    const match = matchName(name, own)
    const found = match?.sure ? (own.find(one => one.id === match.id) ?? null) : null
    byName.set(key, found)
    return found
  }
  const out: ReadPrices = { changes: [], unchanged: 0, refused: [], stopped: false }
  const taken = above?.taken ?? new Map<string, number>()
  for (let at = columns.headRows; at < rows.length; at++) {
    if ((at - columns.headRows) % 500 === 0 && !onProgress(at, rows.length))
      return { ...out, changes: [], stopped: true }
    const cells = rows[at]!
    if (cells.every(cell => cell.trim() === '')) continue
    const cell = (column: number | null) => (column === null ? '' : (cells[column] ?? '').trim())
    const row = (above?.rows ?? 0) + at + 1
    const refuse = (reason: string) =>
      out.refused.push({ row, text: cells.filter(Boolean).join(' | ').slice(0, 120), reason })
    if ([columns.name, columns.article].some(column => looksLikeFormula(cell(column)))) {
      refuse('The name begins like a formula. It is not worked out; write the name as plain text.')
      continue
    }
    const article = cell(columns.article).toLowerCase()
    const ingredient =
      (article ? byArticle.get(article) : undefined) ?? (cell(columns.name) ? named(cell(columns.name)) : null)
    if (!ingredient) {
      refuse(
        own.length === 0
          ? `Nothing in the larder is bought from ${supplier}.`
          : `Not in the larder under ${supplier}, by article number or name.`,
      )
      continue
    }
    const price = readDecimal(cell(columns.price))
    if (price === null) {
      refuse(cell(columns.price) === '' ? 'There is no price.' : `“${cell(columns.price)}” is no price.`)
      continue
    }
    const weight = packGrams(cell(columns.pack), columns.packUnit, ingredient)
    if ('unknown' in weight) {
      refuse(weight.unknown)
      continue
    }
    const day = cell(columns.from) === '' ? today : readDay(cell(columns.from))
    if (day === null) {
      refuse(`“${cell(columns.from)}” is no day. Write it as 2026-11-24.`)
      continue
    }
    const pack = PackShape.safeParse({
      grams: weight.grams,
      price,
      currency: (cell(columns.currency) || currency).toUpperCase(),
      from: day,
    })
    if (!pack.success) {
      refuse(pack.error.issues[0]!.message)
      continue
    }
    const key = JSON.stringify([ingredient.id, pack.data.grams, pack.data.from])
    const before = taken.get(key)
    if (before !== undefined) {
      refuse(`The same pack stands in row ${before} already.`)
      continue
    }
    taken.set(key, row)
    const same = ingredient.packs.some(
      one =>
        one.grams === pack.data.grams &&
        Number(one.price) === Number(pack.data.price) &&
        one.currency === pack.data.currency &&
        (cell(columns.from) === '' ? isNewest(one, ingredient, today) : one.from === pack.data.from),
    )
    if (same) out.unchanged++
    else out.changes.push({ ingredient: ingredient.id, name: ingredient.name, pack: pack.data, row })
  }
  onProgress(rows.length, rows.length)
  return out
}

/** Is this what a pack of that size costs now? */
const isNewest = (pack: Pack, ingredient: Ingredient, today: string): boolean =>
  !ingredient.packs.some(one => one.grams === pack.grams && one.from > pack.from && one.from <= today)

function packGrams(
  text: string,
  unit: PriceColumns['packUnit'],
  ingredient: Ingredient,
): { grams: number } | { unknown: string } {
  const bare = readDecimal(text)
  const amount = bare === null ? readAmount(plainly(text)) : { amount: { value: Number(bare), unit }, rest: '' }
  if (!amount || !/^\s*(?:\.|packs?|bags?|tubs?|tins?|boxe?s?|bottles?|each)?\s*$/i.test(amount.rest))
    return {
      unknown: text === '' ? 'There is no pack size.' : `“${text}” is no pack size I can read. Try 10 kg or 6 x 400 g.`,
    }
  const weight = grams(amount.amount, ingredient)
  if ('unknown' in weight) return { unknown: `“${text}” cannot become grams: ${weight.unknown}.` }
  return { grams: Number(weight.grams.toPrecision(12)) }
}
