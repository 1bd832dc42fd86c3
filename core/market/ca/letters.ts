// How large letters must be: the list by its x-height, the net quantity by the area of the panel. From memory: verify before relying on it.
import type { LetterRules } from '../rulePack'

/** mm² in a cm². */
const cm2 = 100

export const letters: LetterRules = {
  smallestXHeight: 1.6,
  quantity: {
    by: 'panel',
    heights: [
      { upTo: 32 * cm2, mm: 1.6 },
      { upTo: 258 * cm2, mm: 3.2 },
      { upTo: 645 * cm2, mm: 6.4 },
      { upTo: 2580 * cm2, mm: 9.5 },
      { upTo: null, mm: 12.7 },
    ],
  },
  quantityAt: 'foot',
  quantityWithin: null,
  // a table in two languages is wide
  usualSize: { width: 150, height: 150 },
  cite: 'FDR B.01.008.2; Consumer Packaging and Labelling Regulations 14',
}
