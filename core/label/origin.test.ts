import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { rulesAsRead } from '../market/market'
import { type MarketCode, marketCodes } from '../model/market'
import type { Product } from '../model/product'
import { saidBy } from '../seal/said'
import { checklistOf } from './checklist'

const made = 'Made in the Westing Isles'
const book = (product: Partial<Product>, grams = [60, 40]) =>
  sampleWorkbook(
    grams.map((_, at) => sampleIngredient(`flour ${at}`)),
    [
      sampleRecipe(
        'top',
        grams.map((weight, at) => sampleLine(`flour ${at}`, weight)),
        { bakeLoss: 0 },
      ),
    ],
    { claims: [], markets: [...marketCodes], category: 'cookie', ...product },
  )
const declared = (market: MarketCode, product: Partial<Product> = {}, grams?: number[]) =>
  assess(book(product, grams), 'cake', market)
const check = (market: MarketCode, product: Partial<Product> = {}) => {
  const workbook = book(product)
  return checklistOf(declared(market, product).declaration, workbook.products[0]!, rulesAsRead(market)).find(
    one => one.particular === 'origin',
  )!
}

describe('where it was made', () => {
  it('Australia asks for it of what is prepacked; elsewhere it stands where somebody wrote it, and is asked when it says', () => {
    expect(check('anz').state).toBe('missing')
    expect(
      declared('anz')
        .declaration.problems.map(one => one.what)
        .join(),
    ).toContain('must say where it was made')
    expect(check('anz', { soldAs: 'loose' }).state).toBe('notAsked')
    for (const market of ['uk', 'eu', 'us', 'ca'] as const) {
      expect(check(market)).toMatchObject({ state: 'notAsked', why: expect.stringMatching(/only/) })
      expect(
        declared(market)
          .declaration.problems.map(one => one.what)
          .join(),
      ).not.toContain('where it was made')
    }
    for (const market of marketCodes) {
      expect(check(market, { origin: made })).toEqual({ particular: 'origin', state: 'there' })
      const of = declared(market, { origin: made })
      expect(saidBy(of, {}).find(one => one.part === 'business')?.words).toContain(made)
    }
  })
  it('said in Europe, it asks after the main ingredient by name where one is more than half (Art. 26(3))', () => {
    const asked = (market: MarketCode, origin: string, grams?: number[]) =>
      declared(market, { origin }, grams).declaration.questions.filter(one => one.includes(origin || 'Art. 26'))
    for (const market of ['uk', 'eu'] as const) {
      expect(asked(market, made)[0]).toContain('flour 0, 60 % of it')
      expect(asked(market, made, [50, 50])[0]).toContain('its main ingredient')
      expect(asked(market, '')).toEqual([])
    }
    expect(asked('us', made)).toEqual([])
  })
  it('claims nothing', () => {
    const said = declared('uk', { origin: 'Made in a nut-free bakery' }).declaration.problems.map(one => one.what)
    expect(said.join()).toContain('Where it is made: Your own words')
  })
})
