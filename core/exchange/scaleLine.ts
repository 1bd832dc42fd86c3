// A line that a scale sends over a serial port. Scales differ; what they have in common is a number with its unit, and mostly a word
// for whether it is steady (common practice, no published source: "ST,GS,+  94.0 g", "US  0.094kg", "  94.0g").
const unitGrams: Readonly<Record<string, number>> = { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 }

export interface ScaleLine {
  grams: number
  steady: boolean
}

/** Null where the line is no weight: a number without a unit says nothing. */
export function readScaleLine(line: string): ScaleLine | null {
  const found = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(mg|kg|g|oz|lb)\b/i.exec(line)
  if (!found || /\b(?:OL|ERR(?:OR)?|OVER)\b/i.test(line)) return null
  const [, sign, digits, unit] = found as unknown as [string, string, string, string]
  const grams = Number(digits.replace(',', '.')) * unitGrams[unit.toLowerCase()]! * (sign === '-' ? -1 : 1)
  return Number.isFinite(grams)
    ? { grams: grams === 0 ? 0 : grams, steady: !/\bUS\b|[?~]|\bunstable\b/i.test(line) }
    : null
}
