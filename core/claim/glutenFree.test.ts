// Gluten-free ingredient by ingredient, then the blend, then the kitchen. Limits: Regulation (EU) 828/2014 (at most 20 mg/kg);
// 21 CFR 101.91 (under 20).
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { Evidence } from '../model/evidence'
import type { Ingredient } from '../model/ingredient'
import type { Line } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import type { ClaimResult } from './verdict'

const test: Evidence = { id: 'spec', kind: 'test', reference: 'T-1', dated: '2026-06-01', expires: '2027-06-01' }
const old: Evidence = { ...test, expires: '2026-01-01' }
const noFigure = (one: Ingredient): Ingredient => {
  const { gluten: _, ...rest } = one
  return rest
}
function judged(
  things: (Ingredient | [Ingredient, Partial<Line> & { grams?: number | null }])[],
  market: 'uk' | 'us' = 'uk',
  change: (book: Workbook) => Workbook = same => same,
  loss = 0,
): ClaimResult {
  const pairs = things.map((one): [Ingredient, Partial<Line> & { grams?: number | null }] =>
    Array.isArray(one) ? one : [one, {}],
  )
  const book = sampleWorkbook(
    pairs.map(([one]) => one),
    [
      sampleRecipe(
        'top',
        pairs.map(([one, { grams = 100, ...line }]) => sampleLine(one.id, grams, line)),
        { bakeLoss: loss },
      ),
    ],
    { claims: ['glutenFree'] },
  )
  return assess(change(book), 'cake', market).claims[0]!
}
const facts = (result: ClaimResult) => result.because.map(one => one.fact).join('; ')
const figure = (atMostMgPerKg: number, more: Partial<Ingredient> = {}) =>
  sampleIngredient('flour', { gluten: { atMostMgPerKg, evidence: 'spec' }, ...more })

