// Where a line of the ledger goes that is dragged to another place, and the edits of it.
import { type BenchEdit, before } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'

export interface Drop {
  line: string
  /** The line it goes behind; null for the first place. */
  behind: string | null
}

/** The edits of a drop: its new place, and the group of the line it now stands behind where that is another. */
export function dropEdits(recipe: Recipe, { line: id, behind }: Drop): BenchEdit[] {
  const line = recipe.lines.find(one => one.id === id)
  const was = before(recipe, id)
  if (!line || behind === id || was === behind) return []
  const neighbour = recipe.lines.find(one => one.id === behind)
  const heading = neighbour?.heading ?? null
  return [
    { kind: 'move', line: id, was, to: behind },
    ...(neighbour && line.role === 'mix' && neighbour.role === 'mix' && heading !== (line.heading ?? null)
      ? [{ kind: 'heading' as const, line: id, was: line.heading ?? null, to: heading }]
      : []),
  ]
}

/**
 * Where a line would go at that height, and the height of the mark that shows it; both from the top of the table. A part's rows all
 * carry the part's line, so the line goes behind the whole part.
 */
export function placeAt(table: Element, y: number): { behind: string | null; mark: number | null } {
  const top = table.getBoundingClientRect().top
  let behind: string | null = null
  let mark: number | null = null
  for (const row of table.querySelectorAll<HTMLElement>('tr[data-line]')) {
    const box = row.getBoundingClientRect()
    if (y < box.top - top + box.height / 2) return { behind, mark: mark ?? box.top - top }
    behind = row.dataset.line ?? behind
    mark = box.bottom - top
  }
  return { behind, mark }
}
