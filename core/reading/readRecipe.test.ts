import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Card, cards } from '../../tests/fixtures/recipeCards'
import { type ReadRecipe, readRecipe, rowsToRead } from './readRecipe'

const card = `Damson & buckwheat slice
Makes 24 slices in two 20 cm square tins
A family favourite, from the old garden.

For the base
1½ cups buckwheat flour
100 g / 3½ oz plant butter, softened, plus extra for greasing
3 large eggs

For the filling:
500 g damsons, stoned

To finish
30 g pumpkin seeds
coconut yoghurt, to serve

Method
1. Heat the oven to 350°F.
2. Mix everything and press into the tin.
3. Bake for 35-40 minutes, until a core of 93 °C. Cool in the tin.`

describe('what is told beside the lines', () => {
  it.each([
    ['Prove 60 mins @ 28C // bake 50 mins @ 220C', 220, 50],
    ['Autolyse 10 mins, then bake at 200 C for 35 minutes', 200, 35],
    ['mix everything, 180 for half an hour in the brownie tin', 180, 30],
    ['Let it rise at 26 °C. Bake 40 min at 210 °C', 210, 40],
  ])('%s', (text, celsius, from) => {
    const read = readRecipe(`Loaf\n\n200 g flour\n5 g salt\n7 g yeast\n\nMethod\n${text}`)
    expect([read.ovenCelsius, read.minutes?.from]).toEqual([celsius, from])
  })
  it.each([
    ['yield: 1 x 23cm / 12 ptn', 12],
    ['Leave to cool before cutting into 16 squares.', 16],
    ['Torte (12 ptn)', 12],
  ])('%s', (text, pieces) => expect(readRecipe(`Torte\n${text}\n\n200 g flour\n2 ea eggs`).pieces).toBe(pieces))
  it('capitals behind a blank row are a heading, whatever food they name; its lines are under it', () => {
    const read = readRecipe(
      'Tartlets\n\nPASTRY\n200 g flour\n\nCUSTARD\n300 ml oat drink\n3 egg yolks\n\nTOP\n20 g pistachios',
    )
    expect(read.lines.map(line => [line.heading, line.item])).toEqual([
      ['Pastry', 'flour'],
      ['Custard', 'oat drink'],
      ['Custard', 'egg yolks'],
      ['Top', 'pistachios'],
    ])
  })
  it('each counts', () =>
    expect(readRecipe('6 ea eggs\n2 ea. oranges\n5 g salt').lines.map(line => [line.amount?.value, line.item])).toEqual(
      [
        [6, 'eggs'],
        [2, 'oranges'],
        [5, 'salt'],
      ],
    ))
})

