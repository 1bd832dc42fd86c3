// A whole recipe as pasted: title, headings, ingredient lines, method, oven, tin, yield. Nothing is thrown away.
import { textFromJsonLd } from '../exchange/recipeJsonLd'
import { isKnownFood } from '../ingredient/knownFood'
import { madeFoodsIn } from '../ingredient/usually'
import type { Role, Step } from '../model/recipe'
import type { Tin } from '../model/tin'
import type { UnitCode } from '../model/unit'
import { speaksOfFood } from '../recipe/openFood'
import { inGrams } from './bakersPercent'
import { withUnits } from './bareNumber'
import { clearlyDeed } from './deeds'
import { joined } from './joined'
import { keyed } from './keyed'
import { inRows, inSentences } from './listInRow'
import { linesInProse } from './prose'
import { type Keeping, readKeeping } from './readKeeping'
import { type ReadLine, readLine } from './readLine'
import { readMinutes, readOven, readStep } from './readStep'
import { readTin } from './readTin'
import { roleOfHeading } from './roleWords'
import {
  countedSteps,
  groupNamed,
  isField,
  isMethodBlock,
  isNameThenAmount,
  isNameThenNumber,
  isNoise,
  isNumberedStep,
  namesGroup,
  onlyPieces,
  opens,
  ovenFirst,
  piecesIn,
  saysHowMuch,
  settingsIn,
  speaksOfYield,
  startsLikeAmount,
  tellsOfBake,
  tellsToDo,
  unitOfAll,
} from './rowKind'
import { type Aside, placed, type Row, rowsOf } from './rows'
import { sentencesOf } from './sentences'
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
  /** Is that the heat of an oven with a fan? */
  fan: boolean
  minutes: { from: number; to?: number } | null
  tin: Tin | null
  tins: number | null
  pieces: number | null
  keeping: Keeping | null
  /** Text that is neither line nor step; kept, and searched for food like all else. */
  unread: string[]
  /** Settings that none of these fields took: a time of preparing, a second oven. */
  untaken: string[]
  /** What became of every row, in order: nothing is left out. */
  rows: { text: string; as: RowAs }[]
  /** The text that was read, and what became of each sign of it: the spans follow on each other and cover it. */
  source: string
  spans: { from: number; to: number; as: RowAs | Aside['as'] }[]
}
/** `setting`: yield, tin, oven, time, or a word that only opens a part of the text. `open`: none of the others. */
export type RowAs = 'title' | 'heading' | 'line' | 'step' | 'setting' | 'open'

/** Letters of the longest sentence that is looked through. */
const longestSentence = 1000
/** Letters of the longest row that holds one thing. */
const longestRowOfOne = 70
/** Letters of the longest row that is taken for a line, and for a title. */
const longestLine = 160
const longestTitle = 120

/** The text that is read: a page that carries its recipe as data is read from that. */
export const sourceOf = (given: string): string => textFromJsonLd(given) ?? given
/** "... 1 tsp vinegar. For the top: 400 ml oat cream": the next list in the same row. */
const nextHeading = /(?<=[.;])\s+(?=(?:for|to) (?:the )?[\p{L} ]{2,30}:\s)/iu
/** "3 eggs; syrup: 100 g sugar", "case - 1 of pastry. filling - 500 g ricotta": the same, in a row that is a list from its beginning. */
const nextList =
  /(?<=[.;])\s+(?=(?:for|to) (?:the )?[\p{L} ]{2,30}:\s|\p{L}{3,20}(?: \p{L}{3,20})?(?::| [-–]) (?:\d|[½¼¾⅓⅔])[^:;]*\p{L})/iu
