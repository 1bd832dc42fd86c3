// A panel of nutrition facts that lies: side by side what it is of, and its rows in two columns; or, where there is no room for that
// either, in a line of words. Type sizes are the least of 21 CFR 101.9(d)(11) and (j)(13), from memory and less sure; Canada's
// horizontal and linear forms are set alike.
import type { FactsPanel, TableRow } from '@fair-tin/core/label'
import { textWidth } from './metrics'
import type { Page } from './page'
import { type Column, leading, paragraph, plain, set } from './paragraph'

const pt = 25.4 / 72
const size = { title: 11 * pt, body: 6.2 * pt, word: 10 * pt, number: 14 * pt, small: 6 * pt }
const bar = { heavy: 3 * pt, hair: 0.25 * pt }
const pad = 1

const isBold = (row: TableRow) => row.indent === 0 && !row.minor
/** "Total Fat 9g", added sugars with theirs inside. */
const said = (row: TableRow) => (row.inside ? '' : (row.perServing ?? ''))

/** Sets it across the column, from its `y` down; what does not fit is told by `overrun`. */
export function setTabular(page: Page, column: Column, panel: FactsPanel, rows: readonly TableRow[]): void {
  const { words } = panel
  const top = column.y
  const room = column.width - 2 * pad
  const [lead, gap] = [room * 0.27, 2]
  const half = (room - lead - 2 * gap) / 2
  const text = (said: string, x: number, y: number, em: number, bold = false) => {
    page.texts.push({ x, y, text: said, size: em, bold })
    return textWidth(said, em, bold)
  }
  // what it is of
  const first: Column = { x: column.x + pad, width: lead, y: top + 0.2 }
  const put = (said: string, em: number, bold = false) =>
    set(page, first, { ...paragraph([{ text: said, strong: bold }], 0.12, em), fixed: true }, 1)
  put(words.title, size.title, true)
  if (panel.servings) put(panel.servings, size.body)
  put(`${words.servingSize} ${panel.servingSize}`, size.body, true)
  const calories = rows.find(row => row.nutrient === 'energyKcal')
  first.y += size.number * 0.95
  const amount = calories?.perServing ?? ''
  const wide = textWidth(words.energy, size.word, true)
  if (wide + 1 + textWidth(amount, size.number, true) > lead) page.overrun = true
  text(words.energy, first.x, first.y, size.word, true)
  text(amount, first.x + lead - textWidth(amount, size.number, true), first.y, size.number, true)
  first.y += size.word * 0.5

  // its rows
  const body = rows.filter(row => row.nutrient !== 'energyKcal' && !row.minor)
  const inFirst = Math.ceil(body.length / 2)
  let deepest = first.y
  for (const [at, part] of [body.slice(0, inFirst), body.slice(inFirst)].entries()) {
    const x = column.x + pad + lead + gap + at * (half + gap)
    const right = x + half
    let y = top + 0.4 + size.small
    text(words.amountPerServing, x, y, size.small, true)
    const head = words.percentHead
    if (textWidth(words.amountPerServing, size.small, true) + 1 + textWidth(head, size.small, true) > half)
      y += size.small * leading
    text(head, right - textWidth(head, size.small, true), y, size.small, true)
    y += size.small * 0.35
    page.rules.push({ x1: x, x2: right, y: y + bar.heavy / 2, weight: bar.heavy })
    y += bar.heavy
    for (const [place, row] of part.entries()) {
      if (place > 0) page.rules.push({ x1: x, x2: right, y, weight: bar.hair })
      y += size.body * 1.1
      let to = x + row.indent * 1.6
      to += text(row.label, to, y, size.body, isBold(row))
      if (said(row)) to += text(` ${said(row)}`, to, y, size.body)
      const percent = row.percent ?? ''
      if (to + size.body * 0.3 > right - textWidth(percent, size.body, true)) page.overrun = true
      if (percent) text(percent, right - textWidth(percent, size.body, true), y, size.body, true)
      y += size.body * 0.35
    }
    deepest = Math.max(deepest, y)
  }
  let y = deepest + 0.4
  const minor = rows.filter(row => row.minor)
  const rule = (weight: number) => {
    page.rules.push({ x1: column.x + pad, x2: column.x + pad + room, y: y + weight / 2, weight })
    y += weight
  }
  const line = (sentence: string) => {
    const foot: Column = { x: column.x + pad, width: room, y: y - size.small * 0.1 }
    set(page, foot, { ...paragraph(plain(sentence), 0.3, size.small), fixed: true }, 1)
    y = foot.y
  }
  if (minor.length > 0) {
    rule(bar.heavy)
    line(minor.map(row => `${row.label} ${row.perServing} ${row.percent ?? ''}`.trim()).join('  •  '))
  }
  rule(bar.hair)
  line(words.footnote)
  y += 0.3
  page.boxes.push({ x: column.x, y: top, width: column.width, height: y - top, weight: 0.5 * pt })
  column.y = y
}

/** The same in one paragraph: for what is too small for anything else. */
export function setLinear(page: Page, column: Column, panel: FactsPanel, rows: readonly TableRow[]): void {
  const { words } = panel
  const top = column.y
  const inner: Column = { x: column.x + pad, width: column.width - 2 * pad, y: top + 0.1 }
  const runs = [
    { text: words.title, strong: true },
    { text: panel.servings ? `  ${panel.servings}, ` : '  ' },
    { text: words.servingSize, strong: true },
    { text: ` ${panel.servingSize}. ${words.amountPerServing}: ` },
    ...rows.flatMap((row, at) => [
      { text: row.label, strong: isBold(row) },
      {
        text: `${said(row) ? ` ${said(row)}` : ''}${row.percent ? ` (${row.percent} ${words.percentShort})` : ''}${at === rows.length - 1 ? '.' : ', '}`,
      },
    ]),
  ]
  set(page, inner, { ...paragraph(runs, 0.3, size.body), fixed: true }, 1)
  column.y = inner.y + 0.5
  page.boxes.push({ x: column.x, y: top, width: column.width, height: column.y - top, weight: 0.5 * pt })
}
