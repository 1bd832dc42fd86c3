// A whole recipe as pasted: title, headings, ingredient lines, method, oven, tin, yield. Nothing is thrown away.

import { cutScripts } from '../exchange/html'
import { textFromJsonLd } from '../exchange/recipeJsonLd'
import { plainly, readAmount } from '../measure/quantity'
import { dialCelsius, gasMarkCelsius } from '../measure/temperature'
import { type ReadLine, readLine, undecorated } from './readLine'
import type { Role, Step } from './recipe'
import type { Tin } from './tin'

export interface RecipeLine extends ReadLine {
  /** The line as written. */
  text: string
  heading: string | null
}
export interface ReadRecipe {
  title: string
  lines: RecipeLine[]
  steps: Step[]
  ovenCelsius: number | null
  minutes: { from: number; to?: number } | null
  tin: Tin | null
  tins: number | null
  pieces: number | null
  /** Text that is neither line nor step; kept, blocks nothing. */
  unread: string[]
}

const ingredientsHeader = /^(?:ingredients?|you(?:'|’)?ll need|you will need|what you need)\b[^.]{0,30}:?$/i
const methodHeader =
  /^(?:method|directions?|instructions?|preparation|steps?|how to(?: make(?: it)?)?|to make|procedure)\s*:?$/i
const notesHeader = /^(?:notes?|tips?|storage|nutrition(?:al)?(?: information)?|equipment|comments?)\s*:?$/i
const heading = /^(?:(?:for|to make) (?:the )?(.{2,60}?)|(.{2,60}?)):?$/i
const makes = /\b(?:makes|serves|yields?|cuts into|gives|enough for)\b:?\s*(?:about |approx\.? )?(.+)$/i
const verbs =
  /^(?:(?:first|then|next|finally|meanwhile|now|while|when|once|after|if|in|on|with|using|until)\b|(?:pre-?heat|heat|mix|stir|whisk|beat|fold|add|pour|bake|line|grease|dust|sift|cream|melt|chill|rest|leave|cool|cut|spread|sprinkle|roll|press|place|put|combine|bring|simmer|boil|soak|drain|blend|knead|shape|divide|spoon|brush|remove|turn|transfer|serve|slice|store|keep|toast|set|prepare|make|weigh|grind|whizz|drizzle|scatter|top|decorate|allow|let|cover|wrap|check|test|tip|scrape|repeat|lay|butter|flour|spray|warm|cook)\b)/i

const cmOf = (value: number, unit: string) =>
  Math.round(value * (/^(?:in|inch|"|”|″)/i.test(unit) ? 2.54 : 1) * 10) / 10

/** The tin a text names, with a usual depth where none is written (common practice), or null. */
export function readTin(text: string): { tin: Tin; tins: number } | null {
  const plain = plainly(text)
  // "6 in a tin" is no inch
  const unit = `(cm|inch(?:es)?|in(?!\\w|\\s+(?:an?|the|one|two|three|\\d)\\b)|"|”|″)`
  const count = /\b(two|three|four|[234])(?: x|x| ) ?(?=\d|[a-z]+ \d)/i.exec(plain)?.[1]?.toLowerCase()
  const tins = count ? ({ two: 2, three: 3, four: 4 }[count] ?? Number(count)) : 1
  const tray = /\b(\d{1,2})[- ](?:cup|hole)\s+(mini[- ])?(?:muffin|bun|cupcake)/i.exec(plain)
  if (tray) return { tin: { shape: 'cups', count: Number(tray[1]), volumeMl: tray[2] ? 30 : 100 }, tins: 1 }
  const two = new RegExp(`(\\d+(?:\\.\\d+)?)\\s*${unit}?\\s*(?:x|by)\\s*(\\d+(?:\\.\\d+)?)\\s*-?${unit}`, 'i').exec(
    plain,
  )
  if (two) {
    const measures = [cmOf(Number(two[1]), two[2] ?? two[4]!), cmOf(Number(two[3]), two[4]!)]
    const length = Math.max(...measures)
    const width = Math.min(...measures)
    if (/\bloaf\b/i.test(plain)) return { tin: { shape: 'loaf', length, width, depth: 7 }, tins }
    if (length === width) return { tin: { shape: 'square', side: length, depth: 5 }, tins }
    return { tin: { shape: 'rectangle', length, width, depth: 4 }, tins }
  }
  const one = new RegExp(
    `(\\d+(?:\\.\\d+)?)\\s*-?\\s*${unit}[^.;]{0,30}?\\b(square|round|ring|bundt|springform|sandwich|cake|loose)`,
    'i',
  ).exec(plain)
  if (one) {
    const size = cmOf(Number(one[1]), one[2]!)
    const shape = /square/i.test(plain) ? 'square' : one[3]!.toLowerCase()
    if (shape === 'square') return { tin: { shape: 'square', side: size, depth: 5 }, tins }
    if (shape === 'ring' || shape === 'bundt')
      return { tin: { shape: 'ring', diameter: size, hole: Math.round(size * 0.3), depth: 8 }, tins }
    return { tin: { shape: 'round', diameter: size, depth: shape === 'sandwich' ? 4 : 6 }, tins }
  }
  return null
}

/** The oven setting a text names, in °C on the dial, or null. Gas marks and °F are turned into °C. */
export function readOven(text: string): { celsius: number; fan: boolean } | null {
  const plain = plainly(text)
  const celsius = /(\d{2,3})\s*(?:°|º|degrees?|deg\.?)?\s*(?:c\b|celsius|centigrade)/i.exec(plain)
  const fan = /(\d{2,3})\s*(?:°|º)?\s*c?\s*fan|fan(?: oven)?:?\s*(\d{2,3})/i.exec(plain)
  if (celsius)
    return { celsius: Number(celsius[1]), fan: fan !== null && Number(fan[1] ?? fan[2]) === Number(celsius[1]) }
  const fahrenheit = /(\d{3})\s*(?:°|º|degrees?|deg\.?)?\s*(?:f\b|fahrenheit)/i.exec(plain)
  if (fahrenheit) return { celsius: dialCelsius(Number(fahrenheit[1])), fan: fan !== null }
  const gas = /gas(?: mark)?\s*(\d(?:\/\d)?)/i.exec(plain)
  const mark = gas ? gasMarkCelsius(gas[1]!.includes('/') ? 1 / Number(gas[1]!.split('/')[1]) : Number(gas[1])) : null
  return mark === null ? null : { celsius: mark, fan: false }
}

function readMinutes(text: string): { from: number; to?: number } | null {
  const plain = plainly(text)
  const span =
    /(\d+(?:\.\d+)?)(?:\s*(?:-|to|or)\s*(\d+(?:\.\d+)?))?\s*-?\s*(min(?:ute)?s?|h(?:ou)?rs?|h)\b(?:\s*(?:and )?(\d+)\s*min)?/i.exec(
      plain,
    )
  if (!span) return null
  const scale = /^h/i.test(span[3]!) ? 60 : 1
  const from = Number(span[1]) * scale + Number(span[4] ?? 0)
  return span[2] ? { from, to: Number(span[2]) * scale } : { from }
}

/** One sentence or numbered step of the method, with its time and heat. */
export function readStep(text: string): Step {
  const clean = text.replace(/^\s*(?:step\s*)?\d{1,2}[.):]\s*/i, '').trim()
  const oven = readOven(clean)
  const minutes = readMinutes(clean)
  const bakes = /\b(?:bake|roast|in the oven)\b/i.test(clean)
  const when =
    /^(?:pre-?heat|heat the oven|soften|soak|toast|chill|bring .* room temperature|the night before|overnight|line|grease)\b/i.test(
      clean,
    )
      ? 'ahead'
      : bakes
        ? 'oven'
        : /\b(?:cool|rack|ice|icing|dust with|slice|store|keeps?|set in|chill until set)\b/i.test(clean)
          ? 'after'
          : 'bench'
  const step: Step = { text: clean, when }
  if (minutes) step.minutes = bakes ? { firstLook: minutes.from, ...minutes } : minutes
  if (oven) {
    step.celsius = oven.celsius
    if (oven.fan) step.fan = true
  }
  const core = /\b(?:core|inside|internal|centre)\b[^.]{0,30}?(\d{2,3})\s*(?:°|º)?\s*c\b/i.exec(clean)
  if (core) step.coreCelsius = Number(core[1])
  return step
}

const roleOfHeading = (text: string): Role | null =>
  /^(?:to|for) serv(?:e|ing)|^serve with/i.test(text)
    ? 'beside'
    : /^(?:for|to) (?:the )?(?:tins?|pans?|greas|dust(?:ing)? the tin)/i.test(text)
      ? 'release'
      : /^(?:to (?:finish|decorate|top|garnish|sprinkle)|for (?:the )?(?:top|topping|finish|decoration)|topping|decoration|finish)\b/i.test(
            text,
          )
        ? 'finish'
        : null

/** "150 g butter, plus extra for greasing" and "half in the batter, half on top" are two uses, so two lines. */
function uses(text: string): ReadLine[] {
  const extra = /[,;]?\s*\(?\b(?:plus|and) (?:a little |some )?(?:extra|more)\b\s*(.*?)\)?$/i.exec(text)
  if (extra) {
    const first = readLine(text.slice(0, extra.index))
    const second = readLine(`${first.item}, ${extra[1] || 'for the tin'}`)
    return [first, { ...second, amount: null, approximate: true, role: second.role }]
  }
  const divided =
    /[,;(]\s*(?:divided,?\s*)?half (?:of it )?(?:in|for|into) (?:the )?[\p{L} ]+?,?\s*(?:and )?(?:the other )?half (on (?:the )?top|for (?:the )?top(?:ping)?|to (?:decorate|finish|scatter|serve)|for (?:greasing|dusting|the tin)[\p{L} ]*)\)?\s*$/iu.exec(
      text,
    )
  if (divided) {
    const whole = readLine(text.slice(0, divided.index))
    const other = readLine(`${whole.item}, ${divided[1]!.replace(/^on (?:the )?top/i, 'for the top')}`)
    if (whole.amount) {
      const half = (amount: NonNullable<ReadLine['amount']>) => ({
        ...amount,
        value: amount.value / 2,
        ...(amount.upTo === undefined ? {} : { upTo: amount.upTo / 2 }),
      })
      const part = { ...whole, amount: half(whole.amount), plus: whole.plus.map(half), also: whole.also.map(half) }
      return [part, { ...part, role: other.role }]
    }
  }
  return [readLine(text)]
}

/** "a pinch of salt" starts with an amount; "A family favourite." does not. */
function startsLikeAmount(text: string): boolean {
  const plain = plainly(undecorated(text))
  const read = readAmount(plain)
  // "Four hundred lines" and "Three grain loaf" are names, not pieces of something
  const inWords = read?.amount.unit === 'each' && !/\d/.test(plain.slice(0, plain.length - read.rest.length))
  if (inWords && /^\s*(?:hundred|thousand|seed|grain|layer|cheese|pot|day)\b/i.test(read.rest)) return false
  return (
    read !== null &&
    !(read.amount.unit === 'each' && /^an? /i.test(plain) && (plain.length > 40 || /[.!?]$/.test(plain)))
  )
}
const longestLine = 160

/**
 * Reads pasted text. Headings give their lines a heading, and a role where they name one ("To serve").
 * Never throws; what fits nowhere is returned in `unread`. Oven in °C on the dial, minutes as a range, tin in cm.
 */
export function readRecipe(given: string): ReadRecipe {
  // a page that carries its recipe as data is read from that
  const text = textFromJsonLd(given) ?? given
  const source = cutScripts(text)
    .outside.replace(/\r\n?/g, '\n')
    .replace(/<br\s{0,5}\/?>|<\/(?:p|li|div|h\d|tr)>/gi, '\n')
  const rows = source
    .split('\n')
    .map(row => undecorated(row))
    .filter(row => row !== '')
  const result: ReadRecipe = {
    title: '',
    lines: [],
    steps: [],
    ovenCelsius: null,
    minutes: null,
    tin: null,
    tins: null,
    pieces: null,
    unread: [],
  }
  const declared = rows.some(row => ingredientsHeader.test(row))
  let zone: 'head' | 'ingredients' | 'method' | 'notes' = 'head'
  let currentHeading: string | null = null
  let headingRole: Role | null = null

  const heed = (row: string) => {
    const tin = result.tin ? null : readTin(row)
    if (tin) {
      result.tin = tin.tin
      result.tins = tin.tins
    }
    const yields = makes.exec(row)
    if (yields && result.pieces === null) {
      const counted = readAmount(plainly(yields[1]!))
      if (counted && counted.amount.unit === 'each' && counted.amount.value > 0) result.pieces = counted.amount.value
    }
    result.ovenCelsius ??= readOven(row)?.celsius ?? null
    return yields !== null
  }
  const addLine = (row: string) => {
    for (const read of uses(row))
      result.lines.push({
        ...read,
        role: read.role === 'mix' && headingRole ? headingRole : read.role,
        text: row,
        heading: currentHeading,
      })
  }
  const addSteps = (row: string) => {
    heed(row)
    const step = readStep(row)
    if (step.when === 'oven' && step.minutes)
      result.minutes ??= step.minutes.to
        ? { from: step.minutes.from, to: step.minutes.to }
        : { from: step.minutes.from }
    result.steps.push(step)
  }

  for (const [at, row] of rows.entries()) {
    const next = rows[at + 1] ?? ''
    if (ingredientsHeader.test(row)) {
      zone = 'ingredients'
      currentHeading = null
      headingRole = null
      continue
    }
    if (methodHeader.test(row)) {
      zone = 'method'
      continue
    }
    if (notesHeader.test(row)) {
      zone = 'notes'
      continue
    }
    const numberedStep =
      /^(?:step\s*)?\d{1,2}[.)]\s+\p{L}/iu.test(row) &&
      (zone === 'method' || verbs.test(row.replace(/^(?:step\s*)?\d{1,2}[.)]\s+/i, '')))
    const sentence = verbs.test(row) && (/[.!]$/.test(row) || row.length > 45)
    if (result.title === '' && zone === 'head' && !startsLikeAmount(row) && !numberedStep && row.length <= 120) {
      result.title = row.replace(/:$/, '')
      heed(row)
      continue
    }
    if (zone === 'notes') {
      result.unread.push(row)
      continue
    }
    if (zone === 'method' || numberedStep || (sentence && !startsLikeAmount(row))) {
      if (zone === 'ingredients' || zone === 'head') zone = 'method'
      addSteps(row)
      continue
    }
    if (makes.test(row) && !startsLikeAmount(row) && row.length < 80 && heed(row)) continue
    const ovenOnly = /^(?:oven|bake|baking)(?: temp(?:erature)?| time)?\b[: ]/i.test(row) && !startsLikeAmount(row)
    if (
      ovenOnly ||
      /^(?:tin|pan|prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?)\s*[:=]/i.test(row)
    ) {
      heed(row)
      if (/bak|oven|cook/i.test(row)) result.minutes ??= readMinutes(row)
      if (ovenOnly) result.steps.push(readStep(row))
      continue
    }
    const amount = startsLikeAmount(row)
    const titled = heading.exec(row)
    const isHeading =
      !amount &&
      titled &&
      row.length <= 60 &&
      (/:$/.test(row) ||
        (/^for (?:the )?\w/i.test(row) && !/,/.test(row)) ||
        (/^to (?:finish|serve|decorate)\b/i.test(row) && row.split(' ').length <= 3)) &&
      next !== ''
    const opensGroup =
      isHeading && !/:\s*\S/.test(row) && !(/^to serve\b/i.test(row) && !/:$/.test(row) && row.length > 12)
    if (opensGroup) {
      currentHeading = (titled[1] ?? titled[2])!.replace(/^the /i, '').trim()
      currentHeading = currentHeading.charAt(0).toUpperCase() + currentHeading.slice(1)
      headingRole = roleOfHeading(row)
      zone = 'ingredients'
      continue
    }
    if (
      row.length <= longestLine &&
      (amount ||
        (zone === 'ingredients' && row.split(' ').length <= 14) ||
        (!declared && row.length <= 60 && readLine(row).role !== 'mix') ||
        (zone === 'head' && !declared && readLine(row).amount !== null && row.length <= 60 && !/[.!?]$/.test(row)))
    ) {
      zone = 'ingredients'
      addLine(row)
      continue
    }
    heed(row)
    result.unread.push(row)
  }
  return result
}