const beginsList = /^(?:[a-h][).] )?(?:\p{L}{3,20}(?::| [-–]) )?(?:\d|[½¼¾⅓⅔])(?![\d.,]*[.)] )/iu
/** Where nearly every row ends in a dot, it ends none of them: "75 g butter." is a line, and only what is to be done a sentence. */
function undotted(rows: readonly Row[]): readonly Row[] {
  const isDotted = ({ text }: Row) => text.length <= longestRowOfOne && /[\p{L}\d)]\.$/u.test(text)
  const sentences = rows.filter(one => sentencesOf(one.text).length > 1).length
  return rows.length >= 4 && (rows.filter(isDotted).length + sentences) * 5 >= rows.length * 3
    ? rows.map(row =>
        isDotted(row) && sentencesOf(row.text).length === 1 && !tellsToDo(row.text, true)
          ? { ...row, text: row.text.replace(/\.$/, '') }
          : row,
      )
    : rows
}
/** A row that holds one thing, as lists are written. */
const isListed = ({ text, cells, bullet }: Row): boolean =>
  cells ||
  (text.length <= longestRowOfOne &&
    (bullet || startsLikeAmount(text) || isNameThenAmount(text)) &&
    sentencesOf(text).length === 1 &&
    inRows(text, false).length === 1 &&
    linesInProse(text).length < 2)
/** Rows of a list that a text which is told may have beside. */
const fewestOfList = 4
function isTold(rows: readonly Row[]): boolean {
  const listed = rows.filter(isListed).length
  if (listed === 0 || listed >= fewestOfList) return listed === 0
  const weighed = rows
    .filter(row => !isListed(row) && inRows(row.text, row.cells).length === 1)
    .reduce((sum, row) => sum + linesInProse(row.text).length, 0)
  return weighed > listed
}
/**
 * The rows of a text as they are read: what opens a part in the same row stands by itself, and what is one thing in two rows is one.
 * `told`: it is told in sentences, which weigh out more than what stands in rows of its own.
 */
export function rowsToRead(source: string): { rows: Row[]; asides: Aside[]; told: boolean } {
  const { rows, asides } = rowsOf(source)
  // field by field first: "note: or ghee" of a thing opens no notes
  const fields = undotted(keyed(rows))
  const told = isTold(fields)
  const apart = fields
    .flatMap(row => placed(row, row.text.split(beginsList.test(row.text) ? nextList : nextHeading), source))
    .flatMap(row => {
      const parts = told ? inSentences(row.text) : inRows(row.text, row.cells)
      const texts = parts.map(one => one.text)
      return placed(row, texts, source).map((one, at) => ({ ...one, thing: parts[at]!.thing }))
    })
  const texts = inGrams(apart.map(one => one.text))
  return { rows: joined(apart.map((row, at) => ({ ...row, text: texts[at]! }))), asides, told }
}

/**
 * Reads pasted text. Headings give their lines a heading, and a role where they name one ("To serve").
 * Never throws; what fits nowhere is returned in `unread`. Oven in °C on the dial, minutes as a range, tin in cm.
 */
