// A bakery as a Workbook: plain data. What nobody changed since it was last read is the very same object, so that whatever was
// worked out from it still holds.
import { RecipeBody } from '@fair-tin/core/edit'
import {
  type Ingredient,
  type LastTest,
  type Product,
  partKey,
  type Recipe,
  unknownIngredient,
  type Workbook,
} from '@fair-tin/core/model'
import { type KitchenRow, listKitchen } from './bakery'
import { lastTests } from './cleanings'
import { listIngredients } from './ingredients'
import { listProducts } from './products'
import { listRecipes } from './recipes'
import { type KeptRows, keptRows } from './rowsKept'
import type { BakerySql } from './withBakery'

interface Books {
  products: KeptRows<Product>
  recipes: KeptRows<Recipe>
  frozen: KeptRows<Recipe>
  ingredients: KeptRows<Ingredient>
  kitchen: KeptRows<KitchenRow>
  tests: readonly LastTest[]
}
/** Made of these, of that day, it was this. */
const made = new WeakMap<Books['ingredients'], { books: Books; workbook: Workbook }>()
const larders = new WeakMap<Books['ingredients'], Ingredient[]>()
const recipeLists = new WeakMap<Books['recipes'], { frozen: Books['frozen']; all: Recipe[] }>()

/** With what cannot be read, of which nothing is known. */
function larderOf(ingredients: Books['ingredients']): Ingredient[] {
  const before = larders.get(ingredients)
  if (before) return before
  const all = [...ingredients.values, ...ingredients.damaged.map(one => unknownIngredient(one.id, one.name))]
  larders.set(ingredients, all)
  return all
}
/** With the kept versions that are frozen in them. */
function recipesOf({ recipes, frozen }: Books): Recipe[] {
  const before = recipeLists.get(recipes)
  if (before?.frozen === frozen) return before.all
  const all = [...recipes.values, ...frozen.values]
  recipeLists.set(recipes, { frozen, all })
  return all
}

/**
 * Everything there is. `today` is an ISO date: what is in force on that day. What cannot be read is named in `damaged` and
 * stands for nothing: an ingredient is there with every fact unknown, a recipe and a product are not there, a kitchen was
 * never assessed.
 */
export async function readWorkbook(sql: BakerySql, today: string): Promise<Workbook> {
  const [products, recipes, ingredients, kitchen, tests] = await Promise.all([
    listProducts(sql),
    listRecipes(sql),
    listIngredients(sql),
    listKitchen(sql),
    lastTests(sql),
  ])
  const books: Books = { products, recipes, frozen: await listFrozen(sql, recipes.values), ingredients, kitchen, tests }
  const before = made.get(ingredients)
  if (
    before?.workbook.today === today &&
    (Object.keys(books) as (keyof Books)[]).every(one => before.books[one] === books[one])
  )
    return before.workbook
  const workbook = together(books, today)
  made.set(ingredients, { books, workbook })
  return workbook
}

/** A bakery without a kitchen record was never assessed: no claim may rest on it. */
const neverAssessed: KitchenRow = { kitchen: { currency: 'GBP', crossContact: [] }, evidence: [] }
function together(books: Books, today: string): Workbook {
  const { products, recipes, frozen, ingredients, kitchen, tests } = books
  const damaged = [products, recipes, frozen, ingredients, kitchen].flatMap(one => one.damaged)
  return Object.freeze({
    products: products.values as Product[],
    recipes: Object.freeze(recipesOf(books)) as Recipe[],
    ingredients: Object.freeze(larderOf(ingredients)) as Ingredient[],
    ...(kitchen.values[0] ?? neverAssessed),
    ...(tests.length > 0 ? { tests: tests as LastTest[] } : {}),
    today,
    ...(damaged.length > 0 ? { damaged } : {}),
  })
}

/**
 * Kept versions that some recipe in force, or another such version, has frozen as a part: they stand in a workbook beside
 * the newest, under "id@version" and with the version in their name.
 */
async function listFrozen(sql: BakerySql, recipes: readonly Recipe[]): Promise<KeptRows<Recipe>> {
  const frozenIn = (all: readonly Pick<Recipe, 'lines'>[]) =>
    all.flatMap(one => one.lines.flatMap(({ of }) => ('recipe' in of && of.version !== undefined ? [partKey(of)] : [])))
  const marks = new Map<string, string>()
  let found: KeptRows<Recipe> = { values: [], damaged: [] }
  // a kept version may have frozen others
  for (let [wanted, round] = [frozenIn(recipes), 0]; ; round++) {
    const fresh = [...new Set(wanted)].filter(key => !marks.has(key))
    if (fresh.length > 0) {
      const rows = await sql<{ id: string; mark: string }[]>`
        select v.recipe_id || '@' || v.number as id, concat_ws(' ', v.xmin, v.ctid, r.name) as mark
        from recipe_version v join recipe r on r.bakery_id = v.bakery_id and r.id = v.recipe_id
        where v.recipe_id || '@' || v.number in ${sql(fresh)}`
      for (const key of fresh) marks.set(key, '')
      for (const { id, mark } of rows) marks.set(id, mark)
    }
    found = await keptRows(
      'recipe',
      [...marks].flatMap(([id, mark]) => (mark === '' ? [] : [{ id, mark }])),
      ids => sql<{ id: string; number: number; name: string; body: unknown; mark: string }[]>`
        select v.recipe_id || '@' || v.number as id, v.number, r.name || ' (version ' || v.number || ')' as name, v.body,
               concat_ws(' ', v.xmin, v.ctid, r.name) as mark
        from recipe_version v join recipe r on r.bakery_id = v.bakery_id and r.id = v.recipe_id
        where v.recipe_id || '@' || v.number in ${sql(ids)}`,
      ({ id, name, number, body }) => ({ ...RecipeBody.parse(body), id, name, version: number }),
      `frozen ${round}`,
    )
    wanted = frozenIn(found.values)
    if (wanted.every(key => marks.has(key))) return found
  }
}
