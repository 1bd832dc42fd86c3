import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import { allergenCodes, allergenName } from '../model/allergen'
import { refusedKinds } from '../model/houseRule'
import type { Ingredient } from '../model/ingredient'
import type { Product } from '../model/product'
import { lettersFor, letterText } from './letters'

const bookOf = (ingredients: Ingredient[], product: Partial<Product> = {}, today = '2026-11-24') => ({
  ...sampleWorkbook(
    ingredients,
    [
      sampleRecipe(
        'top',
        ingredients.map(one => sampleLine(one.id, 100)),
      ),
    ],
    product,
  ),
  today,
})
const by = (id: string, supplier: string, change: Partial<Ingredient> = {}) =>
  sampleIngredient(id, { supplier, ...change })

describe('letters to suppliers', () => {
  it('ask for nothing where all is known and proven', () =>
    expect(lettersFor(bookOf([by('flour', 'Tarn Mill')]))).toEqual([]))
  it('ask by supplier for what is not known and what ran out, once, with the article', () => {
    const unknown = {
      ...by('spread', 'Quay Stores', { article: 'QS-7' }),
      allergens: { milk: { status: 'free' as const, evidence: 'spec' } },
    }
    const [letter, ...more] = lettersFor(bookOf([by('flour', 'Tarn Mill'), unknown], { claims: [] }))
    expect(more).toEqual([])
    expect(letter!.supplier).toBe('Quay Stores')
    expect(letter!.asks).toHaveLength(1)
    expect(letter!.asks[0]!.wants[0]).toContain('egg')
    expect(letter!.asks[0]!.wants[0]).not.toContain('milk')
    const text = letterText(letter!, 'Test Bakehouse, 1 Nowhere Lane')
    expect(text).toContain('Spread, your article QS-7:')
    expect(text.startsWith('To Quay Stores')).toBe(true)
    expect(text.endsWith('Test Bakehouse, 1 Nowhere Lane')).toBe(true)
    // a year on the specification is no proof any more
    const old = lettersFor(bookOf([by('flour', 'Tarn Mill')], { claims: ['glutenFree'] }, '2030-01-01'))
    expect(old[0]!.asks[0]!.wants.join('\n')).toMatch(
      /a current specification .*ran out.*\nthe most gluten it can hold/s,
    )
  })
  it('ask for gluten only where it is claimed, and of nothing that is free of it by nature', () => {
    const { gluten: _, ...bare } = by('ground rice', 'Tarn Mill')
    const { gluten: __, ...salt } = by('salt', 'Quay Stores')
    expect(lettersFor(bookOf([bare, salt], { claims: ['vegan'] }))).toEqual([])
    expect(lettersFor(bookOf([bare, salt], { claims: ['glutenFree'] })).map(one => one.supplier)).toEqual(['Tarn Mill'])
  })
  it('ask for whatever leaves a claim unproven because nobody has said it', () => {
    const houseRules = [
      { claim: 'house:no stones' as const, words: ['stone'], kinds: [] },
      ...refusedKinds.map(kind => ({ claim: `house:ours ${kind}` as const, words: [], kinds: [kind] })),
    ]
    const claims = ['vegan', 'vegetarian', 'noAddedSugar', 'grainFree', 'refinedSugarFree', 'paleo'] as const
    for (const claim of [...claims, ...houseRules.map(one => one.claim)]) {
      const { composition: _, ...bare } = { ...by('thing', 'Tarn Mill'), traits: {} }
      const book = bookOf([bare], { claims: [claim] })
      const asking = (ingredients: Ingredient[]) =>
        lettersFor({ ...book, ingredients, kitchen: { ...book.kitchen, houseRules } })
      expect(asking([bare]).flatMap(one => one.asks[0]!.wants).length, claim).toBeGreaterThan(0)
      expect(asking([by('thing', 'Tarn Mill')]), claim).toEqual([])
    }
  })
  it('ask for nothing of what is only served beside, or goes into nothing sold', () => {
    const cream = carrying('cream', 'milk', 'unknown', { supplier: 'Quay Stores' })
    const book = bookOf([by('flour', 'Tarn Mill')])
    const beside = {
      ...book,
      ingredients: [...book.ingredients, cream],
      recipes: book.recipes.map(one => ({
        ...one,
        lines: [...one.lines, sampleLine('cream', 50, { role: 'beside' })],
      })),
    }
    expect(lettersFor(beside)).toEqual([])
    expect(lettersFor({ ...book, ingredients: [...book.ingredients, cream] })).toEqual([])
  })
  it('leave out nothing that is unknown, whoever supplies it', () => {
    fc.assert(
      fc.property(fc.subarray([...allergenCodes]), fc.constantFrom('', 'Tarn Mill'), (codes, supplier) => {
        const sample = sampleIngredient('flour', supplier ? { supplier } : {})
        const allergens = Object.fromEntries(
          Object.entries(sample.allergens).filter(([code]) => !codes.includes(code as never)),
        )
        const letters = lettersFor(bookOf([{ ...sample, allergens }], { claims: [], markets: ['uk', 'us', 'anz'] }))
        const asked = letters
          .flatMap(one => one.asks)
          .flatMap(one => one.wants)
          .join()
        // coconut is declared in none of these
        const wanted = codes.filter(code => code !== 'coconut')
        expect(letters.length).toBe(wanted.length > 0 ? 1 : 0)
        if (wanted.length > 0) expect(letters[0]!.supplier).toBe(supplier)
        for (const code of wanted) expect(asked).toContain(allergenName[code])
      }),
    )
  })
})
