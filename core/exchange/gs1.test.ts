import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkDigit, Gtin, isGtin13, useOf } from '../model/gtin'
import { type Coded, elementString, readElementString } from './gs1'

const gtin = fc
  .array(fc.integer({ min: 0, max: 9 }), { minLength: 12, maxLength: 12 })
  .map(digits => `${digits.join('')}${checkDigit(digits.join(''))}`)
const day = fc
  .date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true })
  .map(one => one.toISOString().slice(0, 10))
const lot = fc.stringMatching(/^[A-Za-z0-9/._-]{1,20}$/)
const coded = fc
  .record({
    gtin,
    lot: fc.option(lot, { nil: undefined }),
    date: fc.option(day, { nil: undefined }),
    useBy: fc.boolean(),
  })
  .map(
    ({ gtin, lot, date, useBy }): Coded => ({
      gtin,
      ...(lot === undefined ? {} : { lot }),
      ...(date === undefined ? {} : { date, mark: useBy ? 'useBy' : 'bestBefore' }),
    }),
  )
/** As a scanner gives it: no brackets. */
const scanned = (text: string) => text.replace(/\((\d\d)\)/g, '$1')

describe('an article number', () => {
  // the worked example of GS1's check digit calculator, from memory: 629104150021 and 3
  it('ends in its check digit', () => expect(checkDigit('629104150021')).toBe(3))
  it('a digit read wrong, or two neighbours exchanged, is told nearly always', () => {
    fc.assert(
      fc.property(gtin, fc.nat(12), fc.integer({ min: 1, max: 9 }), (number, at, by) => {
        const wrong = [...number]
        wrong[at] = String((Number(wrong[at]) + by) % 10)
        expect(isGtin13(wrong.join(''))).toBe(false)
      }),
    )
  })
  it.each(['123', '12345678901234', '6291041500214', 'x291041500213'])('%s is none', text =>
    expect(Gtin.safeParse(text).success).toBe(false),
  )
  it.each([
    ['0201234567899', 'restricted'],
    ['2991234567890', 'restricted'],
    ['0401234567890', 'inCompany'],
    ['0491234567890', 'inCompany'],
    ['0501234567890', 'everywhere'],
    ['5012345678900', 'everywhere'],
    ['3001234567890', 'everywhere'],
  ] as const)('%s may be used %s', (text, use) => expect(useOf(text)).toBe(use))
})

describe('what a code says', () => {
  it('written and read is the same', () => {
    fc.assert(
      fc.property(coded, one => {
        const written = elementString(one)
        if ('problem' in written) throw new Error(written.problem)
        for (const begin of ['', ']Q3', '\u001d']) expect(readElementString(begin + scanned(written.text))).toEqual(one)
      }),
    )
  })
  it('in any order, with an end where another field follows', () =>
    expect(readElementString('10L26\u001d010629104150021317261203')).toEqual({
      gtin: '6291041500213',
      lot: 'L26',
      mark: 'useBy',
      date: '2026-12-03',
    }))
  it.each(['', 'https://example.invalid', '0106291041500214', '01062910415002131513', '99x', '0106291041500213159913'])(
    '“%s” is none',
    text => expect(readElementString(text)).toBeNull(),
  )
  it('a lot with a space, or too long, is refused in words', () => {
    for (const lot of ['L 26', 'x'.repeat(21), 'Ł1', 'A(17)991231', ''])
      expect(elementString({ gtin: '6291041500213', lot })).toHaveProperty('problem')
  })
})
