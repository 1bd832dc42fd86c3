// Weighings of one's own: a cup, a spoon, a piece, what is left of what was bought. Kept with their day, and used where somebody says so.
import { z } from 'zod'
import { IsoDate } from './evidence'

export const trialKinds = ['cup', 'spoon', 'piece', 'share'] as const
export const trialKindName: Record<(typeof trialKinds)[number], string> = {
  cup: 'a cup of it',
  spoon: 'a tablespoon of it',
  piece: 'one of it',
  share: 'what is left of what was bought',
}
export const WeighingTrial = z.object({
  of: z.enum(trialKinds),
  /** Grams of each weighing; of a share, its per cent. */
  values: z.array(z.number().positive().max(1_000_000)).min(1).max(20),
  on: IsoDate,
})
export type WeighingTrial = z.infer<typeof WeighingTrial>