describe('readRecipe', () => {
  const read = readRecipe(card)
  it('finds title, yield, tin and oven', () => {
    expect(read).toMatchObject({
      title: 'Damson & buckwheat slice',
      pieces: 24,
      tins: 2,
      tin: { shape: 'square', side: 20 },
      ovenCelsius: 180,
      minutes: { from: 35, to: 40 },
    })
  })
  it('gives each line its heading, and the role the heading names', () => {
    expect(read.lines.map(line => [line.item, line.heading, line.role])).toEqual([
      ['buckwheat flour', 'Base', 'mix'],
      ['plant butter', 'Base', 'mix'],
      ['plant butter', 'Base', 'release'],
      ['eggs', 'Base', 'mix'],
      ['damsons', 'Filling', 'mix'],
      ['pumpkin seeds', 'To finish', 'finish'],
      ['coconut yoghurt', 'To finish', 'beside'],
    ])
  })
  it('reads the method as steps', () => {
    expect(read.steps.map(step => step.when)).toEqual(['ahead', 'bench', 'oven'])
    expect(read.steps[2]).toMatchObject({ minutes: { firstLook: 35, from: 35, to: 40 }, coreCelsius: 93 })
  })
  it('keeps what it does not understand', () =>
    expect(read.unread).toEqual(['A family favourite, from the old garden.']))

  it('takes nothing from an empty paste, a novel, or markup alone', () => {
    expect(readRecipe('   \n ').lines).toEqual([])
    const novel = Array.from(
      { length: 300 },
      (_, at) =>
        `It was the ${at + 1}st evening of the harvest, and nobody in the harbour had slept, for the wind would not let them.`,
    ).join('\n')
    expect(readRecipe(novel).lines).toEqual([])
    expect(
      readRecipe('<script>alert(1)</script><p>Buns</p><ul><li>200 g rice flour</li><li>2 eggs</li></ul>'),
    ).toMatchObject({ title: 'Buns', lines: [{ item: 'rice flour' }, { item: 'eggs' }] })
  })
  it('takes “Two-window buns” for a title, not for two of something', () =>
    expect(readRecipe('Two-window buns\n\n200 g rice flour')).toMatchObject({
      title: 'Two-window buns',
      lines: [{ item: 'rice flour' }],
    }))
  it.each(['Four hundred lines', 'Three grain loaf'])('takes “%s” for a title', title =>
    expect(readRecipe(`${title}\n\n200 g rice flour`)).toMatchObject({ title, lines: [{ item: 'rice flour' }] }),
  )
  it('takes a thing in the middle of a list for no heading, and no name for a deed', () => {
    const items = (text: string) => readRecipe(text).lines.map(line => line.item)
    expect(items('Pie\n\n200 g apples\nPastry\n100 g sugar\nSpread\nToast\nServe with cream\nalmonds')).toEqual([
      'apples',
      'Pastry',
      'sugar',
      'Spread',
      'Toast',
      'cream',
      'almonds',
    ])
    expect(items('Ingredients\nflour\nspread\nmilk\nalmonds')).toEqual(['flour', 'spread', 'milk', 'almonds'])
  })
  it('reads 400 lines', () => {
    const lines = Array.from({ length: 400 }, (_, at) => `${at + 1} g ingredient number ${at}`)
    expect(readRecipe(['Everything cake', '', ...lines].join('\n')).lines).toHaveLength(400)
  })
  it.each(['1', '1/', '1.', '(', '½ ', 'half ', '1 cup plus ', '20 x '])(
    'loses nothing of a row of 20,000 × “%s”',
    piece => {
      const row = piece.repeat(20_000).trim()
      const { lines, steps, unread } = readRecipe(`Buns\n\n200 g rice flour\n${row}`)
      expect([...lines, ...steps].map(one => one.text).concat(unread)).toContainEqual(
        expect.stringContaining(row.slice(-500)),
      )
    },
  )
  it('loses no row of what was pasted', () => {
    const seen = [
      read.title,
      ...read.lines.map(line => line.text),
      ...read.steps.map(step => step.text),
      ...read.unread,
    ].join('\n')
    for (const row of card.split('\n').filter(row => /\d{2,}|favourite|yoghurt/.test(row) && !/^Makes/.test(row)))
      expect(seen).toContain(row.replace(/^\d\. /, '').replace(/^- /, ''))
  })
})

