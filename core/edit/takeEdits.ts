// Edits as they come in, taken one by one: what cannot be read, or would leave a thing that cannot be read back, is refused by
// itself, and the rest goes through.
import { Ingredient } from '../model/ingredient'
import { Product } from '../model/product'
import { Recipe } from '../model/recipe'
import { applyBenchEdit, type BenchClash, BenchEdit, type BenchThings } from './benchEdit'

/** An edit that was not taken, as it was sent, and why, in words for the baker. */
export interface RefusedEdit {
  edit: unknown
  why: string
}
export interface Taken<T extends BenchThings> {
  things: T
  clashes: BenchClash[]
  refused: RefusedEdit[]
  /** Those that went through, as they were sent. */
  taken: unknown[]
}
/** What else stands in the way of an edit, where schemas cannot know it; null where nothing does. */
export type Objection<T extends BenchThings> = (after: T, edit: BenchEdit) => string | null

const firstOf = (result: { error?: { issues: readonly { message: string }[] } | undefined }): string | null =>
  result.error ? (result.error.issues[0]?.message ?? 'This cannot be kept.') : null

/** Why what `edit` changed could not be read back; null where it can. */
function unreadable(before: BenchThings, after: BenchThings): string | null {
  if (after.product !== before.product) {
    const why = firstOf(Product.safeParse(after.product))
    if (why) return why
  }
  if (after.recipe !== before.recipe) {
    const why = firstOf(Recipe.safeParse(after.recipe))
    if (why) return why
  }
  if (after.ingredients === before.ingredients) return null
  const known = new Set(before.ingredients)
  for (const one of after.ingredients) {
    const why = known.has(one) ? null : firstOf(Ingredient.safeParse(one))
    if (why) return why
  }
  return null
}

/** Takes what can be taken, in order. `sent` is whatever came over the wire. Pure; never throws. */
export function takeEdits<T extends BenchThings>(
  before: T,
  sent: readonly unknown[],
  objection: Objection<T> = () => null,
): Taken<T> {
  const clashes: BenchClash[] = []
  const refused: RefusedEdit[] = []
  const taken: unknown[] = []
  let things = before
  for (const raw of sent) {
    const edit = BenchEdit.safeParse(raw)
    if (!edit.success) {
      refused.push({ edit: raw, why: firstOf(edit)! })
      continue
    }
    const done = applyBenchEdit(things, edit.data)
    if ('clash' in done) {
      clashes.push(done.clash)
      continue
    }
    const why = unreadable(things, done.things) ?? objection(done.things, edit.data)
    if (why) refused.push({ edit: raw, why })
    else {
      things = done.things
      taken.push(raw)
    }
  }
  return { things, clashes, refused, taken }
}
