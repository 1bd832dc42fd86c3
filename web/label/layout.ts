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

interface Word {
  pieces: { text: string; bold: boolean }[]
  width: number
  /** Set off from the word before by a space. */
  spaced: boolean
}

/** Runs cut into words that may stand on different rows; a word may be half bold ("butter**milk**"). */
function wordsOf(runs: readonly Run[], size: number): Word[] {
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
      const bold = run.strong ?? false
      if (!word) {
        word = { pieces: [], width: 0, spaced }
        words.push(word)
        spaced = false
      }
      word.pieces.push({ text: bit, bold })
      word.width += textWidth(bit, size, bold)
    }
  return words
}

/** A word wider than its column is broken where it must be; nothing is cut off. */
function broken(word: Word, size: number, width: number): Word[] {
  if (word.width <= width) return [word]
  const out: Word[] = []
  let now: Word = { pieces: [], width: 0, spaced: word.spaced }
  for (const piece of word.pieces)
    for (const letter of piece.text) {
      const wide = textWidth(letter, size, piece.bold)
      if (now.width + wide > width && now.pieces.length > 0) {
        out.push(now)
        now = { pieces: [], width: 0, spaced: false }
      }
      const last = now.pieces.at(-1)
      if (last && last.bold === piece.bold) last.text += letter
      else now.pieces.push({ text: letter, bold: piece.bold })
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
type Page = Pick<LabelLayout, 'texts' | 'rules'> & { brokenLabels: number }

/** Sets one paragraph into a column, from its `y` down. */
function paragraph(page: Page, column: Column, runs: readonly Run[], size: number, gap = 0.35): void {
  const space = textWidth(' ', size)
  let x = 0
  let started = false
  const rowHeight = size * leading
  const newRow = () => {
    column.y += rowHeight
    x = 0
  }
  newRow()
  for (const word of wordsOf(runs, size).flatMap(one => broken(one, size, column.width))) {
    const lead = started && word.spaced && x > 0 ? space : 0
    if (x > 0 && x + lead + word.width > column.width + 1e-6) newRow()
    else x += lead
    for (const piece of word.pieces) {
      const before = page.texts.at(-1)
      const at = column.x + x
      // neighbours of one kind on one row are one text, its spaces inside
      const joins =
        before &&
        before.y === column.y &&
        before.bold === piece.bold &&
        before.size === size &&
        Math.abs(before.x + textWidth(before.text, size, before.bold) + (lead && x > 0 ? space : 0) - at) < 1e-6
      if (joins)
        before.text += `${Math.abs(before.x + textWidth(before.text, size, before.bold) - at) > 1e-6 ? ' ' : ''}${piece.text}`
      else page.texts.push({ x: at, y: column.y, text: piece.text, size, bold: piece.bold })
      x += textWidth(piece.text, size, piece.bold)
    }
    started = true
  }
  column.y += gap * size
}

const plain = (text: string): Run[] => [{ text }]

function table(page: Page, column: Column, declaration: Declaration, size: number): void {
  if (!('rows' in declaration.table)) return
  const { rows } = declaration.table
  const energy = rows.map(row =>
    row.nutrient === 'energyKj' ? [row.per100g?.split(' / ') ?? [], row.perServing?.split(' / ') ?? []] : null,
  )
  const right = column.x + column.width
  const wide = (text: string) => textWidth(text, size)
  const flat = rows.flatMap((row, at) => energy[at] ?? [[row.per100g ?? ''], [row.perServing ?? '']])
  const second = Math.max(
    wide(declaration.particulars.serving.replace(/ \(.*/, '')),
    wide(declaration.particulars.serving.replace(/^[^(]*/, '')),
    ...flat
      .filter((_, at) => at % 2 === 1)
      .flat()
      .map(wide),
  )
  const first = Math.max(
    wide('per 100 g'),
    ...flat
      .filter((_, at) => at % 2 === 0)
      .flat()
      .map(wide),
  )
  const firstEdge = right - second - size
  const put = (text: string, edge: number, y: number) =>
    page.texts.push({ x: edge - wide(text), y, text, size, bold: false })
  const rule = (weight = 0.1) => page.rules.push({ x1: column.x, x2: right, y: column.y + 0.36 * size, weight })
  const left = (text: string, indent: number) => {
    const room = firstEdge - first - size * 0.6 - column.x - indent
    const rowsOfLabel: string[] = []
    for (const word of text.split(' ')) {
      const last = rowsOfLabel.at(-1)
      if (last !== undefined && wide(`${last} ${word}`) <= room) rowsOfLabel[rowsOfLabel.length - 1] = `${last} ${word}`
      else rowsOfLabel.push(word)
    }
    for (const [at, row] of rowsOfLabel.entries())
      page.texts.push({ x: column.x + indent, y: column.y + at * size * leading, text: row, size, bold: false })
    return rowsOfLabel.length
  }
  column.y += size * leading
  const [piece, weight] = [
    declaration.particulars.serving.replace(/ \(.*/, ''),
    declaration.particulars.serving.replace(/^[^(]*/, ''),
  ]
  const lines = left('Typical values', 0)
  put('per 100 g', firstEdge, column.y)
  put(piece, right, column.y)
  put(weight, right, column.y + size * leading)
  column.y += size * leading * Math.max(1, lines - 1)
  rule(0.2)
  for (const [at, row] of rows.entries()) {
    column.y += size * (leading + 0.16)
    const deep = left(row.label, row.indent * size * 0.8)
    if (deep > 1) page.brokenLabels++
    const values = energy[at] ?? [[row.per100g ?? ''], [row.perServing ?? '']]
    for (const [line, text] of values[0]!.entries()) put(text, firstEdge, column.y + line * size * leading)
    for (const [line, text] of values[1]!.entries()) put(text, right, column.y + line * size * leading)
    column.y += size * leading * (Math.max(deep, values[0]!.length, values[1]!.length) - 1)
    rule()
  }
  column.y += size * 0.5
}

function attempt(
  declaration: Declaration,
  extras: LabelExtras,
  size: LabelSize,
  em: number,
  share: number,
): { page: Page; needed: number } {
  const page: Page = { texts: [], rules: [], brokenLabels: 0 }
  const inner = size.width - 2 * margin - gutter
  const left: Column = { x: margin, width: inner * share, y: margin - em * 0.3 }
  const right: Column = { x: margin + inner * share + gutter, width: inner * (1 - share), y: margin - em * 0.3 }
  const { particulars } = declaration
  paragraph(page, left, [{ text: declaration.name, strong: true }], em * 1.25, 0.3)
  paragraph(page, left, [...plain('Ingredients: '), ...declaration.ingredients, { text: '.' }], em)
  for (const statement of declaration.statements) paragraph(page, left, statement, em)
  if (particulars.operator) paragraph(page, left, plain(particulars.operator), em)
  if (declaration.problems.length > 0) paragraph(page, right, [{ text: 'DRAFT. Not for sale.', strong: true }], em)
  table(page, right, declaration, em)
  const quantityEm = quantityHeight(particulars.netGrams) / figureHeight
  right.y += 0.3 * em
  paragraph(page, right, plain(particulars.netQuantity), quantityEm, 0)
  const date = extras.date ?? particulars.date
  right.y += 0.3 * em
  if (date) paragraph(page, right, plain(date), em, 0.1)
  paragraph(page, right, plain(`Lot ${extras.lot ?? particulars.lot}`), em)
  if (particulars.storage) paragraph(page, right, plain(particulars.storage), em)
  return { page, needed: Math.max(left.y, right.y) + margin }
}

/**
 * The label, in mm, set as large as it fits. What does not fit even at the smallest legal letter, or cannot be set in
 * the label's font, comes back in words: nothing is ever cut.
 */
export function layOut(
  declaration: Declaration,
  extras: LabelExtras = {},
  size: LabelSize = standardSize,
): LabelLayout | { tooMuch: string } {
  const everything = [
    declaration.name,
    ...declaration.ingredients.map(run => run.text),
    ...declaration.statements.flat().map(run => run.text),
    declaration.particulars.operator ?? '',
    declaration.particulars.storage ?? '',
    extras.date ?? '',
    extras.lot ?? '',
  ].join('')
  const missing = lacking(everything)
  if (missing.length > 0)
    return {
      tooMuch: `The label’s font has no “${missing.join('”, “')}”. Write it another way: in the name on a label, or the product’s name.`,
    }
  let least = Number.POSITIVE_INFINITY
  const smallest = smallestXHeight / xHeight
  for (const mayBreak of [false, true])
    for (let em = largestSize; em > 0; em = em === smallest ? 0 : Math.max(smallest, em - 0.05))
      for (const share of [0.56, 0.6, 0.52, 0.64, 0.48, 0.44]) {
        const { page, needed } = attempt(declaration, extras, size, em, share)
        const tooWide = page.texts.some(
          text =>
            text.x < margin - 1e-6 || text.x + textWidth(text.text, text.size, text.bold) > size.width - margin + 0.01,
        )
        if (tooWide || (page.brokenLabels > 0 && !mayBreak)) continue
        least = Math.min(least, needed)
        if (needed <= size.height)
          return {
            ...size,
            texts: page.texts,
            rules: page.rules,
            xHeight: em * xHeight,
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
