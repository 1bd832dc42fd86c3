// Per cent of what is eaten in a day, as a market prints it.
import type { Rounded, RulePack } from './rulePack'

/** `amount` in the nutrient's unit, as per cent of its daily value, without the sign; null where none is printed. */
export function percentOfDaily(
  { table: { daily } }: RulePack,
  nutrient: Rounded,
  amount: number,
  /** Amounts of what is counted together with it. */
  of: (nutrient: Rounded) => number | null = () => null,
): string | null {
  if (daily?.together?.nutrients.includes(nutrient)) {
    if (daily.together.on !== nutrient) return null
    const others = daily.together.nutrients.filter(one => one !== nutrient).map(of)
    if (others.some(one => one === null)) return null
    const sum = others.reduce<number>((all, one) => all + one!, amount)
    return String(Math.round(Number(((sum / daily.together.value) * 100).toPrecision(12))))
  }
  const value = daily?.values[nutrient]
  if (!daily || value === undefined || daily.unprinted.includes(nutrient)) return null
  const percent = Number(((amount / value) * 100).toPrecision(12))
  if (!daily.stepped.nutrients.includes(nutrient)) return String(Math.round(percent))
  if (percent < daily.stepped.zeroUnder) return '0'
  const { step } = daily.stepped.steps.find(one => one.upTo === null || percent <= one.upTo)!
  return String(Math.round(percent / step) * step)
}
