import { describe, expect, it } from 'vitest'
import { firstMarketOf, marketsServed, rulesAsRead } from './market'
import type { RulePack } from './rulePack'

const packs = marketsServed.map(rulesAsRead)
/** Every place in a pack where a rule stands, lists taken whole; what is null in one pack may hold more in another. */
function places(value: unknown, at = ''): string[] {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return [at]
  return Object.entries(value).flatMap(([key, inner]) => places(inner, `${at}.${key}`))
}
/** Keyed by allergens, nutrients, claims or names: a pack names those it has something to say of. */
const open =
  /^\.(allergens\.labelNames|allergens\.summaryNames|rounding\.rules|energy\.\w+\.eachPolyol|referenceIntake|words\.claims|words\.names|words\.table\.(?:intake|panel)|prices\.unit|claims|statements|table|serving|containsStatement|second|words\.quantity|sale\.forms|averageQuantity|letters\.quantityWithin)/

describe.each(packs.map(pack => [pack.market, pack] as const))('the pack of %s', (market, pack) => {
  it('answers every field that any pack answers', () => {
    const asked = new Set(packs.flatMap(one => places(one)).filter(place => !open.test(place)))
    expect(new Set(places(pack).filter(place => !open.test(place)))).toEqual(asked)
    for (const section of Object.keys(packs[0]!) as (keyof RulePack)[]) expect(pack[section]).toBeDefined()
    for (const section of ['claims', 'statements', 'table', 'words'] as const)
      expect(Object.keys(pack[section]).sort()).toEqual(Object.keys(packs[0]![section]).sort())
  })
  it('is plain data: written down and read back it is the same', () =>
    expect(JSON.parse(JSON.stringify(pack))).toEqual(pack))
  it('says whose it is, which version, of which day, in which tongue', () => {
    expect(pack.market).toBe(market)
    expect(pack.version).toBeGreaterThanOrEqual(1)
    expect(pack.asOf).toMatch(/^\d{4}-\d\d-\d\d$/)
    expect(new Intl.DateTimeFormat(pack.language).resolvedOptions().locale).toBe(pack.language)
    expect(pack.words.months).toHaveLength(12)
  })
  it('rounds whatever comes: the last step of every rule has no edge', () => {
    for (const steps of [...Object.values(pack.rounding.rules), pack.rounding.otherwise]) {
      const last = steps.at(-1)!
      expect([last.atMost, last.below]).toEqual([undefined, undefined])
    }
    expect(pack.letters.quantity.heights.at(-1)!.upTo).toBeNull()
  })
})

describe('markets', () => {
  it('the first it is sold in stands for all', () => {
    expect(firstMarketOf({ markets: ['us', 'uk'] })).toBe('us')
    expect(firstMarketOf({ markets: ['anz', 'eu'] })).toBe('anz')
    expect(firstMarketOf({ markets: [] })).toBe(marketsServed[0])
  })
})
