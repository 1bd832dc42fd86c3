// How large letters must be, by the area of the panel (the label stands for it). From memory: verify before relying on it.
import type { LetterRules } from '../rulePack'

const inch = 25.4

export const letters: LetterRules = {
  smallestXHeight: inch / 16,
  quantity: {
    by: 'panel',
    heights: [
      { upTo: 5 * inch ** 2, mm: inch / 16 },
      { upTo: 25 * inch ** 2, mm: inch / 8 },
      { upTo: 100 * inch ** 2, mm: (inch * 3) / 16 },
      { upTo: null, mm: inch / 4 },
    ],
  },
  // in the bottom 30 % of the panel, 21 CFR 101.7(f)
  quantityAt: 'foot',
  quantityWithin: { share: 0.3, overMm2: 5 * inch ** 2, cite: '21 CFR 101.7(f)' },
  // a panel needs a tall one
  usualSize: { width: 100, height: 150 },
  cite: '21 CFR 101.2(c), 101.7',
}
