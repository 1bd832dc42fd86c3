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

const replacers = new WeakMap<Words['names'], (text: string) => string>()
/** The text with every name as its market has it; the longest that fits goes first. */
export function namedIn({ names }: Words, text: string): string {
  let replace = replacers.get(names)
  if (!replace) {
    const all = Object.keys(names).sort((a, b) => b.length - a.length)
    const pattern = new RegExp(`(?<![\\p{L}])(?:${all.join('|')})(?![\\p{L}])`, 'giu')
    replace = of => (all.length === 0 ? of : of.replace(pattern, name => names[name.toLowerCase()] ?? name))
    replacers.set(names, replace)
  }
  return replace(text)
}

/** "400 g", "1.2 kg"; beside ounces where the market wants both, from a pound on in pounds and ounces too. */
export function quantityIn({ quantity }: Words, grams: number): string {
  // what rounds up to a kilogram is one; under 10 g a tenth counts
  const metric =
    grams < 999.5
      ? filled(quantity.grams, { n: Number(toPlaces(grams, grams < 9.95 ? 1 : 0)) })
      : filled(quantity.kilograms, { n: Number(toPlaces(grams / 1000, quantity.kilogramPlaces)) })
  if (!quantity.ounces) return metric
  const exact = grams / gramsPerOunce
  const ounces = Number(toPlaces(exact, exact < 0.95 ? 2 : 1))
  const lb = Math.floor(ounces / 16)
  const rest = Number(toPlaces(ounces - lb * 16, 1))
  const { underAPound, pounds, poundsAndOunces } = quantity.ounces
  return filled(lb === 0 ? underAPound : rest > 0.04 ? poundsAndOunces : pounds, { oz: ounces, lb, rest, metric })
}
