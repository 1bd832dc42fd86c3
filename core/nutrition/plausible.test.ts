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
})
