import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { RecipeEdit } from '../edit/recipeEdit'
import { Ingredient, longestName, unknownIngredient } from './ingredient'
import { Product } from './product'
import { Workbook } from './workbook'

const workbook = sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])])
const product = workbook.products[0]!
const refused = (change: object): string =>
  Product.safeParse({ ...product, ...change }).error?.issues[0]?.message ?? 'taken'

describe('what may be kept', () => {
  it('takes a workbook as it is written', () =>
    expect(Workbook.parse(JSON.parse(JSON.stringify(workbook)))).toEqual(workbook))
  it('refuses a product that no label could be made of, in words', () => {
    const keeps = (days: number) => refused({ keeps: { days, mark: 'bestBefore', storage: '' } })
    expect([keeps(1e9), keeps(0), keeps(2.5), keeps(Number.NaN)]).toEqual([
      'Ten years is the most a date can be set ahead.',
      'It keeps for at least a day.',
      'Say for how many days it keeps, as a whole number.',
      'Say for how many days it keeps, as a whole number.',
    ])
    expect(refused({ netWeight: Number.NaN })).toBe('Say what one pack weighs, in grams.')
    expect(refused({ netWeight: 1e12 })).toMatch(/over a tonne/)
    expect(refused({ pieces: 0 })).toBe('Say how many pieces are in one pack.')
  })
  it('can be assessed at every edge it allows', () => {
    for (const days of [1, 3650])
      for (const netWeight of [0.001, 1_000_000]) {
        const edge = Product.parse({ ...product, netWeight, keeps: { days, mark: 'useBy', storage: '' } })
        expect(assess({ ...workbook, products: [edge] }, 'cake', 'uk').declaration.particulars.date).toMatch(
          /^Use by \d+ \w+ 20\d\d$/,
        )
      }
  })
  it('refuses a name longer than a name, in the larder and in an edit that would start one there', () => {
    const long = 'y'.repeat(longestName + 1)
    expect(Ingredient.safeParse(unknownIngredient('x', long)).success).toBe(false)
    expect(RecipeEdit.safeParse({ kind: 'add', line: sampleLine('x', 1), after: null, fresh: long }).success).toBe(
      false,
    )
    expect(RecipeEdit.safeParse({ kind: 'add', line: sampleLine('x', 1), after: null, fresh: 'carob' }).success).toBe(
      true,
    )
  })
  it('refuses prices and packs that are slips of the finger', () => {
    const packed = (change: object) =>
      Ingredient.safeParse(
        sampleIngredient('x', {
          packs: [{ grams: 1000, price: '1.00', currency: 'GBP', from: '2026-01-01', ...change }],
        }),
      ).success
    expect([
      packed({}),
      packed({ price: '0' }),
      packed({ price: '9'.repeat(400) }),
      packed({ price: '-1' }),
      packed({ price: '1e5' }),
      packed({ grams: 0 }),
      packed({ grams: 1e300 }),
    ]).toEqual([true, true, false, false, false, false, false])
  })
})
