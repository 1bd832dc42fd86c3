// Reading a written number and unit: "1½", "1 1/2", "1.250 kg", "one and a half cups", "2–3 tbsp", "3 large".
import type { Amount, Size, UnitCode } from '../model/unit'
import { parts, partWord, plainNumber, type Read, read, readNumber } from '../words/number'

const unitWords: [UnitCode, string][] = [
  ['kg', 'kilogram(?:me)?s?|kilos?|kgs?'],
  ['mg', 'milligram(?:me)?s?|mg'],
  ['g', 'gram(?:me)?s?|gr?ms?|grs?|g'],
  ['floz', 'fluid ounces?|fl\\.? ?ozs?'],
  ['oz', 'ounces?|ozs?'],
  ['lb', 'pounds?|lbs?'],
  ['ml', 'millilit(?:re|er)s?|mls?|cc'],
  ['cl', 'centilit(?:re|er)s?|cls?'],
  ['dl', 'decilit(?:re|er)s?|dls?'],
  ['l', 'lit(?:re|er)s?|ltrs?|l'],
  ['tbsp', 'table ?sp(?:oon(?:ful)?s?)?|tbsps?|tbs?|tblsps?|tbls?'],
  ['tsp', 'tea ?sp(?:oon(?:ful)?s?)?|tsps?|ts'],
  ['cup', 'cup(?:ful)?s?'],
  ['pint', 'pints?|pts?'],
  ['quart', 'quarts?|qts?'],
  ['stick', 'sticks?'],
  ['drop', 'drops?'],
  ['pinch', 'pinch(?:es)?'],
  ['dash', 'dash(?:es)?'],
  ['splash', 'splash(?:es)?'],
]
const unitPatterns = unitWords.map(([unit, source]) => ({
  unit,
  pattern: new RegExp(`^(?:${source})\\.?(?![\\p{L}\\p{N}'])`, 'iu'),
}))

/** Old and lesser measures, as so many of another: a dessertspoon is two teaspoons, a gill a quarter of a pint, a metric cup 250 ml, an imperial
 * pint 568 ml (common practice). */
