// A line of a bill: one thing that comes in by one line, how much of it, and the way it takes; and what is missing on that way.
import type { Role } from '../model/recipe'
import type { Size } from '../model/unit'

export interface PathStep {
  id: string
  name: string
}
/** What to do about a gap of what it is. */
export const gapMend = ({ why }: Pick<BillGap, 'why'>): string =>
  why === 'open' ? 'Make it a line, or say under the lines why it is not in it.' : 'Mend the recipe.'
/** How a thing comes into the food: the shortest way, and how many more there are. */
export const wayOf = ({ path, otherWays }: { path: PathStep[]; otherWays?: number }): Way =>
  otherWays === undefined ? { path } : { path, otherWays }
export interface Way {
  path: PathStep[]
  otherWays?: number
}
export interface BillLine {
  ingredient: string
  /** Ingoing grams of the prepared thing. 0 with `unweighed` set where the amount is unknown: it still counts as there. */
  grams: number
  /** Where it ends up: `beside` anywhere on the way, else the outermost role that is not `mix`. */
  role: Role
  /** The shortest way it comes in by. */
  path: PathStep[]
  /** Other ways inside the same line of the outermost recipe: their grams are in it. */
  otherWays?: number
  /** The line it comes from, in the recipe at the end of the path. */
  line: string
  /** The line of the outermost recipe it came in by. */
  topLine: string
  /** How many makings of the recipe it stands in this is. */
  times: number
  form?: string
  /** The size written with a count. */
  size?: Size
  /** Written as a number of pieces, and no weight beside it. */
  counted?: true
  /** Why no weight is known. */
  unweighed?: string
  estimate: boolean
  /** Where the weight comes from, in words. */
  how: string
  /** Share of the ingoing mass that is not poured away, 0 to 1. */
  retained: number
  /** Share of the retained mass that is left after baking, parts included, 0 to 1. */
  baked: number
  /** Goes on after the bake, itself or with the part it is in: no batter, and loses nothing in the oven. */
  afterBake?: true
  /** Evidence id that says nothing is left behind of a drained or release line, whatever it is part of. */
  leavesNothing?: string
  /** In which of the two it was said: the line’s own answer goes before that of a part around it. */
  leavesAs?: 'drained' | 'release'
  /** Is it there to sweeten? The line’s own answer; absent: nobody has said. */
  sweetens?: boolean
  /** Served beside, and packed along with it. */
  goesAlong?: boolean
  /** The part this leaf is declared inside, where a part is a compound ingredient: index into the path. */
  compoundAt?: number
}
/** Something the recipe asks for that cannot be followed down to ingredients or grams. */
export interface BillGap {
  /** The shortest way to it. */
  path: PathStep[]
  otherWays?: number
  why: 'gone' | 'damaged' | 'empty' | 'circle' | 'tooDeep' | 'weight' | 'open'
  fact: string
  /** `component`: what it is, is not known, so nothing can be proven. `amount`: only how much. */
  kind: 'component' | 'amount'
}
