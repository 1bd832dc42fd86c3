// United States values against 21 CFR 101.9, 101.12 and 101.91 and the FD&C Act, written down from memory of them.
import {
  assess,
  energyOf,
  type NutrientCode,
  percentOfDaily,
  roundNutrient,
  rulesAsRead,
  servingOf,
  servingsPerContainer,
  textOf,
} from '@fair-tin/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoWorkbook } from '../../demo/workbook'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../fixtures/sample'

const us = rulesAsRead('us')
const printed = (nutrient: Parameters<typeof roundNutrient>[1], edges: [number, string][]) => {
  for (const [value, text] of edges) expect(roundNutrient('us', nutrient, value), `${nutrient} ${value}`).toBe(text)
}

describe('rounding, 21 CFR 101.9(c)', () => {
  it('calories: under 5 as 0, to 50 by 5, above by 10', () =>
    printed('energyKcal', [
      [0, '0'],
      [4.9, '0'],
      [5, '5'],
      [7.4, '5'],
      [7.5, '10'],
      [47.5, '50'],
      [50, '50'],
      [50.1, '50'],
      [54.9, '50'],
      [55, '60'],
      [284, '280'],
      [285, '290'],
    ]))
  it.each(['fat', 'saturates', 'trans'] as const)('%s: under 0.5 as 0, under 5 by 0.5, above by 1', nutrient =>
    printed(nutrient, [
      [0.49, '0'],
      [0.5, '0.5'],
      [0.74, '0.5'],
      [0.75, '1'],
      [2.25, '2.5'],
      [4.74, '4.5'],
      [4.75, '5'],
      [4.99, '5'],
      [5, '5'],
      [5.5, '6'],
      [13.4, '13'],
    ]),
  )
  it('cholesterol: under 2 as 0, 2 to 5 as less than 5, above by 5', () =>
    printed('cholesterolMg', [
      [1.9, '0'],
      [2, 'less than 5'],
      [5, 'less than 5'],
      [5.1, '5'],
      [7.5, '10'],
      [62, '60'],
    ]))
  it('sodium: under 5 as 0, to 140 by 5, above by 10', () =>
    printed('sodiumMg', [
      [4.9, '0'],
      [5, '5'],
      [137.4, '135'],
      [140, '140'],
      [141, '140'],
      [145, '150'],
      [480, '480'],
    ]))
  it.each(['totalCarbohydrate', 'carbohydrate', 'fibre', 'sugars', 'addedSugars', 'polyols', 'protein'] as const)(
    '%s: under 0.5 as 0, under 1 as less than 1, else by 1',
    nutrient =>
      printed(nutrient, [
        [0.49, '0'],
        [0.5, 'less than 1'],
        [0.99, 'less than 1'],
        [1, '1'],
        [1.5, '2'],
        [37.4, '37'],
      ]),
  )
  it('vitamin D and iron by 0.1, calcium and potassium by 10', () => {
    printed('vitaminDMcg', [
      [0.24, '0.2'],
      [2, '2'],
    ])
    printed('ironMg', [
      [1.25, '1.3'],
      [8, '8'],
    ])
    printed('calciumMg', [
      [14.9, '10'],
      [15, '20'],
      [255, '260'],
    ])
    printed('potassiumMg', [[235, '240']])
  })
})

describe('daily values, 21 CFR 101.9(c)(8) and (9)', () => {
  it.each([
    ['fat', 78],
    ['saturates', 20],
    ['cholesterolMg', 300],
    ['sodiumMg', 2300],
    ['totalCarbohydrate', 275],
    ['fibre', 28],
    ['addedSugars', 50],
    ['vitaminDMcg', 20],
    ['calciumMg', 1300],
    ['ironMg', 18],
    ['potassiumMg', 4700],
  ] as const)('%s: %d is 100 %%', (nutrient, daily) => expect(percentOfDaily(us, nutrient, daily)).toBe('100'))
  it('nearest 1 for fat and the like; none for trans, sugars and protein', () => {
    expect(percentOfDaily(us, 'fat', 8)).toBe('10')
    for (const nutrient of ['trans', 'sugars', 'protein'] as const) expect(percentOfDaily(us, nutrient, 5)).toBeNull()
  })
  it('vitamins and minerals by 2 to 10 %, by 5 to 50 %, by 10 above', () => {
    const calcium = (percent: number) => percentOfDaily(us, 'calciumMg', percent * 13)
    expect([1.9, 2, 3, 9, 10, 12, 13, 47, 50, 54, 56].map(calcium)).toEqual([
      '0',
      '2',
      '4',
      '10',
      '10',
      '10',
      '15',
      '45',
      '50',
      '50',
      '60',
    ])
  })
})

