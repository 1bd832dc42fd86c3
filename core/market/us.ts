// United States. Transcribed from memory of the sources cited beside each part: verify before relying on it.
import type { NutrientCode } from '../model/nutrient'
import { monthName } from '../words/day'
import { toPlaces } from '../words/rounding'
import { eu } from './eu'
import type { EnergyFactors, RoundingStep, RulePack } from './rulePack'

/** 21 CFR 101.9(c)(1): kcal per g; sugar alcohols (c)(1)(i)(F); allulose by FDA guidance, October 2020. */
const kcal: EnergyFactors = {
  fat: 9,
  protein: 4,
  carbohydrate: 4,
  // soluble fibre is 2, insoluble 0: all of it at 2 never states too little
  fibre: 2,
  alcohol: 7,
  organicAcids: 3,
  // the highest of them, hydrogenated starch hydrolysate, where the kind is not known
  polyols: 3,
  eachPolyol: { erythritol: 0, xylitol: 2.4, maltitol: 2.1, sorbitol: 2.6, isomalt: 2, lactitol: 2, mannitol: 1.6 },
  allulose: 0.4,
}
const kjPerKcal = 4.184
const kj: EnergyFactors = {
  ...(Object.fromEntries(
    Object.entries(kcal).map(([code, factor]) => [code, typeof factor === 'number' ? factor * kjPerKcal : factor]),
  ) as unknown as EnergyFactors),
  eachPolyol: Object.fromEntries(Object.entries(kcal.eachPolyol).map(([code, factor]) => [code, factor * kjPerKcal])),
}

const fat: RoundingStep[] = [{ below: 0.5, print: '0' }, { below: 5, nearest: 0.5 }, { nearest: 1 }]
const grams: RoundingStep[] = [{ below: 0.5, print: '0' }, { below: 1, print: 'less than 1' }, { nearest: 1 }]

export const us: RulePack = {
  ...eu,
  market: 'us',
  title: 'United States',
  asOf: '2026-11-24',
  allergens: {
    cite: 'FD&C Act 201(qq) and 403(w); FASTER Act of 2021; FDA guidance on food allergens, January 2025',
    groups: [
      { codes: ['milk'], name: 'milk', byKind: false },
      { codes: ['egg'], name: 'egg', byKind: false },
      { codes: ['fish'], name: 'fish', byKind: true },
      { codes: ['crustaceans'], name: 'Crustacean shellfish', byKind: true },
      {
        codes: ['almond', 'brazilNut', 'cashew', 'hazelnut', 'macadamia', 'pecan', 'pineNut', 'pistachio', 'walnut'],
        name: 'tree nuts',
        byKind: true,
      },
      { codes: ['peanut'], name: 'peanuts', byKind: false },
      { codes: ['wheat'], name: 'wheat', byKind: false },
      { codes: ['soy'], name: 'soybeans', byKind: false },
      { codes: ['sesame'], name: 'sesame', byKind: false },
    ],
    labelNames: {
      peanut: 'peanuts',
      soy: 'soy',
      almond: 'almonds',
      brazilNut: 'Brazil nuts',
      cashew: 'cashews',
      hazelnut: 'hazelnuts',
      macadamia: 'macadamia nuts',
      pecan: 'pecans',
      pineNut: 'pine nuts',
      pistachio: 'pistachios',
      walnut: 'walnuts',
      crustaceans: 'crustacean shellfish',
      sulphites: 'sulfites',
    },
    // highly refined oils, FD&C Act 201(qq)(2)
    exemptable: ['soy', 'peanut', 'sesame'],
  },
  nuts: ['almond', 'brazilNut', 'cashew', 'hazelnut', 'macadamia', 'pecan', 'pineNut', 'pistachio', 'walnut', 'peanut'],
  // oats and other non-gluten grains are allowed if the food is under 20 ppm; processed wheat too
  gluten: { atMostMgPerKg: 20, below: true, oats: 'withFigure', removedWheat: 'withTest', cite: '21 CFR 101.91' },
  energy: { kj, kcal, cite: '21 CFR 101.9(c)(1)' },
  rounding: {
    cite: '21 CFR 101.9(c)',
    trimmed: true,
    rules: {
      energyKcal: [{ below: 5, print: '0' }, { atMost: 50, nearest: 5 }, { nearest: 10 }],
      fat,
      saturates: fat,
      trans: fat,
      cholesterolMg: [{ below: 2, print: '0' }, { atMost: 5, print: 'less than 5' }, { nearest: 5 }],
      sodiumMg: [{ below: 5, print: '0' }, { atMost: 140, nearest: 5 }, { nearest: 10 }],
      potassiumMg: [{ nearest: 10 }],
      calciumMg: [{ nearest: 10 }],
      ironMg: [{ nearest: 0.1 }],
      vitaminDMcg: [{ nearest: 0.1 }],
    },
    otherwise: grams,
  },
  table: {
    kind: 'nutritionFacts',
    cite: '21 CFR 101.9(c) and (d)',
    rows: [
      { nutrient: 'energyKcal', label: 'Calories', indent: 0 },
      { nutrient: 'fat', label: 'Total Fat', indent: 0 },
      { nutrient: 'saturates', label: 'Saturated Fat', indent: 1 },
      { nutrient: 'trans', label: 'Trans Fat', indent: 1 },
      { nutrient: 'cholesterolMg', label: 'Cholesterol', indent: 0 },
      { nutrient: 'sodiumMg', label: 'Sodium', indent: 0 },
      { nutrient: 'totalCarbohydrate', label: 'Total Carbohydrate', indent: 0 },
      { nutrient: 'fibre', label: 'Dietary Fiber', indent: 1 },
      { nutrient: 'sugars', label: 'Total Sugars', indent: 1 },
      { nutrient: 'addedSugars', label: 'Added Sugars', indent: 2 },
      // mandatory where a claim about sugars is made and any is there; printed wherever any is there
      { nutrient: 'polyols', label: 'Sugar Alcohol', indent: 1, optional: true },
      { nutrient: 'protein', label: 'Protein', indent: 0 },
      { nutrient: 'vitaminDMcg', label: 'Vitamin D', indent: 0 },
      { nutrient: 'calciumMg', label: 'Calcium', indent: 0 },
      { nutrient: 'ironMg', label: 'Iron', indent: 0 },
      { nutrient: 'potassiumMg', label: 'Potassium', indent: 0 },
    ],
  },
  referenceIntake: {},
  list: {
    // less sure: by weight as added
    waterAsLeft: false,
    waterLeftOutUpTo: 0,
    minor: 'contains 2% or less of',
    emphasised: false,
    functionClasses: false,
    // 21 CFR 101.100(a)(4): sulfites of 10 ppm or more
    alsoNamed: ['sulphites'],
    cite: '21 CFR 101.4(a) and (b)',
  },
  containsStatement: { lead: 'Contains: ', cite: 'FD&C Act 403(w)' },
  quid: { asked: false, cite: 'no such rule; 21 CFR 102.5 for certain foods' },
  europeanStatements: false,
  words: {
    bestBefore: 'Best by',
    useBy: 'Use by',
    day: iso => {
      const [year, , day] = iso.split('-')
      return `${monthName(iso)} ${Number(day)}, ${year}`
    },
    netQuantity,
    processedWheat:
      '*The wheat has been processed to allow this food to meet the Food and Drug Administration (FDA) requirements for gluten-free foods.',
    claims: {
      soyFree: 'soy-free',
      sugarFree: 'sugar free',
      noAddedSugar: 'no added sugar',
      sourceOfFibre: 'good source of fiber',
      highFibre: 'high in fiber',
    },
  },
  claims: {
    lowFat: { grams: 3, per: 'reference', smallReferenceToo: true, cite: '21 CFR 101.62(b)' },
    lowSugar: null,
    sugarFree: { grams: 0.5, per: 'reference', below: true, noSugarIngredient: true, cite: '21 CFR 101.60(c)(1)' },
    // 10 % and 20 % of the daily value of 28 g
    sourceOfFibre: { grams: 2.8, per: 'reference', cite: '21 CFR 101.54(c)' },
    highFibre: { grams: 5.6, per: 'reference', cite: '21 CFR 101.54(b)' },
    // rests on protein quality, which no composition tells
    sourceOfProtein: null,
    addedSugars: { kinds: ['sugar', 'syrup', 'juiceConcentrate'], cite: '21 CFR 101.60(c)(2)' },
    naturallySweet: null,
    notLowCalorie: {
      statement: 'Not a low calorie food. See nutrition information for sugar and calorie content.',
      lowKcalPerReference: 40,
      cite: '21 CFR 101.60(b)(2) and (c)',
    },
    disclosure: { fat: 13, saturates: 4, cholesterolMg: 60, sodiumMg: 480, cite: '21 CFR 101.13(h)' },
    lowCarbohydrate: 'notDefined',
  },
}

