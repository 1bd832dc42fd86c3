// All claims of 10,000 products of 15 lines, re-checked in five markets after one fact of something that a twentieth of them
// uses: the kept books, a recursive SQL query over the same marks, and a bare pass over flat arrays of the products it touches.
// Prints times and ratios; judges nothing.
import { booksOf, type Ingredient, recheck } from '@fair-tin/core'
import postgres from 'postgres'
import { manyProducts, otherOf, salt as rare } from './manyProducts'

const many = 10_000
const workbook = manyProducts(many, at => [at % 20 === 0 ? rare : otherOf(at * 3, 1)[0]!, ...otherOf(at * 7, 14)])

const timed = <T>(work: () => T): [number, T] => {
  const began = performance.now()
  const result = work()
  return [performance.now() - began, result]
}
const middle = (times: number[]) => times.sort((a, b) => a - b)[times.length >> 1]!
const [compiling, books] = timed(() => booksOf(workbook))
const { claims, markets, marks, kinds, products: kept } = books
const step = claims.length * markets.length
console.log(
  `${many} products, ${claims.length} claims in ${markets.length} markets, judged once: ${(compiling / 1000).toFixed(1)} s`,
)

const allergen: Ingredient = { ...rare, allergens: { ...rare.allergens, milk: { status: 'mayContain' } } }
const nutrient: Ingredient = {
  ...rare,
  nutrients: { ...rare.nutrients, sodiumMg: { value: 30_000, source: 'invented' } },
}
const times = (changed: Ingredient) => middle(Array.from({ length: 15 }, () => timed(() => recheck(books, changed))[0]))
const found = recheck(books, allergen)
const ours = times(allergen)

// the same marks in a bare pass over every line of what uses it
const touched = kept.flatMap((one, at) =>
  [...one.kinds].some(kind => kinds[kind]!.ingredient === rare.id) ? [at] : [],
)
const lines = Int32Array.from(touched.flatMap(at => [...kept[at]!.kinds]))
const each = kept[0]!.kinds.length
const verdict = new Uint8Array(touched.length * step)
function barePass() {
  verdict.fill(0)
  for (let p = 0; p < touched.length; p++)
    for (let line = 0; line < each; line++) {
      const from = lines[p * each + line]! * step
      for (let at = 0; at < step; at++)
        if (marks[from + at]! > verdict[p * step + at]!) verdict[p * step + at] = marks[from + at]!
    }
}
const bare = middle(Array.from({ length: 30 }, () => timed(barePass)[0]))

const sql = postgres(process.env.FAIR_TIN_OWNER_DATABASE!, { max: 1, onnotice: () => {} })
await sql`create temp table b_product (product int primary key, recipe int)`
await sql`create temp table b_line (recipe int, part int, kind int)`
await sql`create temp table b_mark (kind int, at int, mark int, primary key (kind, at))`
await sql`insert into b_product select n, n from generate_series(0, ${many - 1}) n`
const rows = kept.flatMap((one, at) => [...one.kinds].map(kind => ({ recipe: at, kind })))
for (let at = 0; at < rows.length; at += 20_000)
  await sql`insert into b_line (recipe, kind) select * from unnest(${rows.slice(at, at + 20_000).map(one => one.recipe)}::int[], ${rows.slice(at, at + 20_000).map(one => one.kind)}::int[])`
const places = Array.from(marks, (mark, at) => ({ kind: Math.floor(at / step), at: at % step, mark }))
await sql`insert into b_mark select * from unnest(${places.map(one => one.kind)}::int[], ${places.map(one => one.at)}::int[], ${places.map(one => one.mark)}::int[])`
await sql`create index on b_line (recipe)`
await sql`create index on b_line (kind)`
await sql`analyze`
const own = kinds.flatMap((kind, at) => (kind.ingredient === rare.id ? [at] : []))
const bySql = () => sql`
  with recursive touched as (select p.product, p.recipe from b_product p where exists (select from b_line l where l.recipe = p.recipe and l.kind = any(${own}))),
  tree(product, part, kind) as (
    select t.product, l.part, l.kind from touched t join b_line l on l.recipe = t.recipe
    union all
    select t.product, l.part, l.kind from tree t join b_line l on l.recipe = t.part)
  select product, at, max(mark) as mark from tree join b_mark using (kind) group by product, at`
const asked: number[] = []
let answered = 0
for (let n = 0; n < 5; n++) {
  const began = performance.now()
  answered = (await bySql()).length
  asked.push(performance.now() - began)
}
barePass()
if (answered !== touched.length * step) throw new Error('The query does not answer for every claim.')
const database = middle(asked)
console.log(`an allergen of something in ${touched.length}: ${found.length} verdicts change`)
console.log(`kept books               ${ours.toFixed(1)} ms`)
console.log(
  `recursive SQL            ${database.toFixed(0)} ms   the books are ${(database / ours).toFixed(0)} times as fast`,
)
console.log(
  `bare pass, flat arrays   ${bare.toFixed(2)} ms   it is ${(ours / bare).toFixed(1)} times as fast as the books`,
)
console.log(`a nutrient of it         ${times(nutrient).toFixed(1)} ms (claims by sums are judged from the bill)`)
await sql.end()
