// The summary on the front of the pack, of free will: per portion, with what is low and what is high (guidance of the health departments
// and the Food Standards Agency, 2016), from memory; verify before relying on it.
import type { FrontRule } from '../rulePack'

export const front: FrontRule = {
  of: [
    { nutrient: 'fat', name: 'Fat', lowUpTo: 3, highOver: 17.5, highPerPortionOver: 21 },
    { nutrient: 'saturates', name: 'Saturates', lowUpTo: 1.5, highOver: 5, highPerPortionOver: 6 },
    { nutrient: 'sugars', name: 'Sugars', lowUpTo: 5, highOver: 22.5, highPerPortionOver: 27 },
    { nutrient: 'salt', name: 'Salt', lowUpTo: 0.3, highOver: 1.5, highPerPortionOver: 1.8 },
  ],
  portionOver: 100,
  words: {
    lead: 'Each {piece} ({g} g) holds',
    energy: 'Energy',
    low: 'low',
    medium: 'medium',
    high: 'high',
    note: '% of an adult’s reference intake',
    per100g: 'Typical values per 100 g: energy {energy}',
  },
  cite: 'Regulation (EU) 1169/2011, Art. 30(3) and 35, as retained; front of pack guidance, 2016',
}
