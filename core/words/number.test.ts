import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { commaDoubt, readDecimal, typedDecimal, typedNumber } from './number'

describe('a number typed into a field', () => {
  it.each([
    ['3', 3],
    ['3.40', 3.4],
    ['3,40', 3.4],
    [' 12 % ', 12],
    ['£1,234.50', 1234.5],
    ['1.234,50 €', 1234.5],
    ['1,234,567', 1_234_567],
    ['1 000', 1000],
    ['1’000', Number.NaN],
    ['0,125', 0.125],
    ['1.250', 1.25],
    ['½', 0.5],
    ['1½', 1.5],
    ['1 1/2', 1.5],
    ['-5', -5],
    ['−2,5', -2.5],
    ['', Number.NaN],
    ['a', Number.NaN],
    ['lots', Number.NaN],
    ['1.2.3', Number.NaN],
    ['1e9', 1e9],
    ['NaN', Number.NaN],
    ['Infinity', Number.NaN],
    ['0x10', Number.NaN],
  ])('“%s” is %d', (text, value) => expect(typedNumber(text)).toBe(value))
  it.each([
    ['1,000', '“1,000” could be 1000 or 1.0: write the one you mean.'],
    ['12,500 g', '“12,500” could be 12500 or 12.5: write the one you mean.'],
  ])('“%s” is asked about, and taken for neither', (text, asks) => {
    expect(commaDoubt(text)).toBe(asks)
    expect(typedNumber(text.replace(/ g$/, ''))).toBeNaN()
    expect(typedDecimal(text.replace(/ g$/, ''))).toBeNull()
  })
  it('is what the machine’s own writing of it says, with point or comma, wherever that cannot be two things', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000_000 }), fc.integer({ min: 0, max: 4 }), (whole, places) => {
        const value = whole / 10 ** places
        const text = value.toFixed(places)
        expect(typedNumber(text)).toBe(value)
        const comma = text.replace('.', ',')
        if (commaDoubt(comma) === '') expect(typedNumber(comma)).toBe(value)
        else expect(comma).toMatch(/^[1-9]\d{0,2},\d{3}$/)
        // as a British and as a German page shows it
        const british = value.toLocaleString('en-GB', { minimumFractionDigits: places })
        if (commaDoubt(british) === '') expect(typedNumber(british)).toBe(value)
      }),
    ))
  it('of a price list stays an exact decimal, whatever its marks', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999_999 }), cents => {
        const plain = (cents / 100).toFixed(2)
        for (const locale of ['en-GB', 'de-DE', 'fr-FR', 'de-CH'])
          expect(
            readDecimal((cents / 100).toLocaleString(locale, { minimumFractionDigits: 2 }).replace('’', "'")),
          ).toBe(plain)
      }),
    ))
})
