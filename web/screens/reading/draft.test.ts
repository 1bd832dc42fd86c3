import { recipeFile } from '@fair-tin/core/exchange'
import { type Line, type Recipe, unknownIngredient } from '@fair-tin/core/model'
import { readRecipe } from '@fair-tin/core/reading'
import { bakeOf } from '@fair-tin/core/recipe'
import { describe, expect, it } from 'vitest'
import { recipes } from '../../../demo/recipes'
import { type Draft, readAmounts, tinText } from './draft'
import { draftFromFile, draftFromReading, draftFromRecipe } from './draftFrom'
import { headedAnew, madeApart, unanswered } from './draftHeadings'
import { onShelf, openInDraft, questionsOf, withoutUnit } from './draftQuestions'
import { bakeText, readKeeps, recipeFrom } from './recipeFrom'

const larder = [
  { id: 'flour', name: 'buckwheat flour' },
  { id: 'salt', name: 'fine sea salt', standsFor: 'salt' },
]
const parts = [
  { id: 'blend', name: 'House flour blend' },
  { id: 'biscuits', name: 'Ginger biscuits' },
]
const read = (text: string): Draft => draftFromReading(readRecipe(text), larder, parts)
const built = (draft: Draft, id = 'new') => recipeFrom(draft, id, name => `made-${name}`)
const good = (draft: Draft) => {
  const result = built(draft)
  return 'recipe' in result ? result.recipe : expect.fail(JSON.stringify(result.problems))
}

