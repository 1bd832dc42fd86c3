import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { assess } from '../assess/assess'
import { refusedWords } from '../label/ownWords'
import type { Product } from '../model/product'
import { claimsIn } from './claimsInText'

describe('claims that a name makes', () => {
  it.each([
    ['Vegan, nut free, no sugar', ['nutFree', 'vegan', 'sugarFree']],
    ['Gluten-free brownie', ['glutenFree']],
    ['Free from dairy cake', ['dairyFree']],
    ['No added sugar loaf', ['noAddedSugar']],
    ['Eggless sponge (GF)', ['glutenFree', 'eggFree']],
    ['Keto lemon bar', ['keto']],
    ['Damson slice', []],
    ['Freeform loaf', []],
    ['Vegetable tart', []],
  ] as const)('%s: %j', (name, claims) => expect(claimsIn(name).map(one => one.claim)).toEqual(claims))
  it('stand between the label and a signature while the verdict does not bear them', () => {
    const what = (product: Partial<Product>) =>
      assess(
        sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])], {
          claims: [],
          ...product,
        }),
        'cake',
        'uk',
      ).declaration.problems.map(one => one.what)
    expect(what({ name: 'Vegan slice' })).toContain('The name says “Vegan”, and nobody has had that checked.')
    expect(what({ name: 'Vegan slice', claims: ['vegan'] }).join()).not.toContain('The name says')
    expect(what({ name: 'Slice', legalName: 'Keto cake', claims: ['keto'] })).toContain(
      'The name says “Keto”, and that breaks.',
    )
  })
  it('what is denied is not claimed', () => {
    for (const text of ['Not vegan brownie', 'this is not gluten free', 'never really nut free', 'It isn’t dairy-free'])
      expect(claimsIn(text)).toEqual([])
    expect(claimsIn('Not only vegan, and nut free').map(one => one.claim)).toEqual(['nutFree', 'vegan'])
  })
  it('are heard in whatever words say that an allergen is not in it, and for whom it is (property)', () => {
    const allergens = [
      ['gluten', 'glutenFree'],
      ['milk', 'dairyFree'],
      ['dairy', 'dairyFree'],
      ['egg', 'eggFree'],
      ['nut', 'nutFree'],
      ['peanut', 'peanutFree'],
      ['soya', 'soyFree'],
      ['sesame', 'sesameFree'],
    ] as const
    const ways = fc.constantFrom<(a: string, b: string) => string>(
      a => `${a}-free`,
      a => `Free from ${a}`,
      a => `Contains no ${a}`,
      a => `made without any ${a}`,
      a => `0 % ${a}`,
      a => `${a}: none`,
      a => `safe for people with a ${a} allergy`,
      a => `${a} allergy friendly`,
      (a, b) => `free from ${b} and ${a}`,
      (a, b) => `Free from ${b}, honey and ${a}.`,
      (a, b) => `No ${b}, honey or ${a}`,
      (a, b) => `${b}- and ${a}-free`,
      () => 'Allergen free',
      () => 'free from all 14 major allergens',
    )
    const around = fc.constantFrom<(text: string) => string>(
      text => text,
      text => `Plum slice, ${text}`,
      text => `Keep cool. ${text}!`,
      text => `Nell says: ${text}`,
    )
    fc.assert(
      fc.property(
        fc.constantFrom(...allergens),
        fc.constantFrom(...allergens),
        ways,
        around,
        ([a, claim], [b], say, put) => {
          const text = put(say(a, b))
          expect(
            claimsIn(text).map(one => one.claim),
            text,
          ).toContain(claim)
          expect(refusedWords(text), text).not.toBeNull()
        },
      ),
      { numRuns: 500 },
    )
  })
  it.each([
    ['suitable for coeliacs', ['glutenFree']],
    ['Coeliac-friendly loaf', ['glutenFree']],
    ['Lactose free custard', ['dairyFree']],
    ['sans gluten', ['glutenFree']],
    ['refined sugar free', ['refinedSugarFree']],
    ['A source of fibre', ['sourceOfFibre']],
    ['not suitable for coeliacs', []],
    ['Keep cool and dry, away from children', []],
    ['Best with a cup of tea', []],
    ['Contains nuts', []],
  ] as const)('%s: %j', (text, claims) => expect(claimsIn(text).map(one => one.claim)).toEqual(claims))
  it('what no claim stands for is refused too: nobody could have it checked', () => {
    for (const text of ['celery-free', 'No mustard', 'free from fish', 'almond-free', 'no rye'])
      expect([claimsIn(text), refusedWords(text)]).toEqual([[], expect.stringContaining('leave it out')])
  })
  it('a name in the list may not deny what the thing holds', () => {
    const what = (status: 'contains' | 'mayContain' | 'free', labelName: string) =>
      assess(
        sampleWorkbook(
          [
            sampleIngredient('chips', {
              labelName,
              allergens: { ...sampleIngredient('chips').allergens, milk: { status } },
            }),
          ],
          [sampleRecipe('top', [sampleLine('chips', 100)])],
          { claims: [] },
        ),
        'cake',
        'uk',
      )
        .declaration.problems.map(one => one.what)
        .join()
    expect(what('mayContain', 'milk-free chips')).toContain(
      'The list says “milk-free” of chips, which may contain milk.',
    )
    expect(what('contains', 'chips (dairy free)')).toContain('which contains milk')
    for (const [status, name] of [
      ['free', 'milk-free chips'],
      ['contains', 'chips'],
      ['mayContain', 'egg-free chips'],
    ] as const)
      expect(what(status, name)).not.toContain('The list says')
  })
  it('in whatever of her words is printed they stand between the label and a signature', () => {
    const what = (product: Partial<Product>) =>
      assess(
        sampleWorkbook([sampleIngredient('flour')], [sampleRecipe('top', [sampleLine('flour', 100)])], {
          claims: [],
          ...product,
        }),
        'cake',
        'uk',
      )
        .declaration.problems.map(one => one.what)
        .join()
    expect(what({ keeps: { days: 3, mark: 'bestBefore', storage: 'Keep cool. Safe for coeliacs.' } })).toContain(
      'gluten-free',
    )
    expect(what({ translated: { name: 'Carré sans lait', ingredients: '', of: '' } })).toContain('sans lait')
    expect(what({ legalName: 'Celery-free slice' })).toContain('no claim that holds stands for that')
    expect(what({ keeps: { days: 3, mark: 'bestBefore', storage: 'Keep cool.' } })).not.toContain('claim')
  })
})
