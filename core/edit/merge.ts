// Two changes of the same field that nobody has seen yet are one.
import type { BenchEdit } from './benchEdit'
import { same } from './same'

/** What an edit is about, where it sets one field from what it was to what it is to be; null for one that does more than that. */
const fieldOf = (edit: BenchEdit): string | null => {
  switch (edit.kind) {
    case 'add':
    case 'remove':
    case 'move':
    case 'tick':
    case 'whole':
    // another thing in its place may bring a new one with it
    case 'of':
      return null
    case 'product':
      return `product ${edit.field}`
    case 'packs':
    case 'measures':
      return `${edit.kind} ${edit.ingredient}`
    default:
      return 'line' in edit ? `${edit.kind} ${edit.line}` : edit.kind
  }
}

/** `next` after `last` as one edit, none where they take each other back; null where they are two. */
export function merged(last: BenchEdit, next: BenchEdit): BenchEdit[] | null {
  const field = fieldOf(last)
  if (field === null || field !== fieldOf(next)) return null
  if (!('was' in last) || !('was' in next) || !same(last.to, next.was)) return null
  return same(last.was, next.to) ? [] : [{ ...next, was: last.was } as BenchEdit]
}
