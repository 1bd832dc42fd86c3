import { describe, expect, it } from 'vitest'
import { type Given, labelled } from '../../tests/fixtures/labelled'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { Ingredient } from '../model/ingredient'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import { type Run, textOf } from './run'

const marked = (runs: readonly Run[]) => runs.map(run => (run.strong ? `*${run.text}*` : run.text)).join('')
type Lines = Parameters<typeof sampleRecipe>[1]
function declared(
  ingredients: Ingredient[],
  lines: Lines,
  product: Partial<Product> = {},
  recipe = {},
  more: Parameters<typeof sampleWorkbook>[1] = [],
  change: (workbook: Workbook) => Workbook = same => same,
) {
  return assess(
    change(sampleWorkbook(ingredients, [sampleRecipe('top', lines, recipe), ...more], { claims: [], ...product })),
    'cake',
    'uk',
  ).declaration
}
const list = (...args: Parameters<typeof declared>) => marked(declared(...args).ingredients)

describe('the ingredient list', () => {
  it('stands in descending order of weight as used, merged over parts', () => {
    const part = sampleRecipe('base', [sampleLine('flour', 60), sampleLine('oil', 40)])
    expect(
      list(
        [sampleIngredient('flour'), sampleIngredient('oil'), sampleIngredient('plums')],
        [sampleLine('part:base', 100), sampleLine('plums', 80), sampleLine('oil', 50, { role: 'release' })],
        {},
        {},
        [part],
      ),
    ).toBe('Oil, plums, flour')
  })
  it('shows a part as a compound ingredient where asked, with its own list', () => {
    const part = sampleRecipe('Sweet base', [sampleLine('flour', 60), sampleLine('butter', 40)])
    expect(
      list(
        [sampleIngredient('flour'), carrying('butter', 'milk', 'contains'), sampleIngredient('plums')],
        [sampleLine('part:Sweet base', 100, { declareAs: 'compound' }), sampleLine('plums', 80)],
        {},
        {},
        [part],
      ),
    ).toBe('Sweet base (flour, butter (*milk*)), plums')
  })
  it('emphasises the allergen, and names it where the word does not', () => {
    expect(list([carrying('wheat flour', 'wheat', 'contains')], [sampleLine('wheat flour', 1)])).toBe('*Wheat* flour')
    expect(list([carrying('ghee', 'milk', 'contains')], [sampleLine('ghee', 1)])).toBe('Ghee (*milk*)')
    expect(list([carrying('drink', 'almond', 'contains')], [sampleLine('drink', 1)])).toBe('Drink (*almonds*)')
    expect(
      list(
        [
          carrying('spread', 'soy', 'contains', {
            composition: [{ name: 'rapeseed oil' }, { name: 'soya lecithin', functionClass: 'emulsifier' }],
          }),
        ],
        [sampleLine('spread', 1)],
      ),
    ).toBe('Spread (rapeseed oil, emulsifier: *soya* lecithin)')
    expect(
      list([carrying('drops', 'milk', 'contains', { composition: [{ name: 'sugar' }] })], [sampleLine('drops', 1)]),
    ).toBe('Drops (sugar, *milk*)')
  })
  it('emphasises what the words name while its status is in conflict', () =>
    expect(list([sampleIngredient('wheat flour')], [sampleLine('wheat flour', 1)])).toBe('*Wheat* flour'))
  it('does not emphasise what the market does not list', () =>
    expect(list([carrying('coconut oil', 'coconut', 'contains')], [sampleLine('coconut oil', 1)])).toBe('Coconut oil'))
  it('does not emphasise an exempt refined derivative', () => {
    const oil = carrying('refined oil', 'soy', 'contains', { exemptAllergens: ['soy'] })
    const declaration = declared([oil], [sampleLine('refined oil', 1)])
    expect([marked(declaration.ingredients), declaration.contains]).toEqual(['Refined oil', []])
  })
  it('counts water by what is left, and leaves out what is 5 % or less', () => {
    const water = sampleIngredient('water')
    const flour = sampleIngredient('flour')
    expect(list([flour, water], [sampleLine('flour', 100), sampleLine('water', 120)])).toBe('Water, flour')
    expect(list([flour, water], [sampleLine('flour', 100), sampleLine('water', 120)], {}, { bakeLoss: 0.4 })).toBe(
      'Flour, water',
    )
    expect(list([flour, water], [sampleLine('flour', 100), sampleLine('water', 100)], {}, { bakeLoss: 0.49 })).toBe(
      'Flour',
    )
  })
  it('leaves out what is served beside, and what is poured away without an allergen', () => {
    const all = [sampleIngredient('flour'), carrying('cream', 'milk', 'contains'), sampleIngredient('brine')]
    expect(
      list(all, [
        sampleLine('flour', 100),
        sampleLine('cream', 50, { role: 'beside' }),
        sampleLine('brine', 70, { role: 'drained' }),
      ]),
    ).toBe('Flour')
    expect(list(all, [sampleLine('flour', 100), sampleLine('cream', 50, { role: 'drained' })])).toBe(
      'Flour, cream (*milk*)',
    )
  })
  it('gives additives their class', () =>
    expect(
      list([sampleIngredient('xanthan gum', { functionClass: 'thickener' })], [sampleLine('xanthan gum', 1)]),
    ).toBe('Thickener: xanthan gum'))
})

