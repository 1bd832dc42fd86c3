import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { shoppingFor } from './shopping'

const pack = (price: string, grams = 1000) => [{ grams, price, currency: 'GBP', from: '2026-01-01' }]
const sugars = (grams: number) => ({
  ...sampleIngredient('any').nutrients,
  sugars: { value: grams, source: 'invented' },
})
const rice = sampleIngredient('rice', { standsFor: 'rice flour', packs: pack('3.00') })
const mill = sampleIngredient('mill rice', { standsFor: 'rice flour', packs: pack('2.00') })
const cake = (...names: string[]) => [
  sampleRecipe(
    'cake',
    names.map(name => sampleLine(name, 500)),
    { pieces: 10 },
  ),
]
const once = [{ product: 'cake', factor: 1 }]

describe('what stands in stock of another article with the same shelf name', () => {
  it('is used before anything is bought', () => {
    const { purchases, total } = shoppingFor(sampleWorkbook([rice, mill], cake('rice')), once, {
      rice: 100,
      'mill rice': 150,
    })
    expect(purchases).toMatchObject([
      {
        stock: 100,
        instead: { ingredient: 'mill rice', grams: 150 },
        toBuy: 250,
        over: 750,
        choices: [{ ingredient: 'mill rice' }],
      },
    ])
    expect(total).toBe('2')
    const enough = shoppingFor(sampleWorkbook([rice, mill], cake('rice')), once, { rice: 100, 'mill rice': 400 })
    expect(enough).toMatchObject({ total: '0', purchases: [{ toBuy: 0, choices: [], unknown: null, over: 0 }] })
  })
  it('is left alone where it would change the label', () => {
    const nutty = carrying('mill rice', 'almond', 'mayContain', { standsFor: 'rice flour', packs: pack('2.00') })
    expect(
      shoppingFor(sampleWorkbook([rice, nutty], cake('rice')), once, { 'mill rice': 900 }).purchases,
    ).toMatchObject([{ instead: null, toBuy: 500, choices: [{ ingredient: 'rice' }] }])
  })
  it('is first whose recipe calls for it by name', () => {
    const { purchases } = shoppingFor(sampleWorkbook([rice, mill], cake('rice', 'mill rice')), once, {
      'mill rice': 600,
    })
    expect(purchases.find(one => one.ingredient === 'mill rice')).toMatchObject({ toBuy: 0 })
    expect(purchases.find(one => one.ingredient === 'rice')).toMatchObject({ instead: { grams: 100 }, toBuy: 400 })
  })
  it('is never taken twice, and stock, bought and over always balance', () => {
    const flours = ['a', 'b', 'c'].map((id, at) =>
      sampleIngredient(id, { standsFor: 'flour', packs: pack(`${at + 1}.50`, 400 + 300 * at) }),
    )
    const workbook = sampleWorkbook(flours, cake('a', 'b', 'c'))
    const grams = fc.integer({ min: 0, max: 1500 })
    fc.assert(
      fc.property(fc.record({ a: grams, b: grams, c: grams }), fc.integer({ min: 1, max: 3 }), (stock, factor) => {
        const { purchases } = shoppingFor(workbook, [{ product: 'cake', factor }], stock)
        expect(purchases).toHaveLength(3)
        for (const id of ['a', 'b', 'c'] as const) {
          const own = purchases.find(one => one.ingredient === id)!
          const lent = purchases.reduce((sum, one) => sum + (one.instead?.ingredient === id ? one.instead.grams : 0), 0)
          expect(Math.min(own.needed, own.stock) + lent).toBeLessThanOrEqual(stock[id] + 1e-6)
          const bought = own.choices.reduce((sum, one) => sum + one.count * one.pack, 0)
          expect(own.stock + (own.instead?.grams ?? 0) + bought).toBeCloseTo(own.needed + own.over, 6)
          expect(own.over).toBeGreaterThanOrEqual(-1e-6)
        }
      }),
    )
  })
})

describe('what is exchanged for one need', () => {
  it('counts when the next is judged: two that each keep a claim may break it together', () => {
    const low = (id: string, of: string, grams: number, price: string) =>
      sampleIngredient(id, { standsFor: of, nutrients: sugars(grams), packs: pack(price) })
    const things = [
      low('rice', 'rice flour', 3, '3.00'),
      low('sweeter rice', 'rice flour', 6, '1.00'),
      low('teff', 'teff flour', 3, '3.00'),
      low('sweeter teff', 'teff flour', 6, '1.00'),
    ]
    const chosen = (claims: ('lowSugar' | 'vegan')[], ...names: string[]) =>
      shoppingFor(sampleWorkbook(things, cake(...names), { claims }), once)
        .purchases.flatMap(one => one.choices.map(choice => choice.ingredient))
        .sort()
    // 6 and 3 to equal parts are 4.5 g in 100 g, under the 5 g of a claim; 6 and 6 are over
    expect(chosen(['lowSugar'], 'rice', 'teff')).toEqual(['sweeter rice', 'teff'])
    expect(chosen(['vegan'], 'rice', 'teff')).toEqual(['sweeter rice', 'sweeter teff'])
  })
})

describe('what the suppliers get', () => {
  it('adds up to the whole without a binary surprise', () => {
    const from = (id: string, supplier: string, price: string) =>
      sampleIngredient(id, { supplier, packs: pack(price, 500) })
    const things = [from('a', 'Tarn', '0.10'), from('b', 'Tarn', '0.20'), from('c', 'Row', '0.30')]
    expect(shoppingFor(sampleWorkbook(things, cake('a', 'b', 'c')), once)).toMatchObject({
      total: '0.6',
      suppliers: [
        { name: 'Row', total: '0.3' },
        { name: 'Tarn', total: '0.3' },
      ],
    })
  })
})

describe('a thing without a price', () => {
  it('is said, unless another of its shelf name has one', () => {
    const unpriced = { ...rice, packs: [] }
    expect(shoppingFor(sampleWorkbook([unpriced], cake('rice')), once)).toMatchObject({
      unknown: ['no price for rice'],
      total: '0',
    })
    expect(shoppingFor(sampleWorkbook([unpriced, mill], cake('rice')), once)).toMatchObject({
      unknown: [],
      purchases: [{ choices: [{ ingredient: 'mill rice' }], unknown: null }],
    })
  })
})

describe('what is peeled', () => {
  it('is bought with its peel on: the edible share is what goes in', () => {
    const apples = sampleIngredient('apples', { measures: [{ ediblePart: 0.8 }], packs: pack('3.00', 500) })
    const { purchases } = shoppingFor(sampleWorkbook([apples], cake('apples')), once, {})
    // 500 g of flesh is 625 g of fruit: two packs
    expect(purchases[0]).toMatchObject({ needed: 625, toBuy: 625 })
    expect(purchases[0]!.choices[0]).toMatchObject({ count: 2 })
  })
})
