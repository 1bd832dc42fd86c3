import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { closureOf } from './closure'
import { partsHolding } from './partsHolding'

describe('the recipes an ingredient goes into', () => {
  it('are those whose own closure holds it, however deep and whatever circles (property)', () => {
    const of = fc.oneof(
      fc.integer({ min: 0, max: 7 }).map(at => `part:r${at}`),
      fc.constantFrom('flour', 'milk', 'salt'),
    )
    fc.assert(
      fc.property(fc.array(fc.array(of, { maxLength: 4 }), { minLength: 8, maxLength: 8 }), all => {
        const recipes = all.map((lines, at) =>
          sampleRecipe(
            `r${at}`,
            lines.map(one => sampleLine(one, 10)),
          ),
        )
        const book = sampleWorkbook([], recipes)
        const things = ['flour', 'milk', 'salt'].map(id => ({ id, name: id }))
        const whole = { ...book, ingredients: things as never }
        for (const { id } of things) {
          const holding = partsHolding(recipes, id)
          for (const recipe of recipes)
            expect(holding.has(recipe.id), `${id} in ${recipe.id}`).toBe(
              closureOf(whole, recipe, []).ingredients.some(one => one.id === id),
            )
        }
      }),
    )
  })
  it('what may be used instead counts, and what is frozen in an old version', () => {
    const part = {
      ...sampleRecipe('p', [{ ...sampleLine('oat drink', 10), alternatives: [{ ingredient: 'milk' }] }]),
      id: 'p@3',
    }
    const top = sampleRecipe('top', [{ ...sampleLine('part:p', 10), of: { recipe: 'p', version: 3 } }])
    expect([...partsHolding([top, part], 'milk')].sort()).toEqual(['p', 'top'])
  })
})
