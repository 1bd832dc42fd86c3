// Claims by a list of the house's own: every line against its words and kinds, the figure against its bound. Never by silence: what
// nobody has said is unproven, and so is a thing whose own parts are not written.
import { statusOf } from '../allergen/rollUp'
import { kindConflict, kindFact, kindMend } from '../ingredient/kindWords'
import { mentions } from '../ingredient/lexicon'
import { absent, blank, bound } from '../ingredient/sober'
import { textsOf } from '../ingredient/texts'
import { glutenCereals } from '../model/allergen'
import { type ClaimCode, nameOfClaim } from '../model/claim'
import { carbohydrateFormula, type HouseRule, type RefusedKind, refusedKindName, usualRules } from '../model/houseRule'
import type { Ingredient, Traits } from '../model/ingredient'
import { fullList } from '../words/listing'
import { atMost, toPlaces } from '../words/rounding'
import { absence } from './absence'
import { claimsIn } from './claimsInText'
import { fine, type Judged, lineByLine, unsaid } from './lineByLine'
import type { ClaimContext, ClaimResult, Ground } from './verdict'

/** The rule the kitchen has for a claim; else the usual list; undefined where there is none. */
export function houseRuleOf(
  claim: ClaimCode,
  { houseRules = [] }: { houseRules?: HouseRule[] },
): HouseRule | undefined {
  const usual: Partial<Record<string, unknown>> = usualRules
  return houseRules.find(one => one.claim === claim) ?? (usual[claim] as HouseRule | undefined)
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
const anyOf = (words: readonly string[]): RegExp | null =>
  words.length === 0 ? null : bound(words.map(word => `${escaped(word.trim())}(?:e?s)?`).join('|'))

/** One of the words in its names or what it is made of; what is denied or only sounds like it is none. */
function byWords(ingredient: Ingredient, { words, but = [] }: HouseRule): Judged {
  const refused = anyOf(words)
  if (!refused) return fine
  const sounds = anyOf(but)
  for (const text of textsOf(ingredient)) {
    const sober = text.replace(absent, blank)
    const found = (sounds ? sober.replace(sounds, blank) : sober).match(refused)?.[0]
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

/** The figure at its worst: what counts at its high end, what is taken off at its low one. */
function byCarbohydrate(rule: HouseRule, context: ClaimContext): Ground[] {
  const { carbohydrate } = rule
  if (!carbohydrate) return []
  const path = [{ id: 'nutrition', name: 'nutrition' }]
  const { per100g, gaps } = context.nutrition
  const needed = ['carbohydrate', ...(carbohydrate.counted === 'total' ? (['fibre'] as const) : [])] as const
  const missing = needed.filter(code => per100g[code] === undefined)
  if (missing.length > 0) {
    const who = [...new Set(missing.flatMap(code => gaps[code] ?? []))]
    return [
      {
        verdict: 'unproven',
        at: -1,
        reason: {
          path,
          fact: `${fullList(missing)} not known for ${fullList(who)}`,
          mend: 'Add the missing values in the larder.',
        },
      },
    ]
  }
  const high = per100g.carbohydrate!.high
  const polyols = per100g.polyols?.low ?? 0
  const counted = {
    total: high + (per100g.fibre?.high ?? 0),
    lessFibre: high,
    lessPolyols: high - polyols,
    // rare sugars stand among the carbohydrate, and an unknown amount is taken off nothing
    lessRareSugars: high - polyols - (per100g.allulose?.low ?? 0),
  }[carbohydrate.counted]
  const grams = carbohydrate.per === '100g' ? 100 : context.product.netWeight / context.product.pieces
  const value = (Math.max(0, counted) * grams) / 100
  const away = Math.abs(value - carbohydrate.atMost)
  const holds = atMost(value, carbohydrate.atMost)
  return [
    {
      verdict: holds ? 'holds' : 'breaks',
      at: -1,
      reason: {
        path,
        fact: `${toPlaces(value, 1)} g of ${carbohydrateFormula[carbohydrate.counted]} per ${
          carbohydrate.per === '100g' ? '100 g' : `piece of ${toPlaces(grams, 0)} g`
        }, at most ${carbohydrate.atMost} g by the house; ${toPlaces(away, 1)} g ${holds ? 'under' : 'over'} it`,
      },
    },
  ]
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

/** The denial taken out of "almond-free", "without almonds": what is left is what it denies. */
const denial = /[- ]free\b|\b(?:free (?:from|of)|without(?: any)?|no|contains no|does not contain)\b/giu

/**
 * What a name of the house's promises besides its list: a claim that has a rule of its own is refused under another name, and
 * what it denies of an allergen is held to what any such claim is held to, proof for every line and for the kitchen.
 */
function byName(rule: HouseRule, context: ClaimContext): { grounds: Ground[]; kitchen: Ground[] } {
  if (!rule.claim.startsWith('house:')) return { grounds: [], kitchen: [] }
  const name = nameOfClaim(rule.claim)
  const own = claimsIn(name).filter(({ claim }) =>
    claim === 'keto' ? rule.carbohydrate === undefined : !(claim in usualRules),
  )
  const grounds = own.map(
    ({ claim, words }): Ground => ({
      verdict: 'unproven',
      at: -1,
      reason: {
        path: [],
        fact: `“${words}” is a claim with a rule of its own, which no list stands for`,
        mend: `Choose “${nameOfClaim(claim)}”, or another name.`,
      },
    }),
  )
  const denied = (name.match(absent) ?? []).join(' ').replace(denial, ' ')
  const codes = [...new Set(mentions(denied).map(one => one.code))]
  if (codes.length === 0) return { grounds, kitchen: [] }
  const proof = absence(rule.claim, codes, context)
  return { grounds: [...grounds, ...proof.grounds], kitchen: proof.kitchenGrounds }
}

/** By the house's list alone. Where the market lets nobody claim little carbohydrate, a rule about it is refused. */
export function byHouseRule(rule: HouseRule, context: ClaimContext): ClaimResult {
  const refusedHere: Ground[] =
    rule.carbohydrate && context.rules.claims.lowCarbohydrate === 'notPermitted'
      ? [
          {
            verdict: 'breaks',
            at: -1,
            reason: {
              path: [{ id: 'nutrition', name: 'nutrition' }],
              fact: 'this market permits no low-carbohydrate claim, so it cannot be printed',
              mend: 'Show the carbohydrate figure instead.',
            },
          },
        ]
      : []
  const promised = byName(rule, context)
  return lineByLine(
    rule.claim,
    context,
    ingredient => judgedByHouse(rule, ingredient, context),
    `Not defined in law: a house rule (${ruleInWords(rule)}).${rule.kinds.includes('refinedSugar') ? ' It still holds sugars.' : ''}`,
    [...refusedHere, ...byCarbohydrate(rule, context), ...promised.grounds],
    promised.kitchen.length > 0 ? promised.kitchen : null,
  )
}
