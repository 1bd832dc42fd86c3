// The batch in hand: how many makings, and into which tins. It is looked at, never saved: the recipe stays one making.
import type { Recipe, TinCount, Workbook } from '@fair-tin/core/model'
import {
  type BatchTarget,
  type Bill,
  batterOf,
  type Filling,
  fillTins,
  scaleFactor,
  type TinRule,
  tooLarge,
} from '@fair-tin/core/recipe'

export interface Batch {
  factor: number
  /** The tins chosen; null: those of the recipe, as many as it takes. */
  into: readonly TinCount[] | null
  rule: TinRule
}
export const oneMaking: Batch = { factor: 1, into: null, rule: 'depth' }

/** The batch for a target, or in words why there is none. */
export function batchFor(target: BatchTarget, recipe: Recipe, workbook: Workbook): Batch | { problem: string } {
  try {
    const factor = scaleFactor(recipe, target, workbook)
    const problem = tooLarge(factor)
    if (problem) return { problem }
    return { factor, into: 'into' in target ? target.into : null, rule: ('into' in target && target.rule) || 'depth' }
  } catch (error) {
    if (error instanceof RangeError) return { problem: error.message }
    throw error
  }
}

/** The tins a batch stands in: those chosen, else whole ones of the recipe's own. */
export const tinsOf = (batch: Batch, recipe: Recipe): readonly TinCount[] =>
  batch.into ??
  (recipe.tin ? [{ tin: recipe.tin, count: Math.max(1, Math.ceil((recipe.tins ?? 1) * batch.factor - 1e-9)) }] : [])

export function fillingsOf(batch: Batch, recipe: Recipe, bill: Bill): Filling[] {
  const batter = batterOf(bill)
  if (!(batter > 0)) return []
  const pieces = recipe.pieces === undefined ? null : recipe.pieces * batch.factor
  return fillTins(recipe, tinsOf(batch, recipe), batter, pieces, batch.rule, batter / batch.factor)
}
