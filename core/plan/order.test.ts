// Against every order there is, up to seven bakes; the solver is asked in tests/outside/plan.test.ts.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type OrderBake, usualCleaning } from './changeover'
import { bestOrder, orderAsGiven } from './order'

const bake = (id: string, change: Partial<OrderBake> = {}): OrderBake => ({
  id,
  carries: [],
  denies: [],
  celsius: 180,
  hands: 20,
  tail: 60,
  due: null,
  ...change,
})
const every = <T>(things: readonly T[]): T[][] =>
  things.length <= 1
    ? [[...things]]
    : things.flatMap((one, at) => every([...things.slice(0, at), ...things.slice(at + 1)]).map(rest => [one, ...rest]))
const codes = ['milk', 'almond', 'egg', 'wheat']
export const anyBake = (id: string) =>
  fc.record({
    id: fc.constant(id),
    carries: fc.subarray(codes),
    denies: fc.subarray(codes),
    celsius: fc.constantFrom(null, 160, 180, 220),
    hands: fc.integer({ min: 5, max: 60 }),
    tail: fc.integer({ min: 0, max: 120 }),
    due: fc.option(fc.integer({ min: 30, max: 400 })),
  })
const day = (most: number) =>
  fc
    .integer({ min: 1, max: most })
    .chain(many => fc.tuple(...Array.from({ length: many }, (_, at) => anyBake(`b${at}`))))

describe('the order of a day', () => {
  it('has the free-from before what they are free of: no test is needed, and each wash says what for', () => {
    const order = bestOrder([
      bake('torte', { carries: ['almond', 'egg'] }),
      bake('loaf', { denies: ['almond', 'egg'] }),
      bake('bun', { carries: ['egg'], denies: ['almond'] }),
    ])
    expect(order.steps.map(one => [one.id, one.clean])).toEqual([
      ['loaf', 'wipe'],
      ['bun', 'wipe'],
      ['torte', 'wipe'],
    ])
    expect(order.exact).toBe(true)
  })
  it('the other way round tests, and says what clings from where', () => {
    const bakes = [bake('torte', { carries: ['almond'] }), bake('plain'), bake('loaf', { denies: ['almond'] })]
    const order = orderAsGiven(bakes, ['torte', 'plain', 'loaf'])
    expect(order.steps.map(one => one.clean)).toEqual(['wipe', 'wash', 'test'])
    expect(order.steps[1]!.because).toEqual([{ allergen: 'almond', from: 'torte' }])
    // a wash proves nothing to whoever claims to be free of it
    expect(order.steps[2]!.because).toEqual([{ allergen: 'almond', from: 'torte' }])
    expect(order.cost).toBe(usualCleaning.wash + usualCleaning.test)
  })
  it('keeps the oven’s heat where nothing else speaks, and a deadline before both', () => {
    const bakes = [bake('a', { celsius: 160 }), bake('b', { celsius: 220 }), bake('c', { celsius: 170 })]
    expect(bestOrder(bakes).steps.map(one => one.id)).toEqual(['a', 'c', 'b'])
    const hurried = bakes.map(one => (one.id === 'b' ? { ...one, due: 80 } : one))
    expect(bestOrder(hurried).steps[0]!.id).toBe('b')
  })
  it('is never dearer than any order there is, up to seven bakes (property)', () => {
    fc.assert(
      fc.property(day(6), bakes => {
        const least = Math.min(...every(bakes.map(one => one.id)).map(ids => orderAsGiven(bakes, ids).cost))
        const best = bestOrder(bakes)
        expect(best.cost).toBeCloseTo(least, 6)
        expect(best.exact).toBe(true)
      }),
      { numRuns: 60 },
    )
    fc.assert(
      fc.property(fc.tuple(...Array.from({ length: 7 }, (_, at) => anyBake(`b${at}`))), bakes => {
        const least = Math.min(...every(bakes.map(one => one.id)).map(ids => orderAsGiven(bakes, ids).cost))
        expect(bestOrder(bakes).cost).toBeCloseTo(least, 6)
      }),
      { numRuns: 5 },
    )
  })
  it('names each bake once, and nothing is claimed over what clings: before whoever denies it a test stands (property)', () => {
    fc.assert(
      fc.property(day(12), bakes => {
        const { steps } = bestOrder(bakes)
        expect(steps.map(one => one.id).sort()).toEqual(bakes.map(one => one.id).sort())
        const known = new Map(bakes.map(one => [one.id, one]))
        let clings = new Set<string>()
        for (const step of steps) {
          const { carries, denies } = known.get(step.id)!
          if (step.clean === 'test') clings = new Set()
          expect(denies.filter(code => clings.has(code) && !carries.includes(code))).toEqual([])
          for (const code of carries) clings.add(code)
        }
      }),
      { numRuns: 40 },
    )
  })
  it('of many kinds is no dearer than they were begun with, and costs what its steps add up to (property)', () => {
    fc.assert(
      fc.property(fc.tuple(...Array.from({ length: 18 }, (_, at) => anyBake(`b${at}`))), bakes => {
        const best = bestOrder(bakes)
        expect(
          best.steps.reduce((sum, one) => sum + one.cleaning + one.heating + one.late * usualCleaning.late, 0),
        ).toBeCloseTo(best.cost, 6)
        expect(best.cost).toBeLessThanOrEqual(
          orderAsGiven(
            bakes,
            bakes.map(one => one.id),
          ).cost + 1e-6,
        )
        expect(
          orderAsGiven(
            bakes,
            best.steps.map(one => one.id),
          ).cost,
        ).toBeCloseTo(best.cost, 6)
      }),
      { numRuns: 5 },
    )
  })
  it('is the same for the same, in whatever order the bakes are asked (property)', () => {
    fc.assert(
      fc.property(day(6), bakes => {
        expect(bestOrder([...bakes].reverse()).cost).toBeCloseTo(bestOrder(bakes).cost, 6)
      }),
      { numRuns: 40 },
    )
  })
  it('takes a hundred bakes of few kinds exactly, and refuses an order that leaves one out', () => {
    const many = Array.from({ length: 100 }, (_, at) =>
      bake(`b${at}`, {
        carries: codes.slice(0, at % 4),
        denies: codes.slice(2 + (at % 2)),
        celsius: 160 + 20 * (at % 3),
      }),
    )
    const order = bestOrder(many)
    expect(order.steps).toHaveLength(100)
    expect(order.exact).toBe(true)
    expect(() => orderAsGiven(many, ['b1'])).toThrow('each bake once')
  })
})
