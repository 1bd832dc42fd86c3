// What an order of bakes costs, and what a move in it would make of that, told fast.
import { type Bits, bitsOf, type Cleaning, type OrderBake } from './changeover'

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
export function reckoning(
  bakes: readonly OrderBake[],
  bits: readonly Bits[],
  kinds: readonly number[][],
  rules: Cleaning,
) {
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
export type Reckoning = ReturnType<typeof reckoning>

export const costOf = (bakes: readonly OrderBake[], order: readonly number[], rules: Cleaning): number =>
  reckoning(
    bakes,
    bitsOf(bakes),
    bakes.map((_, at) => [at]),
    rules,
  ).take(order)
