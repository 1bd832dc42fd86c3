import { describe, expect, it } from 'vitest'
import { sampleDay, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { typicalGramsPerMl } from '../measure/density'
import { allergenCodes } from '../model/allergen'
import { Ingredient } from '../model/ingredient'
import { doubtsAbout } from '../nutrition/plausible'
import { stems } from '../words/stem'
import { mentions } from './lexicon'
import { freeByNature, isFreeByNature } from './nature'
import { starterShelf } from './starterShelf'

const things = starterShelf.map(one => one.ingredient)
const named = (name: string) => things.find(one => one.name === name)!

describe('the starter shelf', () => {
  it('holds about 130 things, each once, each readable', () => {
    expect(things.length).toBeGreaterThanOrEqual(120)
    expect(new Set(things.map(one => one.id)).size).toBe(things.length)
    for (const one of things) expect(Ingredient.safeParse(one).error?.issues, one.name).toBeUndefined()
  })
  it('keeps its things apart by the stems of their names', () => {
    const keys = things.map(one => stems(one.name, 1).join(' '))
    expect(keys.filter((key, at) => keys.indexOf(key) !== at)).toEqual([])
  })
  it('knows one thing and several of it alike', () => {
    const severalOf = (name: string) => name.replace(/(?<=[^aeiou])y$/, 'ie').replace(/(?<=ch|sh|s|x)$/, 'e')
    for (const name of freeByNature) expect(isFreeByNature({ name: `${severalOf(name)}s` }), name).toBe(true)
  })
  it('says of every value that it is typical and from memory, and none that cannot be', () => {
    for (const one of things) {
      for (const fact of Object.values(one.nutrients)) expect(fact.source).toMatch(/from memory: replace/)
      const doubts = doubtsAbout(code => one.nutrients[code]?.value)
      expect(
        doubts.map(doubt => doubt.message),
        one.name,
      ).toEqual([])
    }
  })
  it('answers for no allergen but what is in the nature of the thing', () => {
    for (const one of things)
      for (const code of allergenCodes) {
        const status = one.allergens[code]?.status
        if (status === 'contains') continue
        if (status === 'free') expect(isFreeByNature(one), one.name).toBe(true)
        else expect(status, `${one.name} ${code}`).toBeUndefined()
      }
  })
  it('names its own allergens: what its name speaks of, it contains', () => {
    for (const one of things)
      for (const { code } of mentions(one.name))
        expect(one.allergens[code]?.status, `${one.name} ${code}`).toBe('contains')
  })
  it('proves no claim by itself: a bake made of it is unproven, or breaks', () => {
    const flour = named('white rice flour')
    const workbook = sampleWorkbook([flour], [sampleRecipe('cake', [sampleLine(flour.id, 100)])], {
      claims: ['glutenFree', 'dairyFree', 'nutFree'],
    })
    for (const claim of assess({ ...workbook, today: sampleDay }, 'cake', 'uk').claims)
      expect(claim.verdict).toBe('unproven')
  })
  // common practice: trade weights of measures and edible shares
  it.each([
    ['caster sugar', 200, 2],
    ['coconut flour', 108, 6],
    ['ground almonds', 104, 8],
    ['dark chocolate drops', 170, 6],
  ] as const)('a cup of %s is about %d g', (name, grams, percent) => {
    const cup = named(name).measures[0]!.gramsPerMl! * 236.588
    expect(Math.abs(cup / grams - 1) * 100).toBeLessThanOrEqual(percent)
  })
  it.each([
    ['bananas', 0.64],
    ['pineapple', 0.5],
    ['plums', 0.94],
    ['avocados', 0.7],
  ] as const)('of %s the edible share is %d', (name, share) => expect(named(name).measures[0]!.ediblePart).toBe(share))
  it('weighs a cup as the table of typical weights does: one truth for one density', () => {
    const both = things.filter(one => typicalGramsPerMl(one.name) !== null)
    expect(both.length).toBeGreaterThan(30)
    for (const one of both) expect(one.measures[0]!.gramsPerMl, one.name).toBe(typicalGramsPerMl(one.name))
  })
})
