// A panel of nutrition facts, vertical, set in millimetres: sizes, order, bars and hairlines by 21 CFR 101.9(d), from memory.
import type { FactsPanel, TableRow } from '@fair-tin/core/label'
import { textWidth } from './metrics'
import type { Page } from './page'
import { type Column, paragraph, plain, set } from './paragraph'

const pt = 25.4 / 72
/** Type sizes in mm: the least the rule allows. */
const size = { servings: 10 * pt, body: 8 * pt, word: 16 * pt, number: 22 * pt, small: 6 * pt }
const bar = { heavy: 7 * pt, middle: 3 * pt, hair: 0.25 * pt }
const pad = 1.2
const below = 1.25

/** Names in bold that stand at the margin: all but the vitamins and minerals. */
const inBold = (row: TableRow) => row.indent === 0 && !row.minor
const vitamins = (row: TableRow) => row.minor === true

/** Sets the panel into its column, from its `y` down; what is wider than the column is told by `overrun`. */
export function setFacts(page: Page, column: Column, panel: FactsPanel, rows: readonly TableRow[]): void {
  const top = column.y
  const left = column.x + pad
  const right = column.x + column.width - pad
  const room = right - left
  let y = top + 0.4
  const text = (words: string, x: number, em: number, bold = false) => {
    const wide = textWidth(words, em, bold)
    if (x + wide > right + 1e-6 || x < left - 1e-6) page.overrun = true
    page.texts.push({ x, y, text: words, size: em, bold })
    return wide
  }
  const atRight = (words: string, edge: number, em: number, bold = false) =>
    text(words, edge - textWidth(words, em, bold), em, bold)
  const rule = (weight: number) => {
    page.rules.push({ x1: left, x2: right, y: y + weight / 2, weight })
    y += weight
  }

  // the heading is no smaller than all else but the calories, and as wide as the panel where it can be
  const { title } = panel.words
  const titleSize = Math.max(size.word, room / textWidth(title, 1, true))
  const titleEm = Math.min(titleSize, room / textWidth(title, 1, true))
  if (titleEm < size.word) page.overrun = true
  y += titleEm * 0.86
  text(title, left, titleEm, true)
  y += titleEm * 0.2
  rule(bar.hair)
  y += size.servings
  text(panel.servings, left, size.servings)
  y += size.servings * below
  const sizeWide = text(panel.words.servingSize, left, size.servings, true)
  // a long serving size goes onto a row of its own
  if (sizeWide + textWidth(` ${panel.servingSize}`, size.servings, true) > room) y += size.servings * 1.15
  atRight(panel.servingSize, right, size.servings, true)
  y += size.servings * 0.4
  rule(bar.heavy)

  const { wholeUnit } = panel
  const columns = wholeUnit === null ? [right] : [left + room * 0.69, right]
  const amountIn = (row: TableRow, at: number) => (at === 0 ? row.perServing : row.perUnit) ?? ''
  const percentIn = (row: TableRow, at: number) => (at === 0 ? row.percent : row.unitPercent) ?? ''
  y += size.small * 1.25
  if (wholeUnit === null) text(panel.words.amountPerServing, left, size.small, true)
  else
    for (const [at, edge] of columns.entries())
      atRight(at === 0 ? panel.words.perServing : wholeUnit, edge, size.small, true)
  const calories = rows.find(row => row.nutrient === 'energyKcal')
  y += size.number * 0.92
  text(panel.words.energy, left, size.word, true)
  if (calories) for (const [at, edge] of columns.entries()) atRight(amountIn(calories, at), edge, size.number, true)
  y += size.number * 0.16
  rule(bar.middle)
  y += size.small * 1.3
  for (const edge of columns) atRight(panel.words.percentHead, edge, size.small, true)
  y += size.small * 0.4

  const body = rows.filter(row => row.nutrient !== 'energyKcal')
  for (const [at, row] of body.entries()) {
    const first = vitamins(row) && !vitamins(body[at - 1] ?? row)
    if (first) rule(bar.heavy)
    else {
      const inset = row.indent > 1 ? row.indent * 2.2 : 0
      page.rules.push({ x1: left + inset, x2: right, y, weight: bar.hair })
    }
    y += size.body * 1.05
    let x = left + row.indent * 2.2
    x += text(row.label, x, size.body, inBold(row))
    if (wholeUnit === null) {
      // the amount stands behind its name; added sugars say theirs inside it
      if (!row.inside) x += text(` ${amountIn(row, 0)}`, x, size.body)
      const percent = percentIn(row, 0)
      if (percent) {
        const bold = !vitamins(row)
        if (x + size.body * 0.3 > right - textWidth(percent, size.body, bold)) page.overrun = true
        atRight(percent, right, size.body, bold)
      }
    } else
      for (const [at, edge] of columns.entries()) {
        const words = [amountIn(row, at), percentIn(row, at)].filter(Boolean).join(' ')
        if (x + size.body * 0.3 > edge - textWidth(words, size.body)) page.overrun = true
        atRight(words, edge, size.body)
        x = edge
      }
    y += size.body * 0.32
  }
  rule(bar.middle)
  const foot: Column = { x: left, width: room, y: y - size.small * 0.1 }
  set(page, foot, { ...paragraph(plain(panel.words.footnote), 0.3), size: size.small, fixed: true }, 1)
  y = foot.y + 0.4
  page.boxes.push({ x: column.x, y: top, width: column.width, height: y - top, weight: 0.5 * pt })
  column.y = y
}
