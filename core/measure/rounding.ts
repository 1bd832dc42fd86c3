// Decimal rounding, done once, where a number is shown or printed.
import Big from 'big.js'

/** Takes off the binary dust of a sum (2.4499999999999997 is 2.45) before any decision about halves. */
const clean = (value: number): Big => new Big(Number(value.toPrecision(12)))

/** `value` to `places` decimals, halves away from zero: 1.005 to two places is "1.01". */
export const toPlaces = (value: number, places: number): string => clean(value).toFixed(places, Big.roundHalfUp)

/** The multiple of `step` nearest to `value`, halves away from zero, with the decimals of the step. */
export function toNearest(value: number, step: number): string {
  const by = new Big(step)
  const places = Math.max(0, (String(step).split('.')[1] ?? '').length)
  return clean(value).div(by).round(0, Big.roundHalfUp).times(by).toFixed(places)
}

/** Is a ≤ b, up to binary dust? */
export const atMost = (a: number, b: number): boolean => clean(a).lte(clean(b))

/** As one can weigh it: under 10 g to 0.1, under 1 kg to 1, above to 5 g and said in kilograms. */
export function weighed(grams: number): string {
  const size = Math.abs(grams)
  if (size < 9.95) return `${toPlaces(grams, 1)} g`
  if (size < 999.5) return `${toPlaces(grams, 0)} g`
  return `${toPlaces(Number(toNearest(grams, 5)) / 1000, 3)} kg`
}

/** A share as people read it: 41 %, 0.4 %. */
export function percent(share: number): string {
  const hundredths = share * 100
  return `${toPlaces(hundredths, hundredths !== 0 && Math.abs(hundredths) < 0.95 ? 1 : 0)} %`
}