describe('serving size, 21 CFR 101.12(b) and 101.9(b)(2)', () => {
  const cookies = (netWeight: number, pieces: number) => servingOf(us, { netWeight, pieces, category: 'cookie' })
  it('at most half the reference amount: as many pieces as come closest', () =>
    expect(cookies(200, 20)).toMatchObject({ pieces: 3, grams: 30 }))
  it('half to two thirds: one or two pieces', () => expect(cookies(180, 10)).toMatchObject({ pieces: 2 }))
  it('two thirds to twice: one piece', () =>
    expect(cookies(240, 8)).toMatchObject({ pieces: 1, grams: 30, perContainer: '8' }))
  it('twice to three times: near the reference, with a column for the whole', () =>
    expect(cookies(150, 2)).toMatchObject({ pieces: 1 / 3, second: { of: 'unit', grams: 75 }, grams: 25 }))
  it('a single piece packed alone under 200 % is one serving, also below 50 %', () => {
    expect(servingOf(us, { netWeight: 15, pieces: 1, category: 'cookie' })).toMatchObject({
      pieces: 1,
      perContainer: '1',
    })
    expect(servingOf(us, { netWeight: 219, pieces: 1, category: 'muffin' })).toMatchObject({ pieces: 1 })
  })
  it('a pack under 200 % of the reference amount is one serving, one piece or several (101.9(b)(6))', () => {
    expect(cookies(59, 4)).toMatchObject({ pieces: 4, grams: 59, perContainer: '1', second: null })
    expect(cookies(59.9, 1)).toMatchObject({ pieces: 1, perContainer: '1' })
  })
  it('a pack of 200 to 300 % has a column for the whole of it (101.9(b)(12))', () => {
    expect(cookies(60, 4)).toMatchObject({ pieces: 2, grams: 30, second: { of: 'pack', grams: 60 } })
    expect(cookies(90, 9)).toMatchObject({ pieces: 3, second: { of: 'pack', grams: 90 } })
    expect(cookies(91, 7)).toMatchObject({ second: null })
    expect(servingOf(us, { netWeight: 230, pieces: 1, category: 'muffin' })).toMatchObject({
      second: { of: 'unit', grams: 230 },
    })
  })
  it('is never more than the pack, and what is served of a pack is all of it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3000 }),
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom('cookie', 'muffin', 'brownie', 'pie', 'mediumCake' as const),
        (netWeight, pieces, category) => {
          const serving = servingOf(us, { netWeight, pieces, category })
          if ('unknown' in serving) return expect.fail(serving.unknown)
          expect(serving.grams).toBeLessThanOrEqual(netWeight * (1 + 1e-9))
          expect(serving.pieces).toBeLessThanOrEqual(pieces)
          if (serving.second) expect(serving.second.grams).toBeGreaterThanOrEqual(serving.grams)
        },
      ),
    )
  })
  it('a large cake: the slice closest to the reference amount', () =>
    expect(servingOf(us, { netWeight: 960, pieces: 1, category: 'mediumCake' })).toMatchObject({
      pieces: 1 / 12,
      grams: 80,
      perContainer: '12',
    }))
  it('needs to know what it is', () => expect(servingOf(us, { netWeight: 100, pieces: 1 })).toHaveProperty('unknown'))
  it('servings per container: whole, by halves between 2 and 5, "about" where rounded', () => {
    expect(
      [
        [240, 30],
        [100, 30],
        [70, 30],
        [170, 30],
        [20, 30],
      ].map(([pack, one]) => servingsPerContainer(pack!, one!)),
    ).toEqual(['8', 'about 3.5', 'about 2.5', 'about 6', 'about 1'])
  })
})

describe('energy, 21 CFR 101.9(c)(1)', () => {
  const { kcal } = rulesAsRead('us').energy
  const one = (code: NutrientCode) => {
    const polyol = [
      'erythritol',
      'xylitol',
      'maltitol',
      'sorbitol',
      'isomalt',
      'lactitol',
      'mannitol',
      'polyols',
      'allulose',
    ].includes(code)
    const all: Partial<Record<NutrientCode, number>> = {
      fat: 0,
      carbohydrate: polyol ? 1 : 0,
      protein: 0,
      fibre: 0,
      [code]: 1,
    }
    return energyOf(nutrient => all[nutrient], kcal)
  }
  it.each([
    ['fat', 9],
    ['protein', 4],
    ['carbohydrate', 4],
    ['fibre', 2],
    ['isomalt', 2],
    ['lactitol', 2],
    ['xylitol', 2.4],
    ['maltitol', 2.1],
    ['sorbitol', 2.6],
    ['mannitol', 1.6],
    ['erythritol', 0],
    ['allulose', 0.4],
  ] as const)('%s is %f kcal a gram', (code, calories) => expect(one(code)).toBeCloseTo(calories, 9))
})

