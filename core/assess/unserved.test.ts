import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { isServed } from '../market/market'
import { type MarketCode, marketCodes, marketName } from '../model/market'
import { partOnBench } from '../recipe/partOnBench'
import { catalogueOf } from './catalogue'
import { cheapestThatKeeps } from './cheapest'
import { earnings } from './questions'
import { shoppingFor } from './shopping'
import { mattersToday } from './today'
import { whatChanges } from './whatChanges'

const pack = (price: string) => [{ grams: 1000, price, currency: 'GBP', from: '2026-01-01' }]
const bookFor = (markets: MarketCode[]) =>
  sampleWorkbook(
    [
      sampleIngredient('flour', { standsFor: 'flour', packs: pack('3.00') }),
      sampleIngredient('cheap flour', { standsFor: 'flour', packs: pack('1.00') }),
    ],
    [
      sampleRecipe('cake', [sampleLine('part:base', 100)], { pieces: 10 }),
      sampleRecipe('base', [sampleLine('flour', 100)]),
    ],
    { markets },
  )

describe('a product for a market without rules here', () => {
  it('says so, and harms nothing: whatever is asked of the whole still answers', () => {
    fc.assert(
      fc.property(fc.subarray([...marketCodes]), markets => {
        const book = bookFor(markets)
        const without = markets.filter(market => !isServed(market))
        const matters = mattersToday(book)
        for (const market of without)
          expect(matters.map(one => one.what)).toContain(
            `Cake is put down for ${marketName[market]}, whose rules are not here yet.`,
          )
        expect(matters).toHaveLength(without.length)
        const told = whatChanges(catalogueOf(book), carrying('flour', 'milk', 'contains', book.ingredients[0]))!
        expect(told.map(one => one.market).sort()).toEqual([...markets].sort())
        expect(cheapestThatKeeps(catalogueOf(book), 'flour')).toHaveLength(2)
        expect(earnings(book, {})).toHaveLength(1)
        expect(partOnBench(book, book.recipes[1]!).markets.length).toBeGreaterThan(0)
        // and no other article is bought for it there: that it keeps the label is not known
        const [purchase] = shoppingFor(book, [{ product: 'cake', factor: 1 }], {}).purchases
        expect(purchase!.choices[0]!.ingredient).toBe(without.length > 0 ? 'flour' : 'cheap flour')
      }),
    )
  })
})
