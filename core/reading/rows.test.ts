import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readRecipe } from './readRecipe'
import { rowsOf } from './rows'

const texts = (text: string) => rowsOf(text).rows.map(row => row.text)

describe('the rows of a pasted text', () => {
  it('two lists side by side are read one after the other', () => {
    const pasted = `FOR THE CAKE:             FOR THE ICING:
2 cups rice flour         50 g vegan butter
1 cup sugar               2 cups icing sugar
2 eggs                    1 tbsp oat milk
1 tsp baking powder`
    const read = readRecipe(pasted)
    expect(read.lines.map(({ heading, item }) => [heading, item])).toEqual([
      ['Cake', 'rice flour'],
      ['Cake', 'sugar'],
      ['Cake', 'eggs'],
      ['Cake', 'baking powder'],
      ['Icing', 'vegan butter'],
      ['Icing', 'icing sugar'],
      ['Icing', 'oat milk'],
    ])
    // each sign of it belongs to one row, whatever the order they are read in
    expect(read.spans.map(({ from, to }) => pasted.slice(from, to)).join('')).toBe(pasted)
  })
  it('an amount in a column of its own is no second list', () =>
    expect(texts('rice flour    200 g    60\nwater    150 g    40\nsalt    4 g    1')).toEqual([
      '200 g rice flour',
      '150 g water',
      '4 g salt',
    ]))
  it.each(['✦', '➊', '★', '»', '→', '•', '☐'])('%s before a row is no part of it', sign =>
    expect(texts(`${sign} 200 g sugar\n${sign} 2 eggs`)).toEqual(['200 g sugar', '2 eggs']),
  )
  it('two things in one row, each saying how much', () =>
    expect(texts('6 plums, sliced | 1 tbsp demerara | chopped hazelnuts to scatter')).toEqual([
      '6 plums, sliced',
      '1 tbsp demerara',
      'chopped hazelnuts to scatter',
    ]))
  it('a short row between single stars is a heading, a remark in them is none', () =>
    expect(texts('*Base*\n200 g flour\n*This keeps for a week.*')).toEqual([
      'Base:',
      '200 g flour',
      'This keeps for a week.',
    ]))
})

describe('a conversation', () => {
  it('is read without when a row was sent and by whom; an amount that looks like a time stays', () => {
    const chat = '[09:15] Ines: 200 g flour\n10.50 kg oats\n[09:16] Ruby: 2 eggs\n[09:16] 20 g salt'
    expect(texts(chat)).toEqual(['200 g flour', '10.50 kg oats', '2 eggs', '20 g salt'])
    expect(texts('12/03/2026, 09:15 - Ines: 200 g flour\n12/03/2026, 9:16 pm - Ines: 2 eggs')).toEqual([
      '200 g flour',
      '2 eggs',
    ])
    // food is nobody who speaks
    expect(texts('10:15 Butter: 200 g\n10:20 Sugar: 100 g')).toEqual(['10:15 Butter: 200 g', '10:20 Sugar: 100 g'])
    expect(texts('> 200 g flour\n>> 2 eggs')).toEqual(['200 g flour', '2 eggs'])
  })
})

const things = fc.uniqueArray(
  fc.record({
    food: fc.constantFrom(...['hazelnut meal', 'egg white', 'caster sugar', 'potato starch', 'salt', 'cocoa']),
    share: fc.integer({ min: 21, max: 90 }),
  }),
  { minLength: 3, maxLength: 6, selector: one => one.food },
)
const sizes = fc.constantFrom(
  ['1 tin', '3 tins'],
  ['x1', 'x4'],
  ['small', 'large'],
  ['Batch A', 'Batch B'],
  ['Single', 'Double'],
  ['1', '2'],
)
it.each([
  ['tabs', (cells: string[]) => cells.join('\t')],
  ['strokes', (cells: string[]) => `| ${cells.join(' | ')} |`],
  [
    'blanks',
    (cells: string[]) =>
      cells
        .map(cell => cell.padEnd(18))
        .join('')
        .trimEnd(),
  ],
] as const)(
  'a table of several sizes, held apart by %s, is read by the first of them, and shares are no amounts',
  (_, row) => {
    fc.assert(
      fc.property(
        things,
        sizes,
        fc.constantFrom('%', 'Baker’s %', 'ratio', null),
        (list, [small = '', large = ''], share) => {
          const cells = (head: string, part: string, one: string, more: string) =>
            row([head, ...(share === null ? [] : [part]), one, more])
          const text = [
            'Hazelnut torte',
            '',
            cells('Ingredient', share ?? '', small, large),
            ...list.map(one => cells(one.food, String(one.share), String(one.share * 3), String(one.share * 9))),
            '',
            'Bake for 30 minutes.',
          ].join('\n')
          const read = readRecipe(text)
          expect(
            read.lines.map(line => [line.item, line.amount?.value, line.amount?.unit]),
            text,
          ).toEqual(list.map(one => [one.food, one.share * 3, 'g']))
        },
      ),
      { numRuns: 100 },
    )
  },
)

