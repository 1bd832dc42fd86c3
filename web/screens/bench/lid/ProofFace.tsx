// The lid's proof: every claim with its verdict, its reasons and what they rest on.
'use client'
import { nameOfClaim } from '@fair-tin/core/model'
import { Caution } from '../../../ui/Caution'
import { VerdictMark, verdictClass } from '../../../ui/VerdictMark'
import { ReasonList } from '../verdict/ReasonList'
import type { LidProps } from './faces'
import { Warnings } from './Warnings'
import { WaysToMend } from './WaysToMend'

export function ProofFace({
  assessment,
  onTurn,
  goesInto,
  workbook,
  productId,
  market,
  onTry,
  product,
  hands,
}: LidProps) {
  return (
    <>
      {assessment.claims.length === 0 && (
        <p className="text-quiet">
          {goesInto ? 'Nothing it goes into makes a claim.' : 'No claims are chosen for this product yet.'}
        </p>
      )}
      {goesInto && assessment.claims.length > 0 && (
        <p className="text-[13px] text-quiet">Every claim of what it goes into, judged of the part alone.</p>
      )}
      {assessment.claims.map(claim => {
        const decisive = [...claim.grounds, ...claim.kitchenGrounds].filter(
          ground => claim.verdict === 'holds' || ground.verdict === claim.verdict || ground.verdict === 'unproven',
        )
        const order = { breaks: 0, unproven: 1, mayContain: 2, holds: 3 }
        return (
          <details
            key={claim.claim}
            open={claim.verdict !== 'holds'}
            className="border-b border-hair py-2 last:border-0"
          >
            <summary className="flex items-center gap-2 font-head text-[15px] font-bold">
              <VerdictMark mark={claim.verdict} />
              {nameOfClaim(claim.claim).replace(/^./, first => first.toUpperCase())}{' '}
              <span className={verdictClass[claim.verdict]}>{claim.verdict}</span>
            </summary>
            {claim.note && <p className="text-[13px] text-quiet">{claim.note}</p>}
            <ReasonList grounds={[...decisive].sort((a, b) => order[a.verdict] - order[b.verdict])} />
            {claim.verdict !== 'holds' && !goesInto && (
              <WaysToMend claim={claim.claim} workbook={workbook} productId={productId} market={market} onTry={onTry} />
            )}
          </details>
        )
      })}
      {!goesInto && <Warnings assessment={assessment} product={product} hands={hands} />}
      {assessment.declaration.beside.map(warning => (
        <p key={warning} className="border-b border-hair py-2 text-unproven">
          {warning}
        </p>
      ))}
      {!goesInto && (
        <button type="button" className="word-link mt-3" onClick={() => onTurn('about')}>
          Choose claims
        </button>
      )}
      <Caution className="mt-3" />
    </>
  )
}
