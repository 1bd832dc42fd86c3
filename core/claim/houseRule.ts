// Claims by a list of the house's own: every line against its words and kinds, the figure against its bound. Never by silence: what
// nobody has said is unproven, and so is a thing whose own parts are not written.
import { statusOf } from '../allergen/rollUp'
import { kindConflict, kindFact, kindMend } from '../ingredient/kindWords'
import { groupMentions, mentions } from '../ingredient/lexicon'
import { blank, bound } from '../ingredient/sober'
import { textsOf } from '../ingredient/texts'
import { type AllergenCode, glutenCereals } from '../model/allergen'
import { type ClaimCode, nameOfClaim } from '../model/claim'
import { carbohydrateFormula, type HouseRule, type RefusedKind, refusedKindName, usualRules } from '../model/houseRule'
import type { Ingredient, Traits } from '../model/ingredient'
import { fullList } from '../words/listing'
import { atMost, toPlaces } from '../words/rounding'
import { stem } from '../words/stem'
import { absence } from './absence'
import { claimsIn } from './claimsInText'
import { fine, type Judged, lineByLine, unsaid } from './lineByLine'
import type { ClaimContext, ClaimResult, Ground } from './verdict'

/** The rule the kitchen has for a claim, with what its name says by itself; else the usual list; undefined where there is none. */
export function houseRuleOf(
  claim: ClaimCode,
  { houseRules = [] }: { houseRules?: HouseRule[] },
): HouseRule | undefined {
  const known: Partial<Record<string, Record<'always' | 'usual', readonly RefusedKind[]>>> = usualRules
  const own = houseRules.find(one => one.claim === claim)
  const named = known[claim]
  if (!named) return own
  if (!own) return { claim, words: [], kinds: [...named.always, ...named.usual] }
  return { ...own, kinds: [...new Set([...named.always, ...own.kinds])] }
}

/** A word in it that speaks of a kind which is put down otherwise. */
export function spokenAgainst(ingredient: Ingredient, trait: keyof Traits, among?: readonly string[]): Judged | null {
  const spoken = kindConflict(ingredient, trait, among)
  return spoken ? { verdict: 'unproven', fact: kindFact(spoken), mend: kindMend } : null
}

function grain(ingredient: Ingredient): Judged {
  const { grain } = ingredient.traits
  if (grain === undefined) return unsaid('whether it is a grain')
  if (grain.length > 0) return { verdict: 'breaks', fact: 'it is a grain, or made from one' }
  if (glutenCereals.some(cereal => ingredient.allergens[cereal]?.status === 'contains'))
    return { verdict: 'breaks', fact: 'contains a cereal' }
  return spokenAgainst(ingredient, 'grain') ?? fine
}

function refinedSugar(ingredient: Ingredient): Judged {
  const { sweetening, refined } = ingredient.traits
  if (sweetening === undefined) return unsaid('whether it sweetens')
  const spoken = spokenAgainst(ingredient, 'sweetening')
  if (spoken) return spoken
  if (!sweetening.some(kind => kind === 'sugar' || kind === 'syrup')) return fine
  if (refined === undefined) return unsaid('whether it is refined')
  if (refined) return { verdict: 'breaks', fact: 'it is a refined sugar' }
  return spokenAgainst(ingredient, 'refined') ?? fine
}

const sweetens =
  (kind: NonNullable<Traits['sweetening']>[number]) =>
  (ingredient: Ingredient): Judged => {
    const { sweetening } = ingredient.traits
    if (sweetening === undefined) return unsaid('whether it sweetens')
    if (sweetening.includes(kind))
      return { verdict: 'breaks', fact: `it is one of ${refusedKindName[kind as RefusedKind]}` }
    return spokenAgainst(ingredient, 'sweetening') ?? fine
  }

/** From milk or egg: by its kind, by its allergens, by its words. */
const fromAnimal =
  (kind: 'milk' | 'egg') =>
  (ingredient: Ingredient, { workbook }: ClaimContext): Judged => {
    const { animal } = ingredient.traits
    if (ingredient.allergens[kind]?.status === 'contains' || animal?.includes(kind))
      return { verdict: 'breaks', fact: `contains ${kind}` }
    if (statusOf(ingredient, kind, workbook).conflict)
      return { verdict: 'unproven', fact: `its words speak of ${kind}` }
    if (animal === undefined) return unsaid(`whether it is from ${kind}`)
    return spokenAgainst(ingredient, 'animal', [kind]) ?? fine
  }

