import Big from 'big.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atMost, percent, toNearest, toPlaces, weighed } from './rounding'

describe('rounding', () => {
  it('rounds halves away from zero, in decimals', () => {
    expect(toPlaces(1.005, 2)).toBe('1.01')
    expect(toPlaces(0.285, 2)).toBe('0.29')
    expect(toPlaces(-1.005, 2)).toBe('-1.01')
    expect(toPlaces(0.1 + 0.2, 1)).toBe('0.3')
  })
  it('agrees with a decimal library on every written decimal', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9_999_999, max: 9_999_999 }),
        fc.integer({ min: 0, max: 4 }),
        fc.integer({ min: 0, max: 3 }),
        (digits, scale, places) => {
          const written = new Big(digits).div(10 ** scale)
          const exact = written.round(places, Big.roundHalfUp)
          expect(toPlaces(Number(written), places)).toBe((exact.eq(0) ? new Big(0) : exact).toFixed(places))
          if (places > 0)
            expect(toNearest(Number(written), 10 ** -places)).toBe((exact.eq(0) ? new Big(0) : exact).toFixed(places))
        },
      ),
      { numRuns: 2000 },
    )
  })
  it('takes off binary dust before it decides about a half', () => expect(toPlaces(2.4499999999999997, 1)).toBe('2.5'))
  it('rounds to the nearest step, with the decimals of the step', () => {
    expect(toNearest(12.4, 5)).toBe('10')
    expect(toNearest(12.5, 5)).toBe('15')
    expect(toNearest(0.25, 0.1)).toBe('0.3')
  })
  it('compares without binary dust', () => {
    expect(atMost(0.1 + 0.2, 0.3)).toBe(true)
    expect(atMost(0.3001, 0.3)).toBe(false)
  })
  it('shows weights as one can weigh them', () => {
    expect(weighed(0.34)).toBe('0.3 g')
    expect(weighed(9.96)).toBe('10 g')
    expect(weighed(408.4)).toBe('408 g')
    expect(weighed(999.6)).toBe('1.000 kg')
    expect(weighed(1252)).toBe('1.250 kg')
  })
  it('shows small shares with a decimal', () => {
    expect(percent(0.41)).toBe('41 %')
    expect(percent(0.004)).toBe('0.4 %')
    expect(percent(0)).toBe('0 %')
  })
})
