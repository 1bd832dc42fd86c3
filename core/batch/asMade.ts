// The books as if the recipe had always been what went into this batch: so that claims, allergens, nutrition and label of what was
// really made are judged by the very same rules.
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import type { Line, Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { openFoodIn } from '../recipe/openFood'
import { batchState, type Item, type KeptEntry, recipeOf, thingsOf } from './state'

const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(a, b, 1)

/** Grams that went in, of a batch of the planned size: what lies within the tolerance counts as what was to go in. */
function wentIn({ target, weighed, done, low, high, kept }: Item, scale: number): number | null {
  const off = done && weighed > 0 && (target === null || kept !== null || weighed < low || weighed > high)
  const grams = off ? weighed : target
  return grams === null ? null : grams / scale
}

/** One line as it went in; null where it was left out. The very same where nothing was changed. */
function lineAsMade(line: Line, item: Item | undefined, scale: number): Line | null {
  if (!item) return line
  const grams = wentIn(item, scale)
  if (grams === 0) return null
  const moved = grams !== null && (item.planned === null || !near(grams, item.planned))
  if (!moved && !item.now) return line
  const amount = grams === null || !(item.times > 0) ? line.amount : ({ value: grams / item.times, unit: 'g' } as const)
  // what was said of the thing before does not hold of another
  const kept = item.now
    ? {
        id: line.id,
        of: { ingredient: item.now.id },
        role: line.role,
        ...(line.afterBake === undefined ? {} : { afterBake: line.afterBake }),
        ...(line.heading === undefined ? {} : { heading: line.heading }),
        ...(line.retained === undefined ? {} : { retained: line.retained }),
        ...(line.goesAlong === undefined ? {} : { goesAlong: line.goesAlong }),
      }
    : withoutWords(line)
  return { ...kept, amount }
}
function withoutWords({ plus: _, also: __, weighed: ___, text: ____, ...line }: Line): Line {
  return line
}

/** Words for food that stand in no line only because something else went in: answered for by the entry. */
function answered(made: Recipe, was: Recipe, before: Workbook, after: Workbook, day: string): Recipe {
  const open = new Set(openFoodIn(was, before).map(one => one.word))
  const fresh = openFoodIn(made, after).filter(one => !open.has(one.word))
  if (fresh.length === 0) return made
  const said = 'Something else went in, in this batch.'
  return {
    ...made,
    answers: [...(made.answers ?? []), ...fresh.map(one => ({ word: one.word, said, by: 'the batch', on: day }))],
  }
}

/** Pure. As planned where nothing was changed: then it is the very same books. */
export function asMade(batch: Batch, kept: readonly KeptEntry[]): Workbook {
  const { books } = batch
  const { items, added, scale } = batchState(batch, kept)
  const places = byId(items.map(item => ({ ...item, id: item.key })))
  const top = recipeOf(batch)
  const recipes = books.recipes.map((recipe): Recipe => {
    const lines = recipe.lines.flatMap(line => {
      const made = lineAsMade(line, places.get(`${recipe.id}#${line.id}`), scale)
      return made ? [made] : []
    })
    const came =
      recipe.id === top
        ? added.map(
            ({ entry }): Line => ({
              id: `added ${entry.id}`,
              of: { ingredient: entry.ingredient },
              amount: entry.grams === null ? null : { value: entry.grams / scale / batch.factor, unit: 'g' },
              role: 'mix',
            }),
          )
        : []
    const same =
      came.length === 0 && lines.length === recipe.lines.length && lines.every((l, at) => l === recipe.lines[at])
    return same ? recipe : { ...recipe, lines: [...lines, ...came] }
  })
  if (recipes.every((one, at) => one === books.recipes[at])) return books
  const known = new Set(books.ingredients.map(one => one.id))
  const fresh = [...thingsOf(batch, kept).values()].filter(one => !known.has(one.id))
  const made: Workbook = { ...books, recipes, ingredients: [...books.ingredients, ...fresh] }
  return {
    ...made,
    recipes: recipes.map((one, at) =>
      one === books.recipes[at] ? one : answered(one, books.recipes[at]!, books, made, batch.day),
    ),
  }
}