export function readRecipe(given: string): ReadRecipe {
  const source = sourceOf(given)
  const { rows, asides, told } = rowsToRead(source)
  const result: ReadRecipe = {
    title: '',
    lines: [],
    steps: [],
    ovenCelsius: null,
    fan: false,
    minutes: null,
    tin: null,
    tins: null,
    pieces: null,
    keeping: null,
    unread: [],
    untaken: [],
    rows: [],
    source,
    spans: [],
  }
  const became = (text: string, as: RowAs) => result.rows.push({ text, as })
  const leave = (row: string) => {
    became(row, 'open')
    result.unread.push(row)
  }
  /** Lines that stood as lines. */
  let listed = 0
  /** Those in rows of their own. */
  let stood = 0
  /** What is weighed out in a sentence; not again what was weighed out already: "melt the 100 g butter", "50 g of the sugar". */
  const weigh = (sentence: string, heading: string | null) => {
    // no sentence is longer; behind that the same may stand twice
    const said = sentence.slice(0, longestSentence).toLowerCase()
    for (const line of linesInProse(sentence)) {
      const read = readLine(line)
      const name = read.item.toLowerCase()
      // "butter in a pan" is butter; butter beans are none
      const before = result.lines.find(
        one =>
          name.replace(/ (?:in|into|over|onto?|with|from|for|till|until|through|to)\b.*/, '') ===
          one.item.toLowerCase(),
      )
      const ofIt = [`the ${line.toLowerCase()}`, `of the ${name}`, `of that ${name}`].some(one => said.includes(one))
      // below a list the same amount is the same; where all is told, it may be for the icing
      if (!before || !(ofIt || (listed > 0 && before.amount?.value === read.amount?.value)))
        result.lines.push({ ...read, text: line, heading })
    }
  }
  /** Of a text that is told in sentences. */
  const weighedIn = (row: string) => {
    if (told && zone !== 'notes') weigh(row, currentHeading)
  }
  const facts = ({ tin, tins, pieces, ovenCelsius, minutes } = result) =>
    JSON.stringify([tin, tins, pieces, ovenCelsius, minutes])
  let before = facts()
  /** Heeded, and no more: but food that stands in it is not lost for that, nor a figure that nothing took. */
  const settle = (row: string) => {
    became(row, 'setting')
    result.minutes ??= bakeMinutes(row)
    if (speaksOfFood(row)) result.unread.push(row)
    else if (/\d/.test(row) && (facts() === before || otherTimes.test(row))) result.untaken.push(row)
  }
  const counted = countedSteps(rows.map(row => row.text))
  const declared = rows.some(row => opens(row.text) === 'ingredients')
  let zone: 'head' | 'ingredients' | 'method' | 'notes' = 'head'
  let currentHeading: string | null = null
  let headingRole: Role | null = null
  let unit: UnitCode | null = null
  const headings: { name: string; row: string }[] = []
  /** "*certified, if needed" below "quick oats*": said of a line, and no line. */
  const isFootnote = (at: number): boolean => {
    const [, sign] = /^\s*(\*{1,3}|[†‡])(?=\p{L}|\s\p{L})/u.exec(source.slice(rows[at]!.from, rows[at]!.to)) ?? []
    const isMarked = (text: string, at = text.indexOf(sign ?? '')): boolean =>
      at > 0 && /[\p{L})]/u.test(text[at - 1]!) && !text.startsWith(sign![0]!, at + sign!.length)
    return sign !== undefined && !saysHowMuch(rows[at]!.text) && rows.slice(0, at).some(one => isMarked(one.text))
  }
  /** Lines without a bullet, as long as none has one. */
  let bare = 0

  /** Tin, yield and oven, wherever they are said; whether the row is about the yield. */
  const heed = (row: string): boolean => {
    const tin = result.tin ? null : readTin(row)
    if (tin) {
      result.tin = tin.tin
      result.tins = tin.tins
    }
    const made = piecesIn(row)
    if (made) result.pieces ??= made.pieces
    const oven = result.ovenCelsius === null ? readOven(row) : null
    if (oven) {
      result.ovenCelsius = oven.celsius
      result.fan = oven.fan
    }
    return made?.whole ?? false
  }
  const addLine = (row: string, bullet: boolean) => {
    zone = 'ingredients'
    listed++
    bare = bullet ? Number.NEGATIVE_INFINITY : bare + 1
    for (const read of uses(row))
      result.lines.push({
        ...read,
        role: read.role === 'mix' && headingRole ? headingRole : read.role,
        text: row,
        heading: currentHeading,
      })
  }
  const addStep = (row: string) => {
    heed(row)
    const step = readStep(row)
    if (step.when === 'oven' && step.minutes) {
      const { from, to } = step.minutes
      const { minutes } = result
      // "Cook time: 22 minutes" above "Bake for 20-22 minutes" says the same, less exactly
      const sharper = minutes && !minutes.to && to && from <= minutes.from && minutes.from <= to
      if (!minutes || sharper) result.minutes = to ? { from, to } : { from }
    }
    result.steps.push(step)
  }

  for (const [at, { text: row, cells, bullet, gap, thing }] of rows.entries()) {
    const next = rows[at + 1]?.text ?? ''
    before = facts()
    unit ??= unitOfAll(row)
    const opened = opens(row)
    if (opened) {
      zone = opened
      heed(row)
      if (opened === 'ingredients') {
        currentHeading = null
        headingRole = null
      }
      settle(row)
      continue
    }
    const numbered = counted.has(at) || isNumberedStep(row, zone === 'method')
    const leads = !numbered && startsLikeAmount(row) && !(zone === 'ingredients' && tellsOfBake(row))
    const amount = leads || (!numbered && isNameThenAmount(row))
    const mayBeTitle =
      result.title === '' &&
      zone === 'head' &&
      !cells &&
      !thing &&
      (!leads || namedWithArticle(row, rows[at + 1])) &&
      !numbered &&
      !ovenFirst(row) &&
      row.length <= longestTitle &&
      !(namesGroup(row) && saysHowMuch(next)) &&
      (!(saysHowMuch(row) && saysHowMuch(next)) || namedWithArticle(row, rows[at + 1])) &&
      // "To make the crust I blitz 300 g biscuits with 120 g butter."
      !(told && /[.!]$/.test(row) && row.split(' ').length >= 6 && linesInProse(row).length > 0) &&
      // "Beurre 250" above two more such rows is weighed; "Apple cake 2" is what it is called
      !(rows.length > 2 && /\d{2}$/.test(row) && rows.slice(at, at + 3).every(one => isNameThenNumber(one.text)))
    if (mayBeTitle) {
      result.title = row.replace(/:$/, '')
      heed(row)
      weighedIn(row)
      became(row, 'title')
      continue
    }
    const settings = cells ? null : settingsIn(row)
    if (settings) {
      for (const part of settings) {
        heed(part)
        result.pieces ??= onlyPieces(part)
        if (!speaksOfYield(part)) result.minutes ??= readMinutes(part)
      }
      settle(row)
      continue
    }
    if (zone === 'head' && isField(row)) {
      if (heed(row)) settle(row)
      else leave(row)
      continue
    }
    if (zone === 'notes' || isNoise(row) || unitOfAll(row) || isFootnote(at)) {
      leave(row)
      continue
    }
    // "Makes 20" at the end of a method is nothing to do; nor is "10 slices"
    const made = zone === 'ingredients' ? null : onlyPieces(row)
    if (made !== null || (row.length < 40 && speaksOfYield(row))) {
      const whole = heed(row)
      result.pieces ??= made
      if (!whole && made === null) leave(row)
      else settle(row)
      continue
    }
    if (zone === 'ingredients' && gap && result.lines.length > 2) {
      const ends = rows.findIndex((other, index) => index > at && other.gap)
      if (isMethodBlock(rows.slice(at, ends < 0 ? undefined : ends).map(one => one.text))) zone = 'method'
    }
    // three things in a row that are weighed out are no method, whatever stands above them
    if (zone === 'method' && rows.slice(at, at + 3).filter(one => isWeighedOut(one.text)).length === 3)
      zone = 'ingredients'
    // bullets that begin behind lines without any are the method
    if (zone === 'ingredients' && bullet && bare > 2 && !saysHowMuch(row)) zone = 'method'
    // the next part of the recipe, with lines and a method of its own
    const apart: boolean = gap || zone === 'head' || currentHeading !== null || result.lines.length === 0
    const group: string | null = cells || amount ? null : groupNamed(row, next, apart, gap && !rows[at + 1]?.gap)
    if (group !== null && (zone !== 'method' || startsLikeAmount(next))) {
      currentHeading = group
      headingRole = roleOfHeading(row)
      zone = 'ingredients'
      became(row, 'heading')
      headings.push({ name: group, row })
      continue
    }
    // a list within the method of a recipe that has one above is told there, and weighed out above
    if (
      !cells &&
      !(thing && stood < fewestOfList) &&
      (zone === 'method' || numbered || (!amount && tellsToDo(row, zone === 'ingredients')))
    ) {
      zone = 'method'
      addStep(counted.has(at) ? row.replace(/^\d+[.)]? /, '') : row)
      weighedIn(row)
      became(row, 'step')
      continue
    }
    if (!amount && row.length < 80 && piecesIn(row)?.whole) {
      heed(row)
      if (speaksOfYield(row)) settle(row)
      else leave(row)
      continue
    }
    const setting =
      ovenFirst(row) ||
      (!amount && /^(?:oven|bake|baking)(?: temp(?:erature)?| time)?\b[: ]/i.test(row) && readMinutes(row) !== null)
    if (setting || namesTime.test(row)) {
      if (setting) {
        addStep(row)
        became(row, 'step')
      } else heed(row)
      if (setting || /cook|^time|^backzeit|^baktijd|^(?:temps de )?cuisson|^(?:tempo di )?cottura/i.test(row))
        result.minutes ??= readMinutes(row)
      if (!setting) settle(row)
      if (setting && result.lines.length > 0 && !saysHowMuch(next)) zone = 'method'
      continue
    }
    if (
      row.length <= longestLine &&
      (amount ||
        cells ||
        thing ||
        (zone === 'ingredients' && row.split(' ').length <= 14 && !remark.test(row) && !saysNoFood(row)) ||
        (zone === 'head' && !declared && isOnlyFood(row)) ||
        (!declared && row.length <= 60 && readLine(row).role !== 'mix') ||
        (zone === 'head' && !declared && saysSomeOf(row) && row.length <= 60 && !/[.!?]$/.test(row)))
    ) {
      if (!thing) stood++
      addLine(row, bullet)
      became(row, 'line')
      continue
    }
    heed(row)
    weighedIn(row)
    leave(row)
  }
  // a heading with no line under it is no heading of anything
  for (const { name, row } of headings) if (!result.lines.some(line => line.heading === name)) result.unread.push(row)
  // told in sentences: what they weigh out is taken from them, and they are the method
  if (listed === 0) {
    result.lines = []
    // "Sponge fingers: 4 eggs, 120 g sugar" is no name
    if (linesInProse(result.title).length > 1) result.title = ''
    const said = rows
      .map(({ text }, at) =>
        counted.has(at) || isNumberedStep(text, false) ? text.replace(/^\d{1,2}[.)]\s+/, '') : text,
      )
      .filter(row => row !== result.title)
    if (said.some(row => linesInProse(row).length > 0)) {
      Object.assign(result, { steps: [], unread: [] })
      result.rows = rows.map(({ text }) => ({ text, as: text === result.title ? 'title' : 'step' }))
      for (const sentence of said.flatMap(row => sentencesOf(row)))
        if (
          result.title === '' &&
          result.steps.length === 0 &&
          sentence.length <= 60 &&
          linesInProse(sentence).length === 0
        )
          result.title = sentence.replace(/\.$/, '')
        else if (/\p{L}+\s+\p{L}/u.test(sentence) || clearlyDeed(sentence) || readOven(sentence) !== null)
          addStep(sentence)
        else result.unread.push(sentence)
      // "Cheese scones: rub 100 g butter into …"
      const named = /^(\p{L}[^:;,.—]{2,50}?)(?::| —)\s/u.exec(said[0]!)?.[1]
      if (result.title === '' && named && !clearlyDeed(named) && linesInProse(named).length === 0) result.title = named
      for (const step of result.steps) weigh(step.text, null)
    }
  }
  // of all that is said of keeping the shortest: filled it keeps for days, and plain for weeks
  const spoken = result.rows.filter(({ as }) => as === 'step' || as === 'open' || as === 'setting')
  result.keeping = readKeeping(spoken.map(one => one.text).join('\n'))
  result.spans = spansOf(rows, result.rows, asides)
  result.lines = withUnits(result.lines, unit)
  return result
}
/** "A simple sponge", above a blank row: what it is called, and no piece of anything. */
const namedWithArticle = (row: string, next: Row | undefined): boolean =>
  /^an? \p{L}+ \p{L}/iu.test(row) && next?.gap === true && readLine(row).amount?.unit === 'each'
