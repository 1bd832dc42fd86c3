import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mentions } from './lexicon'
import { matchName } from './match'

const larder = [
  { id: 'almonds', name: 'almond flour', standsFor: 'ground almonds' },
  { id: 'linseed', name: 'linseed, ground' },
  { id: 'butter', name: 'butter' },
  { id: 'plant', name: 'plant butter' },
  { id: 'salt', name: 'fine sea salt', standsFor: 'salt' },
  { id: 'syrup', name: 'date syrup' },
]
describe('matchName', () => {
  it.each([
    ['ground almonds', 'almonds'],
    ['Ground linseed', 'linseed'],
    ['salt', 'salt'],
    ['fresh date syrup', 'syrup'],
  ])('%s is surely %s', (item, id) => expect(matchName(item, larder)).toEqual({ sure: true, id }))
  it('asks about a near miss', () =>
    expect(matchName('thick date syrup', larder)).toEqual({ sure: false, id: 'syrup' }))
  it('takes the one of that name before one that stands for it', () =>
    expect(
      matchName('plant butter', [{ id: 'block', name: 'hard block', standsFor: 'plant butter' }, ...larder]),
    ).toEqual({ sure: true, id: 'plant' }))
  it('asks about the same thing by another name', () => {
    expect(matchName('flaxseed meal', larder)).toEqual({ sure: false, id: 'linseed' })
    expect(matchName('almond meal', larder)).toEqual({ sure: false, id: 'almonds' })
  })
  it('guesses the thing of the same kind before one made of it', () => {
    const two = [...larder, { id: 'dates', name: 'pitted dates' }]
    expect(matchName('dates', two)).toEqual({ sure: false, id: 'dates' })
    expect(matchName('dates', [...two].reverse())).toEqual({ sure: false, id: 'dates' })
  })
  it('offers no thing for what is made of it', () => {
    const two = [...larder, { id: 'oats', name: 'rolled oats', standsFor: 'oats' }, { id: 'cocoa', name: 'cocoa' }]
    expect(matchName('oat milk', two)).toBeNull()
    expect(matchName('oats', two)).toEqual({ sure: true, id: 'oats' })
    expect(matchName('jumbo oats', two)).toEqual({ sure: false, id: 'oats' })
    expect(matchName('cocoa powder', two)).toEqual({ sure: false, id: 'cocoa' })
    expect(matchName('egg whites', [...two, { id: 'eggs', name: 'eggs' }])).toEqual({ sure: false, id: 'eggs' })
  })
  it.each([
    ['bicarb', 'bicarbonate of soda'],
    ['b. powder', 'baking powder'],
    ['Caster', 'caster sugar'],
    ['psyllium', 'psyllium husk'],
  ])('asks whether the shorthand “%s” is %s', (short, name) =>
    expect(matchName(short, [...larder, { id: 'it', name }])).toEqual({ sure: false, id: 'it' }),
  )
  it('never offers a thing that warns of another allergen', () => {
    expect(matchName('peanut butter', larder)).toBeNull()
    expect(matchName('butter', [{ id: 'plant', name: 'plant butter' }])).toBeNull()
  })
  it('is never sure of what warns of less than what is written, or says more of itself', () => {
    const foods = fc.constantFrom('chocolate', 'flour', 'oats', 'noodles', 'biscuits', 'spread', 'syrup', 'granola')
    const said = fc.constantFrom(
      '',
      'milk ',
      'milk-free ',
      'nut ',
      'nut free ',
      'egg ',
      'egg-free ',
      'gluten-free ',
      'GF ',
      'sugar ',
      'sugar-free ',
      'plain ',
    )
    // of the same food, so that they are alike as often as not
    const pairs = fc
      .tuple(said, said, said, said, foods)
      .map(([a, b, c, d, food]) => [`${a}${b}${food}`, `${c}${d}${food}`])
    fc.assert(
      fc.property(pairs, ([item = '', name = '']) => {
        const found = matchName(item, [{ id: 'it', name }])
        if (!found?.sure) return
        const codes = (text: string) => [...new Set(mentions(text).map(one => one.code))].sort()
        expect(codes(name)).toEqual(codes(item))
        for (const free of name.match(/\b(?:milk|nut|egg|sugar|gluten)(?=[- ]free)|\bGF\b/g) ?? [])
          expect(item).toMatch(free === 'GF' || free === 'gluten' ? /gluten-free|GF/ : new RegExp(`${free}[- ]free`))
      }),
      { numRuns: 4000 },
    )
  })
  it('asks whether what is written plainly is the gluten-free one, and finds the range of eggs no matter', () => {
    expect(matchName('oats', [{ id: 'it', name: 'gluten-free oats' }])).toEqual({ sure: false, id: 'it' })
    expect(matchName('digestives', [{ id: 'it', name: 'GF digestives' }])).toEqual({ sure: false, id: 'it' })
    expect(matchName('gluten-free oats', [{ id: 'it', name: 'oats' }])).toEqual({ sure: true, id: 'it' })
    expect(matchName('free-range eggs', [{ id: 'it', name: 'eggs' }])).toEqual({ sure: true, id: 'it' })
  })
  it('offers for a thing nothing that is made of it, and for a kind no thing of it', () => {
    const shelf = [
      'cocoa butter',
      'oat flour',
      'kiwi fruit',
      'chia seeds',
      'cocoa powder',
      'pitted dates',
      'teff flour',
    ]
    const offered = (item: string) => {
      const found = matchName(
        item,
        shelf.map(name => ({ id: name, name })),
      )
      return found ? `${found.sure ? '' : '? '}${found.id}` : null
    }
    expect(['cocoa', 'oats', 'fruit', 'seeds', 'dates', 'teff'].map(offered)).toEqual([
      '? cocoa powder',
      null,
      null,
      null,
      '? pitted dates',
      '? teff flour',
    ])
  })
  it('offers no flour of another grain for flour', () =>
    expect(matchName('plain flour', [{ id: 'it', name: 'buckwheat flour' }])).toBeNull())
  it('finds nothing for nothing', () => {
    expect(matchName('', larder)).toBeNull()
    expect(matchName('saffron', larder)).toBeNull()
  })
})