describe('allergens, FD&C Act 201(qq)', () => {
  it('nine, tree nuts by kind, coconut no longer, pine nut still', () => {
    const { groups } = rulesAsRead('us').allergens
    expect(groups.map(group => group.name)).toEqual([
      'milk',
      'egg',
      'fish',
      'Crustacean shellfish',
      'tree nuts',
      'peanuts',
      'wheat',
      'soybeans',
      'sesame',
    ])
    const codes = groups.flatMap(group => group.codes)
    expect([
      codes.includes('pineNut'),
      codes.includes('coconut'),
      codes.includes('rye'),
      codes.includes('celery'),
    ]).toEqual([true, false, false, false])
  })
  it('wheat freed of gluten has its star on the word, and the sentence, only where the list has that starch (101.91(b)(3))', () => {
    const starch = carrying('wheat starch', 'wheat', 'contains', {
      glutenRemoved: true,
      gluten: { atMostMgPerKg: 10, evidence: 'test' },
      evidence: [
        { id: 'test', kind: 'test', reference: 'T', dated: '2026-06-01', expires: '2027-06-01' },
        ...sampleIngredient('x').evidence,
      ],
    })
    const label = (used: string[]) => {
      const book = sampleWorkbook(
        [starch, sampleIngredient('rice')],
        [
          sampleRecipe(
            'cake',
            used.map(id => sampleLine(id, 100)),
          ),
        ],
        { claims: ['glutenFree'], category: 'mediumCake' },
      )
      const { declaration } = assess(book, 'cake', 'us')
      return [textOf(declaration.ingredients), declaration.statements.map(textOf).join(' | ')] as const
    }
    const [list, said] = label(['rice', 'wheat starch'])
    expect(list).toBe('Rice, wheat* starch')
    expect(said).toContain('Contains: wheat*.')
    expect(said).toContain('*The wheat has been processed')
    const [without, nothing] = label(['rice'])
    expect(without).not.toContain('*')
    expect(nothing).not.toContain('*')
  })
  it('goes by the names of its market, and merges what has one name', () => {
    const book = sampleWorkbook(
      [
        sampleIngredient('caster sugar'),
        sampleIngredient('granulated sugar'),
        sampleIngredient('cornflour'),
        sampleIngredient('mix', { composition: [{ name: 'maize starch', percent: 60 }, { name: 'soya flour' }] }),
      ],
      [
        sampleRecipe(
          'cake',
          ['caster sugar', 'granulated sugar', 'cornflour', 'mix'].map((id, at) => sampleLine(id, 100 - at)),
        ),
      ],
      { category: 'mediumCake' },
    )
    const list = (market: 'uk' | 'us') => textOf(assess(book, 'cake', market).declaration.ingredients)
    expect(list('us')).toBe('Sugar, cornstarch, mix (cornstarch, soy flour)')
    expect(list('uk')).toBe('Caster sugar, granulated sugar, maize starch, mix (maize starch, soya flour)')
  })
  it('gluten-free is under 20 ppm, not at it (21 CFR 101.91)', () => {
    const workbook = demoWorkbook('2026-11-24')
    const at = (mgPerKg: number) => {
      const ingredients = workbook.ingredients.map(one => ({
        ...one,
        ...(one.gluten ? { gluten: { ...one.gluten, atMostMgPerKg: mgPerKg } } : {}),
      }))
      const recipes = workbook.recipes.map(one => ({ ...one, bakeLoss: 0 }))
      const claim = (market: 'uk' | 'us') =>
        assess({ ...workbook, ingredients, recipes }, 'ginger-teff-loaf', market).claims.find(
          one => one.claim === 'glutenFree',
        )!.verdict
      return [claim('uk'), claim('us')]
    }
    expect([at(19), at(20), at(21)]).toEqual([
      ['holds', 'holds'],
      ['holds', 'breaks'],
      ['breaks', 'breaks'],
    ])
  })
})
