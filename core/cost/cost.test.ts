import Big from 'big.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { packInForce } from './cost'

const priced = (id: string, price: string, grams = 1000, change = {}) =>
  sampleIngredient(id, { packs: [{ grams, price, currency: 'GBP', from: '2026-01-01' }], ...change })
const costs = (ingredients: ReturnType<typeof priced>[], lines: ReturnType<typeof sampleLine>[], pieces = 10) =>
  assess(sampleWorkbook(ingredients, [sampleRecipe('top', lines, { pieces })]), 'cake', 'uk').cost

describe('costOf', () => {
  it('pays for what is bought, not for what is eaten', () => {
    const plums = priced('plums', '4.00', 2000, { measures: [{ ediblePart: 0.8 }] })
    expect(costs([plums], [sampleLine('plums', 400)])).toMatchObject({ total: '1', perPiece: '0.1', unknown: [] })
  })
  it('says what has no price, and never takes it as nothing', () => {
    const cost = costs(
      [priced('flour', '1.20'), sampleIngredient('saffron', { packs: [] })],
      [sampleLine('flour', 500), sampleLine('saffron', 1)],
    )
    expect(cost).toMatchObject({ total: '0.6', unknown: ['no price for saffron'] })
    expect(cost.lines[1]).toMatchObject({ ingredient: 'saffron', cost: null })
  })
  it('says what has no weight', () =>
    expect(costs([priced('flour', '1.20')], [sampleLine('flour', null)])).toMatchObject({
      total: '0',
      unknown: ['no weight of flour: no amount is written'],
    }))
  it('leaves out what is served beside', () =>
    expect(
      costs([priced('flour', '1.00')], [sampleLine('flour', 100), sampleLine('flour', 900, { role: 'beside' })]).total,
    ).toBe('0.1'))
  it('does not mix currencies', () =>
    expect(
      costs(
        [sampleIngredient('flour', { packs: [{ grams: 1, price: '1', currency: 'EUR', from: '2026-01-01' }] })],
        [sampleLine('flour', 1)],
      ).unknown,
    ).toEqual(['flour is priced in EUR, and there is no rate to GBP']))
  it('adds up exactly, in decimals', () => {
    const prices = fc.array(
      fc.record({ pence: fc.integer({ min: 0, max: 99999 }), grams: fc.integer({ min: 1, max: 5000 }) }),
      { minLength: 1, maxLength: 20 },
    )
    fc.assert(
      fc.property(prices, all => {
        const cost = costs(
          all.map(({ pence }, at) => priced(`i${at}`, (pence / 100).toFixed(2))),
          all.map(({ grams }, at) => sampleLine(`i${at}`, grams)),
          1,
        )
        const exact = all.reduce(
          (sum, { pence, grams }) => sum.plus(new Big(pence).div(100).times(grams).div(1000)),
          new Big(0),
        )
        expect(new Big(cost.total).minus(exact).abs().lte('0.000001')).toBe(true)
      }),
    )
  })
})
describe('packInForce', () => {
  const pack = (price: string, from: string, grams = 1000) => ({ grams, price, currency: 'GBP', from })
  it('takes the newest that has begun, and of several the cheapest by weight', () => {
    const flour = sampleIngredient('flour', {
      packs: [pack('9', '2026-01-01'), pack('3', '2026-02-01'), pack('2', '2026-02-01', 500), pack('1', '2027-01-01')],
    })
    expect(packInForce(flour, 'GBP', '2026-11-24')).toMatchObject({ price: '3' })
  })
  it('converts at the newest rate that has begun, exactly, and never without one', () => {
    const rates = [
      { currency: 'EUR', rate: '0.80', from: '2026-01-01' },
      { currency: 'EUR', rate: '0.85', from: '2026-06-01' },
      { currency: 'EUR', rate: '9', from: '2027-01-01' },
    ]
    const oil = sampleIngredient('oil', { packs: [{ ...pack('10.10', '2026-05-01'), currency: 'EUR' }] })
    expect(packInForce(oil, 'GBP', '2026-11-24', rates)).toMatchObject({ price: '8.585', currency: 'GBP' })
    expect(packInForce(oil, 'GBP', '2026-05-20', rates)).toMatchObject({ price: '8.08' })
    expect(packInForce(oil, 'GBP', '2026-11-24')).toHaveProperty('unknown')
  })
  it('knows no price from the future', () =>
    expect(packInForce(sampleIngredient('flour', { packs: [pack('1', '2027-01-01')] }), 'GBP', '2026-11-24')).toEqual({
      unknown: 'the price of flour is still to come',
    }))
})
