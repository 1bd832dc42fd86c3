// Canada: the Food and Drug Regulations (FDR) B.01.010.1 to .3, B.01.350, B.01.401 and its tables, B.01.513, B.24.018, written
// down from memory of them.
import {
  assess,
  energyOf,
  type NutrientCode,
  type Product,
  percentOfDaily,
  roundNutrient,
  rulesAsRead,
  textOf,
} from '@fair-tin/core'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../fixtures/sample'

const ca = rulesAsRead('ca')
const printed = (nutrient: Parameters<typeof roundNutrient>[1], edges: [number, string][]) => {
  for (const [value, text] of edges) expect(roundNutrient('ca', nutrient, value), `${nutrient} ${value}`).toBe(text)
}

describe('rounding, table to B.01.401', () => {
  it('calories: under 5 by 1, to 50 by 5, above by 10', () =>
    printed('energyKcal', [
      [0, '0'],
      [0.4, '0'],
      [4.4, '4'],
      [5, '5'],
      [7.5, '10'],
      [50, '50'],
      [54.9, '50'],
      [55, '60'],
    ]))
  it.each(['fat', 'saturates', 'trans'] as const)('%s: under 0.5 by 0.1, to 5 by 0.5, above by 1', nutrient =>
    printed(nutrient, [
      [0, '0'],
      [0.04, '0'],
      [0.24, '0.2'],
      [0.49, '0.5'],
      [0.5, '0.5'],
      [2.24, '2'],
      [2.25, '2.5'],
      [5, '5'],
      [5.4, '5'],
      [5.5, '6'],
    ]),
  )
  it.each(['totalCarbohydrate', 'fibre', 'sugars'] as const)('%s: under 0.5 as 0, else by 1', nutrient =>
    printed(nutrient, [
      [0.49, '0'],
      [0.5, '1'],
      [1.4, '1'],
      [37.5, '38'],
    ]),
  )
  it('protein: under 0.5 by 0.1, else by 1', () =>
    printed('protein', [
      [0.24, '0.2'],
      [0.5, '1'],
      [6.5, '7'],
    ]))
  it('sodium: under 5 by 1, to 140 by 5, above by 10; cholesterol by 5', () => {
    printed('sodiumMg', [
      [4.4, '4'],
      [5, '5'],
      [137.4, '135'],
      [140, '140'],
      [145, '150'],
    ])
    printed('cholesterolMg', [
      [2.4, '0'],
      [2.5, '5'],
      [62, '60'],
    ])
  })
  it('potassium and calcium by 10, 25 and 50; iron by 0.1, 0.25 and 0.5', () => {
    for (const nutrient of ['potassiumMg', 'calciumMg'] as const)
      printed(nutrient, [
        [44, '40'],
        [50, '50'],
        [62.5, '75'],
        [237, '225'],
        [250, '250'],
        [275, '300'],
      ])
    printed('ironMg', [
      [0.24, '0.2'],
      [0.5, '0.5'],
      [0.63, '0.75'],
      [2.5, '2.5'],
      [2.75, '3'],
    ])
  })
})

describe('daily values of 2016', () => {
  it.each([
    ['fat', 75],
    ['fibre', 28],
    ['sugars', 100],
    ['sodiumMg', 2300],
    ['potassiumMg', 3400],
    ['calciumMg', 1300],
    ['ironMg', 18],
  ] as const)('%s: %d is 100 %%', (nutrient, daily) => expect(percentOfDaily(ca, nutrient, daily)).toBe('100'))
  it('saturated and trans fat are one per cent of 20 g; none for protein, carbohydrate and trans alone', () => {
    expect(percentOfDaily(ca, 'saturates', 3, () => 1)).toBe('20')
    expect(percentOfDaily(ca, 'saturates', 3)).toBeNull()
    for (const nutrient of ['trans', 'protein', 'totalCarbohydrate'] as const)
      expect(percentOfDaily(ca, nutrient, 5)).toBeNull()
  })
})

