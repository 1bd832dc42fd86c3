import { describe, expect, it } from 'vitest'
import { type Given, labelled } from '../../tests/fixtures/labelled'
import { sampleIngredient, sampleLine } from '../../tests/fixtures/sample'
import type { Ingredient } from '../model/ingredient'
import type { NutrientCode } from '../model/nutrient'

// 21 CFR 101.9 for the panel and Regulation (EU) 1169/2011, Annex XV for the table, from memory; the values by hand
const source = 'invented'
const values: Partial<Record<NutrientCode, number>> = {
  fat: 10,
  saturates: 2,
  trans: 0.1,
  cholesterolMg: 30,
  sodiumMg: 200,
  carbohydrate: 50,
  fibre: 5,
  sugars: 20,
  addedSugars: 12,
  protein: 8,
  vitaminDMcg: 1,
  calciumMg: 130,
  ironMg: 1.8,
  potassiumMg: 235,
}
const thing = (change: Partial<Record<NutrientCode, number | null>> = {}, name = 'mix'): Ingredient =>
  sampleIngredient(name, {
    nutrients: Object.fromEntries(
      Object.entries({ ...values, ...change }).flatMap(([code, value]) =>
        value === null ? [] : [[code, { value, source }]],
      ),
    ),
  })
const facts = (change: Parameters<typeof thing>[0] = {}, product: Given['product'] = {}) =>
  labelled({
    market: 'us',
    ingredients: [thing(change)],
    lines: [sampleLine('mix', 100)],
    product: { category: 'mediumCake', netWeight: 800, pieces: 8, pieceName: 'slice', ...product },
  })
const cells = ({ table }: ReturnType<typeof facts>) =>
  'rows' in table
    ? table.rows.map(row =>
        [row.label, row.perServing, row.percent, row.perUnit, row.unitPercent].filter(one => one !== undefined),
      )
    : table.missing

