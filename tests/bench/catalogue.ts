// Re-checking a catalogue of 5,000 products after one fact of an ingredient that all of them use, the first time and the
// next. Prints times and the ratio; judges nothing.
import { catalogueOf, type Ingredient, type Product, type Recipe, type Workbook, whatChanges } from '@fair-tin/core'
import { ingredients } from '../../demo/ingredients'
import { kitchen } from '../../demo/kitchen'

const today = '2026-11-24'
const larder = ingredients(today).filter(one => Object.keys(one.nutrients).length > 0)
const many = 5000
const common = larder.find(one => one.id === 'salt')!
const others = larder.filter(one => one !== common)
const recipes: Recipe[] = Array.from({ length: many }, (_, at) => ({
  id: `r${at}`,
  version: 1,
  name: `Bake ${at}`,
  steps: [],
  bakeLoss: 0.1,
  pieces: 12,
  lines: [common, ...Array.from({ length: 11 }, (_, n) => others[(at * 7 + n) % others.length]!)].map((one, n) => ({
    id: `l${n}`,
    of: { ingredient: one.id },
    amount: { value: 20 + ((at + n) % 90), unit: 'g' },
    role: 'mix',
  })),
}))
const products: Product[] = recipes.map(recipe => ({
  id: recipe.id,
  name: recipe.name,
  recipe: recipe.id,
  netWeight: 80,
  pieces: 1,
  claims: ['glutenFree', 'dairyFree', 'vegan'],
  markets: ['uk'],
}))
const workbook: Workbook = { products, recipes, ingredients: larder, ...kitchen(today), today }

const timed = <T>(work: () => T): [number, T] => {
  const began = performance.now()
  const result = work()
  return [performance.now() - began, result]
}
const [making, catalogue] = timed(() => catalogueOf(workbook))
console.log(`${many} products, which use what: ${making.toFixed(0)} ms`)
const changes: [string, Ingredient][] = [
  ['a price', { ...common, packs: [{ ...common.packs[0]!, price: '99.00' }] }],
  ['a nutrient', { ...common, nutrients: { ...common.nutrients, sodiumMg: { value: 30000, source: 'x' } } }],
  ['an allergen', { ...common, allergens: { ...common.allergens, milk: { status: 'mayContain' } } }],
]
for (const [what, changed] of changes) {
  timed(() => whatChanges(catalogue, changed)) // warm
  const [ms, found] = timed(() => whatChanges(catalogue, changed)!)
  console.log(`${what} of something in all of them: ${ms.toFixed(0)} ms, ${found.length} products change`)
}
const fresh = catalogueOf({ ...workbook })
const [first] = timed(() => whatChanges(fresh, changes[2]![1]))
const [again] = timed(() => whatChanges(fresh, changes[1]![1]))
console.log(
  `the first question of a catalogue ${first.toFixed(0)} ms, the next ${again.toFixed(0)} ms: how it was before is known, ${(first / again).toFixed(1)} times as fast`,
)
