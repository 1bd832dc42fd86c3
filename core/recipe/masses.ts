// Four weights of every line: as bought, prepared, going in, and in the finished thing. What is lost between them closes.
import { bakingOf } from '../ingredient/baking'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { type Bill, ediblePart } from './bill'

type Grams = number

export interface Masses {
  /** Index of the bill line. */
  at: number
  /** As it is bought, peel and stones with it; null where nobody said how much of it is edible and something is taken off. */
  bought: Grams
  /** Peeled, stoned, weighed out. */
  prepared: Grams
  /** Of that, what is not poured away again. */
  goesIn: Grams
  /** Of that, what is left when the water has gone. */
  finished: Grams
}
export interface Balance {
  lines: Masses[]
  total: Omit<Masses, 'at'>
  /** Peel, stones, cores: bought − prepared. */
  trimmed: Grams
  /** Poured away: prepared − going in. */
  drained: Grams
  /** Water out: going in − finished. */
  waterLost: Grams
}

/** The four weights of a bill, without what is served beside. bought = finished + trimmed + drained + water lost, always. */
export function massesOf(bill: Bill, ingredients: readonly Ingredient[]): Balance {
  const known = byId([...ingredients])
  const lines: Masses[] = []
  const total = { bought: 0, prepared: 0, goesIn: 0, finished: 0 }
  for (const [at, line] of bill.lines.entries()) {
    if (line.role === 'beside') continue
    const ingredient = known.get(line.ingredient)
    const edible = ingredient ? ediblePart(ingredient, line.form) : undefined
    const prepared = line.grams
    const one = {
      at,
      bought: edible !== undefined && edible > 0 ? prepared / edible : prepared,
      prepared,
      goesIn: prepared * line.retained,
      finished: prepared * line.retained * line.baked,
    }
    lines.push(one)
    for (const key of ['bought', 'prepared', 'goesIn', 'finished'] as const) total[key] += one[key]
  }
  return {
    lines,
    total,
    trimmed: total.bought - total.prepared,
    drained: total.prepared - total.goesIn,
    waterLost: total.goesIn - total.finished,
  }
}

/** Baker's percentages: each line against all flour and starch of the bill, 1 is 100 %; null where there is no flour. */
export function bakersPercentages(bill: Bill, ingredients: readonly Ingredient[]): (number | null)[] {
  const known = byId([...ingredients])
  const isFlour = (id: string) => {
    const ingredient = known.get(id)
    return ingredient !== undefined && bakingOf(ingredient).flour !== undefined
  }
  const flour = bill.lines.reduce(
    (sum, line) => (line.role === 'mix' && isFlour(line.ingredient) ? sum + line.grams : sum),
    0,
  )
  return bill.lines.map(line => (flour > 0 && line.role !== 'beside' && !line.unweighed ? line.grams / flour : null))
}
