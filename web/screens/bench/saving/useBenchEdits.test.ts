import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleRecipe, sampleWorkbook } from '../../../../tests/fixtures/sample'
import { isOlder } from './useBenchEdits'

const { products, recipes } = sampleWorkbook([], [sampleRecipe('cake', [], { version: 4 })])
const things = {
  product: { ...products[0]!, version: 7 },
  recipe: recipes[0]!,
  ingredients: [{ ...sampleIngredient('flour'), version: 2 }, sampleIngredient('new here')],
}

describe('what a page brings', () => {
  it('is older where any of it stands at a version before', () => {
    expect(isOlder(things, things)).toBe(false)
    expect(isOlder({ ...things, product: { ...things.product, version: 6 } }, things)).toBe(true)
    expect(isOlder({ ...things, recipe: { ...things.recipe, version: 3 } }, things)).toBe(true)
    expect(isOlder({ ...things, ingredients: [{ ...things.ingredients[0]!, version: 1 }] }, things)).toBe(true)
  })
  it('is not older for what it no longer holds, or holds for the first time', () => {
    expect(isOlder({ ...things, ingredients: [] }, things)).toBe(false)
    expect(isOlder({ ...things, ingredients: [...things.ingredients, sampleIngredient('salt')] }, things)).toBe(false)
    expect(isOlder({ ...things, product: { ...things.product, version: 8 } }, things)).toBe(false)
    // what stands in for something damaged has no version
    const { version: _, ...hollow } = things.ingredients[0]!
    expect(isOlder({ ...things, ingredients: [hollow] }, things)).toBe(false)
  })
})
