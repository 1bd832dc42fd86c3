// An order: so many sales units of a product for a day.
import { z } from 'zod'
import { IsoDate } from './evidence'

export const OrderDraft = z.object({
  day: IsoDate,
  product: z.string().min(1, 'Choose what is ordered.'),
  packs: z
    .number('Say how many packs, as a whole number.')
    .int('Say how many packs, as a whole number.')
    .positive('An order is at least one pack.')
    .max(100_000, 'Over 100,000 packs? Check the number.'),
  forWhom: z.string().trim().max(120, 'Keep the name under 120 letters.'),
})
export type OrderDraft = z.infer<typeof OrderDraft>
