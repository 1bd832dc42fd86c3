// How likely a laboratory finds a label wrong: the food made up many times over, each thing somewhere between its ends, the likelier
// the nearer to what was reckoned with. The ends themselves are worked out apart, with everything at its worst at once.
import { randomLcg } from 'd3-random'
import type { EnergyFactors, Rounded } from '../market/rulePack'
import { type Acceptable, acceptable } from '../market/tolerance'
import type { NutrientCode } from '../model/nutrient'
import { energyOf } from './rollUp'
import { assumed, type Draw, madeUp, rowReaders, type Spread, type Uncertain } from './spread'

export interface RowSpread {
  nutrient: Rounded
  label: string
  /** As reckoned with, per 100 g or per serving. */
  value: number
  /** Everything at its worst at once: no draw lies outside. */
  ends: readonly [number, number]
  /** 95 of 100 draws lie between. */
  usual: readonly [number, number]
  /** How many draws fall into each of so many equal steps between the least and the most drawn. */
  bins: { from: number; to: number; counts: number[] }
  /** What may be found before the label counts as wrong; null where the market names no figures. */
  acceptable: Acceptable | null
  /** Shares of the draws that are found under it and over it. */
  wrong: { under: number; over: number } | null
}

const triangular = (random: () => number, low: number, middle: number, high: number): number => {
  const off = random() - random()
  return off < 0 ? middle + off * (middle - low) : middle + off * (high - middle)
}

/** Everything as it was reckoned with. */
const asReckoned = ({ grams, value, analysed, bakes }: Spread): Draw => ({
  weights: new Float64Array(grams.length).fill(1),
  values: value.slice(),
  analysed: analysed.slice(),
  bakes: new Float64Array(bakes.length).fill(1),
})
/** Rows at what was reckoned with. */
export function reckoned(spread: Spread): Float64Array {
  const rows = new Float64Array(spread.rows.length)
  madeUp(spread)(asReckoned(spread), rows)
  return rows
}

type OneEnd = (code: NutrientCode, up: boolean) => number | undefined
/**
 * Energy at one end, term by term, as each is greatest or least by itself: what is a polyol counts among the carbohydrate and takes
 * off what the rest of it gives; what is one of a kind takes off what polyols in general give.
 */
function energyEnd(factors: EnergyFactors, end: OneEnd, up: boolean): number {
  const kinds = Object.keys(factors.eachPolyol) as NutrientCode[]
  const none = Object.fromEntries(kinds.map(code => [code, 0]))
  const nothing = Object.fromEntries(Object.keys(factors).map(key => [key, key === 'eachPolyol' ? none : 0]))
  const { carbohydrate, polyols, ...rest } = factors
  const term = (of: Partial<EnergyFactors>, against: readonly NutrientCode[]) =>
    energyOf(code => end(code, up !== against.includes(code)), { ...nothing, ...of } as EnergyFactors)!
  return (
    term({ carbohydrate }, ['polyols', 'allulose', ...kinds]) +
    term({ polyols }, kinds) +
    term({ ...rest, carbohydrate: 0, polyols: 0 }, [])
  )
}

/**
 * The least and the most of each amount, everything at its worst at once. A share of a mixture is greatest where what is rich in it
 * weighs most and the rest least: found by trying a share, and weighing each line for or against it, until it stays. The less is
 * left of any bake, the more there is in a gram of the food.
 */
function endsOf(spread: Spread): [number, number][] {
  const { codes, low, high, of, per, rows, analysed, bakes } = spread
  const atEnd = (up: boolean) => {
    const [grams, baked] = [spread.grams.slice(), spread.baked.slice()]
    for (const [line, parts] of spread.inParts.entries())
      for (const { bake, weighedOff } of parts) {
        const by = bakes[bake]![up ? 0 : 1]
        baked[line]! *= by
        if (weighedOff) grams[line]! /= by
      }
    return { grams, baked }
  }
  const [lean, rich] = [atEnd(false), atEnd(true)]
  const most = (code: number, up: boolean): number => {
    const found = analysed[code]!
    if (!Number.isNaN(found)) return (found * (1 + (up ? assumed.analysis : -assumed.analysis)) * per) / 100
    const values = up ? spread.valueHigh : spread.valueLow
    const { grams, baked } = up ? rich : lean
    let share = 0
    for (let turn = 0; turn < 50; turn++) {
      let [sum, mass] = [0, 0]
      for (let line = 0; line < grams.length; line++) {
        const holds = values[of[line]! * codes.length + code]!
        const weight = holds > share * baked[line]! === up ? high[line]! : low[line]!
        sum += grams[line]! * holds * weight
        mass += grams[line]! * baked[line]! * weight
      }
      const next = sum / mass
      if (Math.abs(next - share) <= 1e-12 * Math.max(1, share)) break
      share = next
    }
    return (share * per) / bakes[0]![up ? 0 : 1]
  }
  const [least, greatest] = [false, true].map(up => Float64Array.from(codes, (_, code) => most(code, up))) as [
    Float64Array,
    Float64Array,
  ]
  const readers = rowReaders(spread)
  const { kj, kcal } = spread.rules.energy
  const end: OneEnd = (code, up) => (up ? greatest : least)[codes.indexOf(code)]
  return rows.map(({ nutrient }, row) =>
    nutrient === 'energyKj' || nutrient === 'energyKcal'
      ? ([false, true].map(up => energyEnd(nutrient === 'energyKj' ? kj : kcal, end, up)) as [number, number])
      : [readers[row]!(least), readers[row]!(greatest)],
  )
}

