// The summary for the front of a pack against the published guidance of the health departments and the Food Standards Agency ("Guide to
// creating a front of pack nutrition label", 2016), from memory: low, medium and high per 100 g, and high per portion over 100 g.
import { assess, rulesAsRead } from '@fair-tin/core'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../fixtures/sample'

const levels = (values: { fat: number; saturates: number; sugars: number; salt: number }, portion = 50) => {
  const sample = sampleIngredient('mix')
  const given = { ...values, sodiumMg: values.salt / 0.0025, carbohydrate: 60, protein: 5, fibre: 2 }
  const nutrients = Object.fromEntries(
    Object.entries(given)
      .filter(([code]) => code !== 'salt')
      .map(([code, value]) => [code, { value, source: 'x' }]),
  )
  const book = sampleWorkbook(
    [{ ...sample, nutrients }],
    [sampleRecipe('top', [sampleLine('mix', 1000)], { bakeLoss: 0 })],
    { netWeight: portion * 2, pieces: 2, pieceName: 'slice', printFront: true },
  )
  const { front } = assess(book, 'cake', 'uk').declaration
  return front
}
const named = (front: ReturnType<typeof levels>) => front!.cells.map(one => one.level)

describe('low, medium and high', () => {
  it.each([
    [{ fat: 3, saturates: 1.5, sugars: 5, salt: 0.3 }, ['low', 'low', 'low', 'low']],
    [{ fat: 3.1, saturates: 1.6, sugars: 5.1, salt: 0.31 }, ['medium', 'medium', 'medium', 'medium']],
    [{ fat: 17.5, saturates: 5, sugars: 22.5, salt: 1.5 }, ['medium', 'medium', 'medium', 'medium']],
    [{ fat: 17.6, saturates: 5.1, sugars: 22.6, salt: 1.51 }, ['high', 'high', 'high', 'high']],
  ])('per 100 g of %j', (values, expected) => expect(named(levels(values))).toEqual([null, ...expected]))
  it('a portion over 100 g is high by what it holds too', () => {
    const values = { fat: 14.1, saturates: 4.1, sugars: 18.1, salt: 1.21 }
    expect(named(levels(values, 150))).toEqual([null, 'high', 'high', 'high', 'high'])
    expect(named(levels(values, 100))).toEqual([null, 'medium', 'medium', 'medium', 'medium'])
    expect(named(levels({ fat: 14, saturates: 4, sugars: 18, salt: 1.2 }, 150))).toEqual([
      null,
      'medium',
      'medium',
      'medium',
      'medium',
    ])
  })
  it('each with its share of a day: 70, 20, 90 and 6 g, 2,000 kcal (Regulation (EU) 1169/2011, Annex XIII)', () => {
    const front = levels({ fat: 14, saturates: 4, sugars: 18, salt: 1.2 }, 50)!
    expect(front.lead).toBe('Each slice (50 g) holds')
    expect(front.cells.slice(1).map(one => [one.name, ...one.amounts, one.percent])).toEqual([
      ['Fat', '7.0 g', '10%'],
      ['Saturates', '2.0 g', '10%'],
      ['Sugars', '9.0 g', '10%'],
      ['Salt', '0.60 g', '10%'],
    ])
    // 37 × 14 + 17 × (60 + 5) + 8 × 2 kJ, and 9 × 14 + 4 × (60 + 5) + 2 × 2 kcal, per 100 g
    expect(front.cells[0]).toEqual({ name: 'Energy', amounts: ['820 kJ', '195 kcal'], percent: '10%', level: null })
  })
  it('stands in no other market, and nowhere unasked', () => {
    expect(['eu', 'us', 'ca', 'anz'].map(market => rulesAsRead(market as 'eu').table.front)).toEqual([
      null,
      null,
      null,
      null,
    ])
    const book = sampleWorkbook([sampleIngredient('mix')], [sampleRecipe('top', [sampleLine('mix', 100)])])
    expect(assess(book, 'cake', 'uk').declaration.front).toBeNull()
  })
})
