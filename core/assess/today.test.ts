import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  carrying,
  sampleDay,
  sampleIngredient,
  sampleLine,
  sampleRecipe,
  sampleWorkbook,
} from '../../tests/fixtures/sample'
import { byCause, mattersToday, saidOf } from './today'

const dated = (expires: string) => [
  { id: 'spec', kind: 'specification' as const, reference: 'S-1', dated: '2026-01-01', expires },
]
/** Its name says that it is of a grain. */
const plainFlour = sampleIngredient('flour', { traits: { grain: ['gluten'], animal: [], sweetening: [] } })
const of = (ingredients: ReturnType<typeof sampleIngredient>[], used: string[]) =>
  sampleWorkbook(
    ingredients,
    [
      sampleRecipe(
        'cake',
        used.map(id => sampleLine(id, 10)),
      ),
    ],
    { claims: ['dairyFree'] },
  )
const said = (...args: Parameters<typeof mattersToday>) => mattersToday(...args).map(one => [one.weight, one.what])

describe('what needs someone today', () => {
  it('is nothing where everything holds', () => expect(said(of([plainFlour], ['flour']))).toEqual([]))
  it('proof that ran out, with what hangs on it; proof that will, within thirty days', () => {
    const out = of([sampleIngredient('arrowroot', { evidence: dated('2026-11-01') })], ['arrowroot'])
    expect(mattersToday(out)[0]).toMatchObject({
      weight: 'unproven',
      what: 'Specification S-1 of arrowroot ran out on 1 November 2026.',
      detail: 'Cake can claim nothing that rests on it.',
    })
    expect(said(of([sampleIngredient('arrowroot', { evidence: dated('2026-12-20') })], ['arrowroot']))).toEqual([
      ['note', 'Specification S-1 of arrowroot runs out on 20 December 2026.'],
    ])
    expect(said(of([sampleIngredient('arrowroot', { evidence: dated('2026-12-26') })], ['arrowroot']))).toEqual([])
  })
  it('of what nothing sold uses can wait', () =>
    expect(said(of([plainFlour, sampleIngredient('arrowroot', { evidence: dated('2026-11-01') })], ['flour']))).toEqual(
      [['note', 'Specification S-1 of arrowroot ran out on 1 November 2026.']],
    ))
  it('two products of one article number', () => {
    const book = of([plainFlour], ['flour'])
    const [cake] = book.products
    const pair = [
      { ...cake!, gtin: '2000000710006' },
      { ...cake!, id: 'tart', name: 'Tart', gtin: '2000000710006' },
    ]
    expect(said({ ...book, products: pair })).toEqual([
      ['unproven', 'Cake and Tart bear the same article number, 2000000710006.'],
    ])
    expect(said({ ...book, products: [pair[0]!, { ...pair[1]!, gtin: '6291041500213' }] })).toEqual([])
  })
  it('nutrition that a table wants, and none where no label bears a table', () => {
    const book = of([{ ...plainFlour, nutrients: {} }], ['flour'])
    const sold = (change: object) => said({ ...book, products: [{ ...book.products[0]!, ...change }] })
    expect(sold({})).toEqual([['note', 'Flour has no nutrition values.']])
    expect(sold({ soldAs: 'directSale' })).toEqual([])
    expect(sold({ soldAs: 'directSale', claims: ['lowFat'] }).map(([, what]) => what)).toContain(
      'Flour has no nutrition values.',
    )
    // asked for in one of its markets, it is missed
    expect(sold({ soldAs: 'directSale', markets: ['uk', 'us'] })).toEqual([['note', 'Flour has no nutrition values.']])
  })
  it('a claim that breaks, first of all', () =>
    expect(
      said(
        of(
          [carrying('spread', 'milk', 'mayContain'), sampleIngredient('rye drink', { traits: { grain: ['gluten'] } })],
          ['spread', 'rye drink'],
        ),
      ),
    ).toEqual([
      ['breaks', 'Spread: may contain milk. Dairy-free breaks in Cake.'],
      ['unproven', 'The words of rye drink speak of rye, and its status does not.'],
    ]))
  it('one cause is one matter, however many products and claims it reaches; what is in more of them comes first', () => {
    const book = of(
      [carrying('spread', 'milk', 'contains'), carrying('glaze', 'egg', 'contains'), plainFlour],
      ['spread', 'glaze'],
    )
    const cake = { ...book.products[0]!, claims: ['dairyFree' as const, 'eggFree' as const, 'vegan' as const] }
    const bun = { ...cake, id: 'bun', name: 'Bun', recipe: 'bun', claims: ['dairyFree' as const] }
    const recipes = [...book.recipes, sampleRecipe('bun', [sampleLine('spread', 10)])]
    const matters = mattersToday({ ...book, recipes, products: [cake, bun] }).filter(one => one.weight === 'breaks')
    expect(matters.map(one => [one.what, one.detail, one.at])).toEqual([
      [
        'Spread: contains milk. Dairy-free and vegan break in 2 products.',
        'Cake and Bun. Hold their labels.',
        '/larder/spread',
      ],
      ['Glaze: contains egg. Egg-free and vegan break in Cake.', '', '/products/cake?lid=proof'],
    ])
  })
  it('says something else as soon as it reaches another product', () => {
    const book = of([carrying('spread', 'milk', 'contains'), plainFlour], ['spread'])
    const cake = book.products[0]!
    const two = (name: string) => mattersToday({ ...book, products: [cake, { ...cake, id: 'other', name }] })[0]!
    expect(two('Bun').what).toBe(two('Bap').what)
    expect(saidOf(two('Bun'))).not.toBe(saidOf(two('Bap')))
  })
  it('a word that speaks of a kind which is put down otherwise', () =>
    expect(said(of([sampleIngredient('honey')], ['honey']))).toEqual([
      ['unproven', 'The words of honey speak of honey or wax of bees and a syrup, and its kind does not.'],
    ]))
  it('a kitchen that says something is not there, and what shows that it is', () => {
    const kept = of([plainFlour, carrying('tahini', 'peanut', 'mayContain')], ['flour'])
    const crossContact = [{ allergen: 'peanut' as const, control: 'notOnSite' as const, evidence: 'review' }]
    expect(mattersToday({ ...kept, kitchen: { ...kept.kitchen, crossContact } })[0]).toMatchObject({
      weight: 'unproven',
      what: 'Peanut is put down as not on site, yet tahini may contain peanut.',
      at: '/kitchen',
    })
  })
  it('what nobody has answered for, and what has no nutrition', () =>
    expect(said(of([sampleIngredient('dust', { allergens: {}, nutrients: {} })], ['dust']))).toEqual([
      ['unproven', 'Nobody has answered for dust.'],
      ['note', 'Dust has no nutrition values.'],
    ]))
  it('lots past their date, and those to be used within the week', () => {
    const workbook = of([plainFlour], ['flour'])
    const lot = (useBy: string, left = 100) => ({ ingredient: 'flour', lot: 'L1', useBy, left })
    expect(said(workbook, [lot('2026-11-23')])).toEqual([['breaks', 'Lot L1 of flour is past its date.']])
    expect(said(workbook, [lot('2026-11-28')])).toEqual([
      ['note', 'Lot L1 of flour is to be used by 28 November 2026.'],
    ])
    expect(said(workbook, [lot('2026-11-23', 0), lot('2027-01-01')])).toEqual([])
  })

  it('speaks of a price that leaves less than its floor, with what moved it and the price that would do', () => {
    const flour = (price: string, from: string) => ({ grams: 1000, price, currency: 'GBP', from })
    const workbook = sampleWorkbook(
      [{ ...plainFlour, packs: [flour('2.00', '2026-01-01'), flour('3.00', '2026-11-20')] }],
      [sampleRecipe('cake', [sampleLine('flour', 1000)], { pieces: 10 })],
      {
        name: 'Plain cake',
        pieces: 10,
        packing: [],
        claims: [],
        pricing: { by: 'margin', share: 0.6, floorMargin: 0.5 },
        prices: { pack: '6.00' },
        tax: { uk: 'standard' },
      },
    )
    const taxes = { uk: { included: true, rates: [{ name: 'standard', percent: '20' }] } }
    const about = (kitchen: object, day = sampleDay) =>
      mattersToday({ ...workbook, today: day, kitchen: { ...workbook.kitchen, ...kitchen } }).filter(one =>
        one.key.startsWith('margin'),
      )
    expect(about({ taxes })).toMatchObject([
      {
        what: 'A pack of Plain cake at 6.00 leaves 40 %, under your floor of 50 %.',
        detail: 'Flour went up by 50 % in the last fortnight. 7.20 would keep the floor.',
      },
    ])
    // before the flour went up it left £3.00 of £5.00
    expect(about({ taxes }, '2026-11-19')).toEqual([])
    // nothing is said of a price whose tax nobody set: it is not known what it leaves
    expect(about({})).toEqual([])
  })
})

