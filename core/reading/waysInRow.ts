// Ways to write several things in one row that are told by their shape alone: in pairs, counted, quoted, run on. Each gives the
// things, or null where the row is anything else.
import { speaksOfFood } from '../recipe/openFood'
import { packs } from './amounts'
import { readLine } from './readLine'
import { isField, opens, saysHowMuch, settingsIn, speaksOfYield, startsLikeAmount, tellsToDo } from './rowKind'

/** What is told of a piece, and no list of what goes in. */
export const nutrition =
  /\b(?:kcal|kj|calories|protein|carb(?:s|ohydrates?)?|per (?:100|slice|portion|serving|piece))\b/i
/** The longest row that is looked through. */
export const longestRow = 1000

/** The parts of a text between signs that stand in no bracket, from where to where. */
export function parted(text: string, sign: RegExp): [from: number, to: number][] {
  const parts: [number, number][] = []
  let depth = 0
  let from = 0
  for (let at = 0; at < text.length; at++) {
    if ('([{'.includes(text[at]!)) depth++
    else if (')]}'.includes(text[at]!)) depth = Math.max(0, depth - 1)
    else if (depth === 0) {
      const found = sign.exec(text.slice(at, at + 8))
      if (!found) continue
      parts.push([from, at])
      from = at + found[0].length
      at = from - 1
    }
  }
  return [...parts, [from, text.length]]
}
/** "150 butter/150 sugar/3 eggs" as with blanks around its strokes; "1/2 cup" as it is. */
export const slashesApart = (text: string): string => text.replace(/(?<=\p{L}{2}|\))\/(?=\d{1,4}\s?\p{L}{2})/gu, ' / ')
/** "eggs x2", "oatmeal 225": how much, where a whole list says it so. */
const count = new RegExp(`\\p{L}\\d{0,3}\\)?\\s+(?:[x×]\\s?)?\\d+(?:[.,]\\d+)?(?:\\s(?:${packs}))?$`, 'u')
export const saysAmount = (thing: string) => saysHowMuch(thing) || count.test(thing)
/** Minutes, degrees, pieces: "20 min prep / 180 °C / 12 slices" lists nothing to eat. */
export const noWeight =
  /^(?:\D{0,12})?\d[\d.,–-]*\s*(?:min(?:ute)?s?|h|hrs?|hours?|std|sek|sec(?:ond)?s?|times|°|degrees?|c|f|gas|serv\p{L}*|slices?|pieces?|portions?|people|days?|cm|mm|in|inch\p{L}*)(?![\p{L}])/iu

