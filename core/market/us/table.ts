// Nutrition Facts: rows, rounding, daily values and the words of the panel (21 CFR 101.9), from memory.
import type { RoundingStep, RulePack, TableRule } from '../rulePack'

const fat: RoundingStep[] = [{ below: 0.5, print: '0' }, { below: 5, nearest: 0.5 }, { nearest: 1 }]
const grams: RoundingStep[] = [{ below: 0.5, print: '0' }, { below: 1, print: 'less than 1' }, { nearest: 1 }]

export const rounding: RulePack['rounding'] = {
  cite: '21 CFR 101.9(c)',
  how: 'by steps, per serving',
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
}

/** From 80 % of what is declared on, or up to 120 % of it; on the other side reasonable excesses and shortfalls are allowed. */
const notUnder = [{ under: { share: 0.2 }, over: null }]
const notOver = [{ under: null, over: { share: 0.2 } }]

export const table: TableRule = {
  kind: 'nutritionFacts',
  cite: '21 CFR 101.9(c) and (d)',
  energy: 'kjAndKcal',
  carbohydrate: 'total, with fibre',
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
    { nutrient: 'addedSugars', label: 'Includes {amount} Added Sugars', indent: 2, inside: true },
    // mandatory where a claim about sugars is made and any is there; printed wherever any is there
    { nutrient: 'polyols', label: 'Sugar Alcohol', indent: 1, optional: true },
    { nutrient: 'protein', label: 'Protein', indent: 0 },
    { nutrient: 'vitaminDMcg', label: 'Vitamin D', indent: 0, minor: true },
    { nutrient: 'calciumMg', label: 'Calcium', indent: 0, minor: true },
    { nutrient: 'ironMg', label: 'Iron', indent: 0, minor: true },
    { nutrient: 'potassiumMg', label: 'Potassium', indent: 0, minor: true },
  ],
  // adults: 21 CFR 101.9(c)(8)(iv) and (c)(9); rounding of per cent: (c)(8)(iii)
  saidBeside: [],
  daily: {
    values: {
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
    },
    unprinted: ['protein'],
    together: null,
    stepped: {
      nutrients: ['vitaminDMcg', 'calciumMg', 'ironMg', 'potassiumMg'],
      zeroUnder: 2,
      steps: [
        { upTo: 10, step: 2 },
        { upTo: 50, step: 5 },
        { upTo: null, step: 10 },
      ],
    },
  },
  panel: {
    title: 'Nutrition Facts',
    perContainerOne: '{n} serving per container',
    perContainer: '{n} servings per container',
    servingSize: 'Serving size',
    per: [],
    amountPerServing: 'Amount per serving',
    perServing: 'Per serving',
    perUnit: 'Per {unit}',
    perPack: 'Per container',
    energy: 'Calories',
    percentHead: '% Daily Value*',
    percentShort: 'DV',
    footnote:
      '*The % Daily Value (DV) tells you how much a nutrient in a serving of food contributes to a daily diet. 2,000 calories a day is used for general nutrition advice.',
  },
  unitGap: '',
  // the label stands for the space there is; 40 square inches, 3 inches
  forms: [
    { form: 'vertical', only: null, cite: '21 CFR 101.9(d)' },
    {
      form: 'tabular',
      only: { upTo: 40 * 25.4 ** 2, lowerThan: 3 * 25.4 },
      cite: '21 CFR 101.9(d)(11) and (j)(13)(ii)(A)(1)',
    },
    { form: 'linear', only: { upTo: 40 * 25.4 ** 2, lowerThan: null }, cite: '21 CFR 101.9(j)(13)(ii)(A)(2)' },
  ],
  simplified: {
    rows: 8,
    kept: ['energyKcal', 'fat', 'totalCarbohydrate', 'protein', 'sodiumMg'],
    alsoNothing: ['less than 1'],
    text: 'Not a significant source of {nutrients}.',
    cite: '21 CFR 101.9(f)',
  },
  front: null,
  tolerances: {
    cite: '21 CFR 101.9(g)(4) and (5)',
    rows: {
      energyKcal: notOver,
      fat: notOver,
      saturates: notOver,
      trans: notOver,
      cholesterolMg: notOver,
      sodiumMg: notOver,
      sugars: notOver,
      addedSugars: notOver,
      totalCarbohydrate: notUnder,
      fibre: notUnder,
      protein: notUnder,
      vitaminDMcg: notUnder,
      calciumMg: notUnder,
      ironMg: notUnder,
      potassiumMg: notUnder,
    },
  },
}

export const referenceIntake = null
