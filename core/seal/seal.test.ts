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
import { declaredCodes } from '../label/emphasis'
import { marketsServed, rulesAsRead } from '../market/market'
import { type AllergenCode, allergenCodes } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import { marketCodes } from '../model/market'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import { hiddenPlaces } from './hiddenPlaces'
import { alteredIn, saidBy } from './said'
import { Seal, type SealedPaper, sealOf, staleSince, toSign, unanswered } from './seal'
import { standingOf } from './standing'
import { suits } from './suits'

const none = { value: 0, source: 'x' }
const full = (id: string, change: Partial<Ingredient> = {}): Ingredient => {
  const sample = sampleIngredient(id, change)
  const more = Object.fromEntries(
    [
      'trans',
      'cholesterolMg',
      'addedSugars',
      'polyols',
      'allulose',
      'alcohol',
      'potassiumMg',
      'calciumMg',
      'ironMg',
      'vitaminDMcg',
    ].map(code => [code, none]),
  )
  return { ...sample, nutrients: { ...more, ...sample.nutrients } }
}
const bookOf = (ingredients: Ingredient[], product: Partial<Product> = {}): Workbook => ({
  ...sampleWorkbook(
    ingredients,
    [
      sampleRecipe(
        'top',
        ingredients.map((one, at) => sampleLine(one.id, 100 + at, { id: `l${at}` })),
        { pieces: 1, bakeLoss: 0 },
      ),
    ],
    {
      claims: ['dairyFree', 'eggFree'],
      markets: [...marketCodes],
      netWeight: ingredients.reduce((sum, _, at) => sum + 100 + at, 0),
      keeps: { days: 3, mark: 'bestBefore', storage: 'Keep dry.' },
      ...product,
    },
  ),
})
const places = hiddenPlaces.map(({ place }) => ({ place, said: 'Nothing of it.' }))
const papers: SealedPaper[] = [{ ingredient: 'flour', evidence: 'spec', name: 'spec.pdf', print: 'f00d' }]
const sealed = (book: Workbook, market: (typeof marketCodes)[number] = 'uk'): Seal =>
  sealOf(book, toSign(book, 'cake', market)!, places, [], papers)

const plain = bookOf([full('flour'), full('plum')])

