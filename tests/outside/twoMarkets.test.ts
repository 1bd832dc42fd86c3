// One cake worked through by hand under both sets of rules, with the figures as they would be printed.
// UK: Regulation (EU) 1169/2011, Annexes XIV and XV, and the Commission's guidance on tolerances of December 2012.
// US: 21 CFR 101.4, 101.7, 101.9 and FD&C Act 403(w). All from memory of the texts.
import { assess, type Ingredient, type MarketCode, marketDifferences, textOf, type Workbook } from '@fair-tin/core'
import { describe, expect, it } from 'vitest'

const source = 'invented for this example'
const values = (of: Record<string, number>) =>
  Object.fromEntries(Object.entries(of).map(([code, value]) => [code, { value, source }]))
const thing = (id: string, name: string, nutrients: Record<string, number>, more: Partial<Ingredient>): Ingredient => ({
  id,
  name,
  composition: [],
  allergens: {},
  traits: { animal: [], sweetening: [] },
  nutrients: values(nutrients),
  measures: [],
  packs: [],
  evidence: [],
  ...more,
})
// per 100 g
const flour = thing(
  'flour',
  'wheat flour',
  {
    fat: 1,
    saturates: 0.2,
    trans: 0,
    carbohydrate: 70,
    sugars: 1,
    fibre: 3,
    protein: 10,
    sodiumMg: 2,
    vitaminDMcg: 0,
    calciumMg: 15,
    ironMg: 1.2,
    potassiumMg: 110,
  },
  { allergens: { wheat: { status: 'contains' } } },
)
const butter = thing(
  'butter',
  'butter',
  {
    fat: 80,
    saturates: 50,
    trans: 3,
    cholesterolMg: 215,
    carbohydrate: 1,
    sugars: 1,
    fibre: 0,
    protein: 1,
    sodiumMg: 10,
    vitaminDMcg: 1.5,
    calciumMg: 24,
    ironMg: 0,
    potassiumMg: 24,
  },
  { allergens: { milk: { status: 'contains' } }, traits: { animal: ['milk'], sweetening: [] } },
)
const sugar = thing(
  'sugar',
  'sugar',
  {
    fat: 0,
    saturates: 0,
    carbohydrate: 100,
    sugars: 100,
    fibre: 0,
    protein: 0,
    sodiumMg: 0,
    vitaminDMcg: 0,
    calciumMg: 0,
    ironMg: 0,
    potassiumMg: 0,
  },
  { traits: { animal: [], sweetening: ['sugar'] } },
)
const line = (of: string, grams: number) => ({
  id: of,
  of: { ingredient: of },
  amount: { value: grams, unit: 'g' as const },
  role: 'mix' as const,
})
const workbook: Workbook = {
  ingredients: [flour, butter, sugar],
  recipes: [
    {
      id: 'cake',
      version: 1,
      name: 'Cake',
      steps: [],
      pieces: 4,
      bakeLoss: 0,
      lines: [line('flour', 200), line('sugar', 100), line('butter', 100)],
    },
  ],
  products: [
    {
      id: 'cake',
      name: 'Plain cake',
      recipe: 'cake',
      netWeight: 400,
      pieces: 4,
      pieceName: 'slice',
      category: 'mediumCake',
      claims: [],
      markets: ['uk', 'us'],
      keeps: { days: 5, mark: 'bestBefore', storage: '' },
    },
  ],
  kitchen: { currency: 'GBP', crossContact: [] },
  evidence: [],
  today: '2026-11-24',
}
const of = (market: MarketCode) => assess(workbook, 'cake', market)
const rows = (market: MarketCode) => {
  const { table } = of(market).declaration
  return 'rows' in table ? table.rows : expect.fail(table.missing.join())
}

