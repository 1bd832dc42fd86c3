import { sheetEdits } from '@fair-tin/core/edit'
import { allergenCodes, nutrientCodes, nutrientName } from '@fair-tin/core/model'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleWorkbook } from '../../tests/fixtures/sample'
import { fieldWords, valueWords } from './SheetClashes'

describe('a field in words', () => {
  it.each([
    [['supplier'], 'the supplier'],
    [['allergens', 'milk'], 'milk'],
    [['nutrients', 'fat'], 'fat'],
    [['ovens', 'Deck'], 'the oven Deck'],
    [['crossContact', 'brazilNut big mixer'], 'how it is kept out: Brazil nut, big mixer'],
    [['crossContact', 'gluten'], 'how it is kept out: gluten'],
    [['packs', '1000 1.00 GBP 2026-01-01'], 'a pack'],
  ])('%j', (at, words) => expect(fieldWords(at)).toBe(words))
  it('has a name for every field of every sheet', () => {
    const { kitchen, evidence } = sampleWorkbook([], [])
    const ingredient = sampleIngredient('x', {
      supplier: 'a',
      notes: 'b',
      article: 'c',
      standsFor: 'd',
      labelName: 'e',
    })
    for (const edit of [
      ...sheetEdits('ingredient', {}, ingredient),
      ...sheetEdits('kitchen', {}, { ...kitchen, evidence }),
    ])
      expect(fieldWords(edit.at), edit.at.join('.')).not.toBe(edit.at[0])
    for (const code of [...allergenCodes]) expect(fieldWords(['allergens', code])).not.toMatch(/[a-z][A-Z]/)
    for (const code of nutrientCodes) expect(fieldWords(['nutrients', code])).toBe(nutrientName[code])
  })
})

it.each([
  [null, 'nothing'],
  [true, 'yes'],
  ['Miller', '“Miller”'],
  [12, '12'],
  [[], 'none'],
  [['egg', 'honey'], '“egg” and “honey”'],
  [{ status: 'contains', evidence: 'spec' }, '“contains”'],
  [{ value: 0, source: 'x' }, '0'],
  [{ status: 'mayContain' }, '“may contain”'],
  [{ allergen: 'milk', control: 'notOnSite' }, '“not on site”'],
  [{ atMostMgPerKg: 5 }, '5'],
  [{ gramsPerMl: 0.5 }, 'gramsPerMl 0.5'],
] as const)('%j is said as %s', (value, words) => expect(valueWords(value as never)).toBe(words))
