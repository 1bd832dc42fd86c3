import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Batch } from '../model/batch'
import { effectsOf } from './effect'
import { heldBecause } from './held'
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
  })
})
