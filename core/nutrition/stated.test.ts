import { describe, expect, it } from 'vitest'
import { sampleIngredient } from '../../tests/fixtures/sample'
import { unknownIngredient } from '../model/ingredient'
import { nutrientCodes } from '../model/nutrient'
import { statedOf } from './stated'

const value = (grams: number) => ({ value: grams, source: 'pack' })
const of = (change: Parameters<typeof sampleIngredient>[1]) => sampleIngredient('x', change)

describe('what is known of a nutrient', () => {
  it('is nothing where only the name is known', () => {
    for (const code of nutrientCodes) expect(statedOf(unknownIngredient('x', 'x'), code)).toBeUndefined()
  })
  it('is what was stated, before anything that follows', () =>
    expect(statedOf(of({ nutrients: { cholesterolMg: value(3) } }), 'cholesterolMg')!.value).toBe(3))
  it('is no cholesterol in what is wholly from plants, and unknown in what is not or may not be', () => {
    expect(statedOf(of({ traits: { animal: [] } }), 'cholesterolMg')!.value).toBe(0)
    expect(statedOf(of({ traits: { animal: ['egg'] } }), 'cholesterolMg')).toBeUndefined()
    expect(statedOf(of({ traits: {} }), 'cholesterolMg')).toBeUndefined()
  })
  it('is no trans fat without fat, and unknown with any', () => {
    expect(statedOf(of({ nutrients: { fat: value(0) } }), 'trans')!.value).toBe(0)
    expect(statedOf(of({ nutrients: { fat: { ...value(0), high: 0.4 } } }), 'trans')).toBeUndefined()
    expect(statedOf(of({ nutrients: { fat: value(0.1) } }), 'trans')).toBeUndefined()
  })
  it('is all its sugars for a syrup, none for what does not sweeten, unknown for a mixture', () => {
    const syrup = { traits: { sweetening: ['syrup' as const] }, nutrients: { sugars: value(66) } }
    expect(statedOf(of(syrup), 'addedSugars')!.value).toBe(66)
    expect(statedOf(of({ traits: { sweetening: [] } }), 'addedSugars')!.value).toBe(0)
    expect(
      statedOf(of({ ...syrup, composition: [{ name: 'sugar' }, { name: 'milk' }] }), 'addedSugars'),
    ).toBeUndefined()
    expect(statedOf(of({ traits: {}, nutrients: { sugars: value(4) } }), 'addedSugars')).toBeUndefined()
  })
  it('is all its sugars for sugar, a syrup and concentrated juice alike, and none for what only tastes sweet', () => {
    for (const kind of ['sugar', 'syrup', 'juiceConcentrate'] as const)
      expect(statedOf(of({ traits: { sweetening: [kind] }, nutrients: { sugars: value(70) } }), 'addedSugars')).toEqual(
        {
          value: 70,
          source: 'all its sugars are added',
        },
      )
    for (const kind of ['polyol', 'intense', 'wholeFruit'] as const)
      expect(
        statedOf(of({ traits: { sweetening: [kind] }, nutrients: { sugars: value(70) } }), 'addedSugars')!.value,
      ).toBe(0)
    const { composition: _, ...unsaid } = of({ traits: { sweetening: ['syrup'] }, nutrients: { sugars: value(70) } })
    expect(statedOf(unsaid, 'addedSugars')).toBeUndefined()
  })
})
