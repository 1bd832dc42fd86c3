// What the ledger and its menus are given to edit with.
import type { CheckedAlternative, Swap } from '@fair-tin/core/assess'
import { type BenchEdit, before } from '@fair-tin/core/edit'
import type { ClaimCode, Evidence, Ingredient, Line, Recipe } from '@fair-tin/core/model'
import type { BillLine } from '@fair-tin/core/recipe'
import type { Hands } from '../typed/useTyped'

/** A line with these edits being typed; null: no longer. */
export type WeighTyped = (line: string, edits: BenchEdit[] | null) => void

export interface Editing {
  recipe: Recipe
  factor: number
  today: string
  hands: Hands
  /** A line of this recipe as it would be weighed after these edits; null where it has no weight of its own. */
  weighs: (line: string, edits: readonly BenchEdit[]) => BillLine | null
  /** What a line may be exchanged for. */
  shelf: { id: string; name: string; part: boolean }[]
  swapsFor: (claim: ClaimCode, line: string) => Swap[]
  /** The circle that putting this into the recipe would make, in words; null where it makes none. */
  refuse: (of: Line['of']) => string | null
  /** The newest of each part. */
  partOf: (id: string) => Recipe | undefined
  ingredientOf: (id: string) => Ingredient | undefined
  /** The kitchen’s own documents: what may say that nothing of a line is left. */
  papers: readonly Evidence[]
  onFrozen: (recipe: Recipe) => void
  forWhat: string
  /** What a line's alternatives would do, each by itself. */
  alternatives: (line: string) => CheckedAlternative[]
}

/** The edit that moves a line one place up (−1) or down (1); null at the ends. */
export function shifted(recipe: Recipe, line: string, by: -1 | 1): BenchEdit | null {
  const at = recipe.lines.findIndex(one => one.id === line)
  if (at < 0 || at + by < 0 || at + by >= recipe.lines.length) return null
  const to = by < 0 ? (recipe.lines[at - 2]?.id ?? null) : recipe.lines[at + 1]!.id
  return { kind: 'move', line, was: before(recipe, line), to }
}
