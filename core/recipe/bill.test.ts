import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { unknownIngredient } from '../model/ingredient'
import type { Line, Recipe, Role } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { billOf } from './bill'

const flour = sampleIngredient('flour')
const water = sampleIngredient('water')
const roles: Role[] = ['mix', 'finish', 'release', 'drained', 'beside']
const lines = fc
  .array(
    fc.record({
      grams: fc.double({ min: 0.1, max: 5000, noNaN: true }),
      role: fc.constantFrom(...roles),
      afterBake: fc.boolean(),
      retained: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map(all =>
    all.map(
      ({ grams, role, afterBake, retained }): Line =>
        sampleLine('flour', grams, { role, afterBake, ...(retained === null ? {} : { retained }) }),
    ),
  )
const loss = fc.double({ min: 0, max: 0.6, noNaN: true })

describe('billOf', () => {
  it('closes its mass balance: ingoing = finished + water lost + drained', () => {
    fc.assert(
      fc.property(lines, loss, lines, loss, (inner, innerLoss, outer, outerLoss) => {
        const part = sampleRecipe('part', inner, { bakeLoss: innerLoss })
        const bill = billOf(
          sampleWorkbook(
            [flour],
            [sampleRecipe('top', [...outer, sampleLine('part:part', 100)], { bakeLoss: outerLoss }), part],
          ),
          'top',
        )
        expect((bill.finished + bill.waterLost + bill.drained) / bill.ingoing || 1).toBeCloseTo(1, 9)
        expect(Math.min(bill.finished, bill.drained, bill.waterLost)).toBeGreaterThanOrEqual(-1e-9 * bill.ingoing)
      }),
    )
  })
  it('scales every mass by the factor, and nothing else', () => {
    fc.assert(
      fc.property(lines, loss, fc.double({ min: 0.01, max: 100, noNaN: true }), (some, bakeLoss, factor) => {
        const workbook = sampleWorkbook([flour], [sampleRecipe('top', some, { bakeLoss })])
        const [one, many] = [billOf(workbook, 'top'), billOf(workbook, 'top', { factor })]
        for (const [at, line] of many.lines.entries()) expect(line.grams / factor).toBeCloseTo(one.lines[at]!.grams, 6)
        expect(many.finished / factor).toBeCloseTo(one.finished, 6)
        expect(many.lines.map(line => line.role)).toEqual(one.lines.map(line => line.role))
      }),
    )
  })
  it('is the same whether lines stand in a part or in the recipe itself', () => {
    fc.assert(
      fc.property(lines, some => {
        const inside = some.filter(
          line => line.role !== 'beside' && line.role !== 'drained' && line.retained === undefined,
        )
        fc.pre(inside.length > 0)
        const flat = billOf(sampleWorkbook([flour], [sampleRecipe('top', inside)]), 'top')
        const nested = billOf(
          sampleWorkbook(
            [flour],
            [sampleRecipe('top', [sampleLine('part:part', flat.finished)]), sampleRecipe('part', inside)],
          ),
          'top',
        )
        expect(nested.finished).toBeCloseTo(flat.finished, 6)
        for (const [at, line] of nested.lines.entries()) expect(line.grams).toBeCloseTo(flat.lines[at]!.grams, 6)
      }),
    )
  })
  it('finishes by the formula: (mix + retained drained) × (1 − loss) + what goes on after', () => {
    const top = sampleRecipe(
      'top',
      [
        sampleLine('flour', 100),
        sampleLine('water', 50, { role: 'drained', retained: 0.2 }),
        sampleLine('flour', 10, { role: 'finish', afterBake: true }),
        sampleLine('water', 7, { role: 'beside' }),
      ],
      { bakeLoss: 0.1 },
    )
    const bill = billOf(sampleWorkbook([flour, water], [top]), 'top')
    expect(bill.finished).toBeCloseTo((100 + 50 * 0.2) * 0.9 + 10, 9)
    expect(bill.ingoing).toBe(160)
    expect(bill.drained).toBeCloseTo(40, 9)
  })
  it('makes as much of a part as its finished grams ask for', () => {
    const part = sampleRecipe('blend', [sampleLine('flour', 300), sampleLine('water', 100)], { bakeLoss: 0.5 })
    const bill = billOf(
      sampleWorkbook([flour, water], [sampleRecipe('top', [sampleLine('part:blend', 50)]), part]),
      'top',
    )
    expect(bill.lines.map(line => line.grams)).toEqual([75, 25])
    expect(bill.lines[0]!.path.map(step => step.id)).toEqual(['top', 'blend', 'flour'])
  })
  it('measures a part in its pieces, in cups once one was weighed, and in whole makings; what it cannot is a gap', () => {
    const asks = (line: Partial<Line>, change: object = {}) => {
      const part = sampleRecipe('part', [sampleLine('flour', 600)], { bakeLoss: 0.1, ...change })
      const line1 = { ...sampleLine('part:part', 1), ...line }
      return billOf(sampleWorkbook([flour], [sampleRecipe('top', [line1], { cup: 'metric' }), part]), 'top')
    }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), fc.integer({ min: 1, max: 50 }), (count, pieces) => {
        const bill = asks({ amount: { value: count, unit: 'each' }, form: 'piece' }, { pieces })
        expect(bill.finished).toBeCloseTo((540 * count) / pieces, 6)
        const cups = asks({ amount: { value: count, unit: 'cup' } }, { gramsPerMl: pieces / 40 })
        expect(cups.finished).toBeCloseTo((count * 250 * pieces) / 40, 6)
        expect(cups.lines.every(line => line.estimate)).toBe(true)
        // how it is made ready is no piece of it
        for (const form of [{}, { form: 'grated' }, { form: 'batch' }])
          expect(asks({ amount: { value: count, unit: 'each' }, ...form }, { pieces }).finished).toBeCloseTo(
            540 * count,
            6,
          )
      }),
    )
    const gap = (...of: Parameters<typeof asks>) => asks(...of).gaps.map(one => one.fact)
    expect(gap({ amount: { value: 3, unit: 'each' }, form: 'piece' })).toEqual([
      'how many pieces one making of part gives is not said',
    ])
    expect(gap({ amount: { value: 3, unit: 'cup' } })).toEqual([
      'what a cup of part weighs is not known: weigh one and write it on its bench, or write grams',
    ])
  })
  it('takes the outer bake’s water from a part as from any line', () => {
    const part = sampleRecipe('blend', [sampleLine('flour', 100)])
    const top = sampleRecipe('top', [sampleLine('part:blend', 100), sampleLine('water', 100)], { bakeLoss: 0.2 })
    const bill = billOf(sampleWorkbook([flour, water], [top, part]), 'top')
    expect(bill.finished).toBeCloseTo(160, 9)
    expect(bill.lines.map(line => line.baked)).toEqual([0.8, 0.8])
    expect(bill.waterLost).toBeCloseTo(40, 9)
  })
  it('carries roles through parts: beside wins, else where the part ends up', () => {
    const roleOf = (outer: Role, inner: Role) =>
      billOf(
        sampleWorkbook(
          [flour],
          [
            sampleRecipe('top', [sampleLine('part:p', 10, { role: outer })]),
            sampleRecipe('p', [sampleLine('flour', 10, { role: inner })]),
          ],
        ),
        'top',
      ).lines[0]!.role
    expect(roleOf('finish', 'mix')).toBe('finish')
    expect(roleOf('mix', 'release')).toBe('release')
    expect(roleOf('beside', 'release')).toBe('beside')
    expect(roleOf('release', 'beside')).toBe('beside')
  })
  it('keeps a line without a weight, and says so', () => {
    const bill = billOf(
      sampleWorkbook([flour], [sampleRecipe('top', [sampleLine('flour', null, { role: 'release' })])]),
      'top',
    )
    expect(bill.lines[0]).toMatchObject({ ingredient: 'flour', role: 'release', unweighed: 'no amount is written' })
    expect(bill.unknown).toEqual(['flour: no amount is written'])
  })
  it('refuses a part that holds itself, with the chain', () => {
    const workbook = sampleWorkbook(
      [flour],
      [
        sampleRecipe('a', [sampleLine('flour', 10), sampleLine('part:b', 10)]),
        sampleRecipe('b', [sampleLine('part:a', 10), sampleLine('flour', 5)]),
      ],
    )
    expect(billOf(workbook, 'a').gaps).toContainEqual(
      expect.objectContaining({ kind: 'component', fact: 'contains itself: a → b → a' }),
    )
    expect(billOf(sampleWorkbook([], [sampleRecipe('s', [sampleLine('part:s', 1)])]), 's').unknown[0]).toContain(
      'contains itself: s → s',
    )
  })
  it('follows nothing that is damaged: what stands in its place is a gap, whatever its name', () => {
    const salt = unknownIngredient('salt', 'salt')
    const book = {
      ...sampleWorkbook(
        [flour, salt],
        [sampleRecipe('top', [sampleLine('flour', 90), sampleLine('salt', 10), sampleLine('part:icing', 5)])],
        { claims: ['glutenFree', 'vegan', 'eggFree', 'noAddedSugar'] },
      ),
      damaged: [
        { kind: 'ingredient' as const, id: 'salt', name: 'salt', problem: 'torn.' },
        { kind: 'recipe' as const, id: 'icing', name: 'Icing', problem: 'torn.' },
      ],
    }
    expect(billOf(book, 'top').gaps.map(gap => [gap.why, gap.kind, gap.path.at(-1)!.name])).toEqual([
      ['damaged', 'component', 'salt'],
      ['weight', 'amount', 'icing'],
      ['damaged', 'component', 'Icing'],
    ])
    const { damaged: _, ...whole } = { ...book, recipes: [sampleRecipe('top', [sampleLine('salt', 10)])] }
    const verdicts = (of: Workbook) => assess(of, 'cake', 'uk').claims.map(one => one.verdict)
    expect(verdicts(whole)[0]).toBe('holds')
    expect(new Set(verdicts({ ...whole, damaged: book.damaged }))).toEqual(new Set(['unproven']))
  })
  it('names what is no longer there', () => {
    expect(
      billOf(sampleWorkbook([], [sampleRecipe('top', [sampleLine('gone', 10, { text: '10 g saffron' })])]), 'top')
        .unknown,
    ).toEqual(['10 g saffron: is no longer in the larder'])
    expect(billOf(sampleWorkbook([], []), 'nowhere').gaps[0]).toMatchObject({ kind: 'component' })
  })
  it('weighs what was bought down to what is eaten, and takes a mass said beside a volume', () => {
    const plums = sampleIngredient('plums', { measures: [{ ediblePart: 0.9, gramsPerMl: 0.7 }] })
    const top = sampleRecipe('top', [
      sampleLine('plums', 100, { weighed: 'bought' }),
      { ...sampleLine('plums', null), amount: { value: 1, unit: 'cup' }, also: [{ value: 180, unit: 'g' }] },
    ])
    expect(billOf(sampleWorkbook([plums], [top]), 'top').lines.map(line => line.grams)).toEqual([90, 180])
  })
  it('does work that grows with lines, not with ways: each of a chain holding the one before twice', () => {
    for (const levels of [1, 2, 12, 21, 55]) {
      const recipes = Array.from({ length: levels + 1 }, (_, at) =>
        at === levels
          ? sampleRecipe(`r${at}`, [sampleLine('flour', 60), sampleLine('water', 40)], { bakeLoss: 0.1 })
          : sampleRecipe(`r${at}`, [sampleLine(`part:r${at + 1}`, 10), sampleLine(`part:r${at + 1}`, 15)], {
              bakeLoss: at % 2 ? 0.05 : 0,
            }),
      )
      const bill = billOf(sampleWorkbook([flour, water], recipes), 'r0')
      expect(bill.lines).toHaveLength(4)
      const ways = bill.lines.reduce((sum, line) => sum + 1 + (line.otherWays ?? 0), 0)
      expect(ways).toBe(2 ** (levels + 1))
      for (const line of bill.lines)
        expect(line.grams).toBeCloseTo(line.times * (line.ingredient === 'flour' ? 60 : 40), 9)
      // 25 g of what comes in, whatever stands between, less what the outermost loses
      expect(bill.finished).toBeCloseTo(25, 9)
      expect(bill.finished + bill.waterLost + bill.drained).toBeCloseTo(bill.ingoing, 9)
    }
  })
  it('the same of what is missing, and of a chain that runs back to its start', () => {
    const chain = (last: Line[]) =>
      Array.from({ length: 31 }, (_, at) =>
        sampleRecipe(
          `r${at}`,
          at === 30 ? last : [sampleLine(`part:r${at + 1}`, 10), sampleLine(`part:r${at + 1}`, 5)],
        ),
      )
    const gone = billOf(sampleWorkbook([flour], chain([sampleLine('flour', 10), sampleLine('gone', 10)])), 'r0')
    expect(gone.gaps.map(gap => [gap.why, 1 + (gap.otherWays ?? 0)])).toEqual([
      ['gone', 2 ** 29],
      ['gone', 2 ** 29],
    ])
    const round = billOf(sampleWorkbook([flour], chain([sampleLine('flour', 10), sampleLine('part:r0', 10)])), 'r0')
    expect(round.gaps.map(gap => gap.why)).toEqual(['circle', 'circle'])
    expect(round.lines.map(line => line.ingredient)).toEqual(['flour', 'flour'])
  })
  it('a recipe cut short inside a circle is worked out anew where it stands outside of it: no food is lost', () => {
    const bill = billOf(
      sampleWorkbook(
        [flour, water],
        [
          sampleRecipe('a', [sampleLine('part:b', 10, { id: 'by b' }), sampleLine('part:c', 10, { id: 'by c' })]),
          sampleRecipe('b', [sampleLine('part:c', 10), sampleLine('flour', 10)]),
          sampleRecipe('c', [sampleLine('part:b', 10), sampleLine('water', 10)]),
        ],
      ),
      'a',
    )
    const inLine = (id: string) =>
      bill.lines
        .filter(line => line.topLine === id)
        .map(line => line.ingredient)
        .sort()
    expect([inLine('by b'), inLine('by c')]).toEqual([
      ['flour', 'water'],
      ['flour', 'water'],
    ])
  })
  it('merged or not, every mass is the same: a part twice inside a part, and the same with copies of it', () => {
    fc.assert(
      fc.property(
        lines,
        loss,
        lines,
        loss,
        fc.boolean(),
        loss,
        (inner, innerLoss, outer, outerLoss, after, retained) => {
          const made = (second: string) => {
            const recipes = [
              sampleRecipe('top', [sampleLine('part:middle', 500), sampleLine('flour', 10)], { bakeLoss: 0.07 }),
              sampleRecipe(
                'middle',
                [sampleLine('part:p', 100), ...outer, sampleLine(`part:${second}`, 50, { afterBake: after, retained })],
                { bakeLoss: outerLoss },
              ),
              sampleRecipe('p', inner, { bakeLoss: innerLoss }),
              sampleRecipe('copy', inner, { bakeLoss: innerLoss }),
            ]
            return billOf(sampleWorkbook([flour], recipes), 'top')
          }
          const [one, two] = [made('p'), made('copy')]
          // masses of a tonne and more: alike to nine figures
          const near = (x: number, y: number) => expect(Math.abs(x - y)).toBeLessThanOrEqual(1e-9 * one.ingoing)
          for (const key of ['ingoing', 'finished', 'drained', 'waterLost'] as const) near(one[key], two[key])
          for (const role of roles) {
            const [x, y] = [one, two].map(bill =>
              bill.lines.reduce((sum, line) => sum + (line.role === role ? line.grams : 0), 0),
            )
            near(x!, y!)
          }
        },
      ),
    )
  })
  it('follows parts so deep and no deeper, and says so', () => {
    const recipes = Array.from({ length: 5000 }, (_, at) =>
      sampleRecipe(`r${at}`, [sampleLine('flour', 10), ...(at === 4999 ? [] : [sampleLine(`part:r${at + 1}`, 10)])]),
    )
    expect(billOf(sampleWorkbook([flour], recipes), 'r0').gaps.map(gap => gap.why)).toEqual(['tooDeep'])
  })
})

