// A whole recipe as pasted: title, headings, ingredient lines, method, oven, tin, yield. Nothing is thrown away.

import { cutScripts } from '../exchange/html'
import { textFromJsonLd } from '../exchange/recipeJsonLd'
import { plainly, readAmount } from '../measure/quantity'
import type { Role, Step } from '../recipe/recipe'
import type { Tin } from '../recipe/tin'
import { undecorated } from './opening'
import { type ReadLine, readLine } from './readLine'
import { readMinutes, readOven, readStep } from './readStep'
import { readTin } from './readTin'
import { roleOfHeading } from './roleWords'
import { uses } from './uses'

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
    // "For the topping - 2 tbsp oats" is a line
    const opensGroup =
      isHeading &&
      !(/\d/.test(row) && readLine(row).amount !== null) &&
      !/:\s*\S/.test(row) &&
      !(/^to serve\b/i.test(row) && !/:$/.test(row) && row.length > 12)
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
