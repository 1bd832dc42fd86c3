// What a bake usually loses in the oven, by its kind: a house table from memory of kitchen practice, never a measurement.
// Taken over, it is an assumption until a bake is weighed in and out.
import type { Product } from '../model/product'

/** Low and high, shares of what goes in. Common practice: cakes 8 to 12 %, biscuits 12 to 20 %, brownies 5 to 8 %. */
const usual: Partial<Record<NonNullable<Product['category']>, readonly [number, number]>> = {
  brownie: [0.05, 0.08],
  heavyCake: [0.08, 0.12],
  mediumCake: [0.08, 0.12],
  lightCake: [0.08, 0.12],
  cookie: [0.12, 0.2],
  muffin: [0.08, 0.12],
  quickBread: [0.08, 0.12],
  pie: [0.08, 0.15],
  grainBar: [0.05, 0.12],
}

export interface UsualLoss {
  low: number
  high: number
  /** The middle, to be taken over as an assumption. */
  share: number
}
/** What is usual for the kind of bake; null where no kind is said, or nothing of it is usually baked. */
export function usualBakeLoss(category: Product['category']): UsualLoss | null {
  const range = category === undefined ? undefined : usual[category]
  return range === undefined
    ? null
    : { low: range[0], high: range[1], share: Math.round((range[0] + range[1]) * 500) / 1000 }
}
