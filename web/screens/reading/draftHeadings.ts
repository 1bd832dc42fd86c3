// The headings of a draft: called otherwise, or made parts of their own.

import type { Named } from '@fair-tin/core/ingredient'
import { longestName } from '@fair-tin/core/model'
import { amountsOf, broughtBy, type Draft, type DraftLine, type DraftOfOne, freshKey } from './draft'
import { notSold } from './draftFrom'

/**
 * The lines under a heading as a part of their own that comes with the recipe; one making of it stands in their place, where
 * they went. Its method stays where it is written: it can be moved on its own bench.
 */
export function madeApart(draft: Draft, heading: string, parts: readonly Named[]): Draft {
  const group = draft.lines.filter(line => line.heading === heading)
  const first = draft.lines.findIndex(line => line.heading === heading)
  if (first < 0) return draft
  const key = freshKey()
  // only by its heading: what the whole is called after need not be in a part of it
  const plain = heading.replace(/^./u, letter => letter.toUpperCase()).slice(0, longestName)
  const taken = new Set([...parts, ...draft.bring.map(one => one.draft)].map(one => one.name.toLowerCase()))
  let name = plain
  for (let at = 2; taken.has(name.toLowerCase()); at++) name = `${plain} ${at}`
  const roles = new Set(group.map(line => line.role))
  const role = roles.size === 1 ? group[0]!.role : 'mix'
  const part: DraftOfOne = {
    name,
    pieces: '',
    bakeLoss: '',
    cup: draft.cup,
    spoon: draft.spoon,
    lines: group.map(line => ({ ...line, heading: '', role: roles.size === 1 ? 'mix' : line.role })),
    method: '',
    notes: '',
    kept: {},
    ...notSold,
  }
  const calls: DraftLine = {
    key: freshKey(),
    text: heading,
    amount: '1 making',
    of: { recipe: broughtBy(key) },
    asks: false,
    prep: '',
    role,
    heading: '',
    alternatives: [],
    kept: {},
  }
  return {
    ...draft,
    lines: draft.lines.flatMap((line, at) => (at === first ? [calls] : line.heading === heading ? [] : [line])),
    bring: [...draft.bring, { key, draft: part }],
  }
}

/** The first line under a heading that wants an answer before it may be kept: out of sight it could not be given. */
export const unanswered = (draft: Draft, heading: string): DraftLine | undefined =>
  draft.lines.find(
    line => line.heading === heading && ((line.asks && !('fresh' in line.of)) || 'problem' in amountsOf(line)),
  )

/** The lines with one heading called otherwise; none where nothing is written. */
export const headedAnew = (draft: Draft, from: string, to: string): Draft => ({
  ...draft,
  lines: draft.lines.map(line => (line.heading === from ? { ...line, heading: to } : line)),
})