/** Metric and customary: ounces, and from a pound on pounds and ounces too (21 CFR 101.7). */
function netQuantity(grams: number): string {
  const metric = grams < 1000 ? `${toPlaces(grams, 0)}g` : `${Number(toPlaces(grams / 1000, 2))}kg`
  const ounces = grams / 28.349523125
  const said = (value: number) => String(Number(toPlaces(value, 1)))
  if (ounces < 16) return `Net Wt ${said(ounces)} oz (${metric})`
  const pounds = Math.floor(Number(toPlaces(ounces, 1)) / 16)
  const rest = Number(toPlaces(ounces, 1)) - pounds * 16
  return `Net Wt ${said(ounces)} oz (${pounds} lb${rest > 0.04 ? ` ${said(rest)} oz` : ''}) ${metric}`
}

/** Daily values for adults, in the nutrient's own unit (21 CFR 101.9(c)(8)(iv) and (c)(9)). */
export const usDailyValues: Partial<Record<NutrientCode | 'totalCarbohydrate', number>> = {
  fat: 78,
  saturates: 20,
  cholesterolMg: 300,
  sodiumMg: 2300,
  totalCarbohydrate: 275,
  fibre: 28,
  addedSugars: 50,
  protein: 50,
  vitaminDMcg: 20,
  calciumMg: 1300,
  ironMg: 18,
  potassiumMg: 4700,
}

const vitaminsAndMinerals: readonly string[] = ['vitaminDMcg', 'calciumMg', 'ironMg', 'potassiumMg']

/**
 * Per cent of the daily value as printed, without the sign; null where none is printed. Vitamins and minerals by
 * 21 CFR 101.9(c)(8)(iii): under 2 % as 0, to 10 % by 2, to 50 % by 5, above by 10; all else to the nearest 1.
 */
export function usPercentDailyValue(nutrient: NutrientCode | 'totalCarbohydrate', amount: number): string | null {
  const daily = usDailyValues[nutrient]
  if (daily === undefined || nutrient === 'protein') return null
  const percent = Number(((amount / daily) * 100).toPrecision(12))
  if (!vitaminsAndMinerals.includes(nutrient)) return String(Math.round(percent))
  if (percent < 2) return '0'
  const step = percent <= 10 ? 2 : percent <= 50 ? 5 : 10
  return String(Math.round(percent / step) * step)
}
