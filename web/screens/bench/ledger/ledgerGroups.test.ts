import type { Line } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'
import { scaled } from './ledgerGroups'

const line = (value: number, unit: 'tbsp' | 'ml' | 'each' | 'g', change: Partial<Line> = {}): Line => ({
  id: 'l',
  of: { ingredient: 'water' },
  amount: { value, unit },
  role: 'mix',
  ...change,
})

describe('a written amount for a batch', () => {
  it('is what was written, so many times', () => {
    expect(scaled(line(540, 'g'), 2.7)).toBe('1458 g')
    expect(scaled(line(1.5, 'tbsp'), 2)).toBe('3 tbsp')
    expect(scaled(line(2, 'each', { plus: [{ value: 1, unit: 'tbsp' }] }), 0.5)).toBe('1 + ½ tbsp')
    expect(scaled(line(1, 'ml', { amount: null }), 3)).toBe('not said')
  })
  it('of a part is no finer than anybody would write it', () => {
    expect([12.74, 0.1274, 0.3802].map(value => scaled(line(value, 'tbsp'), 1, true))).toEqual([
      '13 tbsp',
      '0.13 tbsp',
      '0.38 tbsp',
    ])
    expect(scaled(line(100, 'ml'), 12.3456, true)).toBe('1235 ml')
  })
})
