// Several things written in one row: "Truffles: cream 150 ml, dark chocolate 200 g, a knob of butter, whisky 1 tbsp".
import { speaksOfFood } from '../recipe/openFood'
import { groupWord } from './opening'
import { readLine } from './readLine'
import { isField, opens, saysHowMuch, settingsIn, speaksOfYield, startsLikeAmount, tellsToDo } from './rowKind'

const startsWithTime = /^\d{1,3}\s*(?:min|h|std|хв|мин)/i
/** "Ingredients: 200 g rice flour, 2 eggs": what it opens, and what follows in the same row. */
function headed(row: string): [string, string] | null {
  const parts = /^([^:]{4,24}):\s+(\S.*)$/.exec(row)
  // "Préparation : 20 min - Cuisson : 30 min" opens nothing
  return parts && opens(parts[1]!) && !startsWithTime.test(parts[2]!) ? [parts[1]!, parts[2]!] : null
}

/** What is told of a piece, and no list of what goes in. */
const nutrition = /\b(?:kcal|kj|calories|protein|carb(?:s|ohydrates?)?|per (?:100|slice|portion|serving|piece))\b/i
const longestHead = 6
/** "For the base: 200 g dates, 150 g pecans and a pinch of salt": the heading, and what stands in its row. */
function groupInRow(row: string): [string, string] | null {
  const parts = /^(\p{L}[^:~\d]{1,50}?)(?::|\s[-–—~=])\s+(\S.*)$/u.exec(row)
  if (!parts || nutrition.test(row) || isField(row) || speaksOfYield(row)) return null
  const [, head, rest] = parts as unknown as [string, string, string]
  if (head.split(/\s+/).length > longestHead || opens(head) !== null || startsWithTime.test(rest)) return null
  const known = /^(?:for|to) /i.test(head) || groupWord.test(head)
  const things = listedIn(rest)
  // "Tin = 20 cm, 1 kg": hardly anything is named behind it
  const nameless = things.filter(one => !/\p{L}{3}/u.test(readLine(one).item))
  if (nameless.length * 2 > things.length) return null
  const eachFood = things.length > 1 && things.every(one => startsLikeAmount(one) && speaksOfFood(one))
  return eachFood ||
    things.length > (known ? 1 : 2) ||
    (things.length > 1 && /:\s/.test(row.slice(head.length, head.length + 2)))
    ? [`${head}:`, rest]
    : // "Fruit: 900 g plums" is of plums; "Butter: 100 g cold" of butter
      known && /:\s/.test(row) && startsLikeAmount(rest) && speaksOfFood(rest) && !speaksOfFood(head)
      ? [`${head}:`, rest]
      : null
}

const nextThing = /[,;]\s+(?:and\s+)?(?=(?:about |approx\.? )?(?:\d|[½¼¾⅓⅔]|an? \p{L}|(?:one|two|three|four|half) ))/iu
const comma = /^,\s+/
/** "prunes 200 g ◦ eggs 2": any mark that stands free. */
const mark = /^\s+(?:[•·◦∙▪▫■□●○◆◇‣⁃★☆✦»›→]|~(?!\s*\d))\s+/u
/** Each between two things of a list, the plainest first. */
const between: readonly RegExp[] = [/^;\s+/, /^\s\|\s/, mark, /^\s\/\s/, /^\s\+\s/, comma, /^\s&\s/, /^\sand\s/i]
/** The parts of a text between signs that stand in no bracket, from where to where. */
function parted(text: string, sign: RegExp): [from: number, to: number][] {
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
/** "eggs x2", "oatmeal 225": how much, where a whole list says it so. */
const count = /\p{L}\d{0,3}\)?\s+(?:[x×]\s?)?\d+(?:[.,]\d+)?$/u
const saysAmount = (thing: string) => saysHowMuch(thing) || count.test(thing)
/** Letters of the longest thing of a list. */
const longestThing = 80
/** The longest row that is looked through. */
const longestRow = 1000

