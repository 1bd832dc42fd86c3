// Nutrients of the finished food from those of its ingredients. A value nobody gave is a gap, never 0.

import { spokenKinds } from '../ingredient/kindWords'
import { textsOf } from '../ingredient/texts'
import type { EnergyFactors, RulePack } from '../market/rulePack'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { type NutrientCode, nutrientCodes } from '../model/nutrient'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { keptBeside } from '../words/keptBeside'
import type { Analysed } from './laboratory'
import { statedOf } from './stated'

export interface Range {
  value: number
  low: number
  high: number
}
export type NutrientTable = Partial<Record<NutrientCode, Range>>
export interface Nutrition {
  per100g: NutrientTable
  perPiece: NutrientTable
  /** For each nutrient that cannot be given: the ingredients that stand in the way, by name. */
  gaps: Partial<Record<NutrientCode, string[]>>
}

const polyolWords =
  /(?<![\p{L}\p{N}])(?:erythritol|xylitol|maltitol|sorbitol|isomalt|lactitol|mannitol|glycerol|polyols?|sugar alcohols?|e ?(?:42[012]|953|96[5678]))(?![\p{L}\p{N}])/iu
const alluloseWords = /(?<![\p{L}])(?:allulose|psicose)(?![\p{L}])/iu
const speaksOf = (ingredient: Ingredient, words: RegExp) => textsOf(ingredient).some(text => words.test(text))
const holdsPolyols = (ingredient: Ingredient): boolean =>
  (ingredient.traits.sweetening?.includes('polyol') ?? false) || speaksOf(ingredient, polyolWords)

/**
 * Nutrients hardly any source lists: taken as none unless the ingredient's kind or words speak of them. Then they are a gap,
 * and so is the energy.
 */
const onlyWhere: Partial<Record<NutrientCode, (ingredient: Ingredient) => boolean>> = {
  polyols: holdsPolyols,
  erythritol: holdsPolyols,
  allulose: ingredient =>
    (ingredient.traits.sweetening?.includes('rareSugar') ?? false) || speaksOf(ingredient, alluloseWords),
  alcohol: ingredient => ingredient.traits.alcohol ?? spokenKinds(ingredient).some(one => one.trait === 'alcohol'),
  organicAcids: () => false,
}
/** Without any of these there is no energy. */
export const energyNeeds = ['fat', 'carbohydrate', 'protein', 'fibre', 'polyols', 'allulose', 'alcohol'] as const
export const stated: readonly NutrientCode[] = nutrientCodes.filter(
  code => code !== 'energyKj' && code !== 'energyKcal',
)

/** What is known of one ingredient per gram: value, low and high of each nutrient in turn; NaN where nobody said. */
const perGramKnown = new WeakMap<Ingredient, Float64Array>()
export function perGramOf(ingredient: Ingredient): Float64Array {
  const known = perGramKnown.get(ingredient)
  if (known) return known
  const all = new Float64Array(stated.length * 3)
  for (const [at, code] of stated.entries()) {
    const fact = statedOf(ingredient, code)
    const none = fact === undefined && !(onlyWhere[code]?.(ingredient) ?? true)
    all[at * 3] = none ? 0 : (fact?.value ?? Number.NaN) / 100
    all[at * 3 + 1] = none ? 0 : (fact?.low ?? fact?.value ?? Number.NaN) / 100
    all[at * 3 + 2] = none ? 0 : (fact?.high ?? fact?.value ?? Number.NaN) / 100
  }
  perGramKnown.set(ingredient, all)
  return all
}

const nothingKnown = new Float64Array(stated.length * 3).fill(Number.NaN)
/** Do both give the same of every nutrient, per gram? */
export function samePerGram(one: Ingredient, other: Ingredient): boolean {
  const [a, b] = [perGramOf(one), perGramOf(other)]
  return a.every((value, at) => Object.is(value, b[at]))
}

const kindsKnown = new WeakMap<EnergyFactors, [NutrientCode, number][]>()
function kindsOf(factors: EnergyFactors): [NutrientCode, number][] {
  const known = kindsKnown.get(factors)
  if (known) return known
  const kinds = Object.entries(factors.eachPolyol) as [NutrientCode, number][]
  kindsKnown.set(factors, kinds)
  return kinds
}

