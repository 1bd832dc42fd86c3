// How large letters must be: the Code wants them legible and fixes no size here; the net quantity by trade measurement law. From memory.
import type { LetterRules } from '../rulePack'

export const letters: LetterRules = {
  // no size is fixed: as large as the European rule, so that nothing is set smaller than anywhere else
  smallestXHeight: 1.2,
  // by the longest side of the pack, which is not known here: the largest stands for all
  quantity: { by: 'content', heights: [{ upTo: null, mm: 4.8 }] },
  quantityAt: 'withDate',
  quantityWithin: null,
  usualSize: { width: 100, height: 80 },
  cite: 'FSC Standard 1.2.1; National Trade Measurement Regulations 2009',
}
