import { describe, expect, it } from 'vitest'
import { carrying, sampleIngredient, sampleLine, sampleRecipe, sampleWorkbook } from '../../tests/fixtures/sample'
import type { Ingredient } from '../model/ingredient'
import type { Line } from '../model/recipe'
import { waysToMend } from './ways'

const shelf = (ingredients: Ingredient[], lines: Line[]) =>
  sampleWorkbook(ingredients, [sampleRecipe('top', lines)], { claims: ['dairyFree', 'vegan'] })
const words = (book: ReturnType<typeof shelf>) =>
  waysToMend(book, 'cake', 'uk', 'dairyFree').map(way => way.deeds.map(one => one.what).join(' '))
const butter = carrying('plant butter', 'milk', 'mayContain')
const water = sampleIngredient('water')

describe('ways to mend', () => {
  it('are none where the claim holds, and none of a claim that is not made', () => {
    const book = shelf([water], [sampleLine('water', 10)])
    expect(waysToMend(book, 'cake', 'uk', 'dairyFree')).toEqual([])
    expect(waysToMend(book, 'cake', 'uk', 'keto')).toEqual([])
  })
  it('what is there is exchanged for what is alike and free of it; the dearer stands behind', () => {
    const pack = (price: string) => ({ packs: [{ grams: 1000, price, currency: 'GBP' as const, from: '2026-01-01' }] })
    const book = shelf(
      [butter, sampleIngredient('nut butter', pack('9.00')), sampleIngredient('plant block', pack('2.00')), water],
      [sampleLine('plant butter', 100), sampleLine('water', 10)],
    )
    const ways = waysToMend(book, 'cake', 'uk', 'dairyFree')
    expect(ways.map(one => one.deeds[0]!.what)).toEqual([
      'Use plant block instead of plant butter.',
      'Use nut butter instead of plant butter.',
    ])
    expect(ways[0]).toMatchObject({
      tried: true,
      deeds: [{ edits: [{ kind: 'of', to: { ingredient: 'plant block' } }] }],
    })
    expect([ways[0]!.cost?.was, ways[0]!.cost?.is].map(Number)).toEqual([expect.any(Number), expect.any(Number)])
  })
  it('what nobody has said is asked in one letter a supplier, and a swap is more trouble', () => {
    const unsaid = (id: string, supplier: string) => ({ ...carrying(id, 'milk', 'unknown'), supplier })
    const book = shelf(
      [unsaid('sugar', 'North Mill'), unsaid('starch', 'North Mill'), unsaid('yeast', ''), water],
      ['sugar', 'starch', 'yeast', 'water'].map(id => sampleLine(id, 10)),
    )
    expect(words(book)).toEqual(['Ask North Mill about sugar and starch. Find out who supplies yeast, and ask.'])
  })
  it('what contradicts itself is answered by no letter', () => {
    const book = shelf([sampleIngredient('butter'), water], [sampleLine('butter', 10), sampleLine('water', 10)])
    const [way] = waysToMend(book, 'cake', 'uk', 'dairyFree')
    expect(way).toMatchObject({
      tried: false,
      deeds: [{ kind: 'say', what: expect.stringContaining('speaks of milk') }],
    })
  })
  it('a finish may be left out, what is in the dough may not', () => {
    const glaze = carrying('glaze', 'milk', 'contains')
    const book = (role: Line['role']) =>
      shelf([glaze, water], [sampleLine('water', 100), sampleLine('glaze', 5, { role })])
    expect(words(book('finish'))).toEqual(['Leave out glaze.'])
    const [way] = waysToMend(book('mix'), 'cake', 'uk', 'dairyFree')
    expect(way!.deeds.map(one => one.kind)).toEqual(['say'])
  })
  it('the kitchen is put right by its record; with a line open too, both are done', () => {
    const book = shelf(
      [{ ...carrying('starch', 'milk', 'unknown'), supplier: 'North Mill' }],
      [sampleLine('starch', 10)],
    )
    const crossContact = book.kitchen.crossContact.map(one =>
      one.allergen === 'milk' ? { ...one, control: 'shared' as const } : one,
    )
    const ways = waysToMend({ ...book, kitchen: { ...book.kitchen, crossContact } }, 'cake', 'uk', 'dairyFree')
    expect(ways[0]!.deeds.map(one => one.kind)).toEqual(['ask', 'kitchen'])
    expect(ways[0]!.tried).toBe(true)
  })
  it('none makes another claim of the product worse', () => {
    const honey = sampleIngredient('honey butter', {
      traits: { ...sampleIngredient('x').traits, animal: ['honey'] },
    })
    const book = shelf([{ ...butter, traits: { ...butter.traits } }, honey, water], [sampleLine('plant butter', 100)])
    expect(waysToMend(book, 'cake', 'uk', 'dairyFree').flatMap(one => one.deeds.map(deed => deed.kind))).toEqual([
      'say',
    ])
  })
  it('in a part it is done there, and names whatever else has the part in it', () => {
    const book = sampleWorkbook(
      [butter, sampleIngredient('plant block'), water],
      [
        sampleRecipe('top', [sampleLine('part:crust', 50), sampleLine('water', 10)]),
        sampleRecipe('crust', [sampleLine('plant butter', 100)]),
        sampleRecipe('other', [sampleLine('part:crust', 50)]),
      ],
      { claims: ['dairyFree'] },
    )
    const tart = { ...book.products[0]!, id: 'tart', name: 'Tart', recipe: 'other' }
    const [way] = waysToMend({ ...book, products: [...book.products, tart] }, 'cake', 'uk', 'dairyFree')
    expect(way!.deeds).toMatchObject([
      {
        what: 'Use plant block instead of plant butter in crust.',
        detail: expect.stringContaining('That changes Tart too.'),
        edits: [],
        at: '/parts/crust',
      },
    ])
  })
})