describe('QUID', () => {
  const fruit = [sampleIngredient('plums'), sampleIngredient('flour')]
  it('is ingoing weight over finished weight', () => {
    expect(
      list(fruit, [sampleLine('plums', 90), sampleLine('flour', 110)], { highlighted: ['plums'] }, { bakeLoss: 0.1 }),
    ).toBe('Flour, plums (50 %)')
  })
  it('is said as grams where it passes 100 %', () => {
    const declaration = declared(
      fruit,
      [sampleLine('plums', 190), sampleLine('flour', 10)],
      { highlighted: ['plums'] },
      { bakeLoss: 0.5 },
    )
    expect(marked(declaration.ingredients)).toBe('Plums, flour')
    expect(declaration.statements.map(marked)).toContain('Prepared with 190 g of plums per 100 g of finished product.')
  })
  it('is asked for where the name names it, and cannot be given while a weight is missing', () => {
    expect(
      declared(fruit, [sampleLine('plums', 1)], { name: 'Plum cake' }).problems.map(problem => problem.what),
    ).toContain('The label needs the share of plums (QUID): it stands in the name.')
    const missing = declared(fruit, [sampleLine('plums', 50), sampleLine('flour', null, { role: 'release' })], {
      highlighted: ['plums'],
    })
    expect(marked(missing.ingredients)).toBe('Plums, flour')
    expect(missing.problems.map(problem => problem.what)).toContain(
      'The share of plums (QUID) cannot be given while a weight is unknown.',
    )
  })
})