describe('a label to be signed', () => {
  it('stands before no hindrance where all is known, and says every part', () => {
    const now = toSign(plain, 'cake', 'uk')!
    expect(now.hinders).toEqual([])
    expect(now.says.map(one => one.part)).toEqual([
      'name',
      'ingredients',
      'statements',
      'claims',
      'nutrition',
      'net quantity',
      'keeping',
      'business',
    ])
    expect(toSign(plain, 'nobody', 'uk')).toBeNull()
    expect(toSign({ ...plain, recipes: [] }, 'cake', 'uk')).toBeNull()
  })
  it('is never ready over an unknown, a break, a conflict, a proof that ran out or an open question', () => {
    const spoiled: ((book: Workbook) => Workbook)[] = [
      book => ({ ...book, ingredients: [full('flour'), carrying('plum', 'milk', 'unknown')] }),
      book => ({ ...book, ingredients: [full('flour'), { ...full('plum'), allergens: {} }] }),
      book => ({ ...book, ingredients: [full('flour'), carrying('plum', 'milk', 'contains')] }),
      book => ({ ...book, ingredients: [full('flour'), carrying('plum', 'egg', 'mayContain')] }),
      book => ({ ...book, ingredients: [full('flour'), full('plum', { name: 'butter plum' })] }),
      book => ({
        ...book,
        ingredients: book.ingredients.map(one => ({
          ...one,
          evidence: one.evidence.map(paper => ({ ...paper, expires: '2026-01-01' })),
        })),
      }),
      book => ({ ...book, today: '2099-01-01' }),
      book => ({ ...book, kitchen: { ...book.kitchen, crossContact: [] } }),
      book => ({
        ...book,
        recipes: book.recipes.map(one => ({ ...one, steps: [{ text: 'Brush with egg.', when: 'bench' as const }] })),
      }),
      book => ({ ...book, ingredients: [full('flour')] }),
    ]
    for (const [at, spoil] of spoiled.entries())
      for (const market of marketsServed)
        expect(toSign(spoil(plain), 'cake', market)!.hinders, `${at} ${market}`).not.toEqual([])
  })
  it('asks for every place people forget, with what the recipe says of it', () => {
    const book = bookOf([full('flour'), full('vanilla extract')])
    const line = sampleLine('flour', 5, { id: 'r', role: 'release' })
    const greased = { ...book, recipes: book.recipes.map(one => ({ ...one, lines: [...one.lines, line] })) }
    const now = toSign(greased, 'cake', 'uk')!
    expect(now.places.map(one => one.place)).toEqual(hiddenPlaces.map(one => one.place))
    expect(now.places.find(one => one.place === 'release')!.lines).toEqual(['flour'])
    expect(now.places.find(one => one.place === 'carriers')!.lines).toEqual(['vanilla extract'])
    expect(unanswered(now, [], [])).toHaveLength(hiddenPlaces.length)
    expect(unanswered(now, places, [])).toEqual([])
    const sweet = toSign(
      bookOf([
        full('flour'),
        full('allulose', { functionClass: 'sweetener', traits: { animal: [], sweetening: ['rareSugar'] } }),
      ]),
      'cake',
      'uk',
    )!
    const asked = sweet.assessment.declaration.questions
    expect(asked.length).toBeGreaterThan(0)
    expect(unanswered(sweet, places, [])).toEqual(asked)
    expect(
      unanswered(
        sweet,
        places,
        asked.map(one => ({ asked: one, said: 'Asked the council: yes.' })),
      ),
    ).toEqual([])
  })
})

const change = fc.oneof(
  fc.record({
    kind: fc.constant('status' as const),
    code: fc.constantFrom(...allergenCodes),
    to: fc.constantFrom('contains', 'mayContain', 'free', 'unknown' as const),
  }),
  fc.record({ kind: fc.constant('price' as const), price: fc.constantFrom('1.00', '9.99') }),
  fc.record({ kind: fc.constant('name' as const), name: fc.constantFrom('plum', 'damson', 'quince') }),
  fc.record({ kind: fc.constant('grams' as const), grams: fc.integer({ min: 50, max: 400 }) }),
  fc.record({ kind: fc.constant('fat' as const), fat: fc.constantFrom(10, 10.001, 11, 30) }),
  fc.record({ kind: fc.constant('supplier' as const), supplier: fc.constantFrom('Tarn Mill', 'Quay Stores') }),
  fc.record({ kind: fc.constant('day' as const), today: fc.constantFrom(sampleDay, '2026-12-24', '2031-01-01') }),
  fc.record({ kind: fc.constant('keeps' as const), days: fc.integer({ min: 1, max: 9 }) }),
)
type Change = typeof change extends fc.Arbitrary<infer T> ? T : never
function changed(book: Workbook, one: Change): Workbook {
  const plum = (to: (of: Ingredient) => Ingredient) => ({
    ...book,
    ingredients: book.ingredients.map(of => (of.id === 'plum' ? to(of) : of)),
  })
  switch (one.kind) {
    case 'status':
      return plum(of => ({ ...of, allergens: { ...of.allergens, [one.code]: { status: one.to, evidence: 'spec' } } }))
    case 'price':
      return plum(of => ({ ...of, packs: of.packs.map(pack => ({ ...pack, price: one.price })) }))
    case 'name':
      return plum(of => ({ ...of, name: one.name }))
    case 'supplier':
      return plum(of => ({ ...of, supplier: one.supplier }))
    case 'fat':
      return plum(of => ({ ...of, nutrients: { ...of.nutrients, fat: { value: one.fat, source: 'x' } } }))
    case 'grams':
      return {
        ...book,
        recipes: book.recipes.map(of => ({
          ...of,
          lines: of.lines.map((line, at) =>
            at === 1 ? { ...line, amount: { value: one.grams, unit: 'g' as const } } : line,
          ),
        })),
      }
    case 'day':
      return { ...book, today: one.today }
    case 'keeps':
      return { ...book, products: book.products.map(of => ({ ...of, keeps: { ...of.keeps!, days: one.days } })) }
  }
}
/** What is printed, told without the seal's own parts. */
const printed = (book: Workbook, market: (typeof marketCodes)[number]) => {
  const { declaration } = toSign(book, 'cake', market)!.assessment
  const { name, byName, ingredients, statements, claims, table, panel, second, particulars } = declaration
  const { date: _, lot: __, ...rest } = particulars
  return JSON.stringify([
    name,
    byName,
    ingredients,
    statements,
    claims,
    table,
    panel,
    second,
    rest,
    book.products[0]!.keeps,
  ])
}