/** Energy per 100 g from the macronutrients, by a market's factors; in the unit of the factors. Organic acids, polyols and the like count where given. */
export function energyOf(of: (code: NutrientCode) => number | undefined, factors: EnergyFactors): number | null {
  const [fat, carbohydrate, protein, fibre] = [of('fat'), of('carbohydrate'), of('protein'), of('fibre')]
  if (fat === undefined || carbohydrate === undefined || protein === undefined || fibre === undefined) return null
  let named = 0
  let ofNamed = 0
  for (const [code, factor] of kindsOf(factors)) {
    const grams = of(code) ?? 0
    named += grams
    ofNamed += grams * factor
  }
  const polyols = Math.max(of('polyols') ?? 0, named)
  const allulose = of('allulose') ?? 0
  const soluble = of('solubleFibre')
  const ofFibre =
    soluble === undefined
      ? fibre * factors.fibre
      : soluble * factors.fibre + Math.max(0, fibre - soluble) * factors.insolubleFibre
  return (
    fat * factors.fat +
    protein * factors.protein +
    ofFibre +
    Math.max(0, carbohydrate - polyols - allulose) * factors.carbohydrate +
    (polyols - named) * factors.polyols +
    ofNamed +
    allulose * factors.allulose +
    (of('alcohol') ?? 0) * factors.alcohol +
    (of('organicAcids') ?? 0) * factors.organicAcids
  )
}

/** What adds to the sums, three in a row a nutrient: of most things most nutrients are none. What is not known is marked, and adds nothing. */
interface Adds {
  /** Where the three of each begin. */
  at: Uint8Array
  per: Float64Array
  /** Where the nutrients are that nobody knows. */
  unknown: Uint8Array
}
const kindsOfUnknown = new Map<string, Uint8Array>()
/** One list for all of whom the same is unknown. */
function theSame(places: Uint8Array): Uint8Array {
  const as = places.join()
  const known = kindsOfUnknown.get(as) ?? places
  if (kindsOfUnknown.size < 1000) kindsOfUnknown.set(as, known)
  return known
}
const addsKnown = new WeakMap<Float64Array, Adds>()
function addsOf(perGram: Float64Array): Adds {
  const known = addsKnown.get(perGram)
  if (known) return known
  const places = Uint8Array.from(stated.keys(), nth => nth * 3)
  const isKnown = (place: number) => !Number.isNaN(perGram[place]! + perGram[place + 1]! + perGram[place + 2]!)
  const at = places.filter(
    place => isKnown(place) && !(perGram[place] === 0 && perGram[place + 1] === 0 && perGram[place + 2] === 0),
  )
  const made = {
    at,
    per: Float64Array.from([...at].flatMap(place => [...perGram.subarray(place, place + 3)])),
    unknown: theSame(places.filter(place => !isKnown(place))),
  }
  addsKnown.set(perGram, made)
  return made
}
function addTo(sums: Float64Array, { at, per }: Adds, grams: number): void {
  for (let n = 0; n < at.length; n++) {
    const to = at[n]!
    sums[to]! += per[n * 3]! * grams
    sums[to + 1]! += per[n * 3 + 1]! * grams
    sums[to + 2]! += per[n * 3 + 2]! * grams
  }
}

const keepNutrition = keptBeside<Bill['lines'], Nutrition>()
const nothingAnalysed: Analysed = {}
/**
 * Per 100 g of finished food and per piece of `pieceGrams`; energy by the market's factors, not rolled up. `analysed`: what stands
 * for what is worked out, gaps included. As it was before, as long as lines, facts and rules are the same.
 */
