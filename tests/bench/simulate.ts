// How sure a table is: 10,000 draws of a 40-line product from flat arrays, beside the same draws as whole assessments of a
// workbook with other values in it, of which a fiftieth is made. Prints times and the ratio; judges nothing.
import { assess, billOf, rulesAsRead, simulate, spreadOf, type Workbook } from '@fair-tin/core'
import { workbook } from './fortyLines'

const [product] = workbook.products
const recipe = workbook.recipes.find(one => one.id === product!.recipe)
const spread = spreadOf(billOf(workbook, product!.recipe), product!, recipe, workbook, rulesAsRead('uk'))!
const draws = 10_000
const timed = (work: () => unknown): number => {
  const began = performance.now()
  work()
  return performance.now() - began
}
const middle = (times: number[]) => times.sort((a, b) => a - b)[times.length >> 1]!
timed(() => simulate(spread, draws))
const ours = middle(Array.from({ length: 7 }, () => timed(() => simulate(spread, draws))))

const off = () => 1 + (Math.random() - Math.random()) * 0.1
const drawn = (): Workbook => ({
  ...workbook,
  ingredients: workbook.ingredients.map(one => ({
    ...one,
    nutrients: Object.fromEntries(
      Object.entries(one.nutrients).map(([code, fact]) => [code, { ...fact, value: fact.value * off() }]),
    ),
  })),
})
const fewer = draws / 50
const naive = timed(() => {
  for (let draw = 0; draw < fewer; draw++) assess(drawn(), product!.id, 'uk')
})
console.log(`${spread.grams.length} lines, ${spread.codes.length} nutrients, ${draws} draws`)
console.log(`from flat arrays         ${ours.toFixed(0)} ms`)
console.log(
  `by whole assessments     ${((naive * draws) / fewer / 1000).toFixed(1)} s, from ${fewer} of them   the arrays are ${((naive * draws) / fewer / ours).toFixed(0)} times as fast`,
)
