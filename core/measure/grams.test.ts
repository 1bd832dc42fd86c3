import { describe, expect, it } from 'vitest'
import { sampleIngredient } from '../../tests/fixtures/sample'
import { grams } from './grams'

const flour = sampleIngredient('mystery flour', {
  measures: [
    { gramsPerMl: 0.55, method: 'spooned' },
    { form: 'ground', gramsPerMl: 0.4 },
    { ediblePart: 0.9, each: { medium: 44, large: 50 } },
  ],
})
const known = (result: ReturnType<typeof grams>) => ('grams' in result ? result : expect.fail(result.unknown))

describe('grams', () => {
  it('takes a mass as it is', () =>
    expect(known(grams({ value: 1, unit: 'lb' }, flour))).toMatchObject({ estimate: false, grams: 453.59237 }))
  it('takes a volume by the larder’s own weight, under the cup in force', () => {
    expect(known(grams({ value: 1, unit: 'cup' }, flour)).grams).toBeCloseTo(130.1, 1)
    expect(known(grams({ value: 1, unit: 'cup' }, flour, { cup: 'metric' })).grams).toBeCloseTo(137.5, 6)
    expect(known(grams({ value: 1, unit: 'tbsp' }, flour, { spoon: 'au' })).grams).toBeCloseTo(11, 6)
    expect(known(grams({ value: 1, unit: 'cup' }, flour)).how).toMatch(/spooned, from the larder/)
  })
  it('prefers the measure of the form', () =>
    expect(known(grams({ value: 100, unit: 'ml' }, flour, {}, 'ground')).grams).toBeCloseTo(40, 9))
  it('counts pieces by size', () => {
    expect(known(grams({ value: 3, unit: 'each', size: 'large' }, flour)).grams).toBe(150)
    expect(known(grams({ value: 1, unit: 'each' }, flour)).grams).toBe(44)
  })
  it('takes the middle of a range, and says so', () =>
    expect(known(grams({ value: 2, upTo: 3, unit: 'g' }, flour))).toEqual({
      grams: 2.5,
      estimate: true,
      how: 'written as a weight, the middle of 2 to 3',
    }))
  it('marks pinch, dash and splash as estimates', () =>
    expect(known(grams({ value: 2, unit: 'pinch' }, flour))).toMatchObject({ grams: 0.6, estimate: true }))
  it('never guesses a weight', () => {
    const bare = sampleIngredient('teff flour', { measures: [] })
    expect(grams({ value: 1, unit: 'cup' }, bare)).toEqual({ unknown: 'no weight per cup for teff flour' })
    expect(grams({ value: 2, unit: 'each' }, bare)).toEqual({ unknown: 'no weight for a piece of teff flour' })
    expect(
      grams(
        { value: 1, unit: 'each' },
        sampleIngredient('mango', { measures: [{ each: { medium: 300 } }] }),
        {},
        'zest',
      ),
    ).toEqual({
      unknown: 'no weight for the zest of one mango',
    })
    expect(grams({ value: Number.NaN, unit: 'g' }, bare)).toHaveProperty('unknown')
  })
  it('never takes a slice of lemon, or a punnet of strawberries, for one of them', () => {
    const lemons = sampleIngredient('lemons', { measures: [{ each: { medium: 100 } }] })
    expect(grams({ value: 2, unit: 'each' }, lemons, {}, 'slice')).toEqual({
      unknown: 'no weight for a slice of lemons',
    })
    const sliced = { ...lemons, measures: [...lemons.measures, { form: 'slice', each: { medium: 8 } }] }
    expect(known(grams({ value: 2, unit: 'each' }, sliced, {}, 'slice')).grams).toBe(16)
    // a spray of release spray is one of it
    const spray = sampleIngredient('release spray', { measures: [{ each: { medium: 2 } }] })
    expect(known(grams({ value: 4, unit: 'each' }, spray, {}, 'spray')).grams).toBe(8)
  })
  it('takes the zest of a lemon for a few grams, never for a lemon', () => {
    const lemons = sampleIngredient('lemons', { measures: [{ each: { medium: 100 } }] })
    expect(known(grams({ value: 2, unit: 'each' }, lemons, {}, 'zest')).grams).toBe(12)
    expect(known(grams({ value: 2, unit: 'each' }, lemons)).grams).toBe(200)
    const weighedOut = sampleIngredient('lemons', {
      measures: [{ each: { medium: 100 } }, { form: 'zest', each: { medium: 5 } }],
    })
    expect(known(grams({ value: 2, unit: 'each' }, weighedOut, {}, 'zest')).grams).toBe(10)
  })
  it('uses a typical value only for a thing in the table, and says to weigh', () =>
    expect(known(grams({ value: 1, unit: 'cup' }, sampleIngredient('caster sugar', { measures: [] }))).how).toMatch(
      /typical value: weigh your own/,
    ))
})
