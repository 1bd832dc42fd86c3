// The words of a label in Australian and New Zealand English. From memory.
import { englishMonths } from '../../words/day'
import type { Words } from '../rulePack'

export const words: Words = {
  ingredients: 'Ingredients: ',
  names: {
    cornstarch: 'maize starch',
    'baking soda': 'sodium bicarbonate',
    'bicarbonate of soda': 'sodium bicarbonate',
    'powdered sugar': 'icing sugar',
    "confectioners' sugar": 'icing sugar',
    'rapeseed oil': 'canola oil',
    flaxseed: 'linseed',
    courgettes: 'zucchini',
    courgette: 'zucchini',
    garbanzo: 'chickpea',
    'soya beans': 'soybeans',
    soya: 'soy',
    'gram flour': 'chickpea flour (besan)',
  },
  mayContain: 'May contain: ',
  contains: 'contains',
  servedWith: 'Packed with it: ',
  bestBefore: 'Best before',
  useBy: 'Use by',
  lot: 'Lot {lot}',
  draft: 'DRAFT. Not for sale.',
  table: {
    typical: 'Average quantity',
    per100g: 'per 100 g',
    perPiece: 'per serving, a {piece}',
    pieceWeight: '({n} g)',
    // Schedule 12
    panel: { heading: 'NUTRITION INFORMATION' },
    portions: 'Servings per package: {n}. Serving size: {g} g.',
    intake: null,
  },
  months: [...englishMonths],
  date: '{day} {month} {year}',
  quantity: { grams: '{n} g', kilograms: '{n} kg', kilogramPlaces: 3, ounces: null },
  claims: { soyFree: 'soy-free', noAddedSugar: 'no added sugar', highFibre: 'good source of fibre' },
}
