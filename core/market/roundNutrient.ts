// A nutrient value as its market prints it, without the unit.
import type { MarketCode } from '../model/market'
import { atMost, toNearest } from '../words/rounding'
import { rulesAsRead } from './market'
import type { Rounded, RoundingStep, RulePack } from './rulePack'

const falls = (value: number, step: RoundingStep): boolean => {
  if (step.atMost !== undefined) return atMost(value, step.atMost)
  if (step.below !== undefined) return !atMost(step.below, value)
  return true
}

/** The step at which a value keeps so many figures: 0.01 for 1.23, 1 for 123, 10 for 1234. */
const figuresOf = (value: number, figures: number): number =>
  value === 0 ? 0 : 10 ** (Math.floor(Math.log10(value)) + 1 - figures)

/** Rounded to so many figures, and no finer than `nearest`; what rounding lifts to one figure more loses one behind. */
function inFigures(value: number, figures: number, nearest: number): string {
  const stepOf = (of: number) => Math.max(nearest, figuresOf(of, figures))
  return toNearest(value, stepOf(Number(toNearest(value, stepOf(value)))))
}

/**
 * `value` in the nutrient's unit (g, mg, mcg, kJ or kcal; salt in g), rounded for printing: "0", "< 0.5", "2.5", "12".
 * A value that rounding lifts over an edge is printed as on the far side of it: 9.96 g of fat is "10".
 */
export function roundedBy({ rounding }: Pick<RulePack, 'rounding'>, nutrient: Rounded, value: number): string {
  if (!(value >= 0) || !Number.isFinite(value)) throw new RangeError(`${value} is no amount of ${nutrient}.`)
  const { rules, otherwise, trimmed } = rounding
  const shown = (text: string) => (trimmed ? String(Number(text)) : text)
  const steps = rules[nutrient] ?? otherwise
  for (const [at, step] of steps.entries()) {
    if (!falls(value, step)) continue
    if (step.print !== undefined) return value === 0 ? '0' : step.print
    const printed = step.significant
      ? inFigures(value, step.significant, step.nearest ?? 0)
      : toNearest(value, step.nearest ?? 1)
    const next = steps[at + 1]
    if (next?.nearest !== undefined && !falls(Number(printed), step)) return shown(toNearest(value, next.nearest))
    return shown(printed)
  }
  return toNearest(value, 1)
}

/** The same by a market's rules as they were last read. */
export const roundNutrient = (market: MarketCode, nutrient: Rounded, value: number): string =>
  roundedBy(rulesAsRead(market), nutrient, value)
