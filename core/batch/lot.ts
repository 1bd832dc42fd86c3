// Whether a lot may go in here: its date, whether it is held, and whether it is the right thing at all.

export interface LotOnShelf {
  id: string
  lot: string
  ingredient: string
  /** Grams left, as far as the books know. */
  left: number
  useBy?: string
  /** Why it may not be used, where somebody held it. */
  held?: string
}

/** What stands against it, in words; null where nothing does. `name` is what is wanted, `other` what the lot is of. */
export function lotProblem(
  lot: LotOnShelf,
  wanted: { id: string; name: string },
  today: string,
  other = 'another thing',
): string | null {
  if (lot.ingredient !== wanted.id) return `Lot ${lot.lot} is ${other}, and ${wanted.name} goes in here.`
  if (lot.held !== undefined) return `Lot ${lot.lot} is held: ${lot.held}`
  if (lot.useBy !== undefined && lot.useBy < today) return `Lot ${lot.lot} is past its date.`
  return null
}

/** Which lot to take: what must be used first of what may be used; null where there is none. */
export const firstLot = <T extends LotOnShelf>(
  lots: readonly T[],
  wanted: { id: string; name: string },
  today: string,
): T | null =>
  lots
    .filter(one => one.left > 0 && lotProblem(one, wanted, today) === null)
    .sort((a, b) => (a.useBy ?? '9999').localeCompare(b.useBy ?? '9999') || a.lot.localeCompare(b.lot, 'en'))[0] ?? null
