import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Amount, type UnitCode, unitCodes } from '../model/unit'
import { writtenAmount } from '../recipe/writtenAmount'
import { plainly, readNumber } from '../words/number'
import { readAmount } from './quantity'

const number = (text: string) => readNumber(plainly(text))?.value
describe('readNumber', () => {
  it.each([
    ['½', 0.5],
    ['1½', 1.5],
    ['1 ½', 1.5],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['1 and 1/2', 1.5],
    ['⅔', 2 / 3],
    ['3/4', 0.75],
    ['1,5', 1.5],
    ['1,000', 1000],
    ['1.250', 1.25],
    ['.5', 0.5],
    ['1⁄8', 0.125],
    ['half', 0.5],
    ['half a', 0.5],
    ['three quarters of a', 0.75],
    ['one and a half', 1.5],
    ['a dozen', 12],
    ['two', 2],
    ['a couple of', 2],
  ])('%s', (text, value) => expect(number(text)).toBeCloseTo(value, 9))
  it.each(['apple', 'halve', 'ton', 'onion', ''])('sees no number in %j', text => expect(number(text)).toBeUndefined())
})

describe('readAmount', () => {
  const amount = (text: string) => readAmount(plainly(text))?.amount
  it('reads units however they are written', () => {
    for (const text of ['2 tbsp', '2 Tbsp.', '2 tablespoons', '2 T ', '2 tblsp'])
      expect(amount(text), text).toEqual({ value: 2, unit: 'tbsp' })
    for (const text of ['1 tsp', '1 t ', '1 teaspoonful']) expect(amount(text), text).toEqual({ value: 1, unit: 'tsp' })
    expect(amount('225g')).toEqual({ value: 225, unit: 'g' })
    expect(amount('3 fl oz')).toEqual({ value: 3, unit: 'floz' })
  })
  it('does not take a word that only begins like a unit', () =>
    expect(amount('2 grapes')).toEqual({ value: 2, unit: 'each' }))
  it('reads ranges, sizes and packs', () => {
    expect(amount('2–3 tbsp')).toEqual({ value: 2, upTo: 3, unit: 'tbsp' })
    expect(amount('3 large eggs')).toEqual({ value: 3, unit: 'each', size: 'large' })
    expect(amount('2 x 400 g tins')).toEqual({ value: 800, unit: 'g' })
    expect(amount('1 sachet (7 g)')).toEqual({ value: 7, unit: 'g' })
  })
  it('reads back what writtenAmount writes', () => {
    const units = unitCodes.filter((unit): unit is UnitCode => unit !== 'each')
    const amounts = fc.record({
      value: fc.integer({ min: 1, max: 4000 }).map(n => n / 8),
      unit: fc.constantFrom(...units),
    })
    fc.assert(
      fc.property(amounts, (one: Amount) => {
        const back = readAmount(plainly(writtenAmount(one)))!.amount
        expect(back.unit).toBe(one.unit)
        expect(Math.abs(back.value / one.value - 1)).toBeLessThan(5e-4)
      }),
    )
  })
})
