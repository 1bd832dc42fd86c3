import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { Product } from '../model/product'
import { claimsIn } from './claimsInText'

describe('claims that a name makes', () => {
  it.each([
    ['Vegan, nut free, no sugar', ['nutFree', 'vegan', 'sugarFree']],
    ['Gluten-free brownie', ['glutenFree']],
    ['Free from dairy cake', ['dairyFree']],
    ['No added sugar loaf', ['noAddedSugar']],
    ['Eggless sponge (GF)', ['glutenFree', 'eggFree']],
    ['Keto lemon bar', ['keto']],
    ['Damson slice', []],
    ['Freeform loaf', []],
    ['Vegetable tart', []],
  ] as const)('%s: %j', (name, claims) => expect(claimsIn(name).map(one => one.claim)).toEqual(claims))
  it('stand between the label and a signature while the verdict does not bear them', () => {
    const what = (product: Partial<Product>) =>
      assess(
        sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])], {
          claims: [],
          ...product,
        }),
        'cake',
        'uk',
      ).declaration.problems.map(one => one.what)
    expect(what({ name: 'Vegan slice' })).toContain('The name says “Vegan”, and nobody has had that checked.')
    expect(what({ name: 'Vegan slice', claims: ['vegan'] }).join()).not.toContain('The name says')
    expect(what({ name: 'Slice', legalName: 'Keto cake', claims: ['keto'] })).toContain(
      'The name says “Keto”, and that breaks.',
    )
  })
  it('what is denied is not claimed', () => {
    for (const text of ['Not vegan brownie', 'this is not gluten free', 'never really nut free', 'It isn’t dairy-free'])
      expect(claimsIn(text)).toEqual([])
    expect(claimsIn('Not only vegan, and nut free').map(one => one.claim)).toEqual(['nutFree', 'vegan'])
  })
})
