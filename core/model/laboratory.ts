// What a laboratory found in the finished food, kept beside what is worked out, and used where somebody chose it.
import { z } from 'zod'
import { IsoDate } from './evidence'
import { nutrientCodes } from './nutrient'

export const LabResult = z.object({
  id: z.string().min(1).max(100),
  /** Day of the report. */
  on: IsoDate,
  laboratory: z.string().trim().min(1, 'Say which laboratory it was.').max(200),
  reference: z.string().trim().min(1, 'Give the number of the report.').max(200),
  /** Per 100 g of the food as sold, in each nutrient’s unit. */
  values: z.partialRecord(
    z.enum(nutrientCodes),
    z.number('Give a number, or nothing.').min(0, 'No food holds less than nothing.').max(100_000),
  ),
  /** What was in the food that was analysed: ids of ingredients. */
  of: z.array(z.string()).max(1000),
  /** Does it stand for what is worked out? */
  used: z.boolean(),
  /** Of its figures those that do not: what is worked out stays for these. */
  notUsed: z.array(z.enum(nutrientCodes)).exactOptional(),
})
export type LabResult = z.infer<typeof LabResult>
