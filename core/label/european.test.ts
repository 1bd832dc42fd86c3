import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { Component, Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import type { Line } from '../model/recipe'
import { textOf } from './run'

// Regulation (EU) 1169/2011 and the others named beside each, from memory
const label = (
  ingredients: Ingredient[],
  lines: Line[],
  product: Partial<Product> = {},
  market: MarketCode = 'uk',
  parts: ReturnType<typeof sampleRecipe>[] = [],
  bakeLoss = 0,
) => {
  const book = sampleWorkbook(ingredients, [sampleRecipe('top', lines, { bakeLoss }), ...parts], {
    claims: [],
    ...product,
  })
  const { declaration } = assess(book, 'cake', market)
  return {
    ...declaration,
    list: textOf(declaration.ingredients),
    said: declaration.statements.map(textOf),
    what: declaration.problems.map(one => one.what),
  }
}
const one = (name: string, change: Partial<Ingredient> = {}, market: MarketCode = 'uk') =>
  label([sampleIngredient(name, change)], [sampleLine(name, 100)], {}, market)
const made = (...composition: Component[]) => ({ composition })

describe('additives on a label', () => {
  it('colours by name, number or bare number, of a whole list however deep (1333/2008, Annex V)', () => {
    for (const component of [
      { name: 'tartrazine' },
      { name: 'E102' },
      { name: 'yellow', eNumber: 'E102' },
      { name: '102', functionClass: 'colour' },
      { name: 'sprinkles', components: [{ name: 'sugar' }, { name: 'colour: E 102' }] },
    ])
      expect(one('topping', made(component)).said, component.name).toContain(
        'Tartrazine (E102): may have an adverse effect on activity and attention in children.',
      )
    expect(one('topping', made({ name: 'sugar', percent: 102 / 2 })).said).toEqual([])
  })
  it('aspartame: a source of phenylalanine, in its own words in the US', () => {
    expect(one('drops', made({ name: 'aspartame' })).said).toContain('Contains a source of phenylalanine.')
    expect(one('drops', made({ name: 'sweetener', eNumber: 'E951' })).said).toContain(
      'Contains a source of phenylalanine.',
    )
  })
  it('E171 is refused in the EU, and not in the UK', () => {
    const refused = (market: MarketCode) =>
      one('icing', made({ name: 'colour: titanium dioxide', functionClass: 'colour' }), market).what.some(what =>
        what.includes('(E171), which is refused'),
      )
    expect([refused('eu'), refused('uk'), refused('us')]).toEqual([true, false, false])
  })
  it('“with sweetener(s)” stands by the name, by kind or by number', () => {
    const polyol = { traits: { ...sampleIngredient('x').traits, sweetening: ['polyol' as const] } }
    expect(one('erythritol', polyol).byName).toBe('With sweetener(s).')
    expect(one('drops', made({ name: 'sweetener', eNumber: 'E955' })).byName).toBe('With sweetener(s).')
    expect(
      label(
        [sampleIngredient('drops', polyol), sampleIngredient('sugar', { traits: { sweetening: ['sugar'] } })],
        [sampleLine('drops', 10), sampleLine('sugar', 10)],
      ).byName,
    ).toBe('With sugar(s) and sweetener(s).')
    expect(one('flour').byName).toBeNull()
    expect(one('erythritol', polyol, 'us').byName).toBeNull()
  })
  it('whether a sweetener, a colour or a novel food may be used is asked and not answered, and blocks nothing', () => {
    const asked = one('allulose', { ...made(), functionClass: 'sweetener' })
    expect(asked.questions[0]).toMatch(/^Allulose: may this novel food be used in this food \(United Kingdom\)\?/)
    expect(one('flour').questions).toEqual([])
    expect(asked.what.some(what => what.includes('may this'))).toBe(false)
  })
  it('want their class', () => {
    expect(one('xanthan gum').what).toContain('Xanthan gum is an additive, and its class is not said.')
    expect(one('xanthan gum', { functionClass: 'thickener' }).list).toBe('Thickener: xanthan gum')
    expect(one('xanthan gum', {}, 'us').what.join()).not.toContain('its class')
  })
})

describe('shares (Art. 22)', () => {
  const almonds = ['ground almonds', 'flaked almonds', 'flour'].map(name => sampleIngredient(name))
  it('adds up the forms of one ingredient, and says it once', () => {
    const lines = [sampleLine('flour', 60), sampleLine('ground almonds', 30), sampleLine('flaked almonds', 10)]
    expect(label(almonds, lines, { highlighted: ['flaked almonds'] }).list).toBe(
      'Flour, ground almonds (40 %), flaked almonds',
    )
    expect(label(almonds, lines, { highlighted: ['flaked almonds', 'ground almonds'] }).list).toBe(
      'Flour, ground almonds (40 %), flaked almonds',
    )
  })
  it('can be asked of a part: in the list where it is a compound, as a sentence where it is merged', () => {
    const parts = [
      sampleRecipe('ripple', [sampleLine('flour', 50), sampleLine('ground almonds', 50)], { name: 'Ripple' }),
    ]
    const of = (declareAs?: 'compound') =>
      label(
        almonds,
        [sampleLine('flour', 60), sampleLine('part:ripple', 40, declareAs ? { declareAs } : {})],
        { highlighted: ['ripple'] },
        'uk',
        parts,
        0.2,
      )
    expect(of('compound').list).toBe('Flour, ripple 50 % (flour, ground almonds)')
    expect(of().said).toContain('Ripple: 50 %.')
  })
  it('a supplier’s share is on another base, and never printed', () =>
    expect(one('filling', made({ name: 'apples', percent: 60 }, { name: 'sugar' })).list).toBe(
      'Filling (apples, sugar)',
    ))
})

describe('what stands around the list', () => {
  it('the number of portions, beside a column per portion (Art. 33)', () => {
    const label_ = label([sampleIngredient('flour')], [sampleLine('flour', 100)], {
      netWeight: 600,
      pieces: 12,
      pieceName: 'slice',
    })
    expect(label_.particulars.portions).toBe('12 × slice of 50 g.')
  })
  it('an operator in the EU for the EU (Art. 8), the own one elsewhere', () => {
    expect(one('flour', {}, 'eu').what.join()).toContain('a business in the European Union')
    expect(one('flour', {}, 'eu').particulars.operator).toBeNull()
    expect(one('flour', {}, 'uk').what.join()).not.toContain('a business in')
  })
  it('values that cannot be stop the table, and say whose they are', () => {
    const values = sampleIngredient('x').nutrients
    const value = (of: number) => ({ value: of, source: 's' })
    for (const nutrients of [
      { ...values, saturates: value(11) },
      { ...values, sugars: value(51) },
      { ...values, carbohydrate: value(95) },
      { ...values, energyKj: value(4000) },
    ])
      for (const market of ['uk', 'us'] as const) {
        const { table, what } = one('odd flour', { nutrients }, market)
        expect('missing' in table && table.missing[0]).toMatch(/^Odd flour: /)
        expect(what.join()).toContain('Odd flour: ')
      }
    expect('rows' in one('flour').table).toBe(true)
  })
  it('rows of equal weight keep their order in a batch of any size', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 2, maxLength: 6 }),
        fc.double({ min: 0.001, max: 1000, noNaN: true }),
        (tenths, factor) => {
          const things = tenths.map((_, at) => sampleIngredient(`thing ${'abcdef'[at]}`))
          const lines = things.map((thing, at) => sampleLine(thing.id, tenths[at]! / 10))
          const book = sampleWorkbook(things, [sampleRecipe('top', lines)])
          const list = (by: number) => textOf(assess(book, 'cake', 'uk', { factor: by }).declaration.ingredients)
          expect(list(factor)).toBe(list(1))
        },
      ),
    ))
})
