// Reasons with their path, the proof behind them and its age, and what would mend them.
'use client'
import type { ClaimResult } from '@fair-tin/core/claim'
import { evidenceKindName } from '@fair-tin/core/model'
import { spokenDay } from '@fair-tin/core/words'
import { VerdictMark } from '../../../ui/VerdictMark'

type Ground = ClaimResult['grounds'][number]

/** Reasons that say the same are said once. */
export function ReasonList({ grounds, most = 40 }: { grounds: readonly Ground[]; most?: number }) {
  const seen = new Set<string>()
  const shown = grounds.filter(ground => {
    const key = `${ground.reason.path.map(step => step.id).join('/')} ${ground.reason.fact}`
    return seen.has(key) ? false : seen.add(key)
  })
  return (
    <ul className="mt-1 space-y-1.5 text-[13.5px]">
      {shown.slice(0, most).map(({ reason, verdict }) => (
        <li key={`${reason.path.map(step => step.id).join('/')} ${reason.fact}`} className="flex gap-2">
          <span className="pt-0.5">
            <VerdictMark mark={verdict} size={13} />
          </span>
          <span>
            {reason.path.length > 1 && (
              <span className="block text-[12.5px] text-quiet">
                {reason.path.map(step => step.name).join(' → ')}
                {reason.otherWays !== undefined && `, and by ${reason.otherWays.toLocaleString('en-GB')} more ways`}
              </span>
            )}
            {reason.fact}
            {reason.evidence && (
              <span className="block text-quiet">
                {evidenceKindName[reason.evidence.kind]} {reason.evidence.reference}, dated{' '}
                {spokenDay(reason.evidence.dated)}
                {reason.evidence.reviewedBy && `, reviewed by ${reason.evidence.reviewedBy}`}
                {reason.evidence.expires && `, in force to ${spokenDay(reason.evidence.expires)}`}
              </span>
            )}
            {reason.mend && <span className="block font-semibold">{reason.mend}</span>}
          </span>
        </li>
      ))}
      {shown.length > most && <li className="text-quiet">and {shown.length - most} more of the kind</li>}
    </ul>
  )
}
