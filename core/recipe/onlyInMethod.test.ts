import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { onlyInMethod } from './onlyInMethod'

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
