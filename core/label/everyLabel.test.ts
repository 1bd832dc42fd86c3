// What must be so of every label, whatever it is of: names that mislead, statuses at random, both sets of rules.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { marketDifferences } from '../assess/differences'
import { mentions } from '../ingredient/lexicon'
import { rulesAsRead } from '../market/market'
import { type AllergenCode, type AllergenStatus, allergenCodes, allergenStatuses } from '../model/allergen'
import { type MarketCode, marketCodes } from '../model/market'
import { declaredCodes, labelNameOf } from './emphasis'
import { textOf } from './run'

const misleading = [
  'butternut squash',
  'oat drink',
  'nutmeg',
  'buckwheat flour',
  'cream of tartar',
  'coconut milk',
  'peanut butter',
  'milk chocolate',
  'cocoa butter',
  'water chestnut',
  'egg-free mayonnaise',
  'ghee',
  'tahini',
  'marzipan',
  'malt extract',
  'spelt',
  'plums',
  'plum-and-a-name-long-enough-to-run-over-the-edge-of-any-label-it-is-printed-on',
]
const status = fc.constantFrom(...allergenStatuses)
const thing = fc.record({
  name: fc.constantFrom(...misleading),
  grams: fc.integer({ min: 1, max: 5000 }),
  role: fc.constantFrom('mix' as const, 'finish' as const, 'release' as const),
  statuses: fc.dictionary(fc.constantFrom<string>(...allergenCodes), status, { maxKeys: 5 }),
})
const things = fc.array(thing, { minLength: 1, maxLength: 7 })
const markets = marketCodes
type Thing = (typeof things extends fc.Arbitrary<infer T> ? T : never)[number]

function bookOf(given: readonly Thing[], change: Parameters<typeof sampleWorkbook>[2] = {}) {
  const ingredients = given.map((one, at) => {
    const sample = sampleIngredient(`${at}`, { name: one.name })
    const set = Object.entries(one.statuses).map(([code, said]) => [code, { status: said, evidence: 'spec' }])
    return { ...sample, allergens: { ...sample.allergens, ...Object.fromEntries(set) } }
  })
  const lines = given.map((one, at) => sampleLine(`${at}`, one.grams, { role: one.role }))
  return sampleWorkbook(ingredients, [sampleRecipe('top', lines)], change)
}
/** The strongest status that any of them has, worked out apart from the roll-up. */
const strongest = (given: readonly Thing[], code: AllergenCode): AllergenStatus => {
  const all = given.map(one => one.statuses[code] ?? 'free')
  return (['contains', 'mayContain', 'unknown'] as const).find(one => all.includes(one)) ?? 'free'
}
const labelled = (given: readonly Thing[], market: MarketCode) => {
  const rules = rulesAsRead(market)
  const { declaration } = assess(bookOf(given), 'cake', market)
  const lead = rules.words.mayContain
  const said = declaration.statements.map(textOf).find(text => text.startsWith(lead))
  const warned = said?.slice(lead.length, -1).split(', ') ?? []
  const strong = [declaration.ingredients, ...declaration.statements]
    .flat()
    .filter(run => run.strong)
    .map(run => run.text)
  return { rules, declaration, warned, strong }
}

describe('every label', () => {
  it('says in bold whatever it contains', () =>
    fc.assert(
      fc.property(things, fc.constantFrom(...markets), (given, market) => {
        const { rules, strong } = labelled(given, market)
        for (const code of declaredCodes(rules))
          if (strongest(given, code) === 'contains') {
            const said = strong.some(
              text => text === labelNameOf(code, rules) || mentions(text).some(one => one.code === code),
            )
            expect(said, `${code} in ${JSON.stringify(strong)}`).toBe(true)
          }
      }),
      { numRuns: 300 },
    ))
  it('warns of whatever may be in it, and of nothing that is', () =>
    fc.assert(
      fc.property(things, fc.constantFrom(...markets), (given, market) => {
        const { rules, warned } = labelled(given, market)
        for (const code of declaredCodes(rules)) {
          const strongestOf = strongest(given, code)
          if (strongestOf === 'mayContain') expect(warned, code).toContain(labelNameOf(code, rules))
          if (strongestOf === 'contains' && !sharesName(code, rules, given))
            expect(warned, code).not.toContain(labelNameOf(code, rules))
        }
      }),
      { numRuns: 300 },
    ))
  it('is not ready while anything it must declare is unknown', () =>
    fc.assert(
      fc.property(things, fc.constantFrom(...markets), (given, market) => {
        const { rules, declaration } = labelled(given, market)
        const unknown = declaredCodes(rules).some(code => given.some(one => one.statuses[code] === 'unknown'))
        if (unknown) expect(declaration.problems).not.toEqual([])
      }),
      { numRuns: 200 },
    ))
  it('loses no letter of a name by marking it, and keeps every ingredient', () =>
    fc.assert(
      fc.property(things, fc.constantFrom(...markets), (given, market) => {
        const text = textOf(labelled(given, market).declaration.ingredients).toLowerCase()
        for (const one of given) expect(text).toContain(one.name)
      }),
      { numRuns: 200 },
    ))
  it('stands in descending order of weight', () =>
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 100, max: 200 }), { minLength: 2, maxLength: 8 }), weights => {
        const names = weights.map((_, at) => `plum ${'abcdefgh'[at]}`)
        const ingredients = names.map(name => sampleIngredient(name))
        const lines = weights.map((grams, at) => sampleLine(names[at]!, grams))
        const { declaration } = assess(sampleWorkbook(ingredients, [sampleRecipe('top', lines)]), 'cake', 'uk')
        const wanted = names.map((name, at) => ({ name, grams: weights[at]! })).sort((a, b) => b.grams - a.grams)
        expect(textOf(declaration.ingredients).toLowerCase()).toBe(wanted.map(one => one.name).join(', '))
      }),
    ))
})
/** Does another allergen in it, under this market, go by the same name on the label and only may be there? */
const sharesName = (code: AllergenCode, rules: ReturnType<typeof rulesAsRead>, given: readonly Thing[]) =>
  declaredCodes(rules).some(
    other =>
      other !== code &&
      labelNameOf(other, rules) === labelNameOf(code, rules) &&
      strongest(given, other) === 'mayContain',
  )

describe('what two markets say differently', () => {
  it('is nothing of a market beside itself', () =>
    fc.assert(
      fc.property(things, fc.constantFrom(...markets), (given, market) => {
        const one = assess(bookOf(given), 'cake', market)
        expect(marketDifferences(one, one)).toEqual([])
      }),
      { numRuns: 60 },
    ))
  it('is the same seen from either side', () =>
    fc.assert(
      fc.property(things, given => {
        const book = bookOf(given)
        const [uk, us] = [assess(book, 'cake', 'uk'), assess(book, 'cake', 'us')]
        const there = new Map(marketDifferences(us, uk).map(one => [one.about, one]))
        const here = marketDifferences(uk, us)
        expect([...there.keys()].sort()).toEqual(here.map(one => one.about).sort())
        for (const one of here) {
          expect(there.get(one.about)).toMatchObject({ here: one.there, there: one.here })
          expect(one.here).not.toBe(one.there)
          expect(one.why).not.toBe('')
        }
      }),
      { numRuns: 60 },
    ))
})
