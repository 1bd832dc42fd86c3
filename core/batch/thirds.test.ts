import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { goesByThirds, nextThird } from './thirds'

describe('egg by thirds', () => {
  it('each third that is met is followed by the next, and the last ends at the whole (property)', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 20_000, noNaN: true }),
        fc.double({ min: 0.005, max: 0.08 }),
        (target, share) => {
          const [low, high] = [target * (1 - share), target * (1 + share)]
          let weighed = 0
          const seen: number[] = []
          for (let turn = 0; turn < 3; turn++) {
            const third = nextThird({ target, weighed, low, high })!
            expect(third.upTo).toBeGreaterThan(weighed)
            expect([third.low <= third.upTo, third.upTo <= third.high]).toEqual([true, true])
            seen.push(third.nth)
            weighed = third.upTo
          }
          expect(seen).toEqual([1, 2, 3])
          expect(weighed).toBe(target)
          expect(nextThird({ target, weighed, low, high })).toBeNull()
        },
      ),
    ))
  it('is for egg in the bowl, and for as much of it as is worth parting', () => {
    const item = (name: string, target: number | null = 150, where: 'bowl' | 'tin' = 'bowl') =>
      goesByThirds({ name, now: null, where, target })
    expect([item('whole egg'), item('egg whites'), item('flour'), item('egg', 20), item('egg', null)]).toEqual([
      true,
      true,
      false,
      false,
      false,
    ])
    expect(item('egg', 150, 'tin')).toBe(false)
    expect(
      goesByThirds({ name: 'egg', now: { id: 'x', name: 'linseed', why: 'swap' }, where: 'bowl', target: 150 }),
    ).toBe(false)
  })
})
