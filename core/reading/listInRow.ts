// Several things written in one row: "Truffles: cream 150 ml, dark chocolate 200 g, a knob of butter, whisky 1 tbsp".
import { speaksOfFood } from '../recipe/openFood'
import { clearlyDeed } from './deeds'
import { groupWord } from './opening'
import { readLine } from './readLine'
import { isField, opens, saysHowMuch, settingsIn, speaksOfYield, startsLikeAmount, tellsToDo } from './rowKind'
import { longSentencesOf, toldSentencesOf } from './sentences'
import { longestRow, noWeight, nutrition, parted, saysAmount, slashesApart, thingsByShape } from './waysInRow'

const startsWithTime = /^\d{1,3}\s*(?:min|h|std|хв|мин)/i
/** "Ingredients: 200 g rice flour, 2 eggs": what it opens, and what follows in the same row. */
function headed(row: string): [string, string] | null {
  const parts = /^([^:]{4,24}):\s+(\S.*)$/.exec(row)
  // "Préparation : 20 min - Cuisson : 30 min" opens nothing
  return parts && opens(parts[1]!) && !startsWithTime.test(parts[2]!) ? [parts[1]!, parts[2]!] : null
}

const longestHead = 6
/** "For the base: 200 g dates, 150 g pecans and a pinch of salt": the heading, and what stands in its row. */
function groupInRow(row: string): [string, string] | null {
  const parts = /^(\p{L}[^:;~\d]{1,50}?(?:\([^()]{1,40}\))?)(?::|\s[-–—~=]|\s?(?:\.{3,}|…))\s+(\S.*)$/u.exec(row)
  if (!parts || nutrition.test(row) || isField(row) || speaksOfYield(row)) return null
  const [, head, rest] = parts as unknown as [string, string, string]
  if (
    head
      .replace(/\([^()]*\)/, '')
      .trim()
      .split(/\s+/).length > longestHead ||
    opens(head) !== null ||
    startsWithTime.test(rest)
  )
    return null
  const known = /^(?:for|to) /i.test(head) || groupWord.test(head)
  const things = listedIn(rest, true)
  // "Tin = 20 cm, 1 kg": hardly anything is named behind it
  const nameless = things.filter(one => !/\p{L}{3}/u.test(readLine(one).item))
  if (nameless.length * 2 > things.length) return null
  const eachFood = things.length > 1 && things.every(one => startsLikeAmount(one) && speaksOfFood(one))
  return eachFood ||
    things.length > (known ? 1 : 2) ||
    (things.length > 1 && /^(?::\s|\s?(?:\.{3}|…))/.test(row.slice(head.length)))
    ? [`${head}:`, rest]
    : // "Fruit: 900 g plums" is of plums; "Butter: 100 g cold" of butter
      known && /:\s/.test(row) && startsLikeAmount(rest) && speaksOfFood(rest) && !speaksOfFood(head)
      ? [`${head}:`, rest]
      : null
}

const nextThing =
  /[,;]\s+(?:and\s+)?(?=(?:about |approx\.? )?(?:\d|[½¼¾⅓⅔]|an? \p{L}|(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|hundred|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety) ))/iu