const byKind: Record<RefusedKind, (ingredient: Ingredient, context: ClaimContext) => Judged> = {
  grain,
  refinedSugar,
  legume: ingredient => {
    const { legume } = ingredient.traits
    if (legume === undefined) return unsaid('whether it is a legume')
    return legume ? { verdict: 'breaks', fact: 'it is a legume' } : (spokenAgainst(ingredient, 'legume') ?? fine)
  },
  alcohol: ingredient => {
    const { alcohol } = ingredient.traits
    if (alcohol === undefined) return unsaid('whether it holds alcohol')
    return alcohol ? { verdict: 'breaks', fact: 'it holds alcohol' } : (spokenAgainst(ingredient, 'alcohol') ?? fine)
  },
  milk: fromAnimal('milk'),
  egg: fromAnimal('egg'),
  honey: ingredient => {
    const { animal } = ingredient.traits
    if (animal === undefined) return unsaid('whether anything in it comes from an animal')
    return animal.includes('honey')
      ? { verdict: 'breaks', fact: 'made with honey' }
      : (spokenAgainst(ingredient, 'animal', ['honey']) ?? fine)
  },
  sugar: sweetens('sugar'),
  syrup: sweetens('syrup'),
  juiceConcentrate: sweetens('juiceConcentrate'),
  polyol: sweetens('polyol'),
  rareSugar: sweetens('rareSugar'),
  intense: sweetens('intense'),
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/\s+/g, '[\\s-]+')
const anyOf = (words: readonly string[]): string => words.map(word => `${escaped(word.trim())}(?:e?s)?`).join('|')
/** "flour-free", "no flour": said of that very word, and of nothing that stands further on. */
const denied = (words: string): RegExp =>
  bound(`(?:${words})[- ]free|(?:no|without|free from|free of|contains no)\\s+(?:${words})`)

/** One of the words in its names or what it is made of; what is denied or only sounds like it is none. */
function byWords(ingredient: Ingredient, { words, but = [] }: HouseRule): Judged {
  if (words.length === 0) return fine
  const any = anyOf(words)
  for (const text of textsOf(ingredient)) {
    const heard = but.length > 0 ? text.replace(bound(anyOf(but)), blank) : text
    const found = heard.replace(denied(any), blank).match(bound(any))?.[0]
    if (found) return { verdict: 'breaks', fact: `“${found.trim()}” stands in “${text}”` }
  }
  return ingredient.composition === undefined
    ? {
        verdict: 'unproven',
        fact: 'what it is made of is not written',
        mend: 'Write its own ingredients in the larder, or that it is one thing.',
      }
    : fine
}

const nutrition = [{ id: 'nutrition', name: 'nutrition' }]
type Bound = NonNullable<HouseRule['carbohydrate']>
/** Grams of one amount it is counted for, at the worst: what counts at its high end, what is taken off at its low one. Null where not known. */
function carbohydrateOf({ counted, per }: Bound, { nutrition, product }: CarbohydrateContext) {
  const { carbohydrate, fibre, polyols, allulose } = nutrition.per100g
  if (!carbohydrate || (counted === 'total' && !fibre)) return null
  const lessPolyols = carbohydrate.high - (polyols?.low ?? 0)
  const in100g = {
    total: carbohydrate.high + (fibre?.high ?? 0),
    lessFibre: carbohydrate.high,
    lessPolyols,
    // rare sugars stand among the carbohydrate, and an unknown amount is taken off nothing
    lessRareSugars: lessPolyols - (allulose?.low ?? 0),
  }[counted]
  const grams = per === '100g' ? 100 : product.netWeight / product.pieces
  const value = (Math.max(0, in100g) * grams) / 100
  const amount = per === '100g' ? '100 g' : `piece of ${toPlaces(grams, 0)} g`
  return { value, said: `${toPlaces(value, 1)} g of ${carbohydrateFormula[counted]} per ${amount}` }
}
type CarbohydrateContext = Pick<ClaimContext, 'nutrition' | 'product'>

