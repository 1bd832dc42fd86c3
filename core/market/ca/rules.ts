// Canada: allergens and gluten sources, gluten, energy, the list, claims. From memory of the Food and Drug Regulations (FDR) and of
// what the food inspection agency writes about them: verify before relying on it.
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
  cite: 'FDR B.01.010.1: food allergens, gluten sources and added sulphites',
  groups: [
    { codes: treeNuts, name: 'tree nuts', byKind: true },
    { codes: ['peanut'], name: 'peanuts', byKind: false },
    { codes: ['sesame'], name: 'sesame', byKind: false },
    // triticale is both, and is put down as wheat and rye
    { codes: ['wheat'], name: 'wheat', byKind: false },
    { codes: ['egg'], name: 'eggs', byKind: false },
    { codes: ['milk'], name: 'milk', byKind: false },
    { codes: ['soy'], name: 'soy', byKind: false },
    { codes: ['crustaceans'], name: 'crustaceans', byKind: true },
    { codes: ['molluscs'], name: 'molluscs', byKind: true },
    { codes: ['fish'], name: 'fish', byKind: true },
    { codes: ['mustard'], name: 'mustard', byKind: false },
    { codes: ['barley', 'oats', 'rye'], name: 'gluten sources', byKind: true },
    { codes: ['sulphites'], name: 'sulphites', byKind: false },
  ],
  labelNames: {
    peanut: 'peanuts',
    egg: 'eggs',
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
  },
  summaryNames: {},
  sulphites: { mgPerKg: 10, from: true, cite: 'FDR B.01.010.1(1) and (6)' },
  // less sure: no oil is named as exempt there, so none is left out
  exempt: [],
}

/** kcal per g: FDR B.01.001 and what the agency lists for sweeteners; sugar alcohols less sure. */
const kcal: EnergyFactors = {
  fat: 9,
  protein: 4,
  carbohydrate: 4,
  fibre: 2,
  insolubleFibre: 2,
  alcohol: 7,
  organicAcids: 3,
  // the highest of them, where the kind is not known
  polyols: 3,
  eachPolyol: { erythritol: 0.2, xylitol: 3, maltitol: 3, sorbitol: 2.6, isomalt: 2, lactitol: 2, mannitol: 1.6 },
  allulose: 0.4,
}
const kjPerKcal = 4.184

const cite = 'FDR B.01.513, table of nutrient content claims'
const claims: ClaimRules = {
  lowFat: { grams: 3, per: 'reference', perServingToo: true, smallReferenceToo: true, cite },
  // no such claim stands in the table
  lowSugar: null,
  sugarFree: {
    grams: 0.5,
    per: 'reference',
    below: true,
    perServingToo: true,
    noSugarIngredient: false,
    kcalBelow: 5,
    cite,
  },
  sourceOfFibre: { grams: 2, per: 'reference', cite },
  highFibre: { grams: 4, per: 'reference', cite },
  // rests on a protein rating, which no composition tells
  sourceOfProtein: null,
  addedSugars: { kinds: ['sugar', 'syrup', 'juiceConcentrate'], cite },
  fatBesideFibre: null,
  naturallySweet: null,
  notLowCalorie: null,
  disclosure: null,
  lowCarbohydrate: 'notPermitted',
}

export const rules = {
  operator: { within: null, cite: 'FDR B.01.007; Safe Food for Canadians Regulations 218' },
  allergens,
  nuts: [...treeNuts, 'peanut'] satisfies AllergenCode[],
  gluten: {
    atMostMgPerKg: 20,
    below: false,
    // specially produced "gluten-free oats" by marketing authorization
    oats: 'speciallyProduced',
    removedWheat: 'never',
    testOfFood: false,
    cite: 'FDR B.24.018, and the position of 2012 on 20 ppm',
  },
  energy: { kj: timesFactors(kcal, kjPerKcal), kcal, cite: 'FDR B.01.001 and B.01.401' },
  sugars: { withAllulose: false, cite: 'less sure: allulose is left out of sugars' } satisfies RulePack['sugars'],
  list: {
    waterAsLeft: false,
    waterLeftOutUpTo: 0,
    minor: null,
    minorShare: 0.02,
    emphasised: false,
    functionClasses: false,
    additiveNumbers: false,
    sugarsTogether: 'sugars',
    alsoNamed: [],
    cite: 'FDR B.01.008.2 and B.01.008.3',
  },
  containsStatement: { lead: 'Contains: ', cite: 'FDR B.01.010.3' },
  second: {
    language: 'fr-CA',
    name: 'French',
    contains: 'Contient : ',
    mayContain: 'Peut contenir : ',
    piece: 'morceau',
    labelNames: {
      wheat: 'blé',
      rye: 'seigle',
      barley: 'orge',
      oats: 'avoine',
      crustaceans: 'crustacés',
      molluscs: 'mollusques',
      egg: 'œufs',
      fish: 'poisson',
      peanut: 'arachides',
      soy: 'soja',
      milk: 'lait',
      almond: 'amandes',
      hazelnut: 'noisettes',
      walnut: 'noix de Grenoble',
      cashew: 'noix de cajou',
      pecan: 'pacanes',
      brazilNut: 'noix du Brésil',
      pistachio: 'pistaches',
      macadamia: 'noix de macadamia',
      pineNut: 'pignons',
      mustard: 'moutarde',
      sesame: 'sésame',
      sulphites: 'sulfites',
    },
    unwritten: 'the name, the ingredient list, the claims and how to store it',
    cite: 'FDR B.01.012',
  },
  quid: {
    asked: false,
    ofPart: '{name}: {share}.',
    overWhole: 'Made with {n} g of {name} per 100 g of finished product.',
    cite: 'no such rule',
  },
  // taxes are added at the till
  origin: {
    when: 'only of what is brought in (less sure)',
    mainIngredient: false,
    beside: null,
    cite: 'Safe Food for Canadians Regulations, Part 11',
  },
  prices: {
    withTax: false,
    when: 'by no federal law on a pack of a fixed weight; a province may ask for more',
    unit: null,
    cite: 'the provinces’ own laws',
  },
  claims,
} satisfies Partial<RulePack>
