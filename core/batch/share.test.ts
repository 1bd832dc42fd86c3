import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Batch } from '../model/batch'
import type { Recipe } from '../model/recipe'
import { partsToShare, sharedOut } from './share'
import { batchState, type KeptEntry } from './state'
import { tinsOf } from './tins'

const batchOf = (recipe: Partial<Recipe> = {}, factor = 1): Batch => ({
  id: 'b',
  code: '261127-1',
  day: '2026-11-27',
  product: 'cake',
  name: 'Cake',
  pieces: 10,
  factor,
  books: sampleWorkbook(
    [sampleIngredient('flour'), sampleIngredient('milk'), sampleIngredient('sugar')],
    [
      sampleRecipe(
        'top',
        [
          { ...sampleLine('flour', 200), id: '1' },
          { ...sampleLine('milk', 100), id: '2' },
          { ...sampleLine('sugar', 50, { role: 'finish' }), id: '3' },
        ],
        recipe,
      ),
    ],
  ),
})
const weighed = (line: string, grams: number): KeptEntry => ({
  by: 'Nell',
  entry: {
    kind: 'weighed',
    id: crypto.randomUUID(),
    at: '2026-11-27T08:00:00Z',
    place: `top#${line}`,
    grams,
    by: 'typed',
  },
})

describe('what is in the bowl, shared out', () => {
  it('is all of it, evenly, whatever was weighed; and what goes on top is not in it (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 195, max: 205 }),
        fc.option(fc.integer({ min: 98, max: 102 }), { nil: null }),
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom(0.1, 1, 5),
        (flour, milk, shares, resolution) => {
          const state = batchState(batchOf(), [weighed('1', flour), ...(milk === null ? [] : [weighed('2', milk)])])
          const shared = sharedOut(state, shares, [{ capacity: 5000, resolution }])!
          expect(shared.bowl).toBeCloseTo(flour + (milk ?? 100), 9)
          expect(shared.isWeighed).toBe(milk !== null)
          expect(shared.each * shares).toBeCloseTo(shared.bowl, 6)
          expect(shared.low).toBeLessThan(shared.each)
          expect(shared.high).toBeGreaterThan(shared.each)
          // what the scale's step makes of it over all shares
          expect(Math.abs(shared.over * shared.bowl)).toBeLessThanOrEqual((resolution / 2) * shares + 1e-6)
        },
      ),
    )
  })
  it('has in it what was added besides the plan; of no weight, it is not all weighed', () => {
    const added = (grams: number | null): KeptEntry => ({
      by: 'Nell',
      entry: {
        kind: 'added',
        id: crypto.randomUUID(),
        at: '2026-11-27T08:00:00Z',
        ingredient: 'sugar',
        grams,
        why: 'thin',
      },
    })
    const all = [weighed('1', 200), weighed('2', 100)]
    const shared = (more: KeptEntry) => sharedOut(batchState(batchOf(), [...all, more]), 2)!
    expect(shared(added(20))).toMatchObject({ bowl: 320, isWeighed: true })
    expect(shared(added(null))).toMatchObject({ bowl: 300, isWeighed: false })
  })
  it('of nothing known is nothing, and into no half shares', () => {
    const none = { ...batchOf(), books: sampleWorkbook([], [sampleRecipe('top', [])]) }
    expect(sharedOut(batchState(none, []), 4)).toBeNull()
    expect(() => sharedOut(batchState(batchOf(), []), 1.5)).toThrow(RangeError)
  })
})

describe('the tins of a batch', () => {
  it.each([
    ['Grease and line a 20 cm square tin. Beat the eggs.', ['Grease and line a 20 cm square tin.']],
    [
      'Do not grease the tin, or it will not climb. Pour it into the tin.',
      ['Do not grease the tin, or it will not climb.'],
    ],
    ['Set paper cases in a muffin tray; whisk the oil.', ['Set paper cases in a muffin tray;']],
    ['Line up the jars. Cream butter and sugar.', []],
  ])('are made ready in the very words of the method: %s', (text, says) =>
    expect(tinsOf(batchOf({ steps: [{ text, when: 'bench' }] })).says).toEqual(says),
  )
  it('are as many as the batch needs, whole ones', () => {
    const tin = { shape: 'square' as const, side: 20, depth: 5 }
    expect(tinsOf(batchOf({ tin, tins: 2 }, 1.2))).toMatchObject({ name: '20 cm square', count: 3 })
    expect(tinsOf(batchOf({ tin }, 2))).toMatchObject({ count: 2 })
    expect(tinsOf(batchOf())).toMatchObject({ name: null, count: null })
  })
})

it('a part by itself is what its own lines weigh, wherever it goes; the bowl is not in it (property)', () => {
  const books = sampleWorkbook(
    [sampleIngredient('flour'), sampleIngredient('sugar'), sampleIngredient('plums')],
    [
      sampleRecipe('top', [
        { ...sampleLine('flour', 200), id: '1' },
        { ...sampleLine('part:filling', 150, { role: 'finish' }), id: '2' },
      ]),
      sampleRecipe(
        'filling',
        [
          { ...sampleLine('plums', 100), id: '1' },
          { ...sampleLine('sugar', 50), id: '2' },
        ],
        { name: 'Plum filling' },
      ),
    ],
  )
  fc.assert(
    fc.property(fc.integer({ min: 95, max: 105 }), fc.integer({ min: 1, max: 60 }), (plums, shares) => {
      const went = { ...weighed('1', plums), entry: { ...weighed('1', plums).entry, place: 'filling#1' } } as KeptEntry
      const state = batchState({ ...batchOf(), books }, [weighed('1', 200), went])
      expect(partsToShare(state)).toEqual([{ recipe: 'filling', name: 'Plum filling' }])
      const shared = sharedOut(state, shares, [], 'filling')!
      const sugar = state.items.find(one => one.ingredient === 'sugar')!.target!
      const weighs = state.items.find(one => one.ingredient === 'plums')!.done ? plums : 100
      expect(shared.each * shares).toBeCloseTo(weighs + sugar, 6)
      expect(shared.isWeighed).toBe(false)
      const all = sharedOut(state, shares)!
      expect(all.bowl).toBeGreaterThanOrEqual(200)
    }),
  )
})
