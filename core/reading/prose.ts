// Ingredients told in the course of the method: "Cream 4 oz block with 4 oz sugar, add 2 eggs, then 8 oz flour."
import { isKnownFood } from '../ingredient/knownFood'
import { madeFoodsIn } from '../ingredient/usually'
import { readAmount } from '../measure/quantity'
import { speaksOfFood } from '../recipe/openFood'
import { unitMeant } from './bareNumber'
import { normal } from './normal'
import { readLine } from './readLine'
import { readOven } from './readStep'
import { noWeight, slashesApart } from './waysInRow'

const clauseEnds =
  /[,.;:](?!\d)(?![^()]{0,80}\))\s*|\s+(?:then|with|and|add|adding|into|over|plus|followed by|along with|together with)\s+|\s+(?:n|'n'|&|\/|\+)\s+(?=\d)|\s+\+\s+|\s+(?:und|et|och|og|en|y|e|i|a|ja)\s+(?=\d|eine?n?\s|une?\s|una?\s|een\s|ett\s|[½¼¾])/i
const amountBegins =
  /(?<![\p{L}\d.,/-])(?=\d|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half|quarter)\s)/giu
const counted = /\b(?:egg|lemon|lime|orange|apple|banana|pear|plum|carrot|courgette|date|vanilla pod)/i

/** "4 spring onions", by itself between two commas. */
const countedThing = /^\d{1,2} \p{L}{3,}(?: \p{L}{3,}){0,2}$/u
const noFood =
  /(?:tins?|bowls?|layers?|trays?|sheets?|batch(?:es)?|tiers?|rounds?|circles?|balls?|halves|parts?|goes|lots|turns?|folds?|stages?|additions|ways|hands?|cases|moulds|rings|strips|cakes|spoons?|more|at|in|to|of|by|per|each|inches)$/i
