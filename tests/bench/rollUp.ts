// The roll-up of a 40-line, three-level product, three ways in one run: core, a recursive SQL query on the same data,
// and a bare loop over flat arrays that does only the multiply-adds. Prints rates and ratios; judges nothing.

import { assess, billOf, type Ingredient } from '@fair-tin/core'
import postgres from 'postgres'
import { findingsOnDemand, statusIn } from '../../core/allergen/rollUp'
import { costOf } from '../../core/cost/cost'
import { rulesAsRead } from '../../core/market/market'
import { allergenCodes } from '../../core/model/allergen'
import { nutritionOf } from '../../core/nutrition/rollUp'
import { larder, recipes, workbook } from './fortyLines'

const rules = rulesAsRead('uk')
const nutrients = ['fat', 'saturates', 'carbohydrate', 'sugars', 'fibre', 'protein', 'sodiumMg'] as const

function rollUp(of = workbook) {
  const bill = billOf(of, 'top')
  const cost = costOf(bill, of, 24)
  const found = findingsOnDemand(bill, of)
  const statuses = allergenCodes.map(code => statusIn(found, code))
  return { bill, cost, statuses, nutrition: nutritionOf(bill, of, rules, 50) }
}
let edits = 0
/** The same books after another edit of one amount of the product's own. */
function edited(): typeof workbook {
  const grams = 20 + (++edits % 50)
  return {
    ...workbook,
    recipes: workbook.recipes.map(one =>
      one.id === 'top'
        ? {
            ...one,
            lines: one.lines.map((line, at) =>
              at === edits % 16 ? { ...line, amount: { value: grams, unit: 'g' as const } } : line,
            ),
          }
        : one,
    ),
  }
}

// the same as flat arrays: factor of each leaf, its price and nutrients and statuses as numbers
const { bill } = rollUp()
const leaves = bill.lines.length
const factor = Float64Array.from(bill.lines, leaf => leaf.grams)
const stays = Float64Array.from(bill.lines, leaf => leaf.retained * leaf.baked)
/** Of a gram as used: what is peeled away is paid for too. */
const perGram = (one: Ingredient): number =>
  Number(one.packs.at(-1)!.price) /
  one.packs.at(-1)!.grams /
  (one.measures.find(measure => measure.ediblePart)?.ediblePart ?? 1)
const thing = (id: string): Ingredient => larder.find(one => one.id === id)!
const price = Float64Array.from(bill.lines, leaf => perGram(thing(leaf.ingredient)))
const per = Float64Array.from(
  bill.lines.flatMap(leaf =>
    nutrients.map(code => larder.find(one => one.id === leaf.ingredient)!.nutrients[code]!.value),
  ),
)
const rank = { free: 0, unknown: 1, mayContain: 2, contains: 3 }
const status = Uint8Array.from(
  bill.lines.flatMap(leaf =>
    allergenCodes.map(
      code => rank[larder.find(one => one.id === leaf.ingredient)!.allergens[code]?.status ?? 'unknown'],
    ),
  ),
)
const sums = new Float64Array(nutrients.length)
const worst = new Uint8Array(allergenCodes.length)
function bareLoop(): number {
  sums.fill(0)
  worst.fill(0)
  let finished = 0
  let cost = 0
  for (let at = 0; at < leaves; at++) {
    const grams = factor[at]!
    finished += grams * stays[at]!
    cost += grams * price[at]!
    for (let n = 0; n < sums.length; n++) sums[n]! += grams * per[at * sums.length + n]!
    for (let a = 0; a < worst.length; a++) worst[a] = Math.max(worst[a]!, status[at * worst.length + a]!)
  }
  return finished + cost + sums[0]!
}

