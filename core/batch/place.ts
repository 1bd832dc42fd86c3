// Where things go in: every line of a batch that is weighed, each in its own place, in the order of the work.
import { byId } from '../model/byId'
import { type Line, partKey, type Role } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { type Bill, billOf } from '../recipe/bill'
import { fromTheOutside } from '../recipe/part'
import { writtenSum } from '../recipe/writtenAmount'

/** `top`: goes on before the oven; `after`: when it is out. */
export type Where = 'tin' | 'bowl' | 'top' | 'after'
const whereOf = (role: Role, afterBake: boolean): Where =>
  afterBake || role === 'beside' ? 'after' : role === 'release' ? 'tin' : role === 'finish' ? 'top' : 'bowl'
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
  /** Empty where it is a part from the shelf. */
  ingredient: string
  /** The key of the part, where it is one and comes from the shelf. */
  ofPart?: string
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

const order: readonly Where[] = ['tin', 'bowl', 'top', 'after']

/** The line of the recipe that a place is; undefined where it is none. */
export function lineAt(books: Workbook, key: string): Line | undefined {
  const end = key.lastIndexOf('#')
  return byId(books.recipes)
    .get(key.slice(0, end))
    ?.lines.find(line => line.id === key.slice(end + 1))
}

/** Where parts from the shelf go in, each whole. */
function partPlaces(books: Workbook, recipeId: string, factor: number, shelf: ReadonlySet<string>): Place[] {
  const recipes = byId(books.recipes)
  const found: Place[] = []
  const visit = (id: string, times: number, onTheWay: readonly string[]): void => {
    if (onTheWay.includes(id)) return
    for (const use of billOf(books, id).parts) {
      const line = recipes.get(id)?.lines.find(one => one.id === use.line)
      if (!line || line.role === 'beside') continue
      if (!shelf.has(use.part)) {
        if (use.makings !== null) visit(use.part, times * use.makings, [...onTheWay, id])
        continue
      }
      const one = billOf(books, use.part).finished
      found.push({
        key: `${id}#${line.id}`,
        recipe: id,
        line: line.id,
        part: id === recipeId ? null : (recipes.get(id)?.name ?? id),
        where: whereOf(line.role, line.afterBake ?? false),
        role: line.role,
        ingredient: '',
        ofPart: use.part,
        name: recipes.get(use.part)?.name ?? use.part,
        written: writtenSum(line),
        planned: use.makings === null || !(one > 0) ? null : use.makings * times * one,
        times,
        retained: line.retained ?? (line.role === 'drained' ? 0 : 1),
        afterBake: line.afterBake ?? false,
      })
    }
  }
  visit(recipeId, factor, [])
  return found
}

/** Parts that could come from the shelf whole: every part the recipe asks for, at any depth. */
export const partsIn = (books: Workbook, recipeId: string): string[] => {
  const recipes = byId(books.recipes)
  const within = fromTheOutside(recipes, recipeId)
  return within
    .filter(id => id !== recipeId && recipes.get(id)!.lines.length > 0)
    .filter(id =>
      within.some(other =>
        recipes
          .get(other)
          ?.lines.some(line => line.role !== 'beside' && 'recipe' in line.of && partKey(line.of) === id),
      ),
    )
}

/**
 * What is weighed of a bill of the whole batch: first what the tin is made ready with, then each part before what it goes into,
 * last what goes on after the bake. What is only served beside is weighed where it is packed along. `shelf`: parts that are ready
 * made, and weighed whole.
 */
export function placesOf(
  books: Workbook,
  recipeId: string,
  bill: Bill,
  shelf: ReadonlySet<string> = new Set(),
): Place[] {
  const recipes = byId(books.recipes)
  const ingredients = byId(books.ingredients)
  const whole = shelf.size === 0 ? [] : partPlaces(books, recipeId, bill.factor, shelf)
  const places = new Map<string, Place>(whole.map(one => [one.key, one]))
  for (const leaf of bill.lines) {
    if (leaf.role === 'beside' && !leaf.goesAlong) continue
    if (leaf.role !== 'beside' && leaf.path.some(step => shelf.has(step.id))) continue
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
    places.set(key, {
      key,
      recipe,
      line: leaf.line,
      part: recipe === recipeId ? null : (recipes.get(recipe)?.name ?? recipe),
      where: whereOf(leaf.role, leaf.afterBake ?? false),
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
  const lineNumber = (one: Place) => recipes.get(one.recipe)?.lines.findIndex(line => line.id === one.line) ?? 0
  return [...places.values()].sort(
    (a, b) =>
      order.indexOf(a.where) - order.indexOf(b.where) ||
      making.indexOf(a.recipe) - making.indexOf(b.recipe) ||
      lineNumber(a) - lineNumber(b),
  )
}
