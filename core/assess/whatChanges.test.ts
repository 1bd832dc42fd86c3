import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { roundNutrient } from '../market/roundNutrient'
import { type AllergenCode, allergenCodes } from '../model/allergen'
import { type Ingredient, Ingredient as IngredientSchema } from '../model/ingredient'
import { mainNutrients } from '../model/nutrient'
import { assess } from './assess'
import { catalogueOf } from './catalogue'
import { cheapestThatKeeps } from './cheapest'
import { whatChanges } from './whatChanges'

const butter = sampleIngredient('plant spread')
const workbook = {
  ...sampleWorkbook(
    [butter, sampleIngredient('flour'), sampleIngredient('cream')],
    [
      sampleRecipe('cake', [sampleLine('part:base', 100), sampleLine('cream', 20, { role: 'beside' })], { pieces: 10 }),
      sampleRecipe('base', [sampleLine('flour', 60), sampleLine('plant spread', 40)]),
      sampleRecipe('bread', [sampleLine('flour', 100)], { pieces: 4 }),
    ],
    { claims: ['dairyFree', 'glutenFree', 'vegan'] },
  ),
}
workbook.products.push({ ...workbook.products[0]!, id: 'bread', name: 'Bread', recipe: 'bread' })
const catalogue = catalogueOf(workbook)
const changes = (changed: Ingredient) => whatChanges(catalogue, changed)!

describe('what changes if it is saved', () => {
  it('is nothing where nothing differs', () => expect(changes({ ...butter })).toEqual([]))
  it('names the product that uses it through a part, and the claim that breaks', () => {
    expect(changes(carrying('plant spread', 'milk', 'mayContain'))).toEqual([
      { product: 'cake', name: 'Cake', market: 'uk', grave: true, what: ['dairy-free breaks', 'may contain milk'] },
    ])
  })
  it('says what a piece costs, before and after', () => {
    const dearer = { ...butter, packs: [{ grams: 1000, price: '51.00', currency: 'GBP', from: '2026-01-01' }] }
    // 40 g of it in ten pieces: 0.004 and 0.204, beside 0.006 of flour
    expect(changes(dearer)[0]).toMatchObject({ grave: false, what: ['a piece costs 0.01 → 0.21 GBP'] })
  })
  it('says a nutrient that is lost', () => {
    const { fat: _, ...nutrients } = butter.nutrients
    expect(changes({ ...butter, nutrients })[0]!.what).toContain('fat 10 → not known')
  })
  it('says that the list reads otherwise', () =>
    expect(changes({ ...butter, labelName: 'vegetable spread' })[0]!.what).toContain(
      'its ingredient list reads otherwise',
    ))
  it('says of each market what changes there, and only there', () => {
    const both = { ...workbook, products: workbook.products.map(one => ({ ...one, markets: ['uk', 'us'] as const })) }
    // 20 mg/kg is at the limit in one market and over it in the other
    const at20 = { ...butter, gluten: { atMostMgPerKg: 20, evidence: 'spec' } }
    const told = whatChanges(catalogueOf(both as never), at20)!
    expect(told.map(one => [one.product, one.market, one.what])).toEqual([['cake', 'us', ['gluten-free breaks']]])
  })
  it('hears what is written into the notes', () =>
    expect(changes({ ...butter, notes: 'smells of milk' })[0]!.what).toContain('dairy-free is unproven'))
  it('leaves out what is only served beside', () => expect(changes(carrying('cream', 'milk', 'contains'))).toEqual([]))
  it('a document that runs out makes its claims unproven', () => {
    const old = { ...butter, evidence: [{ ...butter.evidence[0]!, expires: '2026-07-01' }] }
    expect(changes(old)[0]).toMatchObject({ grave: true })
    expect(changes(old)[0]!.what).toEqual(expect.arrayContaining(['dairy-free is unproven', 'gluten-free is unproven']))
  })
  it('can be stopped', () =>
    expect(whatChanges(catalogue, carrying('flour', 'milk', 'contains'), () => false)).toBeNull())
  it('says of claims and allergens what a whole assessment says', () => {
    const status = fc.constantFrom('contains', 'mayContain', 'unknown', 'free' as const)
    const code = fc.constantFrom('milk', 'wheat', 'egg' as const)
    fc.assert(
      fc.property(code, status, (allergen, to) => {
        const changed = carrying('plant spread', allergen, to as 'free')
        const ingredients = workbook.ingredients.map(one => (one.id === changed.id ? changed : one))
        const [x, y] = [assess(workbook, 'cake', 'uk'), assess({ ...workbook, ingredients }, 'cake', 'uk')]
        const verdicts = x.claims.filter((claim, at) => claim.verdict !== y.claims[at]!.verdict).length
        const said = changes(changed)[0]?.what ?? []
        expect(said.filter(text => / (?:breaks|holds|is unproven)$/.test(text)).length).toBe(verdicts)
      }),
    )
  })
})

