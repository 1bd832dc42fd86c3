// One written line may be several: a second use of the same, two things joined, something mixed in. Whatever goes into the
// food gets a line of its own, so that its weight counts and its allergens are looked for.
import { isKnownFood } from '../ingredient/knownFood'
import { readAmount } from '../measure/quantity'
import type { Amount } from '../model/unit'
import { undecorated } from './opening'
import { startsWithPrep, takeBefore, takeBehind } from './prepWords'
import { kindOfFree, longestRead, more, type ReadLine, readLine, secondThing } from './readLine'
import { withThingOf } from './thing'
import { parted } from './waysInRow'

const divided =
  /[,;(]\s*(?:divided,?\s*)?half (?:of it )?(?:in|for|into) (?:the )?[\p{L} ]+?,?\s*(?:and )?(?:the other )?half (on (?:the )?top|for (?:the )?top(?:ping)?|to (?:decorate|finish|scatter|serve)|for (?:greasing|dusting|the tin)[\p{L} ]*)\)?\s*$/iu
const eachOf = /^(.+?) each(?: of)?:? (.+?)(?:,? (?:and|&) |, (?!.*(?:,| and | & )))(\p{L}[\p{L} ()-]*)$/iu
const mixedWith =
  /[,(]?\s*(?:then |and )?(?:mixed|soaked|dissolved|blended|whisked|beaten|stirred|combined|slaked|rehydrated|made)(?: (?:up|together|overnight|for [\d-]+ \p{L}+|to a (?:smooth )?paste))? (?:with|in|into) (.+?)\)?$/iu
/** What of one thing is no second thing: "1 lemon, zest and 2 tbsp juice". */
const ofTheFirst =
  /^(?:between|from|juice|zest|rind|peel|separated|whole|(?:them|it|its|these|those|this|that|which)\b.*|\d.*)$/i

/** "GF flour 140 g + xanthan 3 g": both amounts stand behind their names. */
const bothBehind =
  /^(\p{L}[^,;+&]*? \d+(?:\.\d+)?(?: ?(?:k?g|ml|l|oz|tsp|tbsp)\.?)?) (?:\+|plus|and|&) (\p{L}[^,;+&]*? \d+(?:\.\d+)?(?: ?(?:k?g|ml|l|oz|tsp|tbsp)\.?)?)$/iu
const citrus = /\b(?:lemon|lime|orange|grapefruit|mandarin|clementine|satsuma|tangerine)s?$/i

/** "some kept for the top", "reserving 2 tbsp to scatter": of the same, and not more of it. */
const keptBack = [
  /[,;(]\s*([^,;()]{0,30}?)\s*\b(?:kept|saved|reserved|set aside|held back|put aside|left)(?: back| over| aside| whole)? ((?:for|to)\b[^,;()]*)\)?\s*$/iu,
  /[,;(]\s*(?:reserv(?:e|ing)|sav(?:e|ing)|keep(?:ing)?(?: back)?|hold(?:ing)? back|(?:set|put)(?:ting)? aside)\s+([^,;()]{1,30}?)(?: back| aside| over)? ((?:for|to)\b[^,;()]*)\)?\s*$/iu,
]

/** How much of the same, and for what: nothing of it names another thing. */
const ofTheSame =
  /^(?:(?:an?|another|some|of|it|them|little|bit|touch|few|handfuls?|pinch|knob|dab|drizzle|squeeze|sprinkl(?:e|ing)|dusting|blob|slick|scrape|smear|dollop|splash|glug|good|spoons?|extra|more|one|whole|small|large|halves|pieces|spoonfuls?|tablespoons?|teaspoons?|needed|required|if|when|as|in|on|at)\b ?)*/i
const otherThing = (said: string): boolean => {
  const what = said.replace(/(?:^| )(?:for|to|as)\b.*$/i, '')
  return /\p{L}{3}/u.test((readAmount(what)?.rest ?? what).trim().replace(ofTheSame, ''))
}

/** The same said of half of it. */
const halved = (amount: Amount): Amount => ({
  ...amount,
  value: amount.value / 2,
  ...(amount.upTo === undefined ? {} : { upTo: amount.upTo / 2 }),
})

/** Says how much: then it is a thing of its own and not a manner of preparing. */
const isMeasured = (read: ReadLine): boolean =>
  read.item !== '' &&
  !ofTheFirst.test(read.item) &&
  takeBefore(`${read.item} x`).item !== 'x' &&
  /\p{L}{2}/u.test(read.item) &&
  (read.amount !== null || read.approximate)

const weighsNothing = (read: ReadLine) => read.amount === null || read.amount.unit === 'each'

const noName =
  /^(?:for|to|if|as|at|or|and|plus|from|in|on|with|without|see|not|no|optional|about|more|extra|any|all|your|a|an|the|good|such)\b/i
/** "Hundreds and thousands, jelly sweets, chocolate buttons": names and no amounts, most of them known; null where a part is no name. */
function namesIn(text: string): string[] | null {
  // "digestive biscuits (GF)": the bracket says of which kind
  if (
    /[\d½¼¾⅓⅔():;]/.test(
      text.replace(/\s\(([^()]*)\)/g, (bracket, inside: string) => (kindOfFree.test(inside) ? '' : bracket)),
    )
  )
    return null
  const names = text.replace(/\.$/, '').split(/,\s+(?:and\s+)?/)
  const isName = (one: string) =>
    one !== '' && one.split(/\s+/).length <= 4 && !noName.test(one) && !startsWithPrep(one) && takeBehind(one) === null
  return names.length > 2 && names.every(isName) && names.filter(isKnownFood).length * 2 > names.length ? names : null
}