export function nutritionOf(
  bill: Bill,
  workbook: Workbook,
  rules: RulePack,
  pieceGrams: number | null,
  analysed: Analysed = nothingAnalysed,
): Nutrition {
  const rests = [workbook.ingredients, rules, pieceGrams, analysed, bill.gaps, bill.finished]
  return keepNutrition(bill.lines, rules.market, rests, () =>
    nutritionWorkedOut(bill, workbook, rules, pieceGrams, analysed),
  )
}
function nutritionWorkedOut(
  bill: Bill,
  workbook: Workbook,
  rules: RulePack,
  pieceGrams: number | null,
  analysed: Analysed,
): Nutrition {
  const ingredients = byId(workbook.ingredients)
  const per100g: NutrientTable = {}
  const general = new Set<string>()
  for (const gap of bill.gaps) general.add(gap.path.at(-1)!.name)
  if (!(bill.finished > 0)) general.add('the finished weight')
  const lines = bill.lines.filter(line => line.role !== 'beside' && line.retained !== 0)
  const sums = new Float64Array(stated.length * 3)
  // the same is unknown of most things: each kind of not knowing is marked once
  let marked: Uint8Array | null = null
  for (const line of lines) {
    const ingredient = ingredients.get(line.ingredient)
    const adds = addsOf(ingredient ? perGramOf(ingredient) : nothingKnown)
    addTo(sums, adds, line.grams * line.retained)
    if (adds.unknown === marked) continue
    for (const place of adds.unknown) sums[place] = Number.NaN
    marked = adds.unknown
  }
  const per100 = 100 / bill.finished
  // one unknown makes the whole sum no number; an unweighed line is among the general gaps
  if (general.size === 0)
    for (let at = 0; at < stated.length; at++) {
      const value = sums[at * 3]!
      if (Number.isNaN(value)) continue
      per100g[stated[at]!] = {
        value: value * per100,
        low: sums[at * 3 + 1]! * per100,
        high: sums[at * 3 + 2]! * per100,
      }
    }
  // where allulose is a sugar, the sugars hold it, or are not known
  if (rules.sugars.withAllulose) {
    const { sugars, allulose } = per100g
    if (sugars && allulose)
      per100g.sugars = {
        value: sugars.value + allulose.value,
        low: sugars.low + allulose.low,
        high: sugars.high + allulose.high,
      }
    else delete per100g.sugars
  }
  for (const [code, value] of Object.entries(analysed) as [NutrientCode, number][])
    per100g[code] = { value, low: value, high: value }
  for (const [code, factors] of [
    ['energyKj', rules.energy.kj],
    ['energyKcal', rules.energy.kcal],
  ] as const) {
    if (energyNeeds.some(needed => per100g[needed] === undefined)) continue
    const at = (end: keyof Range) => energyOf(nutrient => per100g[nutrient]?.[end], factors)
    const value = at('value')
    if (value !== null) per100g[code] = { value, low: at('low')!, high: at('high')! }
  }
  // worked out when they are looked at: a catalogue never looks
  let perPiece: NutrientTable | null = null
  let gaps: Nutrition['gaps'] | null = null
  return {
    per100g,
    get perPiece() {
      perPiece ??= scaledBy(per100g, (pieceGrams ?? 0) / 100)
      return perPiece
    },
    get gaps() {
      gaps ??= gapsIn(
        per100g,
        general,
        lines.map(line => ({ id: line.ingredient, ingredient: ingredients.get(line.ingredient) })),
      )
      if (!per100g.sugars && gaps.allulose) gaps.sugars = [...new Set([...(gaps.sugars ?? []), ...gaps.allulose])]
      return gaps
    },
  }
}

/** For each nutrient that is not known: what stands in the way, by name. */
function gapsIn(
  per100g: NutrientTable,
  general: ReadonlySet<string>,
  used: readonly { id: string; ingredient: Ingredient | undefined }[],
): Nutrition['gaps'] {
  const gaps: Nutrition['gaps'] = {}
  for (const [at, code] of stated.entries()) {
    if (per100g[code]) continue
    const missing = new Set(general)
    for (const { id, ingredient } of used)
      if (!ingredient || Number.isNaN(perGramOf(ingredient)[at * 3]!)) missing.add(ingredient?.name ?? id)
    gaps[code] = [...missing]
  }
  for (const code of ['energyKj', 'energyKcal'] as const)
    if (!per100g[code]) gaps[code] = [...new Set(energyNeeds.flatMap(needed => gaps[needed] ?? []))]
  return gaps
}

function scaledBy(table: NutrientTable, share: number): NutrientTable {
  const scaled: NutrientTable = {}
  if (share > 0)
    for (const [code, range] of Object.entries(table) as [NutrientCode, Range][])
      scaled[code] = { value: range.value * share, low: range.low * share, high: range.high * share }
  return scaled
}

/** Salt in grams from sodium in milligrams: times 2.5 (Regulation (EU) 1169/2011, Annex I). */
export const saltOf = (sodiumMg: number): number => (sodiumMg * 2.5) / 1000
