// What one bench changed, applied to things as they are now: recipe, product and prices in one transaction.
import { applyBenchEdits, type BenchClash, type BenchEdit, type BenchThings, freshIn } from '@fair-tin/core/edit'
import type { Product, Recipe } from '@fair-tin/core/model'
import { partOnBench } from '@fair-tin/core/recipe'
import { addIngredient, listIngredients, saveIngredient } from './ingredients'
import { findProduct, saveProduct } from './products'
import { lockRecipe, saveRecipe } from './recipes'
import type { BakerySql } from './withBakery'

export interface EditedBench extends Pick<BenchThings, 'product' | 'recipe'> {
  /** Ingredients this changed or brought in. */
  ingredients: BenchThings['ingredients'][number][]
  clashes: BenchClash[]
}

/** What stands on the bench: a product with its recipe, or a part by itself. */
export type OnBench = { product: string } | { part: string }

async function lockOnBench(sql: BakerySql, on: OnBench): Promise<{ product: Product; recipe: Recipe } | null> {
  if ('part' in on) {
    const recipe = await lockRecipe(sql, on.part)
    // nothing of a product is changed from a part's bench
    return recipe ? { product: partOnBench({ recipes: [], products: [] }, recipe), recipe } : null
  }
  const [locked] = await sql<
    { recipe_id: string }[]
  >`select recipe_id from product where id = ${on.product} and removed_at is null for update`
  if (!locked) return null
  const [product, recipe] = await Promise.all([findProduct(sql, on.product), lockRecipe(sql, locked.recipe_id)])
  return product && recipe ? { product, recipe } : null
}

/**
 * Applies edits under a lock on the product and its recipe, or on the part; what clashes is left out and told. Sending
 * the same edits again changes nothing. `judge` may refuse the outcome by throwing. Null where it is gone.
 * Throws ZodError for what could not be read back, RangeError for a product's field changed from a part.
 */
export async function editBench(
  sql: BakerySql,
  on: OnBench,
  edits: readonly BenchEdit[],
  judge: (things: BenchThings) => Promise<void> = async () => {},
): Promise<EditedBench | null> {
  if ('part' in on && edits.some(edit => edit.kind === 'product' || edit.kind === 'tick'))
    throw new RangeError('A part is not sold by itself: its claims and prices are those of what it goes into.')
  const locked = await lockOnBench(sql, on)
  if (!locked) return null
  const { product, recipe } = locked
  const known = await listIngredients(sql)
  const fresh = edits.flatMap(freshIn)
  const added = fresh.filter((one, at) => ![...known, ...fresh.slice(0, at)].some(other => other.id === one.id))
  for (const one of added) await addIngredient(sql, one)
  const before: BenchThings = { product, recipe, ingredients: [...known, ...added] }
  const { things, clashes } = applyBenchEdits(before, edits)
  await judge(things)
  const changed = things.ingredients.filter(one => !before.ingredients.includes(one))
  const result: EditedBench = { product, recipe, ingredients: [...added], clashes }
  if (things.recipe !== recipe && JSON.stringify(things.recipe) !== JSON.stringify(recipe)) {
    const saved = await saveRecipe(sql, things.recipe, recipe.version)
    if (!saved.saved) throw new Error(`Recipe ${recipe.id} changed under its own lock.`)
    result.recipe = { ...things.recipe, version: saved.version }
  }
  if (things.product !== product && JSON.stringify(things.product) !== JSON.stringify(product)) {
    const saved = await saveProduct(sql, things.product, product.version!)
    if (!saved.saved) throw new Error(`Product ${product.id} changed under its own lock.`)
    result.product = { ...things.product, version: saved.version }
  }
  for (const one of changed) {
    const saved = await saveIngredient(sql, one, one.version ?? 1)
    if (!saved.saved) throw new Error(`${one.name} changed while its price or its measure was written. Send it again.`)
    result.ingredients = [
      ...result.ingredients.filter(other => other.id !== one.id),
      { ...one, version: saved.version },
    ]
  }
  return result
}

/** Rises with every change to anything of the bakery: tells a window that it shows something older. */
export async function readStamp(sql: BakerySql): Promise<number> {
  const [row] = await sql<{ stamp: number }[]>`select coalesce(max(entry), 0)::int as stamp from journal`
  return row!.stamp
}
