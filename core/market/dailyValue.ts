// Per cent of what is eaten in a day, as a market prints it.
import type { Rounded, RulePack } from './rulePack'

/** `amount` in the nutrient's unit, as per cent of its daily value, without the sign; null where none is printed. */
export function percentOfDaily({ table: { daily } }: RulePack, nutrient: Rounded, amount: number): string | null {
  const value = daily?.values[nutrient]
  if (!daily || value === undefined || daily.unprinted.includes(nutrient)) return null
  const percent = Number(((amount / value) * 100).toPrecision(12))
  if (!daily.stepped.nutrients.includes(nutrient)) return String(Math.round(percent))
  if (percent < daily.stepped.zeroUnder) return '0'
  const { step } = daily.stepped.steps.find(one => one.upTo === null || percent <= one.upTo)!
  return String(Math.round(percent / step) * step)
}
