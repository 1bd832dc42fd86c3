// What became known since of what went into a batch: allergens that neither its label nor its entries named. Food that was sold is
// called back for less.
import { assess } from '../assess/assess'
import { rulesAsRead } from '../market/market'
import { type AllergenCode, allergenCodes, allergenName } from '../model/allergen'
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import { fullList } from '../words/listing'
import { asMade } from './asMade'
import type { KeptEntry } from './state'

const rank = { free: 0, unknown: 0, mayContain: 1, contains: 2 } as const

/** `now`: the larder as it is today; what is no longer in it is taken as it was. Sentences, market by market. */
export function learnedSince(batch: Batch, kept: readonly KeptEntry[], now: readonly Ingredient[]): string[] {
  const today = byId(now)
  const made = asMade(batch, kept)
  const known = (one: Ingredient): Ingredient => {
    const newer = today.get(one.id)
    return newer && newer.version !== one.version ? { ...newer, packs: [] } : one
  }
  const ingredients = made.ingredients.map(known)
  if (ingredients.every((one, at) => one === made.ingredients[at])) return []
  const newer: Workbook = { ...made, ingredients }
  const markets = byId(batch.books.products).get(batch.product)?.markets ?? []
  return markets.flatMap(market => {
    const [then, since] = [made, newer].map(books => assess(books, batch.product, market).allergens)
    const came = (status: 'contains' | 'mayContain'): AllergenCode[] =>
      allergenCodes.filter(code => since![code].status === status && rank[then![code].status] < rank[status])
    const said = (codes: readonly AllergenCode[], how: string) =>
      codes.length === 0
        ? []
        : [
            `${rulesAsRead(market).title}: it is known since that it ${how} ${fullList(codes.map(code => allergenName[code]))}. Its label does not say so.`,
          ]
    return [...said(came('contains'), 'contains'), ...said(came('mayContain'), 'may contain')]
  })
}
