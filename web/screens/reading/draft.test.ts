import { readRecipe } from '@fair-tin/core'
import { describe, expect, it } from 'vitest'
import { recipes } from '../../../demo/recipes'
import { type Draft, draftFromReading, draftFromRecipe, questionsOf, readAmounts, recipeFrom } from './draft'

const larder = [
  { id: 'flour', name: 'buckwheat flour' },
  { id: 'salt', name: 'fine sea salt', standsFor: 'salt' },
]
const parts = [{ id: 'blend', name: 'House flour blend' }]
const read = (text: string): Draft => draftFromReading(readRecipe(text), larder, parts)
const built = (draft: Draft, id = 'new') => recipeFrom(draft, id, name => `made-${name}`)
const good = (draft: Draft) => {
  const result = built(draft)
  return 'recipe' in result ? result.recipe : expect.fail(JSON.stringify(result.problems))
}

describe('a draft', () => {
  it('matches what it knows, asks about what it does not', () => {
    const draft = read(
      'Buns\n\n200 g buckwheat flour\n540 g house flour blend\na pinch of salt\n30 g dried figs\nbutter, for greasing',
    )
    expect(draft.lines.map(line => [line.of, questionsOf(line).length])).toEqual([
      [{ ingredient: 'flour' }, 0],
      [{ recipe: 'blend' }, 0],
      [{ ingredient: 'salt' }, 0],
      [{ fresh: 'dried figs' }, 1],
      [{ fresh: 'butter' }, 2],
    ])
    expect(good(draft).lines.map(line => line.of)).toEqual([
      { ingredient: 'flour' },
      { recipe: 'blend' },
      { ingredient: 'salt' },
      { ingredient: 'made-dried figs' },
      { ingredient: 'made-butter' },
    ])
  })
  it.each(recipes.map(recipe => [recipe.id, recipe] as const))(
    'opened and kept without a change, %s is the same recipe',
    (id, recipe) => {
      const back = recipeFrom(draftFromRecipe(recipe), id, name => name)
      const measures = { cup: recipe.cup ?? 'us' }
      expect('recipe' in back ? back.recipe : back.problems).toEqual({ ...recipe, ...measures })
    },
  )
  it('refuses an amount that cannot be one, names the line, and keeps what was typed', () => {
    const draft = read('Buns\n\n200 g buckwheat flour\n-5 g salt\n')
    expect(draft.lines[1]!.amount).toBe('−5 g')
    const result = built(draft)
    expect('problems' in result && result.problems).toEqual([
      { path: `lines.${draft.lines[1]!.key}.amount`, message: 'An amount cannot be less than nothing.' },
    ])
    expect(readAmounts('lots')).toEqual({
      problem: '“lots” is not an amount I can read. Try 120 g, 1½ cups or 3 large.',
    })
    expect(readAmounts('1e9 g')).toHaveProperty('problem')
    expect(readAmounts('')).toEqual({ amount: null, plus: [], also: [] })
    expect(readAmounts('½ cup plus 2 tbsp (80 g)')).toEqual({
      amount: { value: 0.5, unit: 'cup' },
      plus: [{ value: 2, unit: 'tbsp' }],
      also: [{ value: 80, unit: 'g' }],
    })
  })
  it('refuses a part inside itself, an empty recipe, and numbers that are none', () => {
    const draft = { ...read('Blend\n\n200 g buckwheat flour'), pieces: 'many', bakeLoss: '100' }
    const own = { ...draft, lines: [{ ...draft.lines[0]!, of: { recipe: 'self' } }] }
    const messages = (one: Draft, id = 'self') => {
      const result = built(one, id)
      return 'problems' in result ? result.problems.map(problem => problem.path) : []
    }
    expect(messages(own)).toEqual(['pieces', 'bakeLoss', `lines.${draft.lines[0]!.key}.of`])
    expect(messages({ ...draft, pieces: '', bakeLoss: '', name: ' ', lines: [] })).toEqual(['name', 'lines'])
  })
  it('keeps method, tin, oven and headings', () => {
    const recipe = good(
      read(
        'Buns\nMakes 6 in a 20 cm square tin\n\nFor the base\n200 g buckwheat flour\n\nMethod\nBake at 180 °C for 20-25 minutes.',
      ),
    )
    expect(recipe).toMatchObject({
      pieces: 6,
      tin: { shape: 'square', side: 20 },
      steps: [{ when: 'oven', celsius: 180, minutes: { from: 20, to: 25 } }],
      lines: [{ heading: 'Base' }],
    })
  })
})
