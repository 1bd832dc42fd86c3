// What a status rests on, and whether it still carries it.
import { type Evidence, evidenceKindName } from '../model/evidence'
import { spokenDay, yearsAfter } from '../words/day'

/** House rule: what each kind may carry. Own knowledge is a note, never a proof of absence. */
export const whatProves: Record<Evidence['kind'], { absence: boolean; words: string }> = {
  specification: { absence: true, words: 'the supplier’s statement: every status, and a gluten figure it names' },
  certificate: { absence: true, words: 'what the certificate names, until it runs out' },
  test: { absence: true, words: 'what was tested, in that lot, down to the limit of detection' },
  packLabel: { absence: true, words: 'what this pack declares; a pack that says nothing proves nothing' },
  ownKnowledge: { absence: false, words: 'a note to oneself: never carries a free-from claim' },
}

/** House rule: years from its date that a document without an end carries a proof. Editable: the kitchen's own replace them. */
export const goodForYears: Record<Evidence['kind'], number> = {
  specification: 3,
  certificate: 1,
  test: 1,
  packLabel: 1,
  ownKnowledge: 0,
}
export type YearsByKind = Partial<Record<Evidence['kind'], number>>

/** The last day it carries a proof: its own end, else so many years from its date by its kind. */
export const lastDayOf = (evidence: Evidence, years: YearsByKind = {}): string =>
  evidence.expires ?? yearsAfter(evidence.dated, years[evidence.kind] ?? goodForYears[evidence.kind])

export type Proof =
  | { proven: true; evidence: Evidence }
  | { proven: false; fact: string; evidence?: Evidence; mend: string }

/**
 * Does the evidence named `id` prove an absence on the day `today` (ISO)?
 * Missing, not yet in force, run out, or of a kind that proves nothing: not proven, with the reason in words.
 */
export function proofOf(
  id: string | undefined,
  among: readonly Evidence[],
  today: string,
  years: YearsByKind = {},
): Proof {
  if (id === undefined)
    return { proven: false, fact: 'nothing on file proves it', mend: 'Add a specification, certificate or test.' }
  const evidence = among.find(one => one.id === id)
  if (!evidence)
    return { proven: false, fact: `its proof “${id}” is not on file`, mend: 'Add the document, or name another.' }
  const what = `${evidenceKindName[evidence.kind]} ${evidence.reference}`.trim()
  if (!whatProves[evidence.kind].absence)
    return { proven: false, fact: 'own knowledge is no proof', evidence, mend: 'Ask the supplier for a specification.' }
  if (evidence.dated > today)
    return {
      proven: false,
      fact: `${what} is dated ${spokenDay(evidence.dated)}, which is still to come`,
      evidence,
      mend: 'Check its date.',
    }
  const last = lastDayOf(evidence, years)
  if (last < today)
    return {
      proven: false,
      fact:
        evidence.expires === undefined
          ? `${what} of ${spokenDay(evidence.dated)} has no end of its own, and is too old to go by`
          : `${what} ran out on ${spokenDay(last)}`,
      evidence,
      mend: 'Ask the supplier for a new one.',
    }
  return { proven: true, evidence }
}
