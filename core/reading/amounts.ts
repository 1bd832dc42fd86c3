// The amounts at the start of a line: how much, what is added to it or taken away, and the same said again.
import { isKnownFood } from '../ingredient/knownFood'
import { gramsOf } from '../measure/convert'
import { readAmount } from '../measure/quantity'
import type { Amount } from '../model/unit'
import { leadsIn } from './deeds'
import { partOf } from './partWords'

export interface Amounts {
  amount: Amount | null
  /** "½ cup plus 2 tbsp" adds up; "less" is a negative summand. */
  plus: Amount[]
  /** The same amount said again: "100 g / 3½ oz", "(180 g)". */
  also: Amount[]
  /** What one of a count is: "sprig" of "3 sprigs of mint", "tin" of "1 tin of beans". */
  counted: string | null
  /** It is bought in a tin, a packet, a jar: "chopped" names what is inside. */
  packed: boolean
  /** A measure that is no amount: "2 cm piece". */
  measures: string[]
  approximate: boolean
  rest: string
}

const few = '(?:an? |1 |one |another )?'
const sized = '(?:(?:good|small|large|big|generous|little|tiny|decent|heaped|scant|very) )*'
const vagueNoun =
  'handfuls?|knobs?|drizzles?|scrap(?:ing|e)s?|grinds?|gratings?|twists?|slosh|squeezes?|squirts?|dollops?|shakes?|shavings?|crack|trickle|smear|lick|slick|touch|hint|glugs?|scattering|dusting|sprinkl(?:ing|e)|bit|lug|spritz(?:es)?|lashings|blobs?|fistfuls?|pile|hunk|chunk|plenty|sploshes?|splosh|swirls?|brushing|coating|film|amount'
const vague = new RegExp(
  `^(?:(?:${few}${sized}(?:few |couple of )?|(?:\\d+(?:-\\d+)?|two|three|four)(?:-\\d+| or (?:\\d+|two|three|four))? ${sized})(?:few drops|(?:thumb|walnut|egg)-sized (?:piece|knob|lump)|${vagueNoun})|${few}(?:little|few)|some|enough)(?: of)?(?: an?)?(?![\\p{L}])`,
  'iu',
)

/** Nothing but a vague amount: "a good handful". */
export const isVague = (text: string): boolean => vague.exec(text)?.[0] === text

const length = '\\d+(?:\\.\\d+)?(?: \\d/\\d)? ?(?:-| )?(?:cm|mm|in(?:ch(?:es)?)?|")'
/** "20 cm sheet of baking paper", "a 2.5 cm piece fresh ginger": a length is no amount. */
const lengthOf = new RegExp(
  `^(?:an? |one |1 )?(?:(?:small|large|thick|thin) )?(${length}[- ]*(?:long |thick |square )?(?:sheet|round|square|strip|length|piece|knob|chunk|stick|slice|cube|disc|circle)s?)(?: of)? (?=\\p{L})|^(${length})(?:[- ]of)?[- ](?=\\p{L})`,
  'iu',
)

/** What food is bought in. */
export const packs =
  'tins?|cans?|jars?|jugs?|packets?|pkts?|pkgs?|env|packs?|containers?|packages?|sachets?|envelopes?|bags?|cartons?|tubs?|punnets?|bottles?|pots?(?! barley)|blocks?|bars?|box(?:es)?|tubes?|pouch(?:es)?|sheets?|rolls?|slabs?|spoons?'
const counts =
  'mugful|teacup|wineglass|jug|bunch|sprig|clove|head|stalk|stick|slice|sheet|leaf|leave|piece|mug|glass|bowl|strip|cube|square|segment|wedge|ball|disc|round|knob|pod|petal|shot|scoop|spray|rib|ladle|capful|handful|layer|nugget|row|string|strand|drop|quantity|quantitie|batch|recipe|portion|shard|bulb|chunk|finger|lump|half|halve'
const singular = (word: string) =>
  word
    .toLowerCase()
    .replace(/^(?:pk[tg]s?|packages?|env)$/, 'packet')
    .replace(/^leave[s]?$|^leaf$/, 'leaf')
    .replace(/^halves?$/, 'half')
    .replace(/^(?:quantit(?:y|ies?)|recipes?|portions?)$/, 'batch')
    .replace(/(?<=x|ch)es$|s$/, '')
const packOf = new RegExp(`^(${packs})\\.?(?: or (?:${packs}))?(?! ?sugar)(?: of)? (?=\\p{L})`, 'iu')
const bareCount = new RegExp(`^(?:${packs}|${counts}) of `, 'i')
const byLength = new RegExp(`^x?\\s*(${length})[- ]*(?=\\p{L})`, 'iu')
const countOf = new RegExp(`^(${counts})(?:e?s)? of (?=\\p{L})`, 'iu')
/** Without "of" only what cannot be part of a name: "3 sprigs rosemary", but not "1 square tin". */
const countThen =
  /^(sprigs?|strands?|bunch(?:es)?|shots?|sheets?|slices|scoops?|pieces|stalks|strips|wedges|squares|cubes|balls?|leaves|leaf|sticks?|cloves|discs|quantity|quantities|batch(?:es)?|recipes?|portions?|mug(?:ful)?s?|tea ?cups?|wine ?glass(?:es)?|glass(?:es)?|bowls?|handfuls?|sprays|segments|rounds|shards|nuggets|ribs) (?=\p{L})(?!(?:and|or|to|for|from|cut|only)\b)/iu

