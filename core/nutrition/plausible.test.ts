import { describe, expect, it } from 'vitest'
import type { NutrientCode } from '../model/nutrient'
import { doubtsAbout } from './plausible'

const doubts = (values: Partial<Record<NutrientCode, number>>) =>
  doubtsAbout(code => values[code]).map(one => one.nutrient)

describe('whether values can be true together', () => {
  // 10 g fat, 50 g carbohydrate, 8 g protein, 4 g fibre: 370 + 850 + 136 (+ 32) = 1356 to 1388 kJ
  const plain = { fat: 10, saturates: 2, carbohydrate: 50, sugars: 5, protein: 8, fibre: 4 }
  it('has nothing to say where they can, or where too little is known', () => {
    expect(doubts({})).toEqual([])
    expect(doubts({ energyKj: 900 })).toEqual([])
    expect(doubts({ ...plain, energyKj: 1380 })).toEqual([])
    expect(doubts({ ...plain, energyKcal: 330 })).toEqual([])
  })
  it('doubts energy that the macronutrients do not give', () => {
    expect(doubts({ ...plain, energyKj: 1100 })).toEqual(['energyKj'])
    expect(doubts({ ...plain, energyKcal: 400 })).toEqual(['energyKj'])
  })
  it('refuses a part that is more than its whole, and more than the whole', () => {
    expect(doubts({ ...plain, sugars: 51 })).toEqual(['sugars'])
    expect(doubts({ ...plain, saturates: 11 })).toEqual(['saturates'])
    expect(doubts({ fat: 60, carbohydrate: 50 })).toEqual(['fat'])
  })
  it.each<[NutrientCode, NutrientCode]>([
    ['sugars', 'carbohydrate'],
    ['saturates', 'fat'],
    ['trans', 'fat'],
    ['starch', 'carbohydrate'],
    ['polyols', 'carbohydrate'],
    ['solubleFibre', 'fibre'],
  ])('%s may be all of %s and a rounding more, and cannot be more than that', (part, whole) => {
    expect(doubts({ [part]: 10, [whole]: 10 })).toEqual([])
    expect(doubts({ [part]: 0.05, [whole]: 0 })).toEqual([])
    expect(doubtsAbout(code => ({ [part]: 10.1, [whole]: 10 })[code as string])).toMatchObject([
      { nutrient: part, impossible: true },
    ])
    // of one of them alone nothing is said
    expect([doubts({ [part]: 10 }), doubts({ [whole]: 10 })]).toEqual([[], []])
  })
  it('the parts of 100 g may come to 102 by rounding', () => {
    expect(doubts({ fat: 52, carbohydrate: 50 })).toEqual([])
    expect(doubtsAbout(code => ({ fat: 52.1, carbohydrate: 50 })[code as string])).toMatchObject([
      { nutrient: 'fat', impossible: true, message: expect.stringContaining('come to 102 g') },
    ])
    for (const code of ['fibre', 'protein', 'alcohol', 'water'] as const)
      expect(doubts({ fat: 50, carbohydrate: 50, [code]: 3 })).toEqual(['fat'])
  })
  it('doubts energy only beyond a tenth and 25 kJ of what fits, with and without that of the fibre', () => {
    // 1356 without the fibre, 1388 with it: from 1195.4 to 1551.8
    const at = (energyKj: number) => doubtsAbout(code => ({ ...plain, energyKj })[code as string])
    for (const fits of [1196, 1356, 1551]) expect(at(fits)).toEqual([])
    for (const not of [1195, 1552])
      expect(at(not)).toMatchObject([
        { nutrient: 'energyKj', impossible: false, message: expect.stringContaining('1356 to 1388 kJ') },
      ])
    // a macronutrient that is missing leaves nothing to hold it against
    for (const code of ['fat', 'carbohydrate', 'protein', 'fibre'] as const)
      expect(
        doubts({ ...plain, [code]: undefined, saturates: undefined, sugars: undefined, energyKj: 5 } as never),
      ).toEqual([])
  })
})
