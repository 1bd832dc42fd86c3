// What was set for a day of bakes by hand: when it begins, what must be ready by when, her own order of work, who does what.
import { z } from 'zod'

const Clock = z.string().regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/, 'Say the time as 06:30.')
const BakeId = z.string().min(1).max(200)
/** Absent: nobody has said. Bakes by the ids of their batch or order. */
export const DayPlan = z.object({
  begins: Clock.exactOptional(),
  due: z.record(BakeId, Clock).exactOptional(),
  /** None: the least costly order. */
  order: z.array(BakeId).max(300).exactOptional(),
  /** By name. */
  who: z.record(BakeId, z.string().trim().min(1).max(120)).exactOptional(),
})
export type DayPlan = z.infer<typeof DayPlan>
