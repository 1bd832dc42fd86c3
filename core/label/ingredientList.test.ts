import { describe, expect, it } from 'vitest'
import { type Given, labelled } from '../../tests/fixtures/labelled'
import { carrying, sampleIngredient, sampleLine, sampleRecipe } from '../../tests/fixtures/sample'
import type { Component, Ingredient } from '../model/ingredient'
import { compositionText, printedName } from './ingredientList'

// Regulation (EU) 1169/2011, Art. 18 to 21 and Annex VII; 21 CFR 101.4; from memory
const list = (things: Ingredient[], grams: number[], given: Partial<Given> = {}) =>
  labelled({ ingredients: things, lines: things.map((one, at) => sampleLine(one.id, grams[at]!)), ...given }).marked
const one = (name: string, change: Partial<Ingredient> = {}, given: Partial<Given> = {}) =>
  list([sampleIngredient(name, change)], [10], given)

describe('a name as it is printed', () => {
  it.each([
    ['Damsons, stoned', 'damsons'],
    ['Caster sugar (fine)', 'caster sugar'],
    ['NAAN crumbs', 'NAAN crumbs'],
    ['E330', 'E330'],
    ['plums', 'plums'],
  ])('%s is %s', (name, printed) => expect(printedName(sampleIngredient('x', { name }))).toBe(printed))
  it('is the label name where there is one, as it is written', () =>
    expect(printedName(sampleIngredient('x', { name: 'Damsons', labelName: 'Damsons, pitted' }))).toBe(
      'Damsons, pitted',
    ))
  it('is the market’s own word for it', () => {
    expect(one('cornflour')).toBe('Maize starch')
    expect(one('cornflour', {}, { market: 'us' })).toBe('Cornstarch')
    // alike on the label is one thing
    expect(
      list([sampleIngredient('cornflour'), sampleIngredient('Maize starch'), sampleIngredient('oil')], [6, 6, 10]),
    ).toBe('Maize starch, oil')
  })
})

describe('a supplier’s list', () => {
  const text = (components: Component[], ...more: boolean[]) => compositionText(components, ...more)
  const [lecithin, pectin, gum, gums] = [
    { name: 'lecithin', functionClass: 'emulsifier' },
    { name: 'pectin', functionClass: 'gelling agent' },
    { name: 'guar gum', functionClass: 'emulsifier' },
    { name: 'gums', functionClass: 'stabilisers' },
  ]
  it('has neighbours of one class behind one word, in the plural for several', () => {
    expect(text([{ name: 'sugar' }, lecithin, gum, { name: 'salt' }])).toBe(
      'sugar, emulsifiers: lecithin, guar gum, salt',
    )
    expect(text([lecithin, pectin, gum])).toBe('emulsifier: lecithin, gelling agent: pectin, emulsifier: guar gum')
    expect(text([gums, { ...gums, name: 'more' }])).toBe('stabilisers: gums, more')
    expect(text([lecithin, { name: 'salt' }])).toBe('emulsifier: lecithin, salt')
    expect(text([])).toBe('')
  })
  it('has none where its market asks for none, nor shares where they are not wanted', () => {
    expect(text([lecithin, gum], false)).toBe('lecithin, guar gum')
    const shared = [{ name: 'apple', percent: 60, components: [{ name: 'acid', percent: 1 }] }]
    expect(text(shared)).toBe('apple (60 %) (acid (1 %))')
    expect(text(shared, true, false)).toBe('apple (acid)')
    expect(text([{ name: 'apple', components: [] }])).toBe('apple')
    expect(text([{ name: 'cream', components: [lecithin, gum] }], false)).toBe('cream (lecithin, guar gum)')
  })
  it('stands in brackets behind its thing, with what it leaves unsaid', () => {
    const drops = (composition: Component[]) => carrying('drops', 'milk', 'contains', { composition })
    expect(list([drops([{ name: 'sugar' }, { name: 'whey' }])], [5])).toBe('Drops (sugar, whey, *milk*)')
    expect(list([drops([{ name: 'sugar' }, { name: 'milk powder' }])], [5])).toBe('Drops (sugar, *milk* powder)')
    // the United States mark nothing in the list: the words stand, and a sentence behind
    expect(list([drops([{ name: 'sugar' }])], [5], { market: 'us' })).toBe('Drops (sugar, milk)')
    expect(one('xanthan gum', { functionClass: 'thickener' }, { market: 'us' })).toBe('Xanthan gum')
  })
  it('of one thing is not merged with the same name of another list', () => {
    const chocolate = (id: string, name: string) => sampleIngredient(id, { name: 'chocolate', composition: [{ name }] })
    expect(list([chocolate('a', 'cocoa mass'), chocolate('b', 'sugar')], [10, 5])).toBe(
      'Chocolate (cocoa mass), chocolate (sugar)',
    )
  })
})

