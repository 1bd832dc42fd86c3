// The order of a day's bakes that needs least cleaning and heating: exact while the day has up to fourteen kinds of bake, near beyond.
// What clings to mixer and bench stays till it is cleaned off: a wipe takes it off for nobody, a wash for whoever only must not be
// surprised by it, a tested clean for whoever claims to be free of it. So the free-from first, and nothing has to be tested.
import { randomLcg } from 'd3-random'

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

export type Clean = 'wipe' | 'wash' | 'test'
export interface OrderStep {
  id: string
  clean: Clean
  /** Why it is more than a wipe: what clings, and from which bake. */
  because: { allergen: string; from: string }[]
  /** Minutes of cleaning, and of waiting for the oven to be at heat. */
  cleaning: number
  heating: number
  /** When hands begin on it, and when it is ready; minutes from the beginning. */
  begins: number
  ready: number
  late: number
}
export interface DayOrder {
  steps: OrderStep[]
  /** Minutes of cleaning, heating, and lateness weighed in: what is least. */
  cost: number
  /** Nothing is better, by this reckoning. */
  exact: boolean
}

/** A bake by bits: what it leaves, and what it must not meet. */
interface Bits {
  carries: number
  denies: number
}
function bitsOf(bakes: readonly OrderBake[]): Bits[] {
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
const heat = (from: number | null, to: number | null, { heats, cools }: Cleaning): number =>
  from === null || to === null ? 0 : to > from ? (to - from) / heats : (from - to) / cools

/** What clings since the last test, and since the last wash. */
interface Residue {
  tested: number
  washed: number
}
const clean: Residue = { tested: 0, washed: 0 }
const needed = ({ tested, washed }: Residue, { carries, denies }: Bits): Clean =>
  (tested & denies) !== 0 ? 'test' : (washed & ~carries) !== 0 ? 'wash' : 'wipe'
const after = (residue: Residue, how: Clean, { carries }: Bits): Residue => ({
  tested: (how === 'test' ? 0 : residue.tested) | carries,
  washed: (how === 'wipe' ? residue.washed : 0) | carries,
})

/** The order in full: every clean with its reason. */
function stepsOf(bakes: readonly OrderBake[], order: readonly number[], rules: Cleaning): OrderStep[] {
  const bits = bitsOf(bakes)
  let residue = clean
  let time = 0
  /** Where each allergen came from, since the last test and since the last wash. */
  let [sinceTest, sinceWash] = [new Map<string, string>(), new Map<string, string>()]
  return order.map((index, at) => {
    const bake = bakes[index]!
    const how = needed(residue, bits[index]!)
    const because =
      how === 'test'
        ? bake.denies.flatMap(code =>
            sinceTest.has(code) && !bake.carries.includes(code) ? [{ allergen: code, from: sinceTest.get(code)! }] : [],
          )
        : how === 'wash'
          ? [...sinceWash].flatMap(([allergen, from]) => (bake.carries.includes(allergen) ? [] : [{ allergen, from }]))
          : []
    if (how === 'test') sinceTest = new Map()
    if (how !== 'wipe') sinceWash = new Map()
    for (const code of bake.carries) {
      sinceTest.set(code, bake.id)
      sinceWash.set(code, bake.id)
    }
    const cleaning = at === 0 && how === 'wipe' ? 0 : rules[how]
    const heating = heat(at === 0 ? null : bakes[order[at - 1]!]!.celsius, bake.celsius, rules)
    residue = after(residue, how, bits[index]!)
    const begins = time + cleaning + heating
    time = begins + bake.hands
    const ready = time + bake.tail
    return {
      id: bake.id,
      clean: how,
      because,
      cleaning,
      heating,
      begins,
      ready,
      late: bake.due === null ? 0 : Math.max(0, ready - bake.due),
    }
  })
}

/** Bakes that are alike in all that counts stand together in a best order: one kind. */
function kindsOf(bakes: readonly OrderBake[], bits: readonly Bits[]): number[][] {
  const kinds = new Map<string, number[]>()
  bakes.forEach((bake, at) => {
    const { carries, denies } = bits[at]!
    // who has to be ready by a time is a kind of its own
    const key = bake.due === null ? `${carries} ${denies} ${bake.celsius}` : `own ${at}`
    kinds.set(key, [...(kinds.get(key) ?? []), at])
  })
  return [...kinds.values()]
}

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
function exactly(
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

/** How the work stands before each bake of an order. */
interface Standing {
  tested: Int32Array
  washed: Int32Array
  time: Float64Array
  cost: Float64Array
  celsius: Float64Array
}
/**
 * What an order of kinds costs, minutes of cleaning and heating, and lateness; and what it would cost after a move, told fast, as
 * that is asked hundreds of thousands of times: only what comes after the first change is reckoned anew, and no further than it
 * can still be cheaper than `limit`.
 */
function reckoning(bakes: readonly OrderBake[], bits: readonly Bits[], kinds: readonly number[][], rules: Cleaning) {
  const n = kinds.length
  const first = kinds.map(members => bakes[members[0]!]!)
  const carries = Int32Array.from(kinds, members => bits[members[0]!]!.carries)
  const denies = Int32Array.from(kinds, members => bits[members[0]!]!.denies)
  const celsius = Float64Array.from(first, one => one.celsius ?? Number.NaN)
  const inside = Float64Array.from(kinds, members => (members.length - 1) * rules.wipe)
  const hands = Float64Array.from(kinds, members => members.reduce((sum, at) => sum + bakes[at]!.hands, 0))
  const end = Float64Array.from(first, one => (one.due === null ? Number.POSITIVE_INFINITY : one.due - one.tail))
  const [up, down] = [1 / rules.heats, 1 / rules.cools]
  const least = Math.min(rules.wipe, rules.wash, rules.test)
  const ints = () => new Int32Array(n + 1)
  const floats = () => new Float64Array(n + 1)
  const before: Standing = {
    tested: ints(),
    washed: ints(),
    time: floats(),
    cost: floats(),
    celsius: floats().fill(Number.NaN),
  }
  const now = new Int32Array(n)
  const next = new Int32Array(n)
  let changed = 0

  const walk = (order: Int32Array, from: number, limit: number, keep: boolean): number => {
    let [tested, washed, time] = [before.tested[from]!, before.washed[from]!, before.time[from]!]
    let [cost, heat] = [before.cost[from]!, before.celsius[from]!]
    for (let at = from; at < n; at++) {
      const kind = order[at]!
      let between = 0
      if ((tested & denies[kind]!) !== 0) {
        between = rules.test
        tested = 0
        washed = 0
      } else if ((washed & ~carries[kind]!) !== 0) {
        between = rules.wash
        washed = 0
      } else if (at > 0) between = rules.wipe
      tested |= carries[kind]!
      washed |= carries[kind]!
      const off = celsius[kind]! - heat
      // a bake without an oven leaves no heat to reckon from, and asks for none
      if (off > 0) between += off * up
      else if (off < 0) between -= off * down
      heat = celsius[kind]!
      between += inside[kind]!
      time += between + hands[kind]!
      cost += between
      if (time > end[kind]!) cost += (time - end[kind]!) * rules.late
      if (keep) {
        before.tested[at + 1] = tested
        before.washed[at + 1] = washed
        before.time[at + 1] = time
        before.cost[at + 1] = cost
        before.celsius[at + 1] = heat
      } else if (cost + (n - 1 - at) * least >= limit) return Number.POSITIVE_INFINITY
    }
    return cost
  }
  return {
    /** Takes an order as the one that is moved in; what it costs. */
    take: (order: readonly number[]): number => {
      now.set(order)
      return walk(now, 0, Number.POSITIVE_INFINITY, true)
    },
    /** What it costs with `length` of it, from `from` on, taken out and put in again before place `to` of the rest; infinite: no less than `limit`. */
    moved: (from: number, length: number, to: number, limit: number): number => {
      next.set(now)
      if (to < from) next.set(now.subarray(to, from), to + length)
      else next.set(now.subarray(from + length, to + length), from)
      next.set(now.subarray(from, from + length), to)
      changed = Math.min(from, to)
      return walk(next, changed, limit, false)
    },
    /** Keeps the move that was asked about last. */
    keep: (): void => {
      now.set(next)
      walk(now, changed, Number.POSITIVE_INFINITY, true)
    },
    order: (): number[] => [...now],
  }
}
type Reckoning = ReturnType<typeof reckoning>

const costOf = (bakes: readonly OrderBake[], order: readonly number[], rules: Cleaning): number =>
  reckoning(
    bakes,
    bitsOf(bakes),
    bakes.map((_, at) => [at]),
    rules,
  ).take(order)

/** Moves runs of up to three about as long as that helps, and as long as so many tries last. */
function improved(start: readonly number[], by: Reckoning, tries: number): { order: number[]; cost: number } {
  let least = by.take(start)
  let left = tries
  for (let better = true; better && left > 0; ) {
    better = false
    for (let length = 1; length <= 3; length++)
      for (let from = 0; from + length <= start.length; from++) {
        let [to, cheapest] = [-1, least - 1e-9]
        for (let at = 0; at <= start.length - length && left > 0; at++) {
          if (at === from) continue
          left--
          const cost = by.moved(from, length, at, cheapest)
          if (cost < cheapest) [to, cheapest] = [at, cost]
        }
        if (to < 0) continue
        by.moved(from, length, to, Number.POSITIVE_INFINITY)
        by.keep()
        least = cheapest
        better = true
      }
  }
  return { order: by.order(), cost: least }
}

/** Minutes by which a move may be dearer, at first and at last. */
const [hot, cold] = [8, 0.25]
/**
 * Moves drawn at random, at first also dearer ones, ever fewer of them as it cools: so it comes out of what moves of three alone
 * stay caught in. Drawn alike each time.
 */
function annealed(start: readonly number[], by: Reckoning, tries: number): { order: number[]; cost: number } {
  const n = start.length
  const draw = randomLcg(0.5)
  let cost = by.take(start)
  let best = { order: [...start], cost }
  for (let at = 0; at < tries; at++) {
    const heat = hot * (cold / hot) ** (at / tries)
    const longest = Math.min(n - 1, draw() < 0.75 ? 3 : Math.ceil(n / 4))
    const length = 1 + Math.floor(draw() * longest)
    const from = Math.floor(draw() * (n - length + 1))
    const to = Math.floor(draw() * (n - length + 1))
    if (to === from) continue
    const limit = cost - heat * Math.log(1 - draw())
    const now = by.moved(from, length, to, limit)
    if (now >= limit) continue
    by.keep()
    cost = now
    if (cost < best.cost - 1e-9) best = { order: by.order(), cost }
  }
  return best
}

/** The cheapest of several beginnings improved, then annealed and improved once more. */
function nearly(
  beginnings: readonly (readonly number[])[],
  by: Reckoning,
  tries: number,
): { order: number[]; cost: number } {
  const each = Math.ceil(tries / 10 / beginnings.length)
  const first = beginnings.map(one => improved(one, by, each)).reduce((a, b) => (b.cost < a.cost ? b : a))
  if (first.order.length < 4) return first
  return improved(annealed(first.order, by, Math.ceil(tries * 0.8)).order, by, Math.ceil(tries / 10))
}

/** Always on to what costs least next; of those what carries least and denies most. */
function greedy(
  bakes: readonly OrderBake[],
  bits: readonly Bits[],
  kinds: readonly number[][],
  rules: Cleaning,
): number[] {
  const left = new Set(kinds.map((_, at) => at))
  const order: number[] = []
  let residue = clean
  let celsius: number | null = null
  const ones = (mask: number) => mask.toString(2).replaceAll('0', '').length
  while (left.size > 0) {
    const price = (at: number) => {
      const of = bits[kinds[at]![0]!]!
      const how = needed(residue, of)
      return (
        rules[how] + heat(celsius, bakes[kinds[at]![0]!]!.celsius, rules) + (ones(of.carries) - ones(of.denies)) / 100
      )
    }
    const next = [...left].reduce((best, at) => (price(at) < price(best) ? at : best))
    left.delete(next)
    order.push(next)
    const of = bits[kinds[next]![0]!]!
    residue = after(residue, needed(residue, of), of)
    celsius = bakes[kinds[next]![0]!]!.celsius ?? celsius
  }
  return order
}
/** Tries in all: a second's worth of a hundred bakes, for a day that is not ordered exactly; few where what is near only bounds what is exact. */
const [manyTries, fewTries] = [700_000, 30_000]

/** Whoever denies most and carries least first; the same by heat; by the day’s end. */
const starts = (bakes: readonly OrderBake[], kinds: readonly number[][]): number[][] => {
  const by = (value: (bake: OrderBake) => number) =>
    kinds.map((_, at) => at).sort((a, b) => value(bakes[kinds[a]![0]!]!) - value(bakes[kinds[b]![0]!]!))
  return [
    by(one => one.carries.length * 10 - one.denies.length),
    by(one => one.due ?? 1e6),
    by(one => (one.celsius ?? 0) + one.carries.length * 1000),
    by(one => one.celsius ?? 0),
  ]
}

/** What a given order costs, with every clean and its reason. Throws RangeError where it names a bake that is not there, or one twice. */
export function orderAsGiven(
  bakes: readonly OrderBake[],
  ids: readonly string[],
  rules: Cleaning = usualCleaning,
): DayOrder {
  const at = ids.map(id => bakes.findIndex(one => one.id === id))
  if (at.includes(-1) || new Set(at).size !== bakes.length || at.length !== bakes.length)
    throw new RangeError('An order names each bake once.')
  return { steps: stepsOf(bakes, at, rules), cost: costOf(bakes, at, rules), exact: false }
}

/** The least costly order. Pure; the same for the same. */
export function bestOrder(bakes: readonly OrderBake[], rules: Cleaning = usualCleaning): DayOrder {
  if (bakes.length === 0) return { steps: [], cost: 0, exact: true }
  const bits = bitsOf(bakes)
  const kinds = kindsOf(bakes, bits)
  const unfold = (order: readonly number[]) => order.flatMap(at => kinds[at]!)
  const isExact = kinds.length <= mostExact
  const near = nearly(
    [greedy(bakes, bits, kinds, rules), ...starts(bakes, kinds)],
    reckoning(bakes, bits, kinds, rules),
    isExact ? fewTries : manyTries,
  )
  const exact = isExact ? exactly(bakes, bits, kinds, rules, near.cost) : null
  const order = exact ?? unfold(near.order)
  return { steps: stepsOf(bakes, order, rules), cost: costOf(bakes, order, rules), exact: exact !== null }
}
