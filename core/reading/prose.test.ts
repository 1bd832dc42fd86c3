import fc from 'fast-check'
import { expect, it } from 'vitest'
import { linesInProse } from './prose'
import { readRecipe } from './readRecipe'

const foods = ['butter', 'caster sugar', 'rice flour', 'ground almonds', 'double cream', 'dark chocolate', 'damsons']
const things = fc.uniqueArray(
  fc.record({ food: fc.constantFrom(...foods), grams: fc.integer({ min: 20, max: 900 }) }),
  {
    minLength: 2,
    maxLength: 5,
    selector: one => one.food,
  },
)
const linesOf = (text: string) =>
  readRecipe(text).lines.map(line => [line.item, line.amount?.value, line.amount?.unit] as const)

/** What people say before the first amount, whether or not it speaks of food itself. */
const leads = [
  'The cake takes',
  'It wants',
  'The pastry needs',
  'For the syrup boil',
  'Sift',
  'Rub in',
  'Then whisk',
  'The custard has',
  'Into the chocolate goes',
  'To the batter add',
  'First cream',
  'For the caramel melt',
  'We use',
  'Weigh out',
]
it('what leads to the first amount of a sentence is no name of anything', () => {
  fc.assert(
    fc.property(fc.constantFrom(...leads), things, fc.boolean(), (lead, list, greeted) => {
      const said = list.map(({ food, grams }) => `${grams}g ${food}`)
      const text = `A damson slab\n\n${greeted ? 'Hi both, as promised: ' : ''}${greeted ? lead.toLowerCase() : lead} ${said.slice(0, -1).join(', ')} and ${said.at(-1)}. See you on Saturday.`
      expect(linesOf(text), text).toEqual(list.map(({ food, grams }) => [food, grams, 'g']))
    }),
    { numRuns: 150 },
  )
})

it('a dot behind a unit ends nothing', () => {
  const many = fc.uniqueArray(
    fc.record({
      food: fc.constantFrom(...foods),
      much: fc.constantFrom('½ lb', '6 oz', '1½ oz', '2 tbsp', '¼ pt', '1 tsp', '3 fl. oz', '200 g', '2 T', '1 c'),
    }),
    { minLength: 2, maxLength: 5, selector: one => one.food },
  )
  const shape = fc.constantFrom('rows', 'row', 'sentence', 'capitals')
  fc.assert(
    fc.property(many, shape, (list, shape) => {
      const written = (dot: string) => {
        const said = list.map(
          // "200 g. Butter" may as well be two sentences
          ({ food, much }) =>
            `${much}${much.endsWith('g') && shape === 'capitals' ? '' : dot} ${shape === 'capitals' ? food[0]!.toUpperCase() + food.slice(1) : food}`,
        )
        return shape === 'rows'
          ? `Seed cake\n\n${said.join('\n')}`
          : shape === 'row'
            ? `Seed cake: ${said.join(', ')}.`
            : `From the old book. Seed cake. ${said.join(', ')}. Bake in a papered tin.`
      }
      expect(linesOf(written('.')), written('.')).toEqual(linesOf(written('')))
      expect(linesOf(written('.')).length, written('.')).toBe(list.length)
    }),
    { numRuns: 150 },
  )
})

it('so much of each is so much of every one, in a sentence too', () => {
  fc.assert(
    fc.property(things, fc.integer({ min: 5, max: 300 }), fc.constantFrom('each', 'each of'), (list, grams, each) => {
      const names = list.map(one => one.food)
      const text = `A damson slab. Take ${grams}g ${each} ${names.slice(0, -1).join(', ')} & ${names.at(-1)}. Bake for 30 minutes.`
      expect(linesOf(text), text).toEqual(names.map(name => [name, grams, 'g']))
    }),
    { numRuns: 80 },
  )
})

it('what one of a list says behind a mark or with an amount of its own is a line of its own', () => {
  fc.assert(
    fc.property(
      things,
      fc.constantFrom('; rub in ', '; stir thru ', '; then ', ' + ', ', ', '. filling - ', '; topping: '),
      fc.constantFrom('', 'A) ', 'Scones: ', 'Mix: sift '),
      (list, between, before) => {
        const text = `A damson slab\n\n${before}${list.map(({ food, grams }) => `${grams}g ${food}`).join(between)}`
        expect(linesOf(text), text).toEqual(list.map(({ food, grams }) => [food, grams, 'g']))
      },
    ),
    { numRuns: 150 },
  )
})

