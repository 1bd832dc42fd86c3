// The demo bakery, then ten and (with `--fifty`) fifty times it: bytes and time of each page, and of a save of one line. What is
// asked for of one product is to stay flat; lists may grow with their rows. Prints a table; judges nothing.
import { isFrozen, type Workbook } from '@fair-tin/core'
import { addIngredient, addProduct, addRecipe, asSetUp, readWorkbook } from '@fair-tin/data'
import postgres from 'postgres'
import { bakery } from '../../demo/kitchen'
import { signInAt } from '../../scripts/signIn.mjs'

const address = process.env.FAIR_TIN_ADDRESS ?? 'http://127.0.0.1:3210'
const owner = postgres(process.env.FAIR_TIN_OWNER_DATABASE ?? '', { max: 1, onnotice: () => {} })
const day = new Date().toISOString().slice(0, 10)

/** The books once more, everything in them under other ids and names. */
function copied(books: Workbook, at: number): Workbook {
  const ids = [...books.ingredients, ...books.recipes, ...books.products].map(one => one.id)
  const known = new Set(ids)
  const moved = <T>(value: T): T =>
    JSON.parse(JSON.stringify(value), (key, inner) =>
      ['id', 'ingredient', 'recipe'].includes(key) && known.has(inner)
        ? `${inner}-${at}`
        : key === 'highlighted'
          ? inner.map((one: string) => (known.has(one) ? `${one}-${at}` : one))
          : inner,
    )
  const renamed = <T extends { name: string }>(one: T): T => ({ ...moved(one), name: `${one.name} ${at}` })
  return {
    ...books,
    ingredients: books.ingredients.map(renamed),
    recipes: books.recipes.filter(one => !isFrozen(one)).map(renamed),
    products: books.products.map(renamed),
  }
}
async function growTo(times: number, from: number, books: Workbook): Promise<void> {
  for (let at = from; at < times; at++) {
    const more = copied(books, at)
    await asSetUp(owner, bakery.id, async sql => {
      for (const one of more.ingredients) await addIngredient(sql, one)
      for (const one of more.recipes) await addRecipe(sql, one)
      for (const one of more.products) await addProduct(sql, one)
    })
  }
}

const cookie = `tin_session=${await signInAt(address)}`
const pages = [
  ['bench', '/products/ginger-teff-loaf'],
  ['Today', '/'],
  ['Recipes', '/recipes'],
  ['Larder', '/larder'],
  ['no such page', '/nowhere'],
] as const
async function page(path: string): Promise<{ ms: number; bytes: number }> {
  const times: number[] = []
  let bytes = 0
  for (let at = 0; at < 5; at++) {
    const began = performance.now()
    const answer = await fetch(address + path, { headers: { cookie } })
    bytes = (await answer.arrayBuffer()).byteLength
    times.push(performance.now() - began)
  }
  return { ms: times.sort((a, b) => a - b)[2]!, bytes }
}
/** A price that moves: what has to be worked out again after a change. */
async function afterChange(path: string): Promise<number> {
  const times: number[] = []
  for (let at = 0; at < 5; at++) {
    await asSetUp(
      owner,
      bakery.id,
      sql =>
        sql`update ingredient set facts = facts || ${sql.json({ notes: `seen ${at}` })}, version = version + 1 where id = 'salt'`,
    )
    const began = performance.now()
    await (await fetch(address + path, { headers: { cookie } })).arrayBuffer()
    times.push(performance.now() - began)
  }
  return times.sort((a, b) => a - b)[2]!
}

const books = await asSetUp(owner, bakery.id, sql => readWorkbook(sql, day))
const sizes = process.argv.includes('--fifty') || process.env.FAIR_TIN_FIFTY ? [1, 10, 50] : [1, 10]
const first = new Map<string, { ms: number; bytes: number }>()
for (const [index, times] of sizes.entries()) {
  await growTo(times, sizes[index - 1] ?? 1, books)
  for (const [name, path] of pages) {
    await page(path)
    const { ms, bytes } = await page(path)
    const changed = await afterChange(path)
    const one = first.get(name) ?? { ms, bytes }
    first.set(name, one)
    console.log(
      `${String(times).padStart(2)} ×  ${name.padEnd(13)} ${ms.toFixed(0).padStart(6)} ms (${(ms / one.ms).toFixed(1)} ×)  ${(bytes / 1000).toFixed(0).padStart(6)} kB (${(bytes / one.bytes).toFixed(1)} ×)  after a change ${changed.toFixed(0)} ms`,
    )
  }
}
await owner.end()