it('a word that a narrow column broke is one word, whatever it is; a stroke that belongs to it stays', () => {
  const foods = ['butter', 'hazelnuts', 'buttermilk', 'margarine', 'almonds', 'mascarpone', 'pistachios', 'semolina']
  fc.assert(
    fc.property(fc.constantFrom(...foods), fc.nat(), fc.boolean(), (food, at, loud) => {
      const written = loud ? food.toUpperCase() : food
      const [from, to] = [2, food.length - 2]
      const cut = from + (at % (to - from + 1))
      const text = `Buns\n100 g rice flour\n125 g ${written.slice(0, cut)}-\n${written.slice(cut)}\n2 eggs`
      expect(readRecipe(text).lines.map(one => one.item.toLowerCase())).toEqual(['rice flour', food, 'eggs'])
    }),
  )
  expect(
    texts(
      '350 g flour (gluten-\nfree) plus extra\n1 tsp bicarbonate of\nsoda\n80 g raisins (pre-soaked\nin rum), drained',
    ),
  ).toEqual([
    '350 g flour (gluten-free) plus extra',
    '1 tsp bicarbonate of soda',
    '80 g raisins (pre-soaked in rum), drained',
  ])
  // a name of two words is not made one; a sad face opens no bracket
  expect(texts('80 ml almond-\nmilk, warm\nno eggs :(\n200 g butter :)')).toEqual([
    '80 ml almond-milk, warm',
    'no eggs :(',
    '200 g butter :)',
  ])
  // a dash that is none of a word, a list by letters, and what begins anew
  expect(texts('For the base -\nbutter\n(see below\na) 100 g oats\nGluten-\n100 g rice')).toHaveLength(6)
})

it('a table is read by its head, however a line parts the head from its rows', () => {
  const rulers = [
    ['---', '---', '---'],
    [':---', ':---:', '---:'],
    ['-', '-', '-'],
    ['=====', '=====', '====='],
    [':-:', '--', ':--'],
  ]
  // without ends only blanks tell that a stroke parts cells
  for (const ruler of rulers)
    for (const joint of ['|', ' | '])
      for (const ends of joint === '|' ? [true] : [true, false]) {
        const row = (cells: readonly string[]) => `${ends ? '| ' : ''}${cells.join(joint)}${ends ? ' |' : ''}`
        const text = [['Ingredient', 'Bakers %', 'g'], ruler, ['Sorghum', '50', '500'], ['Lupin flour', '10', '100']]
          .map(row)
          .join('\n')
        const { lines, title } = readRecipe(text)
        expect([title, ...lines.map(one => `${one.amount?.value} ${one.amount?.unit} ${one.item}`)], text).toEqual([
          '',
          '500 g Sorghum',
          '100 g Lupin flour',
        ])
      }
})
it('a list behind what it is called is a list, whatever a bracket says of it', () => {
  for (const head of ['Mix A', 'Mix A (dry)', 'Mix A (dry, keeps 3 months)', 'Blend'])
    for (const sign of [':', ' -', ' ='])
      expect(
        readRecipe(`${head}${sign} teff 400, rice 300, milk powder 60\n2 eggs`).lines.map(one => one.item),
        `${head}${sign}`,
      ).toEqual(['teff', 'rice', 'milk powder', 'eggs'])
})

it('a sheet saved as text is read alike, its cells in quotes or not', () => {
  const cells = [
    ['Ingredient', 'Qty', 'Unit'],
    ['Rice flour', '200', 'g'],
    ['Butter, unsalted', '100', 'g'],
    ['Milk "whole"', '1.5', 'l'],
  ]
  const quoted = (cell: string) => `"${cell.replaceAll('"', '""')}"`
  const where = [quoted, (cell: string) => (/[",;]/.test(cell) ? quoted(cell) : cell)]
  for (const sign of [',', ';', ', '])
    for (const write of where) {
      const text = cells.map(row => row.map(write).join(sign)).join('\n')
      const { lines } = readRecipe(text)
      expect(
        lines.map(one => `${one.amount?.value} ${one.amount?.unit}`),
        text,
      ).toEqual(['200 g', '100 g', '1.5 l'])
      for (const [at, name] of [/Rice flour/, /butter/i, /Milk/].entries()) expect(lines[at]!.item).toMatch(name)
    }
})