describe('what is signed', () => {
  it('judged again by what is frozen says the same of a claim of the house, of carbohydrate and of a warning left off', () => {
    const book = bookOf([full('flour')], {
      claims: ['house:no stones', 'house:few carbs'],
      precautions: [{ allergen: 'almond', say: false, over: ['shared'], why: 'in a bowl of its own' }],
    })
    const kitchen: Workbook['kitchen'] = {
      ...book.kitchen,
      crossContact: [
        ...book.kitchen.crossContact.filter(one => one.allergen !== 'almond'),
        { allergen: 'almond', control: 'shared' },
      ],
      houseRules: [
        { claim: 'house:no stones', words: ['stone'], kinds: [] },
        { claim: 'house:few carbs', words: [], kinds: [], carbohydrate: { counted: 'total', atMost: 90, per: '100g' } },
      ],
    }
    const seal = sealed({ ...book, kitchen }, 'us')
    expect(seal.claims).toEqual(['house:no stones', 'house:few carbs'])
    expect(seal.mayContain).toEqual([])
    // counted by its formula, and printed with it
    expect(JSON.stringify(seal.says)).toContain('Few carbs: 54.0 g of carbohydrate with fibre per 100 g.')
    expect(toSign(seal.rests, 'cake', 'us')!.says).toEqual(seal.says)
    expect(staleSince(seal, toSign(seal.rests, 'cake', 'us'), seal.rests)).toBeNull()
  })
  it('is plain data: written down and read back it is the same, and judged again it says the same', () => {
    fc.assert(
      fc.property(fc.array(change, { maxLength: 4 }), fc.constantFrom(...marketCodes), (changes, market) => {
        const book = changes.reduce(changed, plain)
        const seal = sealed(book, market)
        expect(Seal.parse(JSON.parse(JSON.stringify(seal)))).toEqual(seal)
        const again = toSign(seal.rests, 'cake', market)!
        expect(JSON.stringify(again.says)).toBe(JSON.stringify(seal.says))
        expect(staleSince(seal, again, seal.rests)).toBeNull()
      }),
      { numRuns: 150 },
    )
  })
  it('is out of date if and only if something else would be printed', () => {
    fc.assert(
      fc.property(
        fc.array(change, { minLength: 1, maxLength: 3 }),
        fc.constantFrom(...marketCodes),
        (changes, market) => {
          const seal = sealed(plain, market)
          const book = changes.reduce(changed, plain)
          const stale = staleSince(seal, toSign(book, 'cake', market), book)
          expect(stale !== null).toBe(printed(book, market) !== printed(plain, market))
          if (stale) {
            expect(stale.causes.length).toBeGreaterThan(0)
            for (const one of stale.altered) expect(one.was).not.toBe(one.now)
          }
        },
      ),
      { numRuns: 200 },
    )
  })
  it('blames nothing that altered nothing', () => {
    fc.assert(
      fc.property(change, change, fc.constantFrom(...marketCodes), (one, other, market) => {
        const seal = sealed(plain, market)
        const [alone, both] = [changed(plain, one), changed(changed(plain, one), other)]
        const idle = printed(both, market) === printed(alone, market)
        fc.pre(idle && printed(changed(plain, other), market) === printed(plain, market))
        fc.pre(printed(alone, market) !== printed(plain, market))
        const causes = (book: Workbook) => staleSince(seal, toSign(book, 'cake', market), book)!.causes
        expect(causes(both)).toEqual(causes(alone))
      }),
      { numRuns: 150 },
    )
  })
  it('says what caused it, by name', () => {
    const seal = sealed(plain)
    const causes = (book: Workbook) => staleSince(seal, toSign(book, 'cake', 'uk'), book)!.causes
    expect(causes(changed(plain, { kind: 'status', code: 'milk', to: 'contains' }))).toEqual([
      'plum: its facts changed',
    ])
    expect(causes(changed(plain, { kind: 'grams', grams: 50 }))).toEqual(['top: its recipe changed'])
    expect(causes(changed(plain, { kind: 'day', today: '2031-01-01' }))).toEqual([
      'a proof ran out as the days went by',
    ])
    // saved again without a change, and its fields in another order, as a database gives them back
    const turned = (value: unknown): unknown =>
      Array.isArray(value)
        ? value.map(turned)
        : typeof value === 'object' && value !== null
          ? Object.fromEntries(
              Object.entries(value)
                .reverse()
                .map(([key, of]) => [key, turned(of)]),
            )
          : value
    const stored = turned(seal) as typeof seal
    const saved = { ...plain, products: plain.products.map(one => ({ ...one, version: 9 })) }
    const touched = changed(saved, { kind: 'status', code: 'milk', to: 'contains' })
    expect(staleSince(stored, toSign(touched, 'cake', 'uk'), touched)!.causes).toEqual(['plum: its facts changed'])
    // another price is neither frozen nor a cause
    const dear = {
      ...touched,
      kitchen: { ...touched.kitchen, labourPerHour: '99.00' },
      ingredients: touched.ingredients.map(one => ({
        ...one,
        packs: one.packs.map(of => ({ ...of, price: '77.77' })),
      })),
    }
    expect(staleSince(stored, toSign(dear, 'cake', 'uk'), dear)!.causes).toEqual(['plum: its facts changed'])
    expect(JSON.stringify(sealed(dear))).not.toMatch(/77\.77|99\.00/)
    const gone = { ...plain, products: [] }
    expect(causes(gone)).toEqual(['the product or its recipe was taken out'])
    expect(staleSince({ ...seal, pack: { ...seal.pack, version: 0 } }, toSign(plain, 'cake', 'uk'), plain)).toBeNull()
  })
  it('names every allergen the market wants, under one code each', () => {
    for (const market of marketsServed) {
      const codes = declaredCodes(rulesAsRead(market))
      expect(new Set(codes).size).toBe(codes.length)
      for (const code of codes) {
        const book = bookOf(
          [full('flour'), { ...full('plum'), allergens: carrying('plum', code, 'contains').allergens }],
          { claims: [] },
        )
        expect(sealed(book, market).contains, `${market} ${code}`).toEqual([code])
      }
    }
  })
  it('tells parts apart, also those that came and went', () => {
    const was = [
      { part: 'name' as const, words: 'A' },
      { part: 'claims' as const, words: 'vegan' },
    ]
    expect(
      alteredIn(was, [
        { part: 'name', words: 'A' },
        { part: 'business', words: 'B' },
      ]),
    ).toEqual([
      { part: 'claims', was: 'vegan', now: null },
      { part: 'business', was: null, now: 'B' },
    ])
    const butter = bookOf([
      full('flour'),
      { ...full('plum'), allergens: carrying('plum', 'milk', 'contains').allergens },
    ])
    const { assessment, product } = toSign(butter, 'cake', 'uk')!
    expect(saidBy(assessment, product).find(one => one.part === 'ingredients')!.words).toContain('*milk*')
  })
})

