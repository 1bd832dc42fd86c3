// What a mutant is held against: the tests of the rooms that are broken, of the assessment, and the checks from outside.
// Of the random bakeries only a few are tried: by the thousand they would take days.
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const core = fileURLToPath(new URL('./core', import.meta.url))

export default defineConfig({
  // the checks from outside ask for the core by its name, and would be given the one that is whole
  resolve: {
    alias: [
      { find: /^@fair-tin\/core$/u, replacement: `${core}/index.ts` },
      { find: /^@fair-tin\/core\/(.+)$/u, replacement: `${core}/$1/index.ts` },
    ],
  },
  test: {
    include: [
      'core/{allergen,claim,nutrition,label,market}/*.test.ts',
      'core/assess/{assess,alternatives,today,mend}.test.ts',
      'core/recipe/bill.test.ts',
      'tests/outside/{attack,twoMarkets,unitedStates,rounding,energy}.test.ts',
    ],
    env: { FAIR_TIN_BAKERIES: '80' },
    setupFiles: ['./tests/sameDraws.ts'],
    environment: 'node',
    pool: 'threads',
    isolate: false,
    testTimeout: 60_000,
  },
})
