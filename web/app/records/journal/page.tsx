import { journalLines, readWorkbook } from '@fair-tin/data'
import { reading, timeZone, today } from '../../../bakery'
import { Journal, type JournalRow } from '../../../screens/records/Journal'

export const metadata = { title: 'Journal' }
const most = 100
/** Where each kind of thing has its page. */
const pageOf: Record<string, (subject: string) => string> = {
  ingredient: id => `/larder/${encodeURIComponent(id)}`,
  pack: id => `/larder/${encodeURIComponent(id)}`,
  delivery: id => `/larder/${encodeURIComponent(id)}`,
  evidence_file: id => `/larder/${encodeURIComponent(id)}`,
  product: id => `/products/${encodeURIComponent(id)}`,
  product_money: id => `/products/${encodeURIComponent(id)}`,
  recipe: id => `/recipes/${encodeURIComponent(id)}`,
  recipe_version: id => `/recipes/${encodeURIComponent(id)}`,
  batch: id => `/records/${encodeURIComponent(id)}`,
  batch_entry: id => `/records/${encodeURIComponent(id)}`,
  kitchen: () => '/kitchen',
  cleaning_entry: () => '/bake/cleaning',
  sign_off: () => '/records/signatures',
}
/** Told by what it is alone: its own id says nothing to anybody. */
const nameless = new Set([
  'kitchen',
  'kitchen_money',
  'cleaning_entry',
  'picture',
  'practice_entry',
  'order_line',
  'trial',
])

const isId = (text: string) => /^(?:lot-)?[0-9a-f]{8}-[0-9a-f]{4}-/.test(text)

export default async function JournalPage({ searchParams }: { searchParams: Promise<{ before?: string }> }) {
  const { before = '' } = await searchParams
  const [lines, book] = await reading(sql =>
    Promise.all([
      journalLines(sql, /^\d{1,15}$/.test(before) ? Number(before) : null, most),
      readWorkbook(sql, today()),
    ]),
  )
  const names = new Map([...book.ingredients, ...book.recipes, ...book.products].map(one => [one.id, one.name]))
  const rows = lines.map(
    (one): JournalRow => ({
      ...one,
      name: names.get(one.subject) ?? (nameless.has(one.kind) || isId(one.subject) ? '' : one.subject),
      href: pageOf[one.kind]?.(one.subject) ?? null,
      when: new Date(one.at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone: timeZone() }),
    }),
  )
  return <Journal rows={rows} older={rows.length === most ? rows.at(-1)!.entry : null} />
}