describe('whether a signature may be relied on', () => {
  const standing = (book: Workbook, market: (typeof marketCodes)[number] = 'uk') =>
    standingOf('signed', sealed(plain, market), toSign(book, 'cake', market), book).standing
  it('not where nobody signed, where it was taken back, or where its state cannot be read any more', () => {
    const now = toSign(plain, 'cake', 'uk')
    expect(standingOf(null, null, now, plain).standing).toBe('never')
    expect(standingOf('withdrawn', sealed(plain), now, plain).standing).toBe('withdrawn')
    expect(standingOf('signed', null, now, plain).standing).toBe('withdrawn')
    expect(standing(plain)).toBe('signed')
  })
  it('never over what became unknown or unproven since, though no word of the label changed', () => {
    const bare = bookOf([full('flour'), full('plum')], { claims: [] })
    const seal = sealed(bare)
    for (const book of [
      {
        ...bare,
        ingredients: [full('flour'), { ...full('plum'), allergens: carrying('plum', 'milk', 'unknown').allergens }],
      },
      { ...bare, today: '2031-01-01' },
      { ...bare, kitchen: { ...bare.kitchen, crossContact: [] } },
    ]) {
      const now = toSign(book, 'cake', 'uk')
      expect(alteredIn(seal.says, now!.says)).toEqual([])
      expect(standingOf('signed', seal, now, book).standing).toBe('open')
    }
  })
  it('is said only where it could be signed again as it is', () => {
    fc.assert(
      fc.property(fc.array(change, { maxLength: 3 }), fc.constantFrom(...marketCodes), (changes, market) => {
        const book = changes.reduce(changed, plain)
        if (standing(book, market) === 'signed') expect(toSign(book, 'cake', market)!.hinders).toEqual([])
      }),
      { numRuns: 100 },
    )
  })
})

