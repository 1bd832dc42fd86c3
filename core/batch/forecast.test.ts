// Newton's law of cooling, T(t) = E − (E − T₀)·e^(−kt) (any textbook of heat transfer).
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { doneAt, fitted } from './forecast'

describe('when the middle is done', () => {
  it('finds the curve it was drawn from, and the minute it reaches the target (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.2, noNaN: true }),
        fc.double({ min: 5, max: 30, noNaN: true }),
        fc.integer({ min: 2, max: 6 }),
        (k, start, many) => {
          const at = (t: number) => 105 - (105 - start) * Math.exp(-k * t)
          const readings = Array.from({ length: many }, (_, n) => ({ minutes: n * 5, celsius: at(n * 5) }))
          expect(fitted(readings, 180)!.k).toBeCloseTo(k, 6)
          expect(at(doneAt(readings, 180, 93)!)).toBeCloseTo(93, 6)
        },
      ),
    )
  })
  it('a worked one: from 20 °C, 60 °C after 15 minutes: 93 °C after about 44', () => {
    // by hand: k = ln(85/45)/15 = 0.04240; t = ln(85/12)/k
    expect(
      doneAt(
        [
          { minutes: 0, celsius: 20 },
          { minutes: 15, celsius: 60 },
        ],
        180,
        93,
      ),
    ).toBeCloseTo(Math.log(85 / 12) / (Math.log(85 / 45) / 15), 6)
  })
  it('says nothing where it cannot: one reading, a falling one, a target the oven never gives', () => {
    expect(doneAt([{ minutes: 0, celsius: 20 }], 180, 93)).toBeNull()
    expect(
      doneAt(
        [
          { minutes: 0, celsius: 60 },
          { minutes: 5, celsius: 50 },
        ],
        180,
        93,
      ),
    ).toBeNull()
    expect(
      doneAt(
        [
          { minutes: 0, celsius: 20 },
          { minutes: 5, celsius: 40 },
        ],
        90,
        93,
      ),
    ).toBeNull()
  })
})
