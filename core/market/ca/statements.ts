// Sentences that follow from what is in the food, and the symbol on the front. From memory: verify before relying on it.
import type { StatementRules } from '../rulePack'

export const statements: StatementRules = {
  sweeteners: null,
  laxative: null,
  colours: null,
  phenylalanine: {
    each: [{ eNumber: 'E951', names: ['aspartame'] }],
    text: 'Aspartame contains phenylalanine.',
    cite: 'FDR B.01.014',
  },
  // a food whose reference amount is 30 g or less at 10 %; main dishes of 200 g and more (at 30 %) are not baked here
  frontSymbol: {
    of: [
      { nutrient: 'saturates', day: 20, name: 'saturated fat / gras saturés' },
      { nutrient: 'sugars', day: 100, name: 'sugars / sucres' },
      { nutrient: 'sodiumMg', day: 2300, name: 'sodium' },
    ],
    percent: 15,
    small: { reference: 30, percent: 10 },
    text: 'High in / Élevé en: {nutrients}.',
    symbol: { head: 'High in / Élevé en', foot: 'Health Canada / Santé Canada' },
    cite: 'FDR B.01.350, in force since 1 January 2026',
  },
  refused: [],
  mayAsk: [],
  thawed: null,
  authorisation: [
    {
      what: 'sweetener',
      className: 'sweetener',
      names: ['monk fruit', 'luo han guo', 'allulose', 'psicose'],
      cite: 'Lists of permitted food additives',
    },
    { what: 'colour', className: 'colour', names: [], cite: 'Lists of permitted food additives' },
  ],
  processedWheat: null,
}
