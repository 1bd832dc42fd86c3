// The nutrition facts table in both languages: rows, rounding, daily values (FDR B.01.401 and its tables, 2016), from memory.
import type { RoundingStep, RulePack, TableRule } from '../rulePack'

const fat: RoundingStep[] = [{ below: 0.5, nearest: 0.1 }, { atMost: 5, nearest: 0.5 }, { nearest: 1 }]
const grams: RoundingStep[] = [{ below: 0.5, print: '0' }, { nearest: 1 }]
const minerals: RoundingStep[] = [{ below: 50, nearest: 10 }, { below: 250, nearest: 25 }, { nearest: 50 }]

export const rounding: RulePack['rounding'] = {
  cite: 'FDR B.01.401, table, column 4',
  how: 'by steps, per serving',
  trimmed: true,
  rules: {
    energyKcal: [{ below: 5, nearest: 1 }, { atMost: 50, nearest: 5 }, { nearest: 10 }],
    fat,
    saturates: fat,
    trans: fat,
    cholesterolMg: [{ nearest: 5 }],
    sodiumMg: [{ below: 5, nearest: 1 }, { atMost: 140, nearest: 5 }, { nearest: 10 }],
    protein: [{ below: 0.5, nearest: 0.1 }, { nearest: 1 }],
    potassiumMg: minerals,
    calciumMg: minerals,
    ironMg: [{ below: 0.5, nearest: 0.1 }, { below: 2.5, nearest: 0.25 }, { nearest: 0.5 }],
  },
  otherwise: grams,
}

/** From 80 % of what is declared on, or up to 120 % of it; on the other side reasonable excesses and shortfalls are allowed. */
const notUnder = [{ under: { share: 0.2 }, over: null }]
const notOver = [{ under: null, over: { share: 0.2 } }]

export const table: TableRule = {
  kind: 'nutritionFacts',
  cite: 'FDR B.01.401',
  energy: 'kjAndKcal',
  carbohydrate: 'total, with fibre',
  rows: [
    { nutrient: 'energyKcal', label: 'Calories', indent: 0 },
    { nutrient: 'fat', label: 'Fat / Lipides', indent: 0 },
    { nutrient: 'saturates', label: 'Saturated / saturés', indent: 1 },
    { nutrient: 'trans', label: '+ Trans / trans', indent: 1 },
    { nutrient: 'totalCarbohydrate', label: 'Carbohydrate / Glucides', indent: 0 },
    { nutrient: 'fibre', label: 'Fibre / Fibres', indent: 1 },
    { nutrient: 'sugars', label: 'Sugars / Sucres', indent: 1 },
    { nutrient: 'polyols', label: 'Sugar alcohols / Polyalcools', indent: 1, optional: true },
    { nutrient: 'protein', label: 'Protein / Protéines', indent: 0 },
    { nutrient: 'cholesterolMg', label: 'Cholesterol / Cholestérol', indent: 0 },
    { nutrient: 'sodiumMg', label: 'Sodium', indent: 0 },
    { nutrient: 'potassiumMg', label: 'Potassium', indent: 0, minor: true },
    { nutrient: 'calciumMg', label: 'Calcium', indent: 0, minor: true },
    { nutrient: 'ironMg', label: 'Iron / Fer', indent: 0, minor: true },
  ],
  saidBeside: [],
  daily: {
    values: { fat: 75, fibre: 28, sugars: 100, sodiumMg: 2300, potassiumMg: 3400, calciumMg: 1300, ironMg: 18 },
    unprinted: [],
    // saturated and trans fat are one per cent
    together: { nutrients: ['saturates', 'trans'], value: 20, on: 'saturates' },
    // less sure: every per cent to the nearest whole
    stepped: { nutrients: [], zeroUnder: 0, steps: [{ upTo: null, step: 1 }] },
  },
  panel: {
    title: 'Nutrition Facts / Valeur nutritive',
    // how many are in the pack is not asked
    perContainerOne: '',
    perContainer: '',
    servingSize: 'Per / pour',
    per: ['Per {size}', 'pour {second}'],
    amountPerServing: 'Amount / Teneur',
    perServing: 'Per serving / par portion',
    perUnit: 'Per / par {unit}',
    perPack: 'Per container / par contenant',
    energy: 'Calories',
    percentHead: '% Daily Value* / % valeur quotidienne*',
    percentShort: 'DV / VQ',
    footnote: '*5% or less is a little, 15% or more is a lot / *5 % ou moins c’est peu, 15 % ou plus c’est beaucoup',
  },
  unitGap: ' ',
  // each in turn where the one before takes too much of the surface; from memory, their measures less sure
  forms: [
    ...(
      [
        [8, 12, false],
        [7, 11, false],
        [6, 10, false],
        [7, 11, true],
        [6, 10, true],
      ] as const
    ).map(([points, leading, narrow]) => ({
      form: 'bilingual' as const,
      type: { points, leading, narrow },
      only: null,
      cite: `FDR B.01.454, bilingual ${narrow ? 'narrow standard' : 'standard'}, ${points} point`,
    })),
    { form: 'tabular', only: { upTo: 200_00, lowerThan: 80 }, cite: 'FDR B.01.454, bilingual horizontal' },
    { form: 'linear', only: { upTo: 200_00, lowerThan: null }, cite: 'FDR B.01.454, linear' },
  ],
  simplified: {
    rows: 6,
    kept: ['energyKcal', 'fat', 'totalCarbohydrate', 'protein'],
    alsoNothing: [],
    text: 'Not a significant source of {nutrients} / Source négligeable de {second}.',
    cite: 'FDR B.01.401(6), less sure',
  },
  front: null,
  tolerances: {
    cite: 'CFIA nutrition labelling compliance test, from memory',
    rows: {
      energyKcal: notOver,
      fat: notOver,
      saturates: notOver,
      trans: notOver,
      cholesterolMg: notOver,
      sodiumMg: notOver,
      sugars: notOver,
      totalCarbohydrate: notUnder,
      fibre: notUnder,
      protein: notUnder,
      calciumMg: notUnder,
      ironMg: notUnder,
      potassiumMg: notUnder,
    },
  },
}

export const referenceIntake = null