/** What was read, as a card of the table says it. */
function asCard(text: string, read: ReadRecipe): Card {
  const number = (value: number) => String(Number(value.toFixed(3)))
  return {
    text,
    title: read.title,
    pieces: read.pieces,
    celsius: read.ovenCelsius,
    minutes: read.minutes && [read.minutes.from, read.minutes.to].filter(Boolean).join('-'),
    tin:
      read.tin &&
      `${read.tins} x ${Object.entries(read.tin)
        .map(([key, value]) => (key === 'shape' ? value : `${key} ${value}`))
        .join(' ')}`,
    lines: read.lines.map(({ heading, amount, approximate, item, form, role }) =>
      [
        heading ?? '',
        amount
          ? `${[amount.value, amount.upTo]
              .flatMap(one => (one === undefined ? [] : number(one)))
              .join('-')} ${amount.unit}`
          : approximate
            ? 'some'
            : '',
        form && !item.toLowerCase().includes(form) ? `${item}, ${form}` : item,
        ...(role === 'mix' ? [] : [role]),
      ].join(' | '),
    ),
    steps: read.steps.map(step => step.when).join(' '),
    unread: read.unread.length,
  }
}
/** Rows that only say what follows, or how much it makes. */
const onlySays =
  /^(?:#|\||\*|amount\b|item\b|(?:notes|nutrition|instructions|method)$|ingredients(?:\t.*| \(.*\))?$|what you need -$|you will need:$|shopping list$|what to do$|here's how:$|\d+ slices$|yield|serv|makes|prep time|total time|cook time)/i

describe('whatever the layout', () => {
  const much = fc.constantFrom('200 g', '2 tbsp', '1½ cups', '3 oz', '250ml')
  const things = fc.constantFrom(
    'almonds',
    'butter',
    'oat milk',
    'sesame seeds',
    'cream cheese',
    'flour',
    'custard',
    'soya drink',
    'spread',
    'cream',
    'set honey',
    'flour blend',
    'syrup',
    'cake crumbs',
    'mixed spice',
    'cooked rice',
    'ice cream',
  )
  const row = fc
    .tuple(much, things, fc.boolean())
    .map(([amount, thing, behind]) => ({ thing, text: behind ? `${thing} ${amount}` : `${amount} ${thing}` }))
  const layout = fc.record({
    title: fc.constantFrom('Harbour slice\n', 'Harbour slice\n\n', ''),
    header: fc.constantFrom('Ingredients\n', 'For the base:\n', 'BASE\n', ''),
    bullet: fc.constantFrom('', '- ', '• ', '[ ] ', '* '),
    between: fc.constantFrom('\n', '\n\n', '\r\n', '<br>'),
    method: fc.constantFrom(
      '',
      '\n\nMethod\nMix and bake.',
      '\n\nMix it all together.\nBake at 180 C for 20 min.',
      '\n\n1. Mix.\n2. Bake.',
    ),
  })
  it('every row that weighs something is a line, in order', () =>
    fc.assert(
      fc.property(
        fc.array(row, { minLength: 2, maxLength: 8 }),
        layout,
        (rows, { title, header, bullet, between, method }) => {
          const text = title + header + rows.map(one => bullet + one.text).join(between) + method
          const { lines } = readRecipe(text)
          expect([text, lines.map(line => line.item)]).toEqual([text, rows.map(one => one.thing)])
          expect(lines.every(line => line.amount !== null)).toBe(true)
        },
      ),
      { numRuns: 500 },
    ))
  it('in columns held apart by blanks as in rows, whatever stands in the others', () => {
    const columns = fc.record({
      first: fc.constantFrom('thing', 'amount'),
      share: fc.boolean(),
      wide: fc.integer({ min: 26, max: 40 }),
      foot: fc.constantFrom('', `${'-'.repeat(40)}\nTOTAL            1043 g\n`),
    })
    const weighed = fc.tuple(fc.integer({ min: 1, max: 900 }), fc.constantFrom('g', 'ml', 'oz', 'tsp'))
    fc.assert(
      fc.property(
        fc.array(fc.tuple(weighed, things), { minLength: 3, maxLength: 9 }),
        columns,
        (rows, { first, share, wide, foot }) => {
          const text = rows
            .map(([[count, unit], thing], at) => {
              const [left, right] = first === 'thing' ? [thing, `${count} ${unit}`] : [`${count} ${unit}`, thing]
              return `${left.padEnd(wide)}${right}${share ? `${' '.repeat(12)}${at * 3 + 1}` : ''}`
            })
            .join('\n')
          const { lines } = readRecipe(`Harbour slice\n\n${text}\n${foot}\nMix it all and bake at 180 C for 20 min.`)
          expect([text, lines.map(line => [line.item, line.amount?.value, line.amount?.unit])]).toEqual([
            text,
            rows.map(([[count, unit], thing]) => [thing, count, unit]),
          ])
        },
      ),
      { numRuns: 200 },
    )
  })
  const outside = fc.constantFrom(
    ['butter and flour for the tin', 'butter'],
    ['milk, for brushing', 'milk'],
    ['custard, to serve', 'custard'],
    ['Serve with ice cream', 'ice cream'],
    ['flaked almonds, for the top', 'almonds'],
    ['egg wash', 'egg'],
    ['spread for the tin', 'spread'],
    ['Butter, for the tin.', 'Butter'],
  )
  it('what stands outside the bowl is a line too', () =>
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 6 }), outside, layout, (rows, [last, word], how) => {
        const { title, bullet, between, method } = how
        const all = [...rows.map(one => one.text), last!].map(one => bullet + one)
        const { lines } = readRecipe(`${title}Ingredients\n${all.join(between)}${method}`)
        expect(
          lines
            .slice(rows.length)
            .map(line => line.item)
            .join(),
        ).toContain(word)
      }),
      { numRuns: 300 },
    ))
})

