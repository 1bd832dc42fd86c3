import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { billOf } from '../recipe/bill'
import { besideWarning, servedBeside } from './beside'

const beside = (lines: ReturnType<typeof sampleLine>[]) => {
  const workbook = sampleWorkbook(
    [
      sampleIngredient('flour'),
      sampleIngredient('pears'),
      carrying('double cream', 'milk', 'contains'),
      carrying('sauce', 'soy', 'mayContain'),
      sampleIngredient('ghee', { allergens: {} }),
    ],
    [sampleRecipe('cake', [sampleLine('flour', 100), ...lines]), sampleRecipe('ripple', [sampleLine('sauce', 10)])],
  )
  return servedBeside(billOf(workbook, 'cake'), workbook).map(besideWarning)
}
const served = (of: string, change = {}) => sampleLine(of, null, { role: 'beside', ...change })

describe('what is served beside', () => {
  it('is named with what it contains, may contain, and what nobody knows of it; by its words too', () =>
    expect(beside([served('double cream'), served('sauce'), served('pears'), served('ghee')])).toEqual([
      'Served beside it: double cream, which contains milk. No claim covers it.',
      'Served beside it: sauce, which may contain soya. No claim covers it.',
      'Served beside it: pears. No claim covers it.',
      'Served beside it: ghee, which contains milk and is not known in every allergen. No claim covers it.',
    ]))
  it('is found inside a part, named once, and where it is gone is not known', () => {
    expect(beside([served('part:ripple'), served('sauce')])).toEqual([
      'Served beside it: sauce, which may contain soya. No claim covers it.',
    ])
    expect(beside([served('gone', { text: 'lemon curd' })])).toEqual([
      'Served beside it: lemon curd, which is not known in every allergen. No claim covers it.',
    ])
  })
  it('is nothing where nothing is', () => expect(beside([sampleLine('sauce', 5)])).toEqual([]))
})
