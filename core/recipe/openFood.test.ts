import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { starterShelf } from '../ingredient/starterShelf'
import type { Recipe } from '../model/recipe'
import { openFact, openFoodIn } from './openFood'

const step = (text: string) => ({ text, when: 'bench' as const })
const open = (change: Partial<Recipe>, ...names: string[]) => {
  const things = names.map(name => sampleIngredient(name))
  const recipe = sampleRecipe(
    'loaf',
    names.map(name => sampleLine(name, 100)),
    { name: 'Loaf', ...change },
  )
  return openFoodIn(recipe, { ingredients: things, recipes: [recipe] }).map(one => one.word)
}
const told = (text: string, ...names: string[]) => open({ steps: [step(text)] }, ...names)

describe('food that is written and stands in no line', () => {
  it.each([
    ['Brush with milk and bake.', ['teff flour'], ['milk']],
    ['Scatter over the flaked almonds.', ['pumpkin seeds'], ['flaked almonds']],
    ['Brush with egg and milk.', ['3 eggs'], ['milk']],
    // what only shares a word is not the same thing
    ['Rub in the butter.', ['plant butter'], ['butter']],
    ['Add the milk.', ['oat milk'], ['milk']],
    ['Whip the cream.', ['coconut cream'], ['cream']],
    ['Fold in the nuts.', ['pine nuts'], ['nuts']],
    ['Fold in the nuts.', ['hazelnuts'], []],
    ['Rub in the butter.', ['unsalted butter'], []],
    ['Fold in the almonds.', ['ground almonds'], []],
    // a kind by its general word is whatever of it there is; flour on a tin is asked for
    ['Sift the flour.', ['teff flour'], []],
    ['Add the sugar and the seeds.', ['caster sugar', 'pumpkin seeds'], []],
    ['Grease the tin well.', ['teff flour', 'sunflower oil'], ['grease']],
    ['Grease the tin with the sunflower oil.', ['teff flour', 'sunflower oil'], []],
    ['Spray with water and bake.', ['teff flour'], []],
    ['Grease and flour the tin.', ['teff flour'], ['grease', 'flour']],
    ['Dust the tin with flour.', ['teff flour'], ['flour']],
    // things that warn of nothing are food all the same
    ['Top with honey and a little rum.', ['teff flour'], ['honey', 'rum']],
    ['Stir in the grated carrots.', ['teff flour'], ['carrots']],
    // what is done, what is used, and what is said to be absent
    ['Cream the sugar and spread, then cream in the rest.', ['sugar', 'spread'], []],
    ['Use a milk-free spread.', ['spread'], []],
    ['Cut with a butter knife. Boil the water.', ['spread'], []],
  ] as const)('%s beside %j: %j', (text, names, words) => expect(told(text, ...names)).toEqual(words))
  it('is looked for in the name, the notes, every heading and every step, and asked once', () => {
    expect(open({ name: 'Sesame bars' }, 'rice')).toEqual(['sesame'])
    expect(open({ notes: 'Gran used butter.' }, 'rice')).toEqual(['butter'])
    expect(open({ lines: [sampleLine('rice', 5, { heading: 'Marzipan layer' })] }, 'rice')).toEqual(['marzipan'])
    expect(told('Brush with milk, then more milk.', 'rice')).toEqual(['milk'])
  })
  it('what is served beside answers for the serving, and for nothing that is in it', () => {
    const beside = (text: string, change: Partial<Recipe> = {}) => {
      const recipe = sampleRecipe('loaf', [sampleLine('rice', 100), sampleLine('cream', null, { role: 'beside' })], {
        name: 'Loaf',
        steps: [step(text)],
        ...change,
      })
      const things = ['rice', 'cream'].map(name => sampleIngredient(name))
      return openFoodIn(recipe, { ingredients: things, recipes: [recipe] }).map(one => one.word)
    }
    expect(beside('Serve with cream.')).toEqual([])
    expect(beside('Brush with cream.')).toEqual(['cream'])
    expect(beside('Bake.', { name: 'Cream loaf' })).toEqual(['cream'])
  })
  it('is looked for behind the name in a line’s own text, which answers for its name alone', () => {
    const written = (text: string, prep?: string) =>
      open({ lines: [sampleLine('oat biscuits', 5, { text, ...(prep ? { prep } : {}) })] }, 'oat biscuits')
    expect(written('100 g oat biscuits, crushed')).toEqual([])
    expect(written('100 g oat biscuits, rubbed with butter')).toEqual(['butter'])
    expect(written('100 g oat biscuits (walnuts, milk)')).toEqual(['walnuts', 'milk'])
    expect(written('100 g oat biscuits or marzipan')).toEqual(['marzipan'])
    expect(written('100 g oat biscuits', 'soaked in rum')).toEqual(['rum'])
    expect(
      open(
        {
          lines: [sampleLine('oat biscuits', 5, { text: '100 g oat biscuits, rubbed with butter' })],
          steps: [step('Melt the butter.')],
        },
        'oat biscuits',
      ),
    ).toEqual(['butter'])
  })
  it('a deed is no food, and a food is no deed', () => {
    for (const text of [
      'Spread over the base.',
      'Sprinkle on top.',
      'Bake it, then spread to the edge.',
      'Cream the lot.',
      'cream in the rest',
    ])
      expect(told(text, 'rice')).toEqual([])
    for (const text of ['Finish: cream on top', 'Cream over all', 'and cream.'])
      expect(told(text, 'rice')).toEqual(['cream'])
  })
  it('a denial ends where something else is done', () => {
    expect(told('If there is no sesame use walnuts.', 'rice')).toEqual(['walnuts'])
    expect(told('Without opening the oven brush with milk.', 'rice')).toEqual(['milk'])
    expect(told('Made without milk, eggs or nuts.', 'rice')).toEqual([])
  })
  it('what a recipe is called at its end is food too', () => {
    expect(open({ name: 'Sticky honey' }, 'rice')).toEqual(['honey'])
    expect(open({ name: 'Lemon syrup' }, 'lemons')).toEqual([])
  })
  it('is answered through every part, and by the name of a part', () => {
    const part = sampleRecipe('curd', [sampleLine('eggs', 50)], { name: 'Lemon curd' })
    const cake = sampleRecipe('cake', [sampleLine('part:curd', 100)], {
      name: 'Cake',
      steps: [step('Beat the eggs. Spread the lemon curd.')],
    })
    expect(openFoodIn(cake, { ingredients: [sampleIngredient('eggs')], recipes: [cake, part] })).toEqual([])
  })
  it('is closed by an answer, for that word and no other', () => {
    const answers = [{ word: 'Butter', said: 'plant butter is meant', by: 'Nell', on: '2026-11-26' }]
    expect(open({ answers, steps: [step('Rub in the butter.')] }, 'plant butter')).toEqual([])
    expect(open({ answers, steps: [step('Rub in the butter, add milk.')] }, 'plant butter')).toEqual(['milk'])
  })
  it('says where it is written', () =>
    expect(openFact({ where: 'notes', at: 0, word: 'rum' })).toBe('the notes speak of “rum”, and no line holds it'))
  it('is never more for another line', () => {
    const names = fc.array(fc.constantFrom('plant butter', 'eggs', 'oat milk', 'ground almonds', 'teff flour'))
    const steps = fc.array(
      fc.constantFrom(
        'Brush with milk.',
        'Rub in butter.',
        'Beat the eggs.',
        'Add almonds and soya.',
        'Flour the tin.',
      ),
    )
    fc.assert(
      fc.property(steps, names, names, (texts, some, more) => {
        const before = open({ steps: texts.map(step) }, ...some)
        expect(before).toEqual(expect.arrayContaining(open({ steps: texts.map(step) }, ...some, ...more)))
      }),
    )
  })
})