const sql = postgres(process.env.FAIR_TIN_OWNER_DATABASE!, { max: 1, onnotice: () => {} })
await sql`create temp table b_line (recipe text, ingredient text, part text, grams float8)`
await sql`create temp table b_thing (ingredient text primary key, price float8, ${sql.unsafe(nutrients.map(code => `"${code}" float8`).join(', '))}, status int[])`
await sql`create temp table b_recipe (recipe text primary key, loss float8, finished float8)`
for (const one of recipes) {
  await sql`insert into b_recipe values (${one.id}, ${one.bakeLoss!}, ${billOf(workbook, one.id).finished})`
  for (const each of one.lines)
    await sql`insert into b_line values (${one.id}, ${'ingredient' in each.of ? each.of.ingredient : null}, ${'recipe' in each.of ? each.of.recipe : null}, ${each.amount!.value})`
}
for (const one of larder) {
  await sql`insert into b_thing values (${one.id}, ${perGram(one)}, ${sql.unsafe(nutrients.map(code => one.nutrients[code]!.value).join(', '))}, ${`{${allergenCodes.map(code => rank[one.allergens[code]?.status ?? 'unknown']).join(',')}}`}::int[])`
}
await sql`analyze`
const bySql = () => sql`
  with recursive tree(recipe, part, ingredient, grams) as (
    select recipe, part, ingredient, grams from b_line where recipe = 'top'
    union all
    select l.recipe, l.part, l.ingredient, l.grams * t.grams / r.finished from tree t join b_recipe r on r.recipe = t.part join b_line l on l.recipe = t.part),
  leaf as (select t.grams, g.* from tree t join b_thing g using (ingredient) where t.ingredient is not null),
  mass as (select sum(grams) as ingoing, sum(grams * price) as cost, ${sql.unsafe(nutrients.map(code => `sum(grams * "${code}") as "${code}"`).join(', '))} from leaf),
  allergen as (select a.at, max(a.rank) as worst from leaf, unnest(status) with ordinality as a(rank, at) group by a.at)
  select mass.*, (select array_agg(worst order by at) from allergen) as worst from mass`

// all three agree before they are timed
const [answer] = await bySql()
const ours = rollUp()
bareLoop()
const near = (a: number, b: number) => Math.abs(a - b) <= Math.abs(b) * 1e-6
if (
  !near(answer!.ingoing as number, ours.bill.ingoing) ||
  !near(answer!.cost as number, Number(ours.cost.total)) ||
  !near(answer!.fat as number, sums[0]!)
)
  throw new Error('The three ways do not agree.')

async function rate(work: () => unknown, ms = 1500): Promise<number> {
  for (let at = 0; at < 50; at++) await work()
  const began = performance.now()
  let times = 0
  while (performance.now() - began < ms) {
    await work()
    times++
  }
  return (times / (performance.now() - began)) * 1000
}
const syncRate = (work: () => unknown): number => {
  for (let at = 0; at < 2000; at++) work()
  const began = performance.now()
  let times = 0
  while (performance.now() - began < 1500) {
    for (let at = 0; at < 50; at++) work()
    times += 50
  }
  return (times / (performance.now() - began)) * 1000
}
const core = syncRate(() => rollUp())
const afterEdit = syncRate(() => rollUp(edited()))
const bare = syncRate(bareLoop)
const whole = syncRate(() => assess(edited(), 'p', 'uk'))
const database = await rate(bySql)
console.log(`${leaves} leaves, three levels`)
console.log(`roll-up in core          ${core.toFixed(0)} a second; after an edit of one amount ${afterEdit.toFixed(0)}`)
console.log(
  `recursive SQL            ${database.toFixed(0)} a second   core is ${(core / database).toFixed(1)} times as fast, after an edit ${(afterEdit / database).toFixed(1)} times`,
)
console.log(
  `bare loop, flat arrays   ${bare.toFixed(0)} a second   it is ${(bare / core).toFixed(1)} times as fast as core`,
)
console.log(`whole assess, edited     ${(1000 / whole).toFixed(3)} ms`)
await sql.end()
