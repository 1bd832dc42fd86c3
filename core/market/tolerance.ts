// What a laboratory may find in a food before its label counts as wrong: what the market allows around the declared value, and
// whatever would be printed the same.
import { roundedBy } from './roundNutrient'
import type { Allowed, Rounded, RulePack } from './rulePack'

/** In the nutrient's unit. Null: on that side nothing is said. */
export interface Acceptable {
  /** As it is printed. */
  declared: string
  low: number | null
  high: number | null
}

const allowed = (of: Allowed, value: number): number => ('share' in of ? of.share * value : of.by)

/** The least and the most that print as `value` does: found by halving, to a millionth. */
function printedAlike(rules: RulePack, nutrient: Rounded, value: number): { low: number; high: number } {
  const text = roundedBy(rules, nutrient, value)
  const alike = (at: number) => roundedBy(rules, nutrient, at) === text
  const edge = (outside: number) => {
    let [inside, out] = [value, outside]
    if (alike(out)) return out
    while (Math.abs(out - inside) > 1e-6 * Math.max(1, value)) {
      const middle = (inside + out) / 2
      if (alike(middle)) inside = middle
      else out = middle
    }
    return inside
  }
  return { low: edge(0), high: edge(value * 2 + 100) }
}

/** For a food worked out to hold `value`: per 100 g or per serving, as the market's table is. Null where it names no figures. */
export function acceptable(rules: RulePack, nutrient: Rounded, value: number): Acceptable | null {
  const steps = rules.table.tolerances?.rows[nutrient]
  if (!steps) return null
  const declared = roundedBy(rules, nutrient, value)
  // "< 0.5" and "less than 1" declare no more than that, and nothing less can be wrong
  const figure = Number(/[\d.]+/.exec(declared)![0])
  const lessThan = !/^[\d.]+$/.test(declared)
  const step = steps.find(
    one => (one.below === undefined || figure < one.below) && (one.upTo === undefined || figure <= one.upTo),
  )!
  const alike = printedAlike(rules, nutrient, value)
  return {
    declared,
    low:
      step.under === null || lessThan ? null : Math.max(0, Math.min(alike.low, figure - allowed(step.under, figure))),
    high: step.over === null ? null : Math.max(alike.high, figure + allowed(step.over, figure)),
  }
}
