// How well an ingredient is proven, as the larder shows it: the same judgement that a claim rests on.
import { statusOf } from '../allergen/rollUp'
import { lastDayOf, proofOf } from '../ingredient/evidence'
import { kindConflicts, kindFact } from '../ingredient/kindWords'
import { isFreeByNature } from '../ingredient/nature'
import { allergenCodes } from '../model/allergen'
import type { Ingredient } from '../model/ingredient'
import type { Kitchen } from '../model/kitchen'
import { daysAfter, spokenDay } from '../words/day'

/** `conflict`: words contradict a status. `out`: something it rests on proves nothing now. `none`: nothing is on file. */
export const proofStates = ['inForce', 'soon', 'out', 'none', 'conflict'] as const
export type ProofState = (typeof proofStates)[number]

/** The gravest first: what contradicts a status, what no longer proves it, then when the next document runs out. */
export function proofStateOf(
  ingredient: Ingredient,
  within: { today: string; kitchen: Pick<Kitchen, 'freeByNature' | 'evidenceYears'> },
  soon = 30,
): { state: ProofState; words: string } {
  const statuses = allergenCodes.map(code => statusOf(ingredient, code, within))
  const conflict = statuses.find(one => one.conflict)
  if (conflict) return { state: 'conflict', words: conflict.fact }
  const kind = kindConflicts(ingredient)[0]
  if (kind) return { state: 'conflict', words: kindFact(kind) }
  const { evidence } = ingredient
  const unproven = statuses.find(one => one.status === 'free' && !one.proven)
  if (evidence.length === 0)
    return !unproven && isFreeByNature(ingredient, within.kitchen.freeByNature)
      ? { state: 'inForce', words: 'by nature' }
      : { state: 'none', words: 'nothing on file' }
  const proofs = evidence.map(one => proofOf(one.id, evidence, within.today, within.kitchen.evidenceYears))
  const out = proofs.find(proof => !proof.proven)
  if (out && !out.proven) return { state: 'out', words: out.fact }
  if (unproven) return { state: 'out', words: unproven.fact }
  const next = evidence
    .map(one => lastDayOf(one, within.kitchen.evidenceYears))
    .sort()
    .at(0)!
  return next <= daysAfter(within.today, soon)
    ? { state: 'soon', words: `runs out on ${spokenDay(next)}` }
    : { state: 'inForce', words: `until ${spokenDay(next)}` }
}