/** What a claim about carbohydrate is printed with: the figure and how it was counted. Null where the claim is of nothing such. */
export function printedWith(
  claim: ClaimCode,
  context: CarbohydrateContext & Pick<ClaimContext, 'workbook'>,
): string | null {
  const bound = houseRuleOf(claim, context.workbook.kitchen)?.carbohydrate
  return (bound && carbohydrateOf(bound, context)?.said) ?? null
}

function byCarbohydrate(bound: Bound, context: ClaimContext): Ground {
  const ground = (verdict: 'holds' | 'breaks' | 'unproven', fact: string, mend?: string): Ground => ({
    verdict,
    at: -1,
    reason: { path: nutrition, fact, ...(mend ? { mend } : {}) },
  })
  const figure = carbohydrateOf(bound, context)
  if (!figure) {
    const { gaps } = context.nutrition
    const who = [...new Set([...(gaps.carbohydrate ?? []), ...(gaps.fibre ?? [])])]
    return ground(
      'unproven',
      `its carbohydrate is not known for ${fullList(who)}`,
      'Add the missing values in the larder.',
    )
  }
  const away = toPlaces(Math.abs(figure.value - bound.atMost), 1)
  const holds = atMost(figure.value, bound.atMost)
  return ground(
    holds ? 'holds' : 'breaks',
    `${figure.said}, at most ${bound.atMost} g by the house; ${away} g ${holds ? 'under' : 'over'} it`,
  )
}

/** What the list says, for whoever reads the verdict. */
export function ruleInWords({ words, kinds, carbohydrate }: HouseRule): string {
  const left = [...kinds.map(kind => refusedKindName[kind]), ...words.map(word => `“${word}”`)]
  return [
    ...(left.length > 0 ? [`nothing of ${fullList(left)}`] : []),
    ...(carbohydrate
      ? [
          `at most ${carbohydrate.atMost} g of ${carbohydrateFormula[carbohydrate.counted]} per ${carbohydrate.per === '100g' ? '100 g' : 'piece'}`,
        ]
      : []),
  ].join('; ')
}
const worst = (all: readonly Judged[]): Judged =>
  all.find(one => one.verdict === 'breaks') ?? all.find(one => one.verdict === 'unproven') ?? fine

/** What the list says of one line. */
export const judgedByHouse = (rule: HouseRule, ingredient: Ingredient, context: ClaimContext): Judged =>
  worst([...rule.kinds.map(kind => byKind[kind](ingredient, context)), byWords(ingredient, rule)])

/** What the law, or a rule of ours, keeps for claims of their own: allergens, diets, nutrients. Common practice, no published source. */
const kept =
  /gluten|c(?:o)?eliac|zöliak|allerg|intoleran|free[ -]?from|\bsafe|friendly|suitable|vegan|v[eé]g[eé]ta|veggie|plant|\banimal|dairy|lact|lakt|nuts?\b|diet|health|\blight\b|\blite\b|skinny|energy|calorie|kcal|sugar|sweet|\bfat|fib(?:re|er)|protein|\bsalt|sodium|\bcarb|\bketo|vitamin|mineral|omega|cholesterol|glyc(?:a?em)|diabet/iu
/** A kind of sugar is not sugar itself. */
const kindOfSugar = /\b(?:refined|white|brown|cane|beet|icing|caster)[ -]sugars?\b/giu
const carbs = /\b(?:net )?carb(?:ohydrate)?s?\b/giu
/** Words that deny, in the tongues of a counter. */
const denials =
  'no|non|not|never|nothing|without|zero|nil|free|sans|ohne|senza|sin|zonder|bez|uden|utan|sem|kein|keine|pas|niente|0'
