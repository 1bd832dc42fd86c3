import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { billOf } from './bill'
import { packWeight } from './packWeight'

const flour = sampleIngredient('flour')
const book = (grams: number | null, pieces: number | undefined, packed: number, follows: boolean) => {
  const line = sampleLine('flour', grams ?? 1)
  const book = sampleWorkbook(
    [flour],
    [
      sampleRecipe('cake', [grams === null ? { ...line, amount: null } : line], {
        ...(pieces === undefined ? {} : { pieces }),
        bakeLoss: 0.1,
      }),
    ],
  )
  const product = { id: 'p', name: 'Cake', recipe: 'cake', netWeight: 50, pieces: packed, claims: [], markets: [] }
  return { ...book, products: [{ ...product, ...(follows ? { weightFollows: true } : {}) }] }
}
const netOf = (...all: Parameters<typeof book>) => assess(book(...all), 'p', 'uk').declaration.particulars.netGrams

describe('the weight of a pack', () => {
  it('is never more than its pieces weigh, and less by under a gram', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 50_000, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        (grams, pieces, packed, factor) => {
          const made = (grams * 0.9 * packed) / pieces
          const bill = billOf(book(grams, pieces, packed, true), 'cake', { factor })
          const weight = packWeight(packed, { pieces }, bill)!
          if (made < 1) return
          expect(weight).toBeLessThanOrEqual(made + 1e-5)
          expect(weight).toBeGreaterThan(made - 1)
        },
      ),
    )
  })
  it('follows the recipe until it is fixed', () => {
    expect(netOf(1000, 10, 2, true)).toBe(180)
    expect(netOf(2000, 10, 2, true)).toBe(360)
    expect(netOf(2000, 10, 2, false)).toBe(50)
  })
  it('stays where the recipe gives none: no weight is guessed', () => {
    expect(netOf(null, 10, 2, true)).toBe(50)
    expect(netOf(1000, undefined, 2, true)).toBe(50)
    const asks = (...all: Parameters<typeof book>) =>
      assess(book(...all), 'p', 'uk').declaration.problems.filter(one =>
        one.what.startsWith('What a pack weighs follows'),
      )
    expect([asks(null, 10, 2, true), asks(1000, undefined, 2, true)].map(all => all.length)).toEqual([1, 1])
    expect([asks(1000, 10, 2, true), asks(null, 10, 2, false)].map(all => all.length)).toEqual([0, 0])
  })
})
