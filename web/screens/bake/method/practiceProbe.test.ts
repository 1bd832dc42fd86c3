import { doneAt } from '@fair-tin/core/batch'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { probeAt } from './practiceProbe'

describe('the practice probe', () => {
  it('rises toward the oven’s heat and no further, and is forecast from its first minutes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 140, max: 230 }), fc.double({ min: 0, max: 0.999, noNaN: true }), (oven, luck) => {
        const at = (minutes: number) => probeAt(minutes, oven, () => luck)
        const all = Array.from({ length: 60 }, (_, minutes) => at(minutes))
        for (const [minutes, { celsius }] of all.entries()) {
          expect(celsius).toBeLessThanOrEqual(Math.min(oven, 105) + 0.3)
          if (minutes > 0) expect(celsius).toBeGreaterThanOrEqual(all[minutes - 1]!.celsius - 0.11)
        }
        // 96 °C is there once 9 of 83 degrees are left: after 26 minutes
        const told = doneAt(all.slice(0, 15), oven, 96)!
        expect(told).toBeGreaterThan(23)
        expect(told).toBeLessThan(30)
      }),
    )
  })
})
