// What lies between two bakes: what clings, what takes it off, and the oven's way from heat to heat. A wipe takes off for nobody, a wash
// for whoever only must not be surprised by it, a tested clean for whoever claims to be free of it.

import type { Around } from '../model/costing'

export interface OrderBake {
  id: string
  /** Allergens that are in it, may be in it, or that nobody knows not to be; plus `gluten`-bearing cereals by themselves. */
  carries: readonly string[]
  /** What it claims to be free of. */
  denies: readonly string[]
  /** What the oven is at; null where it needs none. */
  celsius: number | null
  /** Minutes of hands-on work. */
  hands: number
  /** Minutes after that until it is ready: resting, oven, cooling. */
  tail: number
  /** Minutes from the beginning of the day by which it must be ready; null: whenever. */
  due: number | null
}
/** What a changeover takes, in minutes. Usual values of a small kitchen (common practice); hers where she says so. */
export interface Cleaning {
  wipe: number
  wash: number
  /** Cleaned, swabbed, and the swab waited for. */
  test: number
  /** Degrees an oven heats, and cools, in a minute. */
  heats: number
  cools: number
  /** What a minute too late is worth in minutes of work. */
  late: number
}
export const usualCleaning: Cleaning = { wipe: 3, wash: 12, test: 30, heats: 8, cools: 4, late: 10 }
/** The kitchen's own minutes where it says so; else the usual ones. */
export const cleaningOf = ({ wipe, wash, cleanAndTest }: Around = {}): Cleaning => ({
  ...usualCleaning,
  ...(wipe === undefined ? {} : { wipe }),
  ...(wash === undefined ? {} : { wash }),
  ...(cleanAndTest === undefined ? {} : { test: cleanAndTest }),
})

export type Clean = 'wipe' | 'wash' | 'test'

/** A bake by bits: what it leaves, and what it must not meet. */
export interface Bits {
  carries: number
  denies: number
}
export function bitsOf(bakes: readonly OrderBake[]): Bits[] {
  // allergens that go together everywhere are one
  const pattern = (code: string) =>
    bakes.map(one => `${one.carries.includes(code) ? 1 : 0}${one.denies.includes(code) ? 1 : 0}`).join('')
  const codes = [...new Set(bakes.flatMap(one => [...one.carries, ...one.denies]))]
  const kinds = [...new Set(codes.map(pattern))]
  if (kinds.length > 30) throw new RangeError('More than thirty kinds of allergens on one day are not ordered.')
  const bitOf = new Map(codes.map(code => [code, 1 << kinds.indexOf(pattern(code))]))
  const all = (list: readonly string[]) => list.reduce((bits, code) => bits | bitOf.get(code)!, 0)
  // what a bake carries itself no cleaning keeps out of it
  return bakes.map(one => ({ carries: all(one.carries), denies: all(one.denies) & ~all(one.carries) }))
}
export const heat = (from: number | null, to: number | null, { heats, cools }: Cleaning): number =>
  from === null || to === null ? 0 : to > from ? (to - from) / heats : (from - to) / cools

/** What clings since the last test, and since the last wash. */
export interface Residue {
  tested: number
  washed: number
}
export const clean: Residue = { tested: 0, washed: 0 }
export const needed = ({ tested, washed }: Residue, { carries, denies }: Bits): Clean =>
  (tested & denies) !== 0 ? 'test' : (washed & ~carries) !== 0 ? 'wash' : 'wipe'
export const after = (residue: Residue, how: Clean, { carries }: Bits): Residue => ({
  tested: (how === 'test' ? 0 : residue.tested) | carries,
  washed: (how === 'wipe' ? residue.washed : 0) | carries,
})
