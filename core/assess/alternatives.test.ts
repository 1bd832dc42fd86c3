import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { checkAlternatives, withAlternative } from './alternatives'

const line = sampleLine('oil', 100, {
  alternatives: [{ ingredient: 'butter' }, { ingredient: 'gone' }, { ingredient: 'rapeseed' }],
})
const workbook = sampleWorkbook(
  [
    sampleIngredient('oil'),
    sampleIngredient('rapeseed'),
    carrying('butter', 'milk', 'contains', { traits: { animal: ['milk'] } }),
  ],
  [sampleRecipe('cake', [line, sampleLine('oil', 50)])],
)

describe('alternatives', () => {
  const [butter, gone, rapeseed] = checkAlternatives(workbook, 'cake', 'uk')
  it('each says what it would do to claims and allergens', () => {
    expect(butter).toMatchObject({
      ingredient: 'butter',
      allergens: [{ allergen: 'milk', before: 'free', after: 'contains' }],
    })
    expect(butter!.claims).toContainEqual({ claim: 'dairyFree', before: 'holds', after: 'breaks' })
    expect(rapeseed).toMatchObject({ claims: [], allergens: [] })
  })
  it('one that is no longer in the larder proves nothing', () =>
    expect(gone!.claims.filter(one => one.claim === 'dairyFree')).toEqual([
      { claim: 'dairyFree', before: 'holds', after: 'unproven' },
    ]))
  it('swapped and swapped back is the line as it was', () =>
    expect(withAlternative(withAlternative(line, 'butter'), 'oil')).toEqual(line))
})
