import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Recipe } from '../model/recipe'
import { applyBenchEdits } from './benchEdit'
import { applyEdit, before, bodyOf, inverse, RecipeEdit, writtenOf } from './recipeEdit'
import { same } from './same'

const lines = ['a', 'b', 'c', 'd'].map((id, at) => sampleLine('flour', (at + 1) * 100, { id }))
const recipe = sampleRecipe('top', lines, { pieces: 12 })
const { products, ingredients } = sampleWorkbook([sampleIngredient('flour')], [recipe])
/** As the bench applies them. */
const applied = (of: Recipe, edits: readonly RecipeEdit[]) => {
  const { things, clashes } = applyBenchEdits({ product: products[0]!, recipe: of, ingredients }, edits)
  return { recipe: things.recipe, clashes }
}
const grams = (value: number) => ({ amount: { value, unit: 'g' as const }, plus: [], also: [] })
const done = (of: Recipe, edit: RecipeEdit): Recipe => {
  const result = applyEdit(of, edit)
  return 'recipe' in result ? result.recipe : expect.fail(result.clash.fact)
}
/** Any edit a bench could make to the recipe as it stands. */
const anyEdit = (of: Recipe): fc.Arbitrary<RecipeEdit> => {
  const line = fc.constantFrom(...of.lines)
  const place = (not: string) => fc.constantFrom(null, ...of.lines.map(one => one.id).filter(id => id !== not))
  return fc.oneof(
    fc
      .tuple(line, fc.integer({ min: 1, max: 9999 }))
      .map(([one, value]): RecipeEdit => ({ kind: 'written', line: one.id, was: writtenOf(one), to: grams(value) })),
    fc
      .tuple(line, fc.constantFrom('mix', 'finish', 'release', 'drained', 'beside'))
      .map(([one, to]): RecipeEdit => ({ kind: 'role', line: one.id, was: one.role, to: to as 'mix' })),
    fc
      .tuple(line, fc.constantFrom(null, 'sifted', 'melted'))
      .map(([one, to]): RecipeEdit => ({ kind: 'prep', line: one.id, was: one.prep ?? null, to })),
    fc
      .tuple(line, fc.constantFrom(null, 'Base', 'Filling'))
      .map(([one, to]): RecipeEdit => ({ kind: 'heading', line: one.id, was: one.heading ?? null, to })),
    fc
      .tuple(
        line,
        fc.constantFrom(
          ['afterBake', true],
          ['weighed', 'bought'],
          ['retained', 0.4],
          ['leavesNothing', 'soak test'],
          ['sweetens', false],
          ['goesAlong', true],
        ),
        fc.boolean(),
      )
      .map(
        ([one, [field, value], unsaid]): RecipeEdit =>
          ({
            kind: field,
            line: one.id,
            was: one[field as 'retained'] ?? null,
            to: unsaid ? null : value,
          }) as RecipeEdit,
      ),
    line.map((one): RecipeEdit => ({ kind: 'of', line: one.id, was: one.of, to: { recipe: 'blend' } })),
    fc.constantFrom('Torte', 'Slice').map((to): RecipeEdit => ({ kind: 'name', was: of.name, to })),
    fc
      .subarray(of.lines)
      .map((lines): RecipeEdit => ({ kind: 'whole', was: bodyOf(of), to: { ...bodyOf(of), lines } })),
    line.chain(one =>
      place(one.id).map((to): RecipeEdit => ({ kind: 'move', line: one.id, was: before(of, one.id), to })),
    ),
    line.map((one): RecipeEdit => ({ kind: 'remove', line: one, after: before(of, one.id) })),
    place('').map((after): RecipeEdit => ({ kind: 'add', line: sampleLine('sugar', 5, { id: 'new' }), after })),
    fc.integer({ min: 1, max: 99 }).map((to): RecipeEdit => ({ kind: 'pieces', was: of.pieces ?? null, to })),
    fc
      .constantFrom(null, 'Crumbles when warm', 'Less syrup')
      .map((to): RecipeEdit => ({ kind: 'notes', was: of.notes ?? null, to })),
    fc.constantFrom(null, 0.1, 0.2).map((to): RecipeEdit => ({ kind: 'bakeLoss', was: of.bakeLoss ?? null, to })),
  )
}

describe('the same data', () => {
  it('is the same in any order of its fields, at any depth, and not with another value or another order of a list', () => {
    expect(same({ by: 'margin', share: 0.5 }, { share: 0.5, by: 'margin' })).toBe(true)
    expect(same([{ a: { b: 1, c: [2] } }], [{ a: { c: [2], b: 1 } }])).toBe(true)
    expect(same({ a: 1 }, { a: 1, b: undefined })).toBe(true)
    expect(same({ a: 1 }, { a: 2 })).toBe(false)
    expect(same([1, 2], [2, 1])).toBe(false)
    expect(same(null, {})).toBe(false)
    const turned = (value: unknown): unknown =>
      Array.isArray(value)
        ? value.map(turned)
        : typeof value === 'object' && value !== null
          ? Object.fromEntries(
              Object.entries(value)
                .reverse()
                .map(([key, inner]) => [key, turned(inner)]),
            )
          : value
    fc.assert(
      fc.property(fc.jsonValue(), value => {
        expect(same(value, turned(value))).toBe(true)
      }),
    )
  })
})

describe('an edit', () => {
  it('taken back leaves the recipe as it was', () => {
    fc.assert(
      fc.property(anyEdit(recipe), edit => {
        expect(done(done(recipe, edit), inverse(edit))).toEqual(recipe)
      }),
    )
  })
  it('done twice is done once', () => {
    fc.assert(
      fc.property(anyEdit(recipe), edit => {
        expect(done(done(recipe, edit), edit)).toEqual(done(recipe, edit))
      }),
    )
  })
  it('is read back from JSON as it was written', () => {
    fc.assert(
      fc.property(anyEdit(recipe), edit => {
        expect(RecipeEdit.parse(JSON.parse(JSON.stringify(edit)))).toEqual(edit)
      }),
    )
  })
  it('of two windows on two lines: both get their way, in either order', () => {
    const [one, two]: [RecipeEdit, RecipeEdit] = [
      { kind: 'written', line: 'a', was: writtenOf(lines[0]!), to: grams(7) },
      { kind: 'role', line: 'b', was: 'mix', to: 'finish' },
    ]
    expect(applied(recipe, [one, two])).toEqual(applied(recipe, [two, one]))
    expect(applied(recipe, [one, two]).clashes).toEqual([])
  })
  it('of two windows on one cell: the second is told, and can put it through', () => {
    const was = writtenOf(lines[0]!)
    const first = done(recipe, { kind: 'written', line: 'a', was, to: grams(7) })
    const second: RecipeEdit = { kind: 'written', line: 'a', was, to: grams(9) }
    const { recipe: kept, clashes } = applied(first, [second])
    expect(kept).toEqual(first)
    expect(clashes[0]).toMatchObject({ edit: second, fact: 'somebody wrote another amount' })
    expect(done(first, clashes[0]!.anyway as RecipeEdit).lines[0]!.amount).toEqual({ value: 9, unit: 'g' })
  })
  it('of a line that is gone is told, and nothing else is lost', () => {
    const { recipe: kept, clashes } = applied(recipe, [
      { kind: 'role', line: 'gone', was: 'mix', to: 'finish' },
      { kind: 'pieces', was: 12, to: 24 },
    ])
    expect([kept.pieces, clashes.map(clash => clash.fact)]).toEqual([24, ['the line is gone']])
  })
})