const comma = /^,\s+/
/** "prunes 200 g ◦ eggs 2": any mark that stands free. */
const mark = /^\s+(?:[•·◦∙▪▫■□●○◆◇‣⁃★☆✦»›→]|~(?!\s*\d))\s+/u
/** Each between two things of a list, the plainest first. */
const between: readonly RegExp[] = [/^;\s+/, /^\s\|\s/, mark, /^\s\/\s/, /^\s\+\s/, comma, /^\s&\s/, /^\sand\s/i]
/** Letters of the longest thing of a list. */
const longestThing = 80
/** The things listed in one row, most of them saying how much; else the row itself. */
function listedIn(row: string, grouped = false): string[] {
  if (row.length > longestRow) return [row]
  const text = slashesApart(row.replace(/\.$/, ''))
  const things = text.split(nextThing)
  if (
    things.length > 1 &&
    !things.some(one => /;\s[^;]*\d/.test(one)) &&
    saysHowMuch(things[0]!) &&
    things.filter(saysHowMuch).length >= things.length - 1
  )
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
      (said > 2 ||
        (said > 1 && sign !== comma && (startsLikeAmount(list[0]!) || (grouped && said === list.length))) ||
        // "Blend: almond 100, rice 200"
        (grouped && said === 2 && said === list.length && list.every(speaksOfFood))) &&
      said >= list.length / 2 &&
      // "melt 50 g butter, add 20 g sugar" tells what to do
      list.filter(clearlyDeed).length < 2 &&
      // "cayenne; rub in 100 g butter": what a stronger mark parts is no one thing
      !list.some(thing => /;\s[^;]*\d/.test(thing)) &&
      list.every(thing => thing.length <= longestThing && !tellsToDo(thing, true) && !/[.!?]\s+\p{Lu}/u.test(thing))
    )
      return list
  }
  return [row]
}
/** "cream 150 ml": a short name, and how much of it. */
const nameFirst =
  /^(?:\p{L}[\p{L}’'-]*\s+){1,4}(?:[x×]\s?)?[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛./–-]*\s?\p{L}{0,5}\.?(?:\s\([^()]*\))?$/u
/** "Ginger slab; 2 mugs gram flour; 1 egg; mix; bake": a text whose rows were lost, what it is called and what is to be done among them. */
function rowsLost(row: string): string[] | null {
  if (row.length > longestRow * 3 || nutrition.test(row)) return null
  const rows = parted(row, /^;\s+/)
    .map(([from, to]) => row.slice(from, to).trim())
    .filter(Boolean)
  return rows.length > 4 && rows.filter(saysAmount).length * 2 >= rows.length ? rows : null
}
/** The things of a row that has no heading in it: only where its first has its amount behind it, and so is no line as lines are written. */
function listAlone(row: string): string[] {
  if (nutrition.test(row) || settingsIn(row)) return [row]
  const things = listedIn(row)
  return nameFirst.test(things[0]!) || marked(row, things) ? things : [row]
}
/** "5 whites / 275 g sugar / 1 tsp salt": parted by marks, each with an amount and a name, however it begins; "100 g / 3½ oz" is one. */
const marked = (row: string, things: readonly string[]): boolean =>
  things.length > 2 &&
  !row.includes(`${things[0]}, `) &&
  things.every(one => saysAmount(one) && !noWeight.test(one) && /\p{L}{3}/u.test(readLine(one).item))

/** A row that stands for several: a thing of a list, or what stands around one. */
export interface Part {
  text: string
  thing: boolean
}
const things = (list: readonly string[]): Part[] =>
  list
    .flatMap((text, at) => (at === 0 ? ledTo(text) : [text]))
    .map(text => ({
      text,
      thing: list.length > 1 && !text.endsWith(':') && (saysAmount(text) || !tellsToDo(text, true)),
    }))
/** "Can you do these without dairy? Original: 500 g pastry": what was said before, up to its colon, and the first thing. */
function ledTo(text: string): string[] {
  const lead = /^.{3,200}?[?!.]\s+(?:\p{L}[\p{L}’']*\s?){0,4}:(?=\s+\S)/u.exec(text)?.[0]
  const rest = lead === undefined ? '' : text.slice(lead.length).trim()
  return lead !== undefined && startsLikeAmount(rest) ? [lead, rest] : [text]
}
const around = (text: string): Part => ({ text, thing: false })

/** A row as the rows it stands for: its heading, each thing it lists, what is said behind; itself, where it lists nothing. */
export function inRows(row: string, cells: boolean): Part[] {
  const opened = headed(row)
  if (opened)
    return [
      around(opened[0]),
      ...(opens(opened[0]) === 'ingredients' ? things(listedIn(opened[1])) : [around(opened[1])]),
    ]
  const [first = row, ...behind] = row.length > longestRow ? [row] : longSentencesOf(row)
  const rest = () => behind.flatMap(one => inRows(one, false))
  const named = cells ? null : thingsByShape(first)
  if (named) return [...things(named), ...rest()]
  const group = groupInRow(first)
  if (group) return [around(group[0]), ...things(listedIn(group[1], true)), ...rest()]
  const lost = cells ? null : rowsLost(row)
  if (lost)
    return lost.flatMap((text, at) =>
      at > 0 && saysAmount(text) && !tellsToDo(text, true) ? [{ text, thing: true }] : inRows(text, false),
    )
  const alone = cells ? [first] : listAlone(first)
  return alone.length > 1 ? [...things(alone), ...rest()] : [around(row)]
}

/** A card told in one paragraph: each sentence as the rows it stands for, where one of them lists something; else itself. */
export function inSentences(text: string): Part[] {
  const said = text.length > longestRow ? [text] : toldSentencesOf(text)
  const rows = said.map(one => inRows(one, false))
  return said.length > 1 && rows.some(one => one.length > 1) ? rows.flat() : inRows(text, false)
}
