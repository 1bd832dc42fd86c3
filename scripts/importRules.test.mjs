import { describe, expect, it } from 'vitest'
import { broken, circles, floors } from './importRules.mjs'

describe('import rules', () => {
  it.each([
    ['core/cost/cost.ts', "import x from 'postgres'"],
    ['core/cost/cost.ts', "import type { X } from '../../web/ui/money'"],
    ['core/index.ts', "export * from '../data/index'"],
    ['core/claim/verdict.ts', "import type { Declaration } from '../label/declaration'"],
    ['core/cost/cost.ts', "import { nutritionOf } from '../nutrition/rollUp'"],
    ['core/cellar/wine.ts', "import { byId } from '../model/byId'"],
    ['core/cost/cost.ts', "import { billOf } from '../recipe'"],
    ['core/market/uk/words.ts', "import { words } from '../us/words'"],
    ['core/market/us/rules.ts', "import { europeanNuts } from '../european/rules'"],
    ['core/label/statements.ts', "import { us } from '../market/us'"],
    ['core/cost/cost.test.ts', "import { read } from '../../tests/e2e/read'"],
    ['web/ui/money.ts', "import { toPlaces } from '@fair-tin/core'"],
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
      "import type { Person } from '@fair-tin/data'\nimport { assess } from '@fair-tin/core/assess'",
    ],
    ['core/cost/cost.test.ts', "import { sampleRecipe } from '../../tests/fixtures/sample'"],
    ['core/market/eu/rules.ts', "import { europeanNuts } from '../european/rules'"],
    ['core/market/market.ts', "import { us } from './us'"],
    ['core/nutrition/plausible.ts', "import { europeanEnergy } from '../market/european/rules'"],
    ['web/screens/bench/actions.ts', "import { saveProduct } from '@fair-tin/data'"],
    ['data/recipes.ts', "import { Recipe } from '@fair-tin/core/model'"],
  ])('%s may: %s', (file, text) => expect(broken(file, text)).toEqual([]))
  it('a circle is found, also one of types alone, and told once', () => {
    const of = to => `import type { X } from './${to}'`
    const house = new Map([
      ['core/label/a.ts', of('b')],
      ['core/label/b.ts', of('c')],
      ['core/label/c.ts', of('a')],
      ['core/label/d.ts', of('a')],
    ])
    expect(circles(house)).toEqual(['core/label/a → core/label/b → core/label/c → core/label/a'])
    expect(circles(new Map([...house].slice(1)))).toEqual([])
  })
  it('every floor names its rooms once', () => expect(new Set(floors.flat()).size).toBe(floors.flat().length))
})
