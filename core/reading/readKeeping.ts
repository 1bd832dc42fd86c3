// How long it keeps and where, as a recipe says it: proposed, and decided by a person.
import { normal } from './normal'

export interface Keeping {
  days: number
  /** "in an airtight tin"; empty where nobody says where. */
  storage: string
}

const daysIn = { day: 1, week: 7, fortnight: 14, month: 30 } as const
const span =
  /\b(?:keep|keeps|kept|keeping|store|stored|stores|last|lasts|good|stays? (?:fresh|good|moist)|eat(?:en)?|use|consume|shelf[ -]life)\b[^.;\n]{0,80}?(?:(\d{1,3})\s*(?:(?:-|to|or)\s*(\d{1,3})\s*)?|\b(an?)\s+)(day|week|fortnight|month)s?\b/i
/** A cold of its own: what keeps for months there says nothing of the shelf. */
const frozen = /\b(?:freez(?:e|es|er|ing)|frozen)\b/i
const place =
  /\b(?:(?:well[ -])?(?:covered|wrapped|sealed|airtight)(?:,? (?:and |well |tightly )?)?)?\s*(?:in|at|under|on) (?:an?|the|its|their)?\s*[^.;,\n]*?\b(?:tin|tub|box|jar|bag|container|paper|foil|film|fridge|refrigerator|cupboard|larder|pantry|room temperature|dark place|cool place|dry place|shelf|chiller)\b/i

/** The shortest time a text gives out of the freezer, with where it is kept; null where it gives none. Of a range the shorter. */
export function readKeeping(text: string): Keeping | null {
  let found: Keeping | null = null
  for (const clause of normal(text).split(/(?<=[.;\n])|,? (?:or|and) (?=(?:freeze|up to|for|\d))/i)) {
    if (frozen.test(clause)) continue
    const said = span.exec(clause)
    if (!said) continue
    const one = said[3] === undefined ? Number(said[1]) : 1
    const days = one * daysIn[said[4]!.toLowerCase() as keyof typeof daysIn]
    if (!(days > 0) || (found && found.days <= days)) continue
    found = { days, storage: place.exec(clause)?.[0].trim() ?? '' }
  }
  return found
}
