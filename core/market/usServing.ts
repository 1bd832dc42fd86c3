// Serving size in the United States: from the reference amount and the piece (21 CFR 101.12(b) and 101.9(b)), from memory.
import type { Product } from '../model/product'

/** Reference amounts customarily consumed, grams. Icing is given by volume (2 tbsp), so it has no weight here. */
export const usReferenceAmount: Record<NonNullable<Product['category']>, number | null> = {
  brownie: 40,
  heavyCake: 125,
  mediumCake: 80,
  lightCake: 55,
  cookie: 30,
  muffin: 110,
  quickBread: 55,
  pie: 125,
  grainBar: 40,
  candy: 30,
  icing: null,
}

export interface Serving {
  grams: number
  /** Pieces in a serving; below 1 for a slice of one piece. */
  pieces: number
  /** Servings in the pack as printed, "about 8"; "1" for a single-serving pack. */
  perContainer: string
  /** A second column for the whole unit is needed. */
  wholeUnitToo: boolean
}

/** 1/2 to 1/6, and those divided by 2 or 3: the fractions a large cake may be cut into. */
const slices: readonly number[] = [2, 3, 4, 5, 6, 8, 9, 10, 12, 15, 16, 18].map(parts => 1 / parts)

/** Nearest whole; between 2 and 5 the nearest half; "about" where rounded. */
export function servingsPerContainer(grams: number, serving: number): string {
  const exact = Number((grams / serving).toPrecision(12))
  const step = exact > 2 && exact < 5 ? 0.5 : 1
  const rounded = Math.max(1, Math.round(exact / step) * step)
  return Math.abs(rounded - exact) < 1e-9 ? String(rounded) : `about ${rounded}`
}

/** The serving of a pack of pieces, by its category's reference amount; or why it cannot be told. */
export function usServing(product: Pick<Product, 'netWeight' | 'pieces' | 'category'>): Serving | { unknown: string } {
  if (product.category === undefined) return { unknown: 'say what kind of bake it is: the serving size depends on it' }
  const reference = usReferenceAmount[product.category]
  if (reference === null) return { unknown: 'the reference amount of an icing is a volume, 2 tablespoons' }
  const piece = product.netWeight / product.pieces
  const serving = (pieces: number, wholeUnitToo = false): Serving => {
    const grams = piece * pieces
    return { grams, pieces, wholeUnitToo, perContainer: servingsPerContainer(product.netWeight, grams) }
  }
  const share = piece / reference
  if (product.pieces === 1) {
    // a single piece packed alone, under 200 %, is one serving even below 50 %
    if (share < 2) return serving(1)
    if (share <= 3) return serving(slice(share), true)
    return serving(slice(share))
  }
  if (share <= 0.5) return serving(Math.max(1, Math.round(reference / piece)))
  if (share < 2 / 3) return serving(Math.abs(2 * piece - reference) < Math.abs(piece - reference) ? 2 : 1)
  if (share < 2) return serving(1)
  return serving(slice(share), share <= 3)
}

/** The fraction of a piece whose weight comes closest to the reference amount. */
const slice = (share: number): number =>
  [1, ...slices].reduce((best, one) => (Math.abs(one * share - 1) < Math.abs(best * share - 1) ? one : best))
