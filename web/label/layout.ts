// A declaration set out on a label in millimetres: laid out once here, drawn twice (SVG and PDF).
// Letter heights: Regulation (EU) 1169/2011, Art. 13; quantity figures: Directive 76/211/EEC. From memory of both.
import type { Declaration, Run } from '@fair-tin/core'
import { figureHeight, lacking, textWidth, xHeight } from './metrics'

export interface PlacedText {
  x: number
  /** Of the baseline, from the top. */
  y: number
  text: string
  /** Of the em, mm. */
  size: number
  bold: boolean
}
export interface LabelLayout {
  width: number
  height: number
  texts: PlacedText[]
  rules: { x1: number; x2: number; y: number; weight: number }[]
  /** Of the smallest letters, mm. */
  xHeight: number
  figureHeight: number
}
export interface LabelExtras {
  /** Printed in place of the declaration's own. */
  date?: string
  lot?: string
}
export interface LabelSize {
  width: number
  height: number
}
export const standardSize: LabelSize = { width: 100, height: 70 }

const margin = 3
const gutter = 3
const leading = 1.22
/** mm. 0.9 is allowed where the pack's largest surface is under 80 cm²; the pack is not known here, so the larger rule holds. */
export const smallestXHeight = 1.2
const largestSize = 2.9

/** Height of the figures of the net quantity, mm, by grams. */
export const quantityHeight = (grams: number): number => (grams <= 50 ? 2 : grams <= 200 ? 3 : grams <= 1000 ? 4 : 6)

/** A word measured once, at an em of 1 mm; it may be half bold ("butter**milk**"). */
interface Word {
  pieces: { text: string; bold: boolean; width: number }[]
  width: number
  /** Set off from the word before by a space. */
  spaced: boolean
}
interface Paragraph {
  words: Word[]
  /** Times the em of the body; or, `fixed`, mm. */
  size: number
  fixed?: true
  /** Space after it, in its own em. */
  gap: number
}
interface Table {
  head: { first: string; second: [string, string] }
  rows: { label: string; indent: number; first: string[]; second: string[] }[]
}
/** All that stands on the label, measured but not yet placed. */
interface Content {
  left: Paragraph[]
  above: Paragraph[]
  table: Table | null
  below: Paragraph[]
}

const unitSpace = textWidth(' ', 1)
const piece = (text: string, bold: boolean) => ({ text, bold, width: textWidth(text, 1, bold) })

function wordsOf(runs: readonly Run[]): Word[] {
  const words: Word[] = []
  let word: Word | null = null
  let spaced = false
  for (const run of runs)
    for (const bit of run.text.split(/(\s+)/)) {
      if (bit === '') continue
      if (/^\s+$/.test(bit)) {
        word = null
        spaced = true
        continue
      }
      if (!word) {
        word = { pieces: [], width: 0, spaced }
        words.push(word)
        spaced = false
      }
      const measured = piece(bit, run.strong ?? false)
      word.pieces.push(measured)
      word.width += measured.width
    }
  return words
}

/** A word wider than its column is broken where it must be; nothing is cut off. `width` at an em of 1 mm. */
function broken(word: Word, width: number): Word[] {
  if (word.width <= width) return [word]
  const out: Word[] = []
  let now: Word = { pieces: [], width: 0, spaced: word.spaced }
  for (const { text, bold } of word.pieces)
    for (const letter of text) {
      const wide = textWidth(letter, 1, bold)
      if (now.width + wide > width && now.pieces.length > 0) {
        out.push(now)
        now = { pieces: [], width: 0, spaced: false }
      }
      const last = now.pieces.at(-1)
      if (last && last.bold === bold) {
        last.text += letter
        last.width += wide
      } else now.pieces.push({ text: letter, bold, width: wide })
      now.width += wide
    }
  out.push(now)
  return out
}

interface Column {
  x: number
  width: number
  y: number
}
/** `overrun`: something is wider than its column, so this page cannot be printed. */
type Page = Pick<LabelLayout, 'texts' | 'rules'> & { brokenLabels: number; overrun: boolean }

