// Nutrients of the finished food from those of its ingredients. A value nobody gave is a gap, never 0.
import { byId } from '../ingredient/byId'
import type { Ingredient } from '../ingredient/ingredient'
import type { EnergyFactors, RulePack } from '../market/rulePack'
import type { Bill } from '../recipe/bill'
import type { Workbook } from '../workbook'
import { type NutrientCode, nutrientCodes } from './nutrient'
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

/** Nutrients hardly any source lists: taken as none unless the ingredient's traits speak of them. Then they are a gap. */
const onlyWhere: Partial<Record<NutrientCode, (ingredient: Ingredient) => boolean>> = {
  polyols: ingredient => ingredient.traits.sweetening?.includes('polyol') ?? false,
  erythritol: ingredient => ingredient.traits.sweetening?.includes('polyol') ?? false,
  allulose: ingredient => ingredient.traits.sweetening?.includes('rareSugar') ?? false,
  alcohol: ingredient => ingredient.traits.alcohol ?? false,
  organicAcids: () => false,
}
const stated: readonly NutrientCode[] = nutrientCodes.filter(code => code !== 'energyKj' && code !== 'energyKcal')

/** Energy per 100 g from the macronutrients, by a market's factors; in the unit of the factors. Organic acids, polyols and the like count where given. */
export function energyOf(of: (code: NutrientCode) => number | undefined, factors: EnergyFactors): number | null {
  const needed = (['fat', 'carbohydrate', 'protein', 'fibre'] as const).map(of)
  if (needed.some(value => value === undefined)) return null
  const [fat, carbohydrate, protein, fibre] = needed as [number, number, number, number]
  const kinds = Object.entries(factors.eachPolyol) as [NutrientCode, number][]
  const named = kinds.reduce((sum, [code]) => sum + (of(code) ?? 0), 0)
  const polyols = Math.max(of('polyols') ?? 0, named)
  const allulose = of('allulose') ?? 0
  return (
    fat * factors.fat +
    protein * factors.protein +
    fibre * factors.fibre +
    Math.max(0, carbohydrate - polyols - allulose) * factors.carbohydrate +
    (polyols - named) * factors.polyols +
    kinds.reduce((sum, [code, factor]) => sum + (of(code) ?? 0) * factor, 0) +
    allulose * factors.allulose +
    (of('alcohol') ?? 0) * factors.alcohol +
    (of('organicAcids') ?? 0) * factors.organicAcids
  )
}

/** Per 100 g of finished food and per piece of `pieceGrams`; energy by the market's factors, not rolled up. */
export function nutritionOf(bill: Bill, workbook: Workbook, rules: RulePack, pieceGrams: number | null): Nutrition {
  const ingredients = byId(workbook.ingredients)
  const per100g: NutrientTable = {}
  const gaps: Nutrition['gaps'] = {}
  const general = new Set<string>()
  for (const gap of bill.gaps)
    if (!bill.lines.some(line => line.role === 'beside' && line.path.at(-1)!.id === gap.path.at(-1)!.id))
      general.add(gap.path.at(-1)!.name)
  if (!(bill.finished > 0)) general.add('the finished weight')
  for (const code of stated) {
    const missing = new Set(general)
    let value = 0
    let low = 0
    let high = 0
    for (const line of bill.lines) {
      if (line.role === 'beside' || line.retained === 0) continue
      const ingredient = ingredients.get(line.ingredient)
      const fact = ingredient && statedOf(ingredient, code)
      const share = (line.grams * line.retained) / 100
      if (fact) {
        value += share * fact.value
        low += share * (fact.low ?? fact.value)
        high += share * (fact.high ?? fact.value)
      } else if (ingredient && !(onlyWhere[code]?.(ingredient) ?? true)) continue
      else missing.add(ingredient?.name ?? line.ingredient)
    }
    if (missing.size > 0) gaps[code] = [...missing]
    else {
      const per = 100 / bill.finished
      per100g[code] = { value: value * per, low: low * per, high: high * per }
    }
  }
  for (const [code, factors] of [
    ['energyKj', rules.energy.kj],
    ['energyKcal', rules.energy.kcal],
  ] as const) {
    const at = (end: keyof Range) => energyOf(nutrient => per100g[nutrient]?.[end], factors)
    const value = at('value')
    if (value !== null) per100g[code] = { value, low: at('low')!, high: at('high')! }
    else
      gaps[code] = [
        ...new Set((['fat', 'carbohydrate', 'protein', 'fibre'] as const).flatMap(needed => gaps[needed] ?? [])),
      ]
  }
  const perPiece: NutrientTable = {}
  if (pieceGrams !== null)
    for (const [code, range] of Object.entries(per100g) as [NutrientCode, Range][]) {
      const share = pieceGrams / 100
      perPiece[code] = { value: range.value * share, low: range.low * share, high: range.high * share }
    }
  return { per100g, perPiece, gaps }
}

/** Salt in grams from sodium in milligrams: times 2.5 (Regulation (EU) 1169/2011, Annex I). */
export const saltOf = (sodiumMg: number): number => (sodiumMg * 2.5) / 1000
