// What a mutant is held against: the tests of the rooms that are broken, of the assessment, and the checks from outside.
// Of the random bakeries only a few are tried: by the thousand they would take days.
import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: [
      'core/{allergen,claim,nutrition,label,market}/*.test.ts',
      'core/assess/{assess,alternatives,today,mend}.test.ts',
      'core/recipe/bill.test.ts',
      'tests/outside/{attack,twoMarkets,unitedStates,rounding,energy}.test.ts',
    ],
    env: { FAIR_TIN_BAKERIES: '80' },
    environment: 'node',
    pool: 'threads',
    isolate: false,
    testTimeout: 60_000,
  },
})
