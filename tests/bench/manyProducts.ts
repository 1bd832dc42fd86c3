// As many made-up products as a bench wants, of the demo's larder.
import type { Ingredient, Product, Workbook } from '@fair-tin/core'
import { ingredients } from '../../demo/ingredients'
import { kitchen } from '../../demo/kitchen'

const today = '2026-11-24'
const larder = ingredients(today).filter(one => Object.keys(one.nutrients).length > 0)
export const salt = larder.find(one => one.id === 'salt')!
const others = larder.filter(one => one !== salt)
/** So many things that are not salt, from a place on. */
export const otherOf = (from: number, count: number): Ingredient[] =>
  Array.from({ length: count }, (_, n) => others[(from + n) % others.length]!)

export function manyProducts(
  many: number,
  madeOf: (at: number) => Ingredient[],
  change: Partial<Product> = {},
): Workbook {
  const recipes = Array.from({ length: many }, (_, at) => ({
    id: `r${at}`,
    version: 1,
    name: `Bake ${at}`,
    steps: [],
    bakeLoss: 0.1,
    pieces: 12,
    lines: madeOf(at).map((one, n) => ({
      id: `l${n}`,
      of: { ingredient: one.id },
      amount: { value: 20 + ((at + n) % 90), unit: 'g' as const },
      role: 'mix' as const,
    })),
  }))
  const products = recipes.map(({ id, name }) => ({
    id,
    name,
    recipe: id,
    netWeight: 80,
    pieces: 1,
    claims: [],
    markets: [],
    ...change,
  }))
  return { products, recipes, ingredients: larder, ...kitchen(today), today }
}
