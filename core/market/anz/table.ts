// The nutrition information panel: its rows with protein second, three significant figures, "LESS THAN" (FSC Standard 1.2.8), from memory.
import type { RoundingStep, RulePack, TableRule } from '../rulePack'

const figures: RoundingStep = { nearest: 0.1, significant: 3 }
const grams: RoundingStep[] = [{ below: 1, print: 'LESS THAN 1' }, figures]

export const rounding: RulePack['rounding'] = {
  cite: 'FSC Standard 1.2.8: average quantities to not more than three significant figures',
  how: 'to three significant figures at most',
  trimmed: false,
  rules: {
    energyKj: [
      { below: 40, print: 'LESS THAN 40' },
      { nearest: 1, significant: 3 },
    ],
    energyKcal: [{ nearest: 1, significant: 3 }],
    sodiumMg: [
      { below: 5, print: 'LESS THAN 5' },
      { nearest: 1, significant: 3 },
    ],
    protein: grams,
    fat: grams,
    saturates: grams,
    carbohydrate: grams,
    sugars: grams,
    fibre: grams,
  },
  otherwise: [figures],
}

export const table: TableRule = {
  kind: 'typicalValues',
  cite: 'FSC Standard 1.2.8 and Schedule 12',
  energy: 'kj',
  carbohydrate: 'available, without fibre',
  rows: [
    { nutrient: 'energyKj', label: 'Energy', indent: 0 },
    { nutrient: 'protein', label: 'Protein', indent: 0 },
    { nutrient: 'fat', label: 'Fat, total', indent: 0 },
    { nutrient: 'saturates', label: '– saturated', indent: 1 },
    { nutrient: 'carbohydrate', label: 'Carbohydrate', indent: 0 },
    { nutrient: 'sugars', label: '– sugars', indent: 1 },
    // beside a claim about fibre, sugars or another carbohydrate it must stand there: Standard 1.2.8—6
    {
      nutrient: 'fibre',
      label: 'Dietary fibre',
      indent: 0,
      optional: true,
      neededFor: ['sugarFree', 'noAddedSugar', 'lowSugar', 'sourceOfFibre', 'highFibre'],
    },
    { nutrient: 'sodiumMg', label: 'Sodium', indent: 0 },
  ],
  // what is claimed stands in the panel; a test that finds none is what that claim rests on. Less sure.
  saidBeside: [
    {
      claim: 'glutenFree',
      nutrient: 'gluten',
      label: 'Gluten',
      says: 'Nil detected',
      behind: 'protein',
      cite: 'FSC Standard 1.2.8—6(1)',
    },
  ],
  daily: null,
  panel: null,
  unitGap: ' ',
  forms: [],
  simplified: null,
  front: null,
  // average quantities: the standard names no figures
  tolerances: null,
}

export const referenceIntake = null
