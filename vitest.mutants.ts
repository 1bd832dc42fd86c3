// What a mutant is held against: the tests of the rooms that are broken, of the assessment, and the quick checks from outside.
// Random bakeries by the thousand would take days: they run in npm test.
import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: [
      'core/{allergen,claim,nutrition,label,market}/*.test.ts',
      'core/assess/{assess,alternatives,today,mend}.test.ts',
      'core/recipe/bill.test.ts',
      'tests/outside/{twoMarkets,unitedStates,rounding,energy}.test.ts',
    ],
    environment: 'node',
    pool: 'threads',
    isolate: false,
    testTimeout: 60_000,
  },
})
