import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { applyBenchEdit, applyBenchEdits, BenchEdit, type BenchThings, inverse, refusedIn } from './benchEdit'

const { products, recipes, ingredients } = sampleWorkbook(
  [sampleIngredient('flour'), sampleIngredient('sugar')],
  [sampleRecipe('cake', [sampleLine('flour', 100, { id: 'a' }), sampleLine('sugar', 50, { id: 'b' })])],
)
const things: BenchThings = { product: products[0]!, recipe: recipes[0]!, ingredients }
const done = (of: BenchThings, edit: BenchEdit): BenchThings => {
  const result = applyBenchEdit(of, edit)
  return 'things' in result ? result.things : expect.fail(result.clash.fact)
}
const pack = (price: string) => ({ grams: 1000, price, currency: 'GBP', from: '2026-11-24' })
const anyEdit: fc.Arbitrary<BenchEdit> = fc.oneof(
  fc.constantFrom('Cake', 'Torte').map((to): BenchEdit => ({ kind: 'product', field: 'name', was: 'Cake', to })),
  fc.constantFrom(null, 'Plain cake').map((to): BenchEdit => ({ kind: 'product', field: 'legalName', was: null, to })),
  fc
    .integer({ min: 1, max: 9999 })
    .map((to): BenchEdit => ({ kind: 'product', field: 'netWeight', was: things.product.netWeight, to })),
  fc.constantFrom('1.20', '9.99').map(
    (price): BenchEdit => ({
      kind: 'packs',
      ingredient: 'flour',
      was: ingredients[0]!.packs,
      to: [...ingredients[0]!.packs, pack(price)],
    }),
  ),
  fc.constantFrom('mix', 'finish').map((to): BenchEdit => ({ kind: 'role', line: 'a', was: 'mix', to: to as 'mix' })),
  fc.constantFrom('keto', 'paleo').map((item): BenchEdit => ({ kind: 'tick', list: 'claims', item, to: true })),
  fc.constantFrom('us', 'eu').map((item): BenchEdit => ({ kind: 'tick', list: 'markets', item, to: true })),
)

describe('an edit on the bench', () => {
  it('taken back leaves everything as it was', () => {
    fc.assert(
      fc.property(anyEdit, edit => {
        expect(done(done(things, edit), inverse(edit))).toEqual(things)
      }),
    )
  })
  it('done twice is done once, and is read back from JSON as it was written', () => {
    fc.assert(
      fc.property(anyEdit, edit => {
        expect(done(done(things, edit), edit)).toEqual(done(things, edit))
        expect(BenchEdit.parse(JSON.parse(JSON.stringify(edit)))).toEqual(edit)
      }),
    )
  })
  it('of two windows that tick different claims: both get their way', () => {
    const edits: BenchEdit[] = [
      { kind: 'tick', list: 'claims', item: 'keto', to: true },
      { kind: 'tick', list: 'claims', item: 'vegan', to: false },
    ]
    const { things: after, clashes } = applyBenchEdits(things, edits)
    expect([after.product.claims.includes('keto'), after.product.claims.includes('vegan'), clashes]).toEqual([
      true,
      false,
      [],
    ])
  })
  it('of two windows on one price: the second is told, and can put it through', () => {
    const was = ingredients[0]!.packs
    const first = done(things, { kind: 'packs', ingredient: 'flour', was, to: [pack('2.00')] })
    const { things: after, clashes } = applyBenchEdits(first, [
      { kind: 'packs', ingredient: 'flour', was, to: [pack('3.00')] },
      { kind: 'product', field: 'name', was: 'Cake', to: 'Torte' },
    ])
    expect([after.ingredients[0]!.packs[0]!.price, after.product.name]).toEqual(['2.00', 'Torte'])
    expect(clashes.map(clash => clash.fact)).toEqual(['somebody wrote another price'])
    expect(done(after, clashes[0]!.anyway!).ingredients[0]!.packs[0]!.price).toBe('3.00')
  })
  it('of a price of something that is gone is told', () =>
    expect(
      applyBenchEdits(things, [{ kind: 'packs', ingredient: 'gone', was: [], to: [pack('1')] }]).clashes[0]!.fact,
    ).toBe('it is no longer in the larder'))
  it('is refused where the value could not stand there', () => {
    expect(refusedIn('name', '   ')).toBe('Give the product a name.')
    expect(refusedIn('netWeight', null)).toBe('This cannot be left empty.')
    expect(refusedIn('keeps', { days: 1e9, mark: 'useBy', storage: '' })).toMatch(/Ten years/)
    expect([refusedIn('legalName', null), refusedIn('netWeight', 120)]).toEqual([null, null])
    expect(BenchEdit.safeParse({ kind: 'product', field: 'netWeight', was: 1, to: -5 }).success).toBe(false)
    expect(BenchEdit.safeParse({ kind: 'product', field: 'recipe', was: 'a', to: 'b' }).success).toBe(false)
  })
})
