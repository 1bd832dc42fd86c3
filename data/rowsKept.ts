// What was read stays read: of every row only its mark is asked for each time, and its body where another one stands there now.
// A mark is the row's own place and writer in the database (ctid and xmin), so it changes with every change, whoever made it,
// and what was rolled back is never taken for what is there.
import type { Damaged } from '@fair-tin/core/model'
import { DamagedRow, readRow } from './damage'
import { bakeryOpen } from './withBakery'

interface Marked {
  id: string
  mark: string
}
export interface KeptRows<T> {
  /** The same array as long as no row changes: what is worked out from it holds. Frozen, like everything in it. */
  readonly values: readonly T[]
  readonly damaged: readonly Damaged[]
}
interface Held {
  readonly mark: string
  readonly value?: unknown
  readonly damage?: Damaged
}
interface Shelf {
  rows: ReadonlyMap<string, Held>
  kept: KeptRows<unknown>
}

/** Of so many bakeries what was read is held; then the one longest unread is let go. */
const mostBakeries = 20
const bakeries = new Map<string, Map<string, Shelf>>()
function shelves(): Map<string, Shelf> {
  const bakery = bakeryOpen()
  const own = bakeries.get(bakery) ?? new Map<string, Shelf>()
  bakeries.delete(bakery)
  bakeries.set(bakery, own)
  for (const oldest of bakeries.keys()) {
    if (bakeries.size <= mostBakeries) break
    bakeries.delete(oldest)
  }
  return own
}
/** Lets go of everything, so that it is read anew. */
export const forgetRows = (): void => bakeries.clear()

function frozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value)
    for (const inner of Object.values(value)) frozen(inner)
  }
  return value
}

function heldOf<R extends { id: string; name: string }>(
  kind: Damaged['kind'],
  row: R & Marked,
  read: (row: R) => unknown,
): Held {
  try {
    return { mark: row.mark, value: frozen(readRow(kind, row, read)) }
  } catch (error) {
    if (!(error instanceof DamagedRow)) throw error
    return { mark: row.mark, damage: error.damage }
  }
}

/**
 * The rows that `marks` names, in that order: those whose mark is known as they were read before, the others from `bodies`.
 * What cannot be read is in `damaged`. `shelf`: what kind of list it is.
 */
export async function keptRows<R extends { id: string; name: string }, T>(
  kind: Damaged['kind'],
  marks: readonly Marked[],
  bodies: (ids: string[]) => Promise<readonly (R & Marked)[]>,
  read: (row: R) => T,
  shelf: string = kind,
): Promise<KeptRows<T>> {
  const all = shelves()
  const before = all.get(shelf)
  const other = marks.filter(({ id, mark }) => before?.rows.get(id)?.mark !== mark).map(one => one.id)
  if (before && other.length === 0 && marks.length === before.rows.size) {
    const order = [...before.rows.keys()]
    if (marks.every(({ id }, at) => order[at] === id)) return before.kept as KeptRows<T>
  }
  const asked = new Set(other)
  const fresh = new Map((await inLots(other, bodies)).map(row => [row.id, heldOf(kind, row, read)]))
  const rows = new Map<string, Held>()
  for (const { id } of marks) {
    // what was asked for and did not come is gone since the first question
    const held = asked.has(id) ? fresh.get(id) : before?.rows.get(id)
    if (held) rows.set(id, held)
  }
  const values = [...rows.values()].flatMap(held => (held.damage ? [] : [held.value as T]))
  const damaged = [...rows.values()].flatMap(held => held.damage ?? [])
  const kept = Object.freeze({ values: Object.freeze(values), damaged: Object.freeze(damaged) })
  all.set(shelf, { rows, kept })
  return kept
}

/** Asks for rows by their ids, a bounded number at a time. */
async function inLots<R>(ids: readonly string[], ask: (some: string[]) => Promise<readonly R[]>): Promise<R[]> {
  const found: R[] = []
  for (let from = 0; from < ids.length; from += 5000) found.push(...(await ask(ids.slice(from, from + 5000))))
  return found
}
