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

describe('what stands beside, as its own facts have it', () => {
  const beside = (
    lines: Parameters<typeof sampleRecipe>[1],
    ingredients = [sampleIngredient('flour'), sampleIngredient('side')],
  ) => {
    const book = sampleWorkbook(ingredients, [sampleRecipe('top', [sampleLine('flour', 100), ...lines])])
    return servedBeside(billOf(book, 'top'), book)
  }
  const side = (change: Parameters<typeof sampleLine>[2] = {}) => sampleLine('side', 10, { role: 'beside', ...change })
  it('nothing open, nothing packed along, unless it is said', () => {
    expect(beside([])).toEqual([])
    expect(beside([side()])).toEqual([
      { id: 'side', name: 'side', contains: [], mayContain: [], open: false, goesAlong: false },
    ])
    expect(beside([side({ goesAlong: true })])[0]!.goesAlong).toBe(true)
  })
  it('twice is once, packed along where any of it is', () => {
    expect(beside([side(), side()])).toHaveLength(1)
    expect(beside([side(), side()])[0]!.goesAlong).toBe(false)
    expect(beside([side(), side({ goesAlong: true })])[0]!.goesAlong).toBe(true)
    expect(beside([side({ goesAlong: true }), side()])[0]!.goesAlong).toBe(true)
  })
  it('says what it carries, what it may, and what nobody knows', () => {
    const with_ = (code: Parameters<typeof carrying>[1], status: Parameters<typeof carrying>[2]) =>
      beside([side()], [sampleIngredient('flour'), carrying('side', code, status)])[0]
    expect(with_('milk', 'contains')).toMatchObject({ contains: ['milk'], mayContain: [], open: false })
    expect(with_('egg', 'mayContain')).toMatchObject({ contains: [], mayContain: ['egg'], open: false })
    expect(with_('soy', 'unknown')).toMatchObject({ contains: [], mayContain: [], open: true })
    // a word against its status speaks of it
    expect(
      beside([sampleLine('ghee', 10, { role: 'beside' })], [sampleIngredient('flour'), sampleIngredient('ghee')])[0],
    ).toMatchObject({ contains: ['milk'], open: false })
  })
  it('a part that is not there is open', () =>
    expect(beside([sampleLine('part:lost', 10, { role: 'beside' })])).toEqual([
      expect.objectContaining({ contains: [], mayContain: [], open: true, goesAlong: false }),
    ]))
})
