// A label's codes set in millimetres: the bars at four fifths of their full size, the least a till reads for certain (GS1 General
// Specifications, 5.2 and 5.10, from memory), with the quiet around them that a scanner needs.
import type { LabelCodes } from './codes'
import { textWidth } from './metrics'
import type { Page } from './page'
import type { Column } from './paragraph'

/** Width of a module, height of the bars, and what guards stand out below, mm. */
const [module, tall, guard] = [0.264, 18.28, 1.32]
const quiet = { left: 11 * module, right: 7 * module }
const digitSize = 2.6
/** Side of one square of a square code, and the quiet around it in squares. */
const [square, around] = [0.4, 4]

export const barsWidth = 95 * module + quiet.left + quiet.right

export function setCodes(page: Page, column: Column, codes: LabelCodes): void {
  const top = column.y + 1
  const { widths, isGuard } = codes.bars
  let x = column.x + quiet.left
  for (const [at, width] of widths.entries()) {
    if (at % 2 === 0)
      page.fills.push({ x, y: top, width: width * module, height: tall + (isGuard[at / 2] ? guard : 0) })
    x += width * module
  }
  const base = top + tall + digitSize * 0.95
  const put = (digits: string, from: number, to: number) => {
    const room = to - from
    const step = room / digits.length
    for (const [at, digit] of [...digits].entries())
      page.texts.push({
        x: from + at * step + (step - textWidth(digit, digitSize)) / 2,
        y: base,
        text: digit,
        size: digitSize,
        bold: false,
      })
  }
  const from = column.x + quiet.left
  put(codes.digits.slice(0, 1), column.x, column.x + quiet.left - module)
  put(codes.digits.slice(1, 7), from + 3 * module, from + 45 * module)
  put(codes.digits.slice(7), from + 50 * module, from + 92 * module)
  let right = column.x + barsWidth
  let foot = base + 0.6
  if (codes.square) {
    const side = (codes.square.length + 2 * around) * square
    // beside the bars where there is room, else below them
    const beside = right + side <= column.x + column.width + 1e-6
    const [left, upper] = beside ? [right, top - around * square * 0.5] : [column.x, foot]
    for (const [row, line] of codes.square.entries())
      for (const run of runsOf(line))
        page.fills.push({
          x: left + (around + run.from) * square,
          y: upper + (around + row) * square,
          width: run.length * square,
          height: square,
        })
    right = Math.max(right, left + side)
    foot = Math.max(foot, upper + side)
  }
  if (right > column.x + column.width + 1e-6) page.overrun = true
  column.y = foot
}

/** Dark squares side by side are one. */
function runsOf(line: readonly boolean[]): { from: number; length: number }[] {
  const runs: { from: number; length: number }[] = []
  for (const [at, dark] of line.entries()) {
    if (!dark) continue
    const last = runs.at(-1)
    if (last && last.from + last.length === at) last.length++
    else runs.push({ from: at, length: 1 })
  }
  return runs
}
