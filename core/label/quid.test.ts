import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Given, labelled } from '../../tests/fixtures/labelled'
import { sampleIngredient, sampleLine, sampleRecipe } from '../../tests/fixtures/sample'

// Regulation (EU) 1169/2011, Art. 22 and Annex VIII, from memory: weight at the time of use over the finished weight
const named = (...names: string[]) => names.map(name => sampleIngredient(name))
const shareIn = (list: string, name: string): string | undefined =>
  new RegExp(`${name} \\(?(\\d+(?:\\.\\d)?) %`, 'i').exec(list)?.[1]

describe('the share of an ingredient', () => {
  it('is what goes in of it, wherever, over what comes out: worked out apart, over any recipe with a part', () =>
    fc.assert(
      fc.property(
        fc.record({
          flour: fc.integer({ min: 500, max: 900 }),
          plums: fc.integer({ min: 20, max: 200 }),
          part: fc.record({ plums: fc.integer({ min: 1, max: 60 }), oil: fc.integer({ min: 10, max: 60 }) }),
          after: fc.integer({ min: 1, max: 60 }),
          beside: fc.integer({ min: 1, max: 60 }),
          bakeLoss: fc.integer({ min: 0, max: 30 }),
          retained: fc.constantFrom(1, 0.5),
        }),
        ({ flour, plums, part, after, beside, bakeLoss, retained }) => {
          const { list } = labelled({
            ingredients: named('flour', 'oil', 'plums'),
            lines: [
              sampleLine('flour', flour),
              sampleLine('plums', plums, retained === 1 ? {} : { role: 'drained', retained }),
              sampleLine('part:jam', part.plums + part.oil),
              sampleLine('oil', after, { role: 'finish', afterBake: true }),
              sampleLine('plums', beside, { role: 'beside' }),
            ],
            parts: [sampleRecipe('jam', [sampleLine('plums', part.plums), sampleLine('oil', part.oil)])],
            recipe: { bakeLoss: bakeLoss / 100 },
            product: { highlighted: ['plums'] },
          })
          const used = plums * retained + part.plums
          const finished = (flour + plums * retained + part.plums + part.oil) * (1 - bakeLoss / 100) + after
          const exact = (used / finished) * 100
          const said = Number(shareIn(list, 'plums'))
          expect(Math.abs(said - exact)).toBeLessThanOrEqual(exact < 0.95 ? 0.05 + 1e-9 : 0.5 + 1e-9)
        },
      ),
    ))
  it('under 1 % has a decimal', () => {
    const share = (grams: number) =>
      shareIn(
        labelled({
          ingredients: named('flour', 'saffron'),
          lines: [sampleLine('flour', 1000 - grams), sampleLine('saffron', grams)],
          product: { highlighted: ['saffron'] },
        }).list,
        'saffron',
      )
    expect([2, 9.4, 9.5, 10, 14.9].map(share)).toEqual(['0.2', '0.9', '1', '1', '1'])
  })
  it.each([
    ['ground almonds', 'flaked almonds', true],
    ['almonds', 'almonds, toasted', true],
    ['fresh raspberries', 'raspberry purée', true],
    ['hazelnuts', 'hazelnut paste', true],
    ['lemon juice', 'lemon zest', true],
    ['almonds', 'hazelnuts', false],
    ['brown sugar', 'icing sugar', false],
    ['cocoa butter', 'cocoa powder', false],
    ['ground', 'flour', false],
  ])('%s and %s are one thing: %s', (one, other, same) => {
    const { list } = labelled({
      ingredients: named(one, other, 'oil'),
      lines: [sampleLine(one, 20), sampleLine(other, 10), sampleLine('oil', 70)],
      product: { highlighted: [one] },
    })
    expect(shareIn(list, one.replace(/,.*/, ''))).toBe(same ? '30' : '20')
  })
  it('counts forms that are in it, not those served beside, and says them once at the heaviest', () => {
    const of = (highlighted: string[], role: 'mix' | 'beside') =>
      labelled({
        ingredients: named('ground almonds', 'flaked almonds', 'flour'),
        lines: [
          sampleLine('flour', 60),
          sampleLine('ground almonds', 10),
          sampleLine('flaked almonds', 30, { role: 'mix' }),
          ...(role === 'beside' ? [sampleLine('ground almonds', 50, { role })] : []),
        ],
        product: { highlighted },
      }).list
    expect(of(['ground almonds'], 'mix')).toBe('Flour, flaked almonds (40 %), ground almonds')
    expect(of(['ground almonds', 'flaked almonds'], 'beside')).toBe('Flour, flaked almonds (40 %), ground almonds')
  })
  it('of what is in no line, or in one beside, is a problem; so is one that a missing weight makes wrong', () => {
    const of = (given: Partial<Given>) =>
      labelled({
        ingredients: named('plums', 'flour', 'Oil'),
        lines: [sampleLine('flour', 50)],
        product: { highlighted: ['plums'] },
        ...given,
      }).problems.filter(one => /highlighted|QUID/.test(one.what))
    const absent = (name: string) => [
      {
        about: 'quid' as const,
        what: `${name} is highlighted, but there is none in the recipe.`,
        mend: 'Take it off the list of highlighted ingredients, or add it.',
      },
    ]
    expect(of({})).toEqual(absent('plums'))
    expect(of({ lines: [sampleLine('flour', 50), sampleLine('plums', 5, { role: 'beside' })] })).toEqual(
      absent('plums'),
    )
    expect(of({ product: { highlighted: ['gone'] } })).toEqual(absent('gone'))
    expect(of({ parts: [sampleRecipe('jam', [], { name: 'Jam' })], product: { highlighted: ['jam'] } })).toEqual(
      absent('Jam'),
    )
    const unknown = (name: string) => [
      {
        about: 'quid' as const,
        what: `The share of ${name} (QUID) cannot be given while a weight is unknown.`,
        mend: 'Give every line a weight.',
      },
    ]
    const both = [sampleLine('plums', 5), sampleLine('flour', null)]
    expect(of({ lines: both })).toEqual(unknown('plums'))
    expect(of({ lines: [sampleLine('plums', 5), sampleLine('gone', 5)] })).toEqual(unknown('plums'))
    expect(of({ lines: [sampleLine('Oil', 5), sampleLine('flour', null)], product: { highlighted: ['Oil'] } })).toEqual(
      unknown('oil'),
    )
    expect(of({ lines: [sampleLine('plums', 5), sampleLine('flour', null, { role: 'beside' })] })).toEqual([])
    expect(
      of({
        parts: [sampleRecipe('jam', [sampleLine('plums', 9)], { name: 'Jam' })],
        lines: [sampleLine('part:jam', 5), sampleLine('flour', null)],
        product: { highlighted: ['jam'] },
      }),
    ).toEqual(unknown('Jam'))
  })
  it('past 100 % all of them together are said as grams', () => {
    const said = (oil: number) =>
      labelled({
        ingredients: named('plums', 'pears', 'flour'),
        lines: [sampleLine('plums', 70), sampleLine('pears', oil), sampleLine('flour', 60 - oil)],
        recipe: { bakeLoss: 0.2 },
        product: { highlighted: ['plums', 'pears'] },
      })
    expect(said(30).list).toBe(
      'Plums (67 %), flour, pears (29 %)'.replace('flour, pears (29 %)', 'flour, pears (29 %)'),
    )
    const over = said(50)
    expect(over.list).toBe('Plums, pears, flour')
    expect(over.said).toEqual([
      'Prepared with 67 g of plums per 100 g of finished product.',
      'Prepared with 48 g of pears per 100 g of finished product.',
    ])
  })
})

