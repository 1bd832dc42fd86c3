import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Oven } from '../model/kitchen'
import { dayBakesOf } from './dayBakes'
import { bestOrder } from './order'
import { coldTrack, type Span, timelineOf, waitingTrack } from './timeline'

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
        { text: 'Set in the fridge.', when: 'after', minutes: { from: 45 } },
        { text: 'Ice it.', when: 'after', work: { minutes: 6, per: 'batch' } },
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
      hands: 18.5,
      weighing: 0.5,
      finishing: 6,
      rest: 30,
      restIn: [{ minutes: 30, cold: true }],
      oven: 30,
      after: 65,
      afterIn: [
        { minutes: 20, cold: false },
        { minutes: 45, cold: true },
      ],
      tins: 2,
      celsius: 180,
      guessed: ['weighing'],
    })
    expect(torte!.guessed).toEqual(['hands-on work', 'weighing', 'time in the oven'])
  })
})

describe('a day drawn out', () => {
  const ovens: Oven[] = [
    { name: 'fan', tins: 2, preheatMinutes: 15 },
    { name: 'deck', tins: 1 },
  ]
  const people = ['', 'Nell', 'Imke'] as const
  const someDay = fc.array(
    fc.record({
      product: fc.constantFrom('cake', 'torte'),
      pieces: fc.integer({ min: 1, max: 60 }),
      who: fc.constantFrom(...people),
      due: fc.option(fc.integer({ min: 60, max: 600 }), { nil: null }),
    }),
    { maxLength: 7 },
  )
  type Wanted = (typeof someDay extends fc.Arbitrary<infer T> ? T : never)[number]
  const drawnOut = (wanted: readonly Wanted[], rooms: Oven[], named = true) => {
    const { bakes } = dayBakesOf(
      books,
      wanted.map((one, at) => ({ ...asked(one.product, one.pieces, `b${at}`), due: one.due })),
    )
    const who = named ? Object.fromEntries(wanted.flatMap((one, at) => (one.who ? [[`b${at}`, one.who]] : []))) : {}
    const order = bestOrder(bakes)
    return { bakes, who, order, ...timelineOf(bakes, order, rooms, undefined, who) }
  }
  it('puts nobody and nothing in two places at once, nothing before its time, and all of it in (property)', () => {
    fc.assert(
      fc.property(someDay, wanted => {
        const { bakes, who, order, spans, ready, ends } = drawnOut(wanted, ovens)
        const shared = new Set(spans.map(one => one.track).filter(one => one !== waitingTrack && one !== coldTrack))
        for (const track of shared) {
          const here = spans.filter(one => one.track === track).sort((a, b) => a.from - b.from || a.to - b.to)
          here.forEach((one, at) => {
            // while an oven heats for the next it is not full of the last
            if (at > 0) expect(one.from).toBeGreaterThanOrEqual(here[at - 1]!.to - 1e-9)
          })
        }
        // over the mixer in the order that was asked for
        expect(spans.filter(one => one.kind === 'mixer').map(one => one.bake)).toEqual(order.steps.map(one => one.id))
        for (const bake of bakes) {
          const own = (kind: Span['kind']) => spans.filter(one => one.bake === bake.id && one.kind === kind)
          const long = (kind: Span['kind']) => own(kind).reduce((sum, one) => sum + one.to - one.from, 0)
          expect(long('weigh') + long('hands') + long('finish')).toBeCloseTo(bake.hands, 9)
          expect(long('mixer')).toBeCloseTo(long('hands'), 9)
          expect(long('cool')).toBeCloseTo(bake.after, 9)
          const [mixed] = own('hands')
          for (const one of own('weigh')) expect(one.to).toBeLessThanOrEqual(mixed!.from + 1e-9)
          for (const one of own('oven')) expect(one.from).toBeGreaterThanOrEqual(mixed!.to + bake.rest - 1e-9)
          const out = Math.max(mixed!.to, ...own('oven').map(one => one.to), ...own('cool').map(one => one.to))
          for (const one of own('finish')) expect(one.from).toBeGreaterThanOrEqual(out - 1e-9)
          const named = who[bake.id]
          if (named)
            for (const kind of ['weigh', 'hands', 'finish'] as const)
              for (const one of own(kind)) expect(one.track).toBe(`Hands: ${named}`)
          expect(Math.max(...spans.filter(one => one.bake === bake.id).map(one => one.to))).toBeCloseTo(
            ready[bake.id]!,
            9,
          )
        }
        expect(ends).toBe(Math.max(0, ...Object.values(ready)))
      }),
      { numRuns: 80 },
    )
  })
  it('two people make no day longer than one of them would, with one oven and nothing due (property)', () =>
    fc.assert(
      fc.property(someDay, wanted => {
        const undue = wanted.map(one => ({ ...one, due: null }))
        const [alone, shared] = [drawnOut(undue, [], false), drawnOut(undue, [])]
        expect(shared.ends).toBeLessThanOrEqual(alone.ends + 1e-9)
      }),
      { numRuns: 80 },
    ))
  it('while one is at the mixer the other weighs out, so that the day is shorter by what was weighed beside it', () => {
    const torte = (who: (typeof people)[number]): Wanted => ({ product: 'torte', pieces: 8, who, due: null })
    const alone = drawnOut([torte('Nell'), torte('Nell'), torte('Nell')], [])
    const shared = drawnOut([torte('Nell'), torte('Imke'), torte('Nell')], [])
    const [{ weighing }] = alone.bakes as [(typeof alone.bakes)[number]]
    expect(alone.ends - shared.ends).toBeCloseTo(2 * weighing, 9)
  })
  it('what nobody is named for goes to whoever of those named is free first', () => {
    const one = (product: 'cake' | 'torte', who: (typeof people)[number]): Wanted => ({
      product,
      pieces: 8,
      who,
      due: null,
    })
    const { spans } = drawnOut([one('cake', 'Nell'), one('cake', ''), one('cake', '')], [])
    expect(new Set(spans.map(span => span.track).filter(track => track.startsWith('Hands')))).toEqual(
      new Set(['Hands: Nell']),
    )
  })
})
