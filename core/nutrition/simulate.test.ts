import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { rulesAsRead } from '../market/market'
import { marketCodes } from '../model/market'
import type { Workbook } from '../model/workbook'
import { billOf } from '../recipe/bill'
import { nutritionOf, saltOf } from './rollUp'
import { reckoned, simulate, swingsOf } from './simulate'
import { spreadOf } from './spread'

const spreadIn = (workbook: Workbook, market: (typeof marketCodes)[number] = 'uk') => {
  const [product] = workbook.products
  const recipe = workbook.recipes.find(one => one.id === product!.recipe)
  return spreadOf(billOf(workbook, product!.recipe), product!, recipe, workbook, rulesAsRead(market))
}
const amount = fc.double({ min: 0, max: 30, noNaN: true }).map(one => Math.round(one * 1000) / 1000)
const nutrient = fc.record({ value: amount, off: fc.double({ min: 0, max: 1, noNaN: true }), given: fc.boolean() })
const thing = fc.record({
  fat: nutrient,
  carbohydrate: nutrient,
  sugars: nutrient,
  protein: nutrient,
  fibre: nutrient,
  sodiumMg: nutrient,
  polyols: nutrient,
})
const food = fc.record({
  things: fc.array(fc.tuple(thing, fc.double({ min: 1, max: 900, noNaN: true }), fc.boolean()), {
    minLength: 1,
    maxLength: 5,
  }),
  bakeLoss: fc.option(fc.double({ min: 0, max: 0.4, noNaN: true }), { nil: undefined }),
  analysed: fc.option(fc.double({ min: 0.1, max: 40, noNaN: true }), { nil: undefined }),
  /** The last of its things stands in a part, with a loss of its own, asked for by weight or whole. */
  part: fc.option(fc.record({ loss: fc.double({ min: 0, max: 0.4, noNaN: true }), weighed: fc.boolean() }), {
    nil: undefined,
  }),
})
type Food = typeof food extends fc.Arbitrary<infer F> ? F : never
const asked = (weighed: boolean) => ({
  ...sampleLine('part:crumb', 60),
  ...(weighed ? {} : { amount: { value: 1, unit: 'each' as const } }),
})
function bookOf({ things, bakeLoss, analysed, part }: Food): Workbook {
  const larder = things.map(([values], at) =>
    sampleIngredient(`thing ${at}`, {
      measures: [{ each: { medium: 50 } }],
      nutrients: Object.fromEntries(
        Object.entries({ ...values, saturates: { value: 0, off: 0, given: false } }).map(
          ([code, { value, off, given }]) => [
            code,
            { value, source: 'invented', ...(given ? { low: value * (1 - off), high: value * (1 + off) } : {}) },
          ],
        ),
      ),
    }),
  )
  const lines = things.map(([, grams, counted], at) =>
    counted
      ? { ...sampleLine(`thing ${at}`, 0), amount: { value: 2, unit: 'each' as const } }
      : sampleLine(`thing ${at}`, grams),
  )
  return sampleWorkbook(
    larder,
    [
      sampleRecipe('cake', part ? [...lines.slice(0, -1), asked(part.weighed)] : lines, {
        pieces: 8,
        ...(bakeLoss === undefined ? {} : { bakeLoss }),
      }),
      ...(part ? [sampleRecipe('crumb', lines.slice(-1), { bakeLoss: part.loss })] : []),
    ],
    {
      category: 'cookie',
      ...(analysed === undefined
        ? {}
        : {
            laboratory: [
              {
                id: 'l',
                on: '2026-10-01',
                laboratory: 'Quayside Analysts',
                reference: 'Q-1',
                values: { fat: analysed },
                of: larder.map(one => one.id),
                used: true,
              },
            ],
          }),
    },
  )
}
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b))

