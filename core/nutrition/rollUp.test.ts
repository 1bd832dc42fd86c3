import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { EnergyFactors } from '../market/rulePack'
import type { Ingredient } from '../model/ingredient'
import { energyOf } from './rollUp'

const value = (grams: number) => ({ value: grams, source: 's' })
const nutrition = (ingredients: Ingredient[], change = {}, lines = ingredients.map(one => sampleLine(one.id, 100))) =>
  assess(sampleWorkbook(ingredients, [sampleRecipe('top', lines, change)]), 'cake', 'uk').nutrition
const with_ = (id: string, nutrients: Ingredient['nutrients'], traits = {}) =>
  sampleIngredient(id, {
    nutrients: { ...sampleIngredient('x').nutrients, ...nutrients },
    traits: { ...sampleIngredient('x').traits, ...traits },
  })

describe('nutritionOf', () => {
  it('is per 100 g of the finished food: water lost in the oven makes all else denser', () => {
    expect(nutrition([with_('a', { fat: value(10) }), with_('b', { fat: value(30) })]).per100g.fat!.value).toBeCloseTo(
      20,
      9,
    )
    expect(nutrition([with_('a', { fat: value(18) })], { bakeLoss: 0.1 }).per100g.fat!.value).toBeCloseTo(20, 9)
  })
  it('a gap in one ingredient is a gap in the result, with its name, also in the energy', () => {
    const { fat: _, ...nutrients } = sampleIngredient('x').nutrients
    const { per100g, gaps } = nutrition([sampleIngredient('flour'), sampleIngredient('rhubarb', { nutrients })])
    expect(per100g.fat).toBeUndefined()
    expect(per100g.energyKj).toBeUndefined()
    expect(per100g.protein!.value).toBeCloseTo(8, 9)
    expect(gaps).toMatchObject({ fat: ['rhubarb'], energyKj: ['rhubarb'] })
    expect(gaps.protein).toBeUndefined()
  })
  it('a missing weight is a gap everywhere; what is beside or poured away whole is not', () => {
    const flour = sampleIngredient('flour')
    expect(
      nutrition([flour], {}, [sampleLine('flour', 100), sampleLine('flour', null, { role: 'release' })]).per100g,
    ).toEqual({})
    const bare = sampleIngredient('brine', { nutrients: {} })
    expect(
      nutrition([flour, bare], {}, [sampleLine('flour', 100), sampleLine('brine', 50, { role: 'beside' })]).per100g.fat!
        .value,
    ).toBeCloseTo(10, 9)
    expect(
      nutrition([flour, bare], {}, [sampleLine('flour', 100), sampleLine('brine', 50, { role: 'drained' })]).per100g
        .fat!.value,
    ).toBeCloseTo(10, 9)
  })
  it('works energy out from the macronutrients by Annex XIV, not from stated energies', () => {
    const energy = nutrition([with_('a', { energyKj: value(9999) })]).per100g
    expect(energy.energyKj!.value).toBeCloseTo(10 * 37 + 50 * 17 + 4 * 8 + 8 * 17, 9)
    expect(energy.energyKcal!.value).toBeCloseTo(10 * 9 + 50 * 4 + 4 * 2 + 8 * 4, 9)
  })
  it('counts polyols and erythritol by their own factors, and misses them where a sweetener does not state them', () => {
    const polyol = with_(
      'sweetener',
      {
        carbohydrate: value(100),
        sugars: value(0),
        fat: value(0),
        protein: value(0),
        fibre: value(0),
        polyols: value(100),
        erythritol: value(40),
      },
      { sweetening: ['polyol'] },
    )
    expect(nutrition([polyol]).per100g.energyKcal!.value).toBeCloseTo(60 * 2.4, 9)
    expect(nutrition([with_('unsaid', {}, { sweetening: ['polyol'] })]).gaps.polyols).toEqual(['unsaid'])
  })
  it.each([
    ['a polyol by its kind', {}, { sweetening: ['polyol'] }],
    ['a polyol by its words', { composition: [{ name: 'sweetener: maltitol' }] }, {}],
    ['a polyol by its number', { eNumber: 'E968' }, {}],
    ['a rare sugar', {}, { sweetening: ['rareSugar'] }],
    ['alcohol', {}, { alcohol: true }],
    ['a spirit that nobody has said anything of', { name: 'dark rum' }, { alcohol: undefined }],
  ] as const)('knows no energy while %s is in it and nobody has said how much', (_, change, traits) => {
    const { alcohol, ...rest } = { ...sampleIngredient('x').traits, ...traits }
    const thing = sampleIngredient('thing', {
      ...(change as Partial<Ingredient>),
      traits: { ...rest, ...(alcohol === undefined ? {} : { alcohol }) } as Ingredient['traits'],
    })
    const { per100g, gaps } = nutrition([thing, sampleIngredient('flour')])
    expect([per100g.energyKj, per100g.energyKcal]).toEqual([undefined, undefined])
    expect(gaps.energyKj).toEqual([thing.name])
    expect(per100g.protein!.value).toBeCloseTo(8, 9)
  })
  it('allulose is among the sugars in the EU and UK and not in the US; unknown, it leaves the sugars unknown there', () => {
    const sugars = (nutrients: Ingredient['nutrients'], market: 'uk' | 'us') => {
      const thing = with_('allulose', nutrients, { sweetening: ['rareSugar'] })
      const book = sampleWorkbook([thing], [sampleRecipe('top', [sampleLine('allulose', 100)])], {
        claims: ['lowSugar'],
      })
      const { nutrition: of, claims } = assess(book, 'cake', market)
      return [of.per100g.sugars?.value, of.gaps.sugars, claims[0]!.verdict]
    }
    expect(sugars({ sugars: value(1), allulose: value(40) }, 'uk')).toEqual([41, undefined, 'breaks'])
    expect(sugars({ sugars: value(1), allulose: value(40) }, 'us').slice(0, 2)).toEqual([1, undefined])
    expect(sugars({ sugars: value(1) }, 'uk')).toEqual([undefined, ['allulose'], 'unproven'])
  })
  it('counts insoluble fibre as nothing in the US where the soluble is known, and all of it alike in the UK', () => {
    const kcal = (nutrients: Ingredient['nutrients'], market: 'uk' | 'us') => {
      const book = sampleWorkbook([with_('bran', nutrients)], [sampleRecipe('top', [sampleLine('bran', 100)])])
      return assess(book, 'cake', market).nutrition.per100g.energyKcal!.value
    }
    const fibre = { fibre: value(10) }
    expect(kcal({ ...fibre, solubleFibre: value(4) }, 'us')).toBeCloseTo(kcal(fibre, 'us') - 12, 9)
    expect(kcal({ ...fibre, solubleFibre: value(4) }, 'uk')).toBeCloseTo(kcal(fibre, 'uk'), 9)
  })
  it('keeps the range: low ≤ value ≤ high', () => {
    const ranged = fc
      .record({
        value: fc.double({ min: 1, max: 50, noNaN: true }),
        down: fc.double({ min: 0, max: 1, noNaN: true }),
        up: fc.double({ min: 0, max: 9, noNaN: true }),
      })
      .map(({ value: v, down, up }) => ({ value: v, low: v - down, high: v + up, source: 's' }))
    fc.assert(
      fc.property(fc.array(ranged, { minLength: 1, maxLength: 5 }), all => {
        const fat = nutrition(all.map((one, at) => with_(`i${at}`, { fat: one }))).per100g.fat!
        expect(fat.low).toBeLessThanOrEqual(fat.value + 1e-9)
        expect(fat.high).toBeGreaterThanOrEqual(fat.value - 1e-9)
      }),
    )
  })
  it('is the same per 100 g however large the batch, and a piece is its share', () => {
    const workbook = sampleWorkbook(
      [sampleIngredient('flour')],
      [sampleRecipe('top', [sampleLine('flour', 300)], { bakeLoss: 0.08 })],
      { netWeight: 120, pieces: 3 },
    )
    const [one, many] = [assess(workbook, 'cake', 'uk'), assess(workbook, 'cake', 'uk', { factor: 7.3 })]
    expect(many.nutrition.per100g.fat!.value).toBeCloseTo(one.nutrition.per100g.fat!.value, 9)
    expect(one.nutrition.perPiece.fat!.value).toBeCloseTo(one.nutrition.per100g.fat!.value * 0.4, 9)
  })
})

