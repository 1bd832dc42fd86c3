// What a thing at the bench carries: of its own, or of all that a part from the shelf is made of.
import { type AllergenCode, allergenCodes } from '../model/allergen'
import type { Batch } from '../model/batch'
import type { Ingredient } from '../model/ingredient'
import { billOf } from '../recipe/bill'
import type { Item } from './state'

export interface Carries {
  contains: AllergenCode[]
  mayContain: AllergenCode[]
  /** Nobody has said all of it. */
  unknown: boolean
}

export function carriesOf(batch: Batch, item: Item, things: ReadonlyMap<string, Ingredient>): Carries {
  const bill = item.ofPart && !item.now ? billOf(batch.books, item.ofPart) : null
  const of = bill
    ? bill.lines.filter(one => one.role !== 'beside').map(one => things.get(one.ingredient))
    : [things.get(item.now?.id ?? item.ingredient)]
  const having = (status: 'contains' | 'mayContain') =>
    allergenCodes.filter(code => of.some(one => one?.allergens[code]?.status === status))
  const contains = having('contains')
  return {
    contains,
    mayContain: having('mayContain').filter(code => !contains.includes(code)),
    unknown:
      (bill?.gaps ?? []).some(gap => gap.kind === 'component') ||
      of.some(one => !one || allergenCodes.some(code => (one.allergens[code]?.status ?? 'unknown') === 'unknown')),
  }
}