describe('how sure a table is', () => {
  it('is reckoned from the same figures as the table', () => {
    fc.assert(
      fc.property(food, fc.constantFrom(...marketCodes), (made, market) => {
        const workbook = bookOf(made)
        const spread = spreadIn(workbook, market)!
        const rules = rulesAsRead(market)
        const analysed = made.analysed === undefined ? {} : { fat: made.analysed }
        const { per100g } = nutritionOf(billOf(workbook, 'cake'), workbook, rules, 100, analysed)
        for (const [at, value] of reckoned(spread).entries()) {
          const { nutrient } = spread.rows[at]!
          const own =
            nutrient === 'salt'
              ? saltOf(per100g.sodiumMg!.value)
              : nutrient === 'totalCarbohydrate'
                ? per100g.carbohydrate!.value + per100g.fibre!.value
                : per100g[nutrient]!.value
          expect(near(value, (own * spread.per) / 100), `${nutrient} ${value} ${own}`).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })
  it('no draw, and no one thing at its ends, lies outside the worst of all at once', () => {
    fc.assert(
      fc.property(food, fc.constantFrom(...marketCodes), (made, market) => {
        const spread = spreadIn(bookOf(made), market)!
        for (const row of simulate(spread, 60)!) {
          const [least, most] = row.ends
          const slack = 1e-9 * Math.max(1, most)
          expect(row.bins.from, row.nutrient).toBeGreaterThanOrEqual(least - slack)
          expect(row.bins.to, row.nutrient).toBeLessThanOrEqual(most + slack)
          expect(row.value).toBeGreaterThanOrEqual(least - slack)
          expect(row.value).toBeLessThanOrEqual(most + slack)
          expect(row.bins.counts.reduce((sum, one) => sum + one, 0)).toBe(60)
          for (const { from, to } of swingsOf(spread, row.nutrient)) {
            expect(from).toBeGreaterThanOrEqual(least - slack)
            expect(to).toBeLessThanOrEqual(most + slack)
          }
        }
      }),
      { numRuns: 80 },
    )
  })
  it('the same seed draws the same, and it can be stopped', () => {
    const spread = spreadIn(bookOf(fc.sample(food, { numRuns: 1, seed: 7 })[0]!))!
    expect(simulate(spread, 200, 0.3)).toEqual(simulate(spread, 200, 0.3))
    expect(simulate(spread, 200, 0.3)).not.toEqual(simulate(spread, 200, 0.31))
    expect(simulate(spread, 5000, 0.3, drawn => drawn < 2000)).toBeNull()
  })
  it('a food with a gap has no figure to be sure of', () => {
    const nameless = sampleWorkbook([], [sampleRecipe('cake', [sampleLine('gone', 100)])])
    expect(spreadIn(nameless)).toBeNull()
  })
})

describe('how likely a laboratory finds it wrong', () => {
  /** One ingredient of 20 g of fat, 15 to 25, and nothing else that could move. */
  const alone = (fat: { value: number; low: number; high: number }) => {
    const one = sampleIngredient('a', {
      nutrients: { ...sampleIngredient('a').nutrients, fat: { ...fat, source: 'x' } },
    })
    return {
      ...spreadIn(sampleWorkbook([one], [sampleRecipe('cake', [sampleLine('a', 100)], { bakeLoss: 0 })]))!,
      bakes: [[1, 1]] as const,
    }
  }
  it('is the tail of a triangle, where only one thing moves', () => {
    // 20 g may be found from 16 to 24 (20 %): of a triangle from 15 to 25 a fiftieth lies under 16, (1/5)² ÷ 2
    const fat = simulate(alone({ value: 20, low: 15, high: 25 }), 40_000)!.find(one => one.nutrient === 'fat')!
    expect(fat.acceptable).toMatchObject({ declared: '20', low: 16, high: 24 })
    expect(fat.wrong!.under).toBeCloseTo(0.02, 2)
    expect(fat.wrong!.over).toBeCloseTo(0.02, 2)
    // 95 of 100: the ends less the share of a fortieth, 5 × √0.05
    expect(fat.usual[0]).toBeCloseTo(15 + 5 * Math.sqrt(0.05), 1)
    expect(fat.usual[1]).toBeCloseTo(25 - 5 * Math.sqrt(0.05), 1)
  })
  it('what would print the same is not wrong, and a market without figures says nothing', () => {
    const little = simulate(alone({ value: 0.2, low: 0.1, high: 0.3 }), 500)!.find(one => one.nutrient === 'fat')!
    expect(little).toMatchObject({ acceptable: { declared: '< 0.5', low: null }, wrong: { under: 0, over: 0 } })
    const anz = spreadIn(
      sampleWorkbook([sampleIngredient('a')], [sampleRecipe('cake', [sampleLine('a', 100)])]),
      'anz',
    )!
    for (const row of simulate(anz, 100)!) expect(row.wrong).toBeNull()
  })
  it('a part weighed off holds more the more it lost in its own oven, and one taken whole weighs less', () => {
    const rich = sampleIngredient('rich')
    const none = { ...rich, id: 'none', name: 'none', nutrients: { ...rich.nutrients, fat: { value: 0, source: 'x' } } }
    const crumb = sampleRecipe('crumb', [sampleLine('rich', 200)], { bakeLoss: 0.2 })
    const fatOf = (weighed: boolean) => {
      const cake = sampleRecipe('cake', [sampleLine('none', 100), asked(weighed)], { bakeLoss: 0 })
      const spread = spreadIn(sampleWorkbook([rich, none], [cake, crumb]))!
      return [swingsOf(spread, 'fat').find(one => one.id === 'bake crumb')!, spread.bakes[1]!] as const
    }
    // 60 g of it, of 75 g of what holds 10 %, in 160 g; at the ends its loss is 16 and 24 %
    const [off, [least, most]] = fatOf(true)
    expect([least, most]).toEqual([0.95, 1.05].map(one => expect.closeTo(one, 9)))
    expect(off).toMatchObject({ name: 'the bake of crumb', cause: 'bake' })
    expect(off.to).toBeCloseTo(((60 / 0.76) * 0.1) / 1.6, 6)
    expect(off.from).toBeCloseTo(((60 / 0.84) * 0.1) / 1.6, 6)
    // all of it: 200 g of what holds 10 %, 152 to 168 g of it left
    const [whole] = fatOf(false)
    expect(whole.to).toBeCloseTo((20 / (100 + 152)) * 100, 6)
    expect(whole.from).toBeCloseTo((20 / (100 + 168)) * 100, 6)
  })
  it('names first what moves it most', () => {
    const rich = sampleIngredient('rich', {
      nutrients: { ...sampleIngredient('x').nutrients, sodiumMg: { value: 2000, low: 500, high: 3500, source: 'x' } },
    })
    const book = sampleWorkbook(
      [rich, sampleIngredient('plain')],
      [sampleRecipe('cake', [sampleLine('rich', 50), sampleLine('plain', 500)], { bakeLoss: 0.1 })],
    )
    expect(swingsOf(spreadIn(book)!, 'salt')[0]).toMatchObject({ id: 'table rich', cause: 'table' })
  })
})
