import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readRecipe } from './readRecipe'

const foods = ['rice flour', 'caster sugar', 'cream', 'dark chocolate', 'damsons', 'treacle', 'oats', 'ground almonds']
const amounts = [
  ['150 g', 150],
  ['80g', 80],
  ['2 tbsp', 2],
  ['120 ml', 120],
  ['½ tsp', 0.5],
] as const
const thing = fc.record({ food: fc.constantFrom(...foods), amount: fc.constantFrom(...amounts) })
const things = fc.uniqueArray(thing, { minLength: 3, maxLength: 6, selector: one => one.food })

describe('several things in one row', () => {
  it('are a line each, whatever stands between them, before or behind their amounts', () => {
    fc.assert(
      fc.property(
        things,
        fc.constantFrom(', ', '; ', ' / ', ' | ', ' + ', ' ◦ ', ' • ', ' · ', ' → ', ' ■ '),
        fc.boolean(),
        fc.constantFrom('', 'Truffles: ', 'Nell’s slab - ', 'For the base: '),
        fc.boolean(),
        (list, between, behind, head, titled) => {
          // signs between cells make a table
          if (head !== '' && between === ' | ') return
          const row = list
            .map(({ food, amount: [text] }) => (behind ? `${food} ${text}` : `${text} ${food}`))
            .join(between)
          const read = readRecipe(`${titled ? 'A damson slab\n\n' : ''}${head}${row}\n\nMix it all and bake.`)
          expect(
            read.lines.map(line => [line.item, line.amount?.value]),
            JSON.stringify(row),
          ).toEqual(list.map(({ food, amount: [, value] }) => [food, value]))
        },
      ),
      { numRuns: 400 },
    )
  })
  it('are a line each where a sign stands between each and its amount', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(thing, { minLength: 2, maxLength: 6, selector: one => one.food }),
        fc.constantFrom(': ', ' = ', ' : ', '='),
        fc.constantFrom(', ', '; '),
        fc.boolean(),
        (list, is, between, headed) => {
          const row = list.map(({ food, amount: [text] }) => `${food}${is}${text}`).join(between)
          const read = readRecipe(
            `A damson slab\n\n${headed ? 'Ingredients\n' : ''}${row}\n\nMethod\nMix it all and bake.`,
          )
          expect(
            read.lines.map(line => [line.item, line.amount?.value]),
            row,
          ).toEqual(list.map(({ food, amount: [, value] }) => [food, value]))
        },
      ),
      { numRuns: 200 },
    )
  })
  it('are a line each though nobody knows the names', () => {
    const names = [
      'gribble',
      'marlow dust',
      'tinker meal',
      'quay mix',
      'the brown stuff',
      'olla',
      'pemberly',
      'morrow crumbs',
    ]
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.record({
            name: fc.constantFrom(...names),
            amount: fc.constantFrom('150 g', '340', '2 tbsp', '6', '1/2 tsp'),
          }),
          { minLength: 3, maxLength: 5, selector: one => one.name },
        ),
        fc.constantFrom(', ', '; ', ' / ', ' + '),
        fc.constantFrom('', 'Truffles: ', 'Sauce = ', 'For the base: '),
        (list, between, head) => {
          const row = head + list.map(({ name, amount }) => `${amount} ${name}`).join(between)
          const read = readRecipe(
            `A damson slab\n\nIngredients\n100 g rice flour\n${row}\n2 eggs\n\nMethod\nMix it all and bake.`,
          )
          expect(
            read.lines.map(line => line.item.replace(/^the /, '')),
            row,
          ).toEqual(['rice flour', ...list.map(({ name }) => name.replace(/^the /, '')), 'eggs'])
        },
      ),
      { numRuns: 300 },
    )
  })
  it('names by themselves are a line each, and what is done to a thing is none', () => {
    const items = (row: string) =>
      readRecipe(
        `Cup cakes\n\nIngredients\n110 g each of: rice flour (sifted), caster sugar, soft spread\n${row}`,
      ).lines.map(line => line.item)
    const each = ['rice flour', 'caster sugar', 'soft spread']
    expect(items('hundreds and thousands, jelly sweets, chocolate buttons')).toEqual([
      ...each,
      'hundreds and thousands',
      'jelly sweets',
      'chocolate buttons',
    ])
    for (const one of ['walnuts, chopped small, toasted', 'butter, softened, cubed', 'sugar, brown, if you like'])
      expect(items(one), one).toHaveLength(4)
  })
  it('what has no amount among them is one too, and what is done to one is none', () => {
    const items = (text: string) => readRecipe(`Damson slab\n\n${text}\n\nBake.`).lines.map(line => line.item)
    expect(items('Fill: cream 150 ml, damsons 200 g, stoned, sugar 20 g, nutmeg')).toEqual([
      'cream',
      'damsons',
      'sugar',
      'nutmeg',
    ])
    expect(items('Top: oats 50 g; ground almonds (or hazelnuts; toasted) 60 g; salt 2 g')).toHaveLength(3)
  })
  it('and the sentences behind it are rows of their own', () => {
    const read = readRecipe(
      'Truffles: cream 150ml, dark choc 200g 70%, butter knob, whisky 1tbsp. Chill well. Roll in cocoa.',
    )
    expect([read.title, read.lines.map(line => line.item), read.steps.map(step => step.text)]).toEqual([
      'Truffles',
      ['cream', 'dark choc', 'butter knob', 'whisky'],
      ['Chill well.', 'Roll in cocoa.'],
    ])
  })
  it.each([
    'Per slice: 210 kcal, 12 g fat, 3 g protein, 20 g sugars',
    'Step one: melt 50 g butter, add 20 g sugar, stir in 30 g oats.',
    'Préparation : 20 min - Cuisson : 30 min',
    'Calories 230, Carbs 31g, Protein 4g, Fat 10g',
  ])('%s is no list', row => {
    const read = readRecipe(`Damson slab\n\n100 g rice flour\n90 g sugar\n3 eggs\n\n${row}`)
    expect(read.lines).toHaveLength(3)
  })
})
