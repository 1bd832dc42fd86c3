import { describe, expect, it } from 'vitest'
import { rulesAsRead } from './market'
import { acceptable } from './tolerance'

describe('what a laboratory may find', () => {
  // Commission guidance on tolerances, December 2012, table 1, from memory: each step at its edges
  it.each([
    ['carbohydrate', 9.94, '9.9', 7.9, 11.9],
    ['carbohydrate', 10, '10', 8, 12],
    ['carbohydrate', 40, '40', 32, 48],
    ['carbohydrate', 41, '41', 33, 49],
    ['sugars', 5, '5.0', 3, 7],
    ['protein', 50, '50', 42, 58],
    ['fibre', 6, '6.0', 4, 8],
    ['fat', 9, '9.0', 7.5, 10.5],
    ['fat', 30, '30', 24, 36],
    ['fat', 60, '60', 52, 68],
    ['saturates', 3.9, '3.9', 3.1, 4.7],
    ['saturates', 4, '4.0', 3.2, 4.8],
    ['salt', 1, '1.0', 0.625, 1.375],
    ['salt', 2, '2.0', 1.6, 2.4],
  ] as const)('%s of %d g per 100 g: declared %s, %d to %d', (nutrient, value, declared, low, high) => {
    for (const market of ['uk', 'eu'] as const) {
      const found = acceptable(rulesAsRead(market), nutrient, value)!
      expect(found.declared).toBe(declared)
      expect(found.low).toBeCloseTo(low, 4)
      expect(found.high).toBeCloseTo(high, 4)
    }
  })
  // 21 CFR 101.9(g)(4) and (5), from memory
  it('in the United States too much of some, too little of others', () => {
    const us = rulesAsRead('us')
    expect(acceptable(us, 'fat', 8)).toMatchObject({ declared: '8', low: null })
    expect(acceptable(us, 'fat', 8)!.high).toBeCloseTo(9.6, 4)
    expect(acceptable(us, 'protein', 5)).toMatchObject({ declared: '5', high: null })
    expect(acceptable(us, 'protein', 5)!.low).toBeCloseTo(4, 4)
    // declared 0: 120 % of nothing is nothing, and what prints as 0 is not wrong
    expect(acceptable(us, 'sodiumMg', 2)!.high).toBeCloseTo(5, 4)
  })
  it('where a market names no figures there are none', () => {
    expect(acceptable(rulesAsRead('anz'), 'fat', 8)).toBeNull()
    expect(acceptable(rulesAsRead('uk'), 'energyKj', 1500)).toBeNull()
  })
})
