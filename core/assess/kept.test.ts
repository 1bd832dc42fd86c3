// What is kept of a bill is never of another state.
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { marketCodes } from '../model/market'
import { assess } from './assess'

const things = ['flour', 'butter', 'plums'] as const
const start = sampleWorkbook(
  things.map(one => sampleIngredient(one)),
  [
    sampleRecipe('top', [sampleLine('flour', 90), sampleLine('part:part', 50), sampleLine('plums', 20)]),
    sampleRecipe('part', [sampleLine('butter', 40), sampleLine('flour', 1)]),
  ],
)
type Books = typeof start
type Edit = (before: Books) => Books
const ofThing = fc.constantFrom(...things)
const changed =
  (id: string, change: (before: Books['ingredients'][number]) => object): Edit =>
  before => ({
    ...before,
    ingredients: before.ingredients.map(one => (one.id === id ? { ...one, ...change(one) } : one)),
  })
const inKitchen =
  (change: object): Edit =>
  before => ({ ...before, kitchen: { ...before.kitchen, ...change } })

const edit: fc.Arbitrary<Edit> = fc.oneof(
  fc
    .tuple(
      ofThing,
      fc.constantFrom('1.20', '9.99'),
      fc.constantFrom('GBP', 'EUR'),
      fc.constantFrom('2026-01-01', '2027-01-01'),
    )
    .map(([id, price, currency, from]) =>
      changed(id, ({ packs }) => ({ packs: [...packs, { grams: 700, price, currency, from }] })),
    ),
  ofThing.map(id => changed(id, () => ({ packs: [] }))),
  fc.constantFrom('GBP', 'EUR').map(currency => inKitchen({ currency })),
  fc
    .constantFrom(undefined, [{ currency: 'EUR', rate: '0.85', from: '2026-01-01' }])
    .map(rates => inKitchen({ rates })),
  fc.constantFrom('2026-11-24', '2028-01-01').map(
    (today): Edit =>
      before => ({ ...before, today }),
  ),
  fc
    .tuple(
      ofThing,
      fc.constantFrom('fat', 'sugars', 'allulose', 'sodiumMg'),
      fc.option(fc.integer({ min: 0, max: 60 })),
    )
    .map(([id, code, value]) =>
      changed(id, ({ nutrients }) => {
        const { [code as 'fat']: _, ...others } = nutrients
        return { nutrients: value === null ? others : { ...others, [code]: { value, source: 's' } } }
      }),
    ),
  fc.tuple(fc.nat(2), fc.option(fc.integer({ min: 1, max: 90 }))).map(
    ([at, value]): Edit =>
      before => ({
        ...before,
        recipes: before.recipes.map(one => ({
          ...one,
          lines: one.lines.map((line, n) =>
            n === at ? { ...line, amount: value === null ? null : { value, unit: 'g' as const } } : line,
          ),
        })),
      }),
  ),
  fc.constantFrom(4, 24).map(
    (pieces): Edit =>
      before => ({ ...before, recipes: before.recipes.map(one => ({ ...one, pieces })) }),
  ),
  fc.constantFrom('', 'Dust with flour.').map(
    (notes): Edit =>
      before => ({ ...before, recipes: before.recipes.map(one => ({ ...one, notes })) }),
  ),
  ofThing.map(
    (gone): Edit =>
      before => ({ ...before, ingredients: before.ingredients.filter(one => one.id !== gone) }),
  ),
)

it('after any edits of prices, rates, facts, lines and the day, cost and nutrition are those of the same books read anew', () => {
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 8 }), fc.constantFrom(...marketCodes), (edits, market) => {
      let books = start
      for (const one of edits) {
        books = one(books)
        for (const where of [market, 'uk'] as const) {
          const [kept, anew] = [assess(books, 'cake', where), assess(structuredClone(books), 'cake', where)]
          expect(kept.cost).toEqual(anew.cost)
          expect(kept.nutrition).toEqual(anew.nutrition)
        }
      }
    }),
    { numRuns: 150 },
  )
})
