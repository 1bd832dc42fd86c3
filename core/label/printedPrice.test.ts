import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rulesAsRead } from '../market/market'
import { marketCodes } from '../model/market'
import { printedPrice } from './printedPrice'

const [uk, us] = [rulesAsRead('uk'), rulesAsRead('us')]
const sold = { netWeight: 400, printPrice: ['uk' as const, 'us' as const], prices: { pack: '3.20' } }

describe('the price on a label', () => {
  it('stands with what a kilogram costs where the market asks for that (Directive 98/6/EC, Art. 3)', () => {
    expect(printedPrice(sold, 'GBP', uk)).toBe('£3.20 (£8.00 per kg)')
    expect(printedPrice(sold, 'USD', us)).toBe('$3.20')
  })
  it('is on no label where nobody wants it, or nobody has said one', () => {
    for (const market of marketCodes) {
      expect(printedPrice({ ...sold, printPrice: [] }, 'GBP', rulesAsRead(market))).toBeNull()
      expect(printedPrice({ ...sold, printPrice: [market], prices: {} }, 'GBP', rulesAsRead(market))).toBeNull()
    }
  })
  it('of so many grams, times the pack, is the price again but for half a penny a unit (property)', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), fc.integer({ min: 20, max: 5000 }), (pennies, netWeight) => {
        const text = printedPrice({ ...sold, netWeight, prices: { pack: (pennies / 100).toFixed(2) } }, 'GBP', uk)!
        const perKg = Number(/\(£([\d.]+) per kg\)/.exec(text)![1])
        expect(Math.abs((perKg * netWeight) / 1000 - pennies / 100)).toBeLessThanOrEqual(
          (0.005 * netWeight) / 1000 + 1e-9,
        )
      }),
    ))
})
