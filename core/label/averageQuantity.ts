// Packs of equal declared weight against the three rules of average quantity, how they run over the days, and what could be declared.
// Directive 76/211/EEC, Annex I, and the law the United Kingdom made from it, from memory.
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
export interface PacksWeighed {
  count: number
  mean: number
  /** Of a single pack, with one less; null of fewer than two. */
  deviation: number | null
  /** Null where the market has no such rules. */
  rules: AverageRule[] | null
  /** The greatest whole grams that could be declared; null of fewer than ten packs, or where none could. */
  declare: number | null
}
/** Of packs short by more than the tolerable error, this share may be in a batch; of twice that, none. */
const mayBeShort = 0.025
/** Fewer say too little of what comes next. */
const fewest = 10
/** Standard deviations of the mean it must lie over what is declared, and of a pack over what few may be short of. */
const [sureOfMean, sureOfPack] = [2, 1.96]

const meanOf = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length
function deviationOf(values: readonly number[]): number | null {
  if (values.length < 2) return null
  const mean = meanOf(values)
  return Math.sqrt(values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (values.length - 1))
}

function againstRules(grams: readonly number[], nominal: number, error: number): AverageRule[] {
  const mean = meanOf(grams)
  const under = (limit: number) => grams.filter(one => !atMost(limit, one)).length
  const [short, veryShort] = [under(nominal - error), under(nominal - 2 * error)]
  const allowed = Math.floor(grams.length * mayBeShort)
  return [
    { rule: 'mean', holds: atMost(nominal, mean), found: mean, allowed: nominal },
    { rule: 'short', holds: short <= allowed, found: short, allowed },
    { rule: 'veryShort', holds: veryShort === 0, found: veryShort, allowed: 0 },
  ]
}

/** Net weights of packs against what is declared, in grams. Null of none. */
export function weighedAgainst(grams: readonly number[], nominal: number, rules: RulePack): PacksWeighed | null {
  if (grams.length === 0) return null
  const mean = meanOf(grams)
  const deviation = deviationOf(grams)
  const error = tolerableError(rules, nominal)
  return {
    count: grams.length,
    mean,
    deviation,
    rules: error === null ? null : againstRules(grams, nominal, error),
    declare: couldDeclare(grams, mean, deviation, rules),
  }
}

/** What holds of these packs, and would of more that scatter as they do. */
function couldDeclare(
  grams: readonly number[],
  mean: number,
  deviation: number | null,
  rules: RulePack,
): number | null {
  if (grams.length < fewest || deviation === null) return null
  const surely = mean - (sureOfMean * deviation) / Math.sqrt(grams.length)
  for (let nominal = Math.floor(surely + 1e-9); nominal > 0; nominal--) {
    const error = tolerableError(rules, nominal)
    if (error === null) return null
    if (!againstRules(grams, nominal, error).every(one => one.holds)) continue
    if (atMost(nominal - error, mean - sureOfPack * deviation)) return nominal
  }
  return null
}

export interface ChartPoint {
  id: string
  on: string
  count: number
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
  const inOrder = [...weighings].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
  let [squares, free] = [0, 0]
  for (const { grams } of inOrder) {
    const mean = meanOf(grams)
    squares += grams.reduce((sum, one) => sum + (one - mean) ** 2, 0)
    free += grams.length - 1
  }
  if (free === 0) return null
  const within = Math.sqrt(squares / free)
  const centre = meanOf(inOrder.flatMap(one => one.grams))
  const points = inOrder.map(({ id, on, grams }): ChartPoint => {
    const mean = meanOf(grams)
    const limit = (3 * within) / Math.sqrt(grams.length)
    return {
      id,
      on,
      count: grams.length,
      mean,
      from: centre - limit,
      to: centre + limit,
      out: Math.abs(mean - centre) > limit + 1e-9,
    }
  })
  return { centre, points }
}
