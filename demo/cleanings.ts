// What was cleaned in the demo bakery, and what its tests found.
import type { CleaningDone } from '@fair-tin/core/model'

export const demoCleanings: CleaningDone[] = [
  { equipment: 'mixer', did: 'washed', note: 'after the carrot walnut slice' },
  { equipment: 'mixer', did: 'tested', allergen: 'gluten', found: false, note: 'swab of bowl and hook' },
  { equipment: 'bench', did: 'wiped' },
]
