// Weights of measures and tins as bakers know them. Common practice, no published source; tolerances as given with each.
import { baseArea, grams, type Tin, tinFactor, type UnitCode, unknownIngredient } from '@fair-tin/core'
import { describe, expect, it } from 'vitest'

const weight = (name: string, value: number, unit: UnitCode, size?: 'large') => {
  const result = grams({ value, unit, ...(size ? { size } : {}) }, unknownIngredient('x', name))
  return 'grams' in result ? result.grams : expect.fail(result.unknown)
}
const within = (value: number, wanted: number, tolerance: number) => {
  expect(value).toBeGreaterThanOrEqual(wanted * (1 - tolerance))
  expect(value).toBeLessThanOrEqual(wanted * (1 + tolerance))
}

describe('typical weights', () => {
  it.each([
    ['free-from plain flour blend', 1, 'cup', 136, 0.05],
    ['white sugar', 1, 'cup', 200, 0.02],
    ['plant butter', 0.5, 'cup', 112.7, 0.02],
    ['chopped dark chocolate', 1, 'cup', 170, 0.06],
    ['chocolate drops', 1 / 3, 'cup', 50, 0.15],
    ['coconut flour', 0.25, 'cup', 27, 0.06],
    ['erythritol blend', 0.25, 'cup', 43, 0.08],
    ['blanched almond flour', 1, 'cup', 104, 0.08],
    ['ground linseed', 1, 'tbsp', 7, 0.1],
  ] as const)('%s: %f %s is %f g', (name, value, unit, wanted, tolerance) =>
    within(weight(name, value, unit), wanted, tolerance),
  )
  it('fine salt, ⅛ tsp: 0.75 g within 0.3', () =>
    expect(Math.abs(weight('fine salt', 0.125, 'tsp') - 0.75)).toBeLessThanOrEqual(0.3))
  it('baking powder, ½ tsp: 2.3 to 3 g within 0.4', () =>
    within(weight('baking powder', 0.5, 'tsp'), 2.65, 0.35 / 2.65 + 0.15))
  it('a large egg: 50 g, its yolk 17 and white 33', () => {
    within(weight('egg', 1, 'each', 'large'), 50, 0.01)
    within(weight('egg yolk', 1, 'each', 'large'), 17, 0.1)
    within(weight('egg white', 1, 'each', 'large'), 33, 0.1)
    expect(weight('egg yolk', 1, 'each', 'large') + weight('egg white', 1, 'each', 'large')).toBeCloseTo(
      weight('egg', 1, 'each', 'large'),
      6,
    )
  })
  it('pinch, dash and splash: 0.3, 0.6 and 5 g', () =>
    expect((['pinch', 'dash', 'splash'] as const).map(unit => weight('salt', 1, unit))).toEqual([0.3, 0.6, 5]))
  it('guesses no weight for a name it does not know', () =>
    expect(grams({ value: 1, unit: 'cup' }, unknownIngredient('x', 'mesquite flour'))).toHaveProperty('unknown'))
})

describe('tins', () => {
  const inch = 2.54
  const square: Tin = { shape: 'square', side: 8 * inch, depth: 5 }
  const round: Tin = { shape: 'round', diameter: 9 * inch, depth: 5 }
  it('an 8 in square and a 9 in round hold the same within 1 %', () => {
    expect(Math.abs(tinFactor(square, round) - 1)).toBeLessThan(0.01)
    expect(baseArea(square) / inch ** 2).toBeCloseTo(64, 9)
    expect(baseArea(round) / inch ** 2).toBeCloseTo(63.6, 1)
  })
})