it('a card in one paragraph may be several lists, whatever parts their things', () => {
  const apart = fc.constantFrom(', ', ' / ', ' + ', '; ')
  const shape = fc.constantFrom('name first', 'amount first')
  const heads = fc.constantFrom(['Dry: ', 'Wet: '], ['Dry = ', 'Wet = '], ['Base - ', 'Filling - '], ['', ''])
  fc.assert(
    fc.property(things, things, apart, shape, heads, (one, other, sign, shape, [head = '', next = '']) => {
      fc.pre(one.length > 2 && other.length > 2)
      const said = (list: typeof one) =>
        list.map(({ food, grams }) => (shape === 'name first' ? `${food} ${grams} g` : `${grams} g ${food}`)).join(sign)
      const upper = (text: string) => (text === '' ? '' : text[0]!.toUpperCase() + text.slice(1))
      const text = `Meringue roulade (12 slices). ${upper(head + said(one))}. ${upper(next + said(other))}. Bake for 20 minutes and cool.`
      expect(
        linesOf(text).map(([item, value]) => [item.toLowerCase(), value]),
        text,
      ).toEqual([...one, ...other].map(({ food, grams }) => [food, grams]))
    }),
    { numRuns: 200 },
  )
})

it('what is measured by a vessel is a line, whatever the vessel', () => {
  const vessels = [
    'a soup-plate',
    'a teacup',
    'half a block',
    'a good half block',
    'a saucerful',
    'two ladles',
    'a tumbler',
  ]
  fc.assert(
    fc.property(things, fc.array(fc.constantFrom(...vessels), { minLength: 5, maxLength: 5 }), (list, chosen) => {
      const said = list.map(({ food }, at) => `${chosen[at]} of ${food}`)
      const text = `Grandmother’s slab, from watching: ${said.join(', ')}, one egg. Bake till it is brown.`
      const read = linesOf(text).map(([item]) => item)
      expect(read, text).toEqual([...list.map(one => one.food), 'egg'])
    }),
    { numRuns: 60 },
  )
})

it('the number of a step is no part of it', () => {
  const { steps, unread, ovenCelsius } = readRecipe(
    'Roulade\n1. Whisk 4 eggs with 120 g sugar.\n2. Sift over 90 g rice flour.\n3. 200C 9 min. Turn out.\n4. Roll.',
  )
  expect(unread).toEqual([])
  expect(ovenCelsius).toBe(200)
  expect(steps.map(step => step.text).join(' ')).toBe(
    'Whisk 4 eggs with 120 g sugar. Sift over 90 g rice flour. 200C 9 min. Turn out. Roll.',
  )
})

it('what only begins with the same word is weighed out too', () => {
  expect(
    linesOf('A slab of ours. 100 g milk, 50 g oats, 20 g salt. Then fold in 100 g milk chocolate, melted.').map(
      ([item]) => item,
    ),
  ).toEqual(['milk', 'oats', 'salt', 'milk chocolate'])
})

it('what was weighed out once is not weighed out again where it is spoken of', () => {
  fc.assert(
    fc.property(things, list => {
      const said = list.map(({ food, grams }) => `${grams} g ${food}`)
      const [first] = list
      const text = `A slab of ours. You need ${said.slice(0, -1).join(', ')} and ${said.at(-1)}. Melt the ${said[0]} in a pan, then stir in 10 g of the ${first!.food}.`
      expect(linesOf(text), text).toEqual(list.map(({ food, grams }) => [food, grams, 'g']))
    }),
    { numRuns: 80 },
  )
})

it.each(['bread mix 500 g strong', 'Dairy-free spread 100 g block', 'oat whip 200 ml cold', 'Spread 100 g dairy-free'])(
  '%s is what stands first',
  row => {
    expect(readRecipe(`Damson slab\n\n${row}\n100 g oats\n50 g damsons`).lines[0]!.item.toLowerCase()).toMatch(
      /mix|spread|whip/,
    )
  },
)

it('a list within the method of a recipe that has one above is not weighed out twice', () => {
  const { lines, steps } = readRecipe(
    'Damson slab\n\nIngredients\n200 g rice flour\n100 g butter\n80 g sugar\n3 eggs\n\nMethod\nButter tin.\n100 g butter + 80 g sugar + 3 eggs: whisk.\nFold in the flour.',
  )
  expect(lines.map(({ item }) => item)).toEqual(['rice flour', 'butter', 'sugar', 'eggs'])
  expect(steps.map(step => step.text)[0]).toBe('Butter tin.')
})

it('what stands in the bracket of an amount goes with it', () => {
  for (const inside of ['5-6 lemons', '5 lemons', 'about 2 lemons', '4 of them, 2 more to serve'])
    expect(linesInProse(`Whisk 6 eggs with 1 cup juice (${inside}), fold in 200 g sugar`), inside).toEqual([
      '6 eggs',
      `1 cup juice (${inside})`,
      '200 g sugar',
    ])
})
