// One written ingredient line, read: amount, item, form, preparation, role. What is not understood stays in the item.
import { withoutMarkup } from '../exchange/html'
import { plainly, readAmount, readNumber } from '../measure/quantity'
import { type Amount, gramsOf } from '../measure/unit'
import type { Role } from './recipe'

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
}

/** Words that say where a line goes. The first that matches decides; dusting with a sweet powder is a finish. */
const roleWords: [Role, RegExp][] = [
  [
    'beside',
    /\b(?:to serve(?: with)?|for serving|to accompany|served with|on the side|alongside|to pass round|to drink)\b/i,
  ],
  ['drained', /\b(?:for (?:soaking|blanching|boiling|poaching|deep[- ]frying|rinsing|straining|frying))\b/i],
  [
    'finish',
    /\b(?:for|to) (?:the top(?:ping)?|top(?:ping)?|sprinkl(?:e|ing)|finish(?:ing)?|decorat(?:e|ing|ion)|garnish(?:ing)?|scatter(?:ing)?|drizzl(?:e|ing)|glaz(?:e|ing)|(?:the )?glaze)\b/i,
  ],
  [
    'finish',
    /\b(?:icing|powdered|confectioner'?s'?|caster|cocoa|cinnamon)\b.*\b(?:for|to) dust(?:ing)?\b|\b(?:for|to) dust(?:ing)?\b.*\b(?:icing|cocoa|cinnamon)\b/i,
  ],
  [
    'finish',
    /\bfor brushing(?: (?:the )?(?:tops?|buns?|rolls?|pastry|over))?(?! (?:the )?(?:tins?|pans?|trays?|moulds?))\b/i,
  ],
  [
    'release',
    /\b(?:for|to) (?:(?:the )?(?:tins?|pans?|trays?|moulds?|baking sheets?|bench|work ?(?:surface|top)|board)|(?:greas(?:e|ing)|dust(?:ing)?|flour(?:ing)?|lin(?:e|ing)|coat(?:ing)?|oil(?:ing)?|butter(?:ing)?|brush(?:ing)?|roll(?:ing)?(?: out)?|spray(?:ing)?)(?: (?:and \w+ )?(?:the )?(?:tins?|pans?|trays?|moulds?|baking (?:sheets?|trays?|tins?)|bench|work ?surface|board|cases?))?)\b/i,
  ],
  ['release', /\b(?:release spray|cooking spray|baking spray|non-?stick spray|oil spray|cake release)\b/i],
  ['release', /\b(?:baking paper|baking parchment|greaseproof|parchment paper|paper cases?)\b/i],
]

const vague =
  /^(?:a |an )?(?:little|few|some|handful|handfuls|knob|drizzle|good drizzle|grating|scattering|dusting|sprinkling|sprinkle|bit|lug|glug|generous handful|large handful|small handful|few drops)(?: of)?(?: an?)?(?![\p{L}])/iu
const optionalWords = /[,;]?\s*\(?\b(?:optional(?:ly)?|if (?:you like|liked|desired|wanted))\b\)?/i
const approximateWords =
  /\b(?:about|approx(?:imately|\.)?|roughly|heaped|heaping|scant|generous|or so|to taste|as needed|as required)\b|~/i

/** Preparation that may stand before the name. Ground, yolk and white name another thing, so they stay with it. */
const prepBefore =
  /^(?:(?:(?:very |finely|roughly|coarsely|freshly|lightly|thinly|well)[- ]?)*(?:chopped|sliced|diced|grated|melted|softened|toasted|sifted|peeled|mashed|crushed|shredded|beaten|cubed|halved|stoned|pitted|cored|squeezed|packed|chilled|cooled|warmed?|room[- ]temperature|soft|cold|over-?ripe|ripe))(?:,? and |,? )/i
const juiceOrZest =
  /^(?:the )?(?:(finely grated|grated|freshly squeezed|fresh|strained) )?(zest(?: and juice)?|juice(?: and zest)?|rind|peel|seeds?)(?: of| from)?(?: the)? /i
