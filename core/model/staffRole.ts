// Who may do what in a bakery: one table, read by the edge, by the screens and by what a refusal says.
import { z } from 'zod'

export const StaffRole = z.enum(['owner', 'baker', 'signer', 'reader'])
export type StaffRole = z.infer<typeof StaffRole>

export const rights = [
  'recipes',
  'larder',
  'prices',
  'orders',
  'stock',
  'bakes',
  'kitchen',
  'signing',
  'people',
  'whole bakery',
] as const
export type Right = (typeof rights)[number]

export const staffRoles: Readonly<Record<StaffRole, { title: string; does: string; may: readonly Right[] }>> = {
  owner: { title: 'Owner', does: 'everything, and says who works here', may: rights },
  baker: {
    title: 'Baker',
    does: 'recipes, the larder, orders and bakes',
    may: ['recipes', 'larder', 'prices', 'orders', 'stock', 'bakes'],
  },
  signer: {
    title: 'Signer',
    does: 'what a baker does, the kitchen record, and signs labels for the markets the owner names',
    may: ['recipes', 'larder', 'prices', 'orders', 'stock', 'bakes', 'kitchen', 'signing'],
  },
  reader: { title: 'Reader', does: 'looks at everything until a day, and changes nothing', may: [] },
}

/** What a right is to change, in the middle of a sentence. */
export const rightNames: Readonly<Record<Right, string>> = {
  recipes: 'recipes and products',
  larder: 'the larder',
  prices: 'prices',
  orders: 'orders',
  stock: 'what is on the shelf',
  bakes: 'what is baked',
  kitchen: 'the kitchen record',
  signing: 'signatures',
  people: 'who works here',
  'whole bakery': 'the bakery as a whole',
}

export interface Hand {
  role: StaffRole
  /** The owner may keep prices from a baker. */
  seesPrices: boolean
}
export const mayDo = ({ role, seesPrices }: Hand, right: Right): boolean =>
  staffRoles[role].may.includes(right) && (right !== 'prices' || role === 'owner' || seesPrices)
