// The table of typical values, per 100 g and per piece (Regulation (EU) 1169/2011, Annex XV).
import type { Declaration, TableRow } from '@fair-tin/core/label'
import type { Words } from '@fair-tin/core/market'
import { textWidth } from './metrics'
import type { Page } from './page'
import { type Column, leading, paragraph, plain, set } from './paragraph'

export interface Table {
  /** `third`: of a day’s intake; '' where that is not printed. */
  head: { title: string; first: string[]; second: string[]; third: string }
  /** Over it, where its market gives it a form of its own: its heading, and the portions. */
  over: { heading: string; portions: string } | null
  rows: { label: string; indent: number; first: string[]; second: string[]; third: string }[]
}
const split = (text: string | undefined, energy: boolean) => (energy ? (text ?? '').split(' / ') : [text ?? ''])

export const tableOf = (
  rows: readonly TableRow[],
  { servingHeads, portions }: Declaration['particulars'],
  { table }: Words,
): Table => {
  const inOrder = <T>(hundred: T, piece: T) =>
    table.panel ? { first: piece, second: hundred } : { first: hundred, second: piece }
  return {
    over: table.panel && { heading: table.panel.heading, portions: portions ?? '' },
    head: {
      title: table.typical,
      ...inOrder<string[]>([table.per100g], servingHeads),
      third: rows.some(row => row.percent !== undefined) ? (table.intake?.head ?? '') : '',
    },
    rows: rows.map(row => {
      const isEnergy = row.nutrient === 'energyKj'
      return {
        label: row.label,
        indent: row.indent,
        ...inOrder(split(row.per100g, isEnergy), split(row.perServing, isEnergy)),
        third: row.percent ?? '',
      }
    }),
  }
}

/** Around what stands in a frame. */
const framed = 0.8

export function setTable(page: Page, whole: Column, { head, rows, over }: Table, em: number): void {
  const top = whole.y
  const column = over ? { x: whole.x + framed, width: whole.width - 2 * framed, y: top } : whole
  if (over) {
    set(page, column, paragraph([{ text: over.heading, strong: true }], 0.1), em)
    if (over.portions) set(page, column, paragraph(plain(over.portions), 0.1), em)
    page.rules.push({ x1: column.x, x2: column.x + column.width, y: column.y + 0.2 * em, weight: 0.2 })
  }
  const right = column.x + column.width
  const wide = (text: string) => textWidth(text, em)
  const second = Math.max(...head.second.map(wide), ...rows.flatMap(row => row.second.map(wide)))
  const first = Math.max(...head.first.map(wide), ...rows.flatMap(row => row.first.map(wide)))
  const third = Math.max(wide(head.third), ...rows.map(row => wide(row.third)))
  const secondEdge = third > 0 ? right - third - em * 0.8 : right
  const firstEdge = secondEdge - second - em
  const text = (words: string, x: number, y: number) => page.texts.push({ x, y, text: words, size: em, bold: false })
  const put = (words: string, edge: number, y: number) => {
    if (words !== '') text(words, edge - wide(words), y)
  }
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
  const deepHead = label(head.title, 0)
  for (const [at, words] of head.first.entries()) put(words, firstEdge, column.y + at * em * leading)
  for (const [at, words] of head.second.entries()) put(words, secondEdge, column.y + at * em * leading)
  put(head.third, right, column.y)
  column.y += em * leading * Math.max(deepHead - 1, head.first.length - 1, head.second.length - 1)
  rule(0.2)
  for (const row of rows) {
    column.y += em * (leading + 0.16)
    const deep = label(row.label, row.indent * em * 0.8)
    if (deep > 1) page.brokenLabels++
    for (const [at, words] of row.first.entries()) put(words, firstEdge, column.y + at * em * leading)
    for (const [at, words] of row.second.entries()) put(words, secondEdge, column.y + at * em * leading)
    put(row.third, right, column.y)
    column.y += em * leading * (Math.max(deep, row.first.length, row.second.length) - 1)
    rule(0.1)
  }
  column.y += em * 0.5
  if (!over) return
  page.boxes.push({ x: whole.x, y: top + 0.1 * em, width: whole.width, height: column.y - top - 0.2 * em, weight: 0.2 })
  whole.y = column.y
}
