import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { checkAlternatives, withAlternative } from './alternatives'
import { assess } from './assess'

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

describe('what may be used instead', () => {
  const verdicts = (of: typeof workbook, asWritten = false) =>
    Object.fromEntries(assess(of, 'cake', 'uk', { factor: 1 }, asWritten).claims.map(one => [one.claim, one.verdict]))
  it('counts in the verdict: a claim holds only with every one of them, and says with which it does not', () => {
    expect(verdicts(workbook, true)).toMatchObject({ dairyFree: 'holds', vegan: 'holds', eggFree: 'holds' })
    expect(verdicts(workbook)).toMatchObject({ dairyFree: 'breaks', vegan: 'breaks', eggFree: 'unproven' })
    const { claims, declaration, bill } = assess(workbook, 'cake', 'uk')
    const dairy = claims.find(one => one.claim === 'dairyFree')!
    expect(dairy.because[0]!.fact).toBe('with butter instead, which may be used: contains milk')
    expect(dairy.marks[bill.lines.findIndex(one => one.line === line.id)]).toBe('breaks')
    expect(declaration.claims).not.toContain('dairy-free')
    expect(declaration.problems.map(one => one.what)).toContain(
      'It is open which is used: oil or butter or gone or rapeseed.',
    )
  })
  it('counts in a part too, and not what is only served beside', () => {
    const inPart = (role: 'mix' | 'beside') =>
      verdicts({
        ...workbook,
        recipes: [
          sampleRecipe('cake', [sampleLine('part:base', 100), sampleLine('oil', 10)]),
          sampleRecipe('base', [
            sampleLine('oil', 10),
            { ...sampleLine('oil', 10, { role }), alternatives: [{ ingredient: 'butter' }] },
          ]),
        ],
      }).dairyFree
    expect([inPart('mix'), inPart('beside')]).toEqual(['breaks', 'holds'])
  })
  it('of more things than can be judged each leaves every claim unproven, and is no work', () => {
    const many = Array.from({ length: 400 }, (_, at) => ({
      ...sampleLine('oil', 1),
      id: `many ${at}`,
      alternatives: Array.from({ length: 20 }, () => ({ ingredient: 'rapeseed' })),
    }))
    const { claims } = assess({ ...workbook, recipes: [sampleRecipe('cake', many)] }, 'cake', 'uk')
    expect(new Set(claims.map(one => one.verdict))).toEqual(new Set(['unproven']))
    expect(claims[0]!.because[0]!.fact).toBe('8000 other things may be used instead, too many to judge each')
  })
})
