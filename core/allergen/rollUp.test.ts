import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { rulesAsRead } from '../market/market'
import { type AllergenStatus, allergenCodes } from '../model/allergen'
import { billOf } from '../recipe/bill'
import { findingsOnDemand, rolledUp, statusIn } from './rollUp'

const milkOf = (statuses: AllergenStatus[]) =>
  assess(
    sampleWorkbook(
      statuses.map((status, at) => carrying(`i${at}`, 'milk', status)),
      [
        sampleRecipe(
          'top',
          statuses.map((_, at) => sampleLine(`i${at}`, 10)),
        ),
      ],
    ),
    'cake',
    'uk',
  ).allergens.milk
const order: AllergenStatus[] = ['free', 'unknown', 'mayContain', 'contains']

describe('roll-up', () => {
  it('is the strongest of all: contains > may contain > unknown > free', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...order), { minLength: 1, maxLength: 6 }), statuses => {
        expect(milkOf(statuses).status).toBe(order[Math.max(...statuses.map(status => order.indexOf(status)))])
      }),
    )
  })
  it('keeps every reason: a may-contain does not hide an unknown', () =>
    expect(milkOf(['mayContain', 'unknown', 'free']).because.map(reason => reason.fact)).toEqual([
      'may contain milk',
      'nobody has said whether it carries milk',
    ]))
  it('counts what greases the tin, goes on top, or is poured away', () => {
    for (const role of ['release', 'finish', 'drained'] as const)
      expect(
        assess(
          sampleWorkbook(
            [carrying('fat', 'milk', 'contains'), sampleIngredient('flour')],
            [sampleRecipe('top', [sampleLine('flour', 100), sampleLine('fat', 5, { role })])],
          ),
          'cake',
          'uk',
        ).allergens.milk.status,
      ).toBe('contains')
  })
  it('leaves out what is served beside, and what is proven to leave nothing behind', () => {
    const workbook = (change: object) =>
      sampleWorkbook(
        [carrying('fat', 'milk', 'contains'), sampleIngredient('flour')],
        [sampleRecipe('top', [sampleLine('flour', 100), sampleLine('fat', 5, change)])],
      )
    expect(assess(workbook({ role: 'beside' }), 'cake', 'uk').allergens.milk.status).toBe('free')
    expect(assess(workbook({ role: 'drained', leavesNothing: 'review' }), 'cake', 'uk').allergens.milk.status).toBe(
      'free',
    )
    expect(assess(workbook({ role: 'drained', leavesNothing: 'lost' }), 'cake', 'uk').allergens.milk.status).toBe(
      'contains',
    )
    expect(assess(workbook({ role: 'mix', leavesNothing: 'review' }), 'cake', 'uk').allergens.milk.status).toBe(
      'contains',
    )
  })
  it('is unknown where the words say otherwise than the status', () => {
    const allergens = assess(
      sampleWorkbook([sampleIngredient('ghee blend')], [sampleRecipe('top', [sampleLine('ghee blend', 10)])]),
      'cake',
      'uk',
    ).allergens
    expect(allergens.milk).toMatchObject({
      status: 'unknown',
      because: [{ fact: '“ghee” speaks of milk, yet it is put down as free of it' }],
    })
  })
  it('names the whole path', () => {
    const workbook = sampleWorkbook(
      [carrying('cream', 'milk', 'contains')],
      [sampleRecipe('top', [sampleLine('part:icing', 10)]), sampleRecipe('icing', [sampleLine('cream', 10)])],
    )
    expect(assess(workbook, 'cake', 'uk').allergens.milk.because[0]!.path.map(step => step.name)).toEqual([
      'top',
      'icing',
      'cream',
    ])
  })
})

describe('a word for a whole group', () => {
  const openIn = (thing: ReturnType<typeof sampleIngredient>) => {
    const { allergens } = assess(
      sampleWorkbook([thing], [sampleRecipe('top', [sampleLine(thing.id, 100)])]),
      'cake',
      'uk',
    )
    return allergenCodes.filter(code => allergens[code].status === 'unknown')
  }
  it('leaves every kind open that it may mean, until one is put down', () => {
    expect(openIn(sampleIngredient('mixed nuts'))).toEqual([
      'peanut',
      'almond',
      'hazelnut',
      'walnut',
      'cashew',
      'pecan',
      'brazilNut',
      'pistachio',
      'macadamia',
      'pineNut',
      'coconut',
    ])
    expect(openIn(carrying('mixed nuts', 'almond', 'contains'))).toEqual([])
    expect(openIn(sampleIngredient('bar', { composition: [{ name: 'gluten' }] }))).toEqual([
      'wheat',
      'rye',
      'barley',
      'oats',
    ])
    // a kind beside it is the kind it means
    expect(openIn(sampleIngredient('nut paste', { composition: [{ name: 'pecans' }] }))).toEqual(['pecan'])
  })
})

