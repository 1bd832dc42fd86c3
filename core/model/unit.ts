// Units a recipe is written in, and the cup and spoon in force. What each holds stands in measure/convert.ts.
import { z } from 'zod'

export const unitCodes = [
  'g',
  'kg',
  'mg',
  'oz',
  'lb',
  'ml',
  'cl',
  'dl',
  'l',
  'tsp',
  'tbsp',
  'cup',
  'floz',
  'pint',
  'quart',
  'stick',
  'each',
  'drop',
  'pinch',
  'dash',
  'splash',
] as const
export type UnitCode = (typeof unitCodes)[number]

export const sizes = ['small', 'medium', 'large'] as const
export type Size = (typeof sizes)[number]

/** One written amount. A negative value is a summand taken away ("1 cup less 1 tbsp"). */
export const Amount = z.object({
  value: z.number(),
  upTo: z.number().exactOptional(),
  unit: z.enum(unitCodes),
  size: z.enum(sizes).exactOptional(),
})
export type Amount = z.infer<typeof Amount>

export const Cup = z.enum(['us', 'usLegal', 'metric', 'imperial', 'japanese'])
export type Cup = z.infer<typeof Cup>
export const Spoon = z.enum(['us', 'metric', 'imperial', 'au'])
export type Spoon = z.infer<typeof Spoon>
/** The cup and spoon in force for a recipe. */
export interface Measures {
  cup?: Cup
  spoon?: Spoon
}
