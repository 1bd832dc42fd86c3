import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from './assess'
import { compareAssessments } from './compare'

const of = (things: string[]) =>
  assess(
    sampleWorkbook(
      [
        sampleIngredient('flour'),
        carrying('butter', 'milk', 'contains', {
          packs: [{ grams: 1000, price: '9.00', currency: 'GBP', from: '2026-01-01' }],
        }),
        sampleIngredient('mystery', { packs: [], nutrients: {} }),
      ],
      [
        sampleRecipe(
          'cake',
          things.map(thing => sampleLine(thing, 100)),
          { pieces: 2 },
        ),
      ],
      { claims: ['dairyFree', 'glutenFree'] },
    ),
    'cake',
    'uk',
  )

describe('comparing two assessments', () => {
  it('says nothing where nothing is otherwise', () => {
    const same = compareAssessments(of(['flour']), of(['flour']))
    expect([same.claims, same.allergens, same.nutrients]).toEqual([[], [], []])
  })
  it('names the claim that breaks, the allergen that came, and what a piece costs now', () => {
    const changed = compareAssessments(of(['flour']), of(['flour', 'butter']))
    expect(changed.claims).toEqual([{ claim: 'dairyFree', before: 'holds', after: 'breaks' }])
    expect(changed.allergens).toEqual([{ allergen: 'milk', before: 'free', after: 'contains' }])
    expect(changed.cost.perPiece).toEqual(['0.05', '0.5'])
    expect(changed.finished).toEqual([100, 200])
  })
  it('keeps the unknown unknown: no price, no figure, never nothing', () => {
    const changed = compareAssessments(of(['flour']), of(['flour', 'mystery']))
    expect(changed.cost.atLeast).toEqual([false, true])
    expect(changed.nutrients.find(one => one.nutrient === 'fat')).toEqual({
      nutrient: 'fat',
      before: '10',
      after: null,
    })
  })
})
