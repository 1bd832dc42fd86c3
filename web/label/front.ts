// What stands on the front of a pack: the summary of a portion in cells, and the symbol for what is high in it, each set in millimetres
// in black and white, with the word and never a colour alone.
import type { FrontOfPack, FrontSymbol } from '@fair-tin/core/label'
import { textWidth } from './metrics'
import type { Page } from './page'
import { type Column, leading, paragraph, plain, set } from './paragraph'

/** `em`: of the label's small letters. */
export function setFront(page: Page, column: Column, { lead, cells, notes }: FrontOfPack, em: number): void {
  set(page, column, paragraph(plain(lead), 0.55), em)
  const top = column.y
  const wide = column.width / cells.length
  const rows = 1 + Math.max(...cells.map(one => one.amounts.length + (one.level ? 1 : 0))) + 1
  const depth = (rows * leading + 0.5) * em
  for (const [at, cell] of cells.entries()) {
    const x = column.x + at * wide
    const centred = (text: string, row: number, bold: boolean) => {
      const width = textWidth(text, em, bold)
      if (width > wide - 0.6) page.overrun = true
      page.texts.push({ x: x + (wide - width) / 2, y: top + (row * leading + 0.85) * em, text, size: em, bold })
    }
    centred(cell.name, 0, true)
    for (const [row, amount] of cell.amounts.entries()) centred(amount, row + 1, false)
    if (cell.level) centred(cell.level.toUpperCase(), cell.amounts.length + 1, true)
    centred(cell.percent, rows - 1, false)
    page.boxes.push({ x, y: top, width: wide, height: depth, weight: 0.2 })
  }
  column.y = top + depth
  for (const note of notes) set(page, column, paragraph(plain(note), 0.2), em)
  column.y += 0.3 * em
}

/** A white field with its head and a glass over it, what is high in bars below: FDR, Schedule K.1, from memory, its measures less sure. */
export function setSymbol(page: Page, column: Column, { head, nutrients, foot }: FrontSymbol, em: number): void {
  const pad = 0.8
  const glass = 1.6 * em
  const widthOf = (heads: string[], foots: string[], names: string[]) =>
    Math.max(
      ...heads.map(one => textWidth(one, em * 1.1, true) + glass + 0.8),
      ...foots.map(one => textWidth(one, em)),
      ...names.map(one => textWidth(one, em, true) + 2),
    ) +
    2 * pad
  // one language over the other where both have no room side by side
  const halves = (phrase: string) => phrase.split(' / ')
  const stacked = widthOf([head], [foot], nutrients) > column.width
  const [heads, foots, names] = stacked
    ? [halves(head), halves(foot), nutrients.flatMap(halves)]
    : [[head], [foot], nutrients]
  const wide = widthOf(heads, foots, names)
  if (wide > column.width + 1e-9) page.overrun = true
  const top = column.y + 0.6
  let y = top + pad
  page.rings.push({ x: column.x + pad + glass * 0.4, y: y + glass * 0.4, r: glass * 0.32, weight: 0.3 })
  // its handle, in steps
  for (let step = 0; step < 6; step++) {
    const away = glass * (0.6 + step * 0.05)
    page.fills.push({ x: column.x + pad + away, y: y + away, width: glass * 0.1, height: glass * 0.1 })
  }
  for (const one of heads) {
    page.texts.push({ x: column.x + pad + glass + 0.8, y: y + em * 1.1, text: one, size: em * 1.1, bold: true })
    y += em * 1.1 * leading
  }
  y += 0.5
  for (const one of names) {
    const tall = em * 1.3
    page.fills.push({ x: column.x + pad, y, width: wide - 2 * pad, height: tall })
    page.texts.push({ x: column.x + pad + 1, y: y + em * 0.98, text: one, size: em, bold: true, inverse: true })
    y += tall + 0.4
  }
  for (const [at, one] of foots.entries()) {
    y += at === 0 ? em * 0.85 : em * leading
    page.texts.push({ x: column.x + pad, y, text: one, size: em, bold: false })
  }
  y += 0.3 * em + pad
  page.boxes.push({ x: column.x, y: top, width: wide, height: y - top, weight: 0.3 })
  column.y = y + 0.4
}
