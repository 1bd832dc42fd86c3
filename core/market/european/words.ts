// The words of a label in British English, as both European packs use them.
import { englishMonths } from '../../words/day'
import type { Words } from '../rulePack'

export const britishWords: Words = {
  ingredients: 'Ingredients: ',
  mayContain: 'May contain ',
  contains: 'contains',
  servedWith: 'Packed with it: ',
  bestBefore: 'Best before',
  useBy: 'Use by',
  lot: 'Lot {lot}',
  draft: 'DRAFT. Not for sale.',
  table: { typical: 'Typical values', per100g: 'per 100 g', perPiece: 'per {piece}', pieceWeight: '({n} g)' },
  months: [...englishMonths],
  date: '{day} {month} {year}',
  quantity: { grams: '{n} g', kilograms: '{n} kg', kilogramPlaces: 3, ounces: null },
  claims: {},
}