/** What became of each sign; what lies inside two rows that are one belongs to them. */
function spansOf(rows: readonly Row[], became: ReadRecipe['rows'], asides: readonly Aside[]): ReadRecipe['spans'] {
  const all = [...rows.map(({ from, to }, at) => ({ from, to, as: became[at]!.as })), ...asides]
  const spans: ReadRecipe['spans'] = []
  for (const one of all.sort((a, b) => a.from - b.from || b.to - a.to))
    if (one.from >= (spans.at(-1)?.to ?? 0) && one.to > one.from) spans.push(one)
  return spans
}
/** "Makes 12 | Prep 20 min | Bake 25 min": the time in the oven among others. */
const bakeMinutes = (row: string): ReadRecipe['minutes'] => {
  const baked = row
    .split(/[|;,·•]|\/\/|\s[-–]\s/)
    .find(part => /^\s*(?:bak(?:e|es|ed|ing)|cook(?:s|ing)?|oven|cuisson|cottura|backzeit|baktijd)\b/i.test(part))
  return baked === undefined ? null : readMinutes(baked)
}
/** "Prep: 20 min", "Préparation : 20 min - Cuisson : 30 min", "Tin: 20 cm". */
const namesTime =
  /^(?:tins?|pan|time|prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?|(?:(?:temps (?:de )?)?(?:pr[ée]paration|cuisson|repos)|temps total|\p{L}*zeit|(?:tempo di )?(?:preparazione|cottura|riposo)|tiempo(?: de \p{L}+)?|\p{L}*tijd|czas(?: \p{L}+)?|время(?: \p{L}+)?)(?=\s*:\s*\d))\s*[:=]/iu
