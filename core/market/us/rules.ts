// United States: allergens, gluten, energy, the list, claims. Transcribed from memory of the sources cited beside each part:
// verify before relying on it.
import type { AllergenCode } from '../../model/allergen'
import type { ClaimRules, EnergyFactors, RulePack } from '../rulePack'
import { timesFactors } from '../timesFactors'

const treeNuts: AllergenCode[] = [
  'almond',
  'brazilNut',
  'cashew',
  'hazelnut',
  'macadamia',
  'pecan',
  'pineNut',
  'pistachio',
  'walnut',
]

const allergens: RulePack['allergens'] = {
  cite: 'FD&C Act 201(qq) and 403(w); FASTER Act of 2021; FDA guidance on food allergens, January 2025',
  groups: [
    { codes: ['milk'], name: 'milk', byKind: false },
    { codes: ['egg'], name: 'egg', byKind: false },
    { codes: ['fish'], name: 'fish', byKind: true },
    { codes: ['crustaceans'], name: 'Crustacean shellfish', byKind: true },
    { codes: treeNuts, name: 'tree nuts', byKind: true },
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
  summaryNames: {},
  sulphites: { mgPerKg: 10, from: true, cite: '21 CFR 101.100(a)(4)' },
  // FD&C Act 201(qq)(2)
  exempt: [{ codes: ['soy', 'peanut', 'sesame'], what: 'highly refined oil', named: ['refined oil'] }],
}

/** 21 CFR 101.9(c)(1): kcal per g; sugar alcohols (c)(1)(i)(F); allulose by FDA guidance, October 2020. */
const kcal: EnergyFactors = {
  fat: 9,
  protein: 4,
  carbohydrate: 4,
  // soluble fibre is 2, insoluble 0; where only the whole is known, all of it at 2 never states too little
  fibre: 2,
  insolubleFibre: 0,
  alcohol: 7,
  organicAcids: 3,
  // the highest of them, hydrogenated starch hydrolysate, where the kind is not known
  polyols: 3,
  eachPolyol: { erythritol: 0, xylitol: 2.4, maltitol: 2.1, sorbitol: 2.6, isomalt: 2, lactitol: 2, mannitol: 1.6 },
  allulose: 0.4,
}
const kjPerKcal = 4.184

const claims: ClaimRules = {
  lowFat: { grams: 3, per: 'reference', smallReferenceToo: true, cite: '21 CFR 101.62(b)' },
  lowSugar: null,
  sugarFree: {
    grams: 0.5,
    per: 'reference',
    below: true,
    noSugarIngredient: true,
    perServingToo: true,
    cite: '21 CFR 101.60(c)(1)',
  },
  // 10 % and 20 % of the daily value of 28 g
  sourceOfFibre: { grams: 2.8, per: 'reference', cite: '21 CFR 101.54(c)' },
  highFibre: { grams: 5.6, per: 'reference', cite: '21 CFR 101.54(b)' },
  // rests on protein quality, which no composition tells
  sourceOfProtein: null,
  addedSugars: { kinds: ['sugar', 'syrup', 'juiceConcentrate'], cite: '21 CFR 101.60(c)(2)' },
  fatBesideFibre: {
    overPerReference: 3,
    text: 'Contains {fat} of total fat per serving.',
    cite: '21 CFR 101.54(d)',
  },
  naturallySweet: null,
  notLowCalorie: {
    statement: 'Not a low calorie food. See nutrition information for sugar and calorie content.',
    lowKcalPerReference: 40,
    cite: '21 CFR 101.60(b)(2) and (c)',
  },
  disclosure: {
    over: [
      { nutrient: 'fat', limit: 13, name: 'fat' },
      { nutrient: 'saturates', limit: 4, name: 'saturated fat' },
      { nutrient: 'cholesterolMg', limit: 60, name: 'cholesterol' },
      { nutrient: 'sodiumMg', limit: 480, name: 'sodium' },
    ],
    smallReference: 30,
    per: 50,
    text: 'See nutrition information for {nutrients} content.',
    cite: '21 CFR 101.13(h)',
  },
  lowCarbohydrate: 'notDefined',
}

export const rules = {
  operator: { within: null, cite: '21 CFR 101.5' },
  allergens,
  nuts: [...treeNuts, 'peanut'] satisfies AllergenCode[],
  // oats and other non-gluten grains are allowed if the food is under 20 ppm; processed wheat too
  gluten: {
    atMostMgPerKg: 20,
    below: true,
    oats: 'withFigure',
    removedWheat: 'withTest',
    testOfFood: false,
    cite: '21 CFR 101.91',
  },
  energy: { kj: timesFactors(kcal, kjPerKcal), kcal, cite: '21 CFR 101.9(c)(1)' },
  sugars: { withAllulose: false, cite: 'FDA guidance on allulose, October 2020' } satisfies RulePack['sugars'],
  list: {
    // less sure: by weight as added
    waterAsLeft: false,
    waterLeftOutUpTo: 0,
    minor: 'contains 2% or less of',
    minorShare: 0.02,
    emphasised: false,
    functionClasses: false,
    additiveNumbers: false,
    sugarsTogether: null,
    // 21 CFR 101.100(a)(4): sulfites of 10 ppm or more
    alsoNamed: ['sulphites'] satisfies AllergenCode[],
    cite: '21 CFR 101.4(a) and (b)',
  },
  second: null,
  containsStatement: { lead: 'Contains: ', cite: 'FD&C Act 403(w)' },
  quid: {
    asked: false,
    ofPart: '{name}: {share}.',
    overWhole: 'Made with {n} g of {name} per 100 g of finished product.',
    cite: 'no such rule; 21 CFR 102.5 for certain foods',
  },
  origin: { when: 'only of what is brought in', mainIngredient: false, beside: null, cite: '19 CFR 134' },
  // sales tax is added at the till
  prices: {
    withTax: false,
    when: 'by no federal law on a pack of a fixed weight; a state may ask for more',
    unit: null,
    cite: 'the states’ own laws',
  },
  claims,
} satisfies Partial<RulePack>
