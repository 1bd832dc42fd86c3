import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import { applyBenchEdits, type BenchEdit, type BenchThings } from './benchEdit'
import { merged } from './merge'

const things: BenchThings = {
  product: { id: 'p', name: 'Bun', recipe: 'bun', netWeight: 50, pieces: 1, claims: [], markets: [] },
  recipe: { ...sampleRecipe('bun', [sampleLine('flour', 100), sampleLine('salt', 2)]), notes: 'n0', pieces: 4 },
  ingredients: [sampleIngredient('flour'), sampleIngredient('salt')],
}
const [first, second] = things.recipe.lines.map(line => line.id) as [string, string]
const notes = fc.constantFrom('n0', 'n1', 'n2')
const grams = fc.constantFrom(100, 110, 120)
const written = (value: number) => ({ amount: { value, unit: 'g' as const }, plus: [], also: [] })
const edit = fc.oneof(
  fc.tuple(notes, notes).map(([was, to]): BenchEdit => ({ kind: 'notes', was, to })),
  fc.tuple(grams, grams).map(([was, to]): BenchEdit => ({ kind: 'pieces', was: was / 25, to: to / 25 })),
  fc
    .tuple(fc.constantFrom(first, second), grams, grams)
    .map(([line, was, to]): BenchEdit => ({ kind: 'written', line, was: written(was), to: written(to) })),
  fc
    .tuple(grams, grams)
    .map(([was, to]): BenchEdit => ({ kind: 'product', field: 'netWeight', was: was / 2, to: to / 2 })),
  fc.boolean().map((to): BenchEdit => ({ kind: 'tick', list: 'claims', item: 'vegan', to })),
)
/** Every change of a bench is made against what stands there. */
const againstNow = (one: BenchEdit): BenchEdit =>
  one.kind === 'notes'
    ? { ...one, was: 'n0' }
    : one.kind === 'pieces'
      ? { ...one, was: 4 }
      : one.kind === 'written'
        ? { ...one, was: written(one.line === first ? 100 : 2) }
        : one.kind === 'product'
          ? { ...one, was: 50 }
          : one

describe('two changes nobody has seen', () => {
  it('are one exactly where doing the one does what the two do', () => {
    fc.assert(
      fc.property(edit.map(againstNow), edit, (a, b) => {
        const one = merged(a, b)
        if (!one) return
        const both = applyBenchEdits(things, [a, b])
        // where the first goes through, so does the one, to the same end
        if (both.clashes.length === 0) expect(applyBenchEdits(things, one)).toEqual(both)
      }),
      { numRuns: 2000 },
    )
  })
  it('typed on and on are one change, and taken back are none', () => {
    const typed = (was: string, to: string): BenchEdit => ({ kind: 'notes', was, to })
    expect(merged(typed('', 'a'), typed('a', 'ab'))).toEqual([typed('', 'ab')])
    expect(merged(typed('', 'a'), typed('a', ''))).toEqual([])
    expect(merged(typed('', 'a'), typed('b', 'c'))).toBeNull()
    expect(merged(typed('', 'a'), { kind: 'pieces', was: 4, to: 5 })).toBeNull()
  })
})