describe('what stands around it', () => {
  it('warns of what may be in it, once, and not of what is', () => {
    const declaration = declared(
      [
        carrying('drops', 'milk', 'mayContain'),
        carrying('nuts', 'hazelnut', 'mayContain'),
        carrying('egg', 'egg', 'contains'),
      ],
      [sampleLine('drops', 1), sampleLine('nuts', 1), sampleLine('egg', 1)],
    )
    expect(declaration.statements.map(marked)).toContain('May contain *milk*, *hazelnuts*.')
    expect(declaration.contains).toEqual(['egg'])
  })
  it('prints only claims that hold, and what goes with them', () => {
    const { statements, claims } = declared([sampleIngredient('fruit')], [sampleLine('fruit', 1)], {
      claims: ['vegan', 'noAddedSugar'],
    })
    expect(claims).toEqual(['vegan', 'no added sugars'])
    expect(statements.map(marked)).toEqual(['Vegan, no added sugars.', 'Contains naturally occurring sugars.'])
    expect(
      declared([sampleIngredient('x', { traits: {} })], [sampleLine('x', 1)], { claims: ['vegan'] }).claims,
    ).toEqual([])
  })
  it('prints a note of the house’s own only where she chose it, and tells it otherwise', () => {
    const of = (change: object) => {
      const { statements, notices } = declared([sampleIngredient('fruit')], [sampleLine('fruit', 1)], {
        claims: ['vegan'],
        ...change,
      })
      return [statements.map(marked), notices]
    }
    const note = 'Vegan does not mean free from allergens.'
    expect(of({})).toEqual([['Vegan.'], [note]])
    expect(of({ printNotices: true })).toEqual([['Vegan.', note], []])
  })
  it('prints the share of a day’s intake only where she chose it and the market has one (Annex XIII, part B)', () => {
    const of = (change: object) =>
      declared([sampleIngredient('flour')], [sampleLine('flour', 100)], { netWeight: 60, pieces: 2, ...change })
    const percents = ({ table }: ReturnType<typeof of>) => ('rows' in table ? table.rows.map(row => row.percent) : [])
    const told = ({ statements }: ReturnType<typeof of>) =>
      statements.map(marked).some(one => one.includes('Reference intake'))
    // of 416 kJ, 3 g fat, 0.6 g saturates, 15 g carbohydrate, 1.5 g sugars, 2.4 g protein, 0.075 g salt; none for fibre
    expect(percents(of({ printIntake: true }))).toEqual(['5 %', '4 %', '3 %', '6 %', '2 %', undefined, '5 %', '1 %'])
    expect(told(of({ printIntake: true }))).toBe(true)
    expect(percents(of({})).every(one => one === undefined)).toBe(true)
    expect(told(of({}))).toBe(false)
  })
  it('gives the table per 100 g and per piece, with salt from sodium', () => {
    const { table } = declared([sampleIngredient('flour')], [sampleLine('flour', 100)], { netWeight: 60, pieces: 2 })
    expect('rows' in table && table.rows.map(row => [row.label, row.per100g, row.perServing])).toEqual([
      ['Energy', '1388 kJ / 330 kcal', '416 kJ / 99 kcal'],
      ['Fat', '10 g', '3.0 g'],
      ['of which saturates', '2.0 g', '0.6 g'],
      ['Carbohydrate', '50 g', '15 g'],
      ['of which sugars', '5.0 g', '1.5 g'],
      ['Fibre', '4.0 g', '1.2 g'],
      ['Protein', '8.0 g', '2.4 g'],
      ['Salt', '0.25 g', '0.08 g'],
    ])
  })
  it('gives no table where a value is missing, and names it', () => {
    const { sugars: _, ...nutrients } = sampleIngredient('x').nutrients
    const { table, problems } = declared([sampleIngredient('rhubarb', { nutrients })], [sampleLine('rhubarb', 100)])
    expect(table).toEqual({ missing: ['sugars: rhubarb'] })
    expect(problems.map(problem => problem.what)).toContain('The nutrition table cannot be given. Rhubarb: no sugars.')
  })
  it('has no problem where all is in order', () =>
    expect(
      declared(
        [sampleIngredient('flour')],
        [sampleLine('flour', 100)],
        { keeps: { days: 3, mark: 'bestBefore', storage: 'Cool.' } },
        { bakeLoss: 0 },
      ).problems,
    ).toEqual([]))
  it('asks what is lost in the oven, with what is usual for the kind of bake', () => {
    const [problem] = declared([sampleIngredient('flour')], [sampleLine('flour', 100)], {
      category: 'cookie',
      keeps: { days: 3, mark: 'bestBefore', storage: 'Cool.' },
    }).problems
    expect(problem!.what).toMatch(/^How much it loses in the oven is not known/)
    expect(problem!.mend).toContain('12 % to 20 %')
  })
  it('names every claim that does not hold, every unknown, every gap', () => {
    const what = declared(
      [carrying('drops', 'celery', 'unknown'), carrying('cream', 'milk', 'contains')],
      [sampleLine('drops', 10), sampleLine('cream', null), sampleLine('gone', 1)],
      { claims: ['dairyFree'] },
      {},
      [],
      workbook => ({ ...workbook, kitchen: { currency: 'GBP', crossContact: [] } }),
    ).problems.map(problem => problem.what)
    for (const part of [
      /^Dairy-free breaks\. Cream: contains milk/,
      /^cream: no amount is written/,
      /^gone: is no longer in the larder/,
      /not settled for drops/,
      /name and address of the business/,
      /no date mark/,
    ])
      expect(
        what.some(one => part.test(one)),
        String(part),
      ).toBe(true)
  })
  it('warns of what the kitchen shares, and asks where it cannot say which cereal', () => {
    const kitchen = (allergen: 'sesame' | 'gluten') => (workbook: Workbook) => ({
      ...workbook,
      kitchen: { ...workbook.kitchen, crossContact: [{ allergen, control: 'shared' as const }] },
    })
    expect(
      declared([sampleIngredient('flour')], [sampleLine('flour', 1)], {}, {}, [], kitchen('sesame')).mayContain,
    ).toEqual(['sesame'])
    expect(
      declared([sampleIngredient('flour')], [sampleLine('flour', 1)], {}, {}, [], kitchen('gluten')).problems.map(
        problem => problem.what,
      ),
    ).toContain('The kitchen shares gluten, and no cereal is named.')
  })
  it('is held up, claim or no claim, by a kitchen never assessed and by proof that ran out', () => {
    const said = (one: Ingredient, change: (workbook: Workbook) => Workbook = same => same) =>
      declared([one], [sampleLine(one.id, 100)], {}, {}, [], change)
        .problems.map(problem => problem.what)
        .join(' ')
    const fine = said(sampleIngredient('flour'))
    expect(fine).not.toMatch(/never assessed|Nothing in force/)
    const spec = sampleIngredient('x').evidence[0]!
    expect(said(sampleIngredient('flour', { evidence: [{ ...spec, expires: '2026-11-01' }] }))).toContain(
      'Nothing in force proves what is put down for flour. Flour: put down as free of',
    )
    const without = (allergen: string) => (book: Workbook) => ({
      ...book,
      kitchen: { ...book.kitchen, crossContact: book.kitchen.crossContact.filter(one => one.allergen !== allergen) },
    })
    expect(said(sampleIngredient('flour'), without('celery'))).toContain('The kitchen was never assessed for celery.')
    // what is declared as contained need not be asked of the kitchen, nor what this market does not list
    expect(said(carrying('flour', 'celery', 'contains'), without('celery'))).not.toContain('never assessed')
    expect(said(sampleIngredient('flour'), without('coconut'))).not.toContain('never assessed')
  })
  it('warns of a laxative effect above 10 % of polyols, not at it', () => {
    const said = (polyols: number) =>
      declared(
        [
          sampleIngredient('sweetener', {
            traits: { ...sampleIngredient('x').traits, sweetening: ['polyol'] },
            nutrients: { ...sampleIngredient('x').nutrients, polyols: { value: polyols, source: 'x' } },
          }),
        ],
        [sampleLine('sweetener', 100)],
      )
        .statements.map(textOf)
        .join(' ')
    expect(said(10)).not.toContain('laxative')
    expect(said(10.1)).toContain('Excessive consumption may produce laxative effects.')
  })
  it('asks for the kind of fish and crustaceans where the market wants it named', () => {
    const asked = (name: string, market: 'uk' | 'us') =>
      assess(
        sampleWorkbook([carrying(name, 'fish', 'contains')], [sampleRecipe('top', [sampleLine(name, 10)])]),
        'cake',
        market,
      ).declaration.problems.some(problem => problem.what.includes('wants its kind named'))
    expect(['fish sauce', 'anchovy paste', 'cod powder'].map(name => asked(name, 'us'))).toEqual([true, false, false])
    expect(asked('fish sauce', 'uk')).toBe(false)
  })
  it('dates from the day of baking', () =>
    expect(
      declared([sampleIngredient('flour')], [sampleLine('flour', 1)], {
        keeps: { days: 40, mark: 'useBy', storage: '' },
      }).particulars,
    ).toMatchObject({ date: 'Use by 3 January 2027', lot: 'L261124' }))
})

