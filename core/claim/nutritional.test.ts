// Each nutrition claim at its limit, just under and just over. Limits: Regulation (EC) 1924/2006, Annex; 21 CFR 101.54, .60, .62.
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import type { NamedClaim } from '../model/claim'
import type { Ingredient } from '../model/ingredient'
import type { Product } from '../model/product'
import type { ClaimResult } from './verdict'

const source = 'invented'
/** Grams of each in 100 g; all others as the sample has them, or none. */
function of(grams: Record<string, number | undefined>, more: Partial<Ingredient> = {}): Ingredient {
  const base = { fat: 1, saturates: 0.1, carbohydrate: 20, sugars: 0.2, fibre: 1, protein: 2, sodiumMg: 10, ...grams }
  return sampleIngredient('thing', {
    nutrients: Object.fromEntries(
      Object.entries(base).flatMap(([code, value]) => (value === undefined ? [] : [[code, { value, source }]])),
    ),
    ...more,
  })
}
function judged(
  claim: NamedClaim,
  ingredient: Ingredient,
  market: 'uk' | 'eu' | 'us' = 'uk',
  product: Partial<Product> = {},
  loss = 0,
): ClaimResult {
  const book = sampleWorkbook([ingredient], [sampleRecipe('top', [sampleLine('thing', 100)], { bakeLoss: loss })], {
    claims: [claim],
    ...product,
  })
  return assess(book, 'cake', market).claims[0]!
}
const cookie = { category: 'cookie', netWeight: 30, pieces: 1 } as const