it('after any edits of facts, lines, the day and the house list, what is found is that of the same books read anew', () => {
  const things = ['salt', 'oats', 'butter'] as const
  const start = sampleWorkbook(
    things.map(one => sampleIngredient(one)),
    [
      sampleRecipe('top', [
        sampleLine('salt', 5),
        sampleLine('oats', 90, { role: 'release' }),
        sampleLine('part:part', 50),
      ]),
      sampleRecipe('part', [sampleLine('butter', 40), sampleLine('salt', 1)]),
    ],
  )
  type Books = typeof start
  const thing = fc.constantFrom(...things)
  const ofThing =
    (id: string, change: object) =>
    (before: Books): Books => ({
      ...before,
      ingredients: before.ingredients.map(one => (one.id === id ? { ...one, ...change } : one)),
    })
  const edit = fc.oneof(
    fc
      .tuple(thing, fc.constantFrom('milk', 'oats', 'sulphites'), fc.constantFrom(...order))
      .map(([id, code, status]) => (before: Books) => {
        const { allergens } = before.ingredients.find(one => one.id === id) ?? { allergens: {} }
        return ofThing(id, { allergens: { ...allergens, [code]: { status, evidence: 'spec' } } })(before)
      }),
    fc
      .tuple(thing, fc.constantFrom('plant butter', 'gluten-free oats', 'salt'))
      .map(([id, name]) => ofThing(id, { name })),
    fc.constantFrom('2026-11-24', '2028-01-01').map(
      today =>
        (before: Books): Books => ({ ...before, today }),
    ),
    fc.constantFrom<string[]>(['salt'], []).map(
      freeByNature =>
        (before: Books): Books => ({ ...before, kitchen: { ...before.kitchen, freeByNature } }),
    ),
    fc.constantFrom<NonNullable<Books['kitchen']['evidenceYears']>>({ specification: 1 }, { specification: 5 }).map(
      evidenceYears =>
        (before: Books): Books => ({ ...before, kitchen: { ...before.kitchen, evidenceYears } }),
    ),
    // the proof is taken away, and the lines stay
    fc
      .constantFrom<Books['evidence']>(
        [],
        [{ id: 'swab', kind: 'test' as const, reference: 'S-2', dated: '2026-10-01' }],
      )
      .map(
        evidence =>
          (before: Books): Books => ({ ...before, evidence }),
      ),
    fc.tuple(fc.nat(2), fc.integer({ min: 1, max: 90 })).map(
      ([at, value]) =>
        (before: Books): Books => ({
          ...before,
          recipes: before.recipes.map(one => ({
            ...one,
            lines: one.lines.map((line, n) => (n === at ? { ...line, amount: { value, unit: 'g' as const } } : line)),
          })),
        }),
    ),
    fc.constant(
      (before: Books): Books => ({
        ...before,
        recipes: before.recipes.map(one => ({ ...one, lines: [...one.lines].reverse() })),
      }),
    ),
    // where nothing of a line stays, by the house's own test
    fc.tuple(fc.constantFrom(undefined, 'swab'), fc.boolean()).map(
      ([leavesNothing, there]) =>
        (before: Books): Books => ({
          ...before,
          evidence: there ? [{ id: 'swab', kind: 'test' as const, reference: 'S-2', dated: '2026-10-01' }] : [],
          recipes: before.recipes.map(one => ({
            ...one,
            lines: one.lines.map(line =>
              line.role === 'release' ? { ...line, leavesNothing } : line,
            ) as typeof one.lines,
          })),
        }),
    ),
    fc.constantFrom('beside' as const, 'release' as const, 'mix' as const).map(
      role =>
        (before: Books): Books => ({
          ...before,
          recipes: before.recipes.map(one => ({ ...one, lines: one.lines.map(line => ({ ...line, role })) })),
        }),
    ),
    fc.constantFrom(...things).map(
      gone =>
        (before: Books): Books => ({ ...before, ingredients: before.ingredients.filter(one => one.id !== gone) }),
    ),
    fc.constantFrom('', 'Dust with flour.').map(
      notes =>
        (before: Books): Books => ({ ...before, recipes: before.recipes.map(one => ({ ...one, notes })) }),
    ),
  )
  fc.assert(
    fc.property(
      fc.array(edit, { minLength: 1, maxLength: 10 }),
      fc.constantFrom('uk' as const, 'us' as const),
      (edits, market) => {
        let books = start
        for (const one of edits) {
          books = one(books)
          const anew = structuredClone(books)
          expect(assess(books, 'cake', market).allergens).toEqual(assess(anew, 'cake', market).allergens)
          // the strongest status is told without a finding, and is that of all findings
          const { allergens: leftOut } = rulesAsRead(market)
          const told = findingsOnDemand(billOf(books, 'top'), books, leftOut)
          const made = findingsOnDemand(billOf(anew, 'top'), anew, leftOut)
          for (const code of allergenCodes) expect(statusIn(told, code), code).toBe(rolledUp(made[code]))
        }
      },
    ),
    { numRuns: 200 },
  )
})

it('what says that nothing stays is taken away, and the lines stay: the status is another', () => {
  const swab = [{ id: 'swab', kind: 'test' as const, reference: 'S-2', dated: '2026-10-01' }]
  const oats = sampleIngredient('oats', { allergens: { oats: { status: 'contains' } } })
  const books = {
    ...sampleWorkbook(
      [sampleIngredient('salt'), oats],
      [sampleRecipe('top', [sampleLine('salt', 5), sampleLine('oats', 9, { role: 'release', leavesNothing: 'swab' })])],
    ),
    evidence: swab,
  }
  const told = (of: typeof books) => statusIn(findingsOnDemand(billOf(of, 'top'), of), 'oats')
  expect(told(books)).not.toBe('contains')
  expect(told({ ...books, evidence: [] })).toBe('contains')
  expect(told(books)).not.toBe('contains')
})
