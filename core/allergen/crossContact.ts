// What the kitchen itself may add to the food, and whether that stands in the way of an absence claim.
import { proofOf } from '../ingredient/evidence'
import { type AllergenCode, allergenName } from '../model/allergen'
import { type CrossContact, controlName } from '../model/kitchen'
import type { Workbook } from '../model/workbook'
import { contradicted, contradiction } from './onSite'
import type { Reason } from './rollUp'

/** The controls that can carry an absence claim, with evidence in force; the others leave it unproven. */
export const carriesAClaim: readonly CrossContact['control'][] = ['notOnSite', 'separated', 'cleanedAndTested']

/** What to do where the kitchen's record and what is known contradict each other. */
export const contradictionMend = 'Put down under Kitchen how it is kept out, or take what carries it off the site.'

export interface KitchenFinding {
  allergen: AllergenCode | 'gluten'
  proven: boolean
  reason: Reason
}

/** One finding for each record about the allergen; a single unproven one where there is no record. */
export function kitchenFindings(workbook: Workbook, allergen: AllergenCode | 'gluten'): KitchenFinding[] {
  const path = [{ id: 'kitchen', name: 'the kitchen itself' }]
  const name = allergen === 'gluten' ? 'gluten' : allergenName[allergen]
  const records = workbook.kitchen.crossContact.filter(record => record.allergen === allergen)
  if (records.length === 0)
    return [
      {
        allergen,
        proven: false,
        reason: { path, fact: `the kitchen was never assessed for ${name}`, mend: 'Assess it, and keep the record.' },
      },
    ]
  const shown = contradicted(workbook, allergen)
  return records.map(record => {
    const where = record.equipment ? [...path, { id: record.equipment, name: record.equipment }] : path
    const how = `${name} is ${controlName[record.control]}`
    if (!carriesAClaim.includes(record.control))
      return {
        allergen,
        proven: false,
        reason: { path: where, fact: `${how}: that carries no claim`, mend: 'Keep it apart, or clean and test.' },
      }
    if (record.control === 'notOnSite' && shown.length > 0)
      return {
        allergen,
        proven: false,
        reason: { path: where, fact: contradiction(allergen, shown), mend: contradictionMend },
      }
    const proof = proofOf(record.evidence, workbook.evidence, workbook.today, workbook.kitchen.evidenceYears)
    if (proof.proven) return { allergen, proven: true, reason: { path: where, fact: how, evidence: proof.evidence } }
    return {
      allergen,
      proven: false,
      reason: {
        path: where,
        fact: `${how}, but ${proof.fact}`,
        ...(proof.evidence ? { evidence: proof.evidence } : {}),
        mend: 'Renew the assessment.',
      },
    }
  })
}
