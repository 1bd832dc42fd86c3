import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { swapsThatMend } from './mend'

const spray = carrying('baking spray', 'wheat', 'contains')
const workbook = sampleWorkbook(
  [
    spray,
    sampleIngredient('rapeseed oil'),
    carrying('walnut oil', 'walnut', 'contains'),
    sampleIngredient('rice flour'),
    sampleIngredient('sugar'),
    carrying('brown rice flour', 'milk', 'mayContain'),
  ],
  [
    sampleRecipe('cake', [
      sampleLine('brown rice flour', 100, { id: 'flour' }),
      sampleLine('baking spray', 5, { id: 'spray', role: 'release' }),
    ]),
  ],
  { claims: ['glutenFree', 'dairyFree', 'nutFree'] },
)

describe('swaps that mend', () => {
  it('offer another release that carries none of it, and nothing that breaks another claim', () =>
    expect(swapsThatMend(workbook, 'cake', 'uk', 'glutenFree', 'spray').map(one => one.name)).toEqual(['rapeseed oil']))
  it('offer a thing that shares its name, and nothing that is merely free of it', () =>
    expect(swapsThatMend(workbook, 'cake', 'uk', 'dairyFree', 'flour').map(one => one.name)).toEqual(['rice flour']))
  it('offer nothing for a line that is not there', () =>
    expect(swapsThatMend(workbook, 'cake', 'uk', 'dairyFree', 'gone')).toEqual([]))
})