it('one cause is one matter, whoever tells it, and nothing that is told is lost', () => {
  const matter = fc.record({
    kind: fc.constantFrom('breaks', 'label', 'other'),
    cause: fc.constantFrom('plant-butter', 'oats', undefined),
    weight: fc.constantFrom('breaks' as const, 'note' as const),
    nth: fc.nat(99),
  })
  fc.assert(
    fc.property(fc.uniqueArray(matter, { maxLength: 8, selector: one => one.nth }), all => {
      const given = all.map(({ kind, cause, weight, nth }) => ({
        key: `${kind} ${nth}`,
        weight,
        what: `Plant butter: fact ${nth}.`,
        detail: `Detail ${nth}.`,
        does: 'See',
        at: `/at/${nth}`,
        ...(cause ? { cause } : {}),
        ...(cause && kind === 'label' ? { afterCause: `Only fact ${nth}.` } : {}),
      }))
      const told = byCause(given)
      const causes = told.filter(one => one.cause).map(one => `${one.cause} ${one.weight}`)
      expect(new Set(causes).size).toBe(causes.length)
      for (const { nth } of all) {
        expect(told.filter(one => one.what.includes(`act ${nth}.`))).toHaveLength(1)
        expect(told.filter(one => one.detail.includes(`Detail ${nth}.`))).toHaveLength(1)
      }
      expect(told.filter(one => !one.cause).map(one => one.key)).toEqual(
        given.filter(one => !one.cause).map(one => one.key),
      )
    }),
  )
})
