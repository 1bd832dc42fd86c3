// Whether a label warns of an allergen that is not in the food: said by itself where a supplier warns or the kitchen shares; decided
// by a person, with a reason, where the kitchen may bring it in. A decision adds a warning, or leaves off what only the kitchen
// gives cause for; a supplier's own warning is never left off. It proves nothing: no claim of absence rests on it.
import { type AllergenCode, allergenName } from '../model/allergen'
import type { Precaution } from '../model/precaution'
import type { Product } from '../model/product'
import type { Workbook } from '../model/workbook'
import { capital } from '../words/listing'
import { kitchenFindings, testsFinding } from './crossContact'
import { onSite } from './onSite'
import type { FindingTable } from './rollUp'

export interface Warned {
  code: AllergenCode
  /** The label says "may contain". */
  says: boolean
  /** Why it is a question at all, in words: a supplier's warning first. */
  because: string[]
  /** Warned of by a supplier, so it is said whatever anybody decides. */
  bySupplier: boolean
  /** As it was made; null where there is none, or where it was made over other records of the kitchen than stand there now. */
  decision: Precaution | null
  /** The records a decision would be over. */
  over: string[]
  /** Nobody has decided, and somebody has to before it is signed. */
  open: boolean
}

const fromKitchen = (workbook: Workbook, code: AllergenCode): string[] => {
  const records = workbook.kitchen.crossContact.filter(one => one.allergen === code)
  // never assessed, and nothing shows that it is on the site: a question of the kitchen's record, not of this label
  if (records.length === 0 && onSite(workbook, code).length === 0 && testsFinding(workbook, code).length === 0)
    return []
  return kitchenFindings(workbook, code)
    .filter(one => !one.proven)
    .map(one => one.reason.fact)
}

interface Of {
  product: Product
  found: FindingTable
  workbook: Workbook
}
/** How the kitchen keeps it out, record by record, and where the last test found it all the same. */
const recordsOf = (workbook: Workbook, code: AllergenCode): string[] =>
  [
    ...workbook.kitchen.crossContact
      .filter(one => one.allergen === code)
      .map(one => `${one.control} ${one.equipment ?? ''}`),
    ...testsFinding(workbook, code).map(one => `found ${one.on} ${one.equipment}`),
  ]
    .map(one => one.trim().slice(0, 200))
    .sort()
    .slice(0, 100)
/** A decision to warn stands; one to leave it off stands as long as the kitchen does what it did then, and no test found it since. */
function decisionOn({ product, workbook }: Of, code: AllergenCode): Precaution | null {
  const made = product.precautions?.find(one => one.allergen === code) ?? null
  return made && (made.say || made.over.join('\n') === recordsOf(workbook, code).join('\n')) ? made : null
}
const isShared = ({ workbook }: Of, code: AllergenCode) =>
  workbook.kitchen.crossContact.some(one => one.allergen === code && one.control === 'shared')
const warnedOf = ({ found }: Of, code: AllergenCode) => found[code].filter(one => one.status === 'mayContain')

/** Does the label warn of it? Of something that is not in the food. */
export const warnsOf = (code: AllergenCode, of: Of): boolean =>
  warnedOf(of, code).length > 0 || (decisionOn(of, code)?.say ?? isShared(of, code))

/** Every allergen of `codes` that is not in the food and may get into it, in their order. */
export function warnings(codes: readonly AllergenCode[], contains: readonly AllergenCode[], of: Of): Warned[] {
  return codes.flatMap((code): Warned[] => {
    if (contains.includes(code)) return []
    const warned = warnedOf(of, code)
    const kitchen = fromKitchen(of.workbook, code)
    const decision = decisionOn(of, code)
    if (warned.length + kitchen.length === 0 && !decision?.say) return []
    const bySupplier = warned.length > 0
    return [
      {
        code,
        bySupplier,
        because: [
          ...warned.map(one => `${one.reason.path.at(-1)?.name ?? 'something in it'} ${one.reason.fact}`),
          ...kitchen,
        ],
        decision,
        over: recordsOf(of.workbook, code),
        says: warnsOf(code, of),
        open: !bySupplier && decision === null && !isShared(of, code),
      },
    ]
  })
}

/** From so many on, a warning tells nobody anything. */
const tooMany = 8
/** What is said of a warning about nearly everything; null where it is about less. */
export const warnsOfEverything = (all: readonly Warned[]): string | null => {
  const said = all.filter(one => one.says)
  return said.length < tooMany
    ? null
    : `It warns of ${said.length} allergens. Whoever must avoid one learns nothing from a warning of all: keep out what can be kept out, and warn of the rest.`
}

/** Still to be decided, in words. */
export const openWarnings = (all: readonly Warned[]): string[] =>
  all
    .filter(one => one.open)
    .map(
      one =>
        `Does the label warn of ${allergenName[one.code]}? ${capital(one.because[0] ?? '')}. Decide it on its bench, under Proof.`,
    )
