// The best order of a few kinds of bakes, with nothing better: over the sets of what is done, the dear ones let go.
import { after, type Bits, type Cleaning, clean, heat, needed, type OrderBake, type Residue } from './changeover'

/** The least heating and cooling to reach all between two heats from where the oven is. */
function heatOver(from: number, [low, high]: readonly [number, number], { heats, cools }: Cleaning): number {
  const [up, down] = [1 / heats, 1 / cools]
  if (from <= low) return (high - from) * up
  if (from >= high) return (from - low) * down
  return Math.min((from - low) * down + (high - low) * up, (high - from) * up + (high - low) * down)
}

/**
 * Cleans that no order of a set avoids. Of bakes that each carry what the other denies, all but one need a test before them; of bakes
 * none of which carries all that another does, all but one need a clean; and none of those that what clings already is in the way of
 * can go without.
 */
function boundsOf(kinds: readonly { bits: Bits; celsius: number | null }[]) {
  const n = kinds.length
  const bit = (at: number) => 1 << at
  const others = (at: number, fits: (one: Bits, other: Bits) => boolean) =>
    kinds.reduce((mask, { bits }, other) => (other !== at && fits(kinds[at]!.bits, bits) ? mask | bit(other) : mask), 0)
  const clash = kinds.map((_, at) => others(at, (a, b) => (a.carries & b.denies) !== 0 && (b.carries & a.denies) !== 0))
  const apart = kinds.map((_, at) =>
    others(at, (a, b) => (a.carries & ~b.carries) !== 0 && (b.carries & ~a.carries) !== 0),
  )
  /** The most of a set that stand in each other's way, pair by pair. */
  const mostOf = (way: readonly number[]) => {
    const most = new Uint8Array(1 << n)
    for (let mask = 1; mask < most.length; mask++) {
      const low = 31 - Math.clz32(mask & -mask)
      const rest = mask & (mask - 1)
      most[mask] = Math.max(most[rest]!, 1 + most[rest & way[low]!]!)
    }
    return most
  }
  const [clashing, standingApart] = [mostOf(clash), mostOf(apart)]
  return (mask: number, { tested, washed }: Residue) => {
    let [tainted, strange] = [0, 0]
    let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY]
    for (let at = 0; at < n; at++) {
      if (!(mask & bit(at))) continue
      const { bits, celsius } = kinds[at]!
      if ((tested & bits.denies) !== 0) tainted |= bit(at)
      if ((washed & ~bits.carries) !== 0) strange |= bit(at)
      if (celsius === null) [low, high] = [Number.NaN, Number.NaN]
      else if (celsius < low || celsius > high) [low, high] = [Math.min(low, celsius), Math.max(high, celsius)]
    }
    return {
      tests: Math.max(clashing[mask]! - 1, clashing[tainted]!, 0),
      cleans: Math.max(standingApart[mask]! - 1, standingApart[strange]!, 0),
      // a bake without an oven stands between two heats for nothing
      range: low <= high ? ([low, high] as const) : null,
    }
  }
}

interface State extends Residue {
  time: number
  cost: number
  /** Kind done last, and the state before it. */
  last: number
  before: State | null
}
export const mostExact = 14

/**
 * Best order of kinds by their sets: of two ways to have done the same with the same last, the one that left no less clinging, no
 * sooner and no cheaper is let go. `most` is what some order costs: nothing dearer is followed.
 */
