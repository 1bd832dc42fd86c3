// How sure a table of nutrition is: everything it is worked out from with how far each may be off, in flat arrays, so that a food can
// be made up ten thousand times over. Where nobody gave a range a house assumption stands, and says that it is one: common
// practice, no published source, but for the classes of eggs.

import type { EnergyFactors, Rounded, RulePack } from '../market/rulePack'
import { servingOf } from '../market/serving'
import { gramsOf } from '../measure/convert'
import { byId } from '../model/byId'
import { type NutrientCode, nutrientCodes, nutrientName } from '../model/nutrient'
import type { Product } from '../model/product'
import { type Line, partKey, type Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import type { Bill, BillLine } from '../recipe/bill'
import { usualBakeLoss } from '../recipe/usualLoss'
import { weighOn } from '../recipe/weighOut'
import { analysedOf } from './laboratory'
import { energyNeeds, energyOf, perGramOf, stated } from './rollUp'

/** Shares a thing may be off by, where nobody gave a range. */
export const assumed = {
  /** A value of a table or a pack: what a declared value itself may mostly be off by (Commission guidance, December 2012). */
  table: 0.2,
  /** Grams a scale shows, where the kitchen has put none down. */
  scaleStep: 1,
  /** An egg within its class: medium is 53 to 63 g (Commission Regulation (EC) 589/2008, Art. 4, from memory). */
  egg: 0.09,
  /** A fruit, a bar, a sheet: whatever is counted. */
  piece: 0.2,
  /** Of the loss in the oven: points, weighed once, or not at all. */
  lossWeighed: 0.015,
  lossAssumed: 0.04,
  /** What a laboratory found, and another may find. */
  analysis: 0.05,
} as const

export type Cause = 'table' | 'weighing' | 'size' | 'bake' | 'analysis'
/** One thing the figures rest on, and its factor at both ends: 0.9 to 1.1 of what was reckoned with. */
export interface Uncertain {
  id: string
  cause: Cause
  /** Of what: an ingredient, or the bake. */
  name: string
  how: string
}
export interface Spread {
  rules: RulePack
  /** Each row of the market's table that is known. Per 100 g, or per serving of so many grams. */
  rows: readonly { nutrient: Rounded; label: string }[]
  per: number
  codes: readonly NutrientCode[]
  /** Grams of each line that touches the food, as retained; and its factor at both ends. */
  grams: Float64Array
  low: Float64Array
  high: Float64Array
  /** Share of each that is left after baking, at the loss reckoned with. */
  baked: Float64Array
  /** Which ingredient a line is of. */
  of: Int32Array
  /** Per gram, by ingredient and code: as reckoned with, and both ends. */
  value: Float64Array
  valueLow: Float64Array
  valueHigh: Float64Array
  /** Factor of what is left of each bake at both ends: of the food itself first, then of each part that is baked by itself. */
  bakes: readonly (readonly [number, number])[]
  /** For each line the bakes it went through as part of a part. */
  inParts: readonly (readonly InPart[])[]
  /** By code, per 100 g of the food: what a laboratory found, which stands for the sum; NaN where it is worked out. */
  analysed: Float64Array
  uncertain: readonly Uncertain[]
  /** Index of the line, the ingredient, the code or the bake of each uncertain thing. */
  at: Int32Array
}
/**
 * A bake that a line went through before it came into the food. Weighed off as so many finished grams, the part holds the more of
 * everything the more it lost; taken whole, it weighs the less.
 */
export interface InPart {
  bake: number
  weighedOff: boolean
}

const isEnergy = (nutrient: Rounded) => nutrient === 'energyKj' || nutrient === 'energyKcal'
const egg = /\begg/i
const rowNeeds = ({ sugars }: RulePack, nutrient: Rounded): readonly NutrientCode[] =>
  nutrient === 'salt'
    ? ['sodiumMg']
    : nutrient === 'totalCarbohydrate'
      ? ['carbohydrate', 'fibre']
      : nutrient === 'sugars'
        ? ['sugars', ...(sugars.withAllulose ? (['allulose'] as const) : [])]
        : [nutrient as NutrientCode]

/** The line's weight at both ends, and why. */
function ofLine(
  line: BillLine,
  name: string,
  workbook: Workbook,
): { low: number; high: number; cause: Cause; how: string } {
  if (line.counted) {
    const share = egg.test(name) ? assumed.egg : assumed.piece
    return {
      low: 1 - share,
      high: 1 + share,
      cause: 'size',
      how: `counted, not weighed: a piece may be ${share * 100} % off`,
    }
  }
  const scales = workbook.kitchen.scales ?? []
  const { scale } = weighOn(line.grams, scales)
  const step = scale?.resolution ?? assumed.scaleStep
  const share = line.grams > 0 ? Math.min(0.5, step / 2 / line.grams) : 0
  return {
    low: 1 - share,
    high: 1 + share,
    cause: 'weighing',
    how: scale
      ? `half a step of the ${step} g scale`
      : `half a step of a ${step} g scale, assumed: no scale here shows it`,
  }
}

interface Bake {
  id: string
  name: string
  ends: readonly [number, number]
  how: string
}
/** Is so much of the finished part asked for, and not so many makings or pieces of it? */
const weighsOff = ({ amount, also = [] }: Line): boolean =>
  amount?.unit !== 'each' || also.some(one => gramsOf(one.unit) !== null)
/** The bakes of the parts, and which of them each line went through. A part that goes into no oven loses nothing there. */
function ofParts(lines: readonly BillLine[], workbook: Workbook): { bakes: Bake[]; inParts: InPart[][] } {
  const recipes = byId(workbook.recipes)
  const bakes: Bake[] = []
  const place = new Map<string, number>()
  const bakeOf = (part: Recipe): number | null => {
    if (part.bakeLoss === undefined && !part.steps.some(one => one.when === 'oven')) return null
    const known = place.get(part.id)
    if (known !== undefined) return known
    // the food itself is the first
    place.set(part.id, bakes.length + 1)
    bakes.push({ id: `bake ${part.id}`, name: `the bake of ${part.name}`, ...ofBake(part) })
    return bakes.length
  }
  const inParts = lines.map(({ path }) =>
    path.slice(1, -1).flatMap((step, at): InPart[] => {
      const part = recipes.get(step.id)
      const bake = part ? bakeOf(part) : null
      const asks = recipes.get(path[at]!.id)?.lines.find(({ of }) => 'recipe' in of && partKey(of) === step.id)
      return bake === null || !asks ? [] : [{ bake, weighedOff: weighsOff(asks) }]
    }),
  )
  return { bakes, inParts }
}

/** The finished weight at both ends, and why: by the loss of the recipe. */
function ofBake(
  recipe: Recipe | undefined,
  product?: Pick<Product, 'category'>,
): { ends: [number, number]; how: string } {
  const loss = recipe?.bakeLoss
  if (loss === undefined) {
    const usual = product && usualBakeLoss(product.category)
    const most = usual?.high ?? 0.15
    return {
      ends: [1 - most, 1],
      how: `no bake loss is put down: it may be anything up to ${Math.round(most * 100)} %`,
    }
  }
  const points = recipe?.bakeWeighed ? assumed.lossWeighed : assumed.lossAssumed
  const off = points / (1 - loss)
  return {
    ends: [Math.max(0.05, 1 - off), Math.min(1 + off, 1 / (1 - loss))],
    how: `a loss of ${Math.round(loss * 1000) / 10} %, ${recipe?.bakeWeighed ? 'weighed once' : 'not weighed'}: ${points * 100} points either way`,
  }
}

/** Null where the food has a gap, or no serving can be told: then there is no figure to be sure of. */
export function spreadOf(
  bill: Bill,
  product: Product,
  recipe: Recipe | undefined,
  workbook: Workbook,
  rules: RulePack,
): Spread | null {
  if (bill.gaps.length > 0 || !(bill.finished > 0)) return null
  const serving = servingOf(rules, product)
  if (rules.table.kind === 'nutritionFacts' && 'unknown' in serving) return null
  const per = rules.table.kind === 'typicalValues' || 'unknown' in serving ? 100 : serving.grams
  const ingredients = byId(workbook.ingredients)
  const lines = bill.lines.filter(
    line => line.role !== 'beside' && line.retained !== 0 && ingredients.has(line.ingredient),
  )
  const ids = [...new Set(lines.map(line => line.ingredient))]
  const found = analysedOf(product, bill, workbook)
  const isKnown = (code: NutrientCode): boolean =>
    found[code] !== undefined ||
    (stated.includes(code) &&
      ids.every(id => !Number.isNaN(perGramOf(ingredients.get(id)!)[stated.indexOf(code) * 3]!)))
  const rows = rules.table.rows.filter(({ nutrient }) =>
    isEnergy(nutrient) ? energyNeeds.every(isKnown) : rowNeeds(rules, nutrient).every(isKnown),
  )
  const { energy } = rules
  const inEnergy: readonly NutrientCode[] = [
    ...energyNeeds,
    'solubleFibre',
    'organicAcids',
    ...(Object.keys({ ...energy.kj.eachPolyol, ...energy.kcal.eachPolyol }) as NutrientCode[]),
  ]
  const wanted = new Set(rows.flatMap(({ nutrient }) => (isEnergy(nutrient) ? inEnergy : rowNeeds(rules, nutrient))))
  // what no row rests on is not drawn
  const known = nutrientCodes.filter(code => wanted.has(code) && isKnown(code))
  const ofLines = lines.map(line => ofLine(line, ingredients.get(line.ingredient)!.name, workbook))
  const parts = ofParts(lines, workbook)
  const bakes: Bake[] = [{ id: 'bake', name: 'the bake', ...ofBake(recipe, product) }, ...parts.bakes]
  const size = ids.length * known.length
  const [value, valueLow, valueHigh] = [new Float64Array(size), new Float64Array(size), new Float64Array(size)]
  const tableHow: string[] = []
  for (const [i, id] of ids.entries()) {
    const one = ingredients.get(id)!
    const per = perGramOf(one)
    let ranged = 0
    for (const [c, code] of known.entries()) {
      const at = stated.indexOf(code) * 3
      // what was analysed needs no table
      const [middle, low, high] = [per[at]!, per[at + 1]!, per[at + 2]!].map(one => (Number.isNaN(one) ? 0 : one)) as [
        number,
        number,
        number,
      ]
      const given = low !== middle || high !== middle
      if (given) ranged++
      value[i * known.length + c] = middle
      valueLow[i * known.length + c] = given ? Math.min(low, middle) : middle * (1 - assumed.table)
      valueHigh[i * known.length + c] = given ? Math.max(high, middle) : middle * (1 + assumed.table)
    }
    tableHow.push(
      ranged > 0
        ? `its table gives a range for ${ranged} of its values; the others may be ${assumed.table * 100} % off, assumed`
        : `no range is given: ${assumed.table * 100} % either way, assumed`,
    )
  }
  const analysed = known.filter(code => found[code] !== undefined)
  const uncertain: Uncertain[] = [
    ...lines.map((line, at) => ({
      id: `line ${line.line} ${at}`,
      name: ingredients.get(line.ingredient)!.name,
      cause: ofLines[at]!.cause,
      how: ofLines[at]!.how,
    })),
    ...ids.map((id, at) => ({
      id: `table ${id}`,
      name: ingredients.get(id)!.name,
      cause: 'table' as const,
      how: tableHow[at]!,
    })),
    ...analysed.map(code => ({
      id: `analysis ${code}`,
      name: nutrientName[code],
      cause: 'analysis' as const,
      how: `analysed: another laboratory may find ${assumed.analysis * 100} % more or less, assumed`,
    })),
    ...bakes.map(({ id, name, how }) => ({ id, name, how, cause: 'bake' as const })),
  ]
  return {
    rules,
    rows: rows.map(({ nutrient, label }) => ({ nutrient, label })),
    per,
    codes: known,
    grams: Float64Array.from(lines, line => line.grams * line.retained),
    low: Float64Array.from(ofLines, one => one.low),
    high: Float64Array.from(ofLines, one => one.high),
    baked: Float64Array.from(lines, line => line.baked),
    of: Int32Array.from(lines, line => ids.indexOf(line.ingredient)),
    value,
    valueLow,
    valueHigh,
    bakes: bakes.map(one => one.ends),
    inParts: parts.inParts,
    analysed: Float64Array.from(known, code => found[code] ?? Number.NaN),
    uncertain,
    at: Int32Array.from([
      ...lines.keys(),
      ...ids.keys(),
      ...analysed.map(code => known.indexOf(code)),
      ...bakes.keys(),
    ]),
  }
}

/** What a row is, of the amounts of each code in what it is asked of: per 100 g, say, or in one gram. */
export function rowReaders({ rules, rows, codes }: Spread): ((amounts: Float64Array) => number)[] {
  const place = new Map(codes.map((code, at) => [code, at]))
  let now: Float64Array = new Float64Array(codes.length)
  const of = (code: NutrientCode) => {
    const at = place.get(code)
    return at === undefined ? undefined : now[at]!
  }
  const energy = (factors: EnergyFactors) => (amounts: Float64Array) => {
    now = amounts
    return energyOf(of, factors)!
  }
  return rows.map(({ nutrient }) => {
    if (nutrient === 'energyKj') return energy(rules.energy.kj)
    if (nutrient === 'energyKcal') return energy(rules.energy.kcal)
    const needs = rowNeeds(rules, nutrient).map(code => place.get(code)!)
    const factor = nutrient === 'salt' ? 0.0025 : 1
    return amounts => needs.reduce((sum, at) => sum + amounts[at]!, 0) * factor
  })
}

/** Factors of the lines, what the ingredients hold per gram, what was analysed per 100 g, and the factor of each bake. */
export interface Draw {
  weights: Float64Array
  values: Float64Array
  analysed: Float64Array
  bakes: Float64Array
}
/** One food made up, its rows written into `rows`. */
export function madeUp(spread: Spread): (draw: Draw, rows: Float64Array) => void {
  const { per, codes, grams, baked, of, inParts } = spread
  const [n, lines] = [codes.length, grams.length]
  const readers = rowReaders(spread)
  const sums = new Float64Array(n)
  return ({ weights, values, analysed, bakes }, rows) => {
    sums.fill(0)
    let mass = 0
    for (let line = 0; line < lines; line++) {
      let g = grams[line]! * weights[line]!
      let stays = baked[line]!
      for (const { bake, weighedOff } of inParts[line]!) {
        const by = bakes[bake]!
        stays *= by
        if (weighedOff) g /= by
      }
      mass += g * stays
      const from = of[line]! * n
      for (let code = 0; code < n; code++) sums[code]! += g * values[from + code]!
    }
    const share = per / (mass * bakes[0]!)
    for (let code = 0; code < n; code++)
      sums[code] = Number.isNaN(analysed[code]!) ? sums[code]! * share : (analysed[code]! * per) / 100
    for (let row = 0; row < rows.length; row++) rows[row] = readers[row]!(sums)
  }
}
