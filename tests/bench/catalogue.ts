// Re-checking a catalogue of 5,000 products after one fact of an ingredient that all of them use, the first time and the
// next. Prints times and the ratio; judges nothing.
import { catalogueOf, type Ingredient, whatChanges } from '@fair-tin/core'
import { salt as common, manyProducts, otherOf } from './manyProducts'

const many = 5000
const workbook = manyProducts(many, at => [common, ...otherOf(at, 11)], {
  claims: ['glutenFree', 'dairyFree', 'vegan'],
  markets: ['uk'],
})

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