const joinsSum = /^(?:plus|\+|and|&|with)\s+/i
const joinsLess = /^(?:less|minus)\s+/i
const joinsAgain = /^(?:\/|\||or|=|\()\s*/i

const grams = (amount: Amount) => gramsOf(amount.unit)

/** What stands at the head of `text`, as far as it is an amount. */
export function amountsAtHead(text: string): Amounts {
  const found: Amounts = {
    amount: null,
    plus: [],
    also: [],
    counted: null,
    packed: false,
    measures: [],
    approximate: false,
    rest: text,
  }
  const cut = lengthOf.exec(found.rest)
  if (cut) {
    found.measures.push((cut[1] ?? cut[2])!)
    found.rest = found.rest.slice(cut[0].length)
  }
  const hazy = cut ? null : vague.exec(found.rest)
  if (hazy) {
    found.approximate = true
    found.rest = found.rest.slice(hazy[0].length).trim()
    takeCount(found) // "a few sprigs of thyme"
    return found
  }
  const part = partOf.exec(found.rest)
  const first = readAmount(part ? found.rest.slice(part[0].length) : found.rest)
  if (!first) return found
  found.amount = first.amount
  found.approximate = first.approximate
  found.packed = first.packed ?? false
  // "2x eggs"
  const rest = first.amount.unit === 'each' ? first.rest.replace(/^x\s+(?=\p{L})/iu, '') : first.rest
  found.rest = part ? part[0] + rest.replace(/^\s*of /i, '') : rest
  takeSums(found)
  return found
}

/** Sums and repetitions straight behind the first amount; "1 kg / 2 lb 4 oz" says the second one in two units. */
function takeSums(found: Amounts): void {
  let saidAgain = false
  for (;;) {
    const head = found.rest.trimStart()
    const sum = joinsSum.exec(head)
    const less = joinsLess.exec(head)
    const again = joinsAgain.exec(head)
    const joiner = less ?? sum ?? again
    const next = readAmount(joiner ? head.slice(joiner[0].length) : head)
    // "1 large or 2 small bananas"
    if (next?.amount.size && found.amount?.size && again?.[0].startsWith('or')) {
      found.measures.push(head.slice(0, head.length - next.rest.trimStart().length).trim())
      found.rest = next.rest
      return
    }
    if (!next || !found.amount || next.amount.unit === 'each') return
    if (joiner) {
      found.approximate ||= next.approximate
      saidAgain = again !== null
      if (again) found.also.push(next.amount)
      else found.plus.push(less ? { ...next.amount, value: -next.amount.value } : next.amount)
      found.rest = next.rest
      if (again?.[0].startsWith('(')) {
        // "(120 g / 4 oz)": what else the bracket says again
        const inside = /^\s*[^)]*/.exec(found.rest)?.[0] ?? ''
        found.also.push(...repeats(inside))
        found.rest = found.rest.replace(/^\s*[^)]*\)/, '')
      }
    } else {
      if (found.amount.unit === 'each' || grams(next.amount) === null || grams(found.amount) === null) return
      const last = found.also.at(-1)
      if (saidAgain && last && grams(last) !== null)
        found.also[found.also.length - 1] = {
          ...last,
          value: last.value + (next.amount.value * grams(next.amount)!) / grams(last)!,
        }
      else found.plus.push(next.amount) // "1 lb 4 oz"
      found.rest = next.rest
    }
  }
}

/** "/ 4 oz", "or ½ cup", "plus 2 tbsp" behind an amount in a bracket or at the end: all of them. */
export function repeats(text: string): Amount[] {
  const found: Amount[] = []
  for (let rest = text; ; ) {
    const joiner = /^\s*(?:\/|\||or|=|,|;|plus|and|\+)\s*/i.exec(rest)
    const next = joiner ? readAmount(rest.slice(joiner[0].length)) : null
    if (!next || next.amount.unit === 'each') return found
    found.push(next.amount)
    rest = next.rest
  }
}

