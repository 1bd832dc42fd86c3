import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Batch } from '../model/batch'
import { effectsOf } from './effect'
import { heldBecause, partNotForShelf } from './held'
import { amountWords, asPart, partOf, productOfPart } from './ofPart'
import { outcomeOf } from './outcome'
import { batchState, type KeptEntry } from './state'

const pastry = sampleRecipe('pastry', [
  { ...sampleLine('flour', 200), id: '1' },
  { ...sampleLine('butter', 100), id: '2' },
])
const batch: Batch = {
  id: 'b',
  code: '261127-1',
  day: '2026-11-27',
  product: asPart('pastry'),
  name: 'Short pastry',
  pieces: 600,
  factor: 2,
  books: {
    ...sampleWorkbook([sampleIngredient('flour'), sampleIngredient('butter')], [pastry]),
    products: [productOfPart({ id: 'pastry', name: 'Short pastry' }, 600)],
  },
}
const at = '2026-11-27T08:00:00Z'
const entry = (rest: object): KeptEntry => ({ by: 'Nell', entry: { id: crypto.randomUUID(), at, ...rest } as never })

describe('a batch of a part', () => {
  it('is told from one of a product, and counted by its weight', () => {
    expect(partOf(batch)).toBe('pastry')
    expect(partOf({ product: 'pastry' })).toBeNull()
    expect(amountWords(batch)).toBe('600 g')
    expect(amountWords({ product: 'cake', pieces: 8 })).toBe('8 pieces')
  })
  it('left of a batch of something else is held by what went into itself, and by nothing else', () => {
    const tart = sampleRecipe('tart', [
      { ...sampleLine('flour', 50), id: '1' },
      { ...sampleLine('flour', 300), id: '2', of: { recipe: 'pastry' } },
    ])
    const book = sampleWorkbook([sampleIngredient('flour'), sampleIngredient('butter')], [tart, pastry])
    const baked: Batch = { ...batch, product: book.products[0]!.id, factor: 1, books: book }
    const from = (place: string) => [entry({ kind: 'weighed', place, grams: 50, by: 'typed', lot: 'L1' })]
    const lots = [{ id: 'L1', lot: 'RF-1', ingredient: 'flour', left: 0, held: 'called back' }]
    expect(partNotForShelf(baked, from('pastry#1'), lots, 'pastry')).not.toBeNull()
    expect(partNotForShelf(baked, from('tart#1'), lots, 'pastry')).toBeNull()
    expect(partNotForShelf(baked, from('pastry#1'), [{ ...lots[0]!, held: undefined } as never], 'pastry')).toBeNull()
  })
  it('is weighed, held by its lots, and finished like any other, with no label and no piece', () => {
    const state = batchState(batch, [])
    expect(state.items.map(one => [one.name, one.target])).toEqual([
      ['flour', 400],
      ['butter', 200],
    ])
    const went = [
      entry({ kind: 'weighed', place: 'pastry#1', grams: 400, by: 'typed', lot: 'L1' }),
      entry({ kind: 'weighed', place: 'pastry#2', grams: 200, by: 'typed' }),
      entry({ kind: 'finished', grams: 590, pieces: 0, broken: 0, keptBack: 0 }),
    ]
    const outcome = outcomeOf(batch, went)!
    expect(outcome).toMatchObject({ good: 0, each: null })
    expect(outcome.loss).toBeCloseTo(10 / 600, 9)
    expect(effectsOf(batch, went)).toEqual([])
    const held = heldBecause(
      batch,
      went,
      [{ id: 'L1', lot: 'RF-1', ingredient: 'flour', left: 0, held: 'called back' }],
      [],
    )
    expect(held.join(' ')).toContain('called back')
    const lot = { id: 'L1', lot: 'RF-1', ingredient: 'flour', left: 0 }
    expect(partNotForShelf(batch, went, [lot], 'pastry')).toBeNull()
    expect(partNotForShelf(batch, went, [{ ...lot, held: 'called back' }], 'pastry')).toContain('called back')
    expect(partNotForShelf(batch, went, [], 'pastry')).toContain('on no shelf here')
    const warm = entry({ kind: 'checked', what: 'cooled', passed: false, critical: true })
    expect(partNotForShelf(batch, [...went, warm], [lot], 'pastry')).toContain('not met')
  })
})