describe('an open question of a recipe', () => {
  const verdicts = (change: Partial<Recipe>) => {
    const book = sampleWorkbook(
      [sampleIngredient('rice')],
      [sampleRecipe('loaf', [sampleLine('rice', 100)], { name: 'Loaf', bakeLoss: 0, ...change })],
      {
        claims: ['glutenFree', 'dairyFree', 'vegan', 'noAddedSugar'],
        keeps: { days: 2, mark: 'bestBefore', storage: '' },
      },
    )
    const { claims, declaration } = assess(book, 'cake', 'uk')
    return { all: [...new Set(claims.map(one => one.verdict))], what: declaration.problems.map(one => one.what) }
  }
  it('leaves every claim unproven, with itself as the reason, and stands before a signature', () => {
    expect(verdicts({})).toEqual({ all: ['holds'], what: [] })
    const { all, what } = verdicts({ notes: 'With butter from the farm.' })
    expect(all).toEqual(['unproven'])
    expect(what.slice(0, 1)).toEqual([
      'Loaf: the notes speak of “butter”, and no line holds it. Gluten-free, dairy-free, vegan and no added sugars wait for it.',
    ])
  })
  it('is settled by an answer', () =>
    expect(
      verdicts({
        notes: 'With butter from the farm.',
        answers: [{ word: 'butter', said: 'not any more', by: 'Nell', on: '2026-11-26' }],
      }).all,
    ).toEqual(['holds']))
})

it('what stands in two rows or two sentences is asked about as two things', () => {
  const names = starterShelf.map(({ ingredient }) => ingredient.name.split(/[,(]/)[0]!.trim())
  const asked = (notes: string) => open({ notes })
  fc.assert(
    fc.property(
      fc.constantFrom(...names),
      fc.constantFrom(...names),
      fc.constantFrom('\n', '. '),
      (one, other, apart) => {
        const both = asked(`${one}${apart}${other}`)
        for (const word of [...asked(one), ...asked(other)]) expect(both).toContain(word)
      },
    ),
    { numRuns: 2000, examples: [['oats', 'cream', '\n']] },
  )
})
