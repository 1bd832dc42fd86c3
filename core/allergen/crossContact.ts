// What the kitchen itself may add to the food, and whether that stands in the way of an absence claim.
import { proofOf } from '../ingredient/evidence'
import { type AllergenCode, allergenName, glutenCereals } from '../model/allergen'
import type { LastTest } from '../model/cleaning'
import { type CrossContact, controlName } from '../model/kitchen'
import type { Workbook } from '../model/workbook'
import { spokenDay } from '../words/day'
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

/** A kit for gluten finds every cereal with it, and a cereal that is found is gluten. */
const isOf = (tested: LastTest['allergen'], of: LastTest['allergen']): boolean =>
  tested === of ||
  (tested === 'gluten' && of !== 'gluten' && glutenCereals.includes(of)) ||
  (of === 'gluten' && tested !== 'gluten' && glutenCereals.includes(tested))

/** "bench, mixer" names the mixer, and so does "the big mixer"; whoever names nothing speaks of everything. */
const isThere = (tested: string, recorded: string): boolean => {
  const [some, others] = [tested, recorded].map(text =>
    text
      .toLowerCase()
      .split(/,|;|&|\band\b/)
      .map(one => one.trim())
      .filter(Boolean),
  )
  if (some!.length === 0 || others!.length === 0) return true
  return some!.some(a => others!.some(b => a.includes(b) || b.includes(a)))
}

/** The last test that speaks against a record: of that equipment, or of what nobody told apart. */
const foundBy = (tests: readonly LastTest[], { allergen, equipment }: CrossContact): LastTest | undefined =>
  tests.find(one => one.found && isOf(one.allergen, allergen) && isThere(one.equipment, equipment ?? ''))

/** Every place where the last test found it, whatever the records say. */
export const testsFinding = ({ tests = [] }: Workbook, allergen: LastTest['allergen']): LastTest[] =>
  tests.filter(one => one.found && isOf(one.allergen, allergen))
const testWords = ({ equipment, on }: LastTest): string =>
  `the last test of ${equipment || 'the kitchen'}, on ${spokenDay(on)}, found it`

/** One finding for each record about the allergen; a single unproven one where there is no record. */
export function kitchenFindings(workbook: Workbook, allergen: AllergenCode | 'gluten'): KitchenFinding[] {
  const path = [{ id: 'kitchen', name: 'the kitchen itself' }]
  const name = allergen === 'gluten' ? 'gluten' : allergenName[allergen]
  const records = workbook.kitchen.crossContact.filter(record => record.allergen === allergen)
  const [tested] = testsFinding(workbook, allergen)
  if (records.length === 0)
    return [
      {
        allergen,
        proven: false,
        reason: {
          path,
          fact: `the kitchen was never assessed for ${name}${tested ? `, and ${testWords(tested)}` : ''}`,
          mend: 'Assess it, and keep the record.',
        },
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
    const found = foundBy(workbook.tests ?? [], record)
    if (found)
      return {
        allergen,
        proven: false,
        reason: {
          path: where,
          fact: `${how}, but ${testWords(found)}`,
          mend: 'Clean it again, and write down a test that finds nothing.',
        },
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
