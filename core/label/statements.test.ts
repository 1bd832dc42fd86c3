import { describe, expect, it } from 'vitest'
import { type Given, labelled } from '../../tests/fixtures/labelled'
import { carrying, sampleIngredient, sampleLine } from '../../tests/fixtures/sample'
import type { Ingredient } from '../model/ingredient'
import type { MarketCode } from '../model/market'
import type { NutrientCode } from '../model/nutrient'
import type { Product } from '../model/product'

const source = 'invented'
const traits = sampleIngredient('x').traits
const sweet = (...sweetening: NonNullable<Ingredient['traits']['sweetening']>) => ({
  traits: { ...traits, sweetening },
})
/** Everything the United States ask for, and those named changed; null for what is not known. */
const holding = (change: Partial<Record<NutrientCode, number | null>> = {}) => ({
  nutrients: Object.fromEntries(
    Object.entries({
      fat: 1,
      saturates: 0,
      trans: 0,
      cholesterolMg: 0,
      sodiumMg: 10,
      carbohydrate: 50,
      sugars: 5,
      addedSugars: 0,
      fibre: 4,
      protein: 8,
      vitaminDMcg: 0,
      calciumMg: 0,
      ironMg: 0,
      potassiumMg: 0,
      ...change,
    }).flatMap(([code, value]) => (value === null ? [] : [[code, { value, source }]])),
  ),
})
const said = (
  things: Ingredient | Ingredient[],
  product: Partial<Product> = {},
  market: MarketCode = 'uk',
  more: Partial<Given> = {},
) => {
  const ingredients = [things].flat()
  return labelled({ ingredients, lines: ingredients.map(one => sampleLine(one.id, 50)), product, market, ...more }).said
}

describe('what it contains and may contain', () => {
  it('is said where its market asks for it, by the market’s names, in its order', () => {
    const nuts = [
      carrying('b', 'walnut', 'contains'),
      carrying('a', 'milk', 'contains'),
      carrying('c', 'soy', 'mayContain'),
    ]
    expect(said(nuts, {}, 'us')).toEqual(['Contains: milk, walnuts.', 'May contain soy.'])
    expect(said(nuts)).toEqual(['May contain soya.'])
    expect(said(sampleIngredient('flour'), {}, 'us')).toEqual([])
  })
  it('of what is packed beside: named with what it declares, or alone; what is only served beside is not', () => {
    const beside = (one: Ingredient, goesAlong = true, market: MarketCode = 'uk') =>
      said([sampleIngredient('flour'), one], {}, market, {
        lines: [sampleLine('flour', 50), sampleLine(one.id, 5, { role: 'beside', goesAlong })],
      })
    expect(beside(carrying('dip', 'milk', 'contains'))).toEqual(['Packed with it: dip (contains milk).'])
    expect(beside(carrying('dip', 'milk', 'mayContain'))).toEqual(['Packed with it: dip (may contain milk).'])
    const both = carrying('dip', 'milk', 'contains')
    const two = { ...both, allergens: { ...both.allergens, egg: { status: 'mayContain' as const, evidence: 'spec' } } }
    expect(beside(two)).toEqual(['Packed with it: dip (contains milk; may contain egg).'])
    expect(beside(sampleIngredient('dip'))).toEqual(['Packed with it: dip.'])
    // only what the market lists
    expect(beside(carrying('dip', 'celery', 'contains'), true, 'us')).toEqual(['Packed with it: dip.'])
    expect(beside(carrying('dip', 'celery', 'mayContain'), true, 'us')).toEqual(['Packed with it: dip.'])
    expect(beside(two, false)).toEqual([])
  })
})

