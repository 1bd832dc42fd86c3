import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { rulesAsRead } from '../market/market'
import type { AllergenCode } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import { exemptForms, exemptKindOf } from './exempt'

const flagged = (name: string, code: AllergenCode, change: Partial<Ingredient> = {}) =>
  carrying(name, code, 'contains', { exemptAllergens: [code], ...change })
const judged = (one: Ingredient, market: MarketCode = 'uk') =>
  assess(
    sampleWorkbook([one], [sampleRecipe('cake', [sampleLine(one.id, 100)])], {
      claims: ['soyFree', 'glutenFree', 'nutFree'],
    }),
    'cake',
    market,
  )
const declared = (one: Ingredient, market: MarketCode = 'uk') => judged(one, market).declaration.contains

describe('a derivative exempt from declaring', () => {
  it.each([
    ['refined soya oil', 'soy', true],
    ['unrefined soya oil', 'soy', false],
    ['soya protein', 'soy', false],
    ['glucose syrup', 'wheat', true],
    ['wheat starch', 'wheat', false],
    ['ginger', 'wheat', false],
    ['gin', 'wheat', true],
    ['ground almonds', 'almond', false],
    ['almond distillate', 'almond', true],
    ['glucose syrup', 'milk', false],
  ] as const)('%s of %s: %s', (name, code, exempt) =>
    expect(exemptKindOf(sampleIngredient(name), code, rulesAsRead('uk').allergens.exempt) !== undefined).toBe(exempt),
  )
  it('is declared all the same where it is only a flag: not of a kind the market names, or without a document in force', () => {
    expect(declared(flagged('refined soya oil', 'soy'))).toEqual([])
    expect(declared(flagged('soya protein', 'soy'))).toEqual(['soya'])
    expect(declared(flagged('ground almonds', 'almond'))).toEqual(['almonds'])
    expect(declared(flagged('refined soya oil', 'soy', { evidence: [] }))).toEqual(['soya'])
    // each market names its own
    expect([
      declared(flagged('refined peanut oil', 'peanut')),
      declared(flagged('refined peanut oil', 'peanut'), 'us'),
    ]).toEqual([['peanuts'], []])
  })
  it('proves no absence; by gluten its own figure decides', () => {
    const verdictOf = (one: Ingredient, claim: string) =>
      judged(one).claims.find(other => other.claim === claim)!.verdict
    expect(verdictOf(flagged('refined soya oil', 'soy'), 'soyFree')).toBe('unproven')
    expect(verdictOf(flagged('glucose syrup', 'wheat'), 'glutenFree')).toBe('holds')
    const { gluten: _, ...silent } = flagged('glucose syrup', 'wheat')
    expect(verdictOf(silent, 'glutenFree')).toBe('unproven')
    expect(verdictOf(flagged('wheat paste', 'wheat'), 'glutenFree')).toBe('breaks')
  })
})

describe('forms that are offered as exempt', () =>
  it('are those it contains and a kind names, in the words of the kind', () => {
    const kinds = rulesAsRead('uk').allergens.exempt
    expect(exemptForms(carrying('refined soya oil', 'soy', 'contains'), kinds)).toEqual([
      { code: 'soy', what: 'fully refined soya oil or fat' },
    ])
    expect(exemptForms(carrying('soya flour', 'soy', 'contains'), kinds)).toEqual([])
    expect(exemptForms(carrying('refined soya oil', 'soy', 'free'), kinds)).toEqual([])
  }))

describe('what leaves nothing behind', () => {
  const with_ = (name: string, change: object) =>
    assess(
      sampleWorkbook(
        [carrying(name, 'milk', 'contains'), sampleIngredient('rice')],
        [sampleRecipe('cake', [sampleLine('rice', 100), sampleLine(name, 5, change)])],
      ),
      'cake',
      'uk',
    ).allergens.milk.status
  it('needs the kitchen’s own evidence: a specification of the ingredient is none', () => {
    expect(with_('whey', { role: 'drained', leavesNothing: 'review' })).toBe('free')
    expect(with_('whey', { role: 'drained', leavesNothing: 'spec' })).toBe('contains')
  })
  it('is never what is dusted onto a tin', () => {
    expect(with_('oil', { role: 'release', leavesNothing: 'review' })).toBe('free')
    for (const name of ['milk powder', 'rice flour', 'ground paste'])
      expect(with_(name, { role: 'release', leavesNothing: 'review' }), name).toBe('contains')
  })
  it('answers for the allergens that the record names, and for all where it names none', () => {
    const proven = (reference: string) => {
      const workbook = sampleWorkbook(
        [carrying('whey', 'milk', 'contains'), sampleIngredient('rice')],
        [
          sampleRecipe('cake', [
            sampleLine('rice', 100),
            sampleLine('whey', 5, { role: 'drained', leavesNothing: 'soak' }),
          ]),
        ],
      )
      const soak = { id: 'soak', kind: 'test' as const, reference, dated: '2026-06-01', expires: '2027-06-01' }
      return assess({ ...workbook, evidence: [...workbook.evidence, soak] }, 'cake', 'uk').allergens.milk.status
    }
    expect(proven('soak water T-4: milk none detected')).toBe('free')
    expect(proven('soak water T-4')).toBe('free')
    expect(proven('soak water T-4: almond, gluten none detected')).toBe('contains')
  })
  it('a line’s own answer stands, whatever the part it is in is for; without one, the part’s own answers for it', () => {
    const status = (inner: object, outer: object) =>
      assess(
        sampleWorkbook(
          [carrying('whey', 'milk', 'contains'), sampleIngredient('rice')],
          [
            sampleRecipe('cake', [sampleLine('part:soaked', 100, outer)]),
            sampleRecipe('soaked', [sampleLine('rice', 100), sampleLine('whey', 50, inner)]),
          ],
        ),
        'cake',
        'uk',
      ).allergens.milk.status
    const nothing = { role: 'drained', leavesNothing: 'review' }
    expect(status(nothing, { role: 'finish' })).toBe('free')
    expect(status(nothing, { role: 'release', leavesNothing: 'lost' })).toBe('free')
    expect(status({ role: 'drained', leavesNothing: 'lost' }, nothing)).toBe('contains')
    expect(status({}, nothing)).toBe('free')
    expect(status({}, { role: 'finish', leavesNothing: 'review' })).toBe('contains')
  })
})
