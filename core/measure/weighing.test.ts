import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { averageOf, edibleShare } from './weighing'

describe('weighing one’s own cup', () => {
  it('averages, and says how much the weighings scatter', () =>
    // deviations −4, 0, 4: variance 32 ÷ 2 = 16
    expect(averageOf([126, 130, 134])).toEqual({ mean: 130, scatter: 4, share: 4 / 130, doubt: null }))
  it('doubts weighings that lie far apart', () => expect(averageOf([110, 130, 150])!.doubt).toMatch(/scatter by 15 %/))
  it('wants two at least, and weights', () => {
    for (const weighings of [[], [130], [130, 0], [130, Number.NaN], [130, -2]]) expect(averageOf(weighings)).toBeNull()
  })
  it('lies between the least and the most', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 2, maxLength: 6 }), weighings => {
        const { mean, scatter } = averageOf(weighings)!
        expect(mean).toBeGreaterThanOrEqual(Math.min(...weighings) - 1e-9)
        expect(mean).toBeLessThanOrEqual(Math.max(...weighings) + 1e-9)
        expect(scatter).toBeGreaterThanOrEqual(0)
      }),
    )
  })
})
describe('the edible share', () => {
  it('is what is left of what was bought', () => expect(edibleShare(1250, 800)).toEqual({ share: 0.64 }))
  it('is never more than all', () => {
    expect(edibleShare(800, 1250)).toHaveProperty('problem')
    expect(edibleShare(0, 0)).toHaveProperty('problem')
  })
})