it('energy: 4, 9, 4 and 7 kcal; fibre 2; sugar alcohols by kind, erythritol 0.2', () => {
  const one = (code: NutrientCode, isPolyol = false) => {
    const all: Partial<Record<NutrientCode, number>> = {
      fat: 0,
      carbohydrate: isPolyol ? 1 : 0,
      protein: 0,
      fibre: 0,
      [code]: 1,
    }
    return energyOf(nutrient => all[nutrient], ca.energy.kcal)
  }
  expect((['fat', 'protein', 'carbohydrate', 'fibre', 'alcohol'] as const).map(code => one(code))).toEqual([
    9, 4, 4, 2, 7,
  ])
  expect((['erythritol', 'xylitol', 'maltitol', 'isomalt'] as const).map(code => one(code, true))).toEqual([
    0.2, 3, 3, 2,
  ])
})

const cake = (product: Partial<Product> = {}, ...more: ReturnType<typeof sampleIngredient>[]) => {
  const things = [sampleIngredient('flour'), ...more]
  const recipe = sampleRecipe(
    'top',
    things.map(one => sampleLine(one.id, 100)),
    { pieces: 4 },
  )
  return assess(sampleWorkbook(things, [recipe], { markets: ['ca'], category: 'mediumCake', ...product }), 'cake', 'ca')
}

describe('what is declared', () => {
  it('wheat, other gluten sources by name and sulphites from 10 mg/kg in one statement, French beside', () => {
    const { declaration } = cake(
      {},
      carrying('dough', 'wheat', 'contains'),
      carrying('malt', 'barley', 'contains'),
      carrying('cream', 'milk', 'contains'),
    )
    const said = declaration.statements.map(textOf)
    expect(said).toContain('Contains: wheat, milk, barley.')
    expect(said).toContain('Contient : blé, lait, orge.')
  })
  it('may contain follows, in both languages', () => {
    const said = cake({}, carrying('bar', 'almond', 'mayContain')).declaration.statements.map(textOf)
    expect(said).toContain('May contain: almonds.')
    expect(said).toContain('Peut contenir : amandes.')
  })
  it('names in French every allergen it wants in English', () => {
    for (const { codes } of ca.allergens.groups)
      for (const code of codes) expect(ca.second!.labelNames[code], code).toBeTruthy()
  })
  it('celery and lupin are not in the list; mustard, molluscs and pine nut are', () => {
    const codes = ca.allergens.groups.flatMap(group => group.codes)
    expect(codes).not.toContain('celery')
    expect(codes).not.toContain('lupin')
    expect(codes).toEqual(expect.arrayContaining(['mustard', 'molluscs', 'pineNut', 'sulphites']))
  })
  it('sugars stand together, placed by their sum (B.01.008.3)', () => {
    const sugar = sampleIngredient('cane sugar', { traits: { sweetening: ['sugar'] } })
    const syrup = sampleIngredient('maple syrup', { traits: { sweetening: ['syrup'] } })
    const flour = sampleIngredient('flour')
    const recipe = sampleRecipe('top', [
      sampleLine('flour', 100),
      sampleLine('cane sugar', 70),
      sampleLine('maple syrup', 60),
    ])
    const { declaration } = assess(sampleWorkbook([flour, sugar, syrup], [recipe]), 'cake', 'ca')
    expect(textOf(declaration.ingredients)).toBe('Sugars (cane sugar, maple syrup), flour')
  })
  it('wants the name and the list in French of a person, and for this very list', () => {
    const french = (problems: { what: string }[]) => problems.filter(one => one.what.includes('French'))
    const { declaration } = cake()
    expect(french(declaration.problems)).toHaveLength(1)
    const of = textOf(declaration.ingredients)
    const translated = { name: 'Gâteau', ingredients: 'farine', of }
    const done = cake({ translated }).declaration
    expect(french(done.problems)).toEqual([])
    expect(done.second).toEqual({ name: 'Gâteau', ingredients: 'farine', storage: null })
    expect(french(cake({ translated }, sampleIngredient('salt')).declaration.problems)).toHaveLength(1)
  })
})

