import Big from 'big.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Kitchen } from '../model/kitchen'
import type { Product } from '../model/product'
import type { FullCost } from './fullCost'
import { leaves, netPrice, suggestedPrice, taxOf, taxParts, toPricePoint, underFloor } from './price'

const twenty = { name: 'standard', rate: new Big('0.2'), included: true }
const cost: FullCost = {
  currency: 'GBP',
  parts: [],
  losses: null,
  total: '24',
  made: 48,
  sold: 48,
  perPiece: '0.5',
  perPack: '1',
  perBox: '6',
  foodPerPiece: '0.2',
  unknown: [],
  labourHours: 1,
  ovenHours: 1,
}
const product: Product = {
  id: 'p',
  name: 'p',
  recipe: 'r',
  netWeight: 100,
  pieces: 2,
  packsPerBox: 6,
  claims: [],
  markets: ['uk'],
  pricing: { by: 'margin', share: 0.6, floorMargin: 0.5, wholesale: 0.8 },
  tax: { uk: 'standard', eu: 'food' },
}
const kitchen: Pick<Kitchen, 'taxes' | 'pricePoint'> = {
  taxes: {
    uk: {
      included: true,
      rates: [
        { name: 'standard', percent: '20' },
        { name: 'zero', percent: '0' },
      ],
    },
    us: { included: false, rates: [] },
  },
  pricePoint: { step: '0.50', less: '0.05' },
}

describe('from cost to price', () => {
  it('margin, mark-up and food-cost share, as the trade uses the words', () => {
    expect(netPrice('1', '0.4', { by: 'margin', share: 0.6 })).toBe('2.5')
    expect(netPrice('1', '0.4', { by: 'markUp', share: 1.5 })).toBe('2.5')
    expect(netPrice('1', '0.75', { by: 'foodCost', share: 0.3 })).toBe('2.5')
    expect(netPrice('1', null, { by: 'foodCost', share: 0.3 })).toHaveProperty('unknown')
    expect(netPrice('1', '0.4', { by: 'margin', share: 1 })).toHaveProperty('unknown')
  })
  it('a margin of m is a mark-up of m ÷ (1 − m)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99_999 }), fc.integer({ min: 1, max: 95 }), (pence, percent) => {
        const m = percent / 100
        const [by, up] = [
          netPrice(String(pence / 100), null, { by: 'margin', share: m }),
          netPrice(String(pence / 100), null, { by: 'markUp', share: m / (1 - m) }),
        ] as [string, string]
        expect(Number(by) / Number(up)).toBeCloseTo(1, 6)
      }),
    )
  })
  it('goes up to the next price point, never down', () => {
    expect(toPricePoint('2.51', { step: '0.50', less: '0.05' })).toBe('2.95')
    expect(toPricePoint('2.45', { step: '0.50', less: '0.05' })).toBe('2.45')
    expect(toPricePoint('2.451', undefined)).toBe('2.46')
    expect(toPricePoint('3.00', { step: '1.00', less: '0.01' })).toBe('3.99')
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1_000_000 }),
        fc.constantFrom('0.01', '0.05', '0.10', '0.50', '1.00'),
        fc.constantFrom('0', '0.01', '0.05'),
        (mills, step, less) => {
          const wanted = new Big(mills).div(1000)
          const at = new Big(toPricePoint(wanted.toFixed(), { step, less }))
          expect(at.gte(wanted)).toBe(true)
          expect(at.minus(wanted).lte(step)).toBe(true)
          expect(at.plus(less).mod(step).eq(0)).toBe(true)
        },
      ),
    )
  })
})