describe('the rest of a label', () => {
  const of = (given: Partial<Given> = {}) =>
    labelled({ ingredients: [sampleIngredient('flour')], lines: [sampleLine('flour', 100)], ...given })
  it('goes by its legal name where it has one', () => {
    expect(of().name).toBe('Cake')
    expect(of({ product: { legalName: 'Sponge cake' } }).name).toBe('Sponge cake')
  })
  it('says quantity, portions, storage, operator and lot, in full', () => {
    expect(of({ product: { netWeight: 120, pieces: 2, pieceName: 'bun' } }).particulars).toEqual({
      netQuantity: '120 g',
      netGrams: 120,
      serving: 'per bun (60 g)',
      servingHeads: ['per bun', '(60 g)'],
      portions: '2 × bun of 60 g.',
      pieceGrams: 60,
      date: 'Best before 27 November 2026',
      storage: 'Cool.',
      operator: 'Test Bakehouse, 1 Nowhere Lane',
      origin: null,
      price: null,
      lot: 'L261124',
    })
    expect(of().particulars).toMatchObject({
      portions: '1 × piece of 100 g.',
      serving: 'per piece (100 g)',
      date: 'Best before 27 November 2026',
      storage: 'Cool.',
    })
    expect(of({ market: 'us' }).particulars).toMatchObject({ portions: null, date: 'Best by November 27, 2026' })
    expect(of({ market: 'eu' }).particulars.operator).toBe('Test Importer, 2 Nowhere Lane')
    expect(of({ product: { keeps: { days: 1, mark: 'useBy', storage: '' } } }).particulars).toMatchObject({
      date: 'Use by 25 November 2026',
      storage: null,
    })
    // no portions beside a table that is not there
    expect(of({ ingredients: [sampleIngredient('flour', { nutrients: {} })] }).particulars.portions).toBeNull()
    expect(
      of({ change: book => ({ ...book, kitchen: { ...book.kitchen, operator: undefined as never } }) }).particulars
        .operator,
    ).toBeNull()
  })
  it('leaves out what is exempt, and says why; what is contained by something else too is contained', () => {
    const oil = carrying('refined oil', 'soy', 'contains', { exemptAllergens: ['soy'] })
    const exempt = of({ ingredients: [oil], lines: [sampleLine('refined oil', 10)] })
    expect([exempt.contains, exempt.mayContain]).toEqual([[], []])
    expect(exempt.leftOut).toHaveLength(1)
    expect(exempt.leftOut[0]).toMatch(/^Refined oil: .*soy.*\.$/i)
    const both = of({
      ingredients: [oil, carrying('paste', 'soy', 'contains')],
      lines: [sampleLine('refined oil', 10), sampleLine('paste', 10)],
    })
    expect(both.contains).toEqual(['soya'])
    expect(of().leftOut).toEqual([])
  })
  it('warns of what the kitchen shares, but for what is in it', () => {
    const shares =
      (...allergens: ('sesame' | 'celery' | 'coconut')[]) =>
      (book: Workbook): Workbook => ({
        ...book,
        kitchen: {
          ...book.kitchen,
          crossContact: allergens.map(allergen => ({ allergen, control: 'shared' as const })),
        },
      })
    expect(of({ change: shares('sesame', 'celery', 'coconut') }).mayContain).toEqual(['celery', 'sesame'])
    expect(of({ ingredients: [carrying('flour', 'sesame', 'contains')], change: shares('sesame') }).mayContain).toEqual(
      [],
    )
  })
  it('tells what is served beside, and each notice of the claims that hold once', () => {
    const beside = of({
      ingredients: [sampleIngredient('flour'), carrying('cream', 'milk', 'contains')],
      lines: [sampleLine('flour', 10), sampleLine('cream', 5, { role: 'beside' })],
      product: { claims: ['vegan', 'dairyFree', 'eggFree'] },
    })
    expect(beside.beside).toEqual(['Served beside it: cream, which contains milk. No claim covers it.'])
    expect(beside.claims).toEqual(['vegan', 'dairy-free', 'egg-free'])
    expect(new Set(beside.notices).size).toBe(beside.notices.length)
    expect(
      of({ product: { claims: ['dairyFree'] }, ingredients: [carrying('flour', 'milk', 'unknown')] }),
    ).toMatchObject({
      claims: [],
      notices: [],
    })
  })
})
