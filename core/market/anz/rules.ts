// Australia and New Zealand: allergens by their plain names, gluten, energy, the list, claims. From memory of the Food Standards
// Code (FSC): verify before relying on it.
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
  cite: 'FSC Standard 1.2.3 and Schedule 9',
  groups: [
    { codes: ['wheat'], name: 'wheat', byKind: false },
    { codes: ['barley', 'oats', 'rye'], name: 'gluten cereals', byKind: true },
    { codes: ['fish'], name: 'fish', byKind: false },
    { codes: ['crustaceans'], name: 'crustacean', byKind: false },
    { codes: ['molluscs'], name: 'mollusc', byKind: false },
    { codes: ['egg'], name: 'egg', byKind: false },
    { codes: ['milk'], name: 'milk', byKind: false },
    { codes: ['lupin'], name: 'lupin', byKind: false },
    { codes: ['peanut'], name: 'peanut', byKind: false },
    { codes: ['soy'], name: 'soy', byKind: false },
    { codes: ['sesame'], name: 'sesame', byKind: false },
    { codes: treeNuts, name: 'tree nuts', byKind: true },
    { codes: ['sulphites'], name: 'sulphites', byKind: false },
  ],
  labelNames: {
    crustaceans: 'crustacean',
    molluscs: 'mollusc',
    peanut: 'peanut',
    soy: 'soy',
    almond: 'almond',
    brazilNut: 'Brazil nut',
    cashew: 'cashew',
    hazelnut: 'hazelnut',
    macadamia: 'macadamia',
    pecan: 'pecan',
    pineNut: 'pine nut',
    pistachio: 'pistachio',
    walnut: 'walnut',
  },
  // a cereal by its name in the list; in the summary "gluten", and wheat beside it
  summaryNames: { wheat: ['wheat', 'gluten'], barley: ['gluten'], oats: ['gluten'], rye: ['gluten'] },
  sulphites: { mgPerKg: 10, from: true, cite: 'FSC Schedule 9: added sulphites of 10 mg/kg or more' },
  // Standard 1.2.3—4
  exempt: [
    { codes: ['wheat'], what: 'glucose syrup of wheat starch', named: ['glucose syrup'] },
    { codes: ['soy'], what: 'fully refined soy oil', named: ['refined oil'] },
    { codes: ['soy'], what: 'tocopherols or phytosterols of soy', named: ['tocopherol', 'phytosterol'] },
    {
      codes: ['wheat', 'rye', 'barley', 'oats', 'milk'],
      what: 'alcohol distilled from it',
      named: ['distillate', 'distilled', 'ethyl alcohol', 'vodka', 'gin'],
    },
  ],
}

/** kJ per g: FSC Schedule 11. Allulose has no factor of its own there, so it counts as carbohydrate. */
const kj: EnergyFactors = {
  fat: 37,
  protein: 17,
  carbohydrate: 17,
  fibre: 8,
  insolubleFibre: 8,
  alcohol: 29,
  organicAcids: 13,
  // the highest of them, glycerol, where the kind is not known
  polyols: 18,
  eachPolyol: { erythritol: 1, xylitol: 14, sorbitol: 14, maltitol: 13, isomalt: 11, lactitol: 11, mannitol: 9 },
  allulose: 17,
}
/** 1 kcal is 4.18 kJ there (Standard 1.2.8). */
const kjPerKcal = 4.18

const cite = 'FSC Schedule 4'
const claims: ClaimRules = {
  lowFat: { grams: 3, per: '100g', cite },
  lowSugar: { grams: 5, per: '100g', cite },
  // "free" of sugar has no condition there: it is left to general law, which wants none detectable
  sugarFree: null,
  sourceOfFibre: { grams: 2, per: 'serving', cite },
  // a "good source"
  highFibre: { grams: 4, per: 'serving', cite },
  sourceOfProtein: { gramsPerServing: 5, cite },
  addedSugars: { kinds: ['sugar', 'syrup', 'juiceConcentrate', 'rareSugar'], cite },
  fatBesideFibre: null,
  naturallySweet: null,
  notLowCalorie: null,
  disclosure: null,
  lowCarbohydrate: 'notDefined',
}

export const rules = {
  operator: { within: 'Australia or New Zealand', cite: 'FSC Standard 1.2.2' },
  allergens,
  nuts: [...treeNuts, 'peanut'] satisfies AllergenCode[],
  // no detectable gluten, no oats, no malted gluten cereal: 20 mg/kg is what any usual test would find
  gluten: {
    atMostMgPerKg: 20,
    below: false,
    oats: 'never',
    removedWheat: 'never',
    testOfFood: true,
    cite: 'FSC Schedule 4: no detectable gluten',
  },
  energy: { kj, kcal: timesFactors(kj, 1 / kjPerKcal), cite: 'FSC Schedule 11' },
  sugars: {
    withAllulose: true,
    cite: 'FSC Standard 1.1.2: sugars are mono- and disaccharides',
  } satisfies RulePack['sugars'],
  list: {
    waterAsLeft: true,
    waterLeftOutUpTo: 0.05,
    minor: null,
    minorShare: 0.02,
    emphasised: true,
    functionClasses: true,
    additiveNumbers: true,
    sugarsTogether: null,
    alsoNamed: [],
    cite: 'FSC Standard 1.2.4, Schedules 7 and 8',
  },
  containsStatement: { lead: 'Contains: ', cite: 'FSC Standard 1.2.3—6' },
  second: null,
  quid: {
    asked: true,
    ofPart: '{name}: {share}.',
    overWhole: 'Prepared with {n} g of {name} per 100 g of finished product.',
    cite: 'FSC Standard 1.2.10, characterising ingredients',
  },
  origin: {
    when: 'not of what is made and packed where it is sold, nor in New Zealand of what is baked',
    mainIngredient: false,
    beside:
      'Australia wants a mark with the share of Australian ingredients on most food made there: ask someone competent which, and where to get it',
    cite: 'Country of Origin Food Labelling Information Standard 2016 (Australia)',
  },
  prices: {
    withTax: true,
    when: 'a price for 100 g is asked of large grocers alone',
    unit: { grams: 100, text: '{price} per 100 g' },
    cite: 'Competition and Consumer (Industry Codes: Unit Pricing) Regulations (Australia)',
  },
  claims,
} satisfies Partial<RulePack>
