// What a line is of: its name as one would look it up, its form, and what may stand in its place.
import { readAmount } from '../measure/quantity'
import type { Amount } from '../model/unit'
import { readNumber } from '../words/number'
import type { Amounts } from './amounts'
import { partOf } from './partWords'
import { takeBefore, takeBehind } from './prepWords'

export const tidy = (text: string): string =>
  text
    .replace(/^[\s,;:.·–-]+|[\s,;:.·–-]+$/g, '')
    .replace(/\s+/g, ' ')
    // what is left of a list of quoted names: "250 g butter\"],"
    .replace(/^([^"“”]*)["”][\])}]*$/, '$1')
    // what closes nothing: "600 cream)" of a row that was cut
    .replace(/^([^()[\]{}]*\p{L})[)\]}]+$/u, '$1')

/** Words that name a kind and want the thing behind the "or": "soya or rice drink", "maple or date syrup". */
const kindOnly =
  /^(?:soya|soy|oat|rice|almond|coconut|hazelnut|cashew|hemp|maple|date|agave|golden|corn|buckwheat|teff|sorghum|millet|quinoa|chickpea|sunflower|rapeseed|canola|olive|vegetable|groundnut|avocado|caster|granulated|brown|white|light|dark|cane|muscovado|demerara|palm|plant|vegan|dairy-free|pumpkin|sesame|poppy|chia|flax|potato|tapioca|lemon|lime|orange|apple|vanilla|raspberry|strawberry|apricot|peanut|cider|wine|milk|plain|semi-sweet|bittersweet|whole|smooth|crunchy|green|red|black)$/i
const sharedThing =
  /^(?:\S+ )?\S+ (drink|milk|flour|oil|sugar|syrup|butter|yoghurt|yogurt|cream|seeds?|nuts?|starch|powder|juice|extract|vinegar|jam|purée|chocolate|spread|chips|apples?|grapes|currants|lentils|beans)$/i
const justThing = /^(?:drink|milk|flour|oil|sugar|syrup|starch|powder|juice|extract|essence|paste|spread|meal|cream)$/i
const states =
  'fresh|frozen|dried|tinned|canned|white|brown|dark|light|salted|unsalted|plain|red|green|black|golden|smooth|crunchy|sweet|hot|cold|warm|ground|flaked|whole|raw|toasted|roasted|sweetened|unsweetened|large|small|medium'
/** "fresh or frozen raspberries": the thing belongs to both. */
const eitherState = new RegExp(`^(${states})(?: (?:or|and/or|/) |/)(${states}|\\w+) (\\p{L}.+)$`, 'iu')

const onlySugar = /^(?:caster|granulated|muscovado|demerara|cane)$/i
/** "granulated" of "granulated and brown sugar": the last word belongs to both. */
export const withThingOf = (kind: string, last: string): string => {
  const shared = kindOnly.test(kind.trim()) ? sharedThing.exec(last.trim()) : null
  // "caster & rice flour": caster is a sugar, whatever stands behind it
  if (shared && onlySugar.test(kind.trim()) && !/^sugar$/i.test(shared[1]!)) return kind
  return shared && kind.trim().toLowerCase() !== shared[1]!.toLowerCase() ? `${kind.trim()} ${shared[1]}` : kind
}

/** The name before the first "or", and the names behind it. */
export function takeAlternatives(text: string): { thing: string; alternatives: string[] } {
  const thing = text.replace(/^either /i, '')
  const either = eitherState.exec(thing)
  if (either) return { thing: `${either[1]} ${either[3]}`, alternatives: [`${either[2]} ${either[3]}`] }
  const [first, ...others] = thing.split(/\s+(?:and\/or|or)\s+|(?<=\p{L}{3})\s?\/\s?(?=\p{L}{3})/iu)
  const alternatives = others.map(tidy).filter(Boolean)
  // "tapioca flour/starch": the first word belongs to both
  const kind = /^(\S+) \S+$/.exec(first!.trim())?.[1]
  if (kind && kindOnly.test(kind) && alternatives.length === 1 && justThing.test(alternatives[0]!))
    return { thing: first!, alternatives: [`${kind} ${alternatives[0]}`] }
  // "soya or rice drink"
  return {
    thing: withThingOf(first!, alternatives.at(-1) ?? ''),
    alternatives,
  }
}

