// One written ingredient line, read: amount, item, form, preparation, role. What is not understood stays in the item.

import { isKnownFood } from '../ingredient/knownFood'
import { readAmount } from '../measure/quantity'
import type { Role } from '../model/recipe'
import type { Amount, Size } from '../model/unit'
import { rememberedByText } from '../words/remembered'
import { amountBehindName, amountsAtHead, repeats, takeCounted } from './amounts'
import { leadsIn } from './deeds'
import { opened } from './opening'
import { startsWithPrep, takeBefore } from './prepWords'
import { onlyRole, roleIn, roleWords, saysRole } from './roleWords'
import { formFrom, readThing, takeAlternatives, tidy } from './thing'

export interface ReadLine {
  amount: Amount | null
  /** "½ cup plus 2 tbsp" adds up; "less" is a negative summand. */
  plus: Amount[]
  /** The same amount said again: "100 g / 3½ oz", "(180 g)". */
  also: Amount[]
  /** The name one would look it up by: "ground hazelnuts", "egg yolks"; for zest and juice the fruit. */
  item: string
  form: string | null
  prep: string | null
  role: Role
  optional: boolean
  alternatives: string[]
  approximate: boolean
  /** What could be read in two ways, as it is asked. */
  doubt?: Doubt
}

/** `unit`: no unit was written, and the most likely one is taken. */
export interface Doubt {
  question: string
  unit: boolean
}

