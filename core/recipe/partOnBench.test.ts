import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { ClaimCode } from '../model/claim'
import type { MarketCode } from '../model/market'
import type { Product } from '../model/product'
import type { Recipe } from '../model/recipe'
import { partOnBench, productsWith } from './partOnBench'

const recipe = (id: string, ...parts: string[]): Recipe => ({
  id,
  version: 1,
  name: id,
  steps: [],
  lines: parts.map((part, at) => {
    const [name, version] = part.split('@') as [string, string?]
    return {
      id: String(at),
      of: { recipe: name, ...(version ? { version: Number(version) } : {}) },
      amount: { value: 10, unit: 'g' },
      role: 'mix',
    }
  }),
})
const product = (id: string, claims: ClaimCode[], markets: MarketCode[]): Product => ({
  id,
  name: id,
  recipe: id,
  netWeight: 100,
  pieces: 1,
  claims,
  markets,
})
const workbook = {
  recipes: [
    recipe('blend'),
    recipe('sponge', 'blend'),
    recipe('cake', 'sponge'),
    recipe('bun', 'blend@2'),
    recipe('tart'),
  ],
  products: [
    product('cake', ['glutenFree', 'vegan'], ['uk']),
    product('bun', ['nutFree'], ['eu']),
    product('tart', ['soyFree'], ['us']),
  ],
}

describe('a part on its bench', () => {
  it('knows what it goes into, at any depth; a kept version is another thing', () => {
    expect(productsWith(workbook, 'blend').map(one => one.id)).toEqual(['cake'])
    expect(productsWith(workbook, 'blend@2').map(one => one.id)).toEqual(['bun'])
    expect(productsWith(workbook, 'cake')).toEqual([])
  })
  it('bears the claims and markets of all of them', () => {
    const both = {
      ...workbook,
      recipes: [...workbook.recipes.filter(one => one.id !== 'bun'), recipe('bun', 'sponge')],
    }
    expect(partOnBench(both, both.recipes[0]!)).toMatchObject({
      name: 'blend',
      recipe: 'blend',
      claims: ['glutenFree', 'vegan', 'nutFree'],
      markets: ['uk', 'eu'],
    })
    expect(partOnBench(workbook, workbook.recipes[4]!)).toMatchObject({ claims: [], markets: ['uk'] })
  })
  it('ends, whatever goes round in a circle', () => {
    const ids = ['a', 'b', 'c', 'd']
    fc.assert(
      fc.property(fc.array(fc.subarray(ids), { minLength: 4, maxLength: 4 }), parts => {
        const recipes = ids.map((id, at) => recipe(id, ...parts[at]!))
        const products = ids.map(id => product(id, [], []))
        for (const id of ids) for (const one of productsWith({ recipes, products }, id)) expect(one.recipe).not.toBe(id)
      }),
    )
  })
})
