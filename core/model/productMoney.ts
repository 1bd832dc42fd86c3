// What of a product is seen like a price: how it is priced, and what its packing costs. What the packing is stays for everybody to
// see, since something may hide in it.
import type { Product } from './product'

export const productMoney = ['pricing', 'packing'] as const satisfies (keyof Product)[]
export type ProductMoney = Pick<Product, (typeof productMoney)[number]>

/** The money of a product; empty where none was said. */
export const moneyOf = ({ pricing, packing }: ProductMoney): ProductMoney => ({
  ...(pricing ? { pricing } : {}),
  ...(packing ? { packing } : {}),
})
/** The rest of it. */
export const withoutMoney = <T extends ProductMoney>({ pricing: _, packing, ...rest }: T) => ({
  ...rest,
  ...(packing ? { packing: packing.map(({ price: _, ...one }) => one) } : {}),
})
