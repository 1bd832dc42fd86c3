// The tin a text names: shape and measures in centimetres.
import type { Tin } from '../model/tin'
import { plainly } from '../words/number'

const cmOf = (value: number, unit: string) =>
  Math.round(value * (/^(?:in|inch|"|”|″)/i.test(unit) ? 2.54 : 1) * 10) / 10

// bounded, so that a line of digits is no work; "6 in a tin" is no inch
const number = '(?<![\\d.])(\\d{1,5}(?:\\.\\d{1,5})?)'
const unit = `(cm|inch(?:es)?|in(?!\\w|\\s+(?:an?|the|one|two|three|\\d)\\b)|"|”|″)`
const twoMeasures = new RegExp(`${number}\\s*${unit}?\\s*(?:x|by)\\s*${number}\\s*-?${unit}`, 'i')
const shapes = 'sq(?:uare)?|round|ring|bundt|springform|sandwich|cake|loose'
const shapeWord = new RegExp(`\\b(?:${shapes})\\b`, 'i')
const oneMeasure = new RegExp(`${number}\\s*-?\\s*${unit}[^.;]{0,30}?\\b(${shapes})\\b`, 'i')

/** "a 9x13 pan": without a unit and that small, inches. */
const inchesUnsaid =
  /(?<![\d.])(1[0-8]|[4-9])()\s*(?:x|by)\s*(1[0-8]|[4-9])(?![\d.])(?=[\s)-]*(?:pan|tin|dish|baking|$))/i
/** "6 individual, 150 ml basins" */
const small =
  /(?<![\d.])(\d{1,3})(?: x)?\b[^.;\d]{0,20}?(\d{2,3}) ?ml\b[^.;\d]{0,16}?\b(?:basin|mould|mold|ramekin|pot|cup|tin|glass)/i
/** Loaf tins are named by the bread that fitted them; common practice for their measures. */
const loafByWeight = /(?<![\d.])(1 ?lb|2 ?lb|450 ?g|900 ?g|1 pound|2 pound)s?[- ]loaf\b/i
const oneLoaf = { length: 16, width: 11, depth: 7 }
const twoLoaf = { length: 23, width: 13, depth: 7 }

/** The tin a text names, with a usual depth where none is written (common practice), or null. */
export function readTin(text: string): { tin: Tin; tins: number } | null {
  const plain = plainly(text)
  const count = /\b(two|three|four|[234])(?: x|x| ) ?(?=\d|[a-z]+ \d)/i.exec(plain)?.[1]?.toLowerCase()
  const tins = count ? ({ two: 2, three: 3, four: 4 }[count] ?? Number(count)) : 1
  const tray = /\b(\d{1,2})[- ](?:cup|hole)\s+(mini[- ])?(?:muffin|bun|cupcake)/i.exec(plain)
  if (tray) return { tin: { shape: 'cups', count: Number(tray[1]), volumeMl: tray[2] ? 30 : 100 }, tins: 1 }
  const individual = small.exec(plain)
  if (individual)
    return { tin: { shape: 'cups', count: Number(individual[1]), volumeMl: Number(individual[2]) }, tins: 1 }
  const pounds = loafByWeight.exec(plain)
  if (pounds && !/\d\s*(?:cm|in\b|inch|"|x\s*\d)/.test(plain))
    return { tin: { shape: 'loaf', ...(/^[14]/.test(pounds[1]!) ? oneLoaf : twoLoaf) }, tins }
  const two = twoMeasures.exec(plain) ?? inchesUnsaid.exec(plain)
  // '2 x 8" sandwich' are two of them
  const several = two && !two[2] && count && Number(two[1]) === tins && shapeWord.test(plain)
  if (two && !several) {
    const unit = two[4] ?? 'in'
    const measures = [cmOf(Number(two[1]), two[2] || unit), cmOf(Number(two[3]), unit)]
    const length = Math.max(...measures)
    const width = Math.min(...measures)
    if (/\bloaf\b/i.test(plain)) return { tin: { shape: 'loaf', length, width, depth: 7 }, tins }
    if (length === width) return { tin: { shape: 'square', side: length, depth: 5 }, tins }
    return { tin: { shape: 'rectangle', length, width, depth: 4 }, tins }
  }
  const one = oneMeasure.exec(plain)
  if (one) {
    const size = cmOf(Number(one[1]), one[2]!)
    const shape = /\bsq(?:uare)?\b/i.test(plain) ? 'square' : one[3]!.toLowerCase()
    if (shape === 'square') return { tin: { shape: 'square', side: size, depth: 5 }, tins }
    if (shape === 'ring' || shape === 'bundt')
      return { tin: { shape: 'ring', diameter: size, hole: Math.round(size * 0.3), depth: 8 }, tins }
    return { tin: { shape: 'round', diameter: size, depth: shape === 'sandwich' ? 4 : 6 }, tins }
  }
  return null
}