const pair = /^(\p{L}[\p{L}\d '’()&/-]{1,40}?)\s*[:=]\s*(\S.*)$/u
/** "butter (250 g)", "eggs (3)". */
const inBracket = /^(\p{L}[\p{L}\d '’&/-]{1,40}?)\s*\(([^()]{1,20})\)$/u
/** "butter: 250 g, sugar: 100 g", "eggs = 3; oats = 80 g": names, each with its amount behind a sign; null where it is anything else. */
function pairs(row: string): string[] | null {
  if (row.length > longestRow || nutrition.test(row) || settingsIn(row)) return null
  const text = row.replace(/\.$/, '')
  const parts = parted(text, /=/.test(text) ? /^[,;]\s*(?=\p{L})/u : /^[,;]\s+/).map(([from, to]) =>
    text.slice(from, to),
  )
  const isPair = (part: string) => {
    const [, name, much] = pair.exec(part) ?? inBracket.exec(part) ?? []
    return (
      name !== undefined && startsLikeAmount(much!) && !isField(part) && !speaksOfYield(part) && opens(name) === null
    )
  }
  const named = parts.filter(isPair)
  const alone = (part: string) => part.length < 40 && speaksOfFood(part)
  return named.length > 1 &&
    named.length * 2 > parts.length &&
    parts.every(part => isPair(part) || alone(part)) &&
    parts.some(speaksOfFood)
    ? parts
    : null
}

/** "(1) 250 g butter (2) 100 g sugar": counted from one, in one row. */
function counted(row: string): string[] | null {
  const found = [...row.matchAll(/(?:^|\s)(?:\((\d{1,2})\)|(\d{1,2})[.)])\s+(?=\S)/g)]
  const inOrder = found.every(([, one, other], at) => Number(one ?? other) === at + 1)
  if (found.length < 2 || !inOrder || found[0]!.index > 0) return null
  const parts = found.map(({ 0: sign, index }, at) => row.slice(index + sign.length, found[at + 1]?.index).trim())
  return parts.filter(saysAmount).length * 2 > parts.length && !parts.some(part => tellsToDo(part, true)) ? parts : null
}
/** '["250 g butter", "100 g sugar"]': a program's list. */
function quoted(row: string): string[] | null {
  const inside = /^[[{(]?\s*["“](.*)["”]\s*[\]})]?,?$/.exec(row)?.[1]
  const parts = inside?.split(/["”]\s*,\s*["“]/) ?? []
  return parts.length > 1 && parts.every(part => part !== '' && !/["“”:{}]/.test(part)) ? parts : null
}
/** "Butter 250g Sugar 100g Eggs 3": nothing between a thing's amount and the next name. */
function unparted(row: string): string[] | null {
  if (row.length > longestRow || nutrition.test(row) || /[.,;:|/+]/.test(row)) return null
  const plain = row
    .replace(/#(?=\p{L})/gu, '')
    .trim()
    .replace(/\s+/g, ' ')
  const parts = plain.match(/\p{L}[\p{L} '’()-]*?\s\d+(?:\s?(?:k?g|m?l|oz|lbs?|tsp|tbsp|cups?))?(?=\s|$)/giu) ?? []
  const all = parts.length > 2 && parts.join(' ') === plain
  return all && parts.filter(speaksOfFood).length * 2 > parts.length && !parts.some(part => noWeight.test(part))
    ? parts
    : null
}

/** A number with its unit, or before a word; not the end of another number, and nothing in a fraction. */
const nextAmount =
  /(?<![\p{L}\d./×½¼¾⅓⅔–-]|\d,)(?:\d+(?:[.,/]\d+)?|[½¼¾⅓⅔])\s*(?:(?:k?g|gms?|m?l|oz|lbs?|tsps?|tbsps?|cups?)(?![\p{L}])\.?|(?=\p{L}{3}))/gu
/** Behind these the amount that follows belongs to what stands before: "dates soaked in 200 ml water". */
const goesOn =
  /(?:^|\s)(?:in|with|of|to|for|from|per|into|by|at|on|or|plus|less|minus|about|each|x|and another|extra|reserve)$/i
/** "250g butter,100g sugar,3eggs", "250 g butter  100 g sugar \\ 3 eggs": three amounts and more, each with its name, whatever parts them. */
function runOn(row: string): string[] | null {
  if (row.length > longestRow || nutrition.test(row) || /[.!?]\s+\p{Lu}/u.test(row)) return null
  const depthAt = (at: number) =>
    (row.slice(0, at).match(/[([{]/g)?.length ?? 0) - (row.slice(0, at).match(/[)\]}]/g)?.length ?? 0)
  const starts = [...row.matchAll(nextAmount)].map(one => one.index).filter(at => depthAt(at) === 0)
  if (starts.length < 3 || starts[0]! > 0) return null
  const parts = starts.map((at, n) =>
    row
      .slice(at, starts[n + 1])
      .replace(/[^\p{L}\p{N})%’°.]+$/u, '')
      .replace(/\s+and$/i, '')
      .trim(),
  )
  const isThing = (part: string) =>
    /\p{L}{3}/u.test(readLine(part).item) && !noWeight.test(part) && !goesOn.test(part) && !tellsToDo(part, true)
  return parts.every(isThing) && parts.filter(speaksOfFood).length * 2 > parts.length ? parts : null
}

const share = /(\p{L}[\p{L}’' -]{1,40}?)[ \t]*(?:[:=–-][ \t]*)?\d{1,3}(?:[.,]\d{1,2})?[ \t]?%/u
/** "Sorghum 40 %, tapioca 30 %, teff 30 %": what bakers write of a dough. How much each is, is asked; each is there. */
function shares(row: string): string[] | null {
  if (row.length > longestRow || nutrition.test(row)) return null
  const head = /^[^:%\d]{0,40}:\s|^[^:%]{0,40}:\s/.exec(row)?.[0] ?? ''
  const things = row
    .slice(head.length)
    .split(/[,;]\s+(?:and\s+)?(?![^()]*\))/)
    .filter(one => one.trim() !== '')
  const said = things.filter(one => new RegExp(`^${share.source}`, 'u').test(one))
  if (said.length < 3 || said.length < things.length - 1 || said.filter(speaksOfFood).length * 2 < said.length)
    return null
  return [...(head ? [head.trim()] : []), ...things]
}
const ways = [shares, quoted, counted, pairs, unparted, runOn]
/** The things of a row by the first way that fits. */
export function thingsByShape(row: string): string[] | null {
  for (const way of ways) {
    const things = way(row)
    if (things) return things
  }
  return null
}
