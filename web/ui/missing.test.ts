import { costOf } from '@fair-tin/core/cost'
import { type Recipe, unknownIngredient, type Workbook } from '@fair-tin/core/model'
import { billOf } from '@fair-tin/core/recipe'
import { describe, expect, it } from 'vitest'
import { missing } from './missing'

const today = '2026-11-25'
const pack = (currency: string, from: string) => ({ grams: 1000, price: '2.00', currency, from })
const larder = [
  unknownIngredient('teff', 'teff flour'),
  { ...unknownIngredient('oil', 'oil'), packs: [pack('GBP', '2026-01-01')] },
  { ...unknownIngredient('salt', 'salt'), packs: [pack('GBP', '2027-01-01')] },
  { ...unknownIngredient('plums', 'plums'), packs: [pack('EUR', '2026-01-01')] },
]
const recipe: Recipe = {
  id: 'r',
  version: 1,
  name: 'r',
  steps: [],
  pieces: 1,
  lines: [
    ['teff', 1],
    ['oil', null],
    ['salt', 1],
    ['plums', 1],
  ].map(([id, value]) => ({
    id: String(id),
    of: { ingredient: String(id) },
    amount: value === null ? null : { value: 1, unit: 'g' },
    role: 'mix',
  })),
}
const workbook: Workbook = {
  products: [],
  recipes: [recipe],
  ingredients: larder,
  kitchen: { currency: 'GBP', crossContact: [] },
  evidence: [],
  today,
}

describe('what a cost is without', () => {
  it('every reason core gives stands behind “without”', () =>
    expect(costOf(billOf(workbook, 'r'), workbook, 1).unknown.map(missing)).toEqual([
      'the price of teff flour',
      'the weight of oil',
      'the price of salt, which is still to come',
      'the price of plums: there is no rate for EUR',
    ]))
  it('leaves other words as they are', () =>
    expect(missing('what an hour of work costs')).toBe('what an hour of work costs'))
})
