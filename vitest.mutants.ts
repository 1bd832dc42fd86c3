// What a mutant is held against: the unit tests of core and the quick checks from outside. Random bakeries by the thousand
// would take hours: they run in npm test.
import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: [
      'core/**/*.test.ts',
      'demo/**/*.test.ts',
      'tests/outside/{twoMarkets,unitedStates,rounding}.test.ts',
    ],
    environment: 'node',
    pool: 'threads',
    isolate: false,
  },
})
