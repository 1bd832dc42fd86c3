// The usual arrangement: words in two columns, the table in the right one, or a panel that lies across the foot.
import type { Declaration } from '@fair-tin/core/label'
import type { LetterRules } from '@fair-tin/core/market'
import type { Content } from './content'
import type { SetForm } from './forms'
import { setFront, setSymbol } from './front'
import type { LabelSize } from './layout'
import { emptyPage, type Page } from './page'
import { type Column, type Paragraph, set } from './paragraph'
import { barsWidth, setCodes } from './setCodes'
import { setTable } from './typicalTable'

const margin = 3
const gutter = 3
/** Over what lies across the foot. */
const gap = 1
const shares = [0.56, 0.6, 0.52, 0.64, 0.48, 0.44]
/** Beside a panel, which needs 45 mm and more. */
const sharesBesidePanel = [0.5, 0.46, 0.42, 0.38, 0.34, 0.3]

type Attempt = (em: number) => { page: Page; needed: number }

/** Each share of the width tried for the left column. */
export function inColumns(
  declaration: Declaration,
  content: Content,
  size: LabelSize,
  form: SetForm | null,
  { quantityAt }: LetterRules,
): Attempt[] {
  const { name, list, said, business, keeping, net, draft, table, codes } = content
  const { front, symbol } = declaration
  const beside = form !== null && !form.lies
  // identity and net quantity: in one field of vision
  const atFoot = form !== null || quantityAt === 'foot'
  const [left, right, below]: Paragraph[][] = form?.lies
    ? [list, [...draft, ...said, ...business, ...keeping], []]
    : [[...list, ...said, ...business, ...(atFoot ? keeping : [])], draft, atFoot ? [] : [net, ...keeping]]
  return (beside ? sharesBesidePanel : shares).map(share => em => {
    const page = emptyPage()
    const inner = size.width - 2 * margin - gutter
    const first: Column = { x: margin, width: inner * share, y: margin - em * 0.3 }
    const second: Column = { x: margin + inner * share + gutter, width: inner * (1 - share), y: margin - em * 0.3 }
    for (const one of name) set(page, first, one, em)
    if (symbol) setSymbol(page, first, symbol, em)
    for (const one of left!) set(page, first, one, em)
    for (const one of right!) set(page, second, one, em)
    if (beside) {
      second.y += draft.length > 0 ? 0.5 : em * 0.3
      form.set(page, second)
    }
    if (table) setTable(page, second, table, em)
    second.y += 0.3 * em
    for (const one of below!) set(page, second, one, em)
    if (codes) {
      // where there is more room left, in a column that is wide enough
      const roomier = first.y < second.y ? first : second
      const other = roomier === first ? second : first
      setCodes(page, roomier.width >= barsWidth ? roomier : other, codes)
    }
    const across: Column = { x: margin, width: size.width - 2 * margin, y: 0 }
    const lying: ((page: Page, column: Column) => void)[] = [
      ...(front ? [(on: Page, column: Column) => setFront(on, column, front, em)] : []),
      ...(form?.lies ? [form.set] : []),
    ]
    for (const one of lying) {
      one(emptyPage(), across)
      across.y += gap
    }
    // the net quantity lies at the very foot, set once apart to know how deep it is
    const apart: Column = { ...first, y: 0 }
    if (atFoot) set(emptyPage(), apart, net, em)
    const foot = size.height - margin
    const beneath = lying.length > 0
    if (atFoot && !beneath) {
      first.y = Math.max(first.y, foot - apart.y)
      set(page, first, net, em)
    }
    const words = Math.max(first.y, second.y)
    if (!beneath) return { page, needed: words + margin }
    const at: Column = { ...across, y: Math.max(words, foot - across.y - apart.y) }
    for (const one of lying) {
      at.y += gap
      one(page, at)
    }
    if (atFoot) {
      at.y = Math.max(at.y, foot - apart.y)
      set(page, at, net, em)
    }
    return { page, needed: words + across.y + apart.y + margin }
  })
}
