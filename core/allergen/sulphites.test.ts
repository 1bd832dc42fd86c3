import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { Ingredient } from '../model/ingredient'
import type { Line, Recipe } from '../model/recipe'
import { billOf } from '../recipe/bill'
import { sulphitesIn } from './sulphites'

const dried = (mgPerKg?: number, change: Partial<Ingredient> = {}) => {
  const plain = sampleIngredient('apricots', change)
  const sulphites = { status: 'contains' as const, evidence: 'spec', ...(mgPerKg === undefined ? {} : { mgPerKg }) }
  return { ...plain, allergens: { ...plain.allergens, sulphites } }
}
const judged = (
  apricots: Ingredient,
  grams = 100,
  change: Partial<Recipe> = {},
  line: Partial<Line> = {},
  market: 'uk' | 'us' = 'uk',
  more: Ingredient[] = [],
) => {
  const lines = [
    sampleLine('flour', 900),
    sampleLine('apricots', grams, line),
    ...more.map(one => sampleLine(one.id, 100)),
  ]
  const workbook = sampleWorkbook(
    [sampleIngredient('flour'), apricots, ...more],
    [sampleRecipe('cake', lines, { bakeLoss: 0, ...change })],
    {
      claims: [],
    },
  )
  const { declaration, allergens } = assess(workbook, 'cake', market)
  const list = declaration.ingredients
  return {
    declared: declaration.contains.includes('sulphites') || list.some(run => /sul(?:ph|f)ites/.test(run.text)),
    strong: list.some(run => run.strong && /sulphites/.test(run.text)),
    leftOut: declaration.leftOut,
    why: allergens.sulphites.because.map(one => one.fact).join(' '),
  }
}

describe('sulphites, summed over the finished food as SO2', () => {
  it('are declared above 10 mg/kg in the EU and UK, from 10 on in the US', () => {
    // 100 g at 100 mg/kg in 1000 g are 10
    expect(judged(dried(100)).declared).toBe(false)
    expect(judged(dried(100), 100, {}, {}, 'us').declared).toBe(true)
    expect(judged(dried(101))).toMatchObject({ declared: true, strong: true })
    expect(judged(dried(99), 100, {}, {}, 'us').declared).toBe(false)
  })
  it('are shown with their sum and its source, declared or not', () => {
    expect(judged(dried(50)).leftOut).toEqual([
      'Apricots: contains sulphites; 5.0 mg/kg of SO2 in the finished food, not declared: that is asked above 10 (Regulation (EU) 1169/2011, Annex II(12)).',
    ])
    expect(judged(dried(2000)).why).toContain('200.0 mg/kg of SO2 in the finished food, declared')
    expect(judged(dried(2000)).leftOut).toEqual([])
  })
  it('grow dense as water bakes out, and go with what is poured away', () => {
    expect(judged(dried(95)).declared).toBe(false)
    expect(judged(dried(95), 100, { bakeLoss: 0.1 }).declared).toBe(true)
    expect(judged(dried(101), 100, {}, { role: 'drained', retained: 0.5 }).declared).toBe(false)
  })
  it('of an amount nobody knows are declared; a little of theirs may be all it takes', () => {
    expect(judged(dried()).declared).toBe(true)
    expect(judged(dried()).why).toContain('not known for apricots')
    expect(judged(dried(1), 100, {}, { amount: null }).declared).toBe(true)
    const plain = sampleIngredient('raisins')
    const { sulphites: _, ...open } = plain.allergens
    expect(judged(dried(1), 100, {}, {}, 'uk', [{ ...plain, allergens: open }]).declared).toBe(true)
  })
  it('are declared while nobody has said what bakes out', () => {
    expect(judged(dried(1), 100, { bakeLoss: undefined } as unknown as Partial<Recipe>).declared).toBe(true)
  })
  it('of any recipe: declared exactly where the grams say so, however often it is made', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 1, max: 900 }),
        fc.integer({ min: 0, max: 30 }),
        (mgPerKg, grams, loss) => {
          const sum = (grams * mgPerKg) / ((900 + grams) * (1 - loss / 100))
          fc.pre(Math.abs(sum - 10) > 1e-6)
          expect(judged(dried(mgPerKg), grams, { bakeLoss: loss / 100 }).declared).toBe(sum > 10)
        },
      ),
    )
  })
})

describe('what is not known of the sum', () => {
  const rule = { mgPerKg: 10, from: false, cite: 'test' } as never
  const dried = (
    mgPerKg: number | undefined,
    status: 'contains' | 'unknown' | 'free' | 'mayContain' = 'contains',
    id = 'figs',
  ) =>
    sampleIngredient(id, {
      allergens: {
        ...sampleIngredient('x').allergens,
        sulphites: { status, evidence: 'spec', ...(mgPerKg === undefined ? {} : { mgPerKg }) },
      },
    })
  const sum = (
    ingredients: ReturnType<typeof sampleIngredient>[],
    lines = ingredients.map(one => sampleLine(one.id, 100)),
    change: Parameters<typeof sampleRecipe>[2] = { bakeLoss: 0 },
  ) => {
    const book = sampleWorkbook(ingredients, [sampleRecipe('top', lines, change)])
    return sulphitesIn(billOf(book, 'top'), book, rule)
  }
  it('nothing is summed where nothing contains any, or the market has no limit', () => {
    expect(sum([dried(0, 'free')])).toBeNull()
    expect(sum([dried(50, 'mayContain')])).toBeNull()
    const book = sampleWorkbook([dried(50)], [sampleRecipe('top', [sampleLine('figs', 100)])])
    expect(sulphitesIn(billOf(book, 'top'), book, null)).toBeNull()
  })
  it('is the milligrams in the finished food', () => {
    expect(sum([dried(50), sampleIngredient('flour')])).toMatchObject({ mgPerKg: 25, declared: true })
    expect(sum([dried(16), sampleIngredient('flour')])).toMatchObject({ mgPerKg: 8, declared: false })
    expect(sum([dried(16), sampleIngredient('flour')], undefined, { bakeLoss: 0.5 })).toMatchObject({
      mgPerKg: 16,
      declared: true,
    })
    // what may hold some counts with its amount
    expect(sum([dried(10), dried(30, 'mayContain', 'dates')])).toMatchObject({ mgPerKg: 20 })
  })
  it.each<[string, ReturnType<typeof sum>, string]>([
    ['an amount', sum([dried(undefined)]), 'figs'],
    ['whether it holds any', sum([dried(10), dried(undefined, 'unknown', 'mix')]), 'mix'],
    ['a weight', sum([dried(10)], [sampleLine('figs', null)]), 'figs'],
    ['the bake loss', sum([dried(10)], undefined, {}), 'the finished weight'],
    ['a part', sum([dried(10)], [sampleLine('figs', 100), sampleLine('part:lost', 10)]), 'a part of the recipe'],
  ])('not known: %s', (_, found, name) => {
    expect(found).toMatchObject({ mgPerKg: null, declared: true })
    expect(found!.fact).toContain(name)
  })
  it('what is beside is no part of it', () =>
    expect(
      sum(
        [dried(10), dried(900, 'contains', 'side')],
        [sampleLine('figs', 100), sampleLine('side', 50, { role: 'beside' })],
      ),
    ).toMatchObject({ mgPerKg: 10 }))
})
