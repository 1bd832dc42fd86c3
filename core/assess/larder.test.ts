import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleDay, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { kindConflicts } from '../ingredient/kindWords'
import { allergenCodes } from '../model/allergen'
import type { Component, Ingredient } from '../model/ingredient'
import { assess } from './assess'
import { proofStateOf } from './larder'

const within = { today: sampleDay, kitchen: {} }
const papers = fc.subarray([
  { id: 'spec', kind: 'specification', reference: 'S', dated: '2026-01-01', expires: '2027-06-01' },
  { id: 'old', kind: 'certificate', reference: 'C', dated: '2025-01-01', expires: '2025-12-31' },
  { id: 'soon', kind: 'test', reference: 'T', dated: '2026-01-01', expires: '2026-12-01' },
  { id: 'own', kind: 'ownKnowledge', reference: 'she says', dated: '2026-01-01' },
] as Ingredient['evidence'])
const status = fc.constantFrom('contains', 'mayContain', 'free', 'unknown' as const)
const ingredient: fc.Arbitrary<Ingredient> = fc
  .record({
    name: fc.constantFrom('salt', 'flour mix', 'butter', 'almond paste', 'water'),
    notes: fc.constantFrom('', 'smells of sesame'),
    composition: fc.constantFrom<Component[][]>(
      [],
      [{ name: 'barley malt' }],
      [{ name: 'whey powder', components: [{ name: 'milk' }] }],
    ),
    animal: fc.constantFrom<'egg'[]>([], ['egg']),
    evidence: papers,
    facts: fc.array(fc.record({ status, evidence: fc.constantFrom('spec', 'old', 'soon', 'own', 'lost', undefined) }), {
      minLength: allergenCodes.length,
      maxLength: allergenCodes.length,
    }),
  })
  .map(({ facts, animal, ...rest }) => ({
    ...sampleIngredient('thing', rest),
    id: 'thing',
    traits: { ...sampleIngredient('thing').traits, animal },
    allergens: Object.fromEntries(
      allergenCodes.map((code, at) => {
        const { status, evidence } = facts[at]!
        return [code, { status, ...(evidence === undefined ? {} : { evidence }) }]
      }),
    ),
  }))

describe('what the larder says of an ingredient', () => {
  it('is what the bench says: a conflict is one in both rooms, and in force leaves no absence of it unproven', () => {
    fc.assert(
      fc.property(ingredient, thing => {
        const { state } = proofStateOf(thing, within)
        const book = sampleWorkbook([thing], [sampleRecipe('cake', [sampleLine('thing', 100)])])
        const { allergens } = assess(book, 'cake', 'uk')
        const because = allergenCodes.flatMap(code => allergens[code].because)
        const conflict =
          kindConflicts(thing).length > 0 ||
          because.some(reason => /speaks of|its kind says it is made from/.test(reason.fact))
        expect(state === 'conflict').toBe(conflict)
        if (state === 'inForce' || state === 'soon')
          expect(because.filter(reason => reason.fact.startsWith('put down as free of'))).toEqual([])
      }),
      { numRuns: 150 },
    )
  })
  it.each([
    ['a specification in force', {}, 'inForce', 'until 1 June 2027'],
    ['nothing on file', { evidence: [], allergens: {} }, 'none', 'nothing on file'],
    ['a thing free by nature', { name: 'salt', evidence: [], allergens: {} }, 'inForce', 'by nature'],
    [
      'a word in its list',
      { composition: [{ name: 'whey' }] },
      'conflict',
      '“whey” speaks of milk, yet it is put down as free of it',
    ],
    [
      'a proof that is not on file',
      { evidence: [{ ...sampleIngredient('x').evidence[0]!, id: 'other' }] },
      'out',
      'put down as free of wheat, but its proof “spec” is not on file',
    ],
  ] as const)('%s', (_, change, state, words) =>
    expect(proofStateOf(sampleIngredient('paste', change as Partial<Ingredient>), within)).toEqual({ state, words }),
  )
})
