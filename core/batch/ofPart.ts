// A batch of a part that is made for the shelf: it is sold to nobody, bears no label, and is counted by its weight.
import type { Batch } from '../model/batch'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import { weighed } from '../words/rounding'

const mark = 'part:'
/** What a batch of that part goes by in place of a product. */
export const asPart = (recipe: string): string => `${mark}${recipe}`
/** The part a batch is of, by its recipe; null where it is of a product. */
export const partOf = ({ product }: Pick<Batch, 'product'>): string | null =>
  product.startsWith(mark) ? product.slice(mark.length) : null

/** Stands in the books of such a batch in place of what is sold. `grams`: how much is to be made. */
export const productOfPart = ({ id, name }: Pick<Recipe, 'id' | 'name'>, grams: number): Product => ({
  id: asPart(id),
  name,
  recipe: id,
  netWeight: grams,
  pieces: 1,
  claims: [],
  markets: [],
})

/** "48 pieces", or "1.250 kg" of a part. */
export const amountWords = (batch: Pick<Batch, 'product' | 'pieces'>): string =>
  partOf(batch) === null ? `${batch.pieces} pieces` : weighed(batch.pieces)