describe('recipes as they are found', () => {
  it.each(cards.map(one => [one.title || one.text.slice(0, 40), one] as const))('%s', (_, wanted) =>
    expect(asCard(wanted.text, readRecipe(wanted.text))).toEqual(wanted),
  )
  it.each(cards.map(one => [one.title || one.text.slice(0, 40), one.text]))('loses no word of %s', (_, text) => {
    const { title, lines, steps, unread } = readRecipe(text)
    const seen = [title, lines.flatMap(one => [one.heading, one.text]), steps.map(step => step.text), unread]
      .flat(2)
      .join(' ')
      .toLowerCase()
    const rows = text
      .replace(/^(?:ingredients|method): /gim, '')
      .split('\n')
      .filter(row => !onlySays.test(row.trim()))
    const words = rows
      .join(' ')
      .toLowerCase()
      .match(/\p{L}{4,}/gu)!
    expect(words.length).toBeGreaterThan(5)
    expect(words.filter(word => !seen.includes(word))).toEqual([])
  })
})

describe('every row is accounted for', () => {
  const foods = ['sesame', 'butter', 'walnuts', 'milk', 'honey', 'eggs', 'tahini', 'rum', 'raisins', 'almonds']
  const food = fc.constantFrom(...foods)
  // shapes of the trade, each with a food somewhere in it: lines, headings, settings, steps, remarks, what a page puts around
  const row = fc
    .tuple(
      food,
      fc.constantFrom<(word: string) => string>(
        word => `200 g ${word}`,
        word => word,
        word => `${word}:`,
        word => `For the ${word} layer`,
        word => `Ingredients for the ${word} bars`,
        word => `Ingredients: 100 g rice flour, ${word}`,
        word => `Makes 12 ${word} squares`,
        word => `Serves 8 with ${word}`,
        word => `Tin: 20 cm square, lined and brushed with ${word}`,
        word => `Oven 180 °C, top with ${word}`,
        word => `Bake 30 minutes and glaze with ${word}.`,
        word => `Fold in the ${word}, then bake.`,
        word => `2. Grease the tin with ${word}.`,
        word => `${word.toUpperCase()}`,
        word => `- ${word}, a handful`,
        () => 'Notes',
        word => `My gran swore by ${word}.`,
        () => 'Print recipe',
        word => `Total time: 45 min, ${word} soaked overnight`,
        word => `| ${word} | 50 g |`,
        () => 'all in grams',
        () => 'Method',
        word => `${word} 30`,
        word => `12 ${word} fingers`,
        () => 'Equipment',
        () => '',
      ),
    )
    .map(([word, shape]) => ({ word, text: shape(word) }))
  it('as exactly one thing, and no food of it is lost', () =>
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 9 }), rows => {
        const text = rows.map(one => one.text).join('\n')
        const read = readRecipe(text)
        const kept = [
          read.title,
          ...read.lines.flatMap(line => [line.text, line.heading ?? '']),
          ...read.steps.map(step => step.text),
          ...read.unread,
        ]
          .join('\n')
          .toLowerCase()
        for (const { word, text } of rows) if (text.toLowerCase().includes(word)) expect(kept, text).toContain(word)
        expect(read.rows.map(one => one.text)).toEqual(rowsToRead(text).rows.map(one => one.text))
        coversItAll(text)
      }),
      { numRuns: 2000 },
    ))
  const anything = fc.oneof(
    fc.string({ unit: 'grapheme', maxLength: 200 }),
    fc
      .array(
        fc.constantFrom(
          '2 eggs',
          '225 g',
          'flour',
          'Method',
          '| a | b |',
          '|---|---|',
          'Name | Amount',
          '0:15 a cup of oats',
          '<br>',
          '<script>x</script>',
          '\r\n',
          '\n',
          ' ',
          'a | 2 | b 3 g | c 4 g',
          'Ingredients: 2 eggs, 3 g salt',
          '</td>',
          '\t',
          'Serves 4',
        ),
        { maxLength: 14 },
      )
      .map(parts => parts.join('')),
  )
  it('each sign exactly once, whatever the text', () =>
    fc.assert(fc.property(anything, coversItAll), { numRuns: 2000 }))
})
function coversItAll(text: string) {
  const { spans, source } = readRecipe(text)
  let at = 0
  for (const { from, to } of spans) {
    expect([from, to > from], text).toEqual([at, true])
    at = to
  }
  expect(at, text).toBe(source.length)
}
