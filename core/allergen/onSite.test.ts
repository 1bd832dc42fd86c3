import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { allergenCodes } from '../model/allergen'
import type { CrossContact } from '../model/kitchen'
import type { Recipe } from '../model/recipe'
import { kitchenFindings } from './crossContact'
import { contradicted, contradiction, onSite } from './onSite'

const book = (
  ingredients: ReturnType<typeof sampleIngredient>[],
  change: Partial<Recipe> = {},
  records: CrossContact[] = (['gluten', ...allergenCodes] as const).map(allergen => ({
    allergen,
    control: 'notOnSite',
    evidence: 'review',
  })),
) => {
  const workbook = sampleWorkbook(ingredients, [sampleRecipe('loaf', [sampleLine('salt', 5)], change)])
  return { ...workbook, kitchen: { ...workbook.kitchen, crossContact: records } }
}
const salt = sampleIngredient('salt')
const factsOf = (...of: Parameters<typeof onSite>) => onSite(...of).map(one => one.fact)

describe('what shows that an allergen is on the site', () => {
  it('is nothing where everything is free of it, by status and by word', () => {
    for (const code of ['gluten', ...allergenCodes] as const) expect(onSite(book([salt]), code)).toEqual([])
  })
  it('is whatever the larder holds of it, used or not: contained, warned of, or only spoken of', () => {
    for (const code of allergenCodes) {
      const [has, warns] = [carrying('thing', code, 'contains'), carrying('other', code, 'mayContain')]
      expect(
        onSite(book([salt, has, warns]), code).map(one => one.id),
        code,
      ).toEqual(['thing', 'other'])
    }
    expect(factsOf(book([salt, sampleIngredient('ghee')]), 'milk')).toEqual([
      'of ghee: “ghee” speaks of milk, yet it is put down as free of it',
    ])
  })
  it('is what the notes or the method of any recipe speak of, where no line holds it', () => {
    expect(factsOf(book([salt], { notes: 'Nell: walnuts on half of them.' }), 'walnut')).toEqual([
      'of loaf: the notes speak of “walnuts”, and no line holds it',
    ])
    const steps = [{ text: 'Brush with milk.', when: 'bench' as const }]
    expect(factsOf(book([salt], { steps }), 'milk')).toEqual([
      'of loaf: the method speaks of “milk”, and no line holds it',
    ])
    expect(factsOf(book([salt], { steps: [{ ...steps[0]!, text: 'Brush with water.' }] }), 'milk')).toEqual([])
  })
  it('is what another record of the kitchen says', () => {
    const records: CrossContact[] = [
      { allergen: 'peanut', control: 'notOnSite', evidence: 'review' },
      { allergen: 'peanut', control: 'cleaned' },
      { allergen: 'egg', control: 'separated', equipment: 'shelf over the sesame bin' },
    ]
    expect(factsOf(book([salt], {}, records), 'peanut')).toEqual(['another record says that it is cleaned'])
    expect(factsOf(book([salt], {}, records), 'sesame')).toEqual([
      'the record about “shelf over the sesame bin” speaks of “sesame”',
    ])
  })
  it('is for gluten any cereal that carries it, and not oats grown apart', () => {
    for (const cereal of ['wheat', 'rye', 'barley', 'oats'] as const)
      expect(onSite(book([carrying('meal', cereal, 'mayContain')]), 'gluten')).toHaveLength(1)
    const oats = carrying('meal', 'oats', 'contains', { oatsSpeciallyProduced: true })
    expect(onSite(book([oats]), 'gluten')).toEqual([])
    expect(onSite(book([oats]), 'oats')).toHaveLength(1)
  })
})

describe('a record that is contradicted', () => {
  it('carries no claim, and names what contradicts it; what is kept apart is no contradiction', () => {
    const workbook = book([salt, carrying('spread', 'milk', 'mayContain')])
    expect(contradiction('milk', contradicted(workbook, 'milk'))).toBe(
      'milk is put down as not on site, yet spread may contain milk',
    )
    const [found] = kitchenFindings(workbook, 'milk')
    expect(found).toMatchObject({ proven: false })
    expect(found!.reason.fact).toContain('spread may contain milk')
    expect(kitchenFindings(workbook, 'egg')[0]!.proven).toBe(true)
    const apart = book(workbook.ingredients, {}, [{ allergen: 'milk', control: 'separated', evidence: 'review' }])
    expect(contradicted(apart, 'milk')).toEqual([])
    expect(kitchenFindings(apart, 'milk')[0]!.proven).toBe(true)
  })
  it('counts the things beyond the first', () => {
    const all = ['a', 'b', 'c'].map(id => carrying(id, 'egg', 'contains'))
    expect(contradiction('egg', onSite(book(all), 'egg'))).toBe(
      'egg is put down as not on site, yet a contains egg, and 2 more things show it',
    )
  })
})