describe('claims that hold', () => {
  it('stand in one sentence, as their market words them', () => {
    const fruit = sampleIngredient('fruit', holding({ fibre: 8 }))
    expect(said(fruit, { claims: ['dairyFree', 'highFibre'] })).toEqual(['Dairy-free, high fibre.'])
    expect(said(fruit, { claims: ['soyFree', 'highFibre'] }, 'us')).toEqual(['Soy-free, high in fiber.'])
  })
  it('of no added sugars: naturally sweet where there is any or nobody knows, in Europe', () => {
    const of = (sugars: number | null) =>
      said(sampleIngredient('fruit', holding({ sugars })), { claims: ['noAddedSugar'] })
    const sentence = 'Contains naturally occurring sugars.'
    expect(of(5)).toContain(sentence)
    expect(of(0)).toEqual(['No added sugars.'])
    expect(of(null)).toContain(sentence)
    expect(said(sampleIngredient('fruit', holding()), { claims: ['dairyFree'] })).not.toContain(sentence)
  })
  it('of no added sugar in the United States: not a low calorie food, unless it is one (21 CFR 101.60, from memory)', () => {
    const notLow = 'Not a low calorie food. See nutrition information for sugar and calorie content.'
    const of = (change: Partial<Record<NutrientCode, number | null>>, product: Partial<Product> = {}) =>
      said(
        sampleIngredient('fruit', holding(change)),
        { claims: ['noAddedSugar'], category: 'cookie', ...product },
        'us',
      )
    expect(of({})).toContain(notLow)
    // 40 kcal in the 30 g customarily eaten of a biscuit is 133 kcal in 100 g: 33.3 g of available carbohydrate and no fibre
    const low = (carbohydrate: number) => ({ fat: 0, protein: 0, fibre: 0, sugars: 0, carbohydrate })
    expect(of(low(33))).not.toContain(notLow)
    expect(of(low(34))).toContain(notLow)
    // not known, or no amount customarily eaten: said all the same
    expect(of({ ...low(33), fat: null })).toContain(notLow)
    expect(of(low(33), { category: 'icing' })).toContain(notLow)
    expect(
      said(sampleIngredient('fruit', holding({})), { claims: ['dairyFree'], category: 'cookie' }, 'us'),
    ).not.toContain(notLow)
  })
  it('of fibre in the United States: the fat in a serving beside it, above 3 g (21 CFR 101.54(d), from memory)', () => {
    const of = (fat: number | null, product: Partial<Product> = {}) =>
      said(
        sampleIngredient('bran', holding({ fat, fibre: 20 })),
        { claims: ['highFibre'], category: 'cookie', netWeight: 240, pieces: 8, ...product },
        'us',
      ).filter(text => /of total fat/.test(text))
    expect(of(10)).toEqual([])
    expect(of(10.5)).toEqual(['Contains 3 g of total fat per serving.'])
    expect(of(20)).toEqual(['Contains 6 g of total fat per serving.'])
    expect(of(null)).toEqual([])
    expect(of(20, { claims: ['dairyFree'] })).toEqual([])
    expect(
      said(sampleIngredient('bran', holding({ fat: 20, fibre: 4 })), { claims: ['sourceOfFibre'] }, 'uk').join(),
    ).not.toContain('total fat')
  })
  it('of nutrients in the United States point to what there is much of (21 CFR 101.13(h), from memory)', () => {
    const of = (change: Partial<Record<NutrientCode, number | null>>, product: Partial<Product> = {}) =>
      said(
        sampleIngredient('bran', holding({ fibre: 20, ...change })),
        { claims: ['highFibre'], category: 'cookie', netWeight: 240, pieces: 8, ...product },
        'us',
      ).filter(text => text.startsWith('See nutrition information for'))
    expect(of({})).toEqual([])
    // 30 g are customarily eaten of a biscuit, so 50 g of it are judged: 13 g of fat in them is 26 g in 100 g
    expect(of({ fat: 26 })).toEqual([])
    expect(of({ fat: 26.1 })).toEqual(['See nutrition information for fat content.'])
    expect(of({ saturates: 8.1 })).toEqual(['See nutrition information for saturated fat content.'])
    expect(of({ cholesterolMg: 121 })).toEqual(['See nutrition information for cholesterol content.'])
    expect(of({ sodiumMg: 960 })).toEqual([])
    expect(of({ sodiumMg: 961, fat: 27 })).toEqual(['See nutrition information for fat and sodium content.'])
    // more than 30 g customarily eaten: that and the serving only
    const large = { category: 'mediumCake' as const, netWeight: 640, pieces: 8 }
    expect(of({ fat: 16.2 }, large)).toEqual([])
    expect(of({ fat: 16.3 }, large)).toEqual(['See nutrition information for fat content.'])
    // the serving is larger than the amount
    expect(of({ fat: 11 }, { category: 'mediumCake', netWeight: 960, pieces: 8 })).toEqual([
      'See nutrition information for fat content.',
    ])
    // not known is pointed to
    expect(of({ sodiumMg: null })).toEqual(['See nutrition information for sodium content.'])
    expect(of({ fat: 30 }, { claims: ['dairyFree'] })).toEqual([])
  })
})

