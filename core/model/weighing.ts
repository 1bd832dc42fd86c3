// What packs of a product weighed, one after another, on one day: net, in grams.
import { z } from 'zod'
import { IsoDate } from './evidence'

export const Weighing = z.object({
  id: z.string().min(1).max(100),
  on: IsoDate,
  /** In the order they were weighed. */
  grams: z
    .array(
      z
        .number('Write each weight as a number of grams.')
        .positive('A pack weighs more than nothing.')
        .max(1_000_000, 'A pack over a tonne? Check the weight.'),
    )
    .min(1, 'Weigh at least one pack.')
    .max(500, 'Five hundred packs at a time are enough.'),
})
export type Weighing = z.infer<typeof Weighing>