describe('gluten-free', () => {
  it.each<[string, Ingredient, ClaimResult['verdict'], string]>([
    ['a figure with its paper', figure(5), 'holds', 'at most 5 mg/kg of gluten'],
    ['at the limit', figure(20), 'holds', 'at most 20 mg/kg of gluten'],
    ['over it', figure(21), 'breaks', 'may hold 21 mg/kg of gluten, over the 20 allowed; dilution never cures it'],
    ['no figure', noFigure(sampleIngredient('flour')), 'unproven', 'no gluten figure is on file'],
    ['a figure whose paper ran out', figure(5, { evidence: [old] }), 'unproven', '“at most 5 mg/kg of gluten”, but'],
    [
      'a figure without a paper',
      sampleIngredient('flour', { gluten: { atMostMgPerKg: 5 } }),
      'unproven',
      '“at most 5 mg/kg of gluten”, but',
    ],
    ['by nature', noFigure(sampleIngredient('water')), 'holds', 'free of gluten by nature'],
    ['wheat', carrying('flour', 'wheat', 'contains'), 'breaks', 'contains wheat'],
    ['rye', carrying('flour', 'rye', 'contains'), 'breaks', 'contains rye'],
    ['oats', carrying('flakes', 'oats', 'contains'), 'breaks', 'contains oats that are not specially produced'],
    [
      'oats grown apart',
      carrying('flakes', 'oats', 'contains', { oatsSpeciallyProduced: true }),
      'holds',
      'at most 5 mg/kg',
    ],
    [
      'oats grown apart, no figure',
      noFigure(carrying('flakes', 'oats', 'contains', { oatsSpeciallyProduced: true })),
      'unproven',
      'no gluten figure is on file',
    ],
    [
      'oats grown apart, with wheat',
      carrying('flakes', 'wheat', 'contains', { oatsSpeciallyProduced: true }),
      'breaks',
      'contains wheat',
    ],
    [
      'starch freed of gluten, by a test',
      carrying('starch', 'wheat', 'contains', { glutenRemoved: true, evidence: [test] }),
      'holds',
      'at most 5 mg/kg',
    ],
    [
      'starch freed of gluten, by a paper',
      carrying('starch', 'wheat', 'contains', { glutenRemoved: true }),
      'unproven',
      'gluten was taken out of its wheat: that needs a test',
    ],
    [
      'starch freed, the test ran out',
      carrying('starch', 'wheat', 'contains', { glutenRemoved: true, evidence: [old] }),
      'unproven',
      'but',
    ],
    [
      'spelt freed of gluten',
      carrying('spelt', 'wheat', 'contains', { glutenRemoved: true, evidence: [test] }),
      'unproven',
      '“spelt” stands in it',
    ],
    [
      'oats are freed of nothing',
      carrying('flakes', 'oats', 'contains', { glutenRemoved: true, evidence: [test] }),
      'breaks',
      'contains oats that are not',
    ],
    [
      'may contain wheat, with a figure',
      carrying('flour', 'wheat', 'mayContain'),
      'unproven',
      'may contain wheat, and at most 5 mg/kg of gluten: a label cannot warn of one and claim the other',
    ],
    [
      'may contain wheat, without one',
      noFigure(carrying('flour', 'wheat', 'mayContain')),
      'unproven',
      'may contain wheat, and no gluten figure is on file',
    ],
    ['may contain oats', carrying('flour', 'oats', 'mayContain'), 'unproven', 'may contain oats'],
    [
      'may contain oats grown apart',
      carrying('flour', 'oats', 'mayContain', { oatsSpeciallyProduced: true }),
      'holds',
      'at most 5 mg/kg',
    ],
    ['a word', sampleIngredient('barley malt'), 'unproven', 'barley'],
    [
      'a gluten grain by its kind',
      sampleIngredient('flour', { traits: { ...sampleIngredient('x').traits, grain: ['gluten'] } }),
      'unproven',
      'its kind says a gluten grain, and no cereal is put down',
    ],
  ])('%s', (_, ingredient, verdict, fact) => {
    const result = judged([ingredient])
    expect([result.verdict, facts(result)]).toEqual([verdict, expect.stringContaining(fact)])
    expect(result.marks).toEqual([verdict])
    if (verdict === 'unproven') expect(result.because[0]!.mend).toBeTruthy()
  })
  it('US: under the limit and not at it, and oats with a figure', () => {
    expect(judged([figure(20)], 'us').verdict).toBe('breaks')
    expect(judged([figure(19)], 'us').verdict).toBe('holds')
    expect(judged([carrying('flakes', 'oats', 'contains')], 'us').verdict).toBe('holds')
  })
  it('the blend is summed over the finished food, what bakes out making it more', () => {
    const two = [
      figure(18),
      [sampleIngredient('salt', { gluten: { atMostMgPerKg: 0, evidence: 'spec' } }), { grams: 50 }],
    ] as Parameters<typeof judged>[0]
    // 100 g × 18 mg/kg in 150 g
    expect(facts(judged(two))).toContain('at worst 12.0 mg/kg of gluten as sold; the limit is 20')
    expect(facts(judged([figure(18)], 'uk', undefined, 0.05))).toContain('at worst 18.9 mg/kg')
    const over = judged([figure(19)], 'uk', undefined, 0.1)
    expect([over.verdict, facts(over)]).toEqual(['breaks', expect.stringContaining('at worst 21.1 mg/kg')])
    // at the limit it holds here, and not in the US
    expect(judged([figure(18)], 'uk', undefined, 0.1).verdict).toBe('holds')
    expect(judged([figure(18)], 'us', undefined, 0.1).verdict).toBe('breaks')
  })
  it('without a weight the blend is not known', () => {
    const result = judged([figure(5), [sampleIngredient('salt'), { grams: null }]])
    expect([result.verdict, facts(result)]).toEqual([
      'unproven',
      expect.stringContaining('not known while a weight is missing'),
    ])
    // of nothing there is nothing, however much
    expect(
      judged([
        figure(5),
        [sampleIngredient('salt', { gluten: { atMostMgPerKg: 0, evidence: 'spec' } }), { grams: null }],
      ]).verdict,
    ).toBe('holds')
  })
  it('what is served beside is no part of it', () =>
    expect(judged([figure(5), [carrying('wafer', 'wheat', 'contains'), { role: 'beside' }]])).toMatchObject({
      verdict: 'holds',
      marks: ['holds', null],
    }))
  it('the kitchen is asked for gluten and for each cereal', () => {
    for (const code of ['gluten', 'wheat', 'rye', 'barley', 'oats'] as const) {
      const result = judged([figure(5)], 'uk', book => ({
        ...book,
        kitchen: { ...book.kitchen, crossContact: book.kitchen.crossContact.filter(one => one.allergen !== code) },
      }))
      expect([result.verdict, result.kitchen], code).toEqual(['unproven', 'unproven'])
    }
    expect(judged([figure(5)]).kitchen).toBe('holds')
  })
})
