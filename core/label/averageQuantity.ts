// Packs of equal declared weight against the three rules of average quantity, each day's packs by themselves; how they run over the
// days, and what could be declared. Directive 76/211/EEC, Annex I, and the law the United Kingdom made from it, from memory.
import type { RulePack } from '../market/rulePack'
import type { Weighing } from '../model/weighing'
import { atMost } from '../words/rounding'

/** The error that few packs may be short by, in grams, of a declared weight; null where the market has no such rules here. */
export function tolerableError({ averageQuantity }: RulePack, nominal: number): number | null {
  const step = averageQuantity?.errors.find(one => one.upTo === null || nominal <= one.upTo)
  if (!step) return null
  return 'share' in step.error ? step.error.share * nominal : step.error.by
}

export interface AverageRule {
  rule: 'mean' | 'short' | 'veryShort'
  holds: boolean
  /** Packs, or grams for the mean. */
  found: number
  allowed: number
}
export interface DayWeighed {
  id: string
  on: string
  count: number
  mean: number
  /** Null where the market has no such rules. Of fewer packs than `fewestADay` only what none may be: very short. */
  rules: AverageRule[] | null
}
export interface PacksWeighed {
  count: number
  mean: number
  /** Of a single pack, with one less; null of fewer than two. */
  deviation: number | null
  /** The newest first. A good day does not make up for a bad one. */
  days: DayWeighed[]
  /** The greatest whole grams that could be declared; null of fewer than ten packs, or where none could. */
  declare: number | null
}
/** Of packs short by more than the tolerable error, this share may be in a batch; of twice that, none. */
const mayBeShort = 0.025
/** Fewer on one day say too little of the batch they are of. */
export const fewestADay = 5
/** Fewer say too little of what comes next. */
const fewest = 10
/** Standard deviations of the mean it must lie over what is declared, and of a pack over what few may be short of. */
const [sureOfMean, sureOfPack] = [2, 1.96]

const meanOf = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length
/** Σ of squares about the mean. */
const scatterOf = (values: readonly number[]): number => {
  const mean = meanOf(values)
  return values.reduce((sum, one) => sum + (one - mean) ** 2, 0)
}

function againstRules(grams: readonly number[], nominal: number, error: number): AverageRule[] {
  const mean = meanOf(grams)
  const under = (limit: number) => grams.filter(one => !atMost(limit, one)).length
  const [short, veryShort] = [under(nominal - error), under(nominal - 2 * error)]
  const allowed = Math.floor(grams.length * mayBeShort)
  const all: AverageRule[] = [
    { rule: 'mean', holds: atMost(nominal, mean), found: mean, allowed: nominal },
    { rule: 'short', holds: short <= allowed, found: short, allowed },
    { rule: 'veryShort', holds: veryShort === 0, found: veryShort, allowed: 0 },
  ]
  return grams.length < fewestADay ? all.slice(2) : all
}
const holdsOn = (weighings: readonly Weighing[], nominal: number, error: number): boolean =>
  weighings.every(({ grams }) => againstRules(grams, nominal, error).every(one => one.holds))

/** Net weights of packs against what is declared, in grams. Null of none. */
export function weighedAgainst(weighings: readonly Weighing[], nominal: number, rules: RulePack): PacksWeighed | null {
  const grams = weighings.flatMap(one => one.grams)
  if (grams.length === 0) return null
  const mean = meanOf(grams)
  const deviation = grams.length < 2 ? null : Math.sqrt(scatterOf(grams) / (grams.length - 1))
  const error = tolerableError(rules, nominal)
  return {
    count: grams.length,
    mean,
    deviation,
    days: byDay(weighings)
      .reverse()
      .map(one => ({
        id: one.id,
        on: one.on,
        count: one.grams.length,
        mean: meanOf(one.grams),
        rules: error === null ? null : againstRules(one.grams, nominal, error),
      })),
    declare: deviation === null ? null : couldDeclare(weighings, grams.length, mean, deviation, rules),
  }
}

/** What holds of these packs, each day, and would of more that scatter as they do. */
function couldDeclare(
  weighings: readonly Weighing[],
  count: number,
  mean: number,
  deviation: number,
  rules: RulePack,
): number | null {
  if (count < fewest) return null
  const surely = mean - (sureOfMean * deviation) / Math.sqrt(count)
  for (let nominal = Math.floor(surely + 1e-9); nominal > 0; nominal--) {
    const error = tolerableError(rules, nominal)
    if (error === null) return null
    if (!holdsOn(weighings, nominal, error)) continue
    if (atMost(nominal - error, mean - sureOfPack * deviation)) return nominal
  }
  return null
}

const byDay = (weighings: readonly Weighing[]): Weighing[] =>
  [...weighings].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))

export interface ChartPoint {
  id: string
  on: string
  mean: number
  /** Where the mean of so many packs lies nearly always, as long as nothing has changed. */
  from: number
  to: number
  out: boolean
}
/**
 * Means of the days beside the limits of three standard deviations of such a mean, from the scatter within the days. Null where no
 * day has two packs: then nobody knows how they scatter.
 */
export function controlChart(weighings: readonly Weighing[]): { centre: number; points: ChartPoint[] } | null {
  const free = weighings.reduce((sum, { grams }) => sum + grams.length - 1, 0)
  if (free === 0) return null
  const within = Math.sqrt(weighings.reduce((sum, { grams }) => sum + scatterOf(grams), 0) / free)
  const centre = meanOf(weighings.flatMap(one => one.grams))
  const points = byDay(weighings).map(({ id, on, grams }): ChartPoint => {
    const mean = meanOf(grams)
    const limit = (3 * within) / Math.sqrt(grams.length)
    return {
      id,
      on,
      mean,
      from: centre - limit,
      to: centre + limit,
      out: Math.abs(mean - centre) > limit + 1e-9,
    }
  })
  return { centre, points }
}