const denies = new RegExp(
  `(?<![\\p{L}\\p{N}])(?:${denials})(?![\\p{L}\\p{N}])|(?:less|free|frei|vrij)(?![\\p{L}])`,
  'iu',
)
const fillers = new Set([
  ...denials.split('|'),
  ...'any of from with made the a an and or our in is it added low by'.split(' '),
])
/** What a name is about, each word by its stem: "flourless" is about flour. */
const subjects = (name: string): string[] =>
  (name.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [])
    .map(word => word.replace(/(?<=.{3})(?:less|free|frei|vrij)$/u, ''))
    .filter(word => !fillers.has(word))
    .map(stem)

/**
 * What a name of the house's promises besides its list. It lends no other name to what the law keeps for itself; what it denies has
 * to stand in its list, word for word; and what it says of an allergen is held to what any such claim is held to: proof for every
 * line and for the kitchen.
 */
function byName(rule: HouseRule, context: ClaimContext): { grounds: Ground[]; kitchen: Ground[] } {
  if (!rule.claim.startsWith('house:')) return { grounds: [], kitchen: [] }
  const name = nameOfClaim(rule.claim)
  const grounds: Ground[] = []
  const open = (fact: string, mend: string) =>
    grounds.push({ verdict: 'unproven', at: -1, reason: { path: [], fact, mend } })
  const bare = (rule.carbohydrate ? name.replace(carbs, blank) : name).replace(kindOfSugar, blank)
  const word = kept.exec(bare)?.[0]
  const other = claimsIn(bare).find(({ claim }) => !(claim in usualRules))
  if (word !== undefined || other)
    open(
      `“${other?.words ?? word}” is kept for claims with a rule of their own, which no list stands for`,
      other ? `Choose “${nameOfClaim(other.claim)}”, or another name.` : 'Choose another name.',
    )
  const listed = new Set([...rule.words, ...rule.kinds.map(kind => refusedKindName[kind])].flatMap(subjects))
  const unlisted = denies.test(name)
    ? subjects(rule.carbohydrate ? name.replace(carbs, ' ') : name).filter(one => !listed.has(one))
    : []
  if (unlisted.length > 0)
    open(
      `its name denies ${fullList(unlisted.map(one => `“${one}”`))}, and its list does not`,
      'Put the word on its list in Kitchen, or choose another name.',
    )
  const codes = allergensNamed(rule.claim)
  if (codes.length === 0) return { grounds, kitchen: [] }
  const proof = absence(rule.claim, codes, context)
  return { grounds: [...grounds, ...proof.grounds], kitchen: proof.kitchenGrounds }
}
/** Allergens that a claim of the house speaks of by its name; the denial is taken out, so that what it denies is heard. */
export const allergensNamed = (claim: ClaimCode): AllergenCode[] =>
  allergensIn(subjects(nameOfClaim(claim)).join(' '), nameOfClaim(claim))

/** Every allergen that any of the texts speaks of. */
const allergensIn = (...texts: string[]): AllergenCode[] => [
  ...new Set(
    texts.flatMap(text => [...mentions(text).map(one => one.code), ...groupMentions(text).flatMap(one => one.codes)]),
  ),
]

/** What of a rule is about the whole food: its bound of carbohydrate, and whether the market lets anybody claim such a thing. */
export function aboutTheWhole(rule: HouseRule | undefined, context: ClaimContext): Ground[] {
  if (!rule?.carbohydrate) return []
  const refused: Ground = {
    verdict: 'breaks',
    at: -1,
    reason: {
      path: nutrition,
      fact: 'this market permits no low-carbohydrate claim, so it cannot be printed',
      mend: 'Show the carbohydrate figure instead.',
    },
  }
  return [
    ...(context.rules.claims.lowCarbohydrate === 'notPermitted' ? [refused] : []),
    byCarbohydrate(rule.carbohydrate, context),
  ]
}

/** By the house's list alone. */
export function byHouseRule(rule: HouseRule, context: ClaimContext): ClaimResult {
  const promised = byName(rule, context)
  return lineByLine(
    rule.claim,
    context,
    ingredient => judgedByHouse(rule, ingredient, context),
    `Not defined in law: a house rule (${ruleInWords(rule)}).${rule.kinds.includes('refinedSugar') ? ' It still holds sugars.' : ''}`,
    [...aboutTheWhole(rule, context), ...promised.grounds],
    promised.kitchen.length > 0 ? promised.kitchen : null,
  )
}
