import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Step } from '../model/recipe'
import { readStep } from '../reading/readStep'
import { type Bake, bakeOf, heatText, minutesText, withBake } from './bakeStep'

const step = fc.constantFrom<Step>(
  { text: 'Heat the oven to 180 °C.', when: 'ahead', celsius: 180 },
  { text: 'Stir.', when: 'bench' },
  { text: 'Bake.', when: 'oven' },
  { text: 'Bake for 20 min.', when: 'oven', minutes: { firstLook: 20, from: 20, turnAt: 10 } },
  { text: 'Bake at 160 °C fan for 1 h.', when: 'oven', celsius: 160, fan: true, minutes: { from: 60 } },
  { text: 'Cool.', when: 'after' },
)
const bake = fc.record(
  {
    celsius: fc.integer({ min: 80, max: 250 }),
    fan: fc.constant(true),
    minutes: fc.oneof(
      fc.integer({ min: 1, max: 120 }).map(from => ({ from })),
      fc.integer({ min: 1, max: 120 }).map(from => ({ from, to: from + 5 })),
    ),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<Bake>

describe('the bake of a method', () => {
  it('says what was put, loses no step, and leaves alone what it was not told', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 6 }), bake, (steps, wanted) => {
        const made = withBake(steps, wanted)
        const now = bakeOf(made)
        if (wanted.celsius !== undefined) expect(heatText(now)).toBe(heatText(wanted))
        else expect(heatText(now)).toBe(heatText(bakeOf(steps)))
        if (wanted.minutes) expect(minutesText(now)).toBe(minutesText(wanted))
        else expect(minutesText(now)).toBe(minutesText(bakeOf(steps)))
        expect(made.map(one => one.text)).toEqual(expect.arrayContaining(steps.map(one => one.text)))
        expect(made.length - steps.length).toBeLessThanOrEqual(1)
        // twice is once
        expect(withBake(made, wanted)).toEqual(made)
      }),
    )
  })
  it('writes a step as the reader reads it', () => {
    const [made] = withBake([], { celsius: 170, fan: true, minutes: { from: 25, to: 30 } })
    expect(made).toEqual({
      text: 'Bake at 170 °C, fan for 25–30 min.',
      when: 'oven',
      celsius: 170,
      fan: true,
      minutes: { firstLook: 25, from: 25, to: 30 },
    })
    expect(readStep(made!.text)).toEqual(made)
  })
  it('turns no tray after it is out', () => {
    const steps: Step[] = [{ text: 'Bake.', when: 'oven', minutes: { from: 20, turnAt: 10 } }]
    expect(withBake(steps, { minutes: { from: 8 } })[0]!.minutes).toEqual({ firstLook: 8, from: 8 })
  })
})
