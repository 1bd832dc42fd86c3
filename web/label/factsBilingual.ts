// A panel of nutrition facts in two languages, each row in both: Canada's bilingual standard, and its narrower types (FDR B.01.454), from
// memory, its measures less sure. What is long stands on two rows in the narrow ones; the per cent of two fats stands between them.
import type { FactsPanel, TableRow } from '@fair-tin/core/label'
import type { PanelForm } from '@fair-tin/core/market'
import { textWidth } from './metrics'
import type { Page } from './page'
import { type Column, paragraph, plain, set } from './paragraph'

const pt = 25.4 / 72
const bar = { heavy: 4 * pt, middle: 2 * pt, hair: 0.5 * pt }
const pad = 1.2
const inset = 6 * pt

/** Both languages of a phrase, each on a row. */
const halves = (phrase: string): string[] => phrase.split(' / ')

/** Sets the panel into its column, from its `y` down; what is wider than the column is told by `overrun`. */
export function setBilingual(
  page: Page,
  column: Column,
  panel: FactsPanel,
  rows: readonly TableRow[],
  { points, leading, narrow }: NonNullable<PanelForm['type']>,
): void {
  const [em, step, small] = [points * pt, leading * pt, Math.min(points, 6) * pt]
  const top = column.y
  const [left, right] = [column.x + pad, column.x + column.width - pad]
  let y = top + 0.4
  const text = (words: string, x: number, size: number, bold = false) => {
    const wide = textWidth(words, size, bold)
    if (x + wide > right + 1e-6 || x < left - 1e-6) page.overrun = true
    page.texts.push({ x, y, text: words, size, bold })
    return x + wide
  }
  const atRight = (words: string, size: number, bold: boolean, from: number) => {
    const x = right - textWidth(words, size, bold)
    if (x < from + size * 0.3) page.overrun = true
    text(words, x, size, bold)
  }
  const rule = (weight: number, from = left) => {
    page.rules.push({ x1: from, x2: right, y: y + weight / 2, weight })
    y += weight
  }

  // the heading, one language over the other, no smaller than anything under it
  const title = halves(panel.words.title)
  const widest = Math.max(...title.map(one => textWidth(one, 1, true)))
  const heading = Math.min((points + 6) * pt, (right - left) / widest)
  if (heading < (points + 2) * pt) page.overrun = true
  for (const one of title) {
    y += heading * 1.02
    text(one, left, heading, true)
  }
  y += heading * 0.12
  for (const one of panel.per) {
    y += em * 1.25
    text(one, left, em)
  }
  y += em * 0.4
  rule(bar.heavy)

  const calories = rows.find(row => row.nutrient === 'energyKcal')
  const head = narrow ? halves(panel.words.percentHead) : [panel.words.percentHead]
  const number = (points + 4) * pt
  y += number * 1.05
  const after = text(`${panel.words.energy} ${calories?.perServing ?? ''}`.trim(), left, number, true)
  for (const [at, words] of head.entries()) {
    // in the narrow types the heading over the per cents stands under the energy
    if (narrow) y += small * 1.2
    atRight(words, small, true, narrow ? left : at === 0 ? after : left)
  }
  y += em * 0.35
  rule(bar.middle)

  const body = rows.filter(row => row.nutrient !== 'energyKcal')
  for (const [at, row] of body.entries()) {
    const before = body[at - 1]
    const isSecondFat = row.nutrient === 'trans' && before?.nutrient === 'saturates'
    if (row.minor && !before?.minor) rule(bar.heavy)
    else if (before && !isSecondFat) page.rules.push({ x1: left + row.indent * inset, x2: right, y, weight: bar.hair })
    y += step - em * 0.28
    let x = text(row.label, left + row.indent * inset, em, row.indent === 0 && !row.minor)
    x = text(` ${row.perServing ?? ''}`, x, em)
    const { percent } = row
    if (percent) {
      // one per cent of saturated and trans fat stands between their rows
      const isOfBoth = row.nutrient === 'saturates' && body[at + 1]?.nutrient === 'trans'
      const lower = isOfBoth ? step / 2 : 0
      y += lower
      atRight(percent, em, !row.minor, x)
      y -= lower
    }
    y += em * 0.28
  }
  rule(bar.middle)
  for (const one of halves(panel.words.footnote)) {
    const foot: Column = { x: left, width: right - left, y: y - small * 0.1 }
    set(page, foot, { ...paragraph(plain(one), 0.1), size: small, fixed: true }, 1)
    y = foot.y
  }
  y += 0.4
  page.boxes.push({ x: column.x, y: top, width: column.width, height: y - top, weight: 0.5 * pt })
  column.y = y
}