const saysHowMuchOfFood = (part: string): boolean => {
  const { amount, item } = readLine(part)
  return amount !== null && amount.unit !== 'each' && isKnownFood(item)
}

/** Every use and every thing that the line names, the first as written. One line for most. */
export function uses(given: string): ReadLine[] {
  if (given.length > longestRead) return [readLine(given)]
  const text = undecorated(given)
  const apart = parted(text, /^;\s+/).map(([from, to]) => text.slice(from, to))
  // "20 g butter; rub in 20 g sugar"
  if (apart.length > 1 && apart.every(saysHowMuchOfFood)) return apart.flatMap(uses)
  const extra = more.exec(text)
  const before = extra ? uses(text.slice(0, extra.index)) : []
  // "40 g + extra rice flour for dusting": all of it is that
  const bare = extra && extra.index > 0 ? readAmount(text.slice(0, extra.index)) : null
  if (extra && bare && bare.rest.trim() === '') {
    const other = readLine(extra[0].replace(/^[,;(]?\s*(?:plus|\+|and)\s+/i, '').replace(/\)$/, ''))
    if (other.item && other.role !== 'mix')
      return [
        { ...other, role: 'mix', amount: bare.amount, approximate: false },
        { ...other, amount: null, approximate: true },
      ]
  }
  if (extra && before[0]!.item !== '') {
    const said = extra[0].replace(/^[,;(]?\s*(?:plus|\+|and)\s+/i, '').replace(/\)$/, '')
    // "plus extra almonds to decorate" are almonds
    if (otherThing(said)) {
      const other = readLine(said)
      return [...before, { ...other, approximate: other.amount === null || other.approximate }]
    }
    const use = /\b(?:for|to|as)\b.*$/i.exec(said)?.[0] ?? 'for the tin'
    const second = readLine(`${before[0]!.item}, ${use}`)
    const amount = readAmount(said.replace(/^(?:extra|another) /i, ''))
    const known = amount && amount.amount.unit !== 'each' ? amount.amount : null
    return [...before, { ...second, amount: known, approximate: known === null }]
  }
  const held = keptBack.map(one => one.exec(text)).find(match => match && match.index > 0 && !otherThing(match[1]!))
  if (held) {
    const [first, ...others] = uses(text.slice(0, held.index))
    const second = readLine(`${first!.item}, ${held[2]}`)
    const measured = readAmount(held[1]!)?.amount ?? null
    const amount = measured && measured.unit !== 'each' ? measured : null
    if (first!.item !== '' && second.role !== 'mix')
      return [
        // what is kept of it is taken from what is weighed out for all
        amount && first!.amount ? { ...first!, plus: [...first!.plus, { ...amount, value: -amount.value }] } : first!,
        ...others,
        { ...second, amount, approximate: amount === null },
      ]
  }
  const behind = bothBehind.exec(text)
  if (behind) return [...uses(behind[1]!), ...uses(behind[2]!)]
  const mixed = mixedWith.exec(text)
  if (mixed && mixed.index > 0) {
    const other = readLine(mixed[1]!)
    const first = uses(text.slice(0, mixed.index))
    // of "soaked in cold water" nothing is measured; water that something was soaked in goes, rum stays
    if (isMeasured(other) && first.some(one => one.amount !== null))
      return [
        {
          ...first[0]!,
          prep: [first[0]!.prep, mixed[0].replace(mixed[1]!, 'what follows').replace(/^[\s,(]+|\)$/g, '')]
            .filter(Boolean)
            .join(', '),
        },
        ...first.slice(1),
        /soaked|rehydrated/i.test(mixed[0]) && /\bwater$/i.test(other.item)
          ? { ...other, role: 'drained' as const }
          : other,
      ]
  }
  const two = secondThing(text)
  const opened = two
    ? (text.slice(0, two.at).match(/\(/g)?.length ?? 0) - (text.slice(0, two.at).match(/\)/g)?.length ?? 0)
    : 0
  if (two && opened <= 0) {
    const first = uses(text.slice(0, two.at))
    const other = uses(two.said)
    // "sugar and 20 g almonds": what is weighed is another thing, however the first is said
    const apart =
      first.every(isMeasured) ||
      (first[0]!.amount === null &&
        /\p{L}{3}/u.test(first[0]!.item) &&
        (!weighsNothing(other[0]!) || (other[0]!.approximate && isKnownFood(first[0]!.item))) &&
        // of "oats, 90 g, gluten free" the last says of which kind
        !kindOfFree.test(other[0]!.item) &&
        isKnownFood(other[0]!.item))
    // "juice of 1 lemon and 2 limes" is juice of both
    const part = first.at(-1)!.form
    if (apart && other.every(isMeasured))
      return [
        ...first,
        ...other.map(one =>
          part !== null && one.form === null && /^(?:zest|juice)/.test(part) && citrus.test(one.item)
            ? { ...one, form: part }
            : one,
        ),
      ]
  }
  const halves = divided.exec(text)
  if (halves) {
    const whole = readLine(text.slice(0, halves.index))
    const other = readLine(`${whole.item}, ${halves[1]!.replace(/^on (?:the )?top/i, 'for the top')}`)
    if (whole.amount) {
      const part = {
        ...whole,
        amount: halved(whole.amount),
        plus: whole.plus.map(halved),
        also: whole.also.map(halved),
      }
      return [part, { ...part, role: other.role }]
    }
  }
  const each = eachOf.exec(text)
  if (each && readLine(`${each[1]} ${each[2]}`).amount)
    return [...each[2]!.split(/,\s*/).map(item => withThingOf(item, each[3]!)), each[3]!].map(item =>
      readLine(`${each[1]} ${item}`),
    )
  return namesIn(text)?.map(readLine) ?? [readLine(text)]
}
