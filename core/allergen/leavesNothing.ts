// What is poured away or only greases a tin: does the kitchen's own evidence say that nothing of it stays on the food?
import { proofOf } from '../ingredient/evidence'
import { mentions } from '../ingredient/lexicon'
import { type AllergenCode, glutenCereals } from '../model/allergen'
import type { Evidence } from '../model/evidence'
import type { Ingredient } from '../model/ingredient'
import type { Workbook } from '../model/workbook'
import type { BillLine } from '../recipe/bill'

const dusts = /flour|starch|meal|semolina|polenta|cocoa|sugar|crumb|powder|ground|flakes|seeds?\b|bran/i

/** A record that names allergens answers for those alone; gluten stands for its cereals. */
function answersFor(evidence: Evidence, code: AllergenCode): boolean {
  const named = new Set<AllergenCode>(mentions(evidence.reference).map(one => one.code))
  if (/\bgluten\b/i.test(evidence.reference)) for (const cereal of glutenCereals) named.add(cereal)
  return named.size === 0 || named.has(code)
}
/** The kitchen's own evidence in force that nothing of this line stays on the food, of this allergen; null where there is none. */
export function leavesNothing(
  line: BillLine,
  ingredient: Ingredient,
  workbook: Workbook,
): ((code: AllergenCode) => Evidence | null) | null {
  if (line.leavesNothing === undefined || line.leavesAs === undefined) return null
  // what is dusted stays
  if (line.leavesAs === 'release' && dusts.test(`${ingredient.name} ${ingredient.standsFor ?? ''}`)) return null
  const proof = proofOf(
    line.leavesNothing,
    // about this food and this process: what a supplier says of the ingredient is no proof of it
    workbook.evidence,
    workbook.today,
    workbook.kitchen.evidenceYears,
  )
  return proof.proven ? code => (answersFor(proof.evidence, code) ? proof.evidence : null) : null
}
