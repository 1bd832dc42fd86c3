// Reference doses against the worked example of the FAO/WHO expert consultation (2021 to 2023), from memory; and what the method
// must never be used for.
import { actionLevel, byDose } from '@fair-tin/core/allergen'
import { allergenCodes } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'

describe('reference doses (FAO/WHO expert consultation, 2021 to 2023, from memory)', () => {
  it('2 mg of milk protein in 50 g eaten is 40 mg/kg', () => {
    expect(actionLevel('milk', 50)).toBe(40)
    expect(byDose('milk', 40, 50)?.advises).toBe('warn')
    expect(byDose('milk', 39.9, 50)?.advises).toBe('nothing')
  })
  it.each([
    ['walnut', 1],
    ['pecan', 1],
    ['cashew', 1],
    ['pistachio', 1],
    ['almond', 1],
    ['peanut', 2],
    ['egg', 2],
    ['milk', 2],
    ['sesame', 2],
    ['hazelnut', 3],
    ['wheat', 5],
    ['fish', 5],
    ['crustaceans', 200],
    ['soy', 10],
    ['celery', 1],
    ['mustard', 1],
    ['lupin', 10],
    ['brazilNut', 1],
    ['macadamia', 1],
    ['pineNut', 1],
  ] as const)('%s: %d mg of protein', (code, mg) => {
    // in a kilogram eaten the level is the dose itself
    expect(actionLevel(code, 1000)).toBe(mg)
  })
  it('5 mg of wheat protein in 50 g would be 100 mg/kg, far over the gluten limit: it says nothing of coeliac disease', () => {
    expect(actionLevel('wheat', 50)).toBe(100)
    expect(byDose('wheat', 20, 50)?.assumes.join(' ')).toContain('nothing about coeliac disease')
  })
  it('is no arithmetic where there is no dose, nothing is eaten or nothing was estimated', () => {
    const known = allergenCodes.filter(code => actionLevel(code, 100) !== null)
    expect(known).toHaveLength(20)
    for (const code of ['rye', 'barley', 'oats', 'molluscs', 'sulphites', 'coconut'] as const)
      expect(byDose(code, 1, 50)).toBeNull()
    for (const grams of [0, -1, Number.NaN, Number.POSITIVE_INFINITY]) expect(byDose('milk', 1, grams)).toBeNull()
    expect(byDose('milk', Number.NaN, 50)).toBeNull()
  })
  it('always says what it assumes, and to ask', () => {
    for (const code of allergenCodes) {
      const out = byDose(code, 1, 50)
      if (!out) continue
      expect(out.assumes.length).toBe(5)
      expect(out.assumes.at(-1)).toContain('someone competent')
    }
  })
})
