// The order of a day's bakes that needs least cleaning and heating: exact while the day has up to fourteen kinds of bake, near beyond.
// What clings to mixer and bench stays till it is cleaned off: so the free-from first, and nothing has to be tested.
import {
  after,
  type Bits,
  bitsOf,
  type Clean,
  type Cleaning,
  clean,
  heat,
  needed,
  type OrderBake,
  usualCleaning,
} from './changeover'
import { exactly, mostExact } from './exact'
import { nearly } from './near'
import { costOf } from './reckoning'

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

/** Tries in all: a second's worth of a hundred bakes, for a day that is not ordered exactly; few where what is near only bounds what is exact. */
const [manyTries, fewTries] = [700_000, 30_000]

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
  const near = nearly(bakes, bits, kinds, rules, isExact ? fewTries : manyTries)
  const exact = isExact ? exactly(bakes, bits, kinds, rules, near.cost) : null
  const order = exact ?? unfold(near.order)
  return { steps: stepsOf(bakes, order, rules), cost: costOf(bakes, order, rules), exact: exact !== null }
}
