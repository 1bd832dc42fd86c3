// How large letters must be. From memory of the texts named; verify before relying on it.
import type { LetterRules } from '../rulePack'

export const europeanLetters: LetterRules = {
  // 0.9 mm is allowed where the pack's largest surface is under 80 cm²; the pack is not known here, so the larger rule holds
  smallestXHeight: 1.2,
  quantity: {
    by: 'content',
    heights: [
      { upTo: 50, mm: 2 },
      { upTo: 200, mm: 3 },
      { upTo: 1000, mm: 4 },
      { upTo: null, mm: 6 },
    ],
  },
  quantityAt: 'withDate',
  quantityWithin: null,
  usualSize: { width: 100, height: 70 },
  cite: 'Regulation (EU) 1169/2011, Art. 13; Directive 76/211/EEC',
}
