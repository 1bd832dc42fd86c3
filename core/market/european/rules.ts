// What the European Union's food law and the United Kingdom's retained text of it say alike: allergens, gluten, energy, the
// list, claims. From memory of the sources cited beside each part: verify before relying on it.
import type { AllergenCode } from '../../model/allergen'
import type { ClaimRules, EnergyFactors, RulePack } from '../rulePack'

const nuts: AllergenCode[] = ['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazilNut', 'pistachio', 'macadamia']

export const europeanAllergens: RulePack['allergens'] = {
  cite: 'Regulation (EU) 1169/2011, Annex II and Art. 21',
  groups: [
    { codes: ['wheat', 'rye', 'barley', 'oats'], name: 'cereals containing gluten', byKind: true },
    { codes: ['crustaceans'], name: 'crustaceans', byKind: false },
    { codes: ['egg'], name: 'egg', byKind: false },
    { codes: ['fish'], name: 'fish', byKind: false },
    { codes: ['peanut'], name: 'peanuts', byKind: false },
    { codes: ['soy'], name: 'soya', byKind: false },
    { codes: ['milk'], name: 'milk', byKind: false },
    { codes: nuts, name: 'nuts', byKind: true },
    { codes: ['celery'], name: 'celery', byKind: false },
    { codes: ['mustard'], name: 'mustard', byKind: false },
    { codes: ['sesame'], name: 'sesame', byKind: false },
    { codes: ['sulphites'], name: 'sulphites', byKind: false },
    { codes: ['lupin'], name: 'lupin', byKind: false },
    { codes: ['molluscs'], name: 'molluscs', byKind: false },
  ],
  labelNames: {
    peanut: 'peanuts',
    soy: 'soya',
    almond: 'almonds',
    hazelnut: 'hazelnuts',
    walnut: 'walnuts',
    cashew: 'cashew nuts',
    pecan: 'pecan nuts',
    brazilNut: 'Brazil nuts',
    pistachio: 'pistachio nuts',
    macadamia: 'macadamia nuts',
  },
  summaryNames: {},
  sulphites: { mgPerKg: 10, from: false, cite: 'Regulation (EU) 1169/2011, Annex II(12)' },
  // Annex II, each point's own exceptions
  exempt: [
    { codes: ['wheat', 'barley'], what: 'glucose syrup, dextrose included', named: ['glucose syrup', 'dextrose'] },
    { codes: ['wheat'], what: 'maltodextrin from wheat', named: ['maltodextrin'] },
    {
      codes: ['wheat', 'rye', 'barley', 'oats', 'milk', ...nuts],
      what: 'alcoholic distillate',
      named: ['distillate', 'distilled', 'ethyl alcohol', 'vodka', 'gin'],
    },
    { codes: ['soy'], what: 'fully refined soya oil or fat', named: ['refined oil', 'refined fat'] },
    {
      codes: ['soy'],
      what: 'tocopherols, phytosterols or stanol esters from soya',
      named: ['tocopherol', 'phytosterol', 'stanol'],
    },
    { codes: ['milk'], what: 'lactitol', named: ['lactitol'] },
    { codes: ['fish'], what: 'isinglass, or gelatine that carries vitamins', named: ['isinglass', 'gelatine carrier'] },
  ],
}

export const europeanNuts: AllergenCode[] = [...nuts, 'peanut']

/** A monosaccharide, so among the sugars: Annex I(8) means all mono- and disaccharides. */
export const europeanSugars: RulePack['sugars'] = {
  withAllulose: true,
  cite: 'Regulation (EU) 1169/2011, Annex I(8)',
}

export const europeanGluten: RulePack['gluten'] = {
  atMostMgPerKg: 20,
  below: false,
  oats: 'speciallyProduced',
  removedWheat: 'withTest',
  testOfFood: false,
  cite: 'Regulation (EU) 828/2014; Codex Stan 118-1979',
}

/** Annex XIV. Allulose has no factor of its own there, so it counts as carbohydrate. */
const kj: EnergyFactors = {
  fat: 37,
  protein: 17,
  carbohydrate: 17,
  fibre: 8,
  insolubleFibre: 8,
  alcohol: 29,
  organicAcids: 13,
  polyols: 10,
  eachPolyol: { erythritol: 0 },
  allulose: 17,
}
const kcal: EnergyFactors = {
  fat: 9,
  protein: 4,
  carbohydrate: 4,
  fibre: 2,
  insolubleFibre: 2,
  alcohol: 7,
  organicAcids: 3,
  polyols: 2.4,
  eachPolyol: { erythritol: 0 },
  allulose: 4,
}
export const europeanEnergy: RulePack['energy'] = { kj, kcal, cite: 'Regulation (EU) 1169/2011, Annex XIV' }

export const europeanList: RulePack['list'] = {
  waterAsLeft: true,
  waterLeftOutUpTo: 0.05,
  minor: null,
  minorShare: 0.02,
  emphasised: true,
  functionClasses: true,
  additiveNumbers: false,
  sugarsTogether: null,
  alsoNamed: [],
  cite: 'Regulation (EU) 1169/2011, Art. 18, 21 and Annex VII',
}

export const europeanQuid: RulePack['quid'] = {
  asked: true,
  ofPart: '{name}: {share}.',
  overWhole: 'Prepared with {n} g of {name} per 100 g of finished product.',
  cite: 'Regulation (EU) 1169/2011, Art. 22 and Annex VIII',
}

const cite = 'Regulation (EC) 1924/2006, Annex'
export const europeanClaims: ClaimRules = {
  lowFat: { grams: 3, per: '100g', cite },
  lowSugar: { grams: 5, per: '100g', cite },
  sugarFree: { grams: 0.5, per: '100g', noSugarIngredient: false, perServingToo: false, cite },
  sourceOfFibre: { grams: 3, per: '100g', per100kcal: 1.5, cite },
  highFibre: { grams: 6, per: '100g', per100kcal: 3, cite },
  sourceOfProtein: { share: 0.12, cite },
  addedSugars: { kinds: ['sugar', 'syrup', 'juiceConcentrate', 'rareSugar'], cite },
  fatBesideFibre: null,
  naturallySweet: 'Contains naturally occurring sugars.',
  notLowCalorie: null,
  disclosure: null,
  lowCarbohydrate: 'notPermitted',
}