const steps = 24

/** Null where `onProgress`, told every thousand draws, gives false. The same seed draws the same. */
export function simulate(
  spread: Spread,
  draws = 10_000,
  seed = 0.42,
  onProgress: (drawn: number, all: number) => boolean = () => true,
): RowSpread[] | null {
  const random = randomLcg(seed)
  const { low, high, value, valueLow, valueHigh, rows, rules, bakes, analysed } = spread
  const make = madeUp(spread)
  const made = asReckoned(spread)
  const { weights, values } = made
  const found = new Float64Array(rows.length)
  const all = rows.map(() => new Float64Array(draws))
  for (let draw = 0; draw < draws; draw++) {
    if (draw % 1000 === 0 && !onProgress(draw, draws)) return null
    for (let at = 0; at < weights.length; at++) weights[at] = triangular(random, low[at]!, 1, high[at]!)
    for (let at = 0; at < values.length; at++)
      values[at] = value[at] === 0 ? 0 : triangular(random, valueLow[at]!, value[at]!, valueHigh[at]!)
    for (let at = 0; at < analysed.length; at++)
      made.analysed[at] = analysed[at]! * triangular(random, 1 - assumed.analysis, 1, 1 + assumed.analysis)
    for (const [at, [least, most]] of bakes.entries()) made.bakes[at] = triangular(random, least, 1, most)
    make(made, found)
    for (let row = 0; row < found.length; row++) all[row]![draw] = found[row]!
  }
  onProgress(draws, draws)
  const middle = reckoned(spread)
  const ends = endsOf(spread)
  return rows.map(({ nutrient, label }, row): RowSpread => {
    const drawn = all[row]!.sort()
    const [from, to] = [drawn[0]!, drawn.at(-1)!]
    const counts = Array.from({ length: steps }, () => 0)
    for (const one of drawn) counts[Math.min(steps - 1, Math.floor(((one - from) / (to - from || 1)) * steps))]! += 1
    const may = acceptable(rules, nutrient, middle[row]!)
    const share = (wrong: (one: number) => boolean) => drawn.filter(wrong).length / draws
    return {
      nutrient,
      label,
      value: middle[row]!,
      ends: ends[row]!,
      usual: [drawn[Math.floor(draws * 0.025)]!, drawn[Math.ceil(draws * 0.975) - 1]!],
      bins: { from, to, counts },
      acceptable: may,
      wrong: may && {
        under: may.low === null ? 0 : share(one => one < may.low!),
        over: may.high === null ? 0 : share(one => one > may.high!),
      },
    }
  })
}

export interface Swing extends Uncertain {
  /** The row with this one thing at each of its ends and all else as reckoned with, the lesser first. */
  from: number
  to: number
}
/** What moves a row, the most first: which one thing to know better. What moves it by nothing is left out. */
export function swingsOf(spread: Spread, nutrient: Rounded): Swing[] {
  const { low, high, value, valueLow, valueHigh, codes, uncertain, at, bakes, analysed } = spread
  const row = spread.rows.findIndex(one => one.nutrient === nutrient)
  if (row < 0) return []
  const make = madeUp(spread)
  const out = new Float64Array(spread.rows.length)
  const made = asReckoned(spread)
  const { weights, values } = made
  const asked = () => {
    make(made, out)
    return out[row]!
  }
  return uncertain
    .map((one, index): Swing => {
      const place = at[index]!
      let both: [number, number]
      if (one.cause === 'analysis') {
        const put = (by: number) => {
          made.analysed[place] = analysed[place]! * by
          const found = asked()
          made.analysed[place] = analysed[place]!
          return found
        }
        both = [put(1 - assumed.analysis), put(1 + assumed.analysis)]
      } else if (one.cause === 'bake') {
        const put = (by: number) => {
          made.bakes[place] = by
          const found = asked()
          made.bakes[place] = 1
          return found
        }
        both = [put(bakes[place]![0]), put(bakes[place]![1])]
      } else if (one.cause === 'table') {
        const [from, to] = [place * codes.length, (place + 1) * codes.length]
        const put = (ends: Float64Array) => {
          values.set(ends.subarray(from, to), from)
          const found = asked()
          values.set(value.subarray(from, to), from)
          return found
        }
        both = [put(valueLow), put(valueHigh)]
      } else {
        const put = (weight: number) => {
          weights[place] = weight
          const found = asked()
          weights[place] = 1
          return found
        }
        both = [put(low[place]!), put(high[place]!)]
      }
      return { ...one, from: Math.min(...both), to: Math.max(...both) }
    })
    .filter(one => one.to - one.from > 1e-9)
    .sort((a, b) => b.to - b.from - (a.to - a.from))
}
