import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { assessed } from '../assess/slice'
import type { LabResult } from '../model/laboratory'

const result = (change: Partial<LabResult> = {}): LabResult => ({
  id: 'l1',
  on: '2026-10-01',
  laboratory: 'Quayside Analysts',
  reference: 'Q-100',
  values: { fat: 20 },
  of: ['flour', 'oil'],
  used: true,
  ...change,
})
const { fat: _, ...withoutFat } = sampleIngredient('oil').nutrients
const book = (laboratory: LabResult[], more = false) =>
  sampleWorkbook(
    [sampleIngredient('flour'), sampleIngredient('oil', { nutrients: withoutFat }), sampleIngredient('salt')],
    [
      sampleRecipe('cake', [sampleLine('flour', 60), sampleLine('oil', 40), ...(more ? [sampleLine('salt', 1)] : [])], {
        pieces: 4,
        bakeLoss: 0,
      }),
    ],
    { laboratory, claims: ['lowFat'] },
  )

describe('what a laboratory found', () => {
  it('stands where it was chosen, fills what nobody knew, and the energy follows from it', () => {
    const { nutrition, declaration, claims } = assess(book([result()]), 'cake', 'uk')
    expect(nutrition.per100g.fat).toEqual({ value: 20, low: 20, high: 20 })
    expect(nutrition.gaps.fat).toBeUndefined()
    // 20 × 9 + 50 × 4 + 8 × 4 + 4 × 2 (Regulation (EU) 1169/2011, Annex XIV)
    expect(nutrition.per100g.energyKcal!.value).toBeCloseTo(420, 9)
    expect(JSON.stringify(declaration.table)).toContain('20 g')
    expect(claims[0]!.verdict).toBe('breaks')
  })
  it('stands beside and counts for nothing where it was not', () => {
    const { nutrition } = assess(book([result({ used: false })]), 'cake', 'uk')
    expect(nutrition.per100g.fat).toBeUndefined()
    expect(nutrition.gaps.fat).toEqual(['oil'])
  })
  it('figure by figure: what is left to what is worked out is worked out', () => {
    const values = { fat: 20, protein: 9 }
    const of = (notUsed: LabResult['notUsed']) =>
      assess(book([result({ values, ...(notUsed ? { notUsed } : {}) })]), 'cake', 'uk').nutrition.per100g
    const none = assess(book([result({ values, used: false })]), 'cake', 'uk').nutrition.per100g
    expect([of(undefined).fat!.value, of(undefined).protein!.value]).toEqual([20, 9])
    expect([of(['protein']).fat!.value, of(['protein']).protein]).toEqual([20, none.protein])
    expect(of(['fat', 'protein'])).toEqual(none)
  })
  it('the newest of those chosen counts', () => {
    const both = [result({ values: { fat: 5 }, on: '2026-09-01' }), result({ id: 'l2', on: '2026-11-01' })]
    expect(assess(book(both), 'cake', 'uk').nutrition.per100g.fat!.value).toBe(20)
  })
  it('what cannot be beside what is worked out stands before the label', () => {
    const said = (values: LabResult['values']) =>
      assess(book([result({ values })]), 'cake', 'uk')
        .declaration.problems.map(one => one.what)
        .join()
    expect(said({ fat: 20, sugars: 60 })).toContain('Sugars cannot be more than the carbohydrate they are part of.')
    expect(said({ fat: 20, sugars: 30 })).not.toContain('cannot be:')
  })
  it('of its slice a product says the same, also by the names of what is in it no more', () => {
    const made = book([result({ of: ['flour', 'oil', 'salt'] })])
    const named = made.ingredients.map(one => (one.id === 'salt' ? { ...one, name: 'fine sea salt' } : one))
    const whole = { ...made, ingredients: named }
    expect(assessed(whole, 'cake', 'uk')).toEqual(assess(whole, 'cake', 'uk'))
    expect(JSON.stringify(assessed(whole, 'cake', 'uk').declaration.problems)).toContain('fine sea salt differs')
  })
  it.each([
    ['more is in it', book([result()], true), 'salt'],
    ['something was left out', book([result({ of: ['flour', 'oil', 'egg'] })]), 'egg'],
  ])('of another food it counts for nothing, and stands before the label: %s', (_, workbook, name) => {
    const { nutrition, declaration } = assess(workbook, 'cake', 'uk')
    expect(nutrition.per100g.fat).toBeUndefined()
    expect(declaration.problems.map(one => one.what).join()).toContain(`made of other things: ${name} differs`)
  })
})
