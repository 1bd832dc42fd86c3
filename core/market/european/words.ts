// The words of a label in British English, as both European packs use them.
import { englishMonths } from '../../words/day'
import type { Words } from '../rulePack'

export const britishWords: Words = {
  ingredients: 'Ingredients: ',
  // legal and customary names (Regulation (EU) 1169/2011, Art. 17), from memory
  names: {
    cornstarch: 'maize starch',
    cornflour: 'maize starch',
    'baking soda': 'sodium bicarbonate',
    'bicarbonate of soda': 'sodium bicarbonate',
    'powdered sugar': 'icing sugar',
    "confectioners' sugar": 'icing sugar',
    'canola oil': 'rapeseed oil',
    flaxseed: 'linseed',
    zucchini: 'courgette',
    garbanzo: 'chickpea',
  },
  mayContain: 'May contain ',
  contains: 'contains',
  servedWith: 'Packed with it: ',
  bestBefore: 'Best before',
  useBy: 'Use by',
  lot: 'Lot {lot}',
  draft: 'DRAFT. Not for sale.',
  table: {
    typical: 'Typical values',
    per100g: 'per 100 g',
    perPiece: 'per {piece}',
    pieceWeight: '({n} g)',
    portions: '{n} × {piece} of {g} g.',
    panel: null,
    // Regulation (EU) 1169/2011, Article 32(5)
    intake: { head: '% RI*', note: '* Reference intake of an average adult (8400 kJ/2000 kcal)' },
  },
  months: [...englishMonths],
  date: '{day} {month} {year}',
  quantity: { grams: '{n} g', kilograms: '{n} kg', kilogramPlaces: 3, ounces: null },
  claims: {},
}
