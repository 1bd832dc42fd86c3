import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { dayBakesOf } from './dayBakes'
import { bestOrder } from './order'
import { timelineOf } from './timeline'

const book = sampleWorkbook(
  [sampleIngredient('flour'), carrying('almond', 'almond', 'contains'), carrying('butter', 'milk', 'mayContain')],
  [
    sampleRecipe('plain', [sampleLine('flour', 100)], {
      pieces: 10,
      tins: 1,
      steps: [
        { text: 'Mix.', when: 'bench', work: { minutes: 12, per: 'batch' } },
        { text: 'Chill.', when: 'bench', minutes: { from: 30 } },
        { text: 'Bake.', when: 'oven', minutes: { from: 25, to: 30 }, celsius: 180 },
        { text: 'Cool.', when: 'after', minutes: { from: 20 } },
      ],
    }),
    sampleRecipe('torte', [sampleLine('almond', 100), sampleLine('butter', 50)], {
      pieces: 8,
      steps: [{ text: 'Bake.', when: 'oven', celsius: 160 }],
    }),
  ],
  { claims: ['nutFree', 'dairyFree'] },
)
const books = {
  ...book,
  products: [...book.products, { ...book.products[0]!, id: 'torte', name: 'Torte', recipe: 'torte', claims: [] }],
}
const asked = (product: string, pieces: number, id = product) => ({ id, product, pieces, due: null })

describe('the bakes of a day', () => {
  it('carry what is in them, may be, or is not known not to be; and deny what they claim', () => {
    const { bakes, gone } = dayBakesOf(books, [asked('cake', 20), asked('torte', 8), asked('gone', 1)])
    expect(gone).toEqual(['gone'])
    const [cake, torte] = bakes
    expect(cake!.carries).toEqual([])
    expect(cake!.denies).toEqual(expect.arrayContaining(['almond', 'milk']))
    expect(torte!.carries).toEqual(['milk', 'almond'])
    expect(torte!.denies).toEqual([])
  })
  it('take their times from the method, and say what was guessed', () => {
    const [cake, torte] = dayBakesOf(books, [asked('cake', 20), asked('torte', 8)]).bakes
    expect(cake).toMatchObject({
      hands: 12.5,
      rest: 30,
      oven: 30,
      after: 20,
      tins: 2,
      celsius: 180,
      guessed: ['weighing'],
    })
    expect(torte!.guessed).toEqual(['hands-on work', 'weighing', 'time in the oven'])
  })
})

describe('a day drawn out', () => {
  const ovens = [
    { name: 'fan', tins: 2, preheatMinutes: 15 },
    { name: 'deck', tins: 1 },
  ]
  it('puts nothing twice in one place, nothing before it is mixed, and all of it in (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ product: fc.constantFrom('cake', 'torte'), pieces: fc.integer({ min: 1, max: 60 }) }), {
          maxLength: 7,
        }),
        wanted => {
          const { bakes } = dayBakesOf(
            books,
            wanted.map((one, at) => asked(one.product, one.pieces, `b${at}`)),
          )
          const { spans, ready, ends } = timelineOf(bakes, bestOrder(bakes), ovens)
          for (const track of ['Hands and mixer', 'fan', 'deck']) {
            const here = spans.filter(one => one.track === track).sort((a, b) => a.from - b.from)
            here.forEach((one, at) => {
              if (at > 0) expect(one.from).toBeGreaterThanOrEqual(here[at - 1]!.to - 1e-9)
            })
          }
          for (const bake of bakes) {
            const own = spans.filter(one => one.bake === bake.id)
            const mixed = own.find(one => one.kind === 'hands')!
            expect(mixed.to - mixed.from).toBeCloseTo(bake.hands, 9)
            for (const one of own)
              if (one.kind === 'oven') expect(one.from).toBeGreaterThanOrEqual(mixed.to + bake.rest - 1e-9)
            expect(Math.max(...own.map(one => one.to))).toBeCloseTo(ready[bake.id]!, 9)
          }
          expect(ends).toBe(Math.max(0, ...Object.values(ready)))
        },
      ),
      { numRuns: 60 },
    )
  })
  it('whoever does which bake, nothing of it is sooner or later: there is one mixer', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('', 'Nell', 'Imke'), { minLength: 2, maxLength: 2 }), ([first, second]) => {
        const { bakes } = dayBakesOf(books, [asked('cake', 20), asked('torte', 8)])
        const order = bestOrder(bakes)
        const who = { cake: first!, torte: second! }
        const [plain, shared] = [timelineOf(bakes, order, []), timelineOf(bakes, order, [], undefined, who)]
        const untracked = (all: typeof plain) => all.spans.map(({ track: _, ...one }) => one)
        expect(untracked(shared)).toEqual(untracked(plain))
        expect([shared.ready, shared.ends]).toEqual([plain.ready, plain.ends])
        for (const span of shared.spans.filter(one => one.kind === 'hands'))
          expect(span.track).toBe(who[span.bake as 'cake'] ? `Hands: ${who[span.bake as 'cake']}` : 'Hands and mixer')
      }),
    )
  })
})