/** Times that are none of the oven's. */
const otherTimes =
  /\b(?:prep\p{L}*|total|chill\p{L}*|rest\p{L}*|stand\p{L}*|cool\p{L}*|freez\p{L}*|prov\p{L}+|soak\p{L}*)\b/iu
/** "N.B. the list must name it": said about the recipe. */
const remark = /^(?:n\.?b\.?|p\.?s\.?|notes?|tips?|remember|caution|warning)(?=[\s:!.–-])/i
/** "See you on Saturday." */
const saysNoFood = (row: string): boolean => /[.!?]$/.test(row) && row.split(' ').length >= 4 && !isKnownFood(row)
/** "Clarified butter", "Filo, 6 sheets": short, and a food; "Lemon cake" may be what is baked. */
const isOnlyFood = (row: string): boolean => {
  const { item } = readLine(row)
  const words = item.split(' ')
  const isFood = isKnownFood(words.at(-1)!) && speaksOfFood(row)
  return row.length <= 30 && words.length <= 2 && isFood && madeFoodsIn(item).length === 0
}
/** "150 g de sucre": measured, and nothing to do. */
const isWeighedOut = (row: string): boolean =>
  row.length <= 60 &&
  startsLikeAmount(row) &&
  !/[.!]$/.test(row) &&
  !tellsToDo(row, true) &&
  (readLine(row).amount?.unit ?? 'each') !== 'each'
/** "Eggs - 3", and not "From the old garden (1987)". */
const saysSomeOf = (row: string): boolean => readLine(row).amount !== null && !/\((?:1[89]|20)\d\d\)/.test(row)