const fruitThen = /^(?:(?:un)?waxed )?(.+?)(?:'s)? (zest|juice|rind)$/i
const groundForm = /^(ground|desiccated|flaked|rolled|dried|freeze-dried|powdered)\b/i
const eggPart = /\begg (yolk|white)s?$|^(yolk|white)s?$/i

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

const tidy = (text: string): string => text.replace(/^[\s,;:.·–-]+|[\s,;:·–-]+$/g, '').replace(/\s+/g, ' ')

/** Takes away markup, a bullet or a tick-box at the start. Numbers stay: they are amounts. */
export const undecorated = (text: string): string =>
  withoutMarkup(text.replaceAll('\u0000', ''))
    .replace(/^\s*(?:[-–—*•◦▪▢☐□✓✔·+]+|\[[ x]?\])\s+/iu, '')
    .replace(/^\s*(?:[•◦▪▢☐□✓✔]|\p{Extended_Pictographic}\ufe0f?)+\s*/u, '')
    .trim()

/**
 * Reads one ingredient line as people write it. Never throws: a line it cannot read is an item without an amount.
 * `amount` null means that no amount is written. Cup and spoon belong to the recipe; amounts keep the written unit.
 */
export function readLine(text: string): ReadLine {
  const line = plainly(undecorated(text))
    // "1) 100 g" and "2. 3 eggs" are numbered, not counted
    .replace(/^\(?\d{1,2}\)\s*(?=\S)|^\d{1,2}\.\s+(?=\d|(?:an?|one|two|three|half)\b)/i, '')
    .replace(/^plus (?:a little |some )?(?:extra |more )?(?=\p{L})/iu, '')
  let approximate = false
  const optional = optionalWords.test(line)
  let role: Role = 'mix'
  for (const [candidate, pattern] of roleWords)
    if (pattern.test(line)) {
      role = candidate
      break
    }
  let rest = line
    .replace(optionalWords, ' ')
    .replace(/^\(\s*\)/, '')
    .replace(/\s+/g, ' ')
    .trim()
  const alternatives: string[] = []
  const also: Amount[] = []
  const plus: Amount[] = []
  const preps: string[] = []
  let amount: Amount | null = null
  let counted: string | null = null

  const hazy = vague.exec(rest)
  if (hazy) {
    approximate = true
    rest = rest.slice(hazy[0].length)
  } else {
    const zestOf = juiceOrZest.exec(rest) // "zest of 2 limes": the amount follows
    const first = readAmount(zestOf ? rest.slice(zestOf[0].length) : rest)
    if (first) {
      amount = first.amount
      approximate ||= first.approximate
      rest = (zestOf ? zestOf[0] : '') + first.rest
    }
  }

  // sums and repetitions straight behind the first amount
  for (let more = amount !== null; more; ) {
    more = false
    const head = rest.trimStart()
    const sum = /^(?:plus|\+|and|&|with)\s+/i.exec(head)
    const less = /^(?:less|minus)\s+/i.exec(head)
    const again = /^(?:\/|\||or|=|\()\s*/i.exec(head)
    const joiner = less ?? sum ?? again
    const next = readAmount(joiner ? head.slice(joiner[0].length) : head)
    if (!next || !amount) break
    const countsPieces = next.amount.unit === 'each'
    if (joiner && !countsPieces) {
      if (again) also.push(next.amount)
      else plus.push(less ? { ...next.amount, value: -next.amount.value } : next.amount)
      rest = again?.[0].startsWith('(') ? next.rest.replace(/^\s*[^)]*\)/, '') : next.rest
      more = true
    } else if (
      !joiner &&
      !countsPieces &&
      amount.unit !== 'each' &&
      gramsOf(next.amount.unit) !== null &&
      gramsOf(amount.unit) !== null
    ) {
      plus.push(next.amount) // "1 lb 4 oz"
      rest = next.rest
      more = true
    }
  }
  const bracketed = takeBrackets(rest)
  rest = bracketed.text
  for (const inside of bracketed.inside) {
    const plain = inside.replace(/^(?:about|approx(?:imately|\.)?|roughly|~|or|=|i\.?e\.?)\s*/i, '')
    const said = readAmount(plain)
    if (
      said &&
      said.amount.unit !== 'each' &&
      /^\s*(?:each|in total|total|drained|net|peeled|stoned|pitted|prepared|(?:peeled|prepared|drained) weight|\/.*|or .*|\d+ ?oz)?\s*$/i.test(
        said.rest,
      )
    ) {
      if (/\beach\b/i.test(said.rest) && amount?.unit === 'each')
        also.push({ ...said.amount, value: said.amount.value * amount.value })
      else if (amount) also.push(said.amount)
      else amount = said.amount
      const second = /^\s*(?:\/|or)\s*(.+)$/i.exec(said.rest)
      const repeat = second ? readAmount(second[1]!) : null
      if (repeat && repeat.amount.unit !== 'each') also.push(repeat.amount)
      if (approximateWords.test(inside)) approximate = true
    } else if (inside && !roleWords.some(([, pattern]) => pattern.test(inside))) preps.push(inside)
  }

  if (amount === null) {
    // "Caster sugar: 90 g", "boiling water, ½ cup", "butter 100g"
    const trailing =
      /^(.*?[\p{L})])\s*(?:[:,=]|-|\.{2,}|\s)\s*((?:about |approx\.? |~)?(?:\d|\.\d|half|one|two|three|a pinch|a splash|a dash|pinch|splash|dash).*)$/iu.exec(
        rest,
      )
    const last = trailing ? readAmount(trailing[2]!.replace(/^(pinch|splash|dash)/i, '1 $1')) : null
    if (last && (last.amount.unit !== 'each' || /^\s*$/.test(last.rest))) {
      amount = last.amount
      approximate ||= last.approximate
      rest = trailing![1]!
      const same = /^\s*(?:\/|or|\()\s*(.+?)\)?$/i.exec(last.rest)
      const repeat = same ? readAmount(same[1]!) : null
      if (repeat && repeat.amount.unit !== 'each') also.push(repeat.amount)
      else if (last.rest.trim()) preps.push(tidy(last.rest))
    } else if (/^(?:pinch|splash|dash|drop)\b/i.test(rest)) {
      const bare = readAmount(`1 ${rest}`)!
      amount = bare.amount
      rest = bare.rest
    }
  }

  rest = rest.replace(/^\s*of (?:an? |the )?/i, '').trim()
  if (amount !== null) {
    // "400 g tin of beans", "4 sprays release spray", "4 x 5 ml spoons ginger", "1 x 20 cm case", "2 sprigs of mint"
    const held =
      /^(?:tins?|cans?|jars?|packets?|packs?|bags?|cartons?|tubs?|bottles?|sprays?|spritz(?:es)?|spoons?) (?:of )?(?=\p{L})/iu.exec(
        rest,
      )
    if (held) rest = rest.slice(held[0].length)
    const long = /^x\s*(\d+(?:\.\d+)?\s*(?:cm|mm|in(?:ch)?))\b[- ]*/i.exec(rest)
    if (long && amount.unit === 'each') {
      preps.push(long[1]!)
      rest = rest.slice(long[0].length)
    }
    const bundle = /^(bunch|sprig|clove|head|stalk|stick|slice|sheet|leaf|leave|piece)s? of (?=\p{L})/iu.exec(rest)
    if (bundle && amount.unit === 'each') {
      counted = bundle[1]!.toLowerCase().replace('leave', 'leaf')
      rest = rest.slice(bundle[0].length)
    }
  }
  if (/\bplus (?:a little |some )?(?:extra|more)\b/i.test(rest)) {
    const extra = /[,;]?\s*\bplus (?:a little |some )?(?:extra|more)\b.*$/i.exec(rest)!
    preps.push(tidy(extra[0]))
    rest = rest.slice(0, extra.index)
    role = 'mix' // the extra is its own line: see readRecipe
  }
  for (const [candidate, pattern] of roleWords)
    if (candidate === role && !/spray|paper|parchment|greaseproof|cake release/i.test(pattern.exec(rest)?.[0] ?? ''))
      rest = tidy(rest.replace(pattern, ' ')) || rest
  if (approximateWords.test(rest)) {
    approximate = true
    rest = tidy(rest.replace(new RegExp(approximateWords, 'gi'), ' '))
  }

  const comma = rest.search(/,(?!\d)|;| - /)
  if (comma >= 0) {
    const after = tidy(rest.slice(comma))
    if (after) preps.unshift(after)
    rest = rest.slice(0, comma)
  }
  const or = rest.split(/\s+or\s+/i)
  if (or.length > 1) {
    rest = or[0]!
    alternatives.push(...or.slice(1).map(tidy).filter(Boolean))
  }

  let form: string | null = null
  let item = tidy(rest)
  const squeezed = juiceOrZest.exec(item)
  const named = squeezed ? null : fruitThen.exec(item)
  if (squeezed) {
    form = squeezed[2]!
      .toLowerCase()
      .replace(/rind|peel/, 'zest')
      .replace(/seeds?/, 'seeds')
    if (squeezed[1]) preps.unshift(squeezed[1].toLowerCase())
    item = tidy(item.slice(squeezed[0].length))
    const count = amount === null ? readAmount(item) : null
    if (count) {
      amount = count.amount
      item = tidy(count.rest)
    } else if (amount === null && readNumber(item) === null && item) {
      amount = { value: 1, unit: 'each' }
      item = item.replace(/^(?:an?|the) /i, '')
    }
  } else if (
    named &&
    /lemon|lime|orange|grapefruit|mandarin|clementine|bergamot|yuzu|apple|pineapple/i.test(named[1]!)
  ) {
    form = named[2]!.toLowerCase().replace('rind', 'zest')
    item = named[1]!
  } else {
    for (
      let before = prepBefore.exec(`${item} `);
      before && item.length > before[0].trimEnd().length;
      before = prepBefore.exec(item)
    ) {
      preps.unshift(tidy(before[0]).replace(/ and$/i, '').toLowerCase())
      item = tidy(item.slice(before[0].length))
    }
    const ground = groundForm.exec(item)
    const part = eggPart.exec(item)
    if (ground) form = ground[1]!.toLowerCase()
    else if (part) form = (part[1] ?? part[2])!.toLowerCase()
    else if (/\b(?:melted|grated)\b/.test(preps.join(' '))) form = /melted/.test(preps.join(' ')) ? 'melted' : 'grated'
  }
  form ??= counted // "2 sprigs of mint": a sprig weighs what a sprig weighs
  const onlyPart = /^(?:finely grated |grated )?(zest|juice)(?: only)?$/i.exec(preps.at(-1) ?? '')
  if (form === null && onlyPart) form = onlyPart[1]!.toLowerCase() // "1 lemon, zest only"
  const prep = preps.map(tidy).filter(Boolean).join(', ')
  return {
    amount,
    plus,
    also,
    item: item || tidy(rest) || tidy(line),
    form,
    prep: prep || null,
    role,
    optional,
    alternatives,
    approximate,
  }
}
