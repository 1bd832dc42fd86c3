// Pounds and ounces by the avoirdupois pound of exactly 453.59237 g (international yard and pound agreement, 1959).
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rulesAsRead } from './market'
import { dayIn, namedIn, quantityIn } from './wording'

const us = rulesAsRead('us').words
const uk = rulesAsRead('uk').words
const poundInGrams = 453.59237

describe('a net quantity', () => {
  it.each([
    [7.25, '7.3 g'],
    [9.94, '9.9 g'],
    [9.95, '10 g'],
    [400.4, '400 g'],
    [999.4, '999 g'],
    [999.5, '1 kg'],
    [1200, '1.2 kg'],
    [1234.4, '1.234 kg'],
  ])('of %d g is %s', (grams, printed) => expect(quantityIn(uk, grams)).toBe(printed))
  it.each([
    [20, 'Net Wt 0.71 oz (20 g)'],
    [26.9, 'Net Wt 0.95 oz (27 g)'],
    [27, 'Net Wt 1 oz (27 g)'],
    [400, 'Net Wt 14.1 oz (400 g)'],
    [poundInGrams, 'Net Wt 16 oz (1 lb) 454 g'],
    [2 * poundInGrams, 'Net Wt 32 oz (2 lb) 907 g'],
    [500, 'Net Wt 17.6 oz (1 lb 1.6 oz) 500 g'],
    [1200, 'Net Wt 42.3 oz (2 lb 10.3 oz) 1.2 kg'],
  ])('of %d g is %s in pounds and ounces', (grams, printed) => expect(quantityIn(us, grams)).toBe(printed))
  it('reads back as what was weighed, to the last figure it prints', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500_000 }), tenths => {
        const grams = tenths / 10
        const printed = quantityIn(us, grams)
        const [, ounces, lb, rest, metric, unit] =
          /^Net Wt ([\d.]+) oz \((?:(\d+) lb(?: ([\d.]+) oz)?\) )?([\d.]+) (k?g)\)?$/.exec(printed)!
        const step = Number(ounces) < 1 ? 0.01 : 0.1
        expect(Math.abs(Number(ounces) - (grams * 16) / poundInGrams)).toBeLessThanOrEqual(step / 2 + 1e-9)
        if (lb !== undefined) expect(Number(lb) * 16 + Number(rest ?? 0)).toBeCloseTo(Number(ounces), 9)
        expect(lb === undefined).toBe(Number(ounces) < 16)
        expect(Number(rest ?? 0)).toBeLessThan(16)
        const inGrams = Number(metric) * (unit === 'kg' ? 1000 : 1)
        expect(Math.abs(inGrams - grams)).toBeLessThanOrEqual(
          (unit === 'kg' ? 5 : Number(metric) < 10 ? 0.05 : 0.5) + 1e-9,
        )
      }),
    )
  })
})

describe('a date', () => {
  it.each([
    [uk, '2026-11-07', '7 November 2026'],
    [us, '2027-01-31', 'January 31, 2027'],
  ])('is said as its market says it', (words, iso, said) => expect(dayIn(words, iso)).toBe(said))
})

describe('a name', () => {
  it('is the one of its market, whole words only, the longest first, in whatever letters', () => {
    expect(namedIn(us, 'Light Muscovado sugar, treacle, cornflour')).toBe('brown sugar, molasses, cornstarch')
    expect(namedIn(us, 'black treacle and treacled')).toBe('molasses and treacled')
    expect(namedIn(uk, 'Baking Soda')).toBe('sodium bicarbonate')
    expect(namedIn({ ...uk, names: {} }, 'baking soda')).toBe('baking soda')
  })
  it('each stands for what it is given for, and nothing else is touched', () => {
    for (const words of [us, uk])
      for (const [other, here] of Object.entries(words.names)) {
        expect(namedIn(words, `12 g ${other}; salt`)).toBe(`12 g ${here}; salt`)
        expect(namedIn(words, `x${other}x`)).toBe(`x${other}x`)
      }
  })
})
