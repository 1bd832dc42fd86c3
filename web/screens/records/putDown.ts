// Puts something down in the record of a batch that is not at the bench: sent at once, and told where that fails.
import type { BatchEntry } from '@fair-tin/core/model'
import { ask } from '../ask'

interface Answer {
  answers: ({ id: string; kept: true } | { id: string; kept: false; why: string })[]
}
/** Words where something was not kept; '' where all was. */
export async function putDown(batch: string, entries: readonly BatchEntry[]): Promise<string> {
  const said = await ask<Answer>(`/api/v1/batches/${encodeURIComponent(batch)}/entries`, { entries })
  if ('problem' in said) return said.problem
  return said.answers.flatMap(one => (one.kept ? [] : [one.why]))[0] ?? ''
}
