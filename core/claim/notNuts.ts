// "Nut-free" over pine nuts, coconut or chestnut: no nut where it is sold, and many who avoid nuts avoid it. House rule:
// customers are told.
import { textsOf } from '../ingredient/texts'
import type { AllergenCode } from '../model/allergen'
import { byId } from '../model/byId'
import { capital, spokenList } from '../words/listing'
import type { ClaimContext } from './verdict'

const likeNuts: readonly [AllergenCode, string][] = [
  ['pineNut', 'pine nuts'],
  ['coconut', 'coconut'],
]
const chestnut = /(?<!water )(?<!horse )\bchestnuts?\b/i

/** The notice, or null where none of them is in it. */
export function notNuts({ bill, workbook, found, rules }: ClaimContext): string | null {
  const ingredients = byId(workbook.ingredients)
  const named = likeNuts
    .filter(([code]) => !rules.nuts.includes(code))
    .filter(([code]) =>
      found[code].some(one => one.status === 'contains' || one.status === 'mayContain' || one.conflict),
    )
    .map(([, name]) => name)
  const chestnuts = bill.lines.some(line => {
    const ingredient = line.role === 'beside' ? undefined : ingredients.get(line.ingredient)
    return ingredient !== undefined && textsOf(ingredient).some(text => chestnut.test(text))
  })
  const all = [...named, ...(chestnuts ? ['chestnut'] : [])]
  return all.length === 0
    ? null
    : `${capital(spokenList(all))} ${all.length > 1 || all[0] === 'pine nuts' ? 'are' : 'is'} in it, which is no nut in law here. Some who avoid nuts avoid it too: tell customers.`
}
