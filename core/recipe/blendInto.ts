// Another flour blend put into a recipe: the flours of today go, the new ones come, of the same weight together.
import { before, type RecipeEdit } from '../edit/recipeEdit'
import { bakingOf } from '../ingredient/baking'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import type { Line, Recipe } from '../model/recipe'
import { toPlaces } from '../words/rounding'
import type { Bill, BillLine } from './bill'
import type { Blend } from './blend'

/**
 * The edits that put `blend` into the recipe: lines of flour, and parts that are nothing but flour and gum, are taken out;
 * what else such a part held (gum, say) stays as lines of its own. Flour inside other parts is left: those are changed
 * there. Null where no flour stands in the recipe itself. `idOf` names a new line.
 */
export function blendEdits(
  recipe: Recipe,
  bill: Bill,
  ingredients: readonly Ingredient[],
  blend: Blend,
  idOf: () => string,
): { edits: RecipeEdit[]; grams: number } | null {
  const known = byId([...ingredients])
  const isFlour = (leaf: BillLine) => {
    const ingredient = known.get(leaf.ingredient)
    return ingredient !== undefined && bakingOf(ingredient).flour !== undefined
  }
  const isGum = (leaf: BillLine) => {
    const ingredient = known.get(leaf.ingredient)
    return ingredient !== undefined && bakingOf(ingredient).gum === 1
  }
  const leavesOf = (line: Line) => bill.lines.filter(leaf => leaf.topLine === line.id)
  const gone = recipe.lines.filter(line => {
    if (line.role !== 'mix') return false
    const leaves = leavesOf(line)
    return leaves.some(isFlour) && leaves.every(leaf => isFlour(leaf) || isGum(leaf))
  })
  if (gone.length === 0) return null
  const leaves = gone.flatMap(leavesOf)
  const perMaking = (grams: number) => grams / bill.factor
  const grams = leaves.filter(isFlour).reduce((sum, leaf) => sum + perMaking(leaf.grams), 0)
  if (!(grams > 0)) return null
  const heading = gone[0]!.heading
  const kept = new Map<string, number>()
  for (const leaf of leaves)
    if (!isFlour(leaf)) kept.set(leaf.ingredient, (kept.get(leaf.ingredient) ?? 0) + perMaking(leaf.grams))
  const wanted = [...blend.shares.map(one => [one.id, one.share * grams] as const), ...kept].filter(
    ([, weight]) => weight >= 0.05,
  )
  let after = before(recipe, gone[0]!.id)
  const added: RecipeEdit[] = wanted.map(([ingredient, weight]) => {
    const line: Line = {
      id: idOf(),
      of: { ingredient },
      amount: { value: Number(toPlaces(weight, 1)), unit: 'g' },
      role: 'mix',
      ...(heading === undefined ? {} : { heading }),
    }
    const edit: RecipeEdit = { kind: 'add', line, after }
    after = line.id
    return edit
  })
  // the old lines are named as they stand once those before them are gone
  const rest = recipe.lines.filter(line => !gone.includes(line))
  const removed: RecipeEdit[] = gone.map(line => ({
    kind: 'remove',
    line,
    after: [...recipe.lines.slice(0, recipe.lines.indexOf(line))].reverse().find(one => rest.includes(one))?.id ?? null,
  }))
  return { edits: [...added, ...removed], grams }
}