/** Amounts of one clause that are looked at: no clause weighs out more. */
const mostTried = 8
/** What is told of one thing is not longer, in letters. */
const longestSaid = 200
/** "10 g each butter, sugar & flour": so much of every one of them. */
const ofEach =
  /(?<![\p{L}\d.,/-])((?:\d[\d.,/]*|an?|one|two|three)\s?\p{L}{1,11})\s+(?:each(?: of)?|of each:?)\s+(\p{L}[^.;:()\d]{2,120}?(?:,| and | & )[^.;:()\d]{2,60}?)(?=[.;:(]|,?\s(?:then|into|in|with)\s|,?\s(?:and\s)?\d|$)/giu
const eachByItself = (said: string): string =>
  said.replace(ofEach, (_, much: string, names: string) =>
    names
      .split(/,\s*(?:(?:and|&)\s)?|\s(?:and|&)\s/)
      .filter(name => name.trim() !== '')
      .map(name => `${much} ${name.trim()}`)
      .join(', '),
  )

/** "a good half block of butter", "a soup-plate of flour": so much as whatever is at hand holds. */
const byVessel =
  /^(?:about |roughly |maybe |perhaps |say )?((?:an?|one|two|three|four|half(?: an?)?) (?:(?:good|big|small|large|little|heaped|scant|generous|level|full|half|old|whole) )*[\p{L}-]{3,20} of \p{L}.*)$/iu

/** The amounts and what they are of, each as a line would be written. What is timed, heated or cut is none. */
export function linesInProse(text: string): string[] {
  const clauses = eachByItself(slashesApart(normal(text))).split(clauseEnds)
  return clauses.flatMap((given, at) => {
    const clause = given.replace(/\s+(?:too|as well|now|please|first)$/i, '')
    // "dip them in dark chocolate, about 100 grams"
    const alone = readAmount(clause.replace(/^(?:so |and |it(?:'|’)?s )/i, ''))
    const earlier = (clauses[at - 1] ?? '').slice(-longestSaid)
    const isNamed = (one: string) => one.length <= 40 && !/\d/.test(one) && speaksOfFood(one)
    const said = earlier.replace(/ (?:if you (?:like|want|fancy)|optional|maybe)$/i, '')
    // "coconut, fine, about three cups"
    const named = !isNamed(said) && /^\p{L}{2,12}$/u.test(said) ? (clauses[at - 2] ?? '') : said
    const before =
      /.*\b(?:in|into|with|add|of|some|use)\s+(\p{L}[\p{L} -]{2,40})$/iu.exec(earlier)?.[1] ??
      // "Sultanas if you like, about 60g"
      (isNamed(named) ? named : undefined)
    if (alone && alone.rest === '' && alone.amount.unit !== 'each' && before && !/\d/.test(before))
      return [`${clause} ${before}`]
    // "tsp of baking powder"
    if (/^(?:tsp|tbsp|cup|teaspoon|tablespoon|pinch|handful) of \p{L}/iu.test(clause)) return [`1 ${clause}`]
    const vessel = byVessel.exec(clause)
    const held = vessel && readLine(vessel[1]!)
    if (held?.form && isKnownFood(held.item) && !/ of /.test(held.item)) return [vessel![1]!]
    const lines: string[] = []
    const begins = [...clause.matchAll(amountBegins)]
      .slice(0, mostTried)
      .map(one => one.index)
      // "1 cup juice (5 lemons)": what stands in its bracket goes with it
      .filter((at, _, [first]) => at === first || !/\([^()]*$/.test(clause.slice(first, at)))
    for (const [nth, index] of begins.entries()) {
      const next = begins[nth + 1] ?? clause.length
      const all = clause.slice(index, index + longestSaid)
      // "4 eggs 120 sugar 120 flour": up to the next amount, where what stands between is a thing
      const upTo = clause.slice(index, Math.min(next, index + longestSaid)).trim()
      const said = next < clause.length && isThing(upTo) && isThing(clause.slice(next)) ? upTo : all
      // heat is no amount: "180C for 25 min"
      if (readOven(said) !== null) continue
      const read = readAmount(said)
      const thing = read?.rest.trim().replace(/^of (?:the )?/i, '') ?? ''
      // "mascarpone 500 g, beaten": the name stands before
      const before = lines.length === 0 ? clause.slice(0, index).replace(/[\s([]+$/, '') : ''
      // "half gets cocoa (50 g)"
      const ahead = /^.*\b(?:gets?|takes?|has|is|add|use|some|of) (\p{L}.*)$/iu.exec(before)?.[1] ?? before
      if (read && read.amount.unit !== 'each' && ahead.length <= 40 && isKnownFood(ahead) && !isKnownFood(thing))
        return [`${said.slice(0, said.length - read.rest.length).trim()} ${ahead}`]
      if (!read || !/^\p{L}['’]?\p{L}/u.test(thing)) continue
      const line = readLine(said)
      // "a mug of seeds" and "2 eggs" are counted
      if (
        read.amount.unit !== 'each' ||
        line.form === 'mug' ||
        line.form === 'glass' ||
        read.packed ||
        counted.test(line.item) ||
        // "4 spring onions", and not "12 tarts" that come of it
        (index === 0 &&
          /^\d/.test(said) &&
          madeFoodsIn(line.item).length === 0 &&
          (isKnownFood(line.item) || (countedThing.test(said) && !noWeight.test(said) && !noFood.test(line.item)))) ||
        // "50 sugar": asked about, as in a list
        (isKnownFood(line.item) && unitMeant(line, null).doubt?.unit) ||
        (read.amount.value >= 20 && /^\s*of\b/i.test(read.rest))
      )
        lines.push(said.trim().replace(/\s(?:in|into|with|on|over|to|through)$/i, ''))
      if (lines.length > 0 && said === all) break
    }
    return lines
  })
}
/** "120 sugar": an amount, and right behind it something known. */
const isThing = (text: string): boolean => {
  const rest = readAmount(text)?.rest.trim() ?? ''
  return /^(?:of )?\p{L}{3}/u.test(rest) && isKnownFood(rest.split(/\s+/).slice(0, 3).join(' '))
}
