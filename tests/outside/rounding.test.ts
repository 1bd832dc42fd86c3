// Rounding and energy against the published rules, written down from memory of them:
// Commission guidance on tolerances, December 2012, section 6; Regulation (EU) 1169/2011, Annexes I and XIV.
import { energyOf, type NutrientCode, roundNutrient, rulesAsRead, saltOf } from '@fair-tin/core'
import { describe, expect, it } from 'vitest'

describe.each(['uk', 'eu'] as const)('rounding in %s', market => {
  const macro = ['fat', 'carbohydrate', 'sugars', 'protein', 'fibre', 'polyols'] as const
  it.each(macro)('%s: ≥ 10 to 1 g, 0.5 to 10 to 0.1 g, ≤ 0.5 "< 0.5"', nutrient => {
    const edges: [number, string][] = [
      [0, '0'],
      [0.01, '< 0.5'],
      [0.5, '< 0.5'],
      [0.51, '0.5'],
      [0.55, '0.6'],
      [1, '1.0'],
      [2.449999, '2.4'],
      [2.45, '2.5'],
      [9.94, '9.9'],
      [9.95, '10'],
      [9.999, '10'],
      [10, '10'],
      [10.49, '10'],
      [10.5, '11'],
      [67.5, '68'],
      [100, '100'],
    ]
    for (const [value, printed] of edges) expect(roundNutrient(market, nutrient, value), String(value)).toBe(printed)
  })
  it('saturates: ≥ 10 to 1 g, 0.1 to 10 to 0.1 g, ≤ 0.1 "< 0.1"', () => {
    const edges: [number, string][] = [
      [0, '0'],
      [0.1, '< 0.1'],
      [0.11, '0.1'],
      [0.15, '0.2'],
      [9.94, '9.9'],
      [9.95, '10'],
      [10.5, '11'],
    ]
    for (const [value, printed] of edges) expect(roundNutrient(market, 'saturates', value), String(value)).toBe(printed)
  })
  it('salt: ≥ 1 to 0.1 g, 0.0125 to 1 to 0.01 g, ≤ 0.0125 "< 0.01"', () => {
    const edges: [number, string][] = [
      [0, '0'],
      [0.0125, '< 0.01'],
      [0.0126, '0.01'],
      [0.015, '0.02'],
      [0.994, '0.99'],
      [0.995, '1.0'],
      [1, '1.0'],
      [1.04, '1.0'],
      [1.05, '1.1'],
      [12.34, '12.3'],
    ]
    for (const [value, printed] of edges) expect(roundNutrient(market, 'salt', value), String(value)).toBe(printed)
  })
  it('energy to 1 kJ and 1 kcal', () => {
    expect(roundNutrient(market, 'energyKj', 1185.5)).toBe('1186')
    expect(roundNutrient(market, 'energyKcal', 283.49)).toBe('283')
  })
  it('refuses what is no amount', () => {
    for (const wrong of [-0.1, Number.NaN, Number.POSITIVE_INFINITY])
      expect(() => roundNutrient(market, 'fat', wrong)).toThrow(RangeError)
  })
  it('energy factors of Annex XIV, one gram of each alone', () => {
    const { kj, kcal } = rulesAsRead(market).energy
    const one = (code: NutrientCode, factors: typeof kj) => {
      const carbohydrate = code === 'polyols' || code === 'erythritol' ? { carbohydrate: 1 } : {}
      const all: Partial<Record<NutrientCode, number>> = {
        fat: 0,
        carbohydrate: 0,
        protein: 0,
        fibre: 0,
        ...carbohydrate,
        [code]: 1,
      }
      return energyOf(nutrient => all[nutrient], factors)
    }
    const published: [NutrientCode, number, number][] = [
      ['carbohydrate', 17, 4],
      ['polyols', 10, 2.4],
      ['erythritol', 0, 0],
      ['protein', 17, 4],
      ['fat', 37, 9],
      ['fibre', 8, 2],
      ['alcohol', 29, 7],
      ['organicAcids', 13, 3],
    ]
    for (const [code, joules, calories] of published)
      expect([code, one(code, kj), one(code, kcal)]).toEqual([code, joules, calories])
  })
})
it('salt is sodium times 2.5 (Annex I)', () => expect(saltOf(400)).toBe(1))