describe('tax by her settings', () => {
  it('net and tax always add up to the gross', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000_000 }), fc.integer({ min: 0, max: 30 }), (pence, percent) => {
        const gross = (pence / 100).toFixed(2)
        const parts = taxParts(gross, { ...twenty, rate: new Big(percent).div(100) })
        expect(new Big(parts.net).plus(parts.tax).toFixed(2)).toBe(gross)
      }),
    )
  })
  it('is unknown where she has not said, never nothing', () => {
    expect(taxOf(kitchen, product, 'anz')).toEqual({ unknown: 'how this market taxes it (set it under Kitchen)' })
    expect(taxOf(kitchen, product, 'us')).toEqual({ unknown: 'which rate of tax it takes' })
    expect(taxOf({ taxes: { eu: { included: true, rates: [] } } }, product, 'eu')).toEqual({
      unknown: 'the rate “food” is no longer among the kitchen’s',
    })
  })
  it('included or on top, and zero-rated', () => {
    expect(leaves('2.40', '1', twenty)).toEqual({ net: '2.00', tax: '0.40', leaves: '1', margin: 0.5 })
    expect(leaves('2.00', '1', { ...twenty, included: false })).toEqual({
      net: '2.00',
      tax: '0.40',
      leaves: '1',
      margin: 0.5,
    })
    expect(leaves('2.00', '1', { ...twenty, rate: new Big(0) })).toMatchObject({ net: '2.00', tax: '0.00' })
    expect(leaves('0', '1', twenty)).toEqual({ net: '0.00', tax: '0.00', leaves: '-1', margin: null })
  })
})

describe('suggested prices', () => {
  const at = (tier: 'pack' | 'box' | 'wholesale', change: Partial<Product> = {}) =>
    suggestedPrice(cost, { ...product, ...change }, kitchen, 'uk', tier)
  it('a pack at 60 % margin: £2.50 net, £3.00 with tax, up to £3.45', () => {
    expect(at('pack')).toMatchObject({ cost: '1', price: '3.45', net: '2.88', tax: '0.57', leaves: '1.88' })
    expect(at('box')).toMatchObject({ cost: '6', price: '18.45' })
    expect(at('wholesale')).toMatchObject({ cost: '1', price: '2.45' })
  })
  it('keeps at least the margin asked for, whatever the point', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500_000 }), fc.integer({ min: 1, max: 90 }), (mills, percent) => {
        const perPack = (mills / 1000).toFixed(3)
        const found = suggestedPrice(
          { ...cost, perPack },
          { ...product, pricing: { by: 'margin', share: percent / 100 } },
          kitchen,
          'uk',
          'pack',
        )
        // to the penny that net is rounded to
        expect('margin' in found && Number(found.leaves)).toBeGreaterThanOrEqual(
          Number(perPack) / (1 - percent / 100) - Number(perPack) - 0.0051,
        )
      }),
    )
  })
  it('says what is missing', () => {
    const { pricing: _, ...unpriced } = product
    expect(suggestedPrice(cost, unpriced, kitchen, 'uk', 'pack')).toHaveProperty('unknown')
    const { packsPerBox: __, ...unboxed } = product
    expect(suggestedPrice({ ...cost, perBox: null }, unboxed, kitchen, 'uk', 'box')).toEqual({
      unknown: 'how many packs are in a box',
    })
    expect(at('wholesale', { pricing: { by: 'margin', share: 0.6 } })).toHaveProperty('unknown')
  })
  it('under the floor: which tier, and the least price point that keeps it', () => {
    expect(underFloor(cost, { ...product, prices: { pack: '2.30', wholesale: '2.45' } }, kitchen, 'uk')).toEqual([
      { tier: 'pack', margin: expect.closeTo(0.479, 3), floor: 0.5, price: '2.30', wanted: '2.45' },
    ])
    expect(underFloor(cost, product, kitchen, 'uk')).toEqual([])
    expect(underFloor(cost, { ...product, prices: { pack: '0' } }, kitchen, 'uk')).toEqual([
      { tier: 'pack', margin: null, floor: 0.5, price: '0', wanted: '2.45' },
    ])
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), mills => {
        const perPack = (mills / 1000).toFixed(3)
        for (const one of underFloor({ ...cost, perPack }, { ...product, prices: { pack: '0.01' } }, kitchen, 'uk')) {
          expect(leaves(one.wanted, perPack, twenty).margin).toBeGreaterThanOrEqual(0.5)
        }
      }),
    )
  })
})
