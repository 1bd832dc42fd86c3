// What a pack weighs where nobody has fixed it: as many pieces as are in it, of what the recipe comes out at.
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import type { Bill } from './bill'

/**
 * Whole grams of a pack of `pieces`, rounded down as a pack may not hold less than it says; null where the recipe does not
 * say how many pieces it makes, or not all in it has a weight.
 */
export function packWeight(pieces: number, recipe: Pick<Recipe, 'pieces'> | undefined, bill: Bill): number | null {
  const makes = (recipe?.pieces ?? 0) * bill.factor
  if (!(makes > 0 && pieces > 0 && bill.finished > 0) || bill.gaps.some(gap => gap.kind === 'amount')) return null
  return Math.max(1, Math.floor((bill.finished / makes) * pieces + 1e-6))
}

/** The product with the weight of its pack as it is now; the last one known where the recipe gives none. */
export function asPacked(product: Product, recipe: Recipe | undefined, bill: Bill): Product {
  if (!product.weightFollows) return product
  const netWeight = packWeight(product.pieces, recipe, bill)
  return netWeight === null ? product : { ...product, netWeight }
}
