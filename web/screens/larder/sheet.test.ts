import { unknownIngredient } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'
import { ingredients } from '../../../demo/ingredients'
import { ingredientFrom, type Sheet, sheetOf } from './sheet'

const larder = ingredients('2026-11-24')
const kept = (sheet: Sheet) => {
  const result = ingredientFrom(sheet)
  return 'ingredient' in result ? result.ingredient : expect.fail(JSON.stringify(result.problems))
}
const refused = (change: Partial<Sheet>) => {
  const result = ingredientFrom({ ...sheetOf(larder[0]!), ...change })
  return 'problems' in result ? result.problems.map(problem => problem.path) : []
}

describe('the ingredient sheet', () => {
  it.each(larder.map(one => [one.id, one] as const))(
    'opened and kept without a change, %s is the same',
    (_, ingredient) => {
      expect(kept(sheetOf(ingredient))).toEqual(ingredient)
    },
  )
  it('leaves unknown what nobody fills in', () => {
    const bare = unknownIngredient('x', 'saffron')
    expect(kept(sheetOf(bare))).toEqual(bare)
  })
  it('keeps an emptied field as unknown, not as 0', () => {
    const sheet = sheetOf(larder[0]!)
    const bare = kept({
      ...sheet,
      nutrients: { ...sheet.nutrients, fat: '' },
      gramsPerCup: '',
      glutenFigure: '',
      traits: { ...sheet.traits, animal: '' },
    })
    expect(bare.nutrients.fat).toBeUndefined()
    expect(bare.gluten).toBeUndefined()
    expect(bare.traits.animal).toBeUndefined()
    expect(bare.measures.some(measure => measure.gramsPerMl !== undefined)).toBe(false)
  })
  it('keeps the source and range of each value, and of one taken from a table', () => {
    const two = {
      ...larder[0]!,
      nutrients: { fat: { value: 3, source: 'pack' }, protein: { value: 9, low: 8, high: 10, source: 'test' } },
    }
    expect(kept(sheetOf(two)).nutrients).toEqual(two.nutrients)
    const fibre = { value: 7, low: 6.5, high: 7.5, source: 'table' }
    const taken = { ...sheetOf(two), taken: { fibre } }
    expect(kept({ ...taken, nutrients: { ...taken.nutrients, fibre: '7' } }).nutrients).toEqual({
      ...two.nutrients,
      fibre,
    })
    expect(kept({ ...taken, nutrients: { ...taken.nutrients, fibre: '8' } }).nutrients.fibre).toEqual({
      value: 8,
      source: 'pack',
    })
  })
  it('keeps a composition put right by hand as it is, E numbers and all', () => {
    const tree = [{ name: 'lecithin', eNumber: 'E322', functionClass: 'emulsifier' }]
    expect(
      kept({ ...sheetOf(larder[0]!), madeOf: 'list', statement: 'emulsifier: lecithin', tree }).composition,
    ).toEqual(tree)
  })
  it('refuses with the field it belongs to', () => {
    expect(refused({ name: ' ' })).toEqual(['name'])
    expect(refused({ glutenFigure: 'few' })).toEqual(['glutenFigure'])
    expect(refused({ edible: '0' })).toContain('edible')
    expect(refused({ packs: [{ grams: '', price: 'cheap', currency: 'GBP', from: '2026-01-01' }] })).toEqual([
      'packs.0.grams',
      'packs.0.price',
    ])
    expect(
      refused({
        evidence: [{ id: 'e', kind: 'test', reference: '', dated: '', expires: '', reviewed: '', reviewedBy: '' }],
      }),
    ).toEqual(['evidence.0.dated'])
    expect(refused({ traits: { animal: 'dragon', sweetening: 'none', grain: 'none' } })).toEqual(['traits.animal.0'])
    expect(refused({ nutrients: { sugars: '60', carbohydrate: '50' } })).toEqual(['nutrients.sugars'])
    expect(refused({ nutrients: { fat: '90', carbohydrate: '50' } })).toEqual(['nutrients.fat'])
    expect(refused({ madeOf: 'list', statement: '' })).toContain('statement')
  })
})
