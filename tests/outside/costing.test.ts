// Costing against the outside. Yield-based food costing: the rule "edible-portion cost = as-purchased cost ÷ yield", as in
// Francis T. Lynch, The Book of Yields (figures from memory, checked as arithmetic only). VAT: HM Revenue & Customs, VAT
// guide (Notice 700), the VAT fraction: 1/6 of a gross price at 20 %, 1/21 at 5 %. Whole packs: brute force. Sums: big.js.
import {
  billOf,
  cheapestPacks,
  costOf,
  fullCostOf,
  leaves,
  type Product,
  type Recipe,
  shoppingFor,
  taxParts,
  unknownIngredient,
  type Workbook,
} from '@fair-tin/core'
import Big from 'big.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'

const today = '2026-11-25'
const bought = (name: string, ediblePart: number, grams: number, price: string) => ({
  ...unknownIngredient(name, name),
  measures: [{ ediblePart }],
  packs: [{ grams, price, currency: 'GBP', from: '2026-01-01' }],
})
const book = (
  ingredients: Workbook['ingredients'],
  lines: [string, number][],
  product: Partial<Product> = {},
): Workbook => {
  const recipe: Recipe = {
    id: 'r',
    version: 1,
    name: 'r',
    steps: [],
    pieces: 10,
    lines: lines.map(([id, value], at) => ({
      id: String(at),
      of: { ingredient: id },
      amount: { value, unit: 'g' },
      role: 'mix',
    })),
  }
  return {
    products: [{ id: 'p', name: 'p', recipe: 'r', netWeight: 100, pieces: 1, claims: [], markets: ['uk'], ...product }],
    recipes: [recipe],
    ingredients,
    kitchen: { currency: 'GBP', crossContact: [] },
    evidence: [],
    today,
  }
}

describe('edible-portion cost', () => {
  // name, yield, as-purchased price of a kilogram, edible grams, cost
  it.each([
    ['carrots', 0.81, '1.20', 405, '0.6'],
    ['apples', 0.78, '2.34', 390, '1.17'],
    ['pineapple', 0.52, '2.60', 260, '1.3'],
  ] as const)('%s at a yield of %f', (name, share, price, grams, wanted) => {
    const workbook = book([bought(name, share, 1000, price)], [[name, grams]])
    expect(costOf(billOf(workbook, 'r'), workbook, 10).total).toBe(wanted)
  })
})

describe('the VAT fraction', () => {
  it('a sixth of the gross at 20 %, a twenty-first at 5 %, to the penny', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1_000_000 }),
        fc.constantFrom([20, 6] as const, [5, 21] as const),
        (pence, [percent, fraction]) => {
          const gross = new Big(pence).div(100)
          const { tax } = taxParts(gross.toFixed(2), { name: 'x', rate: new Big(percent).div(100), included: true })
          expect(new Big(tax).minus(gross.div(fraction)).abs().lte('0.005')).toBe(true)
        },
      ),
    )
  })
  it('£1.20 at 20 % is £1.00 and 20p', () =>
    expect(leaves('1.20', '0', { name: 'x', rate: new Big('0.2'), included: true })).toMatchObject({
      net: '1.00',
      tax: '0.20',
    }))
})

describe('sums of money', () => {
  it('are those of a decimal library, whatever binary would make of them', () => {
    const prices = fc.array(
      fc.tuple(
        fc.integer({ min: 1, max: 999_999 }),
        fc.integer({ min: 1, max: 25_000 }),
        fc.integer({ min: 1, max: 9999 }),
      ),
      { minLength: 1, maxLength: 12 },
    )
    fc.assert(
      fc.property(prices, all => {
        const ingredients = all.map(([pence, grams], at) => bought(`i${at}`, 1, grams, (pence / 100).toFixed(2)))
        const cost = fullCostOf(
          book(
            ingredients,
            all.map(([, , grams], at) => [`i${at}`, grams]),
          ),
          'p',
        )
        const exact = all.reduce(
          (sum, [pence, pack, grams]) =>
            sum.plus(new Big(pence).div(100).times(grams).div(pack).round(6, Big.roundHalfUp)),
          new Big(0),
        )
        expect(cost.total).toBe(exact.toFixed())
      }),
    )
  })
})

