// The shape of one market's rules: lists, thresholds, factors, rounding and wording, each with its citation.
import type { AllergenCode } from '../allergen/codes'
import type { NutrientCode } from '../nutrition/nutrient'
import type { MarketCode } from '../workbook'

/** One step of a rounding rule: values up to (or, `below`, under) the edge are printed so. Tried in order. */
export interface RoundingStep {
  atMost?: number
  below?: number
  /** Printed as is, e.g. "< 0.5". `0` stays "0" when the value is exactly nothing. */
  print?: string
  nearest?: number
}
/** `totalCarbohydrate` is available carbohydrate and fibre together, as the US and Canada count it. */
export type Rounded = NutrientCode | 'salt' | 'totalCarbohydrate'

export interface EnergyFactors {
  fat: number
  protein: number
  /** Available carbohydrate that is neither polyol nor allulose. */
  carbohydrate: number
  fibre: number
  alcohol: number
  organicAcids: number
  /** Polyols of a kind without a factor of its own. */
  polyols: number
  eachPolyol: Partial<Record<NutrientCode, number>>
  allulose: number
}

export interface AllergenGroup {
  codes: AllergenCode[]
  /** As a label names it; for cereals and nuts the kind is named instead. */
  name: string
  byKind: boolean
}

export interface RulePack {
  market: MarketCode
  title: string
  /** ISO date of the last reading. */
  asOf: string
  caution: string
  allergens: {
    groups: AllergenGroup[]
    labelNames: Partial<Record<AllergenCode, string>>
    exemptable: AllergenCode[]
    cite: string
  }
  /** What "nut-free" must be free of, peanut included. */
  nuts: AllergenCode[]
  /** mg/kg in the food as sold: at most, or (`below`) under. */
  gluten: {
    atMostMgPerKg: number
    below: boolean
    oats: 'speciallyProduced' | 'withFigure' | 'never'
    removedWheat: 'withTest' | 'never'
    cite: string
  }
  energy: { kj: EnergyFactors; kcal: EnergyFactors; cite: string }
  rounding: {
    rules: Partial<Record<Rounded, RoundingStep[]>>
    otherwise: RoundingStep[]
    /** Is 3.0 printed as 3? */
    trimmed: boolean
    cite: string
  }
  table: { rows: { nutrient: Rounded; label: string; indent: number; optional?: true }[]; cite: string }
  /** Grams, and kJ for energy, an average adult takes in a day. */
  referenceIntake: Partial<Record<Rounded, number>>
  claims: {
    /** g per 100 g, at most or at least. */
    lowFat: number
    lowSugar: number
    sugarFree: number
    fibre: { source: number; high: number; sourcePer100kcal: number; highPer100kcal: number }
    /** Share of energy. */
    protein: { source: number }
    naturallySweet: string
    lowCarbohydrate: 'notPermitted' | 'notDefined'
    cite: string
  }
  /** Added water up to this share of the finished food may be left out of the list. */
  waterLeftOutUpTo: number
}
