import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { onlyInMethod, onlyInMethodOf, onlyInMethods } from './onlyInMethod'

const spoken = (step: string, ...names: string[]) => onlyInMethod([step], names).map(one => one.word)
describe('food that only the method speaks of', () => {
  it.each([
    ['Brush with milk and bake.', ['teff flour'], ['milk']],
    ['Serve with custard.', ['damsons'], ['custard']],
    ['Scatter over the flaked almonds.', ['pumpkin seeds'], ['almonds']],
    ['Brush with egg and milk.', ['3 eggs'], ['milk']],
    // called by the same word, or the same allergen by another
    ['Rub in the butter.', ['plant butter'], []],
    ['Add the milk.', ['oat milk'], []],
    ['Fold in the almonds.', ['marzipan'], []],
    ['Beat in the egg.', ['1 flax egg'], []],
    // what is done, and what is said to be absent
    ['Cream the sugar and spread, then cream in the rest.', ['sugar'], []],
    ['Whip the cream.', ['sugar'], ['cream']],
    ['Use a milk-free spread.', ['spread'], []],
  ] as const)('%s', (step, names, words) => expect(spoken(step, ...names)).toEqual(words))
  it('is named by its step', () =>
    expect(onlyInMethod(['Mix.', 'Brush with milk, then more milk.'], ['teff'])).toEqual([{ step: 1, word: 'milk' }]))
  it('is never more for another line', () => {
    const names = fc.array(fc.constantFrom('plant butter', 'eggs', 'oat milk', 'ground almonds', 'teff flour'))
    const steps = fc.array(
      fc.constantFrom('Brush with milk.', 'Rub in butter.', 'Beat the eggs.', 'Add almonds and soya.'),
    )
    fc.assert(
      fc.property(steps, names, names, (told, some, more) => {
        const before = onlyInMethod(told, some)
        expect(before).toEqual(expect.arrayContaining(onlyInMethod(told, [...some, ...more])))
      }),
    )
  })
})

describe('of a recipe with parts', () => {
  const step = (text: string) => ({ text, when: 'bench' as const })
  const blend = sampleRecipe('Blend', [sampleLine('teff', 100)], { steps: [step('Mix, dust with almonds.')] })
  const cake = (...texts: string[]) =>
    sampleRecipe('Cake', [sampleLine('part:Blend', 100), sampleLine('spread', 50, { text: '50 g plant butter' })], {
      steps: texts.map(step),
    })
  const things = [sampleIngredient('teff'), sampleIngredient('spread')]
  it('its lines are called as written, as in the larder, and as the part is called', () => {
    const of = (text: string) => onlyInMethodOf(cake(text), { ingredients: things, recipes: [blend] })
    expect(of('Rub in the butter.')).toEqual([])
    expect(of('Brush with milk.')).toEqual([{ step: 0, word: 'milk' }])
  })
  it('says which method it is, and a part of itself ends', () => {
    const recipes = [cake('Brush with milk.'), blend]
    expect(onlyInMethods(recipes[0]!, { ingredients: things, recipes })).toEqual([
      { step: 0, word: 'milk', in: 'Cake' },
      { step: 0, word: 'almonds', in: 'Blend' },
    ])
    const round = { ...blend, lines: [sampleLine('part:Cake', 1)] }
    expect(onlyInMethods(recipes[0]!, { ingredients: things, recipes: [recipes[0]!, round] })).toHaveLength(2)
  })
  it('stands between the label and a signature', () => {
    const problems = (text: string) =>
      assess(sampleWorkbook(things, [cake(text), { ...blend, steps: [] }]), 'cake', 'uk').declaration.problems
    expect(problems('Bake.').some(one => /method/.test(one.what))).toBe(false)
    expect(problems('Serve with custard.')).toContainEqual(
      expect.objectContaining({ what: 'The method of Cake speaks of “custard”, and no line holds it.' }),
    )
  })
})
