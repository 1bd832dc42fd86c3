import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { fullCostOf } from '../cost/fullCost'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import { breakEven, costOverTime, earnings, premiumOf, sensitivities, withPriceTimes } from './questions'
import { mattersToday } from './today'

const priced = (id: string, price: string, change = {}) =>
  sampleIngredient(id, { packs: [{ grams: 1000, price, currency: 'GBP', from: '2026-10-01' }], ...change })
const rice = priced('rice flour', '4.00', {
  counterpart: { name: 'wheat flour', perKg: '0.80' },
  traits: { grain: ['other'] },
})
const teff = priced('teff flour', '6.00', { traits: { grain: ['other'] } })
const plums = priced('plums', '3.00', { measures: [{ ediblePart: 0.5 }] })
const product: Partial<Product> = {
  packing: [],
  pieces: 2,
  prices: { pack: '2.40' },
  tax: { uk: 'standard' },
  pricing: { by: 'margin', share: 0.6 },
}
const book = (change: Partial<Product> = {}): Workbook => {
  const workbook = sampleWorkbook(
    [rice, teff, plums],
    [
      sampleRecipe('top', [sampleLine('rice flour', 500), sampleLine('teff flour', 100), sampleLine('plums', 200)], {
        pieces: 20,
      }),
    ],
    { ...product, ...change },
  )
  return {
    ...workbook,
    kitchen: { ...workbook.kitchen, taxes: { uk: { included: true, rates: [{ name: 'standard', percent: '20' }] } } },
  }
}

describe('what if', () => {
  it('a price doubles: the rest stays, and what has none stays unknown', () => {
    const dear = withPriceTimes(book(), 'rice flour', 2)!
    expect(fullCostOf(dear, 'cake').total).toBe('5.8')
    expect(fullCostOf(book(), 'cake').total).toBe('3.8')
    expect(withPriceTimes(book(), 'nothing', 2)).toBeNull()
  })
  it('sensitivity is what the cost does when the price is moved, for every ingredient', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        fc.double({ min: 0.2, max: 9, noNaN: true }),
        (by, factor) => {
          const workbook = book({ losses: { unsold: 0.1 } })
          const now = Number(fullCostOf(workbook, 'cake', { factor }).perPiece)
          for (const one of sensitivities(workbook, 'cake', { factor }, by)) {
            const then = Number(
              fullCostOf(withPriceTimes(workbook, one.ingredient, 1 + by)!, 'cake', { factor }).perPiece,
            )
            expect(Number(one.perPiece)).toBeCloseTo(then - now, 4)
          }
        },
      ),
      { numRuns: 60 },
    )
    expect(sensitivities(book(), 'cake', { factor: 1 }).map(one => one.name)).toEqual([
      'rice flour',
      'plums',
      'teff flour',
    ])
  })
})

describe('the free-from premium', () => {
  it('is what the exchange for ordinary things would save, and says what nobody gave a counterpart', () => {
    // 500 g of rice flour: £2.00, ordinary £0.40; over 20 pieces
    expect(premiumOf(book(), 'cake')).toEqual({
      now: '0.19',
      ordinary: '0.11',
      premium: '0.08',
      parts: [{ name: 'rice flour', instead: 'wheat flour', more: '0.08' }],
      without: ['teff flour'],
    })
  })
})

describe('when a batch has paid for itself', () => {
  it('the packs that bring in what it costs, net of tax', () => {
    // £3.80 at £2.00 net a pack
    expect(breakEven(book(), 'cake', 'uk', fullCostOf(book(), 'cake'))).toEqual({ packs: 2, of: 10 })
  })
  it('is unknown without a price or a tax', () => {
    expect(breakEven(book({ prices: {} }), 'cake', 'uk', fullCostOf(book(), 'cake'))).toEqual({
      unknown: 'what a pack is sold for',
    })
    expect(breakEven(book({ tax: {} }), 'cake', 'uk', fullCostOf(book(), 'cake'))).toHaveProperty('unknown')
  })
})

describe('what earns', () => {
  it('leaves of a making, by the hour of oven and work', () => {
    const [cake] = earnings(book(), { cake: 7 })
    // £2.00 net less 38p a pack, ten packs
    expect(cake).toMatchObject({ leaves: '16.20', margin: 0.81, packs: 7, perOvenHour: null, perLabourHour: null })
  })
  it('says what it cannot know, and takes nothing for it', () => {
    const [cake] = earnings(book({ prices: {} }), {})
    expect(cake).toMatchObject({ leaves: null, margin: null, packs: 0 })
    expect(cake!.unknown).toContain('what a pack is sold for')
  })
})

describe('cost over time', () => {
  it('moves on the days a price changed, and says which', () => {
    const workbook = book()
    const packs = [...rice.packs, { grams: 1000, price: '5.00', currency: 'GBP', from: '2026-11-10' }]
    const days = costOverTime(
      { ...workbook, ingredients: [{ ...rice, packs }, teff, plums], today: '2026-11-25' },
      'cake',
      '2026-10-15',
    )
    expect(days.map(one => [one.day, one.perPiece])).toEqual([
      ['2026-10-15', '0.19'],
      ['2026-11-10', '0.215'],
      ['2026-11-25', '0.215'],
    ])
    expect(days[1]!.moved).toEqual([{ name: 'rice flour', by: 0.25 }])
  })
})

describe('things that cost nothing', () => {
  it('are no trouble to any question: tap water, and a gift that is paid for later', () => {
    const pence = fc.constantFrom('0', '0.00', '1.50')
    fc.assert(
      fc.property(pence, pence, pence, pence, (a, b, c, d) => {
        const packs = (first: string, later: string) => [
          { grams: 1000, price: first, currency: 'GBP', from: '2026-10-01' },
          { grams: 1000, price: later, currency: 'GBP', from: '2026-11-10' },
        ]
        const workbook = {
          ...book({ pricing: { by: 'margin', share: 0.6, floorMargin: 0.99 } }),
          ingredients: [
            { ...rice, packs: packs(a, b) },
            { ...teff, packs: packs(c, d) },
            { ...plums, packs: packs('0', '0') },
          ],
        }
        const cost = fullCostOf(workbook, 'cake')
        const given = { ...workbook, products: [{ ...workbook.products[0]!, prices: { pack: a } }] }
        const said = [
          sensitivities(workbook, 'cake', { factor: 1 }),
          premiumOf(workbook, 'cake'),
          breakEven(workbook, 'cake', 'uk', cost),
          earnings(workbook, { cake: 1 }),
          costOverTime(workbook, 'cake', '2026-10-05'),
          mattersToday(workbook),
          breakEven(given, 'cake', 'uk', cost),
          earnings(given, { cake: 1 }),
          mattersToday(given),
        ]
        expect(JSON.stringify(said)).not.toMatch(/NaN|Infinity|null,"by"/)
      }),
    )
  })
})
