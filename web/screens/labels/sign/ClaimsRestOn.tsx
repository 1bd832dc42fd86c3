// Every claim with every component once, also and above all where it holds.
'use client'
import type { ClaimProof } from '@fair-tin/core/seal'
import { capital } from '@fair-tin/core/words'
import { Group } from '../../../ui/Group'
import { VerdictMark, verdictClass } from '../../../ui/VerdictMark'
import type { LabelToSign } from './toSign'

export function ClaimsRestOn({
  claims,
  product,
  market,
  files,
}: { claims: readonly ClaimProof[] } & Pick<LabelToSign, 'product' | 'market' | 'files'>) {
  return (
    <Group title="What the claims rest on">
      {claims.map(claim => (
        <details
          key={claim.claim}
          open={claim.verdict !== 'holds'}
          className="border-b border-hair/60 py-1.5 last:border-0"
        >
          <summary className="flex items-center gap-2 font-semibold">
            <VerdictMark mark={claim.verdict} /> {capital(claim.name)}{' '}
            <span className={verdictClass[claim.verdict]}>{claim.verdict}</span>
          </summary>
          <ul className="mt-1 space-y-1.5 text-[13.5px]">
            {[...claim.components, ...claim.kitchen].map(one => (
              <li key={`${one.path.join('/')} ${one.facts.join()}`} className="flex gap-2">
                <span className="pt-0.5">
                  <VerdictMark mark={one.verdict} size={13} />
                </span>
                <span>
                  <span className="block font-semibold">{one.path.join(' → ') || 'The whole'}</span>
                  {one.facts.join('; ')}.
                  {one.papers.map(paper => {
                    const file = files[`${one.of} ${paper.id}`]
                    return (
                      <span key={paper.id} className="block text-quiet">
                        {paper.words}
                        {file && (
                          <>
                            {' '}
                            <a className="word-link" href={`/api/v1/files/${file}`} target="_blank" rel="noreferrer">
                              Open the paper<span className="sr-only">: {paper.words}</span>
                            </a>
                          </>
                        )}
                      </span>
                    )
                  })}
                  {one.mends.map(mend => (
                    <span key={mend} className="block font-semibold">
                      {mend}
                    </span>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </details>
      ))}
      <a className="word-link" href={`/labels/${product.id}/${market}/proof.pdf`} target="_blank" rel="noreferrer">
        The proof as PDF
      </a>
    </Group>
  )
}