describe('energy of 100 g', () => {
  // each factor another power of ten: every gram shows in its own place
  const factors: EnergyFactors = {
    fat: 1,
    protein: 10,
    carbohydrate: 100,
    fibre: 1e3,
    insolubleFibre: 1e4,
    alcohol: 1e5,
    organicAcids: 1e6,
    polyols: 1e7,
    eachPolyol: { erythritol: 1e8 },
    allulose: 1e9,
  }
  const plain = { fat: 1, protein: 2, carbohydrate: 9, fibre: 4 }
  const energy = (more: Record<string, number | undefined>) =>
    energyOf(code => ({ ...plain, ...more })[code as keyof typeof plain], factors)
  it.each<[Record<string, number | undefined>, number | null]>([
    [{}, 1 + 20 + 900 + 4000],
    [{ fat: undefined }, null],
    [{ fibre: undefined }, null],
    [{ alcohol: 3 }, 1 + 20 + 900 + 4000 + 3e5],
    [{ organicAcids: 2 }, 1 + 20 + 900 + 4000 + 2e6],
    // polyols and allulose are part of the carbohydrate, and counted by their own
    [{ polyols: 5 }, 1 + 20 + 400 + 4000 + 5e7],
    [{ polyols: 5, erythritol: 3 }, 1 + 20 + 400 + 4000 + 2e7 + 3e8],
    [{ erythritol: 3 }, 1 + 20 + 600 + 4000 + 3e8],
    [{ allulose: 6 }, 1 + 20 + 300 + 4000 + 6e9],
    [{ allulose: 20 }, 1 + 20 + 4000 + 20e9],
    [{ solubleFibre: 3 }, 1 + 20 + 900 + 3000 + 1e4],
    [{ solubleFibre: 5 }, 1 + 20 + 900 + 5000],
  ])('with %o', (more, wanted) => expect(energy(more)).toBe(wanted))
})

describe('a piece', () => {
  it('is its share of 100 g, and nothing is said of none', () => {
    const of = (netWeight: number) =>
      assess(
        sampleWorkbook(
          [with_('flour', { fat: { value: 10, low: 8, high: 16, source: 's' } })],
          [sampleRecipe('top', [sampleLine('flour', 200)])],
          { netWeight },
        ),
        'cake',
        'uk',
      ).nutrition
    expect(of(50).perPiece.fat).toEqual({ value: 5, low: 4, high: 8 })
    expect(of(100).perPiece.fat).toEqual(of(50).per100g.fat)
  })
})
