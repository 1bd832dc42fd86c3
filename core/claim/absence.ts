// "Free from" an allergen: holds only with proof for every component in every role, and for the kitchen.
import { kitchenFindings } from '../allergen/crossContact'
import type { Finding } from '../allergen/rollUp'
import type { AllergenCode } from '../model/allergen'
import type { ClaimCode } from '../model/claim'
import { type ClaimContext, type ClaimResult, concluded, type Ground, type Verdict } from './verdict'

const verdictOf = (finding: Finding): Verdict =>
  finding.status === 'contains' || finding.status === 'mayContain' ? 'breaks' : finding.proven ? 'holds' : 'unproven'

/** Contains and may contain break; whatever is not proven free leaves it unproven. */
export function absence(claim: ClaimCode, codes: readonly AllergenCode[], context: ClaimContext): ClaimResult {
  const grounds: Ground[] = codes.flatMap(code =>
    context.found[code].map(finding => ({ verdict: verdictOf(finding), reason: finding.reason, at: finding.at })),
  )
  const kitchen: Ground[] = codes.flatMap(code =>
    kitchenFindings(context.workbook, code).map(({ proven, reason }) => ({
      verdict: proven ? ('holds' as const) : ('unproven' as const),
      reason,
      at: -1,
    })),
  )
  return concluded(claim, context, grounds, kitchen)
}
