import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { uses } from './uses'

/** Amount, unit, item and role of each line, in words. */
const said = (text: string) =>
  uses(text).map(one =>
    [
      one.amount ? `${one.amount.value} ${one.amount.unit}` : '',
      ...one.plus.map(more => `+ ${more.value} ${more.unit}`),
      one.item,
      one.role === 'mix' ? '' : `(${one.role})`,
      one.approximate ? '~' : '',
    ]
      .filter(Boolean)
      .join(' '),
  )

describe('the lines one row makes', () => {
  it.each([
    ['150 g butter, plus extra for greasing', ['150 g butter', 'butter (release) ~']],
    [
      '50 g soft brown sugar, plus 2 tbsp for the topping',
      ['50 g soft brown sugar', '2 tbsp soft brown sugar (finish)'],
    ],
    ['100 g pecans, chopped, plus a few whole to decorate', ['100 g pecans', 'pecans (finish) ~']],
    ['200 g raspberries, half in the batter, half on top', ['100 g raspberries', '100 g raspberries (finish)']],
    ['60 g almonds (half for the base, the other half to scatter)', ['30 g almonds', '30 g almonds (finish)']],
    ['2 large eggs + 3 egg yolks', ['2 each eggs', '3 each egg yolks']],
    ['75g sultanas, 50g mixed peel', ['75 g sultanas', '50 g mixed peel']],
    ['50g plant butter, melted, and 50g brown sugar', ['50 g plant butter', '50 g brown sugar']],
    ['a pinch each of salt and mace', ['1 pinch salt', '1 pinch mace']],
    ['½ tsp each of cinnamon, ginger and nutmeg', ['0.5 tsp cinnamon', '0.5 tsp ginger', '0.5 tsp nutmeg']],
  ])('%s', (text, lines) => expect(said(text)).toEqual(lines))

  it('what it is mixed with is told by the next line', () =>
    expect(uses('1 tbsp ground flax mixed with 3 tbsp water')[0]!.prep).toBe('mixed with what follows'))
  it('what is mixed in is a line of its own: its weight counts, its allergens are looked for', () => {
    expect(said('1 tbsp ground flax mixed with 3 tbsp water')).toEqual(['1 tbsp ground flax', '3 tbsp water'])
    expect(said('1 egg beaten with a little milk')).toEqual(['1 each egg', 'milk ~'])
    expect(said('100 g raisins, soaked in 50 ml rum')).toEqual(['100 g raisins', '50 ml rum'])
    expect(said('100 g dates, soaked in 500 ml water')).toEqual(['100 g dates', '500 ml water (drained)'])
    expect(said('1 tsp cider vinegar + enough oat milk to make 180 ml')).toEqual(['1 tsp cider vinegar', 'oat milk ~'])
  })
  it.each([
    ['1 cup and 3 tablespoons tapioca starch', ['1 cup + 3 tbsp tapioca starch']],
    ['1 cup oat flour + 2 Tbsp', ['1 cup + 2 tbsp oat flour']],
    ['2 oz / 60 g butter', ['2 oz butter']],
    ['1 lemon, finely grated zest and 2 tbsp juice', ['1 each lemon']],
    ['1 flax egg (1 tbsp ground flax + 3 tbsp water)', ['1 each flax egg']],
    ['100 g walnuts, 20 g of them chopped', ['100 g walnuts']],
    ['3 eggs, 1 separated', ['3 each eggs']],
    ['between 3 and 2 cups oat flour', ['2 cup oat flour']],
    ['plus extra', ['extra']],
    ['250 g butter, 50 g melted', ['250 g butter']],
    ['100 g nuts, 1 tbsp of which chopped', ['100 g nuts']],
    ['1 orange, 2 tbsp of its juice', ['1 each orange']],
    ['100 g dates soaked in boiling water', ['100 g dates']],
  ])('“%s” is one', (text, lines) => expect(said(text)).toEqual(lines))

  it('what is added for another place is what it is called, and never the first thing again', () => {
    expect(said('200 g flour, plus a few almonds for the top')).toEqual(['200 g flour', 'almonds (finish) ~'])
    expect(said('200 g flour, plus almonds for the top')).toEqual(['200 g flour', 'almonds (finish) ~'])
    expect(said('sugar and 20 g almonds')).toEqual(['sugar', '20 g almonds'])
    expect(said('oil for the tin and 20 g almonds to finish')).toEqual(['oil (release)', '20 g almonds (finish)'])
    expect(said('200 g flour plus extra almonds to decorate')).toEqual(['200 g flour', 'almonds (finish) ~'])
    const much = fc.constantFrom(
      'a few ',
      'some extra ',
      'extra ',
      '20 g ',
      '2 tbsp ',
      'a little extra ',
      'another handful of ',
    )
    const other = fc.constantFrom('almonds', 'sesame seeds', 'flaked almonds', 'oat milk', 'peanut butter')
    const place = fc.constantFrom('for the top', 'to decorate', 'for greasing', 'to serve')
    const joint = fc.constantFrom(', plus ', ' plus ', ' + ', ', and ', ' and ')
    fc.assert(
      fc.property(much, other, place, joint, (amount, name, where, join) => {
        const lines = uses(`200 g teff flour${join}${amount}${name} ${where}`)
        expect(lines[0]!.item).toBe('teff flour')
        expect(lines.map(one => `${one.item} ${one.prep ?? ''}`).join(' | ')).toContain(name)
      }),
    )
  })
  it('what is kept of it for another place is a line of its own, taken from what is weighed', () => {
    expect(said('120 g flaked almonds (reserve 2 tbsp for the top)')).toEqual([
      '120 g + -2 tbsp flaked almonds',
      '2 tbsp flaked almonds (finish)',
    ])
    expect(said('3 eggs, whites reserved for the meringue')).toEqual(['3 each eggs'])
    const much = fc.constantFrom('some', 'a few', 'a little', 'a handful', 'a handful of them', 'a knob', 'one', '')
    const kept = fc.constantFrom('kept', 'kept back', 'saved', 'reserved', 'set aside', 'left over', 'held back')
    const name = fc.constantFrom('almonds', 'sesame seeds', 'caster sugar', 'raspberries', 'soya milk')
    const place = fc.constantFrom(['for the top', 'finish'], ['to decorate', 'finish'], ['for greasing', 'release'])
    fc.assert(
      fc.property(much, kept, name, place, (amount, deed, item, [where, role]) => {
        const lines = uses(`200 g ${item}, ${amount} ${deed} ${where}`)
        expect(lines.map(one => `${one.item} ${one.role}`)).toEqual([`${item} mix`, `${item} ${role}`])
        expect(lines[0]!.amount).toEqual({ value: 200, unit: 'g' })
      }),
    )
  })
  it('things joined are the things apart', () => {
    const thing = fc.constantFrom(
      'teff flour',
      'plums',
      'cocoa powder',
      'plant butter',
      'ground almonds',
      'golden syrup',
    )
    const weight = fc.integer({ min: 1, max: 900 }).map(grams => `${grams} g`)
    fc.assert(
      fc.property(
        weight,
        thing,
        weight,
        thing,
        fc.constantFrom(' + ', ' and ', ', ', ' plus ', ', and '),
        (a, first, b, second, joint) => {
          expect(uses(`${a} ${first}${joint}${b} ${second}`)).toEqual([
            ...uses(`${a} ${first}`),
            ...uses(`${b} ${second}`),
          ])
        },
      ),
    )
  })
})
