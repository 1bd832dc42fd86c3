'use server'
// Keeps what was said about a product.
import { Product } from '@fair-tin/core'
import { saveProduct } from '@fair-tin/data'
import { type Outcome, refused } from '../outcome'
import { refusals, saving } from '../save'

export async function keepProduct(input: unknown, seen: number): Promise<Outcome<Product>> {
  const read = Product.safeParse(input)
  if (!read.success) return refusals(read.error)
  return saving<Product>(async sql => {
    const saved = await saveProduct(sql, read.data, seen)
    if (saved.saved) return { saved: true, id: read.data.id, version: saved.version }
    if (saved.conflict === 'removed')
      return refused('This product was taken out in another window. Copy what you need first.')
    return { saved: false, conflict: saved.conflict }
  })
}
