// Decimal rounding, done once, where a number is shown or printed.

/** Takes off the binary dust of a sum (2.4499999999999997 is 2.45) before any decision about halves. */
const clean = (value: number): number => Number(value.toPrecision(12))

/** `value` to `places` decimals, halves away from zero: 1.005 to two places is "1.01". */
export function toPlaces(value: number, places: number): string {
  const scale = 10 ** places
  const size = Math.round(clean(Math.abs(value) * scale)) / scale
  return `${value < 0 && size > 0 ? '-' : ''}${size.toFixed(places)}`
}

/** The multiple of `step` nearest to `value`, halves away from zero, with the decimals of the step. */
export function toNearest(value: number, step: number): string {
  const places = (String(step).split('.')[1] ?? '').length
  const size = Math.round(clean(Math.abs(value) / step)) * step
  return `${value < 0 && size > 0 ? '-' : ''}${size.toFixed(places)}`
}

/** Is a ≤ b, up to binary dust? */
export const atMost = (a: number, b: number): boolean => a <= b || clean(a) <= clean(b)

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
