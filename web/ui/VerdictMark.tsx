// A verdict as a shape: a closed disc, a ring open at the top, a lozenge broken in two. The word is always near.
import type { Mark } from '@fair-tin/core/claim'

export const markWord: Record<Mark, string> = {
  holds: 'holds',
  mayContain: 'holds, may contain',
  unproven: 'unproven',
  breaks: 'breaks',
}
const colour: Record<Mark, string> = {
  holds: 'var(--color-holds)',
  mayContain: 'var(--color-holds)',
  unproven: 'var(--color-unproven)',
  breaks: 'var(--color-breaks)',
}
export const verdictClass: Record<Mark, string> = {
  holds: 'text-holds',
  mayContain: 'text-holds',
  unproven: 'text-unproven',
  breaks: 'text-breaks',
}

/** `label` names it for those who cannot see it; without one it is decoration beside its word. */
export function VerdictMark({ mark, size = 14, label }: { mark: Mark; size?: number; label?: string }) {
  const fill = colour[mark]
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      className="inline-block shrink-0 overflow-visible"
      role={label ? 'img' : 'presentation'}
      aria-hidden={label ? undefined : true}
    >
      <title>{label ?? markWord[mark]}</title>
      {mark === 'holds' && <circle cx="8" cy="8" r="4.4" fill={fill} />}
      {mark === 'mayContain' && (
        <>
          <circle cx="8" cy="6.2" r="4" fill={fill} />
          <rect x="2.5" y="12.4" width="11" height="2" fill="var(--color-unproven)" />
        </>
      )}
      {mark === 'unproven' && (
        <path d="M5.2 3.7 A5 5 0 1 0 10.8 3.7" fill="none" stroke={fill} strokeWidth="2.2" strokeLinecap="round" />
      )}
      {mark === 'breaks' && (
        <>
          <path d="M6.9 1.2 L1 8 L6.9 14.8 Z" fill={fill} />
          <path d="M9.1 1.2 L15 8 L9.1 14.8 Z" fill={fill} />
        </>
      )}
    </svg>
  )
}
