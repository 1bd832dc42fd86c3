// The serving of a pack by its market's rule: a piece as it is cut, or what comes closest to the amount customarily eaten.
import type { Product } from '../model/product'
import { atMost } from '../words/rounding'
import { filled } from '../words/template'
import type { RulePack } from './rulePack'

export interface Serving {
  grams: number
  /** Pieces in a serving; below 1 for a slice of one piece. */
  pieces: number
  /** Servings in the pack as printed, "about 8"; "1" for a single-serving pack. */
  perContainer: string
  /** What a second column is for: the whole unit, or the whole pack, with its grams; null where none is needed. */
  second: { of: 'unit' | 'pack'; grams: number } | null
}

/** Grams customarily eaten of that kind of bake, where the market has such an amount and the kind is said; else null. */
export const referenceAmountOf = ({ serving }: RulePack, product: Pick<Product, 'category'>): number | null =>
  serving.by === 'referenceAmount' && product.category !== undefined ? serving.amounts[product.category] : null

/** 1/2 to 1/6, and those divided by 2 or 3: the fractions a large cake may be cut into (21 CFR 101.9(b)(5), from memory). */
const slices: readonly number[] = [2, 3, 4, 5, 6, 8, 9, 10, 12, 15, 16, 18].map(parts => 1 / parts)

/** Nearest whole; between 2 and 5 the nearest half; "about" where rounded. */
export function servingsPerContainer(grams: number, serving: number): string {
  const exact = Number((grams / serving).toPrecision(12))
  const step = exact > 2 && exact < 5 ? 0.5 : 1
  const rounded = Math.max(1, Math.round(exact / step) * step)
  return Math.abs(rounded - exact) < 1e-9 ? String(rounded) : filled('about {n}', { n: rounded })
}

/** The serving of a pack of pieces, never more than the pack; or why it cannot be told. */
export function servingOf(
  { serving: rule }: RulePack,
  product: Pick<Product, 'netWeight' | 'pieces' | 'category'>,
): Serving | { unknown: string } {
  const piece = product.netWeight / product.pieces
  const serving = (pieces: number, second: Serving['second'] = null): Serving => {
    const grams = piece * Math.min(pieces, product.pieces)
    return {
      grams,
      second,
      pieces: Math.min(pieces, product.pieces),
      perContainer: servingsPerContainer(product.netWeight, grams),
    }
  }
  if (rule.by === 'piece') return serving(1)
  if (product.category === undefined) return { unknown: 'say what kind of bake it is: the serving size depends on it' }
  const reference = rule.amounts[product.category]
  if (reference === null) return { unknown: rule.volume }
  const [share, pack] = [piece / reference, product.netWeight / reference]
  // a pack eaten at once is one serving, whether it is one piece or several
  if (!atMost(rule.oneUnder, pack)) return serving(product.pieces)
  const unit = atMost(rule.oneUnder, share) && atMost(share, rule.wholeUnitUpTo)
  const second: Serving['second'] = atMost(pack, rule.wholeUnitUpTo)
    ? { of: product.pieces === 1 ? 'unit' : 'pack', grams: product.netWeight }
    : unit
      ? { of: 'unit', grams: piece }
      : null
  if (atMost(rule.oneUnder, share)) return serving(slice(share), second)
  if (product.pieces === 1) return serving(1, second)
  if (atMost(share, rule.togetherUpTo)) return serving(Math.max(1, Math.round(reference / piece)), second)
  if (!atMost(rule.twoUnder, share))
    return serving(Math.abs(2 * piece - reference) < Math.abs(piece - reference) ? 2 : 1, second)
  return serving(1, second)
}

/** The fraction of a piece whose weight comes closest to the reference amount. */
const slice = (share: number): number =>
  [1, ...slices].reduce((best, one) => (Math.abs(one * share - 1) < Math.abs(best * share - 1) ? one : best))