const optionalWords =
  /\(opt\.?\)|^optional(?:ly)?(?: extras?)?\s*[:,-]?\s+|[,;]?\s*\(?\b(?:optional(?:ly)?|(?<!\([^()]{0,60}[\p{L}\d] )if (?:you (?:like|want|wish|fancy|prefer|have (?:it|them|some))|liked|desired|wanted|preferred|(?:using|needed|necessary|required)(?! \p{L})))\b\)?/iu
/** Wherever in the line they stand: said of the amount, or of how many pieces it is. */
const asNeeded = /\b(?:to taste|as (?:needed|required|necessary|desired)|or so|enough(?= (?:to|for)\b))\b/iu
const allAsNeeded = new RegExp(asNeeded, 'giu')
const aboutSo = /\b(?:about|approx(?:imately|\.)?|roughly|around)(?= ?\d)(?!\s*\d+(?:-\d+)?\s*°)/iu
const approximateWords =
  /\b(?:about|approx(?:imately|\.)?|roughly(?= (?:\d|an?\b|half|one|two|three))|heaped|heaping|scant|generous|or so|to taste|as (?:needed|required|necessary)|as desired)\b|~(?=\s*\d)/iu
const allApproximate = new RegExp(approximateWords, 'giu')

/** "plus extra for the tin", "+ more to serve", "plus a few for the top": a second use of the same. */
export const more =
  /[,;(]?\s*(?:(?:\bplus|\+|\band)\s+(?:(?:a (?:little|bit|touch) |some )?(?:extra|more)\b|(?:a few|a little|a bit|a touch|a handful|a pinch|some|another (?:handful|pinch|spoonful|tablespoon|teaspoon|few|one)|\d[^,;\p{L}]{0,8}(?:k?g|ml|l|oz|lb|cups?|tbsps?|tsps?|tablespoons?|teaspoons?|T|t)?\.?)(?: (?:whole|small|large|halves|pieces|of (?:it|them)))?(?= (?:for|to)\b))|(?:\bplus|\+)\s+(?!enough\b)\p{L}[^,;()]*? (?:for|to)\b|(?:\bplus|\+)\s+(?:a few|a little|some|a bit) (?:extra|more)$).*$/iu

/** "1 egg + 1 egg yolk", "75 g sultanas, 50 g mixed peel": a second thing behind the first. See `secondThing`. */
const another =
  /(?:\s(?:\+|plus|and|&)|[,;](?: plus| and)?|(?<!\b(?:mixed|soaked|dissolved|blended|whisked|beaten|stirred|combined|slaked|rehydrated|made|up|paste|together))\swith(?=\s\d[\d./]*\s?(?:tsp|tbsp|teaspoon|tablespoon|m?l|k?g|cl|dl)))\s+((?:(?:about |approx\.? |roughly |~ ?)?(?:\d|½|¼|¾|⅓|⅔)(?!\d*\s?%)|(?:the )?(?:(?:finely )?grated )?(?:zest|juice|rind)(?: (?:and|&) (?:juice|zest))? of (?=\d|½|an? |one |two |half )|one |two |an (?=egg )|another |an? (?=yolk|white|little|pinch|splash|dash|drop|few|squeeze)|enough (?!to )|(?=(?:pinch|dash|splash|handful|knob) (?:of )?\p{L}))(?!.*\b(?:each|total|weight)\b).*\p{L}.*)$/iu

/** Without any of these nothing is optional. */
const mayBeOptional = /\bopt|\bif\b/i

/** "(optional but helps)" keeps what else it says. */
const withoutOptional = (line: string): string =>
  line
    .replace(/\(([^()]*)\)/g, (bracket, inside: string) =>
      optionalWords.test(inside) ? `(${inside.replace(optionalWords, ' ').trim()})`.replace(/^\(\)$/, ' ') : bracket,
    )
    .replace(optionalWords, ' ')
    .replace(/^\(\s*\)/, '')
    .replace(/\s+/g, ' ')
    .trim()

/** Text inside brackets, outermost only: returns the text without them, and what stood in each. */
function takeBrackets(text: string): { text: string; inside: string[] } {
  const inside: string[] = []
  const without = text.replace(
    /\(([^()]*(?:\([^()]*\)[^()]*)*)\)|\[([^\]]*)\]/g,
    (_, round: string, square: string) => {
      inside.push((round ?? square).trim())
      return ' '
    },
  )
  return {
    text: without
      .replace(/\s+/g, ' ')
      .replace(/ ([,;])/g, '$1')
      .trim(),
    inside,
  }
}

/** No ingredient line is longer; what is, is kept as its own name rather than read. Letters. */
export const longestRead = 2000
const nothing: Omit<ReadLine, 'item'> = {
  amount: null,
  plus: [],
  also: [],
  form: null,
  prep: null,
  role: 'mix',
  optional: false,
  alternatives: [],
  approximate: false,
}

/** "or agave syrup for a vegan version": another thing in its place. */
const instead = /^(?:or|alternatively) (?!more\b|less\b|so\b|to\b)(.+?)(?:\s+(?:for|if|to make|as|when)\b.*)?$/i

const aboutWord = /^(?:heaped|heaping|scant|rounded|approx\.?|approximately|roughly)$/i
/** What makes it another thing, said behind its name. */
export const kindOfFree = /^(?:(?:gluten|wheat|dairy|milk|lactose|egg|nut|soya?)[- ]?free|vegan|gf|df|plant[- ]based)$/i
/** "flour, rice", "milk, oat": as a stock list says it, the kind behind the thing. */
const listed =
  /^(?:flour|oil|milk|butter|cream|syrup|vinegar|starch|powder|yogh?urt|cheese|essence|extract|drink|paste|spread|sauce)$/i
const isKindOf = (piece: string, name: string): boolean =>
  listed.test(name) &&
  piece.split(' ').length <= 2 &&
  !listed.test(piece) &&
  !/s$|\b(?:and|or|of|in|for|with|ground|fine(?:ly)?|coarse(?:ly)?|flaked|whole|raw|extra|pure|organic|brown|white|dark|light|golden)\b/i.test(
    piece,
  ) &&
  piece.split(' ').every(isKnownFood) &&
  !startsWithPrep(piece)
/** "cream (soya)" is no cream of milk. */
const plantKind = /^(?:soya?|oat|almond|coconut|rice|cashew|hemp|pea|plant)$/i
const likeMilk = /\b(?:cream|milk|yogh?urt|drink|butter|cheese)$/i
/** "size M", "(large)", "(med)". */
const sizeWord = /^(?:size )?(?:s|m|l|xl|small|medium|large|med|lge?|lrg|sm|big)\.?$/i
const sizeOf = (word: string): Size => {
  const size = word.toLowerCase().replace(/^size /, '')
  return size.startsWith('s') ? 'small' : size.startsWith('m') ? 'medium' : 'large'
}

/** By itself no food of its own: it takes its kind from the name. */
const onlyKind = /^(?:flour|starch|powder|syrup|vinegar|oil|essence|extract|paste|gum|seeds?|meal|flakes)$/i
/** "zum Tunken: 200 g Kuvertüre", "smält 100 g smör": what stands before the amount is no food, and what stands behind it is one. */
const isNamedBehind = (before: string, behind: string): boolean =>
  !isKnownFood(before) &&
  isKnownFood(behind) &&
  !startsWithPrep(behind) &&
  !/\b(?:in|with|for|from|to|into|on|at|per|till|until)\b/i.test(behind)

/** By itself no food: how it was come by, or of what make it is. */
const onlySaysHow =
  /^(?:[\p{L}’']+[- ])*(?:bought|made|rolled|baked|range|fed|quality|brand(?:ed)?|organic|natural|local|luxury|traditional|homemade|favourite|left-?over|spare|stale|mixed|assorted|thick|thin|whole|ready|cheap|artisan)$/iu
/** Words behind an amount in a bracket or after a comma that leave it the same amount. */
const ofTheSame =
  /^\s*(?:each|in total|total|drained|net|peeled|stoned|pitted|prepared|altogether|(?:peeled|prepared|drained|stoned|total|shelled|net|raw|dry|uncooked) weight|unpeeled|shelled|\/.*|or .*|\d+ ?oz)?\s*$/i
const ways = /^(?:about|approx(?:imately|\.)?|roughly|~|or|=|i\.?e\.?|that's|weighing|total|around|ca?\.)\s*/i
/** What of a line is a second thing, and where it begins; "10 dates, pitted, 160 g" weighs the first. */
export function secondThing(text: string): { at: number; said: string } | null {
  const found = another.exec(text)
  const read = found && readAmount(found[1]!.replace(ways, ''))
  if (!found || (read && read.amount.unit !== 'each' && ofTheSame.test(read.rest))) return null
  return { at: found.index, said: found[1]! }
}

/**
 * Reads one ingredient line as people write it. Never throws: a line it cannot read is an item without an amount.
 * `amount` null means that no amount is written. Cup and spoon belong to the recipe; amounts keep the written unit.
 */
export const readLine: (text: string) => ReadLine = rememberedByText(read)
function read(text: string): ReadLine {
  if (text.length > longestRead) return { ...nothing, item: text.trim() }
  const { line, role: given, label } = opened(text)
  const optional = mayBeOptional.test(line) && optionalWords.test(line.replace(more, ''))
  let role: Role = given ?? roleIn(line)
  const preps: string[] = []
  const alternatives: string[] = []
  const head = amountsAtHead(mayBeOptional.test(line) ? withoutOptional(line) : line)
  preps.push(...head.measures.splice(0))

  /** An amount in words beside the name: the same said again, or the amount itself. */
  const saidAgain = (said: string): boolean => {
    const read = readAmount(said.replace(ways, ''))
    if (!read || !ofTheSame.test(read.rest)) return false
    if (read.amount.unit === 'each' && (head.amount !== null || /\p{L}/u.test(read.rest))) return false
    if (/\beach\b/i.test(read.rest) && head.amount?.unit === 'each')
      head.also.push({ ...read.amount, value: read.amount.value * head.amount.value })
    else if (head.amount) head.also.push(read.amount)
    else head.amount = read.amount
    head.also.push(...repeats(read.rest))
    if (approximateWords.test(said)) head.approximate = true
    return true
  }

  const bracketed = takeBrackets(head.rest)
  head.rest = bracketed.text
  const kinds: string[] = []
  // "Egg whites 6 (210 g)": so many, and then what they weigh
  if (head.amount === null && /\p{L}\W* \d{1,2}$/u.test(head.rest)) amountBehindName(head)
  // "eggs (x4)"
  for (const inside of bracketed.inside)
    if (saidAgain(inside.replace(/^x ?(?=\d+$)/i, ''))) continue
    else if (instead.test(inside)) alternatives.push(tidy(instead.exec(inside)![1]!))
    else if (aboutWord.test(inside)) head.approximate = true
    else if (plantKind.test(inside) && likeMilk.test(head.rest)) kinds.push(inside)
    else if (inside && !saysRole(inside)) preps.push(inside)

  if (head.amount === null) {
    const left = amountBehindName(head)
    if (left && isNamedBehind(head.rest, tidy(left)) && onlyKind.test(tidy(left))) {
      // "amaranth 100 g flour" is amaranth flour
      head.rest = `${tidy(head.rest)} ${tidy(left)}`
    } else if (
      left &&
      leadsIn(head.rest) &&
      /\p{L}{2}/u.test(left) &&
      !kindOfFree.test(tidy(left)) &&
      takeBefore(`${tidy(left)} x`).item !== 'x'
    ) {
      // "for the syrup boil 125 g icing sugar with the juice"
      const [name = '', ...goesOn] = tidy(left).split(/\s+(?=(?:with|into|over|in|until|till|for) )/)
      preps.push(tidy(head.rest), ...goesOn)
      head.rest = name
    } else if (left && !kindOfFree.test(tidy(left)) && isNamedBehind(head.rest, tidy(left))) {
      preps.push(tidy(head.rest))
      head.rest = tidy(left)
    } else if (left) (kindOfFree.test(tidy(left)) ? kinds : preps).push(tidy(left))
  }
  // "each of cinnamon, ginger and nutmeg" are all of it
  const asList = /^\s*each\b/i.test(head.rest)
  takeCounted(head)
  preps.push(...head.measures)

  let rest = head.rest.replace(/^[\s,;]+/, '')
  const extra = more.exec(rest)
  if (extra) {
    preps.push(tidy(extra[0]))
    rest = rest.slice(0, extra.index)
    role = given ?? roleIn(rest) // the extra is its own line: see readRecipe
  }
  // "1 cup oat flour, plus 2 tbsp": a sum behind the name
  const added = /,?\s(plus|\+|and|less|minus) (?!.*,)(\S.*)$/i.exec(rest)
  const sum = added && head.amount ? readAmount(added[2]!) : null
  if (added && sum && sum.amount.unit !== 'each' && /^\s*(?:extra|more)?$/i.test(sum.rest)) {
    head.plus.push(/^(?:less|minus)/i.test(added[1]!) ? { ...sum.amount, value: -sum.amount.value } : sum.amount)
    rest = rest.slice(0, added.index)
  }
  // "salt / 1 tsp": the same said again behind the name
  const slash = /\s\/\s*(\S.*)$/.exec(rest)
  if (slash && head.amount && saidAgain(slash[1]!)) rest = rest.slice(0, slash.index)
  // "1 large egg + 1 egg yolk": a second thing, a line of its own where a whole recipe is read
  const second = head.amount === null ? null : secondThing(rest)
  if (second) {
    preps.push(second.said)
    rest = rest.slice(0, second.at)
    role = given ?? roleIn(rest)
  }
  for (const [candidate, pattern] of roleWords)
    if (
      candidate === role &&
      !/spray|paper|parchment|greaseproof|cake release|cases?$/i.test(pattern.exec(rest)?.[0] ?? '')
    )
      rest =
        tidy(
          // of "icing sugar, for dusting" only the dusting goes: the sugar is what it is
          rest.replace(pattern, said =>
            /\bdust/i.test(said) ? said.replace(/,?\s*\b(?:for|to) dust(?:ing)?\b.*$/i, ' ') : ' ',
          ),
        ) || rest
  // what the role said may lie around the name: "icing sugar for dusting"
  if (role !== 'mix') rest = tidy(rest.replace(/\s(?:for|to) dust(?:ing)?$/i, '')) || rest
  const own = extra ? line.replace(extra[0], '') : line
  head.approximate ||= asNeeded.test(own) || aboutSo.test(own)
  // "fresh fruit: blueberries, kiwi" names some of it
  const split = head.amount ? /,(?!\d)|;|\s-\s|:\s/ : /,(?!\d)|;|\s-\s/
  const [first = '', ...pieces] = (asList ? [rest] : rest.split(split)).map(tidy)
  let name = first.replace(/^extra (?!virgin|firm|large|fine|thick|dark|light|strong|hot)/i, '')
  // "2 large, ripe bananas": what is said before the comma belongs to what stands behind it
  const isFoodBehind = (piece: string) =>
    isKnownFood(piece) && !startsWithPrep(piece) && !instead.test(piece) && !kindOfFree.test(piece) && !saysRole(piece)
  const onlyBefore = (said: string) => takeBefore(`${said} x`).item === 'x'
  while (
    pieces.length > 0 &&
    (name === '' ||
      onlyBefore(name) ||
      // "shop-bought, sweet pastry": no food before the comma, and one behind it
      (onlySaysHow.test(name) && isFoodBehind(pieces[0]!)) ||
      /^(?:dark|light|soft|good|fresh|firm|plump|thick|cooked|raw|dried|roasted)$/i.test(name))
  )
    name = `${name} ${pieces.shift()}`.trim()
  // "roughly chopped" says how it is chopped, not how much there is
  if (approximateWords.test(name)) {
    head.approximate = true
    name = tidy(name.replace(allApproximate, ' '))
  }
  const behind: string[] = []
  for (const one of pieces) {
    const piece = tidy(one.replace(allAsNeeded, ' '))
    const other = instead.exec(piece)
    if (other) alternatives.push(tidy(other[1]!))
    else if (aboutWord.test(piece)) head.approximate = true
    // "plain flour, gluten free" is another thing than plain flour
    else if (kindOfFree.test(piece)) name = `${piece} ${name}`
    else if (isKindOf(piece, name)) name = `${piece.toLowerCase()} ${name.toLowerCase()}`
    else if (piece && piece !== 'or' && !saidAgain(piece)) behind.push(piece)
  }
  // "chocolate chips (dairy free)": another thing than chocolate chips
  if (kinds.length > 0 && name) name = `${kinds.join(' ')} ${name}`
  if (behind.length > 0) preps.unshift(behind.join(', '))

  const { thing, alternatives: others } = takeAlternatives(name)
  alternatives.push(...others)
  const read = readThing(thing, head)
  preps.unshift(...read.preps)
  let amount = head.amount ?? read.amount
  const form = formFrom(preps, read.form ?? head.counted)
  const sized = preps.findIndex(one => sizeWord.test(one))
  if (sized >= 0 && amount?.unit === 'each') amount = { ...amount, size: sizeOf(preps.splice(sized, 1)[0]!) }
  // "2 x 60 g eggs" are eggs of that size in their shells
  const shells = /^(\d+) x (\d+ ?g)\b/i.exec(line)
  if (shells && /^(?:\S+ )*eggs?$/i.test(read.item)) {
    amount = { value: Number(shells[1]), unit: 'each' }
    preps.push(`${shells[2]} each, in the shell`)
  }
  if (label) preps.push(label)
  // words that only say where it goes are the role, not a preparation
  const prep = preps
    .map(tidy)
    .filter(one => one && !onlyRole(one))
    .join(', ')
  return {
    amount,
    plus: head.plus,
    also: head.also,
    item: read.item || tidy(rest) || tidy(line),
    form,
    prep: prep || null,
    role,
    optional,
    alternatives,
    approximate: head.approximate,
  }
}
