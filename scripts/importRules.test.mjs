import { describe, expect, it } from 'vitest'
import { broken } from './importRules.mjs'

describe('import rules', () => {
  it.each([
    ['core/cost/cost.ts', "import x from 'postgres'"],
    ['core/cost/cost.ts', "import type { X } from '../../web/ui/money'"],
    ['core/index.ts', "export * from '../data/index'"],
    ['data/recipes.ts', "import { x } from '../web/bakery'"],
    ['data/recipes.ts', "import 'next/headers'"],
    ['demo/load.ts', "import { y } from '../web/ui/money'"],
    ['web/ui/money.ts', "import { x } from '../../core/measure/rounding'"],
    ['web/screens/bench/Bench.tsx', "import { readWorkbook } from '@fair-tin/data'\nexport const A = () => <b>hm</b>"],
    ['web/app/page.tsx', "import { bakery } from '../../demo/kitchen'"],
  ])('%s may not: %s', (file, text) => expect(broken(file, text).length).toBeGreaterThan(0))
  it.each([
    ['core/cost/cost.ts', "import Big from 'big.js'\nimport type { Bill } from '../recipe/bill'"],
    [
      'web/screens/bench/Bench.tsx',
      "import type { Person } from '@fair-tin/data'\nimport { assess } from '@fair-tin/core'",
    ],
    ['web/screens/bench/actions.ts', "import { saveProduct } from '@fair-tin/data'"],
    ['data/recipes.ts', "import { Recipe } from '@fair-tin/core'"],
  ])('%s may: %s', (file, text) => expect(broken(file, text)).toEqual([]))
})