const multiples: { unit: UnitCode; times: number; pattern: RegExp }[] = [
  {
    unit: 'tsp',
    times: 2,
    pattern: /^(?:dessert ?sp(?:oon(?:ful)?s?)?|dsps?|dstspns?)\.?(?![\p{L}\p{N}'])/iu,
  },
  { unit: 'tsp', times: 1 / 4, pattern: /^salt ?spoon(?:ful)?s?(?![\p{L}\p{N}'])/iu },
  { unit: 'ml', times: 250, pattern: /^metric cup(?:ful)?s?(?![\p{L}\p{N}'])/iu },
  { unit: 'ml', times: 568.26, pattern: /^imperial pints?(?![\p{L}\p{N}'])/iu },
  { unit: 'ml', times: 473.18, pattern: /^(?:us|american) pints?(?![\p{L}\p{N}'])/iu },
  { unit: 'cup', times: 1, pattern: /^(?:us|american) cup(?:ful)?s?(?![\p{L}\p{N}'])/iu },
  { unit: 'pint', times: 1 / 4, pattern: /^gills?(?![\p{L}\p{N}'])/iu },
]

/** A unit at the start of the text, or null. "T" is a tablespoon, "t" a teaspoon. */
export function readUnit(text: string): Read<UnitCode> | null {
  const letter = /^([Tt])\.?(?![\p{L}\p{N}'])/u.exec(text)
  if (letter) return read(letter[1] === 'T' ? 'tbsp' : 'tsp', text, letter[0])
  const cups = /^[cC]\.?(?= |$)/.exec(text)
  if (cups) return read('cup', text, cups[0])
  for (const { unit, pattern } of unitPatterns) {
    const match = pattern.exec(text)
    if (match) return read(unit, text, match[0])
  }
  return null
}

const sizePattern = /^(small|tiny|sml?|medium|med|large|lge?|lrg|extra[- ]large|xl|big)(?:[- ]sized?)?\.?(?![\p{L}])/iu
export function readSize(text: string): Read<Size> | null {
  const match = sizePattern.exec(text)
  if (!match) return null
  const word = match[1]!.toLowerCase()
  return read(/^[st]/.test(word) ? 'small' : word.startsWith('med') ? 'medium' : 'large', text, match[0])
}

const joinedBy = /^\s*(?:-|to|or)\s*/i
/** "a cup and a half", "2 cups and a quarter". */
const andPart = new RegExp(
  `^ and (?:an? |one )?(${partWord})(?![a-z])(?! ?(?:an? |of an? )?(?:cup|tea|table|tsp|tbsp))`,
  'i',
)
const manner =
  /^\s*(?:(heaped|heaping|scant|bare|generous|rounded|level|about|around|nearly|almost|just (?:over|under)|over|approx(?:imately|\.)?|roughly|circa|up to|at least|maximum|max\.?|~|good)(?![\p{L}])\s*)+/iu
const container =
  /^(?:sachets?|packets?|pkts?|pkgs?|packages?|packs?|containers?|punnets?|env|envelopes?|pouch(?:es)?|tins?|cans?|jars?|bags?|boxe?s?|cartons?|bars?|tubs?|pots?|blocks?|bottles?|tubes?)\.?(?![\p{L}])/iu

export interface WrittenAmount {
  amount: Amount
  approximate: boolean
  /** Written of a tin, a packet, a jar. */
  packed?: true
  rest: string
}

/**
 * One amount at the start of plain text: number, range, size, unit. Without a unit it counts pieces.
 * "2 x 400 g" is 800 g, "1 sachet (7 g)" is 7 g. Null where no amount stands there.
 */
export function readAmount(text: string): WrittenAmount | null {
  const read = amountIn(text.slice(0, longestAmount))
  return read && { ...read, rest: read.rest + text.slice(longestAmount) }
}
/** No amount takes more letters; what is longer is no work. */
const longestAmount = 300
function amountIn(text: string): WrittenAmount | null {
  let approximate = false
  let rest = text
  const skipManner = () => {
    const match = manner.exec(rest)
    if (!match) return
    if (!/^\s*level\s*$/i.test(match[0])) approximate = true
    rest = rest.slice(match[0].length)
  }
  rest = rest.replace(/^ca?\. ?(?=\d)/i, 'about ').replace(/^an? (?=(?:scant|good|generous|heaped|full|bare) \d)/i, '')
  skipManner()
  const negative = /^-\s*(?=\d)/.exec(rest)
  if (negative) rest = rest.slice(negative[0].length)
  // "between 2 and 3 cups"
  const between = /^(?:between|from) (?=\S+ (?:and|to) \S)/i.exec(rest)
  if (between) rest = rest.slice(between[0].length)
  const number = readNumber(rest)
  if (!number) return null
  rest = number.rest
  // "70 % chocolate" is no count; "1/0" and "1.5.5" are no numbers, nor is what no number holds
  if (/^\s?(?:%|per ?cent\b)|^(?:\/0|[.,]\d)/i.test(rest) || !Number.isFinite(number.value)) return null
  if (between) rest = rest.replace(/^\s+and\s+/i, ' to ')
  const by = /^\s*x\s*(?=\d)/i.exec(rest)
  if (by) {
    const one = amountIn(rest.slice(by[0].length))
    if (one && one.amount.unit !== 'each') {
      const after = container.exec(one.rest.trimStart())
      const left = after ? one.rest.trimStart().slice(after[0].length) : one.rest
      return {
        ...one,
        amount: { ...one.amount, value: one.amount.value * number.value },
        ...(after ? { packed: true } : {}),
        rest: left,
      }
    }
  }
  let { value: from } = number
  let upTo: number | undefined
  const join = joinedBy.exec(rest)
  if (join) {
    const second = readNumber(rest.slice(join[0].length))
    // "1 or a bit more" is no range; "2 or 3" and "2-3" are
    if (second && plainNumber.test(rest.slice(join[0].length)) && second.value !== number.value) {
      // "between 3 and 2" is from 2 to 3
      from = Math.min(number.value, second.value)
      upTo = Math.max(number.value, second.value)
      rest = second.rest
    }
  }
  rest = rest.replace(/^\s+/, '')
  // "½ a nutmeg"
  if (number.value < 1) rest = rest.replace(/^(?:of )?(?:an?|the) (?=[\p{L}\d])/iu, '')
  skipManner()
  rest = rest.trimStart()
  // "a 15-ounce tin"
  if (/^-\p{L}/u.test(rest) && (readUnit(rest.slice(1)) || /^-(?:inch|cm)\b/.test(rest))) rest = rest.slice(1)
  // "3 M eggs", "2 L eggs" are no litres
  const size = readSize(rest.replace(/^(?:m|l|xl) (?=eggs?\b)/i, one => (/^m/i.test(one) ? 'medium ' : 'large ')))
  if (size) rest = size.rest.trimStart()
  const multiple = multiples.find(({ pattern }) => pattern.test(rest))
  const unit = multiple ? read(multiple.unit, rest, multiple.pattern.exec(rest)![0]) : readUnit(rest)
  if (unit) rest = unit.rest
  // "500 g-ish"
  if (unit && /^-ish\b/i.test(rest)) {
    approximate = true
    rest = rest.slice(4)
  }
  const further = unit ? andPart.exec(rest) : null
  if (further) rest = rest.slice(further[0].length)
  const written = from + (further ? (parts[further[1]!.toLowerCase()] ?? 1 / 2) : 0)
  const times = multiple?.times ?? 1
  const value = (negative ? -written : written) * times
  if (upTo !== undefined) upTo *= times
  if (!unit) {
    const box = container.exec(rest)
    if (box) {
      const after = rest.slice(box[0].length).trimStart()
      const inside = /^\(([^)]*)\)/.exec(after)
      const one = inside ? amountIn(inside[1]!.trim()) : null
      if (one && one.amount.unit !== 'each')
        return {
          amount: { ...one.amount, value: one.amount.value * value },
          approximate: approximate || one.approximate,
          packed: true,
          rest: after.slice(inside![0].length),
        }
    }
    // "1 400 g tin": one pack of so much
    const inner = /^\(?(?=\d)/.test(rest) ? amountIn(rest.replace(/^\(/, '')) : null
    if (inner && inner.amount.unit !== 'each') {
      const tail = inner.rest.replace(/^\s*\)?\s*/, '')
      const box = container.exec(tail)
      if (box)
        return {
          amount: { ...inner.amount, value: inner.amount.value * value },
          approximate,
          packed: true,
          rest: tail.slice(box[0].length),
        }
    }
  }
  const amount: Amount = { value, unit: unit?.value ?? 'each' }
  if (upTo !== undefined) amount.upTo = upTo
  // a large pinch is about a pinch
  if (size && unit) approximate = true
  else if (size) amount.size = size.value
  return { amount, approximate, rest }
}