describe('a plain cake in two markets', () => {
  it('in the United Kingdom, per 100 g', () =>
    // fat (2 + 80) ÷ 4 = 20.5; carbohydrate (140 + 100 + 1) ÷ 4 = 60.25; protein 5.25; fibre 1.5; sodium 3.5 mg
    // kJ: 20.5 × 37 + 60.25 × 17 + 5.25 × 17 + 1.5 × 8 = 1884; kcal: 184.5 + 241 + 21 + 3 = 449.5
    expect(rows('uk').map(row => [row.label, row.per100g])).toEqual([
      ['Energy', '1884 kJ / 450 kcal'],
      ['Fat', '21 g'],
      ['of which saturates', '13 g'],
      ['Carbohydrate', '60 g'],
      ['of which sugars', '26 g'],
      ['Fibre', '1.5 g'],
      ['Protein', '5.3 g'],
      ['Salt', '< 0.01 g'],
    ]))
  it('in the United States, per slice of 100 g, with daily values', () =>
    // the reference amount of such a cake is 80 g, a slice of 100 g is 125 % of it: one slice is one serving
    expect(rows('us').map(row => [row.label, row.perServing, row.percent])).toEqual([
      ['Calories', '450', undefined],
      ['Total Fat', '21g', '26%'], // 20.5 ÷ 78
      ['Saturated Fat', '13g', '63%'], // 12.6 ÷ 20
      ['Trans Fat', '1g', undefined], // 0.75
      ['Cholesterol', '55mg', '18%'], // 53.75 ÷ 300
      ['Sodium', '0mg', '0%'], // 3.5 mg
      ['Total Carbohydrate', '62g', '22%'], // 60.25 + 1.5 of fibre
      ['Dietary Fiber', '2g', '5%'],
      ['Total Sugars', '26g', undefined],
      ['Includes 25g Added Sugars', '25g', '50%'], // the sugar alone
      ['Protein', '5g', undefined],
      ['Vitamin D', '0.4mcg', '0%'], // 1.9 % is under 2
      ['Calcium', '10mg', '0%'], // 13.5 mg
      ['Iron', '0.6mg', '4%'], // 3.3 % to the nearest 2
      ['Potassium', '60mg', '0%'],
    ]))
  it('names its allergens as each asks, and weighs itself in its own units', () => {
    const uk = of('uk').declaration
    const us = of('us').declaration
    const marked = uk.ingredients.map(run => (run.strong ? `*${run.text}*` : run.text)).join('')
    expect(marked).toBe('*Wheat* flour, butter (*milk*), sugar')
    expect(us.ingredients).toEqual([{ text: 'Wheat flour, butter (milk), sugar' }])
    expect(uk.statements.map(textOf)).toEqual([])
    expect(us.statements.map(textOf)).toEqual(['Contains: milk, wheat.'])
    expect([uk.particulars.netQuantity, us.particulars.netQuantity]).toEqual(['400 g', 'Net Wt 14.1 oz (400 g)'])
    expect([uk.particulars.date, us.particulars.date]).toEqual([
      'Best before 29 November 2026',
      'Best by November 29, 2026',
    ])
    expect(us.panel).toMatchObject({
      servings: '4 servings per container',
      servingSize: '1 slice (100g)',
      wholeUnit: null,
    })
  })
  it('says what differs, each with the rule behind it', () => {
    const differences = marketDifferences(of('uk'), of('us'))
    expect(differences.map(one => one.about)).toEqual([
      'How allergens are said',
      'Share of what is in the name (QUID)',
      'Nutrition table',
      'Carbohydrate',
      'Rounding',
      'Net quantity',
      'Date',
      'Statements',
    ])
    for (const one of differences) expect(one.why.length).toBeGreaterThan(10)
    expect(marketDifferences(of('uk'), of('uk'))).toEqual([])
  })
  it('a pound and more is said in ounces, and in pounds and ounces (21 CFR 101.7)', () => {
    const heavy = { ...workbook, products: [{ ...workbook.products[0]!, netWeight: 1100, pieces: 11 }] }
    expect(assess(heavy, 'cake', 'us').declaration.particulars.netQuantity).toBe('Net Wt 38.8 oz (2 lb 6.8 oz) 1.1 kg')
  })
})

