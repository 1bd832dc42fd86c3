// What somebody decided about a warning: whether the label says "may contain", and why. The journal keeps who, and when.
import { z } from 'zod'
import { AllergenCode } from './allergen'

export const Precaution = z.object({
  allergen: AllergenCode,
  say: z.boolean(),
  /** The kitchen's records that it was decided over: of others it says nothing. */
  over: z.array(z.string().max(200)).max(100),
  why: z.string().trim().min(3, 'Write down why: somebody will ask.').max(1000, 'Keep the reason under 1,000 letters.'),
})
export type Precaution = z.infer<typeof Precaution>
