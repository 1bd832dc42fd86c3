import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { NamedClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { Line } from '../model/recipe'
import { asksWhetherSweetens } from './byTrait'
import type { ClaimResult } from './verdict'

const traits = sampleIngredient('x').traits
type Change = Partial<Ingredient['traits']>
/** An ingredient of a plain name with some of its kinds changed. */
const kind = (change: Change, name = 'thing', more: Partial<Ingredient> = {}): Ingredient =>
  sampleIngredient(name, { traits: { ...traits, ...change }, ...more })
/** With kinds that nobody has answered. */
const unsaid = (key: keyof Ingredient['traits'], name = 'thing'): Ingredient => {
  const { [key]: _, ...rest } = traits
  return sampleIngredient(name, { traits: rest })
}
function judged(
  claim: NamedClaim,
  ingredient: Ingredient,
  line: Partial<Line> = {},
  market: 'uk' | 'us' = 'uk',
): ClaimResult {
  const book = sampleWorkbook([ingredient], [sampleRecipe('top', [sampleLine(ingredient.id, 100, line)])], {
    claims: [claim],
  })
  return assess(book, 'cake', market).claims[0]!
}

describe('claims by what an ingredient is', () => {
  it.each<[NamedClaim, string, Ingredient, ClaimResult['verdict'], string, Partial<Line>?]>([
    ...(['milk', 'egg', 'honey', 'gelatine', 'meat', 'fish', 'insect'] as const).map(
      (one): [NamedClaim, string, Ingredient, 'breaks', string] => [
        'vegan',
        one,
        kind({ animal: [one] }),
        'breaks',
        `made with ${one}`,
      ],
    ),
    ['vegan', 'two of them', kind({ animal: ['milk', 'honey'] }), 'breaks', 'made with milk and honey'],
    ['vegan', 'plain', kind({}), 'holds', 'nothing stands against it'],
    ['vegan', 'unsaid', unsaid('animal'), 'unproven', 'nobody has said whether anything in it comes from an animal'],
    ['vegan', 'a word', kind({}, 'honey glaze'), 'unproven', 'honey'],
    ...(['milk', 'egg', 'fish', 'crustaceans', 'molluscs'] as const).map(
      (one): [NamedClaim, string, Ingredient, 'breaks', string] => [
        'vegan',
        `contains ${one}`,
        carrying('thing', one, 'contains'),
        'breaks',
        `contains ${one}`,
      ],
    ),
    ...(['gelatine', 'meat', 'fish', 'insect'] as const).map(
      (one): [NamedClaim, string, Ingredient, 'breaks', string] => [
        'vegetarian',
        one,
        kind({ animal: [one] }),
        'breaks',
        `made with ${one}`,
      ],
    ),
    [
      'vegetarian',
      'milk, egg and honey',
      kind({ animal: ['milk', 'egg', 'honey'] }),
      'holds',
      'nothing stands against it',
    ],
    ['vegetarian', 'contains milk', carrying('thing', 'milk', 'contains'), 'holds', 'nothing stands against it'],
    ['vegetarian', 'contains molluscs', carrying('thing', 'molluscs', 'contains'), 'breaks', 'contains molluscs'],
    ['vegetarian', 'a word', kind({}, 'beef gelatine'), 'unproven', 'gelatine'],
    ['noAddedSugar', 'sugar', kind({ sweetening: ['sugar'] }), 'breaks', 'it is sugar: added sugars'],
    [
      'noAddedSugar',
      'syrup and concentrate',
      kind({ sweetening: ['syrup', 'juiceConcentrate'] }),
      'breaks',
      'it is a syrup and concentrated juice: added sugars',
    ],
    [
      'noAddedSugar',
      'rare sugar',
      kind({ sweetening: ['rareSugar'] }),
      'breaks',
      'it is a rare sugar, which is a sugar here: added sugars',
    ],
    [
      'noAddedSugar',
      'stated',
      sampleIngredient('thing', { nutrients: { addedSugars: { value: 1, source: 'x' } } }),
      'breaks',
      'its nutrition states added sugars',
    ],
    [
      'noAddedSugar',
      'stated as none',
      sampleIngredient('thing', { nutrients: { addedSugars: { value: 0, source: 'x' } } }),
      'holds',
      'nothing stands against it',
    ],
    ['noAddedSugar', 'unsaid', unsaid('sweetening'), 'unproven', 'nobody has said whether it sweetens'],
    ['noAddedSugar', 'a word', kind({}, 'maple syrup'), 'unproven', 'syrup'],
    [
      'noAddedSugar',
      'fruit, not said',
      kind({ sweetening: ['wholeFruit'] }),
      'unproven',
      'nobody has said whether it is',
    ],
    [
      'noAddedSugar',
      'fruit, to sweeten',
      kind({ sweetening: ['wholeFruit'] }),
      'breaks',
      'used to sweeten: added sugars',
      { sweetens: true },
    ],
    [
      'noAddedSugar',
      'fruit, for itself',
      kind({ sweetening: ['wholeFruit'] }),
      'holds',
      'not there to sweeten',
      { sweetens: false },
    ],
    ['noAddedSugar', 'purée', kind({ sweetening: ['fruitPuree'] }), 'unproven', 'nobody has said whether it is'],
    [
      'noAddedSugar',
      'a polyol put down to sweeten',
      kind({ sweetening: ['polyol'] }),
      'holds',
      'nothing stands against it',
      { sweetens: true },
    ],
    [
      'noAddedSugar',
      'intense, put down to sweeten',
      kind({ sweetening: ['intense'] }),
      'holds',
      'nothing stands against it',
      { sweetens: true },
    ],
    [
      'noAddedSugar',
      'anything else put down to sweeten',
      kind({}),
      'breaks',
      'used to sweeten: added sugars',
      { sweetens: true },
    ],
    ['grainFree', 'no grain', kind({}), 'holds', 'nothing stands against it'],
    ['grainFree', 'a cereal', kind({ grain: ['other'] }), 'breaks', 'it is a grain, or made from one'],
    ['grainFree', 'contains rye', carrying('thing', 'rye', 'contains'), 'breaks', 'contains a cereal'],
    ['grainFree', 'unsaid', unsaid('grain'), 'unproven', 'nobody has said whether it is a grain'],
    ['grainFree', 'a word', kind({}, 'rice bran'), 'unproven', 'rice'],
    ['refinedSugarFree', 'none', kind({}), 'holds', 'nothing stands against it'],
    [
      'refinedSugarFree',
      'refined sugar',
      kind({ sweetening: ['sugar'], refined: true }, 'thing'),
      'breaks',
      'it is a refined sugar',
    ],
    [
      'refinedSugarFree',
      'refined syrup',
      kind({ sweetening: ['syrup'], refined: true }, 'thing'),
      'breaks',
      'it is a refined sugar',
    ],
    [
      'refinedSugarFree',
      'unrefined',
      kind({ sweetening: ['syrup'], refined: false }, 'thing'),
      'holds',
      'nothing stands against it',
    ],
    [
      'refinedSugarFree',
      'fruit is no sugar',
      kind({ sweetening: ['wholeFruit'], refined: true }, 'thing'),
      'holds',
      'nothing stands against it',
    ],
    [
      'refinedSugarFree',
      'nobody said whether it sweetens',
      unsaid('sweetening'),
      'unproven',
      'nobody has said whether it sweetens',
    ],
    ['paleo', 'nothing of it', kind({}), 'holds', 'nothing stands against it'],
    ['paleo', 'milk by its kind', kind({ animal: ['milk'] }), 'breaks', 'contains milk'],
    ['paleo', 'contains milk', carrying('thing', 'milk', 'contains'), 'breaks', 'contains milk'],
    ['paleo', 'a word for milk', kind({}, 'ghee'), 'unproven', 'its words speak of milk'],
    ['paleo', 'grain', kind({ grain: ['other'] }), 'breaks', 'it is a grain'],
    ['paleo', 'legume', kind({ legume: true }), 'breaks', 'it is a legume'],
    ...(['grain', 'legume', 'animal'] as const).map((one): [NamedClaim, string, Ingredient, 'unproven', string] => [
      'paleo',
      `${one} unsaid`,
      unsaid(one),
      'unproven',
      `nobody has said whether it is ${{ grain: 'a grain', legume: 'a legume', animal: 'from milk' }[one]}`,
    ]),
    ['paleo', 'a legume by its name', kind({}, 'lentils'), 'unproven', 'lentil'],
    ['paleo', 'refined sugar', kind({ sweetening: ['sugar'], refined: true }), 'breaks', 'it is a refined sugar'],
  ])('%s: %s', (claim, _, ingredient, verdict, fact, line) => {
    const result = judged(claim, ingredient, line)
    expect(result.verdict).toBe(verdict)
    expect(
      result.grounds
        .filter(one => one.verdict === verdict)
        .map(one => one.reason.fact)
        .join('; '),
    ).toContain(fact)
    // what does not hold says what to do, or what it is
    expect(result.marks).toEqual([verdict])
  })
  it('nobody has said whether it is refined: unproven', () => {
    const { refined: _, ...rest } = { ...traits, sweetening: ['sugar' as const] }
    const result = judged('refinedSugarFree', sampleIngredient('thing', { traits: rest }))
    expect([result.verdict, result.because[0]?.fact]).toEqual(['unproven', 'nobody has said whether it is refined'])
  })
  it('a rare sugar is added sugar where the market says so', () => {
    expect(judged('noAddedSugar', kind({ sweetening: ['rareSugar'] }), {}, 'us').verdict).toBe('holds')
    expect(judged('noAddedSugar', kind({ sweetening: ['syrup'] }), {}, 'us').verdict).toBe('breaks')
  })
  it('a may-contain is shown beside vegan and hides nothing', () => {
    const result = judged('vegan', carrying('thing', 'egg', 'mayContain'))
    expect([result.verdict, result.marks]).toEqual(['holds', ['mayContain']])
    expect(result.because[0]!.fact).toContain('may contain')
    expect(result.note).toBe('Vegan does not mean free from allergens.')
    expect(judged('vegetarian', carrying('thing', 'egg', 'mayContain')).note).toBeUndefined()
  })
  it('what is served beside is judged by none', () => {
    const book = sampleWorkbook(
      [kind({}), kind({ animal: ['milk'] }, 'side')],
      [sampleRecipe('top', [sampleLine('thing', 100), sampleLine('side', 10, { role: 'beside' })])],
      { claims: ['vegan'] },
    )
    expect(assess(book, 'cake', 'uk').claims[0]).toMatchObject({ verdict: 'holds', marks: ['holds', null] })
  })
  it.each<[string, Ingredient, boolean]>([
    ['date paste by its kind', kind({ sweetening: ['fruitPuree'] }), true],
    ['whole fruit', kind({ sweetening: ['wholeFruit'] }), true],
    ['milk powder', kind({}, 'skimmed milk powder'), true],
    ['whey solids', kind({}, 'whey solids'), true],
    ['dried whole milk', kind({}, 'dried whole milk'), true],
    ['milk permeate in it', kind({}, 'thing', { composition: [{ name: 'permeate' }] }), true],
    ['milk', kind({}, 'milk'), false],
    ['sugar', kind({ sweetening: ['sugar'] }), false],
    ['nobody said', unsaid('sweetening'), false],
  ])('is asked whether it sweetens: %s', (_, ingredient, asked) => expect(asksWhetherSweetens(ingredient)).toBe(asked))
  it('each law-less claim says so', () => {
    for (const claim of ['grainFree', 'refinedSugarFree', 'paleo'] as const)
      expect(judged(claim, kind({})).note).toContain('Not defined in law')
  })
})
