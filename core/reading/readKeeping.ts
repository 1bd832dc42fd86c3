// How long it keeps and where, as a recipe says it: proposed, and decided by a person.
import { type KeepingPlace, type KeptSo, keepingPlaces } from '../model/keeping'
import { normal } from './normal'

export interface Keeping {
  days: number
  /** "in an airtight tin"; empty where nobody says where. */
  storage: string
}

const daysIn = { day: 1, week: 7, fortnight: 14, month: 30 } as const
const span =
  /\b(?:keep|keeps|kept|keeping|store|stored|stores|last|lasts|good|stays? (?:fresh|good|moist)|eat(?:en)?|use|consume|shelf[ -]life)\b[^.;\n]{0,80}?(?:(\d{1,3})\s*(?:(?:-|to|or)\s*(\d{1,3})\s*)?|\b(an?)\s+)(day|week|fortnight|month)s?\b/i
/** In a clause about freezing the word for keeping may be that alone. */
const anySpan =
  /\b(?:freez(?:e|es|er|ing)|frozen)\b[^.;\n]{0,80}?(?:(\d{1,3})\s*(?:(?:-|to|or)\s*(\d{1,3})\s*)?|\b(an?)\s+)(day|week|fortnight|month)s?\b/i
/** A cold of its own: what keeps for months there says nothing of the shelf. */
const frozen = /\b(?:freez(?:e|es|er|ing)|frozen)\b/i
const place =
  /\b(?:(?:well[ -])?(?:covered|wrapped|sealed|airtight)(?:,? (?:and |well |tightly )?)?)?\s*(?:in|at|under|on) (?:an?|the|its|their)?\s*[^.;,\n]*?\b(?:tin|tub|box|jar|bag|container|paper|foil|film|fridge|refrigerator|cupboard|larder|pantry|room temperature|dark place|cool place|dry place|shelf|chiller)\b/i

/** Clauses that say how long it keeps: days and where, as written. Of a range the shorter. */
function* keepingIn(text: string): Generator<Keeping & { clause: string }> {
  for (const clause of normal(text).split(/(?<=[.;\n])|,? (?:or|and) (?=(?:freeze|up to|for|\d))/i)) {
    const said = (frozen.test(clause) ? anySpan : span).exec(clause)
    if (!said) continue
    const one = said[3] === undefined ? Number(said[1]) : 1
    const days = one * daysIn[said[4]!.toLowerCase() as keyof typeof daysIn]
    if (days > 0) yield { days, storage: place.exec(clause)?.[0].trim() ?? '', clause }
  }
}

/** The shortest time a text gives out of the freezer, with where it is kept; null where it gives none. */
export function readKeeping(text: string): Keeping | null {
  let found: Keeping | null = null
  for (const { days, storage, clause } of keepingIn(text))
    if (!frozen.test(clause) && !(found && found.days <= days)) found = { days, storage }
  return found
}

const thawed = /\b(?:thaw|thawed|thawing|defrost|defrosted)\b/i
const cold = /\b(?:fridge|refrigerat\w*|chill\w*|cold)\b/i
const wrapped = /\b(?:tin|tub|box|jar|bag|container|paper|foil|film|wrap\w*|cover\w*|seal\w*|airtight)\b/i
/** How long it stays good for each way of keeping a text speaks of, the shortest of each: proposed, and decided by a person. */
export function readKeepingTable(text: string): KeptSo[] {
  const shortest = new Map<KeepingPlace, number>()
  for (const { days, clause } of keepingIn(text)) {
    const at: KeepingPlace = thawed.test(clause)
      ? 'thawed'
      : frozen.test(clause)
        ? 'frozen'
        : cold.test(clause)
          ? 'cold'
          : wrapped.test(clause)
            ? 'wrapped'
            : 'room'
    shortest.set(at, Math.min(days, shortest.get(at) ?? days))
  }
  return keepingPlaces.flatMap(at => {
    const good = shortest.get(at)
    return good === undefined ? [] : [{ place: at, good }]
  })
}
