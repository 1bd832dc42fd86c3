import { billOf } from '@fair-tin/core/recipe'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from '../../../../demo/workbook'
import { bandsOf } from './Ribbon'

describe('the ribbon', () => {
  it('holds the whole batch, largest first, each band where the last one ends', () => {
    const workbook = demoWorkbook('2026-11-24')
    for (const recipe of workbook.recipes) {
      const bill = billOf(workbook, recipe.id)
      const bands = bandsOf(bill, id => id)
      expect(bands.reduce((sum, band) => sum + band.grams, 0)).toBeCloseTo(bill.ingoing, 6)
      for (const [at, band] of bands.entries()) {
        const before = bands[at - 1]
        expect(band.from).toBeCloseTo(before ? before.from + before.grams : 0, 6)
        if (before) expect(band.grams).toBeLessThanOrEqual(before.grams)
      }
      expect(new Set(bands.map(band => band.key)).size).toBe(bands.length)
    }
  })
})
