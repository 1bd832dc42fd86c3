// The blend solver: a two-flour case worked by hand, and every solution beside a brute-force search of a grid.
// Solved with HiGHS, a general linear-programming library.
import {
  type BlendFlour,
  type BlendWish,
  type Bounds,
  blendProgramme,
  blendRefusal,
  cheapestAsNear,
  contradictions,
  type FlourWork,
  flourWorks,
  lpText,
  readBlend,
} from '@fair-tin/core'
import fc from 'fast-check'
import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'

let highs: Awaited<ReturnType<typeof highsLoader>>
beforeAll(async () => {
  highs = await highsLoader()
})
const solve = (wish: BlendWish, elastic = false) => {
  const solved = highs.solve(lpText(blendProgramme(wish, elastic)))
  const values = Object.fromEntries(
    Object.entries(solved.Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0]),
  )
  return { status: solved.Status, values, blend: readBlend(wish, values), objective: solved.ObjectiveValue }
}
const work = (bulk: number, absorbency: number, lightness: number, binding: number): FlourWork => ({
  bulk,
  absorbency,
  lightness,
  binding,
})
const flour = (id: string, kind: BlendFlour['kind'], does: FlourWork, perKg: number | null, most = 1): BlendFlour => ({
  id,
  name: id,
  kind,
  work: does,
  pricePerGram: perKg === null ? null : perKg / 1000,
  least: 0,
  most,
})
const rice = flour('rice flour', 'grain', work(0.8, 0.3, 0.3, 0.1), 2)
const tapioca = flour('tapioca starch', 'starch', work(0.2, 0.2, 0.9, 0.5), 5)

describe('two flours, by hand', () => {
  it('cheapest with lightness at least 0.6', () => {
    // 0.3 r + 0.9 t ≥ 0.6 with r + t = 1 means t ≥ ½: half and half, at (2 + 5) ÷ 2 = 3.50 a kg
    const { blend } = solve({
      flours: [rice, tapioca],
      goal: { kind: 'cheapest' },
      bounds: { lightness: { least: 0.6 } },
    })
    expect(blend.shares.map(one => one.share)).toEqual([expect.closeTo(0.5, 6), expect.closeTo(0.5, 6)])
    expect(blend.pricePerKg).toBeCloseTo(3.5, 6)
  })
  it('nearest to a quarter tapioca is a quarter tapioca', () => {
    const to = Object.fromEntries(
      flourWorks.map(key => [key, 0.75 * rice.work[key] + 0.25 * tapioca.work[key]]),
    ) as unknown as FlourWork
    const { blend } = solve({ flours: [rice, tapioca], goal: { kind: 'nearest', to }, bounds: {} })
    expect(blend.away).toBeCloseTo(0, 6)
    expect(blend.shares).toEqual([
      { id: 'rice flour', name: 'rice flour', share: expect.closeTo(0.75, 6) },
      { id: 'tapioca starch', name: 'tapioca starch', share: expect.closeTo(0.25, 6) },
    ])
  })
  it('of several as near, the cheapest: a dear twin of rice is left out', () => {
    const twin = { ...rice, id: 'dear rice', name: 'dear rice', pricePerGram: 0.009 }
    const wish: BlendWish = { flours: [twin, rice, tapioca], goal: { kind: 'nearest', to: rice.work }, bounds: {} }
    const solved = highs.solve(lpText(cheapestAsNear(wish, solve(wish).blend.away!)!))
    const values = Object.fromEntries(
      Object.entries(solved.Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0]),
    )
    const [first] = readBlend(wish, values).shares
    expect([first!.id, first!.share]).toEqual(['rice flour', expect.closeTo(1, 4)])
    expect(cheapestAsNear({ ...wish, flours: [{ ...twin, pricePerGram: null }] }, 0)).toBeNull()
  })
  it('limits that contradict each other are named, with what can be reached', () => {
    const wish: BlendWish = {
      flours: [rice, { ...tapioca, most: 0.25 }],
      goal: { kind: 'cheapest' },
      bounds: { lightness: { least: 0.6 } },
    }
    expect(solve(wish).status).toBe('Infeasible')
    // with a quarter of tapioca: 0.75 × 0.3 + 0.25 × 0.9 = 0.45
    expect(contradictions(wish, solve(wish, true).values)).toEqual([
      'lightness: at least 0.60 cannot be reached with these flours and limits; 0.45 can.',
    ])
  })
  it('what cannot be tried is refused before', () => {
    const wish = (flours: BlendFlour[]): BlendWish => ({ flours, goal: { kind: 'cheapest' }, bounds: {} })
    expect(blendRefusal(wish([]))).toContain('at least one')
    expect(
      blendRefusal(
        wish([
          { ...rice, most: 0.4 },
          { ...tapioca, most: 0.4 },
        ]),
      ),
    ).toContain('only 80 %')
    expect(
      blendRefusal(
        wish([
          { ...rice, least: 0.7 },
          { ...tapioca, least: 0.6 },
        ]),
      ),
    ).toContain('130 %')
    expect(blendRefusal(wish([rice, flour('teff', 'grain', rice.work, null)]))).toContain('No price for teff')
    expect(blendRefusal(wish([rice, tapioca]))).toBeNull()
  })
})

