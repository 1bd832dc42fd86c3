// A recipe that might be: edits made while trying stay here, beside what is in force, until they are taken or put away.
import { applyEdit, type BenchEdit, bodyOf, freshIn, RecipeBody, type RecipeEdit } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'
import { useCallback, useEffect, useState } from 'react'
import { v4 } from 'uuid'
import { z } from 'zod'
import { leaveHere, leftHere } from '../../leftHere'

const Fresh = z.array(z.object({ id: z.string(), name: z.string() }))
const Held = z.object({
  id: z.string(),
  name: z.string(),
  notes: z.string(),
  /** As it stands, and as it stood before each deed. */
  body: RecipeBody,
  past: z.array(RecipeBody).max(200),
  fresh: Fresh,
  /** Kept in the books already, and unchanged since. */
  kept: z.boolean(),
})
export type TrialInHand = z.infer<typeof Held>

/** Product and prices are nobody's trial: they are changed where they are in force. */
export const isRecipeEdit = (edit: BenchEdit): edit is RecipeEdit & BenchEdit =>
  edit.kind !== 'product' && edit.kind !== 'tick' && edit.kind !== 'packs' && edit.kind !== 'measures'

/** The trial with one more deed done to it; what cannot be done to it any more is left out. */
function withDeed(trial: TrialInHand, recipe: Recipe, deed: readonly RecipeEdit[]): TrialInHand {
  let now: Recipe = { ...trial.body, id: recipe.id, version: recipe.version }
  for (const one of deed) {
    const done = applyEdit(now, one)
    if ('recipe' in done) now = done.recipe
  }
  const fresh = deed.flatMap(one => freshIn(one as BenchEdit)).map(({ id, name }) => ({ id, name }))
  return {
    ...trial,
    body: bodyOf(now),
    past: [...trial.past, trial.body].slice(-200),
    fresh: [...trial.fresh, ...fresh.filter(one => !trial.fresh.some(known => known.id === one.id))],
    kept: false,
  }
}

/** Kept in the browser, so that a reload loses nothing. */
const shelf = (product: string) => `fair-tin-trial-${product}`

export function useTrial(product: string) {
  const [trial, setTrial] = useState<TrialInHand | null>(null)
  useEffect(() => {
    const read = Held.safeParse(leftHere(shelf(product)))
    if (read.success) setTrial(read.data)
  }, [product])
  const put = useCallback(
    (next: TrialInHand | null) => {
      setTrial(next)
      leaveHere(shelf(product), next)
    },
    [product],
  )
  /** Begins a trial from the recipe, or goes on with a kept one; `deed` is what is tried first. */
  const start = useCallback(
    (
      recipe: Recipe,
      from: Partial<Pick<TrialInHand, 'id' | 'name' | 'notes' | 'body' | 'fresh' | 'kept'>> = {},
      deed: readonly RecipeEdit[] = [],
    ) => {
      const begun: TrialInHand = {
        id: `trial-${v4()}`,
        name: '',
        notes: '',
        body: bodyOf(recipe),
        fresh: [],
        kept: false,
        ...from,
        past: [],
      }
      put(deed.length > 0 ? withDeed(begun, recipe, deed) : begun)
    },
    [put],
  )
  const edit = useCallback(
    (recipe: Recipe, deed: readonly RecipeEdit[]) => trial && put(withDeed(trial, recipe, deed)),
    [trial, put],
  )
  const undo = useCallback(() => {
    const last = trial?.past.at(-1)
    if (trial && last) put({ ...trial, body: last, past: trial.past.slice(0, -1), kept: false })
  }, [trial, put])
  const change = useCallback(
    (words: Partial<Pick<TrialInHand, 'name' | 'notes' | 'kept'>>) => trial && put({ ...trial, kept: false, ...words }),
    [trial, put],
  )
  const end = useCallback(() => put(null), [put])
  return { trial, start, edit, undo, change, end }
}
export type Trying = ReturnType<typeof useTrial>