describe('whole packs', () => {
  /** Every combination up to what one kind alone would take. */
  function brute(packs: { grams: number; price: string }[], grams: number): { price: Big; weight: number } {
    let best: { price: Big; weight: number } | null = null
    const most = packs.map(pack => Math.ceil(grams / pack.grams))
    const go = (at: number, weight: number, price: Big): void => {
      if (weight >= grams) {
        if (!best || price.lt(best.price) || (price.eq(best.price) && weight < best.weight)) best = { price, weight }
        return
      }
      if (at === packs.length) return
      for (let count = 0; count <= most[at]!; count++)
        go(at + 1, weight + count * packs[at]!.grams, price.plus(new Big(packs[at]!.price).times(count)))
    }
    go(0, 0, new Big(0))
    return best!
  }
  it('are the cheapest there are, by brute force over small cases', () => {
    const pack = fc.record({
      grams: fc.integer({ min: 50, max: 3000 }),
      price: fc.integer({ min: 10, max: 3000 }).map(pence => (pence / 100).toFixed(2)),
    })
    fc.assert(
      fc.property(fc.array(pack, { minLength: 1, maxLength: 3 }), fc.integer({ min: 1, max: 4000 }), (packs, grams) => {
        const found = cheapestPacks(packs, grams)!
        const price = found.reduce((sum, one) => sum.plus(new Big(one.pack.price).times(one.count)), new Big(0))
        const weight = found.reduce((sum, one) => sum + one.pack.grams * one.count, 0)
        const least = brute(packs, grams)
        expect(weight).toBeGreaterThanOrEqual(grams)
        expect(price.toFixed(2)).toBe(least.price.toFixed(2))
        expect(weight).toBe(least.weight)
      }),
      { numRuns: 150 },
    )
  })
  it('none for nothing, and none without a pack', () => {
    expect(cheapestPacks([], 0)).toEqual([])
    expect(cheapestPacks([], 5)).toBeNull()
  })
  it('by hand: 2.6 kg from 1 kg at £3 and 2.5 kg at £6: three of one, as a big one and a small one cost as much', () => {
    const packs = [
      { grams: 1000, price: '3.00' },
      { grams: 2500, price: '6.00' },
    ]
    expect(cheapestPacks(packs, 2600)).toEqual([{ pack: packs[0], count: 3 }])
  })
})

describe('shopping', () => {
  const flour = { ...bought('flour', 1, 1000, '3.00'), standsFor: 'rice flour' }
  const cheap = { ...bought('cheap flour', 1, 1000, '1.00'), standsFor: 'rice flour' }
  it('buys what is missing, of the cheapest article that keeps every claim', () => {
    // nothing is claimed: the cheap one does
    const [line] = shoppingFor(book([flour, cheap], [['flour', 900]]), [{ product: 'p', factor: 3 }], {
      flour: 500,
    }).purchases
    expect(line).toMatchObject({
      needed: 2700,
      stock: 500,
      toBuy: 2200,
      over: 800,
      choices: [{ ingredient: 'cheap flour', count: 3, price: '3' }],
    })
  })
  it('never one that a claim would not survive', () => {
    const proven = {
      ...flour,
      allergens: { milk: { status: 'free' as const, evidence: 'e' } },
      evidence: [{ id: 'e', kind: 'specification' as const, reference: 'x', dated: '2026-01-01' }],
    }
    const kitchen = {
      currency: 'GBP',
      crossContact: [{ allergen: 'milk' as const, control: 'notOnSite' as const, evidence: 'k' }],
    }
    const workbook = {
      ...book([proven, cheap], [['flour', 900]], { claims: ['dairyFree'] }),
      kitchen,
      evidence: [{ id: 'k', kind: 'specification' as const, reference: 'k', dated: '2026-01-01' }],
    }
    const [line] = shoppingFor(workbook, [{ product: 'p', factor: 1 }]).purchases
    expect(line!.choices.map(one => one.ingredient)).toEqual(['flour'])
  })
  it('never one that a label would not survive: what is in it is declared even where nothing is claimed', () => {
    const kitchen = { currency: 'GBP', crossContact: [{ allergen: 'milk' as const, control: 'notOnSite' as const }] }
    for (const status of ['mayContain', 'contains'] as const) {
      const own = { ...flour, allergens: { milk: { status: 'free' as const } } }
      const other = { ...cheap, allergens: { milk: { status } } }
      const chosen = (first: typeof flour) =>
        shoppingFor({ ...book([first, other], [['flour', 900]]), kitchen }, [
          { product: 'p', factor: 1 },
        ]).purchases[0]!.choices.map(one => one.name)
      expect(chosen(own)).toEqual(['flour'])
      // where it is declared already, the cheap one changes nothing
      expect(chosen({ ...flour, allergens: { milk: { status } } })).toEqual(['cheap flour'])
    }
  })
  it('takes parts from the shelf before it buys for them', () => {
    const base = book([flour], [['flour', 0]])
    const line = (id: string, of: Recipe['lines'][number]['of'], value: number) => ({
      id,
      of,
      amount: { value, unit: 'g' as const },
      role: 'mix' as const,
    })
    const recipes: Recipe[] = [
      { ...base.recipes[0]!, lines: [line('a', { recipe: 'blend' }, 600), line('b', { ingredient: 'flour' }, 100)] },
      { id: 'blend', version: 1, name: 'Blend', steps: [], lines: [line('c', { ingredient: 'flour' }, 1000)] },
    ]
    const bought = (shelf: Record<string, number>) => {
      const list = shoppingFor(
        { ...base, recipes },
        [
          { product: 'p', factor: 2 },
          { product: 'p', factor: 1 },
        ],
        {},
        shelf,
      )
      return [Math.round(list.purchases[0]!.needed), list.fromShelf.map(one => [one.name, Math.round(one.grams)])]
    }
    // three makings: 1,800 g of blend and 300 g of flour
    expect(bought({})).toEqual([2100, []])
    expect(bought({ blend: 700 })).toEqual([1400, [['Blend', 700]]])
    expect(bought({ blend: 9000 })).toEqual([300, [['Blend', 1800]]])
  })
  it('says what has no price, and adds the rest up', () => {
    const list = shoppingFor(
      book(
        [flour, unknownIngredient('teff', 'teff')],
        [
          ['flour', 900],
          ['teff', 10],
        ],
      ),
      [{ product: 'p', factor: 1 }],
    )
    expect(list).toMatchObject({ total: '3', unknown: ['no price for teff'] })
  })
})
