'use server'
// Keeps, removes and restores what is in the larder.
import { Ingredient } from '@fair-tin/core/model'
import { addIngredient, removeIngredient, restoreIngredient, saveIngredient } from '@fair-tin/data'
import { type Outcome, refused } from '../outcome'
import { idFrom, refusals, saving } from '../save'

/** `seen` is the version the edit began from; null for a new ingredient. */
export async function keepIngredient(input: unknown, seen: number | null, deed: string): Promise<Outcome<Ingredient>> {
  const read = Ingredient.safeParse(input)
  if (!read.success) return refusals(read.error)
  const ingredient = read.data
  return saving<Ingredient>(
    async sql => {
      if (seen === null) {
        const id = idFrom(ingredient.name)
        await addIngredient(sql, { ...ingredient, id })
        return { saved: true, id, version: 1 }
      }
      const saved = await saveIngredient(sql, ingredient, seen)
      if (saved.saved) return { saved: true, id: ingredient.id, version: saved.version }
      if (saved.conflict === 'removed')
        return refused(
          'This ingredient was taken out of the larder in another window. What you typed is still here: keep it as a new one, or restore the old one first.',
          'removed',
        )
      return { saved: false, conflict: saved.conflict }
    },
    { deed, asked: { ingredient, seen } },
  )
}

export async function takeOut(id: string): Promise<Outcome> {
  return saving(async sql =>
    (await removeIngredient(sql, id)) ? { saved: true, id, version: 0 } : refused('It was already taken out.'),
  )
}
export async function putBack(id: string): Promise<Outcome> {
  return saving(async sql =>
    (await restoreIngredient(sql, id)) ? { saved: true, id, version: 0 } : refused('It is already back.'),
  )
}