describe('nutrition claims at their limits', () => {
  it.each<[NamedClaim, Record<string, number>, 'uk' | 'eu' | 'us', Partial<Product>, ClaimResult['verdict'], string]>([
    [
      'lowFat',
      { fat: 3 },
      'uk',
      {},
      'holds',
      '3.0 g of fat per 100 g, at most 3 allowed (Regulation (EC) 1924/2006, Annex); just at it',
    ],
    ['lowFat', { fat: 3.1 }, 'uk', {}, 'breaks', '3.1 g of fat per 100 g'],
    ['lowSugar', { sugars: 5 }, 'eu', {}, 'holds', '5.0 g of sugars per 100 g, at most 5 allowed'],
    ['lowSugar', { sugars: 3.1 }, 'eu', {}, 'holds', '; 1.9 g under it'],
    ['lowSugar', { sugars: 5.1 }, 'eu', {}, 'breaks', '; 0.1 g over it'],
    ['lowSugar', { sugars: 5.02 }, 'eu', {}, 'breaks', '; 0.02 g over it'],
    ['sugarFree', { sugars: 0.5 }, 'uk', {}, 'holds', '0.5 g of sugars per 100 g, at most 0.5 allowed'],
    ['sugarFree', { sugars: 0.6 }, 'uk', {}, 'breaks', '0.6 g of sugars'],
    ['sourceOfFibre', { fibre: 3 }, 'uk', {}, 'holds', '3.0 g of fibre per 100 g'],
    ['sourceOfFibre', { fibre: 2.9, carbohydrate: 80 }, 'uk', {}, 'breaks', '3 or 1.5 needed'],
    // little energy: 1.5 g of fibre for each 100 kcal is enough
    [
      'sourceOfFibre',
      { fibre: 2, fat: 0, carbohydrate: 20, protein: 2 },
      'uk',
      {},
      'holds',
      'per 100 kcal; 3 or 1.5 needed',
    ],
    ['highFibre', { fibre: 6 }, 'uk', {}, 'holds', '6.0 g of fibre per 100 g'],
    ['highFibre', { fibre: 6.5 }, 'uk', {}, 'holds', '; 0.5 g over it'],
    ['highFibre', { fibre: 5.9, carbohydrate: 80 }, 'uk', {}, 'breaks', '6 or 3 needed'],
    // 12 % of the energy: 12 × 4 = 48 of 400
    [
      'sourceOfProtein',
      { protein: 12, carbohydrate: 88, fat: 0, fibre: 0 },
      'uk',
      {},
      'holds',
      '12 % of the energy is protein, 12 % needed',
    ],
    [
      'sourceOfProtein',
      { protein: 11, carbohydrate: 89, fat: 0, fibre: 0 },
      'uk',
      {},
      'breaks',
      '11 % of the energy is protein',
    ],
    // US, per reference amount of a cookie, 30 g; a small one is judged by 50 g as well
    ['lowFat', { fat: 6 }, 'us', cookie, 'holds', '3.0 g of fat per 50 g, at most 3 allowed'],
    ['lowFat', { fat: 6.2 }, 'us', cookie, 'breaks', '3.1 g of fat per 50 g'],
    ['lowFat', { fat: 3.7 }, 'us', { category: 'mediumCake', netWeight: 80 }, 'holds', 'per 80 g'],
    ['lowFat', { fat: 3.9 }, 'us', { category: 'mediumCake', netWeight: 80 }, 'breaks', '3.1 g of fat per 80 g'],
    ['sugarFree', { sugars: 1.6 }, 'us', cookie, 'holds', 'under 0.5 allowed'],
    ['sugarFree', { sugars: 1.7 }, 'us', cookie, 'breaks', '0.5 g of sugars per 30 g, under 0.5 allowed'],
    ['sourceOfFibre', { fibre: 9.4 }, 'us', cookie, 'holds', '2.8 g of fibre per 30 g; 2.8 needed'],
    ['sourceOfFibre', { fibre: 9 }, 'us', cookie, 'breaks', '2.7 g of fibre per 30 g'],
    ['highFibre', { fibre: 18.7 }, 'us', cookie, 'holds', '5.6 g of fibre per 30 g; 5.6 needed'],
    ['highFibre', { fibre: 18 }, 'us', cookie, 'breaks', '5.4 g of fibre'],
  ])('%s with %o in %s %o', (claim, grams, market, product, verdict, fact) => {
    const result = judged(claim, of(grams), market, product)
    expect([result.verdict, result.because.map(one => one.fact).join('; ')]).toEqual([
      verdict,
      expect.stringContaining(fact),
    ])
  })
  it('a small pack is judged by its own serving too, where the market says so', () => {
    // one muffin of 200 g is the serving: 0.27 g in 100 g are 0.54 g in it
    const big = { category: 'muffin', netWeight: 200, pieces: 1 } as const
    expect(judged('sugarFree', of({ sugars: 0.27 }), 'us', big).verdict).toBe('breaks')
    expect(judged('sugarFree', of({ sugars: 0.2 }), 'us', big).verdict).toBe('holds')
  })
  it('water that bakes out makes it more', () => {
    expect(judged('lowSugar', of({ sugars: 4.6 }), 'uk', {}, 0.1)).toMatchObject({ verdict: 'breaks' })
    expect(judged('lowSugar', of({ sugars: 4.6 }), 'uk', {}, 0.05)).toMatchObject({ verdict: 'holds' })
  })
  it('a value that is not known proves nothing, and says whose it is', () => {
    for (const [claim, code, name] of [
      ['lowFat', 'fat', 'fat'],
      ['sugarFree', 'sugars', 'sugars'],
      ['highFibre', 'fibre', 'fibre and energy (kcal)'],
    ] as const)
      expect(judged(claim, of({ [code]: undefined }))).toMatchObject({
        verdict: 'unproven',
        because: [
          {
            fact: expect.stringContaining(`${name} not known for thing`),
            mend: 'Add the missing values in the larder.',
          },
        ],
      })
    const none = judged('sourceOfProtein', of({ protein: undefined }))
    expect([none.verdict, none.because[0]!.fact]).toEqual(['unproven', expect.stringContaining('protein and energy')])
  })
  it('a claim the market does not have breaks there, and one by quality is for somebody competent', () => {
    expect(judged('lowSugar', of({}), 'us', cookie)).toMatchObject({
      verdict: 'breaks',
      because: [
        {
          fact: expect.stringContaining('has no such claim, so it cannot be printed there'),
          mend: 'Leave it off in this market.',
        },
      ],
    })
    expect(judged('sourceOfProtein', of({ protein: 50 }), 'us', cookie)).toMatchObject({
      verdict: 'unproven',
      because: [{ fact: expect.stringContaining('counts protein by its quality') }],
    })
  })
  it('without the kind of bake nothing is judged per reference amount', () => {
    for (const claim of ['lowFat', 'sugarFree', 'highFibre', 'sourceOfFibre'] as const)
      expect(judged(claim, of({ fibre: 30 }), 'us')).toMatchObject({
        verdict: 'unproven',
        because: [{ mend: 'Say what kind of bake it is, under About.' }],
      })
  })
  it('US: what is a sugar, or is taken for one, breaks sugar free whatever the figure; unsaid, it proves nothing', () => {
    const traits = sampleIngredient('x').traits
    const few = (sweetening: Ingredient['traits']['sweetening']) =>
      of({ sugars: 0 }, { traits: { ...traits, sweetening: sweetening! } })
    for (const one of ['sugar', 'syrup', 'juiceConcentrate'] as const)
      expect(judged('sugarFree', few([one]), 'us', cookie)).toMatchObject({
        verdict: 'breaks',
        because: [{ fact: 'it is a sugar, or is taken for one' }],
        marks: ['breaks'],
      })
    expect(judged('sugarFree', few(['polyol']), 'us', cookie).verdict).toBe('holds')
    const { sweetening: _, ...rest } = traits
    expect(judged('sugarFree', of({ sugars: 0 }, { traits: rest }), 'us', cookie)).toMatchObject({
      verdict: 'unproven',
      because: [{ fact: 'nobody has said whether it sweetens' }],
    })
    expect(judged('sugarFree', of({ sugars: 0 }, { name: 'agave syrup' }), 'us', cookie).verdict).toBe('unproven')
    // and in the EU the figure alone decides
    expect(judged('sugarFree', few(['sugar']), 'eu').verdict).toBe('holds')
  })
  it('keto by another name is low carbohydrate: nowhere does it hold', () => {
    expect(judged('keto', of({}), 'uk')).toMatchObject({
      verdict: 'breaks',
      because: [
        {
          fact: expect.stringContaining('permits no low-carbohydrate claim'),
          mend: 'Show the carbohydrate figure instead.',
        },
      ],
    })
    expect(judged('keto', of({}), 'us')).toMatchObject({
      verdict: 'unproven',
      because: [{ fact: expect.stringContaining('does not define it') }],
    })
  })
})
