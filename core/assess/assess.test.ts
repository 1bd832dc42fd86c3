import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess, sizedTo } from './assess'

const priced = (price: string) => ({ packs: [{ grams: 1000, price, currency: 'GBP', from: '2026-01-01' }] })
const book = (blend: number, butter: number, pieces: number | null, bakeLoss: number) =>
  sampleWorkbook(
    [
      sampleIngredient('flour', priced('2.40')),
      sampleIngredient('teff', priced('5.10')),
      carrying('butter', 'milk', 'contains', priced('9.00')),
      sampleIngredient('mystery', { packs: [], nutrients: {} }),
      sampleIngredient('water'),
    ],
    [
      sampleRecipe('blend', [sampleLine('flour', 300), sampleLine('teff', 200)]),
      sampleRecipe(
        'cake',
        [
          { ...sampleLine('x', blend), id: 'blend', of: { recipe: 'blend' } },
          sampleLine('butter', butter),
          sampleLine('mystery', 5),
          { ...sampleLine('water', 400), role: 'drained' },
        ],
        { bakeLoss, ...(pieces === null ? {} : { pieces }) },
      ),
    ],
    { claims: ['dairyFree', 'glutenFree', 'vegan', 'sourceOfFibre'] },
  )
/** Numbers to nine figures: the same sums in another order differ behind that. */
const plain = (value: unknown) =>
  JSON.parse(
    JSON.stringify(value, (_, one) => (typeof one === 'number' && one !== 0 ? Number(one.toPrecision(9)) : one)),
  )

describe('an assessment for another batch', () => {
  it('is what assessing that batch gives: only weights, cost and pieces differ', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 900 }),
        fc.integer({ min: 0, max: 400 }),
        fc.option(fc.integer({ min: 1, max: 40 })),
        fc.constantFrom(0, 0.1, 0.3),
        fc.constantFrom(0.25, 0.5, 1, 2, 3.7, 40),
        (blend, butter, pieces, bakeLoss, factor) => {
          const workbook = book(blend, butter, pieces, bakeLoss)
          const making = assess(workbook, 'cake', 'uk')
          expect(plain(sizedTo(making, workbook, 'cake', factor))).toEqual(
            plain(assess(workbook, 'cake', 'uk', { factor })),
          )
        },
      ),
      { numRuns: 60 },
    )
  })
  it('refuses what is not there', () => {
    expect(() => assess(book(1, 1, 1, 0), 'nothing', 'uk')).toThrow(RangeError)
    const making = assess(book(1, 1, 1, 0), 'cake', 'uk')
    expect(sizedTo(making, book(1, 1, 1, 0), 'cake', 1)).toBe(making)
  })
})
