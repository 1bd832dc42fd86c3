// A label for one product, from the address of a request: day of baking, lot.
import 'server-only'
import { assessed } from '@fair-tin/core/assess'
import { dateMark } from '@fair-tin/core/label'
import { marketsServed, rulesOf } from '@fair-tin/core/market'
import { IsoDate, type LabelStock, type MarketCode } from '@fair-tin/core/model'
import { alteredIn, toSign } from '@fair-tin/core/seal'
import { daysAfter, fullList } from '@fair-tin/core/words'
import { currentSignOffs, findPicture, readWorkbook, sealsOf } from '@fair-tin/data'
import { marketInView, reading, today } from '../bakery'
import { seeBatch } from '../batches'
import { stateOf } from '../labels'
import { codesFor } from './codes'
import { type LabelLayout, layOut, layOutIn, sizeNamed, usualSize } from './layout'
import type { Pictures } from './pdf'

/** Beyond this a day is a slip of the finger. */
const latestDay = '2199-12-31'

/** `draft`: it is not signed as it stands now. */
/** As it can be printed. */
export type Printable = Extract<LabelAnswer, { layout: unknown }>

export type LabelAnswer =
  /** `stock`: of the kitchen's own, where it is set on one. */
  | {
      layout: LabelLayout
      name: string
      market: MarketCode
      draft: boolean
      stock: LabelStock | null
      /** What its logo is, as PNG. */
      pictures: Pictures
    }
  | { missing: true }
  | { problem: string }

export async function labelFor(productId: string, query: URLSearchParams): Promise<LabelAnswer> {
  const batchId = query.get('batch')
  const read = batchId === null ? null : await reading(sql => seeBatch(sql, batchId))
  if (batchId !== null && read?.batch.product !== productId) return { problem: 'There is no such batch of it.' }
  if (read && read.held.length > 0)
    return { problem: `Batch ${read.batch.code} is held, and no label is printed for it: ${fullList(read.held)}` }
  const baked = read?.batch.day ?? query.get('baked') ?? today()
  if (!IsoDate.safeParse(baked).success || baked > latestDay)
    return { problem: `“${baked}” is no day. Write it as 2026-11-24.` }
  const asked = query.get('market') as MarketCode | null
  const market = asked !== null && marketsServed.includes(asked) ? asked : await marketInView()
  // facts are judged as of today; only the printed date counts from the day of baking
  const { workbook, last, seal } = await reading(async sql => {
    const [workbook, signed] = await Promise.all([readWorkbook(sql, today()), currentSignOffs(sql)])
    const last = signed.find(one => one.product === productId && one.market === market) ?? null
    return { workbook, last, seal: last ? ((await sealsOf(sql, [last.print])).get(last.print) ?? null) : null }
  })
  // a batch bears the label of what it was made of, whatever the recipe is now
  const books = read?.batch.books ?? workbook
  const product = books.products.find(one => one.id === productId)
  if (!product) return { missing: true }
  const { declaration } = assessed(books, productId, market)
  const lot = read?.batch.code ?? (query.get('lot')?.trim().slice(0, 30) || `L${baked.slice(2).replaceAll('-', '')}`)
  const date = dateMark(product, baked, rulesOf(market, declaration.day))
  // where nothing is chosen, the design the product is set in
  const chosen = workbook.products.find(one => one.id === productId)?.designs?.[market] ?? null
  const { labelStocks = [], labelDesigns = [] } = workbook.kitchen
  const named = query.get('size') ?? (labelDesigns.some(one => one.id === chosen) ? chosen : null)
  const design = labelDesigns.find(one => one.id === named) ?? null
  const size = design ?? sizeNamed(named, labelStocks)
  // another size than was asked for would be printed past the edge
  if (named !== null && !size) return { problem: 'There is no such size of label any more. Choose another.' }
  const codes = await codesFor(product, { lot, date: product.keeps ? daysAfter(baked, product.keeps.days) : null })
  if (codes && 'problem' in codes) return codes
  const extras = { lot, ...(date === null ? {} : { date }), ...(codes ? { codes } : {}) }
  const { logo: shown } = design ?? {}
  const logo = shown ? await reading(sql => findPicture(sql, shown.id)) : null
  if (shown && !logo)
    return { problem: 'The picture of the logo is gone. Choose another, in Kitchen, under Label designs.' }
  const laid = design
    ? layOutIn(design, declaration, extras)
    : layOut(declaration, extras, size ?? usualSize(declaration))
  if ('tooMuch' in laid) return { problem: laid.tooMuch }
  const { state } = stateOf(workbook, product, market, last, seal)
  const stock = labelStocks.find(one => one.id === (design ? design.stock : named)) ?? null
  if (design && stock && (stock.width !== design.width || stock.height !== design.height))
    return {
      problem: `The design “${design.name}” is of ${design.width} × ${design.height} mm, and its stock “${stock.name}” of ${stock.width} × ${stock.height}. Arrange it anew, in Kitchen.`,
    }
  const says = read && toSign(books, productId, market)?.says
  const signed = state === 'signed' && (!says || (seal !== null && alteredIn(seal.says, says).length === 0))
  return {
    layout: laid,
    name: product.name,
    market,
    draft: !signed,
    stock,
    pictures: logo ? { [logo.id]: logo.bytes } : {},
  }
}
