// Dragging a line of the ledger to another place: one listener for the whole table, nothing for each row.
import { type BenchEdit, before } from '@fair-tin/core/edit'
import type { Recipe } from '@fair-tin/core/model'
import type { PointerEvent } from 'react'

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

const rowsOf = (table: Element): HTMLElement[] => [...table.querySelectorAll<HTMLElement>('tr[data-line]')]

/**
 * Follows the pointer from a handle until it is let go. `onMark` is told where the line would go, as a y within the table;
 * null when it ends. A part's rows all carry the part's line, so the line goes behind the whole part.
 */
export function startDrag(
  event: PointerEvent,
  table: HTMLElement,
  onMark: (y: number | null) => void,
  onDrop: (drop: Drop) => void,
): void {
  const line = (event.target as Element).closest<HTMLElement>('tr[data-line]')?.dataset.line
  if (!line) return
  event.preventDefault()
  const handle = event.currentTarget as HTMLElement
  handle.setPointerCapture(event.pointerId)
  let target: Drop | null = null
  const move = (now: globalThis.PointerEvent) => {
    const top = table.getBoundingClientRect().top
    let behind: string | null = null
    let mark: number | null = null
    for (const row of rowsOf(table)) {
      const box = row.getBoundingClientRect()
      if (now.clientY < box.top + box.height / 2) {
        mark ??= box.top - top
        break
      }
      behind = row.dataset.line ?? behind
      mark = box.bottom - top
    }
    target = { line, behind }
    onMark(mark)
  }
  const end = (drop: boolean) => () => {
    handle.removeEventListener('pointermove', move)
    handle.removeEventListener('pointerup', up)
    handle.removeEventListener('pointercancel', off)
    window.removeEventListener('keydown', letGo)
    onMark(null)
    if (drop && target) onDrop(target)
  }
  const up = end(true)
  const off = end(false)
  const letGo = (key: KeyboardEvent) => key.key === 'Escape' && off()
  handle.addEventListener('pointermove', move)
  handle.addEventListener('pointerup', up)
  handle.addEventListener('pointercancel', off)
  window.addEventListener('keydown', letGo)
}