describe('the table in two languages, B.01.454', () => {
  const known = Object.fromEntries(
    (['trans', 'cholesterolMg', 'calciumMg', 'ironMg', 'potassiumMg'] as const).map(code => [
      code,
      { value: 0.2, source: 'x' },
    ]),
  )
  const sample = sampleIngredient('flour')
  const flour = { ...sample, nutrients: { ...sample.nutrients, ...known } }
  const of = (product: Partial<Product>) =>
    assess(
      sampleWorkbook([flour], [sampleRecipe('top', [sampleLine('flour', 320)], { pieces: 4 })], {
        markets: ['ca'],
        category: 'mediumCake',
        netWeight: 320,
        pieces: 4,
        ...product,
      }),
      'cake',
      'ca',
    ).declaration
  const translated = { name: 'Gâteau', ingredients: 'Farine', of: 'Flour' }
  it('says the serving in both, the piece by its French name where somebody gave one, and asks for it where not', () => {
    const asked = (declaration: ReturnType<typeof of>) =>
      declaration.problems.filter(one => one.what.includes('called in French'))
    expect(of({}).panel?.per).toEqual(['Per 1 piece (80 g)', 'pour 1 morceau (80 g)'])
    const named = of({ pieceName: 'slice', translated: { ...translated, pieceName: 'tranche' } })
    expect([named.panel?.per, asked(named)]).toEqual([['Per 1 slice (80 g)', 'pour 1 tranche (80 g)'], []])
    const open = of({ pieceName: 'slice', translated })
    expect(open.panel?.per).toEqual(['Per 1 slice (80 g)', 'pour 80 g'])
    expect(asked(open)).toHaveLength(1)
  })
  it('a blank stands between figure, unit and per cent; how many servings there are is not asked', () => {
    const { table, panel } = of({})
    expect(panel?.servings).toBe('')
    if (!('rows' in table)) return expect.fail(table.missing.join())
    for (const row of table.rows.filter(one => one.nutrient !== 'energyKcal')) {
      expect(row.perServing).toMatch(/^[\d.]+ m?c?g$/)
      if (row.percent !== undefined) expect(row.percent).toMatch(/^\d+ %$/)
    }
  })
  it('how it is kept stands in French too', () => {
    const keeps = { days: 3, mark: 'bestBefore' as const, storage: 'Keep cool.' }
    const asked = (declaration: ReturnType<typeof of>) =>
      declaration.problems.filter(one => /How it is kept/.test(one.what))
    expect(asked(of({ keeps, translated }))).toHaveLength(1)
    const done = of({ keeps, translated: { ...translated, storage: 'Garder au frais.' } })
    expect([asked(done), done.second?.storage]).toEqual([[], 'Garder au frais.'])
    // no claim is printed unjudged in either language
    for (const own of [{ storage: 'Garder au frais. Sans noix.' }, { pieceName: 'tranche sans gluten' }])
      expect(
        of({ claims: [], keeps, translated: { ...translated, storage: 'Garder au frais.', ...own } })
          .problems.map(one => one.what)
          .join(' '),
      ).toContain('Your own words')
  })
})

describe('the symbol on the front, B.01.350', () => {
  const high = (per100g: Record<string, number>, category: Product['category'], netWeight: number, pieces: number) => {
    const sample = sampleIngredient('flour')
    const values = Object.fromEntries(Object.entries(per100g).map(([code, value]) => [code, { value, source: 'x' }]))
    const flour = { ...sample, nutrients: { ...sample.nutrients, ...values } }
    const recipe = sampleRecipe('top', [sampleLine('flour', 1000)], { pieces: 10 })
    const book = sampleWorkbook([flour], [recipe], { category: category!, netWeight, pieces })
    const { statements, symbol } = assess(book, 'cake', 'ca').declaration
    const said = statements.map(textOf).filter(text => text.startsWith('High in'))
    // drawn where it is said, and nowhere else
    expect(said).toEqual(symbol ? [symbol.text] : [])
    return said
  }
  // medium cake, 80 g: 15 % of 100 g of sugars is 15 g, which is 18.75 g per 100 g
  it('from 15 per cent of a day, per reference amount', () => {
    expect(high({ sugars: 18.75 }, 'mediumCake', 320, 4)).toEqual(['High in / Élevé en: sugars / sucres.'])
    expect(high({ sugars: 18.7 }, 'mediumCake', 320, 4)).toEqual([])
  })
  // cookie, 30 g: 10 % of 2300 mg is 230 mg, which is 767 mg per 100 g; of 20 g of saturated fat 2 g, 6.67 g per 100 g
  it('from 10 per cent where the reference amount is 30 g or less', () => {
    expect(high({ sodiumMg: 767, saturates: 6.6 }, 'cookie', 300, 10)).toEqual(['High in / Élevé en: sodium.'])
    expect(high({ sodiumMg: 766, saturates: 6.7 }, 'cookie', 300, 10)).toEqual([
      'High in / Élevé en: saturated fat / gras saturés.',
    ])
  })
  it('per serving where that is more than the reference amount', () =>
    // one piece of 120 g: 12.5 g of sugars per 100 g are 15 g
    expect(high({ sugars: 12.5 }, 'mediumCake', 480, 4)).toHaveLength(1))
})

