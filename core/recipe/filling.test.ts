import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleRecipe } from '../../tests/fixtures/sample'
import type { Recipe } from '../model/recipe'
import type { Tin } from '../model/tin'
import { fillTins, firstLookAfter, firstLookWhere, ovenAdvice } from './filling'
import { evenLoads, tinLoads } from './loads'
import { usualBakeLoss } from './usualLoss'

const loaf: Tin = { shape: 'loaf', length: 23, width: 13, depth: 7 }
const small: Tin = { shape: 'loaf', length: 16, width: 9, depth: 5 }
const tray: Tin = { shape: 'cups', count: 12, volumeMl: 100 }
const recipe: Recipe = sampleRecipe('loaf', [], {
  tin: loaf,
  tins: 1,
  pieces: 12,
  steps: [{ text: 'Bake', when: 'oven', minutes: { firstLook: 45, from: 45, to: 55 }, celsius: 170 }],
})

describe('a batch in tins', () => {
  it('is looked at after 28 minutes where half the batter of a 45-minute loaf stands in each of two tins', () => {
    expect(firstLookAfter(45, 1000, 500)).toBe(28)
    const [two] = fillTins(recipe, [{ tin: small, count: 2 }], 1000, 12)
    expect(two).toMatchObject({ grams: 500, firstLook: { minutes: 28 } })
    expect(two!.perPiece).toBeCloseTo(1000 / 12)
    expect(two!.firstLook!.basis).toContain('not a promise')
  })
  it('divides to the whole, whatever the tins and the rule', () => {
    const tins = fc.array(
      fc.record({ tin: fc.constantFrom(loaf, small, tray), count: fc.integer({ min: 1, max: 9 }) }),
      { minLength: 1, maxLength: 4 },
    )
    fc.assert(
      fc.property(
        tins,
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        fc.constantFrom('depth' as const, 'fill' as const),
        (into, batter, rule) => {
          const filled = fillTins(recipe, into, batter, 12, rule)
          expect(filled.reduce((sum, one) => sum + one.grams * one.count, 0)).toBeCloseTo(batter, 4)
        },
      ),
    )
  })
  it('stands at one height by depth, and takes one share of the room by fill', () => {
    const into = [
      { tin: loaf, count: 1 },
      { tin: small, count: 2 },
    ]
    const deep = fillTins(recipe, into, 1500, null, 'depth')
    expect(deep[0]!.height).toBeCloseTo(deep[1]!.height!)
    const even = fillTins(recipe, into, 1500, null, 'fill')
    expect(even[0]!.share).toBeCloseTo(even[1]!.share)
  })
  it('says too full, too thin, deep and shallow, and nothing where it is as written', () => {
    const said = (batter: number, tin: Tin, oneMaking = 1100) =>
      fillTins(recipe, [{ tin, count: 1 }], batter, null, 'depth', oneMaking)[0]!.warning
    expect(said(1100, loaf)).toBeNull()
    expect(said(1100, small)).toMatch(/^Too full/)
    expect(said(300, loaf)).toMatch(/^Too thin/)
    expect(said(1500, loaf)).toMatch(/^Deep: 1\.36/)
    expect(said(700, loaf)).toMatch(/^Shallow: 0\.64/)
  })
  it('gives no time where the recipe has none, and no height without its own tin', () => {
    const { tin: _, ...bare } = recipe
    expect(fillTins({ ...bare, steps: [] }, [{ tin: loaf, count: 1 }], 1000, null)[0]).toMatchObject({
      firstLook: null,
      height: null,
    })
  })
})

describe('loads', () => {
  it('are even, and the fewest that fit', () => {
    expect(evenLoads(9000, 4000)).toEqual({ loads: 3, each: 3000 })
    expect(evenLoads(8000, 4000)).toEqual({ loads: 2, each: 4000 })
    expect(evenLoads(100, undefined)).toBeNull()
    expect(tinLoads(7, 3)).toEqual([3, 2, 2])
    expect(tinLoads(4, 0)).toBeNull()
  })
  it('add up to the whole and never differ by more than one tin', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 20 }), (tins, atOnce) => {
        const loads = tinLoads(tins, atOnce)!
        expect(loads.reduce((sum, one) => sum + one, 0)).toBe(tins)
        expect(Math.max(...loads)).toBeLessThanOrEqual(atOnce)
        expect(Math.max(...loads) - Math.min(...loads)).toBeLessThanOrEqual(1)
      }),
    )
  })
})

describe('an oven that is not as its dial says', () => {
  const oven = { name: 'deck', tins: 2 }
  it('hot looks sooner, cold later, a tenth for ten degrees and never more than three (common practice)', () => {
    expect(firstLookWhere(30, 10)).toBe(27)
    expect(firstLookWhere(30, -10)).toBe(33)
    expect(firstLookWhere(30, 60)).toBe(21)
    expect(firstLookWhere(30, 0)).toBe(30)
  })
  it('says what to do with the dial, and on which shelf', () => {
    expect(ovenAdvice(oven, 30)).toBe('')
    expect(ovenAdvice({ ...oven, offsetCelsius: 10 }, 30)).toBe(
      'runs 10 °C hot: set the dial 10 °C lower, or look first after about 27 min',
    )
    expect(ovenAdvice({ ...oven, offsetCelsius: -5, topShelfCelsius: 15 }, 40)).toBe(
      'runs 5 °C cold: set the dial 5 °C higher, or look first after about 42 min; on the top shelf, 15 °C hotter, look first after about 36 min',
    )
    expect(ovenAdvice({ ...oven, topShelfCelsius: 8 }, null)).toBe('on the top shelf, 8 °C hotter, look first early')
  })
})

describe('what is usually lost in the oven', () => {
  it('is a range by the kind of bake, with its middle to assume (common practice)', () => {
    expect(usualBakeLoss('mediumCake')).toEqual({ low: 0.08, high: 0.12, share: 0.1 })
    expect(usualBakeLoss('cookie')!.share).toBe(0.16)
    expect(usualBakeLoss('icing')).toBeNull()
    expect(usualBakeLoss(undefined)).toBeNull()
  })
})