describe('beside a brute-force search of a 5 % grid over three flours', () => {
  const tenth = fc.integer({ min: 0, max: 10 }).map(value => value / 10)
  const any = fc
    .tuple(
      tenth,
      tenth,
      tenth,
      tenth,
      fc.integer({ min: 1, max: 30 }),
      fc.constantFrom(1, 0.8, 0.6),
      fc.constantFrom('grain' as const, 'starch' as const, 'nut' as const),
    )
    .map(([bulk, absorbency, lightness, binding, price, most, kind]) =>
      flour('', kind, work(bulk, absorbency, lightness, binding), price, most),
    )
  const bounds: fc.Arbitrary<Bounds> = fc.constantFrom(
    {},
    { lightness: { least: 0.3 } },
    { starch: { most: 0.5 }, absorbency: { most: 0.7 } },
  )
  const inside = (wish: BlendWish, shares: number[]) =>
    shares.every(share => wish.leastUsed === undefined || share < 1e-6 || share >= wish.leastUsed - 1e-6) &&
    shares.every((share, at) => share >= wish.flours[at]!.least - 1e-6 && share <= wish.flours[at]!.most + 1e-6) &&
    Object.entries(wish.bounds).every(([key, bound]) => {
      const value = wish.flours.reduce(
        (sum, one, at) =>
          sum + shares[at]! * (key in one.work ? one.work[key as keyof FlourWork] : one.kind === key ? 1 : 0),
        0,
      )
      return value >= (bound.least ?? 0) - 1e-6 && value <= (bound.most ?? 1) + 1e-6
    })
  const worth = (wish: BlendWish, shares: number[]) => {
    const { goal } = wish
    return goal.kind === 'cheapest'
      ? wish.flours.reduce((sum, one, at) => sum + shares[at]! * one.pricePerGram!, 0)
      : flourWorks.reduce(
          (sum, key) =>
            sum +
            Math.abs(wish.flours.reduce((total, one, at) => total + shares[at]! * one.work[key], 0) - goal.to[key]),
          0,
        )
  }
  it('is never worse than the best point of the grid, keeps every limit, and fails only where the grid finds nothing', () => {
    let solved = 0
    fc.assert(
      fc.property(
        fc.tuple(any, any, any),
        bounds,
        fc.boolean(),
        fc.constantFrom(undefined, 0.1, 0.25),
        ([a, b, c], limits, cheapest, leastUsed) => {
          const flours = [a, b, c].map((one, at) => ({ ...one, id: `f${at}`, name: `f${at}` }))
          const wish: BlendWish = {
            flours,
            bounds: limits,
            ...(leastUsed === undefined ? {} : { leastUsed }),
            goal: cheapest ? { kind: 'cheapest' } : { kind: 'nearest', to: work(0.6, 0.3, 0.5, 0.3) },
          }
          let best = Number.POSITIVE_INFINITY
          for (let x = 0; x <= 20; x++)
            for (let y = 0; x + y <= 20; y++) {
              const shares = [x / 20, y / 20, (20 - x - y) / 20]
              if (inside(wish, shares)) best = Math.min(best, worth(wish, shares))
            }
          const { status, blend, objective } = solve(wish)
          if (status !== 'Optimal') {
            expect(best).toBe(Number.POSITIVE_INFINITY)
            return
          }
          solved++
          const shares = flours.map(one => blend.shares.find(other => other.id === one.id)?.share ?? 0)
          expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9)
          expect(inside(wish, shares)).toBe(true)
          expect(worth(wish, shares)).toBeLessThanOrEqual(best + 1e-6)
          expect(worth(wish, shares)).toBeCloseTo(objective, 5)
        },
      ),
      { numRuns: 150 },
    )
    expect(solved).toBeGreaterThan(50)
  }, 60_000)
})
