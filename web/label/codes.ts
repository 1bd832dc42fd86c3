// The codes a label bears, as bars and squares: the article number, and beside it, where it is wanted, a square code with lot and date.
// The library is loaded where a product has a number, and nowhere else.
import { elementString } from '@fair-tin/core/exchange'
import type { Product } from '@fair-tin/core/model'

export interface LabelCodes {
  /** Widths of bars and gaps in turn, a bar first, in modules; how far down each bar reaches: guards stand out below. */
  bars: { widths: number[]; isGuard: boolean[] }
  digits: string
  /** Rows of squares, dark or not; null where none is wanted. */
  square: boolean[][] | null
}
interface Bars {
  sbs: number[]
  bhs: number[]
}
interface Squares {
  pixs: number[]
  pixx: number
  pixy: number
}

/** Null where the product has no number, or wants no code; a problem in words where a lot cannot stand in one. */
export async function codesFor(
  product: Pick<Product, 'gtin' | 'squareCode' | 'keeps'>,
  { lot, date }: { lot: string; date: string | null },
): Promise<LabelCodes | { problem: string } | null> {
  const { gtin, squareCode, keeps } = product
  if (gtin === undefined) return null
  const said = squareCode
    ? elementString({ gtin, lot, ...(date === null || !keeps ? {} : { date, mark: keeps.mark }) })
    : null
  if (said && 'problem' in said) return said
  const { default: bwip } = await import('bwip-js/browser')
  const [bars] = bwip.raw({ bcid: 'ean13', text: gtin, includetext: true }) as unknown as [Bars]
  const tallest = Math.max(...bars.bhs)
  const squares = said ? (bwip.raw({ bcid: 'gs1qrcode', text: said.text }) as unknown as [Squares])[0] : null
  return {
    bars: { widths: bars.sbs, isGuard: bars.bhs.map(height => height === tallest) },
    digits: gtin,
    square: squares
      ? Array.from({ length: squares.pixy }, (_, row) =>
          Array.from({ length: squares.pixx }, (_, at) => squares.pixs[row * squares.pixx + at] === 1),
        )
      : null,
  }
}
