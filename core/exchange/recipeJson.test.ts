import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient } from '../../tests/fixtures/sample'
import { type Line, type Recipe, roles } from '../model/recipe'
import { unitCodes } from '../model/unit'
import { readRecipeFile, recipeFile } from './recipeJson'
import { ownRecipeIn, recipeJsonLd } from './recipeJsonLd'

const things = ['brown rice flour', 'plums', 'sea salt'].map(name =>
  sampleIngredient(name.replace(/ /g, '-'), { name }),
)
const part: Recipe = { id: 'blend', version: 3, name: 'House blend', lines: [], steps: [] }
const frozen: Recipe = { ...part, id: 'blend@2', version: 2, name: 'House blend (version 2)' }

const words = fc.string({ minLength: 1, maxLength: 30 }).map(text => `a${text}`)
const amount = fc.record(
  {
    value: fc.double({ min: 0.01, max: 9999, noNaN: true }),
    unit: fc.constantFrom(...unitCodes),
    upTo: fc.double({ min: 10_000, max: 20_000, noNaN: true }),
  },
  { requiredKeys: ['value', 'unit'] },
)
const line: fc.Arbitrary<Line> = fc.record(
  {
    id: fc.uuid(),
    of: fc.constantFrom<Line['of']>(
      { ingredient: 'plums' },
      { ingredient: 'sea-salt' },
      { recipe: 'blend' },
      { recipe: 'blend', version: 2 },
    ),
    text: words,
    amount: fc.option(amount),
    plus: fc.array(amount, { maxLength: 2 }),
    form: words,
    prep: words,
    role: fc.constantFrom(...roles),
    afterBake: fc.boolean(),
    heading: words,
    weighed: fc.constantFrom('prepared' as const, 'bought' as const),
    retained: fc.double({ min: 0, max: 1, noNaN: true }),
    declareAs: fc.constantFrom('compound' as const, 'merged' as const),
    optional: fc.boolean(),
    alternatives: fc.constant([{ ingredient: 'brown-rice-flour' }]),
    approximate: fc.boolean(),
  },
  { requiredKeys: ['id', 'of', 'amount', 'role'] },
)
const recipe: fc.Arbitrary<Recipe> = fc.record(
  {
    id: fc.constant('cake'),
    version: fc.integer({ min: 1, max: 99 }),
    name: words.map(text => text.trim()),
    lines: fc.array(line, { maxLength: 6 }),
    steps: fc.array(
      fc.record({ text: words, when: fc.constantFrom('ahead' as const, 'bench' as const, 'oven' as const) }),
      { maxLength: 3 },
    ),
    tin: fc.constantFrom<NonNullable<Recipe['tin']>>(
      { shape: 'ring', diameter: 20, hole: 6, depth: 8 },
      { shape: 'cups', count: 12, volumeMl: 90 },
    ),
    tins: fc.integer({ min: 1, max: 9 }),
    pieces: fc.integer({ min: 1, max: 99 }),
    bakeLoss: fc.double({ min: 0, max: 0.9, noNaN: true }),
  },
  { requiredKeys: ['id', 'version', 'name', 'lines', 'steps'] },
)
const throughText = (value: unknown) => JSON.stringify(value)

describe('a recipe in a file', () => {
  it('written and read back is the same, as our own file and inside JSON-LD', () => {
    fc.assert(
      fc.property(recipe, one => {
        const same = JSON.parse(JSON.stringify(one))
        const own = readRecipeFile(JSON.parse(throughText(recipeFile(one, things, [one, part, frozen]))))
        expect(own).toMatchObject({ recipe: same })
        expect(ownRecipeIn(throughText(recipeFile(one, things, [one, part, frozen])))).toEqual(own)
        const carried = ownRecipeIn(throughText(recipeJsonLd(one, things, [one, part, frozen])))
        expect(carried).toEqual(own)
      }),
      { numRuns: 150 },
    )
  })
  it('brings every part at any depth, frozen ones too, and the names of what they are made of', () => {
    const inner: Recipe = { ...part, lines: [{ id: 'a', of: { ingredient: 'sea-salt' }, amount: null, role: 'mix' }] }
    const outer: Recipe = {
      ...part,
      id: 'base',
      lines: [{ id: 'b', of: { recipe: 'blend' }, amount: null, role: 'mix' }],
    }
    const top: Recipe = {
      ...part,
      id: 'top',
      lines: [
        { id: 'c', of: { recipe: 'base' }, amount: null, role: 'mix' },
        { id: 'd', of: { recipe: 'blend', version: 2 }, amount: null, role: 'mix' },
      ],
    }
    const file = recipeFile(top, things, [top, outer, inner, frozen])
    expect(file.parts.map(one => one.id)).toEqual(['base', 'blend', 'blend@2'])
    expect(file.names).toEqual({ 'sea-salt': 'sea salt' })
    // a circle does not turn for ever
    const circle: Recipe = { ...part, id: 'o', lines: [{ id: 'e', of: { recipe: 'o' }, amount: null, role: 'mix' }] }
    expect(recipeFile(circle, things, [circle]).parts).toEqual([])
  })
  it('JSON-LD whose lines somebody changed elsewhere is read as it now says', () => {
    const one: Recipe = {
      ...part,
      id: 'bun',
      lines: [{ id: 'a', of: { ingredient: 'plums' }, amount: { value: 90, unit: 'g' }, role: 'mix' }],
    }
    const page = recipeJsonLd(one, things)
    expect(ownRecipeIn(throughText(page))).toMatchObject({ recipe: { id: 'bun' } })
    expect(ownRecipeIn(throughText({ ...page, recipeIngredient: ['120 g plums'] }))).toBeNull()
  })
  it('says what is wrong with a file of ours, and leaves others alone', () => {
    expect(readRecipeFile({ format: 'fair-tin-recipe', version: 7 })).toEqual({
      problem: 'This file is version 7 of the format; this Fair Tin reads version 1.',
    })
    const damaged = readRecipeFile({ format: 'fair-tin-recipe', version: 1, recipe: { id: 'x' }, parts: [], names: {} })
    expect(damaged).toMatchObject({ problem: expect.stringContaining('“recipe.version”') })
    for (const other of [null, 'text', 3, {}, { format: 'else' }]) expect(readRecipeFile(other)).toBeNull()
    for (const text of ['', '200 g flour', '{', '{"@type":"Recipe","name":"x"}']) expect(ownRecipeIn(text)).toBeNull()
  })
})
