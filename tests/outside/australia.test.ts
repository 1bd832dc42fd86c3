// Australia and New Zealand: the Food Standards Code, Standards 1.2.3, 1.2.4, 1.2.8, Schedules 4, 9, 11 and 12, written down from
// memory of them.
import {
  assess,
  type Evidence,
  energyOf,
  type NutrientCode,
  type Product,
  roundNutrient,
  rulesAsRead,
  textOf,
} from '@fair-tin/core'
import { describe, expect, it } from 'vitest'
import { carrying, sampleDay, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../fixtures/sample'

const anz = rulesAsRead('anz')
const printed = (nutrient: Parameters<typeof roundNutrient>[1], edges: [number, string][]) => {
  for (const [value, text] of edges) expect(roundNutrient('anz', nutrient, value), `${nutrient} ${value}`).toBe(text)
}

describe('the panel, Standard 1.2.8 and Schedule 12', () => {
  it('not more than three significant figures', () => {
    printed('energyKj', [
      [985, '985'],
      [1234, '1230'],
      [1235, '1240'],
      [9996, '10000'],
    ])
    printed('carbohydrate', [
      [1.04, '1.0'],
      [9.96, '10.0'],
      [12.34, '12.3'],
      [54.25, '54.3'],
      [99.96, '100'],
    ])
    printed('sodiumMg', [
      [7.4, '7'],
      [123.4, '123'],
      [1234, '1230'],
    ])
  })
  it('“LESS THAN” under 40 kJ, 1 g and 5 mg; nothing is 0', () => {
    printed('energyKj', [
      [0, '0'],
      [39.9, 'LESS THAN 40'],
      [40, '40'],
    ])
    for (const nutrient of ['protein', 'fat', 'carbohydrate', 'sugars'] as const)
      printed(nutrient, [
        [0, '0'],
        [0.99, 'LESS THAN 1'],
        [1, '1.0'],
      ])
    printed('sodiumMg', [
      [4.9, 'LESS THAN 5'],
      [5, '5'],
    ])
  })
  it('energy in kJ, protein second, then fat, carbohydrate and sodium, each per serving and per 100 g', () => {
    const recipe = sampleRecipe('top', [sampleLine('flour', 100)], { pieces: 4 })
    const sample = sampleIngredient('flour')
    const none = { value: 0, source: 'x' }
    const flour = {
      ...sample,
      nutrients: { ...sample.nutrients, polyols: none, allulose: none, alcohol: none },
    }
    const { table } = assess(
      sampleWorkbook([flour], [recipe], { netWeight: 100, pieces: 4 }),
      'cake',
      'anz',
    ).declaration
    if (!('rows' in table)) return expect.fail(table.missing.join())
    expect(table.rows.map(row => row.label)).toEqual([
      'Energy',
      'Protein',
      'Fat, total',
      '– saturated',
      'Carbohydrate',
      '– sugars',
      'Dietary fibre',
      'Sodium',
    ])
    // 10 g fat × 37 + 50 × 17 + 4 × 8 + 8 × 17
    expect(table.rows[0]).toMatchObject({ per100g: '1390 kJ', perServing: '347 kJ' })
    expect(table.rows.at(-1)).toMatchObject({ per100g: '100 mg', perServing: '25 mg' })
  })
})

it('energy, Schedule 11: kJ per gram', () => {
  const one = (code: NutrientCode, polyol = false) => {
    const all: Partial<Record<NutrientCode, number>> = {
      fat: 0,
      carbohydrate: polyol ? 1 : 0,
      protein: 0,
      fibre: 0,
      [code]: 1,
    }
    return energyOf(nutrient => all[nutrient], anz.energy.kj)
  }
  expect(
    (['carbohydrate', 'protein', 'fat', 'fibre', 'alcohol', 'organicAcids'] as const).map(code => one(code)),
  ).toEqual([17, 17, 37, 8, 29, 13])
  expect(
    (['erythritol', 'xylitol', 'sorbitol', 'maltitol', 'isomalt', 'lactitol', 'mannitol'] as const).map(code =>
      one(code, true),
    ),
  ).toEqual([1, 14, 14, 13, 11, 11, 9])
})

const declared = (...things: ReturnType<typeof sampleIngredient>[]) => {
  const recipe = sampleRecipe(
    'top',
    things.map(one => sampleLine(one.id, 100)),
  )
  return assess(sampleWorkbook(things, [recipe], { markets: ['anz'] }), 'cake', 'anz').declaration
}
const bold = (runs: { text: string; strong?: boolean }[]) => runs.filter(run => run.strong).map(run => run.text)

describe('allergens, Standard 1.2.3 and Schedule 9', () => {
  it('bold in the list and in a bold summary: wheat as wheat and gluten, barley by its name and as gluten', () => {
    const { ingredients, statements } = declared(
      carrying('wheat flour', 'wheat', 'contains'),
      carrying('malt', 'barley', 'contains'),
    )
    expect(bold(ingredients).map(one => one.toLowerCase())).toEqual(expect.arrayContaining(['wheat', 'barley']))
    expect(statements.map(textOf)).toContain('Contains: wheat, gluten.')
    expect(bold(statements[0]!).join('')).toBe('Contains: wheatgluten')
  })
  it('nuts one by one, pine nut too; coconut is none', () => {
    const { statements } = declared(
      carrying('frangipane', 'almond', 'contains'),
      carrying('kernels', 'pineNut', 'contains'),
      carrying('flakes', 'coconut', 'contains'),
    )
    expect(statements.map(textOf)).toContain('Contains: almond, pine nut.')
  })
  it('lupin and mollusc are in the list, celery and mustard are not; sulphites from 10 mg/kg', () => {
    const codes = anz.allergens.groups.flatMap(group => group.codes)
    expect(codes).toEqual(expect.arrayContaining(['lupin', 'molluscs', 'crustaceans', 'sesame', 'sulphites']))
    expect(codes).not.toContain('celery')
    expect(codes).not.toContain('mustard')
    expect(anz.allergens.sulphites).toMatchObject({ mgPerKg: 10, from: true })
  })
  it('an additive by its class and number', () => {
    const gum = sampleIngredient('xanthan gum', { functionClass: 'thickener', eNumber: 'E415' })
    expect(textOf(declared(gum).ingredients)).toBe('Thickener (415)')
    const powder = sampleIngredient('baking powder', {
      composition: [
        { name: 'disodium diphosphate', functionClass: 'raising agent', eNumber: 'E450' },
        { name: 'sodium bicarbonate', functionClass: 'raising agent', eNumber: 'E500' },
        { name: 'maize starch' },
      ],
    })
    expect(textOf(declared(powder).ingredients)).toBe('Baking powder (raising agents (450, 500), maize starch)')
  })
})

describe('claims, Schedule 4', () => {
  const verdict = (
    claim: Product['claims'][number],
    change: Parameters<typeof sampleIngredient>[1],
    product: Partial<Product> = {},
  ) => {
    const book = sampleWorkbook(
      [sampleIngredient('flour', change)],
      [sampleRecipe('top', [sampleLine('flour', 100)])],
      {
        ...product,
        claims: [claim],
      },
    )
    return assess(book, 'cake', 'anz').claims[0]!
  }
  const test: Evidence = { id: 't', kind: 'test', reference: 'LAB 7', dated: sampleDay }
  it('gluten-free rests on a test of the food alone', () => {
    expect(verdict('glutenFree', {}).verdict).toBe('unproven')
    expect(
      verdict('glutenFree', {}, { glutenTest: { findsFromMgPerKg: 5, evidence: test, of: ['flour'] } }).verdict,
    ).toBe('holds')
    // of another food than this one it says nothing
    expect(
      verdict('glutenFree', {}, { glutenTest: { findsFromMgPerKg: 5, evidence: test, of: ['rice'] } }).verdict,
    ).toBe('unproven')
    for (const evidence of [
      { ...test, kind: 'specification' as const },
      { ...test, dated: '2099-01-01' },
      { ...test, expires: '2020-01-01' },
    ])
      expect(verdict('glutenFree', {}, { glutenTest: { findsFromMgPerKg: 5, evidence, of: ['flour'] } }).verdict).toBe(
        'unproven',
      )
  })
  it('what is claimed stands in the panel: gluten, and fibre beside a claim of sugars (Standard 1.2.8—6, less sure)', () => {
    const { fibre: _, ...withoutFibre } = sampleIngredient('flour').nutrients
    const table = (claims: Product['claims'], change: Partial<ReturnType<typeof sampleIngredient>> = {}) =>
      assess(
        sampleWorkbook([sampleIngredient('flour', change)], [sampleRecipe('top', [sampleLine('flour', 100)])], {
          claims,
          glutenTest: { findsFromMgPerKg: 5, evidence: test, of: ['flour'] },
        }),
        'cake',
        'anz',
      ).declaration.table
    const rows = (of: ReturnType<typeof table>) =>
      'rows' in of ? of.rows.map(row => `${row.label} ${row.per100g}`) : []
    expect(rows(table(['glutenFree']))[2]).toBe('Gluten Nil detected')
    expect(rows(table([])).join()).not.toContain('Gluten')
    // a claim that does not hold says nothing
    expect(rows(table(['glutenFree'], carrying('flour', 'wheat', 'contains'))).join()).not.toContain('Gluten')
    expect(rows(table(['lowSugar'])).join()).toContain('Dietary fibre')
    expect(table(['lowSugar'], { nutrients: withoutFibre })).toHaveProperty('missing')
  })
  it('never with oats, nor with malt or another gluten cereal, whatever a test says', () => {
    const glutenTest = { findsFromMgPerKg: 5, evidence: test, of: ['flour'] }
    for (const code of ['oats', 'barley', 'wheat', 'rye'] as const) {
      const { allergens } = carrying('flour', code, 'contains')
      const change = { allergens, oatsSpeciallyProduced: true, glutenRemoved: true }
      expect(verdict('glutenFree', change, { glutenTest }).verdict, code).toBe('breaks')
    }
  })
  const with_ = (nutrients: Record<string, number>) => ({
    nutrients: {
      ...sampleIngredient('flour').nutrients,
      ...Object.fromEntries(Object.entries(nutrients).map(([code, value]) => [code, { value, source: 'x' }])),
    },
  })
  it('low fat at 3 g, low sugar at 5 g per 100 g; sugar-free and low carbohydrate are not defined', () => {
    expect(verdict('lowFat', with_({ fat: 3 })).verdict).toBe('holds')
    expect(verdict('lowFat', with_({ fat: 3.01 })).verdict).toBe('breaks')
    expect(verdict('lowSugar', with_({ sugars: 5 })).verdict).toBe('holds')
    expect(verdict('lowSugar', with_({ sugars: 5.1 })).verdict).toBe('breaks')
    expect(verdict('sugarFree', with_({ sugars: 0 })).verdict).toBe('breaks')
    expect(verdict('keto', {}).verdict).toBe('unproven')
  })
  it('fibre and protein by the serving: 2 g a source, 4 g a good source; 5 g of protein', () => {
    const serving = { netWeight: 200, pieces: 4 } // 50 g
    expect(verdict('sourceOfFibre', with_({ fibre: 4 }), serving).verdict).toBe('holds')
    expect(verdict('sourceOfFibre', with_({ fibre: 3.9 }), serving).verdict).toBe('breaks')
    expect(verdict('highFibre', with_({ fibre: 8 }), serving).verdict).toBe('holds')
    expect(verdict('sourceOfProtein', with_({ protein: 10 }), serving).verdict).toBe('holds')
    expect(verdict('sourceOfProtein', with_({ protein: 9.9 }), serving).verdict).toBe('breaks')
  })
})
