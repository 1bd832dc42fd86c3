// The books as if the recipe had always been what went into this batch: so that claims, allergens, nutrition and label of what was
// really made are judged by the very same rules.
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import type { Line, Recipe } from '../model/recipe'
import type { Workbook } from '../model/workbook'
import { openFoodIn } from '../recipe/openFood'
import { partsIn } from './place'
import { batchState, type Item, type KeptEntry, recipeOf, thingsOf } from './state'

const near = (a: number, b: number) => Math.abs(a - b) <= 1e-9 * Math.max(a, b, 1)

/**
 * Grams that went in, of a batch of the planned size: what lies within the tolerance counts as what was to go in, and what is still
 * being weighed as what is to go in.
 */
function gramsIn(
  { target, weighed, done, over, low, high, kept }: Item,
  scale: number,
  finished: boolean,
): number | null {
  const all = done || over || finished
  const off = all && weighed > 0 && (target === null || kept !== null || weighed < low || weighed > high)
  const grams = off ? weighed : target
  return grams === null ? null : grams / scale
}

/** One line as it went in: none where it was left out, several where other things went in there too. The very same where nothing was changed. */
function linesAsMade(line: Line, item: Item | undefined, scale: number, finished: boolean): Line[] {
  if (!item) return [line]
  const all = gramsIn(item, scale, finished)
  const others = item.others.reduce((sum, one) => sum + one.grams / scale, 0)
  const grams = all === null ? null : Math.max(0, all - others)
  const besides = item.others.map(
    ({ of, grams }, at): Line => ({
      ...placed(line),
      id: `${line.id} besides ${at}`,
      of: of ?? nobodyKnows,
      amount: { value: grams / scale / (item.times > 0 ? item.times : 1), unit: 'g' },
    }),
  )
  // said to have gone in instead, after as much of the other was weighed: how much of it, nobody knows
  if (grams === 0 && item.now && others > 0 && item.target !== 0)
    return [{ ...placed(line), id: line.id, of: { ingredient: item.now.id }, amount: null }, ...besides]
  if (grams === 0) return besides
  const moved = grams !== null && (item.planned === null || !near(grams, item.planned))
  if (!moved && !item.now) return [line, ...besides]
  const amount = grams === null || !(item.times > 0) ? line.amount : ({ value: grams / item.times, unit: 'g' } as const)
  // what was said of the thing before does not hold of another
  const kept = item.now ? { ...placed(line), id: line.id, of: { ingredient: item.now.id } } : withoutWords(line)
  return [{ ...kept, amount }, ...besides]
}
/** In no larder: whatever it was, it proves nothing. */
const nobodyKnows = { ingredient: 'nobody knows what' }
/** Where a line goes in, and how it fares there: that holds of whatever goes in there. */
const placed = ({ role, afterBake, heading, retained, goesAlong }: Line) => ({
  role,
  ...(afterBake === undefined ? {} : { afterBake }),
  ...(heading === undefined ? {} : { heading }),
  ...(retained === undefined ? {} : { retained }),
  ...(goesAlong === undefined ? {} : { goesAlong }),
})
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
  const { items, added, strays, scale, finished } = batchState(batch, kept)
  const places = byId(items.map(item => ({ ...item, id: item.key })))
  const top = recipeOf(batch)
  const gramsOf = (grams: number | null) =>
    grams === null ? null : { value: grams / scale / batch.factor, unit: 'g' as const }
  const besidesThePlan = [
    ...added.map(({ entry }) => ({ of: { ingredient: entry.ingredient }, amount: gramsOf(entry.grams) })),
    ...strays.map(one => ({ of: one.of ?? nobodyKnows, amount: gramsOf(one.grams) })),
  ].map((one, at): Line => ({ id: `besides the plan ${at}`, role: 'mix', ...one }))
  const recipes = books.recipes.map((recipe): Recipe => {
    const lines = recipe.lines.flatMap(line =>
      linesAsMade(line, places.get(`${recipe.id}#${line.id}`), scale, finished !== null),
    )
    const came = recipe.id === top ? besidesThePlan : []
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

/** Was a part, or one inside it, made otherwise than written? Then what is left of it is not that part. */
export function partMadeOtherwise(batch: Batch, kept: readonly KeptEntry[], part: string): boolean {
  const made = byId(asMade(batch, kept).recipes)
  const written = byId(batch.books.recipes)
  return [part, ...partsIn(batch.books, part)].some(id => made.get(id) !== written.get(id))
}
