import { describe, expect, it } from 'vitest'
import { readRecipe } from './readRecipe'

const lines = (text: string) =>
  readRecipe(text).lines.flatMap(({ amount, item }) => (amount ? [`${amount.value} ${item}`] : []))
describe('amounts and names in rows of their own', () => {
  it.each([
    ['amounts first', 'Cake\n4\neggs\n200 g\nbutter'],
    ['under a word that opens the list', 'Cake\nIngredients\n4\neggs\n200 g\nbutter\nMethod\nMix.'],
    ['names first', 'Cake\n\neggs\n4\nbutter\n200 g'],
    ['names first, and the method behind them', 'Cake\neggs\n4\nbutter\n200 g\nMix well'],
  ])('%s', (_, text) =>
    expect(lines(text)).toEqual(expect.arrayContaining([expect.stringMatching(/^4 eggs?$/), '200 butter'])),
  )
  it('nothing is joined where nobody can tell which belongs to which', () => {
    expect(lines('Cake\nfor two\neggs\n4\nbutter\n200 g\nsugar').join()).not.toContain('200 sugar')
    expect(lines('Cake\n100 g flour\n4\neggs')).toContain('100 flour')
  })
  it('what a speaker says before an amount, and when, is no name', () =>
    expect(
      lines('0:04 my slice\n0:11 so you need 250 grams of dark chocolate\n0:15 a hundred grams of butter'),
    ).toEqual(['250 dark chocolate', '100 butter']))
})