describe('claims', () => {
  const verdict = (claim: Product['claims'][number], product: Partial<Product>, nutrients: Record<string, number>) => {
    const sample = sampleIngredient('flour')
    const values = Object.fromEntries(Object.entries(nutrients).map(([code, value]) => [code, { value, source: 'x' }]))
    const flour = { ...sample, nutrients: { ...sample.nutrients, polyols: { value: 0, source: 'x' }, ...values } }
    const book = sampleWorkbook([flour], [sampleRecipe('top', [sampleLine('flour', 1000)])], {
      ...product,
      claims: [claim],
    })
    return assess(book, 'cake', 'ca').claims[0]!.verdict
  }
  const muffins = { category: 'muffin', netWeight: 220, pieces: 4 } as const
  it('source of fibre from 2 g, high source from 4 g per reference amount', () => {
    // 55 g
    expect(verdict('sourceOfFibre', muffins, { fibre: 3.64 })).toBe('holds')
    expect(verdict('sourceOfFibre', muffins, { fibre: 3.6 })).toBe('breaks')
    expect(verdict('highFibre', muffins, { fibre: 7.3 })).toBe('holds')
    expect(verdict('highFibre', muffins, { fibre: 7.2 })).toBe('breaks')
  })
  it('low fat: 3 g per reference amount, and per 50 g where that is 30 g or less', () => {
    const cookies = { category: 'cookie', netWeight: 300, pieces: 10 } as const
    expect(verdict('lowFat', cookies, { fat: 6 })).toBe('holds')
    expect(verdict('lowFat', cookies, { fat: 6.1 })).toBe('breaks')
  })
  it('sugar-free only where it is free of energy too; low sugars and keto are no claims there', () => {
    expect(verdict('sugarFree', muffins, { sugars: 0 })).toBe('breaks')
    expect(verdict('lowSugar', muffins, { sugars: 0 })).toBe('breaks')
    expect(verdict('keto', muffins, {})).toBe('breaks')
  })
  it('gluten-free at 20 mg/kg and not over; oats only if specially produced; processed wheat never', () => {
    const judged = (change: Parameters<typeof sampleIngredient>[1]) => {
      const book = sampleWorkbook(
        [sampleIngredient('flour', change)],
        [sampleRecipe('top', [sampleLine('flour', 100)])],
      )
      return assess(book, 'cake', 'ca').claims.find(one => one.claim === 'glutenFree')!.verdict
    }
    expect(judged({ gluten: { atMostMgPerKg: 20, evidence: 'spec' } })).toBe('holds')
    expect(judged({ gluten: { atMostMgPerKg: 20.1, evidence: 'spec' } })).toBe('breaks')
    const oats = carrying('flour', 'oats', 'contains').allergens
    expect(judged({ allergens: oats })).toBe('breaks')
    expect(judged({ allergens: oats, oatsSpeciallyProduced: true })).toBe('holds')
    expect(judged({ allergens: carrying('flour', 'wheat', 'contains').allergens, glutenRemoved: true })).toBe('breaks')
  })
})
