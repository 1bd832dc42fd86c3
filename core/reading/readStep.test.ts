import { describe, expect, it } from 'vitest'
import { readOven, readStep } from './readStep'

describe('steps of a method', () => {
  it.each([
    [
      'Bake at 160 °C for 28 to 34 minutes; turn after 15 minutes.',
      'oven',
      { firstLook: 28, from: 28, to: 34, turnAt: 15 },
    ],
    ['Bake for 40 minutes, rotating half-way.', 'oven', { firstLook: 40, from: 40, turnAt: 20 }],
    ['Bake for 45 to 60 minutes; start checking at 35 minutes.', 'oven', { firstLook: 35, from: 45, to: 60 }],
    ['Beat pale, and spread on a cooled bake.', 'bench', undefined],
    ['Bake for an hour and a half.', 'oven', { firstLook: 90, from: 90 }],
    ['Take the eggs out of the cold for 60 minutes.', 'ahead', { from: 60 }],
    ['Boil the oranges for 1½ hours ahead.', 'ahead', { from: 90 }],
    ['Rub to crumbs, and chill for 30 minutes.', 'bench', { from: 30 }],
  ] as const)('reads the step “%s”', (text, when, minutes) => {
    const step = readStep(text)
    expect([step.when, step.minutes]).toEqual([when, minutes])
  })
  it('takes bare degrees for what an oven can be', () => {
    expect(readOven('Preheat the oven to 350 degrees.')).toEqual({ celsius: 180, fan: false })
    expect(readOven('180 °C (fan)')).toEqual({ celsius: 180, fan: true })
    expect(readOven('160C fan 350F')).toEqual({ celsius: 160, fan: true })
    expect(readOven('180C (fan 160C)')).toEqual({ celsius: 180, fan: false })
    expect(readOven('Bake at 180 degrees, fan.')).toMatchObject({ celsius: 180 })
    expect(readOven('Bake at 150° for an hour.')).toMatchObject({ celsius: 150 })
    expect(readOven('Bake until done.')).toBeNull()
  })
})