export interface Thing {
  item: string
  form: string | null
  /** In the order they are said before the name. */
  preps: string[]
  /** Of "zest of 2 limes", where the amount stands in the name. */
  amount: Amount | null
}

const fruitThen = /^(?:(?:un)?waxed )?(.+?)(?:'s)? (zest|juice|rind)$/i
const fruit =
  /lemon|lime|orange|grapefruit|mandarin|clementine|tangerine|bergamot|yuzu|apple|pineapple|passion ?fruit|pomegranate/i
const formWord = /^(ground|desiccated|flaked|rolled|dried|freeze-dried|powdered)\b/i
const eggPart = /\begg (yolk|white)s?$|^(yolk|white)s?$/i

const formOf = (part: string) =>
  part
    .toLowerCase()
    .replace(/[&+]/, 'and')
    .replace(/(?:finely )?grated /, '')
    .replace(/rind|peel/, 'zest')
    .replace(/seeds?/, 'seeds')

/** The item, its form, and the preparation that stands before it or straight behind. `head`: what was read before it. */
export function readThing(text: string, head: Pick<Amounts, 'amount' | 'counted' | 'packed'>): Thing {
  const known = head.amount
  const preps: string[] = []
  let item = tidy(text)
  let amount: Amount | null = null
  // "ripe but firm pears" are ripe and firm
  item = item.replace(/^(ripe|firm|soft|cold|warm) (?:but|yet) (\w+) (?=\p{L})/iu, (_, one: string, two: string) => {
    preps.push(`${one} but ${two}`.toLowerCase())
    return ''
  })
  const squeezed = /^((?:freshly )?squeezed|fresh) (?=\S+ (?:juice|zest)$)/i.exec(item)
  if (squeezed) {
    preps.push(squeezed[1]!.toLowerCase())
    item = item.slice(squeezed[0].length)
  }
  const part = partOf.exec(item)
  if (part) {
    if (part[1]) preps.push(part[1].trim().toLowerCase())
    item = tidy(item.slice(part[0].length))
    const count = known === null ? readAmount(item) : null
    if (count) {
      amount = count.amount
      item = tidy(count.rest)
    } else if (known === null && readNumber(item) === null && item) {
      amount = { value: 1, unit: 'each' }
      item = item.replace(/^(?:an?|the) /i, '')
    }
    const pack = /^(?:tins?|cans?|jars?|packets?) (?:of )?(?=\p{L})/iu.exec(item)
    if (pack) item = item.slice(pack[0].length)
    return { item, form: formOf((part[2] ?? part[3])!), preps, amount }
  }
  const behind = takeBehind(item)
  if (behind) item = behind.item
  // a tin of chopped tomatoes holds chopped tomatoes
  const before = head.packed ? { preps: [], item } : takeBefore(item)
  item = before.item
  preps.push(...before.preps)
  if (behind) preps.push(behind.prep)
  const named = fruitThen.exec(item)
  // three strips of lemon zest are not the zest of three lemons
  if (named && head.counted === null && fruit.test(named[1]!))
    return { item: named[1]!, form: formOf(named[2]!), preps, amount }
  const form = formWord.exec(item)?.[1]?.toLowerCase() ?? null
  // a yolk is an egg's
  if (/^(?:yolk|white)s?$/i.test(item)) item = `egg ${item.toLowerCase()}`
  const egg = eggPart.exec(item)
  return { item, form: form ?? (egg ? (egg[1] ?? egg[2])!.toLowerCase() : formFromPreps(preps)), preps, amount }
}

const formFromPreps = (preps: readonly string[]): string | null => {
  const said = preps.join(' ')
  return /\bmelted\b/.test(said) ? 'melted' : /\bgrated\b/.test(said) ? 'grated' : null
}

const onlyPart =
  /^(?:finely grated |grated )?(zest and juice|juice and zest|zest|juice)(?: only)?$|^(?:finely )?(zest|juice)e?d$|^(zest)(?: (?:finely|coarsely))? grated$/i

/** The form that what is said behind the name gives: "1 lemon, zest only", "carrot, grated". */
export function formFrom(preps: readonly string[], form: string | null): string | null {
  const only = onlyPart.exec(preps.at(-1) ?? '')
  if ((form === null || form === 'grated') && only) return (only[1] ?? only[2] ?? only[3])!.toLowerCase()
  return form ?? formFromPreps(preps)
}
