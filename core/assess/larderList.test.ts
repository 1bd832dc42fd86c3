import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleDay, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { allergenCodes } from '../model/allergen'
import type { Workbook } from '../model/workbook'
import { proofStateOf, proofStates } from './larder'
import { larderFound } from './larderList'

const price = (grams: number, cost: string, from: string) => ({ grams, price: cost, currency: 'GBP', from })
const larder = [
  sampleIngredient('ground almonds', {
    labelName: 'almonds',
    supplier: 'Hob Farm',
    article: 'A-77',
    allergens: { almond: { status: 'contains' }, milk: { status: 'mayContain' } },
    packs: [price(1000, '8.00', '2026-01-01'), price(1000, '10.00', '2026-06-01'), price(1000, '99.00', '2027-01-01')],
  }),
  sampleIngredient('rice flour', { standsFor: 'ground rice', supplier: 'Quay Mill', packs: [] }),
  sampleIngredient('salt', { evidence: [] }),
]
const books: Workbook = {
  ...sampleWorkbook(larder, [
    sampleRecipe('a', [sampleLine('rice flour', 100), sampleLine('rice flour', 20)]),
    sampleRecipe('b', [sampleLine('rice flour', 5), sampleLine('salt', 1)]),
  ]),
  today: sampleDay,
}
const named = (asked: Parameters<typeof larderFound>[1], most?: number) =>
  larderFound(books, asked, most).rows.map(row => row.name)

describe('the larder as a list', () => {
  it('says what a thing costs, how that moved, what it carries, and where it is used', () => {
    const { rows, found, of, suppliers } = larderFound(books)
    expect([found, of, suppliers]).toEqual([3, 3, ['Hob Farm', 'Quay Mill']])
    expect(rows[0]).toMatchObject({
      perKg: '10.00',
      moved: 0.25,
      contains: 'almond',
      may: 'milk',
      unknown: allergenCodes.length - 2,
      uses: 0,
      damaged: false,
    })
    expect(rows[1]).toMatchObject({ perKg: null, moved: null, contains: '', unknown: 0, uses: 2 })
  })
  it('is found by any of its names, its supplier and its article, every word of it', () => {
    expect(named({ find: 'ALMOND' })).toEqual(['ground almonds'])
    expect(named({ find: 'ground rice' })).toEqual(['rice flour'])
    expect(named({ find: 'ground' })).toEqual(['ground almonds', 'rice flour'])
    expect(named({ find: 'farm a-77' })).toEqual(['ground almonds'])
    expect(named({ find: 'farm mill' })).toEqual([])
    expect(named({ find: '  ' })).toHaveLength(3)
  })
  it('by what it is not shown free of, by supplier, by use', () => {
    expect(named({ carries: 'milk' })).toEqual(['ground almonds'])
    // nobody has said: that is not free
    expect(named({ carries: 'egg' })).toEqual(['ground almonds'])
    expect(named({ supplier: 'Quay Mill' })).toEqual(['rice flour'])
    expect(named({ used: 'used' })).toEqual(['rice flour', 'salt'])
    expect(named({ used: 'unused' })).toEqual(['ground almonds'])
  })
  it('by the state of its proof, as the claims judge it, also when the kitchen counts the years otherwise', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('2026-11-24', '2028-01-01', '2035-01-01'),
        fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined }),
        (today, years) => {
          const kitchen = {
            ...books.kitchen,
            ...(years === undefined ? {} : { evidenceYears: { specification: years, certificate: years } }),
          }
          const then = { ...books, today, kitchen }
          const byState = proofStates.map(proof => larderFound(then, { proof }).rows)
          expect(byState.flat()).toHaveLength(larder.length)
          for (const [at, rows] of byState.entries())
            for (const { id, proof } of rows) {
              const own = larder.find(one => one.id === id)!
              expect(proof).toEqual(proofStateOf(own, { today, kitchen }))
              expect(proof.state).toBe(proofStates[at])
            }
        },
      ),
    )
  })
  it('gives no more rows than are wanted, and counts them all', () => {
    expect(larderFound(books, {}, 2)).toMatchObject({ found: 3, of: 3, rows: { length: 2 } })
    expect(named({ find: 'ground' }, 1)).toEqual(['ground almonds'])
  })
  it('follows what changes', () => {
    const [almonds, ...others] = larder
    const ingredients = [{ ...almonds!, name: 'ground hazelnuts', labelName: 'hazelnuts' }, ...others]
    expect(larderFound({ ...books, ingredients }, { find: 'almond' }).found).toBe(0)
    const damaged = [{ kind: 'ingredient' as const, id: 'salt', name: 'salt', problem: 'torn' }]
    expect(larderFound({ ...books, damaged }).rows.map(row => row.damaged)).toEqual([false, false, true])
    expect(larderFound({ ...books, kitchen: { ...books.kitchen, currency: 'EUR' } }).rows[0]!.perKg).toBeNull()
  })
})