it('highlighted twice is said once', () => {
  const twice = labelled({
    ingredients: named('plums', 'flour'),
    lines: [sampleLine('part:jam', 60), sampleLine('flour', 40)],
    parts: [sampleRecipe('jam', [sampleLine('plums', 80)], { name: 'Plum jam' })],
    product: { highlighted: ['jam', 'jam'] },
  })
  expect(twice.said).toEqual(['Plum jam: 60 %.'])
})

describe('the share of a part', () => {
  const of = (change: Partial<Given> & { jam?: object; line?: object }) =>
    labelled({
      ingredients: named('plums', 'sugar', 'flour'),
      lines: [sampleLine('part:jam', 60, change.line), sampleLine('flour', 40)],
      parts: [
        sampleRecipe('jam', [sampleLine('plums', 80), sampleLine('sugar', 40)], { name: 'Plum jam', ...change.jam }),
      ],
      product: { highlighted: ['jam'] },
      ...change,
    })
  it('stands in the list where it is listed as one, else in a sentence', () => {
    expect(of({ line: { declareAs: 'compound' } }).list).toBe('Plum jam 60 % (plums, sugar), flour')
    expect(of({}).said).toEqual(['Plum jam: 60 %.'])
    expect(of({ line: { declareAs: 'compound' } }).said).toEqual([])
  })
  it('is of what is left of it when it goes in, and of what comes out', () => {
    // 60 g of a jam that boils down by half; the whole then loses a fifth
    expect(of({ jam: { bakeLoss: 0.5 } }).said).toEqual(['Plum jam: 60 %.'])
    expect(of({ jam: { bakeLoss: 0.5 }, recipe: { bakeLoss: 0.2 } }).said).toEqual(['Plum jam: 75 %.'])
    expect(of({ line: { afterBake: true, role: 'finish' }, recipe: { bakeLoss: 0.25 } }).said).toEqual([
      'Plum jam: 67 %.',
    ])
  })
})

describe('what the name names', () => {
  const asked = (name: string, highlighted: string[] = [], given: Partial<Given> = {}) =>
    labelled({
      ingredients: named('plums', 'Bramley apples', 'plain flour', 'brown sugar', 'fig', 'almond butter'),
      lines: ['plums', 'Bramley apples', 'plain flour', 'brown sugar', 'fig'].map(one => sampleLine(one, 10)),
      product: { name, highlighted },
      ...given,
    }).what.filter(what => what.startsWith('The label needs the share'))
  const needs = (...names: string[]) => [
    `The label needs the share of ${names.join(', ')} (QUID): it stands in the name.`,
  ]
  it.each<[string, string[]]>([
    ['Plum cake', needs('plums')],
    ['Apple and plum slice', needs('plums', 'Bramley apples')],
    // words that name no one thing, or are too short to
    ['Plain sugar slice', []],
    ['Brown butter cake', needs('brown sugar')],
    ['Fig bar', []],
    ['Almond slice', []],
    ['Cake', []],
  ])('%s', (name, wanted) => expect(asked(name)).toEqual(wanted))
  it('in the legal name too; not what is highlighted already, in any form; not what is beside', () => {
    expect(asked('Slice', [], { product: { name: 'Slice', legalName: 'Plum traybake' } })).toEqual(needs('plums'))
    expect(asked('Plum cake', ['plums'])).toEqual([])
    expect(
      labelled({
        ingredients: named('plums', 'plum jam', 'flour'),
        lines: [sampleLine('plums', 5), sampleLine('plum jam', 5), sampleLine('flour', 5)],
        product: { name: 'Plum cake', highlighted: ['plums'] },
      }).what,
    ).toEqual([])
    expect(
      asked('Plum cake', [], { lines: [sampleLine('plums', 10, { role: 'beside' }), sampleLine('fig', 10)] }),
    ).toEqual([])
  })
})
