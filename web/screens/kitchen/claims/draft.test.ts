import { carbohydrateCounts, HouseRule, refusedKinds, ruledClaims } from '@fair-tin/core/model'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { claimOfDraft, newRule, ruleDraft, rulesFrom, startingWith } from './draft'

const word = fc.stringMatching(/^[a-zé]{2,12}( [a-z]{2,8})?$/)
const anyRule = fc
  .record(
    {
      claim: fc.oneof(
        fc.constantFrom(...ruledClaims),
        word.map(name => `house:${name}` as const),
      ),
      words: fc.uniqueArray(word, { minLength: 1, maxLength: 4 }),
      kinds: fc.uniqueArray(fc.constantFrom(...refusedKinds)),
      but: fc.uniqueArray(word, { minLength: 1, maxLength: 3 }),
      carbohydrate: fc.record({
        counted: fc.constantFrom(...carbohydrateCounts),
        atMost: fc.integer({ min: 0, max: 1000 }).map(tenths => tenths / 10),
        per: fc.constantFrom('100g' as const, 'piece' as const),
      }),
    },
    { requiredKeys: ['claim', 'words', 'kinds'] },
  )
  .filter(rule => rule.claim !== 'keto' || rule.carbohydrate !== undefined)
  .map(rule => HouseRule.parse(rule))

describe('the form of the house’s claims', () => {
  it('kept untouched it changes nothing', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyRule, { selector: one => one.claim, maxLength: 5 }), rules => {
        expect(rulesFrom(rules.map(ruleDraft))).toEqual({ values: rules })
      }),
    )
  })
  it('says at its own list what is missing, and keeps none of it then', () => {
    const [bare, named, twice] = [
      newRule(),
      { ...newRule(), name: 'flourless' },
      { ...newRule(), name: 'x y', words: 'ab' },
    ]
    const out = rulesFrom([bare, named, twice, { ...twice, key: 'again', name: 'X  y' }])
    if (!('problems' in out)) return expect.fail('it was kept')
    expect([...out.problems]).toEqual([
      [bare.key, expect.stringContaining('name of 2 to 60 letters')],
      [named.key, expect.stringContaining('Say what must not be in it')],
      ['again', 'There is a list of that name already.'],
    ])
    const doubtful = { ...newRule(), name: 'few carbs', counted: 'total' as const, atMost: '1,000' }
    expect('problems' in rulesFrom([doubtful])).toBe(true)
    expect('problems' in rulesFrom([{ ...doubtful, atMost: '' }])).toBe(true)
  })
  it('reads words by rows and commas, each once', () => {
    const draft = { ...newRule(), name: ' no  white flour ', words: 'white flour, plain flour\n\nwhite flour' }
    expect(rulesFrom([draft])).toEqual({
      values: [{ claim: 'house:no white flour', words: ['white flour', 'plain flour'], kinds: [] }],
    })
  })
  it('begins with the list that is there without one, and leaves what was typed', () => {
    expect(startingWith(newRule(), 'paleo').kinds).toEqual(['grain', 'legume', 'milk', 'refinedSugar'])
    expect(startingWith({ ...newRule(), words: 'cocoa' }, 'paleo').kinds).toEqual([])
    expect(claimOfDraft(startingWith({ ...newRule(), name: 'mine' }, 'keto'))).toBe('keto')
  })
})