export function exactly(
  bakes: readonly OrderBake[],
  bits: readonly Bits[],
  kinds: readonly number[][],
  rules: Cleaning,
  most: number,
): number[] | null {
  const n = kinds.length
  const of = kinds.map(members => ({
    bits: bits[members[0]!]!,
    celsius: bakes[members[0]!]!.celsius,
    members: members.map(at => bakes[at]!),
    inside: (members.length - 1) * rules.wipe,
    hands: members.reduce((sum, at) => sum + bakes[at]!.hands, 0),
  }))
  const full = (1 << n) - 1
  const layers: (State[][] | undefined)[] = new Array(full + 1)
  const bounds = boundsOf(of)
  /** What is still to come after a set: how many must be ready by a time, the least each costs, hands and latest ends in order. */
  const rests: ({ due: number; wipes: number; hands: number[]; ends: number[] } | undefined)[] = new Array(full + 1)
  const restOf = (mask: number) => {
    const known = rests[mask]
    if (known) return known
    const left = of.filter((_, at) => !(mask & (1 << at)))
    const made = {
      due: left.filter(one => one.members[0]!.due !== null).length,
      wipes: left.reduce((sum, one) => sum + rules.wipe + one.inside, 0),
      hands: left.map(one => one.hands + one.inside + rules.wipe).sort((a, b) => a - b),
      ends: left
        .flatMap(({ members: [only] }) => (only!.due === null ? [] : [only!.due - only!.tail]))
        .sort((a, b) => a - b),
    }
    rests[mask] = made
    return made
  }
  /** The least that comes on top: a wipe each, cleans and heat that no order avoids, lateness there is even if the shortest go first. */
  const least = (mask: number, time: number, residue: Residue, celsius: number | null): number => {
    const { wipes, hands, ends } = restOf(mask)
    const { tests, cleans, range } = bounds(full & ~mask, residue)
    let sum = wipes + tests * (rules.test - rules.wipe) + Math.max(0, cleans - tests) * (rules.wash - rules.wipe)
    if (range && celsius !== null) sum += heatOver(celsius, range, rules)
    let at = time
    for (let k = 0; k < ends.length; k++) {
      at += hands[k]!
      sum += Math.max(0, at - ends[k]!) * rules.late
    }
    return sum
  }
  /** Is the one no worse than the other whatever comes, even if it had to wait or to be cleaned first? */
  const asGood = (one: State, other: State, due: number): boolean => {
    const [dearer, later] = [one.cost - other.cost, one.time - other.time]
    const same = (one.tested & ~other.tested) === 0 && (one.washed & ~other.washed) === 0
    const first = same ? 0 : rules.test
    return dearer + first + Math.max(0, later + first) * rules.late * due <= 1e-9
  }
  const add = (mask: number, state: State) => {
    const { due } = restOf(mask)
    layers[mask] ??= Array.from({ length: n }, () => [])
    const here = layers[mask][state.last]!
    for (const one of here) if (asGood(one, state, due)) return
    for (let at = here.length - 1; at >= 0; at--) if (asGood(state, here[at]!, due)) here.splice(at, 1)
    here.push(state)
  }
  const go = (from: State | null, mask: number, next: number): void => {
    const kind = of[next]!
    const residue: Residue = from ?? clean
    const how = needed(residue, kind.bits)
    const between =
      (from === null && how === 'wipe' ? 0 : rules[how]) +
      heat(from === null ? null : of[from.last]!.celsius, kind.celsius, rules)
    const time = (from?.time ?? 0) + between + kind.hands + kind.inside
    let cost = (from?.cost ?? 0) + between + kind.inside
    const [only] = kind.members
    if (only!.due !== null) cost += Math.max(0, time + only!.tail - only!.due!) * rules.late
    const done = mask | (1 << next)
    const left = after(residue, how, kind.bits)
    if (cost + least(done, time, left, kind.celsius) > most + 1e-9) return
    add(done, { ...left, time, cost, last: next, before: from })
  }
  for (let first = 0; first < n; first++) go(null, 0, first)
  for (let mask = 1; mask < full; mask++) {
    const layer = layers[mask]
    if (!layer) continue
    for (const states of layer)
      for (const state of states) for (let next = 0; next < n; next++) if (!(mask & (1 << next))) go(state, mask, next)
    // only the way back is needed from here on
    layers[mask] = undefined
  }
  const best = (layers[full] ?? []).flat().sort((a, b) => a.cost - b.cost)[0]
  if (!best) return null
  const order: number[] = []
  for (let state: State | null = best; state; state = state.before) order.unshift(...kinds[state.last]!)
  return order
}
