// Where things go in: every line of a batch that is weighed, each in its own place, in the order of the work.
import { byId } from '../model/byId'
import type { Role } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { fromTheOutside } from '../recipe/part'
import { writtenSum } from '../recipe/writtenAmount'

export type Where = 'tin' | 'bowl' | 'after'
export interface Place {
  /** `RECIPE#LINE`. */
  key: string
  /** The recipe the line stands in, by the key it goes by in the books. */
  recipe: string
  line: string
  /** Its name where that is a part; null in the product's own recipe. */
  part: string | null
  where: Where
  role: Role
  ingredient: string
  name: string
  /** As the recipe has it for one making. */
  written: string
  prep?: string
  form?: string
  /** Grams for the batch as planned; null where no weight is known. */
  planned: number | null
  /** Makings of the recipe it stands in. */
  times: number
  /** Share that stays in, and whether it goes on after the bake. */
  retained: number
  afterBake: boolean
}

const order: readonly Where[] = ['tin', 'bowl', 'after']

/**
 * What is weighed of a bill of the whole batch: first what the tin is made ready with, then each part before what it goes into,
 * last what goes on after the bake. What is only served beside is weighed where it is packed along.
 */
export function placesOf(books: Workbook, recipeId: string, bill: Bill): Place[] {
  const recipes = byId(books.recipes)
  const ingredients = byId(books.ingredients)
  const places = new Map<string, Place>()
  for (const leaf of bill.lines) {
    if (leaf.role === 'beside' && !leaf.goesAlong) continue
    const recipe = leaf.path.at(-2)!.id
    const key = `${recipe}#${leaf.line}`
    const known = places.get(key)
    const grams = leaf.unweighed ? null : leaf.grams
    if (known) {
      known.planned = known.planned === null || grams === null ? null : known.planned + grams
      known.times += leaf.times
      continue
    }
    const written = recipes.get(recipe)?.lines.find(line => line.id === leaf.line)
    const after = leaf.afterBake || leaf.role === 'finish' || leaf.role === 'beside'
    places.set(key, {
      key,
      recipe,
      line: leaf.line,
      part: recipe === recipeId ? null : (recipes.get(recipe)?.name ?? recipe),
      where: leaf.role === 'release' ? 'tin' : after ? 'after' : 'bowl',
      role: leaf.role,
      ingredient: leaf.ingredient,
      name: ingredients.get(leaf.ingredient)?.name ?? leaf.ingredient,
      written: written ? writtenSum(written) : '',
      ...(written?.prep ? { prep: written.prep } : {}),
      ...(leaf.form ? { form: leaf.form } : {}),
      planned: grams,
      times: leaf.times,
      retained: leaf.retained,
      afterBake: leaf.afterBake ?? false,
    })
  }
  const making = fromTheOutside(recipes, recipeId).reverse()
  const lineAt = (one: Place) => recipes.get(one.recipe)?.lines.findIndex(line => line.id === one.line) ?? 0
  return [...places.values()].sort(
    (a, b) =>
      order.indexOf(a.where) - order.indexOf(b.where) ||
      making.indexOf(a.recipe) - making.indexOf(b.recipe) ||
      lineAt(a) - lineAt(b),
  )
}