/** The things listed in one row, most of them saying how much; else the row itself. */
function listedIn(row: string): string[] {
  if (row.length > longestRow) return [row]
  const text = row.replace(/\.$/, '')
  const things = text.split(nextThing)
  if (things.length > 1 && saysHowMuch(things[0]!) && things.filter(saysHowMuch).length >= things.length - 1)
    return things
  for (const sign of between) {
    const list: string[] = []
    let begun = 0
    let said = 0
    for (const [from, to] of parted(text, sign)) {
      const part = text.slice(from, to).trim()
      // "damsons 400 g, stoned": no thing of its own
      const much = saysAmount(part)
      const own = list.length === 0 || much || speaksOfFood(part)
      if (much) said++
      if (own) begun = from
      if (part !== '') list.splice(own ? list.length : -1, own ? 0 : 1, text.slice(begun, to).trim())
    }
    if (
      (said > 2 || (said > 1 && sign !== comma && startsLikeAmount(list[0]!))) &&
      said >= list.length / 2 &&
      list.every(thing => thing.length <= longestThing && !tellsToDo(thing, true) && !/[.!?]\s+\p{Lu}/u.test(thing))
    )
      return list
  }
  return [row]
}
/** "cream 150 ml": a short name, and how much of it. */
const nameFirst = /^(?:\p{L}[\p{L}’'-]*\s+){1,4}(?:[x×]\s?)?[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛./–-]*\s?\p{L}{0,5}\.?$/u
/** The things of a row that has no heading in it: only where its first has its amount behind it, and so is no line as lines are written. */
function listAlone(row: string): string[] {
  if (nutrition.test(row) || settingsIn(row)) return [row]
  const things = listedIn(row)
  return nameFirst.test(things[0]!) || marked(row, things) ? things : [row]
}
/** Minutes, degrees, pieces: "20 min prep / 180 °C / 12 slices" lists nothing to eat. */
const noWeight =
  /^(?:\D{0,12})?\d[\d.,–-]*\s*(?:min|h|hrs?|hours?|std|sek|sec|°|c|f|gas|serv\p{L}*|slices?|pieces?|portions?|people|days?|cm|mm|in|inch\p{L}*)(?![\p{L}])/iu
/** "5 whites / 275 g sugar / 1 tsp salt": parted by marks, each with an amount and a name, however it begins; "100 g / 3½ oz" is one. */
const marked = (row: string, things: readonly string[]): boolean =>
  things.length > 2 &&
  !row.includes(`${things[0]}, `) &&
  things.every(one => saysAmount(one) && !noWeight.test(one) && /\p{L}{3}/u.test(readLine(one).item))

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
  return parts.length > 1 && parts.every(isPair) && parts.some(speaksOfFood) ? parts : null
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

/** Behind a sentence of some length, and before another. */
const nextSentence = /(?<=[\p{L}\d%)]{2}[.!]|\p{L} \d[.!])\s+(?=\p{Lu}|\()/u
/** A row as the rows it stands for: its heading, each thing it lists, what is said behind; itself, where it lists nothing. */
export function inRows(row: string, cells: boolean): string[] {
  const opened = headed(row)
  if (opened) return [opened[0], ...(opens(opened[0]) === 'ingredients' ? listedIn(opened[1]) : [opened[1]])]
  const [first = row, ...behind] = row.length > longestRow ? [row] : row.split(nextSentence)
  const rest = () => behind.flatMap(one => inRows(one, false))
  const named = cells ? null : (quoted(first) ?? counted(first) ?? pairs(first) ?? unparted(first) ?? runOn(first))
  if (named) return [...named, ...rest()]
  const group = groupInRow(first)
  if (group) return [group[0], ...listedIn(group[1]), ...rest()]
  const alone = cells ? [first] : listAlone(first)
  return alone.length > 1 ? [...alone, ...rest()] : [row]
}