describe('whatever field of an ingredient is written otherwise', () => {
  /** Another value for each field of the schema; a new field fails the first test until it has one here. */
  const others: Record<keyof Ingredient, fc.Arbitrary<unknown>> = {
    id: fc.constant('plant spread'),
    version: fc.integer({ min: 1, max: 9 }),
    name: fc.constantFrom('butter', 'wheat paste', 'honey spread', 'Spread'),
    standsFor: fc.constantFrom('water', 'salt', 'butter', 'spread'),
    supplier: fc.constant('Tarn Mill'),
    article: fc.constant('T-12'),
    notes: fc.constantFrom('smells of hazelnut', 'keep cold', 'may hold barley malt'),
    labelName: fc.constantFrom('vegetable spread', 'sesame spread'),
    functionClass: fc.constantFrom('emulsifier', 'sweetener'),
    eNumber: fc.constantFrom('E322', 'E102', 'E420'),
    composition: fc.constantFrom(undefined, [], [{ name: 'barley malt' }], [{ name: 'tartrazine' }]),
    allergens: fc.constantFrom({}, { milk: { status: 'mayContain' } }, { oats: { status: 'contains' } }),
    gluten: fc.constantFrom(undefined, { atMostMgPerKg: 90, evidence: 'spec' }, { atMostMgPerKg: 5 }),
    oatsSpeciallyProduced: fc.boolean(),
    glutenRemoved: fc.boolean(),
    exemptAllergens: fc.constantFrom(['soy'], ['milk']),
    traits: fc.constantFrom(
      {},
      { animal: ['honey'] },
      { sweetening: ['syrup'], animal: [] },
      { sweetening: ['polyol'] },
    ),
    nutrients: fc.constantFrom(
      {},
      { ...butter.nutrients, addedSugars: { value: 3, source: 'x' } },
      { ...butter.nutrients, polyols: { value: 40, source: 'x' } },
      { ...butter.nutrients, fat: { value: 0.2, source: 'x' } },
    ),
    measures: fc.constantFrom([], [{ gramsPerMl: 2 }], [{ gramsPerMl: 0.5, ediblePart: 0.5 }]),
    trials: fc.constant([{ of: 'cup', values: [130, 131], on: '2026-11-20' }]),
    packs: fc.constantFrom([], [{ grams: 100, price: '70.00', currency: 'GBP', from: '2026-01-01' }]),
    counterpart: fc.constant({ name: 'butter', perKg: '6.00' }),
    evidence: fc.constantFrom([], [{ ...butter.evidence[0]!, expires: '2026-01-01' }]),
  }
  const withoutProof = (one: Ingredient, code: AllergenCode): Ingredient => ({
    ...one,
    allergens: { ...one.allergens, [code]: { status: 'free' } },
  })
  const book = sampleWorkbook(
    // soya is in it, and of sesame nobody has proof: what it stands for may change that
    [withoutProof(carrying('plant spread', 'soy', 'contains'), 'sesame'), sampleIngredient('flour')],
    [
      sampleRecipe(
        'cake',
        [sampleLine('flour', 60), { ...sampleLine('plant spread', 40), amount: { value: 80, unit: 'ml' } }],
        {
          pieces: 10,
        },
      ),
    ],
    {
      claims: [
        'dairyFree',
        'glutenFree',
        'vegan',
        'noAddedSugar',
        'sesameFree',
        'lowFat',
        'refinedSugarFree',
        'nutFree',
      ],
      markets: ['uk', 'us'],
      category: 'cookie',
      keeps: { days: 4, mark: 'bestBefore', storage: 'Keep dry.' },
    },
  )
  const own = book.ingredients[0]!
  const seen = (of: typeof book) =>
    (['uk', 'us'] as const).map(market => {
      const { claims, allergens, declaration, nutrition, cost } = assess(of, 'cake', market)
      return JSON.stringify([
        claims.map(({ claim, verdict }) => [claim, verdict]),
        allergenCodes.map(code => allergens[code].status),
        [
          declaration.ingredients,
          declaration.contains,
          declaration.mayContain,
          declaration.statements,
          declaration.table,
        ],
        (['energyKcal', ...mainNutrients] as const).map(code =>
          nutrition.per100g[code] ? roundNutrient(market, code, nutrition.per100g[code].value) : null,
        ),
        declaration.problems.map(one => one.what),
        [Number(cost.perPiece).toFixed(2), cost.unknown.length > 0],
      ])
    })
  it('is among the fields that are tried', () =>
    expect(Object.keys(others).sort()).toEqual(Object.keys(IngredientSchema.shape).sort()))
  it('is told wherever an assessment differs, and nothing is told where none does', () => {
    const changed = fc
      .subarray(Object.keys(others) as (keyof Ingredient)[], { minLength: 1, maxLength: 3 })
      .chain(keys => fc.record(Object.fromEntries(keys.map(key => [key, others[key]]))))
      .map(change => JSON.parse(JSON.stringify({ ...own, ...change })) as Ingredient)
    fc.assert(
      fc.property(changed, ingredient => {
        const after = { ...book, ingredients: [ingredient, book.ingredients[1]!] }
        const [was, is] = [seen(book), seen(after)]
        const told = whatChanges(catalogueOf(book), ingredient)!.map(one => one.market)
        const differ = (['uk', 'us'] as const).filter((_, at) => was[at] !== is[at])
        expect([...new Set(told)].sort()).toEqual([...differ].sort())
      }),
      { numRuns: 300 },
    )
  })
})

describe('the cheapest supplier that keeps every claim', () => {
  it('comes first by usable weight, and says what a cheaper one would break', () => {
    const priced = (price: string) => [{ grams: 1000, price, currency: 'GBP', from: '2026-01-01' }]
    const shelf = [
      sampleIngredient('a', { standsFor: 'spread', packs: priced('5.00') }),
      sampleIngredient('b', { standsFor: 'spread', packs: priced('3.00') }),
      { ...carrying('c', 'milk', 'mayContain'), standsFor: 'spread', packs: priced('2.00') },
      sampleIngredient('d', { standsFor: 'spread', packs: priced('2.80'), measures: [{ ediblePart: 0.5 }] }),
    ]
    const found = cheapestThatKeeps(
      catalogueOf(sampleWorkbook(shelf, [sampleRecipe('cake', [sampleLine('a', 100)])], { claims: ['dairyFree'] })),
      'a',
    )
    expect(found.map(one => [one.ingredient.id, one.perKilo, one.keeps, one.breaks])).toEqual([
      ['c', 2, false, ['Cake: dairy-free']],
      ['b', 3, true, []],
      ['a', 5, true, []],
      ['d', 5.6, true, []],
    ])
  })
})
