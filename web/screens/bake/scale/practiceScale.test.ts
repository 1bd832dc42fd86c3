import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { after, isSteady, type Pan } from './practiceScale'

const run = (pan: Pan, seconds: number, step = 1, random = () => 0.5) => {
  let now = pan
  for (let at = 0; at < seconds * 20; at++) now = after(now, 1 / 20, step, random)
  return now
}
describe('the practice scale', () => {
  it('is not steady when something has just been put on it, and is after two seconds', () => {
    const put: Pan = { load: 500, shown: 0, drift: 0 }
    expect(
      isSteady(
        after(put, 1 / 20, 1, () => 0.5),
        1,
      ),
    ).toBe(false)
    expect(isSteady(run(put, 4), 1)).toBe(true)
  })
  it('settles on what lies on it, whatever it trembles, within a step (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), fc.integer({ min: 1, max: 2 ** 30 }), (load, seed) => {
        let state = seed
        const random = () => {
          state = (state * 1103515245 + 12345) % 2 ** 31
          return state / 2 ** 31
        }
        const settled = run({ load, shown: 0, drift: 0 }, 6, 1, random)
        expect(Math.abs(settled.shown - load)).toBeLessThan(1)
      }),
    )
  })
})
