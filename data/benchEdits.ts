// What one bench changed, applied to things as they are now: recipe, product and prices in one transaction.
import { type BenchClash, BenchEdit, type BenchThings, freshIn, type RefusedEdit, takeEdits } from '@fair-tin/core/edit'
import { type Product, partKey, productMoney, type Recipe } from '@fair-tin/core/model'
import { circleFact, circleThrough, partOnBench } from '@fair-tin/core/recipe'
import { wellFormedData } from '@fair-tin/core/words'
import { z } from 'zod'
import { seesPrices } from './bakery'
import { addIngredient, listIngredients, saveIngredient } from './ingredients'
import { doneBefore, remember } from './once'
import { findProduct, saveProduct } from './products'
import { lockRecipe, saveRecipe } from './recipes'
import type { BakerySql } from './withBakery'
import { readWorkbook } from './workbook'

export interface EditedBench extends Pick<BenchThings, 'product' | 'recipe'> {
  /** Ingredients this changed or brought in. */
  ingredients: BenchThings['ingredients'][number][]
  clashes: BenchClash[]
  refused: RefusedEdit[]
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

/** Only what brings a line in, or another thing into its place, can close a circle. */
const bringsIn = (edit: unknown): boolean =>
  ['add', 'of', 'whole'].includes((edit as { kind?: string } | null)?.kind ?? '')

/** Seen like a price, and changed only by whoever sees it. */
const isOfMoney = (edit: unknown): boolean => {
  const { kind, field } = (edit ?? {}) as { kind?: unknown; field?: unknown }
  return kind === 'product' && (productMoney as readonly unknown[]).includes(field)
}

/** The id an edit was sent under, where it has one. */
const deedOf = (edit: unknown): string[] => {
  const deed = z.uuid().safeParse((edit as { deed?: unknown } | null)?.deed)
  return deed.success ? [deed.data] : []
}

/** Why a part may not stand in the recipe as it would be after the edit; null where it may. */
async function circlesIn(sql: BakerySql, edits: readonly unknown[]): Promise<(recipe: Recipe) => string | null> {
  if (!edits.some(edit => bringsIn(edit) && JSON.stringify(edit).includes('"recipe"'))) return () => null
  const { recipes } = await readWorkbook(sql, '2000-01-01')
  return recipe => {
    for (const line of recipe.lines) {
      if (!('recipe' in line.of)) continue
      const chain = circleThrough([...recipes.filter(one => one.id !== recipe.id), recipe], recipe.id, partKey(line.of))
      if (chain) return circleFact(chain)
    }
    return null
  }
}

/**
 * Applies edits under a lock on the product and its recipe, or on the part. Each is taken or not by itself: what clashes or
 * is refused is left out and told, the rest goes through. What was sent under a `deed` and went through is not done again. Null
 * where the thing is gone. Throws DamagedRow where it cannot be read.
 */
export async function editBench(sql: BakerySql, on: OnBench, sent: readonly unknown[]): Promise<EditedBench | null> {
  const locked = await lockOnBench(sql, on)
  if (!locked) return null
  const { product, recipe } = locked
  const done = await doneBefore(sql, sent.flatMap(deedOf))
  const edits = wellFormedData(sent.filter(one => !deedOf(one).some(id => done.has(id))))
  const known = (await listIngredients(sql)).values
  const circle = await circlesIn(sql, edits)
  const money = edits.some(isOfMoney) && !(await seesPrices(sql))
  const freshOf = (one: unknown) => {
    const edit = BenchEdit.safeParse(one)
    return edit.success ? freshIn(edit.data) : []
  }
  const fresh = new Map(
    edits.flatMap(freshOf).flatMap(one => (known.some(other => other.id === one.id) ? [] : [[one.id, one]])),
  )
  const before: BenchThings = { product, recipe, ingredients: [...known, ...fresh.values()] }
  const { things, clashes, refused, taken } = takeEdits(before, edits, (after, edit) =>
    'part' in on && (edit.kind === 'product' || edit.kind === 'tick')
      ? 'A part is not sold by itself: its claims and prices are those of what it goes into.'
      : money && isOfMoney(edit)
        ? 'How it is priced and what its packing costs is kept from you: ask the owner.'
        : bringsIn(edit)
          ? circle(after.recipe)
          : null,
  )
  await remember(
    sql,
    taken.flatMap(asked => deedOf(asked).map(deed => ({ deed, asked }))),
  )
  // a thing new to the larder comes with an edit that was taken
  const brought = new Set(
    edits
      .filter(one => !refused.some(other => other.edit === one))
      .flatMap(freshOf)
      .map(one => one.id),
  )
  const added = things.ingredients.filter(one => brought.has(one.id) && fresh.has(one.id))
  for (const one of added) await addIngredient(sql, one)
  const changed = things.ingredients.filter(one => !before.ingredients.includes(one) && !fresh.has(one.id))
  const result: EditedBench = { product, recipe, ingredients: [...added], clashes, refused }
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
