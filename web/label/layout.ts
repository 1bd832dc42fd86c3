// A declaration set out on a label in millimetres: laid out once here, drawn twice (SVG and PDF).
// Its words and how large its letters must be stand in the market's pack.
import type { Declaration } from '@fair-tin/core/label'
import { type LetterRules, type RulePack, rulesOf } from '@fair-tin/core/market'
import type { LabelStock } from '@fair-tin/core/model'
import { filled } from '@fair-tin/core/words'
import type { LabelCodes } from './codes'
import { setFacts } from './factsPanel'
import { figureHeightBy } from './legal'
import { figureHeight, lacking, xHeight } from './metrics'
import { emptyPage, type Page } from './page'
import { type Column, type Paragraph, paragraph, plain, set } from './paragraph'
import { barsWidth, setCodes } from './setCodes'
import { setTable, type Table, tableOf } from './typicalTable'

export interface LabelLayout extends Pick<Page, 'texts' | 'rules' | 'boxes' | 'fills'> {
  width: number
  height: number
  /** Of the smallest letters whose size is not the rule's own, mm. */
  xHeight: number
  figureHeight: number
}
export interface LabelExtras {
  /** Printed in place of the declaration's own. */
  date?: string
  lot?: string
  codes?: LabelCodes
}
export interface LabelSize {
  width: number
  height: number
}
/** What can be printed on, mm. */
export const labelSizes: readonly LabelSize[] = [
  { width: 100, height: 70 },
  { width: 100, height: 100 },
  { width: 100, height: 150 },
  { width: 150, height: 150 },
]
export const standardSize: LabelSize = labelSizes[0]!
/** A size of those, "100x70", or one of the kitchen’s own, by its id. Null where there is no such. */
export const sizeNamed = (name: string | null, stocks: readonly LabelStock[] = []): LabelSize | null =>
  labelSizes.find(one => sizeName(one) === name) ?? stocks.find(one => one.id === name) ?? null
export const sizeName = ({ width, height }: LabelSize): string => `${width}x${height}`
/** The size a declaration is set on where none is chosen. */
export const usualSize = ({ market, day }: Pick<Declaration, 'market' | 'day'>): LabelSize => {
  const { width, height } = rulesOf(market, day).letters.usualSize
  return labelSizes.find(one => one.width === width && one.height === height) ?? standardSize
}

const margin = 3
const gutter = 3
const largestSize = 2.9

/** All that stands on the label, measured but not yet placed. */
interface Content {
  left: Paragraph[]
  above: Paragraph[]
  table: Table | null
  below: Paragraph[]
  /** At the foot of the left column. */
  foot: Paragraph[]
  codes: LabelCodes | null
}

/** The words of the label, in order, each measured once. */
function contentOf(declaration: Declaration, extras: LabelExtras, quantity: number, pack: RulePack): Content {
  const { words, letters } = pack
  const { particulars, panel } = declaration
  const left = [
    paragraph([{ text: declaration.name, strong: true }], declaration.byName ? 0.1 : 0.3, 1.25),
    ...(declaration.byName ? [paragraph(plain(declaration.byName), 0.3)] : []),
    paragraph([...plain(words.ingredients), ...declaration.ingredients, { text: '.' }]),
    ...(declaration.second
      ? [
          paragraph([{ text: declaration.second.name, strong: true }], 0.2),
          paragraph(plain(`${declaration.second.ingredients.replace(/\.$/, '')}.`)),
        ]
      : []),
    ...declaration.statements.map(statement => paragraph(statement)),
    ...(particulars.operator ? [paragraph(plain(particulars.operator))] : []),
  ]
  const draft = declaration.problems.length > 0 ? [paragraph([{ text: words.draft, strong: true }])] : []
  const date = extras.date ?? particulars.date
  const net: Paragraph = {
    ...paragraph(plain(particulars.netQuantity), panel ? 0 : 0.16),
    size: quantity / figureHeight,
    fixed: true,
  }
  const kept = [particulars.storage, particulars.portions].filter(Boolean).join(' ')
  const dated = [
    ...(date ? [paragraph(plain(date), 0.1)] : []),
    paragraph(plain(filled(words.lot, { lot: extras.lot ?? particulars.lot }))),
    ...(kept ? [paragraph(plain(kept))] : []),
  ]
  // identity and net quantity: in one field of vision
  const codes = extras.codes ?? null
  if (panel) return { left: [...left, ...dated], above: draft, table: null, below: [], foot: [net], codes }
  const table = 'rows' in declaration.table ? tableOf(declaration.table.rows, particulars, words) : null
  if (letters.quantityAt === 'foot')
    return { left: [...left, ...dated], above: draft, table, below: [], foot: [net], codes }
  return { left, above: draft, table, below: [net, ...dated], foot: [], codes }
}

