// Dates and net quantities in a market's own words.
import { toPlaces } from '../words/rounding'
import { filled } from '../words/template'
import type { Words } from './rulePack'

const gramsPerOunce = 28.349523125

/** "27 November 2026" for an ISO date. */
export function dayIn({ date, months }: Words, iso: string): string {
  const [year, month, day] = iso.split('-').map(Number)
  return filled(date, { day: day!, month: months[month! - 1]!, year: year! })
}

/** "400 g", "1.2 kg"; beside ounces where the market wants both, from a pound on in pounds and ounces too. */
export function quantityIn({ quantity }: Words, grams: number): string {
  const metric =
    grams < 1000
      ? filled(quantity.grams, { n: toPlaces(grams, 0) })
      : filled(quantity.kilograms, { n: Number(toPlaces(grams / 1000, quantity.kilogramPlaces)) })
  if (!quantity.ounces) return metric
  const ounces = Number(toPlaces(grams / gramsPerOunce, 1))
  const lb = Math.floor(ounces / 16)
  const rest = Number(toPlaces(ounces - lb * 16, 1))
  const { underAPound, pounds, poundsAndOunces } = quantity.ounces
  return filled(lb === 0 ? underAPound : rest > 0.04 ? poundsAndOunces : pounds, { oz: ounces, lb, rest, metric })
}
