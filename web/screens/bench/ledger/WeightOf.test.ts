import { grams } from '@fair-tin/core/measure'
import { type UnitCode, unknownIngredient } from '@fair-tin/core/model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { withWeighing } from './WeightOf'

const bare = unknownIngredient('x', 'mesquite flour')
describe('a weighing at the bench', () => {
  it('is what the measure then weighs, in the cup and spoon of the recipe', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        fc.constantFrom<UnitCode>('cup', 'tbsp', 'tsp', 'ml', 'each'),
        fc.constantFrom('us' as const, 'metric' as const, 'imperial' as const),
        fc.constantFrom(undefined, 'grated', 'zest'),
        (weight, unit, cup, form) => {
          const line = { amount: { value: 3, unit }, ...(form ? { form } : {}) }
          const measures = withWeighing(bare.measures, line, weight, { cup })!
          const now = grams({ value: 3, unit }, { ...bare, measures }, { cup }, form)
          expect('grams' in now && now.grams).toBeCloseTo(3 * weight, 6)
        },
      ),
    )
  })
  it('is none of what is no measure, or no weight', () => {
    expect(withWeighing([], { amount: null }, 10, {})).toBeNull()
    expect(withWeighing([], { amount: { value: 1, unit: 'pinch' } }, 10, {})).toBeNull()
    for (const wrong of [0, -1, Number.NaN])
      expect(withWeighing([], { amount: { value: 1, unit: 'cup' } }, wrong, {})).toBeNull()
  })
})