function attempt(
  declaration: Declaration,
  content: Content,
  size: LabelSize,
  em: number,
  share: number,
): { page: Page; needed: number } {
  const page = emptyPage()
  const inner = size.width - 2 * margin - gutter
  const left: Column = { x: margin, width: inner * share, y: margin - em * 0.3 }
  const right: Column = { x: margin + inner * share + gutter, width: inner * (1 - share), y: margin - em * 0.3 }
  for (const one of content.left) set(page, left, one, em)
  for (const one of content.above) set(page, right, one, em)
  if (declaration.panel && 'rows' in declaration.table) {
    right.y += content.above.length > 0 ? 0.5 : em * 0.3
    setFacts(page, right, declaration.panel, declaration.table.rows)
  }
  if (content.table) setTable(page, right, content.table, em)
  right.y += 0.3 * em
  for (const one of content.below) set(page, right, one, em)
  if (content.codes) {
    // where there is more room left, in a column that is wide enough
    const roomier = left.y < right.y ? left : right
    const other = roomier === left ? right : left
    setCodes(page, roomier.width >= barsWidth ? roomier : other, content.codes)
  }
  if (content.foot.length > 0) {
    // set once apart, to know how deep it is
    const apart: Column = { ...left, y: 0 }
    for (const one of content.foot) set(emptyPage(), apart, one, em)
    left.y = Math.max(left.y, size.height - margin - apart.y)
    for (const one of content.foot) set(page, left, one, em)
  }
  return { page, needed: Math.max(left.y, right.y) + margin }
}

/** All the text the label would set, for checking it against the font. */
function everyWord({ left, above, table, below, foot }: Content, { panel, table: facts }: Declaration): string {
  const words = [...left, ...above, ...below, ...foot].flatMap(one =>
    one.words.flatMap(word => word.pieces.map(bit => bit.text)),
  )
  const cells = table
    ? [
        table.head.title,
        table.head.first,
        ...table.head.second,
        ...table.rows.flatMap(row => [row.label, ...row.first, ...row.second]),
      ]
    : []
  const said = panel ? [panel.servings, panel.servingSize, panel.wholeUnit ?? '', ...Object.values(panel.words)] : []
  const rows = panel && 'rows' in facts ? facts.rows.flatMap(row => [row.label, row.perServing ?? '']) : []
  return [...words, ...cells, ...said, ...rows].join('')
}

const shares = [0.56, 0.6, 0.52, 0.64, 0.48, 0.44]
/** Beside a panel, which needs 45 mm and more. */
const sharesBesidePanel = [0.46, 0.42, 0.38, 0.34, 0.3]
/** From the largest em to the smallest legal one, by 0.05 mm. */
const emsFor = ({ smallestXHeight }: LetterRules): number[] => {
  const smallest = smallestXHeight / xHeight
  const largest = Math.max(largestSize, smallest * 1.2)
  return [...Array.from({ length: Math.ceil((largest - smallest) / 0.05) }, (_, at) => largest - at * 0.05), smallest]
}

/**
 * The label, in mm, set as large as it fits. What does not fit even at the smallest legal letter, or cannot be set in
 * the label's font, comes back in words: nothing is ever cut.
 */
export function layOut(
  declaration: Declaration,
  extras: LabelExtras = {},
  size: LabelSize = usualSize(declaration),
): LabelLayout | { tooMuch: string } {
  const pack = rulesOf(declaration.market, declaration.day)
  const { letters } = pack
  const quantity = figureHeightBy(letters, declaration.particulars.netGrams, size)
  const content = contentOf(declaration, extras, quantity, pack)
  const missing = lacking(everyWord(content, declaration))
  if (missing.length > 0)
    return {
      tooMuch: `The label’s font has no “${missing.join('”, “')}”. Write it another way: in the name on a label, or the product’s name.`,
    }
  const ems = emsFor(letters)
  let least = Number.POSITIVE_INFINITY
  for (const mayBreak of [false, true]) {
    let best: { page: Page; at: number } | null = null
    for (const share of declaration.panel ? sharesBesidePanel : shares) {
      const fits = (at: number) => {
        const { page, needed } = attempt(declaration, content, size, ems[at]!, share)
        if (page.brokenLabels > 0 && !mayBreak) return null
        if (!page.overrun) least = Math.min(least, needed)
        if (needed > size.height + 1e-9) return null
        return page.overrun ? null : page
      }
      // smaller letters need less room: the first em that fits is found by halving
      let low = 0
      let high: number = best ? best.at - 1 : ems.length - 1
      while (low <= high) {
        const middle: number = (low + high) >> 1
        const page = fits(middle)
        if (page) {
          best = { page, at: middle }
          high = middle - 1
        } else low = middle + 1
      }
    }
    if (best) {
      const { texts, rules, boxes, fills } = best.page
      return { ...size, texts, rules, boxes, fills, xHeight: ems[best.at]! * xHeight, figureHeight: quantity }
    }
  }
  const over = Number.isFinite(least)
    ? `it needs ${Math.ceil(least - size.height)} mm more height`
    : 'its columns are too narrow'
  return {
    tooMuch: `This does not fit on ${size.width} × ${size.height} mm with letters as tall as the law asks (x-height ${Math.round(letters.smallestXHeight * 100) / 100} mm): ${over}. Use a larger label, or shorten names.`,
  }
}
