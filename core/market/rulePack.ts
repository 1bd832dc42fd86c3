// The shape of one market's rules: lists, thresholds, factors, rounding and wording, each with its citation.
import type { AllergenCode } from '../model/allergen'
import type { NamedClaim } from '../model/claim'
import type { MarketCode } from '../model/market'
import type { NutrientCode } from '../model/nutrient'

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
  table: {
    /** `typicalValues`: per 100 g and per piece. `nutritionFacts`: per serving, with daily values. */
    kind: 'typicalValues' | 'nutritionFacts'
    rows: { nutrient: Rounded; label: string; indent: number; optional?: true }[]
    cite: string
  }
  /** Grams, and kJ for energy, an average adult takes in a day. */
  referenceIntake: Partial<Record<Rounded, number>>
  list: {
    /** Added water counts by what is left in the finished food; else as it was added. */
    waterAsLeft: boolean
    /** Added water up to this share of the finished food may be left out of the list. */
    waterLeftOutUpTo: number
    /** Stands before what is not more than 2 % and so comes last; null where the market has no such group. */
    minor: string | null
    /** Allergens are emphasised inside the list. */
    emphasised: boolean
    /** Additives stand behind their class: "raising agents: …". */
    functionClasses: boolean
    /** Named in the list, though not among the allergens of a summary. */
    alsoNamed: AllergenCode[]
    cite: string
  }
  /** Begins the statement that names every allergen at once; null where none stands beside a list. */
  containsStatement: { lead: string; cite: string } | null
  /** The share of what is in the name must be said. */
  quid: { asked: boolean; cite: string }
  /** Statements on sweeteners, polyols and certain colours (Regulation (EU) 1169/2011, Annex III; 1333/2008, Annex V). */
  europeanStatements: boolean
  words: {
    bestBefore: string
    useBy: string
    day: (iso: string) => string
    netQuantity: (grams: number) => string
    /** Stands on a gluten-free food whose wheat had its gluten taken out; null where nothing is asked. */
    processedWheat: string | null
    /** Claims this market words otherwise. */
    claims: Partial<Record<NamedClaim, string>>
  }
  claims: ClaimRules
}

/** A limit for a nutrition claim: in g per 100 g, or per reference amount; `below`: less than it, not at most. */
export interface Limit {
  grams: number
  per: '100g' | 'reference'
  below?: true
  /** Where the reference amount is 30 g or less, it must hold per 50 g too. */
  smallReferenceToo?: true
  cite: string
}
export interface ClaimRules {
  /** Null: this market has no such claim, so it cannot be printed. */
  lowFat: Limit | null
  lowSugar: Limit | null
  sugarFree: (Limit & { noSugarIngredient: boolean }) | null
  /** At least: g per 100 g or per reference, or g per 100 kcal where given. */
  sourceOfFibre: { grams: number; per: Limit['per']; per100kcal?: number; cite: string } | null
  highFibre: { grams: number; per: Limit['per']; per100kcal?: number; cite: string } | null
  /** Least share of the energy that is protein; null where the claim rests on more than arithmetic. */
  sourceOfProtein: { share: number; cite: string } | null
  /** Kinds of sweetening that count as added sugars. */
  addedSugars: { kinds: ('sugar' | 'syrup' | 'juiceConcentrate' | 'fruitPuree' | 'rareSugar')[]; cite: string }
  /** Beside “no added sugars” where sugars are there by nature; null where another statement is asked. */
  naturallySweet: string | null
  /** Beside a sugar claim on a food that is not low in calories; null where none is asked. */
  notLowCalorie: { statement: string; lowKcalPerReference: number; cite: string } | null
  /** g, or mg, per reference amount above which a nutrition claim must point to the nutrient. */
  disclosure: { fat: number; saturates: number; cholesterolMg: number; sodiumMg: number; cite: string } | null
  lowCarbohydrate: 'notPermitted' | 'notDefined'
}
