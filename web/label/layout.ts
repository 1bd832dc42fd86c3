// A declaration set out on a label in millimetres: laid out once here, drawn alike on screen, in a PDF and in points.
// Its words and how large its letters must be stand in the market's pack.
import type { Declaration } from '@fair-tin/core/label'
import { type LetterRules, rulesOf } from '@fair-tin/core/market'
import type { LabelBlockKind, LabelDesign, LabelStock } from '@fair-tin/core/model'
import { type Content, contentOf, everyWord, type LabelExtras } from './content'
import { formsOf } from './forms'
import { inBlocks } from './inBlocks'
import { inColumns } from './inColumns'
import { figureHeightBy } from './legal'
import { lacking, xHeight } from './metrics'
import type { Page } from './page'

export type { LabelExtras } from './content'
export interface LabelLayout extends Pick<Page, 'texts' | 'rules' | 'boxes' | 'fills' | 'rings' | 'images'> {
  width: number
  height: number
  /** Of the smallest letters whose size is not the rule's own, mm. */
  xHeight: number
  figureHeight: number
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

const largestSize = 2.9
/** From the largest em to the smallest legal one, by 0.05 mm. */
const emsFor = ({ smallestXHeight }: LetterRules): number[] => {
  const smallest = smallestXHeight / xHeight
  const largest = Math.max(largestSize, smallest * 1.2)
  return [...Array.from({ length: Math.ceil((largest - smallest) / 0.05) }, (_, at) => largest - at * 0.05), smallest]
}
const noSuchLetter = (missing: readonly string[]) =>
  `The label’s font has no “${missing.join('”, “')}”. Write it another way: in the name on a label, or the product’s name.`

interface Set {
  page: Page
  em: number
}
/** The largest em that fits, found by halving: smaller letters need less room. */
function largestThatFits(
  ems: readonly number[],
  fits: (em: number) => Page | null,
  from = 0,
): (Set & { at: number }) | null {
  let best: (Set & { at: number }) | null = null
  let [low, high] = [from, ems.length - 1]
  while (low <= high) {
    const middle = (low + high) >> 1
    const page = fits(ems[middle]!)
    if (page) {
      best = { page, em: ems[middle]!, at: middle }
      high = middle - 1
    } else low = middle + 1
  }
  return best
}
const laidOut = ({ page, em }: Set, size: LabelSize, figureHeight: number): LabelLayout => {
  const { texts, rules, boxes, fills, rings, images } = page
  const { width, height } = size
  return { width, height, texts, rules, boxes, fills, rings, images, xHeight: em * xHeight, figureHeight }
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
  if (missing.length > 0) return { tooMuch: noSuchLetter(missing) }
  const ems = emsFor(letters)
  let least = Number.POSITIVE_INFINITY
  for (const form of formsOf(declaration, pack, size))
    for (const mayBreak of [false, true]) {
      let best: (Set & { at: number }) | null = null
      for (const attempt of inColumns(declaration, content, size, form, letters)) {
        const fits = (em: number) => {
          const { page, needed } = attempt(em)
          if (page.brokenLabels > 0 && !mayBreak) return null
          if (!page.overrun) least = Math.min(least, needed)
          return page.overrun || needed > size.height + 1e-9 ? null : page
        }
        const found = largestThatFits(best ? ems.slice(0, best.at) : ems, fits)
        if (found) best = found
      }
      if (best) return laidOut(best, size, quantity)
    }
  const over = Number.isFinite(least)
    ? `it needs ${Math.ceil(least - size.height)} mm more height`
    : 'its columns are too narrow'
  return {
    tooMuch: `This does not fit on ${size.width} × ${size.height} mm with letters as tall as the law asks (x-height ${Math.round(letters.smallestXHeight * 100) / 100} mm): ${over}. Use a larger label, a second one for the back, or shorten names.`,
  }
}

/** The same in a design of her own: each block in its place, all in one size of letters, as large as all of them fit. */
export function layOutIn(
  design: LabelDesign,
  declaration: Declaration,
  extras: LabelExtras = {},
): LabelLayout | { tooMuch: string; over: LabelBlockKind[]; shown: LabelLayout | null } {
  const pack = rulesOf(declaration.market, declaration.day)
  const { letters } = pack
  const quantity = figureHeightBy(letters, declaration.particulars.netGrams, design)
  const content: Content = contentOf(declaration, extras, quantity, pack)
  const missing = lacking(`${everyWord(content, declaration)}${design.words ?? ''}`)
  if (missing.length > 0) return { tooMuch: noSuchLetter(missing), over: [], shown: null }
  const ems = emsFor(letters)
  const set = inBlocks(design, declaration, content, pack)
  const last = set(ems.at(-1)!)
  if (last.problems.length > 0)
    return {
      over: last.over,
      // for the eye of whoever arranges it, and for no printer
      shown: laidOut({ page: last.page, em: ems.at(-1)! }, design, quantity),
      tooMuch: `With letters as tall as the law asks (x-height ${Math.round(letters.smallestXHeight * 100) / 100} mm): ${last.problems.join(' ')}`,
    }
  const best = largestThatFits(ems, em => {
    const { page, problems } = set(em)
    return problems.length > 0 ? null : page
  })!
  return laidOut(best, design, quantity)
}