describe('the panel of the United States', () => {
  it('per serving of 100 g: amounts rounded, with their share of the day', () => {
    const { table, panel } = facts()
    expect(cells(facts())).toEqual([
      // 10 g of fat, 8 of protein, 50 of carbohydrate, and 5 of fibre at 2
      ['Calories', '330'],
      ['Total Fat', '10g', '13%'],
      ['Saturated Fat', '2g', '10%'],
      ['Trans Fat', '0g'],
      ['Cholesterol', '30mg', '10%'],
      ['Sodium', '200mg', '9%'],
      ['Total Carbohydrate', '55g', '20%'],
      ['Dietary Fiber', '5g', '18%'],
      ['Total Sugars', '20g'],
      ['Includes 12g Added Sugars', '12g', '24%'],
      ['Protein', '8g'],
      ['Vitamin D', '1mcg', '6%'],
      ['Calcium', '130mg', '10%'],
      ['Iron', '1.8mg', '10%'],
      ['Potassium', '240mg', '6%'],
    ])
    expect(panel).toMatchObject({
      servings: '8 servings per container',
      servingSize: '1 slice (100g)',
      wholeUnit: null,
    })
    const rows = 'rows' in table ? table.rows : []
    expect(rows.filter(row => row.inside).map(row => row.nutrient)).toEqual(['addedSugars'])
    expect(rows.filter(row => row.minor).map(row => row.nutrient)).toEqual([
      'vitaminDMcg',
      'calciumMg',
      'ironMg',
      'potassiumMg',
    ])
    expect(rows.map(row => row.indent)).toEqual([0, 0, 1, 1, 0, 0, 0, 1, 1, 2, 0, 0, 0, 0, 0])
    expect(rows.every(row => row.per100g === undefined && row.perUnit === undefined)).toBe(true)
  })
  it('sugar alcohols have a row where there are any', () => {
    expect(cells(facts({ polyols: 3 }))).toContainEqual(['Sugar Alcohol', '3g'])
    expect(cells(facts({ polyols: 0 })).flat()).not.toContain('Sugar Alcohol')
  })
  it('in few rows where eight and more print as nothing, the rest named in a sentence (21 CFR 101.9(f))', () => {
    const nothing = {
      saturates: 0,
      trans: 0,
      cholesterolMg: 0,
      fibre: 0,
      addedSugars: 0,
      vitaminDMcg: 0,
      calciumMg: 0,
      ironMg: 0,
    }
    const few = facts({ ...nothing, potassiumMg: 235 }).panel!.simplified!
    expect(few.rows.map(row => row.label)).toEqual([
      'Calories',
      'Total Fat',
      'Sodium',
      'Total Carbohydrate',
      'Total Sugars',
      'Protein',
      'Potassium',
    ])
    expect(few.note).toBe(
      'Not a significant source of saturated fat, trans fat, cholesterol, dietary fiber, vitamin d, calcium, iron.',
    )
    const { saturates: _, ...seven } = nothing
    expect(facts(seven).panel!.simplified).toBeNull()
  })
  it('a second column for a pack that one may eat at once, without a share of the calories', () => {
    // a pack of 200 g, two and a half times the 80 g customarily eaten
    const whole = facts({}, { netWeight: 200, pieces: 2, pieceName: 'bun' })
    expect(whole.panel).toMatchObject({
      servings: '2 servings per container',
      servingSize: '1 bun (100g)',
      wholeUnit: 'Per container',
    })
    expect(cells(whole).slice(0, 4)).toEqual([
      ['Calories', '330', '660'],
      ['Total Fat', '10g', '13%', '20g', '26%'],
      ['Saturated Fat', '2g', '10%', '4g', '20%'],
      ['Trans Fat', '0g', '0g'],
    ])
    const single = facts({}, { netWeight: 200, pieces: 1, pieceName: 'loaf' })
    expect(single.panel).toMatchObject({ wholeUnit: 'Per loaf' })
    expect(single.panel!.servingSize).toMatch(/^1\/[23] loaf \(/)
  })
  it('one serving and several; pieces in halves and many', () => {
    const of = (netWeight: number, pieces: number, category: 'cookie' | 'mediumCake' = 'cookie') =>
      facts({}, { netWeight, pieces, category, pieceName: 'biscuit' }).panel
    expect(of(25, 1)).toMatchObject({ servings: '1 serving per container', servingSize: '1 biscuit (25g)' })
    expect(of(200, 20)).toMatchObject({ servingSize: '3 biscuits (30g)' })
    expect(of(1200, 1, 'mediumCake')!.servingSize).toBe('1/15 biscuit (80g)')
    expect(facts({}, { pieceName: undefined as never }).panel!.servingSize).toBe('1 piece (100g)')
  })
  it('no kind of bake, no serving; a value missing, no table: by name, energy by what it rests on', () => {
    const without = labelled({
      market: 'us',
      ingredients: [thing()],
      lines: [sampleLine('mix', 100)],
      product: { category: undefined as never },
    })
    expect(without.table).toEqual({
      missing: ['The serving size: say what kind of bake it is: the serving size depends on it.'],
    })
    expect(without.panel).toBeNull()
    const lacking = (change: Parameters<typeof thing>[0]) => {
      const { table, panel } = facts(change)
      expect(panel).toBeNull()
      return 'missing' in table ? table.missing : []
    }
    expect(lacking({ calciumMg: null })).toEqual(['calcium (mg): mix'])
    expect(lacking({ fat: null })).toEqual(['energy: mix', 'fat: mix'])
    // total carbohydrate wants both
    expect(lacking({ fibre: null })).toEqual(['energy: mix', 'fibre: mix'])
    expect(lacking({ carbohydrate: null })).toEqual(['energy: mix', 'carbohydrate: mix'])
  })
})

describe('the European table', () => {
  const table = (change: Parameters<typeof thing>[0], product: Given['product'] = {}) => {
    const { table } = labelled({
      ingredients: [thing(change)],
      lines: [sampleLine('mix', 100)],
      product: { netWeight: 60, pieces: 2, ...product },
    })
    return 'rows' in table ? table.rows.map(row => [row.label, row.per100g, row.perServing]) : table.missing
  }
  it('has fibre where it is known, and energy in both units', () => {
    const known = table({})
    expect(known).toContainEqual(['Fibre', '5.0 g', '1.5 g'])
    expect(known[0]).toEqual(['Energy', '1396 kJ / 332 kcal', '419 kJ / 100 kcal'])
    expect(table({ fibre: null }).flat()).not.toContain('Fibre')
  })
  it('names each that is missing: energy by what it rests on, salt by its sodium', () => {
    expect(table({ sodiumMg: null })).toEqual(['salt (sodium): mix'])
    expect(table({ protein: null })).toEqual(['energy: mix', 'protein: mix'])
    expect(table({ saturates: null })).toEqual(['saturates: mix'])
  })
  it('values that cannot be true stop it, of what is in the food alone', () => {
    const odd = thing({ saturates: 11 }, 'odd')
    const of = (change: object, grams = 10) =>
      labelled({ ingredients: [thing(), odd], lines: [sampleLine('mix', 90), sampleLine('odd', grams, change)] }).table
    expect(of({})).toEqual({ missing: [expect.stringMatching(/^Odd: /)] })
    expect('rows' in of({ role: 'beside' })).toBe(true)
    expect('rows' in of({ role: 'drained' })).toBe(true)
  })
})