/** Sets one paragraph into a column, from its `y` down. */
function set(page: Page, column: Column, paragraph: Paragraph, em: number): void {
  const size = paragraph.fixed ? paragraph.size : paragraph.size * em
  const room = column.width / size
  let x = 0
  // neighbours of one kind on one row are one text, its spaces inside
  let open: PlacedText | null = null
  column.y += size * leading
  for (const whole of paragraph.words)
    for (const word of broken(whole, room)) {
      const lead = word.spaced && x > 0 ? unitSpace : 0
      if (x > 0 && x + lead + word.width > room + 1e-9) {
        column.y += size * leading
        x = 0
        open = null
      }
      const spaced = x > 0 && word.spaced
      if (spaced) x += unitSpace
      for (const [at, { text, bold, width }] of word.pieces.entries()) {
        if (open && open.bold === bold) open.text += `${at === 0 && spaced ? ' ' : ''}${text}`
        else {
          open = { x: column.x + x * size, y: column.y, text, size, bold }
          page.texts.push(open)
        }
        x += width
      }
    }
  column.y += paragraph.gap * size
}

const plain = (text: string): Run[] => [{ text }]
const paragraph = (runs: readonly Run[], gap = 0.35, size = 1): Paragraph => ({ words: wordsOf(runs), size, gap })

