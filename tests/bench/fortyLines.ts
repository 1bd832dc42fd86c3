// A product of 40 lines on three levels, for benches.
import type { Ingredient, Recipe, Workbook } from '@fair-tin/core'
import { ingredients } from '../../demo/ingredients'
import { kitchen } from '../../demo/kitchen'

const today = '2026-11-24'
export const larder: Ingredient[] = ingredients(today).filter(one => Object.keys(one.nutrients).length > 0)
const line = (id: string, of: Recipe['lines'][number]['of'], grams: number) => ({
  id,
  of,
  amount: { value: grams, unit: 'g' as const },
  role: 'mix' as const,
})
const pick = (at: number) => ({ ingredient: larder[at % larder.length]!.id })
const recipe = (id: string, from: number, own: number, parts: string[]): Recipe => ({
  id,
  name: id,
  version: 1,
  steps: [],
  bakeLoss: id === 'top' ? 0.1 : 0,
  pieces: 24,
  lines: [
    ...Array.from({ length: own }, (_, at) => line(`${id}${at}`, pick(from + at), 20 + ((from + at) % 37))),
    ...parts.map((part, at) => line(`${id}p${at}`, { recipe: part }, 200 + at)),
  ],
})
// 40 ingredient lines: 16 in the top, 8 in each of two parts, 4 in each of two parts of those
export const recipes = [
  recipe('top', 0, 16, ['base', 'filling']),
  recipe('base', 16, 8, ['blend']),
  recipe('filling', 24, 8, ['icing']),
  recipe('blend', 32, 4, []),
  recipe('icing', 36, 4, []),
]
export const workbook: Workbook = {
  products: [
    {
      id: 'p',
      name: 'Bench cake',
      recipe: 'top',
      netWeight: 100,
      pieces: 1,
      claims: ['glutenFree', 'dairyFree', 'nutFree', 'vegan'],
      markets: ['uk'],
    },
  ],
  recipes,
  ingredients: larder,
  ...kitchen(today),
  today,
}
