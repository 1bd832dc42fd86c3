// Too much went in: the honest ways out.
import { percent, weighed } from '../words/rounding'
import type { Item } from './state'

export interface Over {
  /** Grams to take out again. */
  takeOut: number
  /** Everything else by this much more; null where that is no way: it is too far, or nothing was planned. */
  factor: number | null
  words: string
}
/** More than half as much again is another batch. */
const mostGrowth = 1.5

/** Null where it is not over. `grams` would be in it altogether. */
export function overBy(item: Pick<Item, 'target' | 'high' | 'name'>, grams: number): Over | null {
  if (item.target === null || grams <= item.high + 1e-9) return null
  const takeOut = grams - item.target
  const factor = item.target > 0 && grams / item.target <= mostGrowth ? grams / item.target : null
  return {
    takeOut,
    factor,
    words: `${weighed(takeOut)} too much${item.target > 0 ? `, ${percent(takeOut / item.target)} over` : ': it was left out'}.`,
  }
}