/** The words of the label, in order, each measured once. */
function contentOf(declaration: Declaration, extras: LabelExtras): Content {
  const { particulars } = declaration
  const left = [
    paragraph([{ text: declaration.name, strong: true }], 0.3, 1.25),
    paragraph([...plain('Ingredients: '), ...declaration.ingredients, { text: '.' }]),
    ...declaration.statements.map(statement => paragraph(statement)),
    ...(particulars.operator ? [paragraph(plain(particulars.operator))] : []),
  ]
  const draft = declaration.problems.length > 0 ? [paragraph([{ text: 'DRAFT. Not for sale.', strong: true }])] : []
  const date = extras.date ?? particulars.date
  const below = [
    {
      ...paragraph(plain(particulars.netQuantity), 0),
      size: quantityHeight(particulars.netGrams) / figureHeight,
      fixed: true as const,
    },
    ...(date ? [paragraph(plain(date), 0.1)] : []),
    paragraph(plain(`Lot ${extras.lot ?? particulars.lot}`)),
    ...(particulars.storage ? [paragraph(plain(particulars.storage))] : []),
  ]
  const split = (text: string | undefined, energy: boolean) => (energy ? (text ?? '').split(' / ') : [text ?? ''])
  const table = !('rows' in declaration.table)
    ? null
    : {
        head: {
          first: 'per 100 g',
          second: [particulars.serving.replace(/ \(.*/, ''), particulars.serving.replace(/^[^(]*/, '')] as [
            string,
            string,
          ],
        },
        rows: declaration.table.rows.map(row => ({
          label: row.label,
          indent: row.indent,
          first: split(row.per100g, row.nutrient === 'energyKj'),
          second: split(row.perServing, row.nutrient === 'energyKj'),
        })),
      }
  return { left, above: draft, table, below }
}

function setTable(page: Page, column: Column, { head, rows }: Table, em: number): void {
  const right = column.x + column.width
  const wide = (text: string) => textWidth(text, em)
  const second = Math.max(...head.second.map(wide), ...rows.flatMap(row => row.second.map(wide)))
  const first = Math.max(wide(head.first), ...rows.flatMap(row => row.first.map(wide)))
  const firstEdge = right - second - em
  const text = (words: string, x: number, y: number) => page.texts.push({ x, y, text: words, size: em, bold: false })
  const put = (words: string, edge: number, y: number) => text(words, edge - wide(words), y)
  const rule = (weight: number) => page.rules.push({ x1: column.x, x2: right, y: column.y + 0.36 * em, weight })
  const label = (words: string, indent: number): number => {
    const room = firstEdge - first - em * 0.6 - column.x - indent
    const lines: string[] = []
    for (const word of words.split(' ')) {
      if (wide(word) > room + 1e-9) page.overrun = true
      const last = lines.at(-1)
      if (last !== undefined && wide(`${last} ${word}`) <= room) lines[lines.length - 1] = `${last} ${word}`
      else lines.push(word)
    }
    for (const [at, line] of lines.entries()) text(line, column.x + indent, column.y + at * em * leading)
    return lines.length
  }
  column.y += em * leading
  const deepHead = label('Typical values', 0)
  put(head.first, firstEdge, column.y)
  for (const [at, words] of head.second.entries()) put(words, right, column.y + at * em * leading)
  column.y += em * leading * Math.max(1, deepHead - 1)
  rule(0.2)
  for (const row of rows) {
    column.y += em * (leading + 0.16)
    const deep = label(row.label, row.indent * em * 0.8)
    if (deep > 1) page.brokenLabels++
    for (const [at, words] of row.first.entries()) put(words, firstEdge, column.y + at * em * leading)
    for (const [at, words] of row.second.entries()) put(words, right, column.y + at * em * leading)
    column.y += em * leading * (Math.max(deep, row.first.length, row.second.length) - 1)
    rule(0.1)
  }
  column.y += em * 0.5
}

function attempt(content: Content, size: LabelSize, em: number, share: number): { page: Page; needed: number } {
  const page: Page = { texts: [], rules: [], brokenLabels: 0, overrun: false }
  const inner = size.width - 2 * margin - gutter
  const left: Column = { x: margin, width: inner * share, y: margin - em * 0.3 }
  const right: Column = { x: margin + inner * share + gutter, width: inner * (1 - share), y: margin - em * 0.3 }
  for (const one of content.left) set(page, left, one, em)
  for (const one of content.above) set(page, right, one, em)
  if (content.table) setTable(page, right, content.table, em)
  right.y += 0.3 * em
  for (const one of content.below) set(page, right, one, em)
  return { page, needed: Math.max(left.y, right.y) + margin }
}

/** All the text the content would set, for checking it against the font. */
function everyWord({ left, above, table, below }: Content): string {
  const words = [...left, ...above, ...below].flatMap(one =>
    one.words.flatMap(word => word.pieces.map(bit => bit.text)),
  )
  const cells = table
    ? [...table.head.second, ...table.rows.flatMap(row => [row.label, ...row.first, ...row.second])]
    : []
  return [...words, ...cells].join('')
}

const shares = [0.56, 0.6, 0.52, 0.64, 0.48, 0.44]
const smallestEm = smallestXHeight / xHeight
/** From the largest em to the smallest legal one, by 0.05 mm. */
const ems = [
  ...Array.from({ length: Math.ceil((largestSize - smallestEm) / 0.05) }, (_, at) => largestSize - at * 0.05),
  smallestEm,
]

/**
 * The label, in mm, set as large as it fits. What does not fit even at the smallest legal letter, or cannot be set in
 * the label's font, comes back in words: nothing is ever cut.
 */
export function layOut(
  declaration: Declaration,
  extras: LabelExtras = {},
  size: LabelSize = standardSize,
): LabelLayout | { tooMuch: string } {
  const content = contentOf(declaration, extras)
  const missing = lacking(everyWord(content))
  if (missing.length > 0)
    return {
      tooMuch: `The label’s font has no “${missing.join('”, “')}”. Write it another way: in the name on a label, or the product’s name.`,
    }
  let least = Number.POSITIVE_INFINITY
  for (const mayBreak of [false, true]) {
    let best: { page: Page; at: number } | null = null
    for (const share of shares) {
      const fits = (at: number) => {
        const { page, needed } = attempt(content, size, ems[at]!, share)
        if (page.brokenLabels > 0 && !mayBreak) return null
        least = Math.min(least, needed)
        if (needed > size.height) return null
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
    if (best)
      return {
        ...size,
        texts: best.page.texts,
        rules: best.page.rules,
        xHeight: ems[best.at]! * xHeight,
        figureHeight: quantityHeight(declaration.particulars.netGrams),
      }
  }
  const over = Number.isFinite(least)
    ? `it needs ${Math.ceil(least - size.height)} mm more height`
    : 'its columns are too narrow'
  return {
    tooMuch: `This does not fit on ${size.width} × ${size.height} mm with letters as tall as the law asks (x-height ${smallestXHeight} mm): ${over}. Use a larger label, or shorten names.`,
  }
}
