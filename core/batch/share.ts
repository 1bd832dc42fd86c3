// What is in the bowl, or a part by itself, shared out evenly: batter over tins, dough into balls, a filling between layers.
import { type Scale, weighingTolerance, weighOn } from '../recipe/weighOut'
import type { BatchState } from './state'

export interface Shared {
  /** Grams of it: what went in, less what is drained off; of what is not weighed yet, what is to go in. */
  bowl: number
  /** Was all of it weighed? Else it is the plan in part. */
  isWeighed: boolean
  each: number
  low: number
  high: number
  /** What a scale shows for it, where there is one. */
  shown: number
  /** Share of the bowl that is over or short when each is weighed as the scale shows it. */
  over: number
}
/** The parts made for this batch, each of which can be shared out by itself. */
export const partsToShare = (state: Pick<BatchState, 'items'>): { recipe: string; name: string }[] => [
  ...new Map(
    state.items.flatMap(({ recipe, part, where }) =>
      part === null || where === 'tin' ? [] : [[recipe, { recipe, name: part }] as const],
    ),
  ).values(),
]

/** Of the bowl, or of one part by its recipe: of that what was put in besides is not counted, as nobody says into which it went. Null where nothing is known to be in it, or a weight is not known. Throws RangeError for no whole number of shares. */
export function sharedOut(
  state: Pick<BatchState, 'items' | 'added' | 'strays'>,
  shares: number,
  scales: readonly Scale[] = [],
  part: string | null = null,
): Shared | null {
  if (!Number.isInteger(shares) || shares < 1)
    throw new RangeError('It is shared into whole numbers, and at least one.')
  const inBowl = state.items.filter(one =>
    part === null ? one.where === 'bowl' : one.recipe === part && one.where !== 'tin',
  )
  let bowl = 0
  for (const one of inBowl) {
    const grams = one.done ? one.weighed : (one.target ?? Number.NaN)
    bowl += grams * one.retained
  }
  // what came in besides the plan is in it too
  const besides =
    part !== null ? [] : [...state.added.map(one => one.entry.grams), ...state.strays.map(one => one.grams)]
  for (const grams of besides) bowl += grams ?? 0
  if (!(bowl > 0)) return null
  const each = bowl / shares
  const shown = weighOn(each, scales).grams
  return {
    bowl,
    isWeighed: inBowl.every(one => one.done) && !besides.includes(null),
    each,
    low: each * (1 - weighingTolerance),
    high: each * (1 + weighingTolerance),
    shown,
    over: (shown * shares - bowl) / bowl,
  }
}
