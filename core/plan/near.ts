// An order that is near the best, of however many kinds: good beginnings, then moves that help, then moves drawn at random.
import { randomLcg } from 'd3-random'
import { after, type Bits, type Cleaning, clean, heat, needed, type OrderBake } from './changeover'
import { type Reckoning, reckoning } from './reckoning'

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

/** The cheapest of several beginnings improved, then annealed and improved once more. */
export function nearly(
  bakes: readonly OrderBake[],
  bits: readonly Bits[],
  kinds: readonly number[][],
  rules: Cleaning,
  tries: number,
): { order: number[]; cost: number } {
  const beginnings = [greedy(bakes, bits, kinds, rules), ...starts(bakes, kinds)]
  const by = reckoning(bakes, bits, kinds, rules)
  const each = Math.ceil(tries / 10 / beginnings.length)
  const first = beginnings.map(one => improved(one, by, each)).reduce((a, b) => (b.cost < a.cost ? b : a))
  if (first.order.length < 4) return first
  return improved(annealed(first.order, by, Math.ceil(tries * 0.8)).order, by, Math.ceil(tries / 10))
}