describe('a draft', () => {
  it('keeps what was not understood as notes, and notes through an edit', () => {
    const recipe = good(
      read('Buns\nFrom the old garden, for a wedding. (1987)\n\n100 g buckwheat flour\n\nNotes\nServe warm'),
    )
    expect(recipe.notes).toBe('From the old garden, for a wedding. (1987)\nServe warm')
    expect(good(draftFromRecipe(recipe)).notes).toBe(recipe.notes)
    expect('notes' in good({ ...draftFromRecipe(recipe), notes: ' ' })).toBe(false)
    expect(built({ ...draftFromRecipe(recipe), notes: 'x'.repeat(20_001) })).toMatchObject({
      problems: [{ path: 'notes' }],
    })
  })
  it('names what is new as a larder does', () =>
    expect(read('Buns\n\n100 g Teff flour\n4 oz GF bran\nMOON DUST 10 g').lines.map(line => line.of)).toEqual([
      { fresh: 'teff flour' },
      { fresh: 'GF bran' },
      { fresh: 'moon dust' },
    ]))
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
  it('asks for a name where a line names none, even where something near is in the larder', () => {
    const asked = (text: string) => questionsOf(read(`Buns\n\n${text}\n200 g buckwheat flour`).lines[0]!)
    for (const text of ['100 g any flour', '100 g buckwheat flour of your choice', '100 g flour of any kind'])
      expect(asked(text)).toContain('Name one: what goes in must be known.')
    expect(asked('100 g buckwheat flour')).toEqual([])
  })
  it('asks about an allergen that is only spoken of beside the name', () => {
    const asked = (text: string) => questionsOf(read(`Buns\n\n200 g buckwheat flour\n${text}`).lines[1]!)
    expect(asked('5 g salt (rubbed with butter)')).toEqual([
      '“rubbed with butter” speaks of “butter”: if it goes in, give it a line of its own.',
    ])
    expect(asked('5 g salt, ground fine')).toEqual([])
    expect(asked('5 g salt (dairy-free)')).toEqual([])
    // it has a line of its own already
    expect(asked('5 g salt mixed with 20 g butter')).toEqual([])
    expect(read('Buns\n\n5 g salt mixed with 20 g butter').lines.map(line => line.of)).toEqual([
      { ingredient: 'salt' },
      { fresh: 'butter' },
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

describe('a recipe file', () => {
  const ingredient = (id: string, name: string) => ({ ...unknownIngredient(id, name) })
  const line = (id: string, of: Line['of'], change: Partial<Line> = {}): Line => ({
    id,
    of,
    amount: { value: 100, unit: 'g' },
    role: 'mix',
    ...change,
  })
  const blend: Recipe = { id: 'b', version: 4, name: 'Blend', lines: [line('1', { ingredient: 'f' })], steps: [] }
  const first: Recipe = { ...blend, id: 'b@1', version: 1, name: 'Blend (version 1)' }
  const icing: Recipe = {
    id: 'i',
    version: 1,
    name: 'Icing',
    lines: [line('2', { ingredient: 'new' }), line('3', { recipe: 'b' })],
    steps: [],
  }
  const cake: Recipe = {
    id: 'c',
    version: 2,
    name: 'Cake',
    pieces: 8,
    tin: { shape: 'ring', diameter: 20, hole: 6, depth: 8 },
    bakeLoss: 0.1,
    cup: 'us',
    lines: [
      line(
        '4',
        { ingredient: 'f' },
        {
          form: 'ground',
          retained: 0.5,
          role: 'drained',
          declareAs: 'merged',
          heading: 'Base',
          alternatives: [{ ingredient: 'new' }],
        },
      ),
      line('5', { recipe: 'b' }),
      line('6', { recipe: 'b', version: 1 }),
      line('7', { recipe: 'i' }, { afterBake: true, role: 'finish' }),
    ],
    steps: [{ text: 'Bake', when: 'oven', coreCelsius: 93 }],
  }
  const file = recipeFile(
    cake,
    [ingredient('f', 'teff flour'), ingredient('new', 'moon dust')],
    [cake, blend, first, icing],
  )
  const ids = (draft: Draft) => {
    const built = recipeFrom(draft, 'made', name => `fresh ${name}`)
    return 'recipe' in built ? built.recipe : expect.fail(JSON.stringify(built.problems))
  }
  it('finds what is here by its name, brings the parts that are not, and loses nothing of a line', () => {
    const draft = draftFromFile(file, [{ id: 'here-f', name: 'Teff flour' }], [{ id: 'here-b', name: 'blend' }])
    expect(draft.bring.map(one => one.draft.name)).toEqual(['Blend (version 1)', 'Icing'])
    const { id: _, version: __, lines, ...rest } = cake
    const { id: ___, version: ____, lines: settled, ...restSettled } = ids(draft)
    expect(restSettled).toEqual(rest)
    expect(settled).toEqual([
      { ...lines[0]!, of: { ingredient: 'here-f' }, alternatives: [{ ingredient: 'fresh moon dust' }] },
      { ...lines[1]!, of: { recipe: 'here-b' } },
      { ...lines[2]!, of: { recipe: 'bring:b@1' } },
      { ...lines[3]!, of: { recipe: 'bring:i' } },
    ])
    const icingHere = draft.bring[1]!.draft
    expect(icingHere.lines.map(one => one.of)).toEqual([{ fresh: 'moon dust' }, { recipe: 'here-b' }])
  })
  it('in a bakery that has nothing of it, brings everything', () => {
    const draft = draftFromFile(file, [], [])
    expect(draft.bring.map(one => one.key)).toEqual(['b', 'b@1', 'i'])
    expect(draft.lines.map(one => one.of)).toEqual([
      { fresh: 'teff flour' },
      { recipe: 'bring:b' },
      { recipe: 'bring:b@1' },
      { recipe: 'bring:i' },
    ])
  })
})

describe('what the reading page lets her put right', () => {
  const tinned = read('Slice\nMakes 12 in a 20 cm square tin\n\n100 g buckwheat flour')
  it('the tin, in centimetres or inches, or none; what is no tin is said', () => {
    expect([tinText(tinned), good(tinned).tin]).toEqual([
      '20 cm square',
      expect.objectContaining({ shape: 'square', side: 20 }),
    ])
    expect(good({ ...tinned, tin: '8 inch round' }).tin).toMatchObject({ shape: 'round', diameter: 20.3 })
    expect('tin' in good({ ...tinned, tin: ' ' })).toBe(false)
    expect(built({ ...tinned, tin: 'the blue one' })).toMatchObject({
      problems: [{ path: 'tin', message: expect.stringContaining('the blue one') }],
    })
  })
  it('a heading, for all its lines and no other', () => {
    const draft = read('Slice\n\nFor the base:\n100 g buckwheat flour\n2 g salt\n\nFor the top:\n5 g salt')
    expect(headedAnew(draft, draft.lines[0]!.heading, 'Crust').lines.map(line => line.heading)).toEqual([
      'Crust',
      'Crust',
      draft.lines[2]!.heading,
    ])
  })
  it('a number without a unit is said once, until it is touched', () => {
    const draft = read('Slice\n\nbuckwheat flour 250\n2 g salt')
    expect(withoutUnit(draft).map(line => [line.text, line.amount])).toEqual([['buckwheat flour 250', '250 g']])
    expect(questionsOf(draft.lines[0]!)).toEqual([])
    expect(withoutUnit({ ...draft, lines: draft.lines.map(line => ({ ...line, amount: '250 ml' })) })).toEqual([])
    // of what nobody counts, two is a question
    expect(questionsOf(read('Slice\n\n2 buckwheat flour\n2 g salt').lines[0]!).join()).toContain(
      '2 what of buckwheat flour?',
    )
  })
  it('what is not in the larder is offered from the starter shelf, by the very same name only', () => {
    expect(onShelf('sultanas')?.name).toBe('sultanas')
    expect(onShelf('moonflower dust')).toBeNull()
  })
  it('claims that the card makes, and no other', () => {
    expect(read('Vegan, nut free slice\n\n100 g buckwheat flour').claims).toEqual(['nutFree', 'vegan'])
    expect(read('Slice\ngluten free, no added sugar\n\n100 g buckwheat flour').claims).toEqual([
      'glutenFree',
      'noAddedSugar',
    ])
    expect(read('Slice\n\n100 g buckwheat flour').claims).toEqual([])
  })
  it('heat and time: as the method says, as she writes, and never against a method written since', () => {
    const draft = read('Buns\nOven 160 fan, 25-30 min\n\n100 g buckwheat flour\n\nMix and bake.')
    expect(bakeText(draft)).toEqual({ oven: '160 °C, fan', minutes: '25–30 min' })
    expect(bakeOf(good(draft).steps)).toEqual({ celsius: 160, fan: true, minutes: { from: 25, to: 30 } })
    const told = read('Buns\n\n100 g buckwheat flour\n\nMix.\nBake at 180 °C for 20 minutes.')
    expect(bakeText({ ...told, method: 'Bake at 170 °C for 35 minutes.' })).toEqual({
      oven: '170 °C',
      minutes: '35 min',
    })
    expect(bakeOf(good({ ...told, minutes: '1 h 10 min', oven: '350 F' }).steps)).toEqual({
      celsius: 180,
      minutes: { from: 70 },
    })
    for (const [field, typed] of [
      ['oven', 'quite hot'],
      ['oven', '900'],
      ['minutes', 'a while'],
      ['minutes', '0'],
    ] as const)
      expect(built({ ...told, [field]: typed })).toMatchObject({ problems: [{ path: field }] })
  })
  it('how it keeps: proposed from the text, and which date it is only she says', () => {
    const draft = read('Buns\n\n100 g buckwheat flour\n\nBake.\nKeeps 5 days in an airtight tin.')
    expect(readKeeps(draft)).toMatchObject({ path: 'keepsMark' })
    expect(readKeeps({ ...draft, keepsMark: 'useBy' })).toEqual({
      days: 5,
      mark: 'useBy',
      storage: 'in an airtight tin',
    })
    expect(readKeeps({ ...draft, keepsDays: '' })).toBeUndefined()
    for (const keepsDays of ['soon', '0', '1.5', '-3'])
      expect(readKeeps({ ...draft, keepsDays, keepsMark: 'bestBefore' })).toMatchObject({ path: 'keepsDays' })
  })
  it('a heading made a part: every line of it comes along, and nothing of it is asked again', () => {
    const draft = read(
      'Sesame buns\n\nFor the filling\n100 g buckwheat flour\n30 g dried figs\nFor the top\n5 g salt\n\nStir the figs into the filling.',
    )
    const apart = madeApart(draft, draft.lines[0]!.heading, parts)
    expect(apart.lines.map(line => line.amount)).toEqual(['1 making', '5 g'])
    expect(apart.bring.map(one => one.draft.lines.map(line => line.text))).toEqual([
      ['100 g buckwheat flour', '30 g dried figs'],
    ])
    expect(openInDraft(apart, { ingredients: larder, parts })).toEqual(
      openInDraft(draft, { ingredients: larder, parts }),
    )
    expect(built({ ...apart.bring[0]!.draft, bring: [] }, 'part')).toMatchObject({ recipe: { name: 'Filling' } })
    expect(openInDraft({ ...apart.bring[0]!.draft, bring: [] }, { ingredients: larder, parts })).toEqual([])
    expect(madeApart(draft, 'no such', parts)).toBe(draft)
    expect(madeApart(draft, draft.lines[0]!.heading, [{ id: 'x', name: 'filling' }]).bring[0]!.draft.name).toBe(
      'Filling 2',
    )
  })
  it('no part is made of lines that want an answer: it would be out of sight', () => {
    const draft = read('Buns\n\nFor the base\n100 g buckwheat\n5 g salt\nFor the top\n5 g salt')
    const [base, , top] = draft.lines.map(line => line.heading)
    expect(unanswered(draft, base!)?.text).toBe('100 g buckwheat')
    expect(unanswered(draft, top!)).toBeUndefined()
    const settled = { ...draft, lines: draft.lines.map(line => ({ ...line, asks: false })) }
    expect(built({ ...madeApart(settled, base!, parts).bring[0]!.draft, bring: [] })).toHaveProperty('recipe')
  })
  it('a part by its pieces or by whole makings: a bare number is asked about', () => {
    const line = (text: string) => read(`Buns\n\n${text}`).lines[0]!
    expect(line('3 pieces of ginger biscuits').amount).toBe('3 pieces')
    expect(line('1 batch ginger biscuits').amount).toBe('1 making')
    expect(questionsOf(line('12 ginger biscuits'))).toEqual(['Whole makings of it? Write “12 pieces” or “12 makings”.'])
    // also where it is said only here that it is a part, and not where it is said what it counts
    const picked = { ...line('12 oat thins'), of: { recipe: 'biscuits' }, asks: false }
    expect(questionsOf(picked)).toHaveLength(1)
    for (const amount of ['12 pieces', '12 makings', '300 g', '1'])
      expect(questionsOf({ ...picked, amount })).toEqual([])
    const of = (amount: string) => {
      const draft = read('Buns\n\n12 ginger biscuits')
      const { amount: written, form } = good({ ...draft, lines: [{ ...draft.lines[0]!, amount }] }).lines[0]!
      return [written?.value, form]
    }
    expect([of('12 pieces'), of('12'), of('2 makings')]).toEqual([
      [12, 'piece'],
      [12, undefined],
      [2, undefined],
    ])
    const again = draftFromRecipe(good(read('Buns\n\n3 pieces of ginger biscuits')))
    expect(again.lines[0]!.amount).toBe('3 pieces')
    // a number alone goes on counting what it counted
    const more = good({ ...again, lines: [{ ...again.lines[0]!, amount: '4' }] }).lines[0]!
    expect([more.amount?.value, more.form]).toEqual([4, 'piece'])
  })
})
