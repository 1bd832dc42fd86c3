// Units against a general-purpose unit library of the registry (`convert`), which knows nothing of this project,
// and against NIST Handbook 44, Appendix C, from memory of it.
import { celsiusOf, dialCelsius, fahrenheitOf, gasMarkCelsius, gramsOf, millilitresOf } from '@fair-tin/core'
import { convert } from 'convert'
import { describe, expect, it } from 'vitest'

describe('against the units library', () => {
  it.each([
    ['oz', 'oz'],
    ['lb', 'lb'],
    ['kg', 'kg'],
    ['mg', 'mg'],
  ] as const)('%s', (unit, theirs) => expect(gramsOf(unit)! / convert(1, theirs).to('g')).toBeCloseTo(1, 6))
  it.each([
    ['cup', 'cup'],
    ['tbsp', 'tbsp'],
    ['tsp', 'tsp'],
    ['floz', 'fl oz'],
    ['pint', 'pint'],
    ['quart', 'quart'],
    ['l', 'L'],
    ['dl', 'dL'],
    ['cl', 'cL'],
  ] as const)('%s', (unit, theirs) =>
    expect(millilitresOf(unit)! / convert(1, theirs as 'cup').to('mL')).toBeCloseTo(1, 6),
  )
  it('temperatures', () => {
    for (const f of [212, 325, 350, 375, 450]) expect(celsiusOf(f)).toBeCloseTo(convert(f, 'F').to('C'), 9)
    expect(fahrenheitOf(celsiusOf(350))).toBeCloseTo(350, 9)
  })
})
describe('against NIST Handbook 44, Appendix C', () => {
  it.each([
    ['cup', 236.588],
    ['tbsp', 14.787],
    ['tsp', 4.929],
    ['floz', 29.574],
  ] as const)('%s is %f ml', (unit, ml) => expect(millilitresOf(unit)).toBeCloseTo(ml, 3))
  it.each([
    ['oz', 28.3495],
    ['lb', 453.592],
  ] as const)('%s is %f g', (unit, g) => expect(gramsOf(unit)).toBeCloseTo(g, 3))
})
describe('common practice, no published source', () => {
  it('cups and spoons of other kitchens', () => {
    expect(millilitresOf('cup', { cup: 'metric' })).toBe(250)
    expect(millilitresOf('cup', { cup: 'imperial' })).toBeCloseTo(284.131, 3)
    expect(millilitresOf('cup', { cup: 'japanese' })).toBe(200)
    expect(millilitresOf('tbsp', { spoon: 'au' })).toBe(20)
    expect(millilitresOf('tbsp', { spoon: 'metric' })).toBe(15)
    expect(millilitresOf('tbsp', { spoon: 'imperial' })).toBeCloseTo(17.758, 3)
    expect(millilitresOf('tsp', { spoon: 'metric' })! / millilitresOf('drop', { spoon: 'metric' })!).toBeCloseTo(100, 9)
  })
  it('oven dials', () => {
    expect([325, 350, 375].map(dialCelsius)).toEqual([160, 180, 190])
    expect(gasMarkCelsius(4)).toBe(180)
  })
})
