// What is served beside: no part of the food, in no weight and in no claim. Whoever eats it eats it all the same, so it is named.

import { type AllergenCode, allergenCodes, allergenName } from '../model/allergen'
import { byId } from '../model/byId'
import type { Workbook } from '../model/workbook'
import type { Bill } from '../recipe/bill'
import { spokenList } from '../words/listing'
import { statusOf } from './rollUp'

export interface Beside {
  id: string
  name: string
  /** Contained, or spoken of by its words. */
  contains: AllergenCode[]
  mayContain: AllergenCode[]
  /** Something of it is not known. */
  open: boolean
  /** Packed along with what is sold. */
  goesAlong: boolean
}

/** Everything served beside, each once, as its own facts have it. */
export function servedBeside(bill: Bill, workbook: Workbook): Beside[] {
  const ingredients = byId(workbook.ingredients)
  const all = new Map<string, Beside>()
  for (const line of bill.lines) {
    const ingredient = line.role === 'beside' ? ingredients.get(line.ingredient) : undefined
    if (!ingredient) continue
    const before = all.get(ingredient.id)
    if (before) {
      before.goesAlong ||= line.goesAlong === true
      continue
    }
    const statuses = allergenCodes.map(code => ({ code, ...statusOf(ingredient, code, workbook) }))
    const codesWhere = (is: (one: (typeof statuses)[number]) => boolean) => statuses.filter(is).map(one => one.code)
    all.set(ingredient.id, {
      id: ingredient.id,
      name: ingredient.name,
      contains: codesWhere(one => one.status === 'contains' || one.conflict === true),
      mayContain: codesWhere(one => one.status === 'mayContain' && !one.conflict),
      open: statuses.some(one => one.status === 'unknown' && !one.conflict),
      goesAlong: line.goesAlong === true,
    })
  }
  for (const gap of bill.besideGaps) {
    const { id, name } = gap.path.at(-1)!
    if (gap.kind === 'component' && gap.why !== 'open' && !all.has(id))
      all.set(id, { id, name, contains: [], mayContain: [], open: true, goesAlong: false })
  }
  return [...all.values()]
}

const named = (codes: readonly AllergenCode[]) =>
  spokenList(
    codes.map(code => allergenName[code]),
    20,
  )

/** "Served beside it: double cream, which contains milk. No claim covers it." */
export function besideWarning({ name, contains, mayContain, open }: Beside): string {
  const facts = [
    ...(contains.length > 0 ? [`contains ${named(contains)}`] : []),
    ...(mayContain.length > 0 ? [`may contain ${named(mayContain)}`] : []),
    ...(open ? ['is not known in every allergen'] : []),
  ]
  return `Served beside it: ${name}${facts.length > 0 ? `, which ${spokenList(facts)}` : ''}. No claim covers it.`
}