describe('what follows from what is in it', () => {
  it('polyols above a tenth, in Europe', () => {
    const of = (polyols: number | null, market: MarketCode) =>
      said(sampleIngredient('drops', holding({ polyols })), {}, market).filter(text => /laxative/.test(text)).length
    expect([of(10, 'uk'), of(10.1, 'uk'), of(10.1, 'eu'), of(50, 'us'), of(null, 'uk')]).toEqual([0, 1, 1, 0, 0])
  })
  it('colours are named together, aspartame and its salt in each market’s words', () => {
    const made = (...names: string[]) =>
      sampleIngredient('topping', { composition: names.map(name => ({ name, functionClass: 'colour' })) })
    expect(said(made('tartrazine', 'allura red'))).toEqual([
      'Tartrazine (E102), allura red (E129): may have an adverse effect on activity and attention in children.',
    ])
    expect(said(made('curcumin'))).toEqual([])
    expect(said(made('tartrazine'), {}, 'us')).toEqual([])
    const of = (name: string, market: MarketCode) =>
      said(sampleIngredient('drops', { composition: [{ name, functionClass: 'sweetener' }] }), {}, market)
    expect(of('aspartame', 'us')).toEqual(['Phenylketonurics: Contains Phenylalanine.'])
    expect(of('salt of aspartame-acesulfame', 'uk')).toEqual(['Contains a source of phenylalanine.'])
    expect(of('sucralose', 'uk')).toEqual([])
    // served beside is not in it
    expect(
      said([sampleIngredient('flour'), made('tartrazine')], {}, 'uk', {
        lines: [sampleLine('flour', 5), sampleLine('topping', 5, { role: 'beside' })],
      }),
    ).toEqual([])
  })
  it('sweeteners stand with the name: by kind, by name and by number, with sugars or without', () => {
    const byName = (things: Ingredient | Ingredient[], market: MarketCode = 'uk', lines?: Given['lines']) => {
      const ingredients = [things].flat()
      return labelled({ ingredients, lines: lines ?? ingredients.map(one => sampleLine(one.id, 50)), market }).byName
    }
    const alone = 'With sweetener(s).'
    expect(byName(sampleIngredient('drops', sweet('polyol')))).toBe(alone)
    expect(byName(sampleIngredient('drops', sweet('intense')))).toBe(alone)
    expect(byName(sampleIngredient('drops', sweet('sugar')))).toBeNull()
    expect(byName(sampleIngredient('drops', sweet('wholeFruit')))).toBeNull()
    for (const name of ['sucralose', 'E955', 'E 420', 'e-421', 'E950', 'E969', 'sweet (E967)'])
      expect(byName(sampleIngredient('drops', { composition: [{ name }] })), name).toBe(alone)
    for (const name of ['E422', 'E9501', 'E4210', 'E970', 'E330', 'the951', 'sugar'])
      expect(byName(sampleIngredient('drops', { composition: [{ name }] })), name).toBeNull()
    for (const kind of ['sugar', 'syrup'] as const)
      expect(byName([sampleIngredient('drops', sweet('polyol')), sampleIngredient('more', sweet(kind))])).toBe(
        'With sugar(s) and sweetener(s).',
      )
    expect(byName(sampleIngredient('drops', sweet('polyol')), 'us')).toBeNull()
    const lines = [sampleLine('flour', 5), sampleLine('drops', 5, { role: 'beside' })]
    expect(byName([sampleIngredient('flour'), sampleIngredient('drops', sweet('polyol'))], 'uk', lines)).toBeNull()
  })
})

describe('wheat whose gluten was taken out, in the United States (21 CFR 101.91(b)(3), from memory)', () => {
  const starch = carrying('wheat starch', 'wheat', 'contains', { glutenRemoved: true })
  const sentence = /^\*The wheat has been processed to allow this food/
  const of = (
    thing: Ingredient,
    market: MarketCode = 'us',
    claims: Product['claims'] = ['glutenFree'],
    role: 'mix' | 'beside' = 'mix',
  ) =>
    labelled({
      ingredients: [thing, sampleIngredient('plums')],
      lines: [sampleLine(thing.id, 10, { role }), sampleLine('plums', 90)],
      product: { claims },
      market,
    })
  const tested = (thing: Ingredient): Ingredient => ({
    ...thing,
    gluten: { atMostMgPerKg: 5, evidence: 'test' },
    evidence: [
      ...thing.evidence,
      { id: 'test', kind: 'test', reference: 'T-1', dated: '2026-10-01', expires: '2027-06-01' },
    ],
  })
  it('has a star wherever it is named, and a sentence that explains it', () => {
    const declared = of(tested(starch))
    expect(declared.claims).toEqual(['gluten-free'])
    expect(declared.list).toBe('Plums, wheat* starch')
    expect(declared.said).toEqual(['Contains: wheat*.', 'Gluten-free.', expect.stringMatching(sentence)])
  })
  it('has none where nothing is claimed, in another market, or where it is only served beside', () => {
    for (const declared of [
      of(tested(starch), 'us', []),
      of(tested(starch), 'uk'),
      of(starch),
      of(tested(starch), 'us', ['glutenFree'], 'beside'),
    ]) {
      expect(declared.list).not.toContain('*')
      expect(declared.said.some(text => text.includes('*'))).toBe(false)
    }
  })
})
