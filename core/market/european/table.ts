// The table of typical values, how its numbers are rounded, and the reference intakes. From memory: verify before relying on it.
import type { Allowed, RoundingStep, RulePack, TableRule, Tolerances } from '../rulePack'

/** Section 6 of the guidance: fat, carbohydrate, sugars, protein, fibre, polyols. */
const macronutrient: RoundingStep[] = [{ atMost: 0.5, print: '< 0.5' }, { below: 10, nearest: 0.1 }, { nearest: 1 }]

export const europeanRounding: RulePack['rounding'] = {
  cite: 'Commission guidance on tolerances, December 2012',
  how: 'by size, per 100 g',
  rules: {
    energyKj: [{ nearest: 1 }],
    energyKcal: [{ nearest: 1 }],
    fat: macronutrient,
    carbohydrate: macronutrient,
    sugars: macronutrient,
    protein: macronutrient,
    fibre: macronutrient,
    polyols: macronutrient,
    starch: macronutrient,
    saturates: [{ atMost: 0.1, print: '< 0.1' }, { below: 10, nearest: 0.1 }, { nearest: 1 }],
    salt: [{ atMost: 0.0125, print: '< 0.01' }, { below: 1, nearest: 0.01 }, { nearest: 0.1 }],
    sodiumMg: [{ nearest: 1 }],
  },
  otherwise: macronutrient,
  trimmed: false,
}

const either = (allowed: Allowed) => ({ under: allowed, over: allowed })
const main: Tolerances['rows'][keyof Tolerances['rows']] = [
  { below: 10, ...either({ by: 2 }) },
  { upTo: 40, ...either({ share: 0.2 }) },
  either({ by: 8 }),
]
/** Measurement uncertainty is in them. Of energy the guidance names none. */
const europeanTolerances: Tolerances = {
  cite: 'Commission guidance on tolerances, December 2012, table 1',
  rows: {
    carbohydrate: main,
    sugars: main,
    protein: main,
    fibre: main,
    fat: [{ below: 10, ...either({ by: 1.5 }) }, { upTo: 40, ...either({ share: 0.2 }) }, either({ by: 8 })],
    saturates: [{ below: 4, ...either({ by: 0.8 }) }, either({ share: 0.2 })],
    salt: [{ below: 1.25, ...either({ by: 0.375 }) }, either({ share: 0.2 })],
  },
}

export const europeanTable: TableRule = {
  kind: 'typicalValues',
  cite: 'Regulation (EU) 1169/2011, Annex XV',
  energy: 'kjAndKcal',
  carbohydrate: 'available, fibre beside it',
  rows: [
    { nutrient: 'energyKj', label: 'Energy', indent: 0 },
    { nutrient: 'fat', label: 'Fat', indent: 0 },
    { nutrient: 'saturates', label: 'of which saturates', indent: 1 },
    { nutrient: 'carbohydrate', label: 'Carbohydrate', indent: 0 },
    { nutrient: 'sugars', label: 'of which sugars', indent: 1 },
    { nutrient: 'fibre', label: 'Fibre', indent: 0, optional: true },
    { nutrient: 'protein', label: 'Protein', indent: 0 },
    { nutrient: 'salt', label: 'Salt', indent: 0 },
  ],
  saidBeside: [],
  daily: null,
  panel: null,
  unitGap: ' ',
  forms: [],
  simplified: null,
  front: null,
  tolerances: europeanTolerances,
}

/** Regulation (EU) 1169/2011, Annex XIII, part B. */
export const europeanReferenceIntake: RulePack['referenceIntake'] = {
  energyKj: 8400,
  energyKcal: 2000,
  fat: 70,
  saturates: 20,
  carbohydrate: 260,
  sugars: 90,
  protein: 50,
  salt: 6,
}
