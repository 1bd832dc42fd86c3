// How a label stands: whether what was signed may still be relied on. A signature vouches for what was known when it was given: what
// became unknown or unproven since is vouched for by nobody, though no word of the label changed.
import type { Workbook } from '../model/workbook'
import { type Seal, type Stale, staleSince, type ToSign } from './seal'

/** `open`: its words are as signed, and something stands before a new signature: till that is settled it vouches for nothing. */
export const standings = ['outOfDate', 'open', 'withdrawn', 'never', 'signed'] as const
export type Standing = (typeof standings)[number]

/** `deed`: what was done last, if anything. A seal that cannot be read any more vouches for nothing. */
export function standingOf(
  deed: 'signed' | 'withdrawn' | null,
  seal: Seal | null,
  now: ToSign | null,
  workbook: Workbook,
): { standing: Standing; stale: Stale | null } {
  if (deed === null) return { standing: 'never', stale: null }
  if (deed === 'withdrawn' || seal === null) return { standing: 'withdrawn', stale: null }
  const stale = staleSince(seal, now, workbook)
  if (stale) return { standing: 'outOfDate', stale }
  return { standing: now && now.hinders.length === 0 ? 'signed' : 'open', stale: null }
}
