// A field of the product written anew, as an edit of the bench; or why it cannot be.
import { type BenchEdit, type ProductField, refusedIn } from '@fair-tin/core/edit'
import type { Product } from '@fair-tin/core/model'

export const putField = (product: Product, field: ProductField, to: unknown): BenchEdit => ({
  kind: 'product',
  field,
  was: product[field] ?? null,
  to,
})

export function readField(
  product: Product,
  field: ProductField,
  to: unknown,
): { edits: BenchEdit[] } | { problem: string } {
  const problem = refusedIn(field, to)
  return problem ? { problem } : { edits: [putField(product, field, to)] }
}