describe('claims in the United States, per reference amount', () => {
  const claimed = (
    claim: 'lowFat' | 'sugarFree' | 'highFibre' | 'noAddedSugar' | 'lowSugar',
    change: Partial<Ingredient>,
    category?: 'cookie' | 'mediumCake',
  ) => {
    const plain = { ...flour, ...change }
    const { category: _, ...product } = workbook.products[0]!
    const judged = assess(
      {
        ...workbook,
        ingredients: [plain],
        recipes: [{ ...workbook.recipes[0]!, lines: [{ ...line('flour', 400), sweetens: false }] }],
        products: [{ ...product, claims: [claim], ...(category ? { category } : {}) }],
      },
      'cake',
      'us',
    )
    return { verdict: judged.claims[0]!.verdict, said: judged.declaration.statements.map(textOf) }
  }
  const fat = (value: number) => ({ nutrients: { ...flour.nutrients, fat: { value, source } } })
  it('low fat is 3 g per reference amount; per 50 g too where that is 30 g or less (101.62(b))', () => {
    // 80 g of cake at 3.75 g per 100 g hold 3.0 g
    expect(claimed('lowFat', fat(3.75), 'mediumCake').verdict).toBe('holds')
    expect(claimed('lowFat', fat(3.8), 'mediumCake').verdict).toBe('breaks')
    // 30 g of biscuit at 6.1 g hold 1.8 g, but 50 g hold 3.05 g
    expect(claimed('lowFat', fat(6), 'cookie').verdict).toBe('holds')
    expect(claimed('lowFat', fat(6.1), 'cookie').verdict).toBe('breaks')
  })
  it('rests on the kind of bake: without it nothing is proven', () =>
    expect(claimed('lowFat', fat(0)).verdict).toBe('unproven'))
  it('sugar free is under 0.5 g per reference amount and per labelled serving, and no ingredient that is a sugar (101.60(c)(1))', () => {
    const sugars = (value: number) => ({ nutrients: { ...flour.nutrients, sugars: { value, source } } })
    // a piece of 100 g is the serving: 0.49 g in it, and 0.39 in the 80 g of the reference amount
    expect(claimed('sugarFree', sugars(0.49), 'mediumCake').verdict).toBe('holds')
    expect(claimed('sugarFree', sugars(0.5), 'mediumCake').verdict).toBe('breaks')
    expect(
      claimed('sugarFree', { ...sugars(0), traits: { animal: [], sweetening: ['syrup'] } }, 'mediumCake').verdict,
    ).toBe('breaks')
  })
  it('high fiber is a fifth of 28 g; there is no “low sugars”', () => {
    const fibre = (value: number) => ({ nutrients: { ...flour.nutrients, fibre: { value, source } } })
    expect(claimed('highFibre', fibre(7), 'mediumCake').verdict).toBe('holds')
    expect(claimed('highFibre', fibre(6.9), 'mediumCake').verdict).toBe('breaks')
    expect(claimed('lowSugar', {}, 'mediumCake').verdict).toBe('breaks')
  })
  it('fruit purée that is not there to sweeten adds no sugar, and “no added sugar” says it is not low in calories (101.60(c)(2))', () => {
    const purée = claimed('noAddedSugar', { traits: { animal: [], sweetening: ['fruitPuree'] } }, 'mediumCake')
    expect(purée.verdict).toBe('holds')
    expect(purée.said).toContain('Not a low calorie food. See nutrition information for sugar and calorie content.')
  })
  it('beside a fiber claim the fat is stated, but on a food low in fat (101.54(d))', () => {
    const with_ = (fat: number) =>
      claimed(
        'highFibre',
        {
          nutrients: { ...flour.nutrients, fat: { value: fat, source }, fibre: { value: 9, source } },
        },
        'mediumCake',
      ).said
    expect(with_(10)).toContain('Contains 10 g of total fat per serving.')
    expect(with_(3.7).some(said => said.includes('total fat'))).toBe(false)
  })
  it('above 13 g of fat or 4 g of saturates it points to the panel (101.13(h))', () => {
    const rich = {
      nutrients: {
        ...flour.nutrients,
        fat: { value: 30, source },
        saturates: { value: 10, source },
        fibre: { value: 9, source },
      },
    }
    expect(claimed('highFibre', rich, 'mediumCake').said).toContain(
      'See nutrition information for fat and saturated fat content.',
    )
  })
})
