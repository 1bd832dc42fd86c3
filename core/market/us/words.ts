// The words of a label in American English.
import { englishMonths } from '../../words/day'
import type { Words } from '../rulePack'

export const words: Words = {
  ingredients: 'Ingredients: ',
  mayContain: 'May contain ',
  contains: 'contains',
  servedWith: 'Packed with it: ',
  bestBefore: 'Best by',
  useBy: 'Use by',
  lot: 'Lot {lot}',
  draft: 'DRAFT. Not for sale.',
  table: { typical: 'Typical values', per100g: 'per 100 g', perPiece: 'per {piece}', pieceWeight: '({n} g)' },
  months: [...englishMonths],
  date: '{month} {day}, {year}',
  // metric and customary: ounces, and from a pound on pounds and ounces too (21 CFR 101.7)
  quantity: {
    grams: '{n}g',
    kilograms: '{n}kg',
    kilogramPlaces: 2,
    ounces: {
      underAPound: 'Net Wt {oz} oz ({metric})',
      pounds: 'Net Wt {oz} oz ({lb} lb) {metric}',
      poundsAndOunces: 'Net Wt {oz} oz ({lb} lb {rest} oz) {metric}',
    },
  },
  claims: {
    soyFree: 'soy-free',
    sugarFree: 'sugar free',
    noAddedSugar: 'no added sugar',
    sourceOfFibre: 'good source of fiber',
    highFibre: 'high in fiber',
  },
}
