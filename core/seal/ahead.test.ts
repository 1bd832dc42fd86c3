import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { changesOf, marketsServed, rulesAsRead, rulesOf } from '../market/market'
import type { Workbook } from '../model/workbook'
import { daysAfter } from '../words/day'
import { rulesAhead } from './ahead'
import { toSign } from './seal'

const red = sampleIngredient('cherries coloured with erythrosine')
const plain = sampleIngredient('flour')
const bun = (ingredients: (typeof plain)[], today: string): Workbook => {
  const made = sampleWorkbook(ingredients, [
    sampleRecipe(
      'bun',
      ingredients.map(one => sampleLine(one.id, 100)),
      { pieces: 10 },
    ),
  ])
  return { ...made, today, products: made.products.map(one => ({ ...one, markets: ['us', 'uk'] })) }
}

describe('rules that are announced', () => {
  it('are told before they come, with what they will do, and judged by from their day on', () => {
    const before = bun([plain, red], '2027-01-14')
    const [ahead, ...rest] = rulesAhead(before)
    expect(rest).toEqual([])
    expect(ahead).toMatchObject({
      market: 'us',
      from: '2027-01-15',
      reaches: [{ product: { name: expect.any(String) } }],
    })
    expect(ahead!.reaches[0]!.hinders.join(' ')).toContain('erythrosine (E127), which is refused in food here')
    const product = before.products[0]!.id
    expect(
      toSign(before, product, 'us')!
        .hinders.map(one => one.what)
        .join(' '),
    ).not.toContain('refused in food')
    const after = bun([plain, red], '2027-01-15')
    expect(
      toSign(after, product, 'us')!
        .hinders.map(one => one.what)
        .join(' '),
    ).toContain('refused in food')
    expect(rulesAhead(after)).toEqual([])
  })
  it('reach nothing that they do not concern', () => {
    expect(rulesAhead(bun([plain], '2026-11-27'))).toMatchObject([{ market: 'us', reaches: [] }])
    const elsewhere = bun([red], '2026-11-27')
    expect(
      rulesAhead({ ...elsewhere, products: elsewhere.products.map(one => ({ ...one, markets: ['uk'] })) }),
    ).toEqual([])
  })
  it('whatever the day: judged ahead it is as it will be judged then, but for what the days themselves bring', () => {
    fc.assert(
      fc.property(fc.integer({ min: -60, max: 60 }), fc.boolean(), (days, withRed) => {
        const today = daysAfter('2027-01-15', days)
        const workbook = bun(withRed ? [plain, red] : [plain], today)
        const product = workbook.products[0]!.id
        const declared = assess({ ...workbook, rulesOn: '2027-01-15' }, product, 'us').declaration
        const then = assess(bun(withRed ? [plain, red] : [plain], '2027-01-15'), product, 'us').declaration
        expect(declared.problems.map(one => one.what)).toEqual(then.problems.map(one => one.what))
        expect(declared.day).toBe('2027-01-15')
      }),
    )
  })
  it('stand in the order of their days, each with a version of its own that differs from the last', () => {
    for (const market of marketsServed) {
      const changes = changesOf(market)
      expect(changes.map(one => one.from)).toEqual(changes.map(one => one.from).toSorted())
      let last = rulesAsRead(market)
      for (const { from, pack } of changes) {
        expect(rulesOf(market, daysAfter(from, -1))).toBe(last)
        expect(rulesOf(market, from)).toBe(pack)
        expect(pack.version).toBeGreaterThan(last.version)
        expect({ ...pack, version: last.version }).not.toEqual(last)
        last = pack
      }
    }
  })
})
