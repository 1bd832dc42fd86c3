// Beaten egg goes into a batter by thirds, until it falls from the spoon as it should: how much is in after the next one. Common practice.
import { mentions } from '../ingredient/lexicon'
import type { Item } from './state'

export interface Third {
  nth: 1 | 2 | 3
  /** Grams that are in it altogether after this one, and between what they may be. */
  upTo: number
  low: number
  high: number
}
/** Less is not worth parting, in grams. */
const least = 30

/** May it go in by thirds: egg in the bowl, of known weight? */
export const goesByThirds = ({ name, now, where, target }: Pick<Item, 'name' | 'now' | 'where' | 'target'>): boolean =>
  where === 'bowl' && target !== null && target >= least && mentions(now?.name ?? name).some(one => one.code === 'egg')

/** The third that comes next; null where all of it is in, or nobody knows how much that is. */
export function nextThird({
  target,
  weighed,
  low,
  high,
}: Pick<Item, 'target' | 'weighed' | 'low' | 'high'>): Third | null {
  if (target === null || target <= 0 || weighed >= low) return null
  const within = Math.max(high - target, 0.5)
  const nth = ([1, 2, 3] as const).find(one => weighed < (target * one) / 3 - within)
  if (nth === undefined || nth === 3) return { nth: 3, upTo: target, low, high }
  const upTo = (target * nth) / 3
  return { nth, upTo, low: upTo - within, high: upTo + within }
}
