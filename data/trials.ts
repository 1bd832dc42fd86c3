// Trials of a recipe: what might be, with its notes, beside what is in force.
import { RecipeBody } from '@fair-tin/core/edit'
import { Name } from '@fair-tin/core/model'
import { z } from 'zod'
import { written } from './damage'
import type { BakerySql } from './withBakery'

export const TrialDraft = z.object({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, 'Give the trial a name.').max(80, 'Keep the name under 80 letters.'),
  notes: z.string().trim().max(4000, 'Keep the notes under 4,000 letters.'),
  body: RecipeBody,
  /** Things in it that are not in the larder yet. */
  fresh: z.array(z.object({ id: z.string().min(1), name: Name })).max(200),
})
export type TrialDraft = z.infer<typeof TrialDraft>
export interface Trial extends TrialDraft {
  keptBy: string
  /** ISO moment. */
  keptAt: string
  closed: 'taken' | 'put away' | null
}

/** Every trial of a recipe that can be read, open ones first, then the newest. */
export async function listTrials(sql: BakerySql, recipeId: string): Promise<Trial[]> {
  const rows = await sql<
    (Omit<Trial, 'keptAt' | 'body' | 'fresh'> & { keptAt: Date; body: unknown; fresh: unknown })[]
  >`
    select t.id, t.name, t.notes, t.body, t.fresh, t.closed, coalesce(s.name, t.kept_by) as "keptBy", t.kept_at as "keptAt"
    from trial t left join staff s on s.bakery_id = t.bakery_id and s.id = t.kept_by
    where t.recipe_id = ${recipeId} order by t.closed is not null, t.kept_at desc, t.id`
  return rows.flatMap(row => {
    const read = TrialDraft.pick({ body: true, fresh: true }).safeParse({ body: row.body, fresh: row.fresh })
    return read.success ? [{ ...row, keptAt: row.keptAt.toISOString(), ...read.data }] : []
  })
}

/** Keeps a trial, or what changed in one that is still open. False where it was closed meanwhile: nothing is written then. */
export async function keepTrial(sql: BakerySql, recipeId: string, given: TrialDraft): Promise<boolean> {
  const trial = written(TrialDraft, given)
  const rows = await sql`
    insert into trial (bakery_id, id, recipe_id, name, notes, body, fresh)
    values (current_bakery(), ${trial.id}, ${recipeId}, ${trial.name}, ${trial.notes}, ${sql.json(trial.body as never)}, ${sql.json(trial.fresh as never)})
    on conflict (bakery_id, id) do update
      set name = excluded.name, notes = excluded.notes, body = excluded.body, fresh = excluded.fresh
      where trial.closed is null and trial.recipe_id = excluded.recipe_id
    returning 1`
  return rows.length === 1
}

/** Closes a trial: taken into force, or put away. It stays to be read. */
export async function closeTrial(
  sql: BakerySql,
  recipeId: string,
  id: string,
  how: 'taken' | 'put away',
): Promise<void> {
  await sql`update trial set closed = ${how} where id = ${id} and recipe_id = ${recipeId} and closed is null`
}
