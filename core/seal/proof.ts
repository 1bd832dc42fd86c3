// The proof of a claim as an inspector reads it: each component once, with all that is said of it and the papers behind that.
import { type ClaimResult, type Ground, type Mark, severity } from '../claim/verdict'
import { type ClaimCode, nameOfClaim } from '../model/claim'
import { type Evidence, evidenceKindName } from '../model/evidence'
import { spokenDay } from '../words/day'

export interface ProvenComponent {
  /** From the product down to it, by name; empty for what is of the whole. */
  path: string[]
  verdict: Mark
  /** The last of the path: an ingredient, where it is one. */
  of: string | null
  facts: string[]
  papers: { id: string; words: string }[]
  mends: string[]
}
export interface ClaimProof {
  claim: ClaimCode
  name: string
  verdict: ClaimResult['verdict']
  note: string | null
  components: ProvenComponent[]
  kitchen: ProvenComponent[]
}

/** "Specification TM-204, dated 2 May 2026, reviewed by …, in force to …". */
export const paperWords = ({ kind, reference, dated, reviewed, reviewedBy, expires }: Evidence): string =>
  [
    `${evidenceKindName[kind]} ${reference}`.trim(),
    `dated ${spokenDay(dated)}`,
    reviewedBy || reviewed
      ? `reviewed${reviewedBy ? ` by ${reviewedBy}` : ''}${reviewed ? ` on ${spokenDay(reviewed)}` : ''}`
      : '',
    expires ? `in force to ${spokenDay(expires)}` : '',
  ]
    .filter(Boolean)
    .join(', ')

/** Grounds by where they lead, the worst first; nothing that was found is left out. */
function byComponent(grounds: readonly Ground[]): ProvenComponent[] {
  const found = new Map<string, ProvenComponent>()
  for (const { reason, verdict } of grounds) {
    const key = reason.path.map(step => step.id).join('/')
    const one = found.get(key) ?? {
      path: reason.path.map(step => step.name),
      verdict,
      of: reason.path.at(-1)?.id ?? null,
      facts: [],
      papers: [],
      mends: [],
    }
    found.set(key, one)
    if (severity[verdict] > severity[one.verdict]) one.verdict = verdict
    const add = (to: string[], text: string | undefined) => {
      if (text && !to.includes(text)) to.push(text)
    }
    add(one.facts, reason.fact)
    const { evidence } = reason
    if (evidence && !one.papers.some(paper => paper.id === evidence.id))
      one.papers.push({ id: evidence.id, words: paperWords(evidence) })
    add(one.mends, reason.mend)
  }
  return [...found.values()].sort((a, b) => severity[b.verdict] - severity[a.verdict])
}

export const proofOfClaims = (claims: readonly ClaimResult[]): ClaimProof[] =>
  claims.map(one => ({
    claim: one.claim,
    name: nameOfClaim(one.claim),
    verdict: one.verdict,
    note: one.note ?? null,
    components: byComponent(one.grounds),
    kitchen: byComponent(one.kitchenGrounds),
  }))
