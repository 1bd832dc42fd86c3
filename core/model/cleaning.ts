// What was cleaned, and what a test found afterwards: written down as it is done, added to only.
import { z } from 'zod'
import { AllergenCode } from './allergen'

export const cleaningDeeds = ['wiped', 'washed', 'tested'] as const
export const cleaningDeedName: Record<(typeof cleaningDeeds)[number], string> = {
  wiped: 'wiped down',
  washed: 'washed',
  tested: 'tested',
}

export const CleaningDone = z
  .object({
    /** As the kitchen calls it: a mixer, an oven, a bench. Empty: the whole kitchen. */
    equipment: z.string().trim().max(120, 'Keep it under 120 letters.'),
    did: z.enum(cleaningDeeds),
    /** Of a test: for what, and whether it was found. */
    allergen: z.union([AllergenCode, z.literal('gluten')]).exactOptional(),
    found: z.boolean().exactOptional(),
    /** By what kit, where the swab was taken, what was done about it. */
    note: z.string().trim().max(500, 'Keep it under 500 letters.').exactOptional(),
  })
  .refine(
    one => (one.did === 'tested') === (one.allergen !== undefined && one.found !== undefined),
    'Of a test say for what, and whether it was found.',
  )
export type CleaningDone = z.infer<typeof CleaningDone>

/** The last test of each place for each allergen. */
export const LastTest = z.object({
  equipment: z.string(),
  allergen: z.union([AllergenCode, z.literal('gluten')]),
  found: z.boolean(),
  /** ISO day. */
  on: z.iso.date(),
})
export type LastTest = z.infer<typeof LastTest>
