// How many makings a wished-for batch is.
import type { Recipe } from '../model/recipe'
import type { Tin, TinCount } from '../model/tin'
import type { Workbook } from '../model/workbook'
import { billOf } from './bill'
import { impossible, type TinRule, tinFactor, tinRoom } from './tin'

/** The largest batch: more makings at once are a slip of the finger. */
export const mostMakings = 1000
/** Why a batch of so many makings is too large; '' where it is not. */
export const tooLarge = (factor: number): string =>
  factor > mostMakings ? `That is over ${mostMakings} makings at once.` : ''

export type BatchTarget =
  | { pieces: number }
  | { grams: number }
  | { tin: Tin; tins: number }
  | { into: readonly TinCount[]; rule?: TinRule }
  | { factor: number }
  | { useUp: { ingredient: string; grams: number } }

/**
 * The factor that turns one making of `recipe` into the target. Throws RangeError, in words for the baker,
 * where the recipe does not say what the target needs (pieces, tin, weight, that ingredient).
 */
export function scaleFactor(recipe: Recipe, target: BatchTarget, workbook: Workbook): number {
  const factor = wanted(recipe, target, workbook)
  if (!(factor > 0) || !Number.isFinite(factor))
    throw new RangeError('A batch is more than nothing: give a number above 0.')
  return factor
}

function wanted(recipe: Recipe, target: BatchTarget, workbook: Workbook): number {
  if ('factor' in target) return target.factor
  if ('pieces' in target) {
    if (!recipe.pieces) throw new RangeError(`Say how many pieces one making of ${recipe.name} gives.`)
    return target.pieces / recipe.pieces
  }
  if ('tin' in target) {
    if (!recipe.tin) throw new RangeError(`Say which tin ${recipe.name} is written for.`)
    return tinFactor(recipe.tin, target.tin, target.tins) / (recipe.tins ?? 1)
  }
  if ('into' in target) {
    if (!recipe.tin) throw new RangeError(`Say which tin ${recipe.name} is written for.`)
    const bad = target.into.map(one => impossible(one.tin)).find(Boolean)
    if (bad) throw new RangeError(bad)
    const rule = target.rule ?? 'depth'
    const room = target.into.reduce((sum, one) => sum + one.count * tinRoom(one.tin, rule), 0)
    return room / (tinRoom(recipe.tin, rule) * (recipe.tins ?? 1))
  }
  const bill = billOf(
    { ...workbook, recipes: [...workbook.recipes.filter(other => other.id !== recipe.id), recipe] },
    recipe.id,
  )
  if ('grams' in target) {
    if (!(bill.finished > 0)) throw new RangeError(`What one making of ${recipe.name} weighs is not known.`)
    return target.grams / bill.finished
  }
  const uses = bill.lines.filter(line => line.ingredient === target.useUp.ingredient && line.role !== 'beside')
  const each = uses.reduce((sum, line) => sum + line.grams, 0)
  if (!(each > 0)) throw new RangeError(`${recipe.name} uses no known weight of that ingredient.`)
  return target.useUp.grams / each
}