/** Takes what a count counts, or what the amount is packed in, off the front of the name. */
export function takeCounted(found: Amounts): void {
  found.rest = found.rest.replace(/^\s*(?:or so\s+)?(?:each:?\s+)?(?:of (?:an? |the |its |their |your )?)?/i, '').trim()
  if (found.amount === null) return
  const byCount = found.amount.unit === 'each'
  // butter comes in sticks that weigh something; cinnamon and celery do not
  if (
    found.amount.unit === 'stick' &&
    !/butter|margarine|marg\b|spread|block|shortening|lard|fat\b/i.test(found.rest)
  ) {
    found.amount = { ...found.amount, unit: 'each' }
    found.counted = 'stick'
    return
  }
  const pack = packOf.exec(found.rest)
  if (pack) {
    if (byCount && !/^spoons?$/i.test(pack[1]!)) found.counted = singular(pack[1]!)
    found.packed = true
    found.rest = found.rest.slice(pack[0].length)
  }
  if (!byCount) return
  // "1 x 20 cm case"
  const long = byLength.exec(found.rest)
  if (long) {
    found.measures.push(long[1]!)
    found.rest = found.rest.slice(long[0].length)
  }
  takeCount(found)
}
/** "soup-plate of flour": measured by whatever is at hand. Of these something is made or called, and nothing measured. */
const vesselOf =
  /^((?!(?:cream|oil|milk|butter|bicarb(?:onate)?|flowers?|essence|hearts?|zest|juice|rind|peel|yolks?|whites?|mixture|rest|remainder|lot|kind|type|sort|layer|coating|film|ring|line|colour|taste|third|quarter|couple|choice|pair|set|bed|worth|weight|total)s? )[\p{L}-]{3,20}) of (?!the |it |them |that |this |your |which )(?=\p{L})/iu
const byVessel = (text: string): RegExpExecArray | null => {
  const found = vesselOf.exec(text)
  return found && !isKnownFood(found[1]!) && isKnownFood(text.slice(found[0].length)) ? found : null
}
function takeCount(found: Amounts): void {
  const count = countOf.exec(found.rest) ?? countThen.exec(found.rest) ?? byVessel(found.rest)
  if (!count) return
  found.counted = singular(count[1]!)
  found.rest = found.rest.slice(count[0].length).replace(/^the /i, '')
}

/** "eggs 3", "raisins, currants 450 between them", "condensed milk 2 tins": what may stand behind a count that stands behind its name. */
const behindCount = new RegExp(
  `^\\s*(?:$|,|(?:between them|in all|altogether|together|all told|${packs})$|(?:cold|warm|hot|soft(?:ened)?|melted|chopped|cubed|diced|sifted|grated|toasted)$)`,
  'i',
)

/** What may stand between a name and its amount, where the amount begins. */
const beforeAmount =
  /(?:\s*[:,=]\s*|\s*-\s*|\s*\.{2,}\s*|\s+)(?:x ?(?=\d))?(?=(?:about |approx\.? |~)?(?:\d|\.\d|(?:half|one|two|three|four|five|six|a pinch|a splash|a dash|a dozen|(?:big |good |large |generous |small |tiny )?(?:pinch|splash|dash))(?![\p{L}])))/giu

/** "Caster sugar: 90 g", "boiling water, ½ cup", "butter 100g", "Eggs x 3": the amount stands behind. What is left over is returned. */
export function amountBehindName(found: Amounts): string | null {
  // "Blueberries - a good handful"
  const hazily =
    /^(.*\p{L}\)?)(?:\s*[:,]\s*|\s-\s|\s*\.{2,}\s*)(.+)$/u.exec(found.rest) ??
    // "choc chips small handful"
    /^(.*\p{L}\)?)\s+((?:an? |(?:small|large|big|good|generous) ){1,2}(?:handful|knob|drizzle|squeeze|glug|dollop)|(?:an? )?few drops)$/iu.exec(
      found.rest,
    )
  if (hazily && isVague(hazily[2]!)) {
    found.approximate = true
    found.rest = hazily[1]!
    return null
  }
  for (const gap of found.rest.matchAll(beforeAmount)) {
    const name = found.rest.slice(0, gap.index)
    // "milk to make 180 ml" does not say how much milk
    if (
      !/(?:[\p{L})%]|#\d{1,2})\.?$/u.test(name) ||
      (/(?:\b(?:to|to make|for|from|of|in|with|and|or|plus)|[+&])$/i.test(name) && !leadsIn(name))
    )
      continue
    const text = found.rest.slice(gap.index + gap[0].length)
    const last = readAmount(text.replace(/^(?:(?:big|good|large|generous|small|tiny) )?(pinch|splash|dash)/i, '1 $1'))
    if (!last || !(last.amount.unit !== 'each' || behindCount.test(last.rest))) continue
    found.amount = last.amount
    found.approximate ||= last.approximate
    found.rest = name
    const left = last.rest.replace(/^\s*\((.*)\)\s*$/, ' / $1')
    const again = repeats(left)
    found.also.push(...again)
    return again.length > 0 ? null : last.rest.trim() || null
  }
  // "pinch of salt", "tin of peaches": one of it
  if (/^(?:pinch|splash|dash|drop)\b/i.test(found.rest) || bareCount.test(found.rest)) {
    const bare = readAmount(`1 ${found.rest}`)!
    found.amount = bare.amount
    found.rest = bare.rest
  }
  return null
}
