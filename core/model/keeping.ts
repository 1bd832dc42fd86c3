// How long a food keeps, by how it is kept: how long it stays good apart from how long it stays safe.
import { z } from 'zod'

export const keepingPlaces = ['room', 'wrapped', 'cold', 'frozen', 'thawed'] as const
export type KeepingPlace = (typeof keepingPlaces)[number]
export const keepingPlaceName: Record<KeepingPlace, string> = {
  room: 'open, at room temperature',
  wrapped: 'wrapped or in a tin, at room temperature',
  cold: 'in the fridge',
  frozen: 'frozen',
  thawed: 'thawed again',
}

const days = (what: string) =>
  z
    .number(`Say ${what}, in whole days.`)
    .int(`Say ${what}, in whole days.`)
    .positive(`Say ${what}: at least a day, or leave it empty.`)
    .max(3650, 'Ten years is the most a date can be set ahead.')

export const KeptSo = z.object({
  place: z.enum(keepingPlaces),
  /** Until it is no longer as it should be. */
  good: days('how long it stays good').exactOptional(),
  /** Until it may harm; `asLongAsGood`: somebody decided that it goes stale long before. Absent: nobody has said. */
  safe: z.union([z.literal('asLongAsGood'), days('how long it is safe')]).exactOptional(),
  /** On what that rests: a test, a rule, and who said so. */
  basis: z.string().trim().max(300, 'Keep it under 300 letters.').exactOptional(),
})
export type KeptSo = z.infer<typeof KeptSo>

/** One row a way of keeping. */
export const KeepingTable = z
  .array(KeptSo)
  .max(keepingPlaces.length)
  .refine(rows => new Set(rows.map(one => one.place)).size === rows.length, 'One row for each way of keeping it.')