describe('can somebody eat this', () => {
  const seal = { contains: ['milk' as const], mayContain: ['egg' as const] }
  const uk = rulesAsRead('uk')
  const ask = (without: AllergenCode[], traces = false, of: typeof seal | null = seal) => suits(of, uk, without, traces)
  it('not what it contains, nor what it may contain unless that is taken; never what nobody vouches for', () => {
    expect(ask(['milk'])).toEqual({ suits: 'no', contains: ['milk'], mayContain: [] })
    expect(ask(['egg'])).toEqual({ suits: 'no', contains: [], mayContain: ['egg'] })
    expect(ask(['egg'], true)).toEqual({ suits: 'yes' })
    expect(ask(['sesame'])).toEqual({ suits: 'yes' })
    expect(ask(['sesame'], true, null)).toMatchObject({ suits: 'unknown' })
    // the market does not make labels name coconut
    expect(ask(['coconut'])).toMatchObject({ suits: 'unknown' })
    expect(ask(['coconut', 'milk'])).toMatchObject({ suits: 'no' })
  })
  it('whoever takes less is never told yes where whoever takes more is told no', () => {
    fc.assert(
      fc.property(
        fc.subarray([...allergenCodes]),
        fc.subarray([...allergenCodes]),
        fc.subarray([...allergenCodes]),
        (contains, mayContain, without) => {
          const of = { contains, mayContain } as never
          for (const code of allergenCodes) {
            const one = suits(of, uk, without, false)
            const more = suits(of, uk, [...without, code], false)
            if (one.suits === 'no') expect(more.suits).toBe('no')
            if (more.suits === 'yes') expect(one.suits).toBe('yes')
          }
        },
      ),
    )
  })
})
