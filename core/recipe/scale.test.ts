import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { scaleFactor } from './scale'
import { baseArea, tinFactor, tinVolume } from './tin'

const recipe = sampleRecipe('top', [sampleLine('flour', 200), sampleLine('sugar', 100)], {
  pieces: 12,
  bakeLoss: 0.1,
  tin: { shape: 'square', side: 20, depth: 5 },
})
const workbook = sampleWorkbook([sampleIngredient('flour'), sampleIngredient('sugar')], [recipe])
const factor = (target: Parameters<typeof scaleFactor>[1]) => scaleFactor(recipe, target, workbook)

describe('scaleFactor', () => {
  it('scales to pieces, weight, factor, tin, and using something up', () => {
    expect(factor({ pieces: 48 })).toBe(4)
    expect(factor({ grams: 540 })).toBeCloseTo(2, 9)
    expect(factor({ factor: 3 })).toBe(3)
    expect(factor({ tin: { shape: 'rectangle', length: 40, width: 20, depth: 5 }, tins: 1 })).toBeCloseTo(2, 9)
    expect(factor({ useUp: { ingredient: 'sugar', grams: 250 } })).toBeCloseTo(2.5, 9)
  })
  it('uses up what goes in, not what is served beside', () => {
    const beside = sampleRecipe('top', [sampleLine('flour', 100), sampleLine('flour', 300, { role: 'beside' })])
    const use = { useUp: { ingredient: 'flour', grams: 200 } }
    expect(scaleFactor(beside, use, sampleWorkbook([sampleIngredient('flour')], [beside]))).toBe(2)
  })
  it('says what is missing instead of guessing', () => {
    const { pieces: _, tin: __, ...bare } = recipe
    expect(() => scaleFactor(bare, { pieces: 4 }, workbook)).toThrow(/how many pieces/)
    expect(() => scaleFactor(bare, { tin: { shape: 'round', diameter: 20, depth: 5 }, tins: 1 }, workbook)).toThrow(
      /which tin/,
    )
    expect(() => factor({ useUp: { ingredient: 'saffron', grams: 1 } })).toThrow(/no known weight/)
    for (const wrong of [0, -1, Number.NaN, Number.POSITIVE_INFINITY])
      expect(() => factor({ factor: wrong })).toThrow(RangeError)
  })
})
describe('tins', () => {
  it('measures every shape', () => {
    expect(baseArea({ shape: 'ring', diameter: 20, hole: 6, depth: 8 })).toBeCloseTo(Math.PI * 91, 9)
    expect(tinVolume({ shape: 'cups', count: 12, volumeMl: 100 })).toBe(1200)
    expect(baseArea({ shape: 'cups', count: 12, volumeMl: 90 })).toBeCloseTo(240, 9)
  })
  it('goes there and back', () => {
    const [a, b] = [
      { shape: 'round', diameter: 23, depth: 6 } as const,
      { shape: 'loaf', length: 23, width: 13, depth: 7 } as const,
    ]
    expect(tinFactor(a, b) * tinFactor(b, a)).toBeCloseTo(1, 12)
  })
})