describe('water', () => {
  const cake = (water: Ingredient, grams: number, bakeLoss = 0, more: Partial<Given> = {}) =>
    list([sampleIngredient('flour'), water], [100, grams], { recipe: { bakeLoss }, ...more })
  it('is water whatever it is called, and all of it is one', () => {
    for (const name of [
      'water',
      'Tap water',
      'boiling water',
      'warm water',
      'cold water',
      'hot water',
      'filtered water',
    ])
      expect(cake(sampleIngredient('w', { name }), 120, 0.4), name).toBe(`Flour, ${name.toLowerCase()}`)
    expect(cake(sampleIngredient('w', { name: 'the kettle', standsFor: 'water' }), 100, 0.49)).toBe('Flour')
    for (const name of ['rose water', 'water biscuits', 'coconut water'])
      expect(cake(sampleIngredient('w', { name }), 5), name).toBe(`Flour, ${name}`)
    expect(
      list([sampleIngredient('hot water'), sampleIngredient('cold water'), sampleIngredient('flour')], [30, 30, 50]),
    ).toBe('Hot water, flour')
  })
  it('counts by what is left of it, and is left out up to a twentieth of what comes out', () => {
    // 200 g go in; with a loss of 45 % 110 g come out, 10 g of them water
    const water = sampleIngredient('water')
    expect(cake(water, 100, 0.45)).toBe('Flour, water')
    // 105 g come out, 5 g of it water: under a twentieth
    expect(cake(water, 100, 0.475)).toBe('Flour')
    expect(cake(water, 5)).toBe('Flour')
    expect(cake(water, 6)).toBe('Flour, water')
    // not below nothing
    expect(cake(water, 50, 0.6)).toBe('Flour')
    // where the market does not count so, as it went in
    expect(cake(water, 120, 0.4, { market: 'us' })).toBe('Water, flour')
    expect(cake(water, 5, 0, { market: 'us' })).toMatch(/water/i)
  })
  it('that carries an allergen is never left out, and inside a part it counts as it went in', () => {
    expect(cake(carrying('water', 'milk', 'contains'), 2)).toBe('Flour, water (*milk*)')
    expect(
      list([sampleIngredient('flour'), sampleIngredient('water'), sampleIngredient('oil')], [], {
        lines: [sampleLine('part:paste', 50, { declareAs: 'compound' }), sampleLine('oil', 80)],
        parts: [sampleRecipe('paste', [sampleLine('water', 2), sampleLine('flour', 98)])],
      }),
    ).toBe('Oil, paste (flour, water)')
  })
})

describe('what is poured away', () => {
  const brined = (brine: Ingredient) =>
    list([sampleIngredient('plums'), brine], [], {
      lines: [sampleLine('plums', 50), sampleLine(brine.id, 70, { role: 'drained' })],
    })
  it('is left out, unless it leaves an allergen', () => {
    expect(brined(sampleIngredient('brine'))).toBe('Plums')
    expect(brined(carrying('brine', 'celery', 'contains'))).toBe('Plums, brine (*celery*)')
  })
  it('counts in no share: neither of what is left of the water nor of what is small', () => {
    const lines = (grams: Record<string, number>) => [
      sampleLine('brine', 50, { role: 'drained' }),
      ...Object.entries(grams).map(([name, weight]) => sampleLine(name, weight)),
    ]
    const of = (grams: Record<string, number>, market: 'uk' | 'us' = 'uk') =>
      list(
        [...Object.keys(grams), 'brine'].map(name => sampleIngredient(name)),
        [],
        { lines: lines(grams), market },
      )
    expect(of({ flour: 100, water: 20 })).toBe('Flour, water')
    expect(of({ flour: 94, salt: 2, yeast: 2 }, 'us')).toBe('Flour, salt, yeast')
  })
  it('counts where it goes in elsewhere too, by what stays', () =>
    expect(
      list([sampleIngredient('plums'), sampleIngredient('rum')], [], {
        lines: [sampleLine('plums', 50), sampleLine('rum', 70, { role: 'drained' }), sampleLine('rum', 5)],
      }),
    ).toBe('Plums, rum'))
})

describe('the order', () => {
  it('of equal weights is by name; a part stands by the weight of all of it', () => {
    expect(list([sampleIngredient('pears'), sampleIngredient('apples')], [10, 10])).toBe('Apples, pears')
    expect(
      list([sampleIngredient('oil'), sampleIngredient('flour'), sampleIngredient('plums')], [], {
        lines: [sampleLine('plums', 50), sampleLine('part:Base', 60, { declareAs: 'compound' })],
        parts: [sampleRecipe('Base', [sampleLine('oil', 20), sampleLine('flour', 40)])],
      }),
    ).toBe('Base (flour, oil), plums')
  })
  it('of what is 2 % or less may be any, behind its words, in the United States', () => {
    const things = ['flour', 'salt', 'yeast', 'oil'].map(name => sampleIngredient(name))
    const us = (grams: number[]) => list(things, grams, { market: 'us' })
    expect(us([96, 2, 1, 1])).toBe('Flour, contains 2% or less of: salt, oil, yeast')
    expect(us([95, 3, 1, 1])).toBe('Flour, salt, contains 2% or less of: oil, yeast')
    // one alone needs no group, a list of small things is a list
    expect(us([90, 6, 3, 1])).toBe('Flour, salt, yeast, oil')
    expect(
      list(
        Array.from({ length: 60 }, (_, at) => sampleIngredient(`thing ${String(at).padStart(2, '0')}`)),
        Array.from({ length: 60 }, () => 1),
        { market: 'us' },
      ),
    ).not.toContain('contains 2%')
    expect(list(things, [96, 2, 1, 1])).toBe('Flour, salt, oil, yeast')
  })
  it('leaves out what is no longer in the larder, without losing the rest', () =>
    expect(list([sampleIngredient('flour')], [], { lines: [sampleLine('flour', 10), sampleLine('gone', 20)] })).toBe(
      'Flour',
    ))
})