describe('what is kept from before', () => {
  const ids = ['a', 'b', 'c', 'd']
  const things = ['flour', 'water', 'milk', 'walnuts']
  const lineOf = fc
    .record({
      of: fc.oneof(fc.constantFrom(...things, 'gone'), fc.constantFrom(...ids.map(id => `part:${id}`), 'part:nowhere')),
      value: fc.integer({ min: 1, max: 400 }),
      unit: fc.constantFrom('g' as const, 'g' as const, 'each' as const, 'cup' as const),
      role: fc.constantFrom(...roles),
      text: fc.constantFrom('', 'rubbed with butter', 'with walnuts on top'),
      other: fc.option(fc.constantFrom(...things)),
    })
    .map(
      ({ of, value, unit, role, text, other }): Line => ({
        ...sampleLine(of, value, { role }),
        amount: { value, unit },
        ...(text ? { text } : {}),
        ...(other ? { alternatives: [{ ingredient: other }] } : {}),
      }),
    )
  type Edit = (before: Workbook) => Workbook
  const onRecipe =
    (id: string, change: (one: Recipe) => Recipe): Edit =>
    before => ({
      ...before,
      recipes: before.recipes.map(one => (one.id === id ? change(one) : one)),
    })
  const onThing =
    (id: string, change: object): Edit =>
    before => ({
      ...before,
      ingredients: before.ingredients.map(one => (one.id === id ? { ...one, ...change } : one)),
    })
  const recipeId = fc.constantFrom(...ids)
  const edit: fc.Arbitrary<Edit> = fc.oneof(
    fc
      .tuple(recipeId, fc.nat(3), lineOf)
      .map(([id, at, line]) =>
        onRecipe(id, one => ({ ...one, lines: one.lines.map((old, n) => (n === at % one.lines.length ? line : old)) })),
      ),
    fc.tuple(recipeId, fc.integer({ min: 1, max: 900 })).map(([id, value]) =>
      onRecipe(id, one => ({
        ...one,
        lines: one.lines.map((old, n) => (n === 0 ? { ...old, amount: { value, unit: 'g' as const } } : old)),
      })),
    ),
    fc.tuple(recipeId, lineOf).map(([id, line]) => onRecipe(id, one => ({ ...one, lines: [line, ...one.lines] }))),
    fc.tuple(recipeId, loss).map(([id, bakeLoss]) => onRecipe(id, one => ({ ...one, bakeLoss }))),
    fc
      .tuple(recipeId, fc.constantFrom('metric' as const, 'us' as const))
      .map(([id, cup]) => onRecipe(id, one => ({ ...one, cup }))),
    fc
      .tuple(recipeId, fc.constantFrom('Walnut loaf', 'Milk bun', 'Plain'))
      .map(([id, name]) => onRecipe(id, one => ({ ...one, name }))),
    fc
      .tuple(recipeId, fc.constantFrom('Brush with milk.', 'Serve.', ''))
      .map(([id, notes]) => onRecipe(id, one => ({ ...one, notes }))),
    fc
      .tuple(recipeId, fc.integer({ min: 1, max: 20 }))
      .map(([id, pieces]) => onRecipe(id, one => ({ ...one, pieces }))),
    fc
      .tuple(recipeId, fc.constantFrom('milk', 'walnuts'))
      .map(([id, word]) =>
        onRecipe(
          id,
          one => ({ ...one, answers: [{ word, said: 'not in it', by: 'Nell', on: '2026-11-24' }] }) as Recipe,
        ),
      ),
    fc
      .tuple(fc.constantFrom(...things), fc.constantFrom('oat drink', 'butter', 'salt'))
      .map(([id, name]) => onThing(id, { name })),
    recipeId.map(
      (id): Edit =>
        before => ({ ...before, recipes: before.recipes.filter(one => one.id !== id) }),
    ),
    fc.tuple(fc.constantFrom('recipe' as const, 'ingredient' as const), fc.constantFrom(...ids, ...things)).map(
      ([kind, id]): Edit =>
        before =>
          ({ ...before, damaged: [{ kind, id, name: id, problem: 'torn' }] }) as Workbook,
    ),
  )
  it('is never of another state: after any edits the bill is that of the same books read anew', () => {
    fc.assert(
      fc.property(
        fc.tuple(...ids.map(() => fc.array(lineOf, { minLength: 1, maxLength: 4 }))),
        fc.array(edit, { maxLength: 12 }),
        (start, edits) => {
          let books = sampleWorkbook(
            things.map(one => sampleIngredient(one)),
            ids.map((id, at) =>
              sampleRecipe(
                id,
                start[at]!.map((line, n) => ({ ...line, id: `${id}${n}` })),
              ),
            ),
          )
          for (const one of [(same: Workbook) => same, ...edits]) {
            books = one(books)
            for (const id of ids) expect(billOf(books, id)).toEqual(billOf(structuredClone(books), id))
          }
        },
      ),
      { numRuns: 300 },
    )
  })
  it('leaves the lines that an edit did not touch be the very same', () => {
    const part = sampleRecipe('part', [sampleLine('flour', 300), sampleLine('water', 100)])
    const own = [
      sampleLine('flour', 10, { id: 'own' }),
      sampleLine('water', 20, { id: 'other' }),
      sampleLine('part:part', 50),
    ]
    const before = sampleWorkbook([flour, water], [sampleRecipe('top', own), part])
    const after = {
      ...before,
      recipes: [sampleRecipe('top', [{ ...own[0]!, amount: { value: 11, unit: 'g' } }, ...own.slice(1)]), part],
    }
    const [one, two] = [billOf(before, 'top').lines, billOf(after, 'top').lines]
    expect(one.map((line, at) => line === two[at])).toEqual([false, true, true, true])
  })
})
