// A tin in cross-section that fills to the mark: how much is in it, and within what it is right.
'use client'
import { weighed } from '@fair-tin/core/words'

const top = 18
const bottom = 196
const markAt = 0.86
/** Half the width inside, at a height from the bottom in shares of the tin. */
const half = (share: number) => 176 + 40 * share
const yOf = (share: number) => bottom - (bottom - top) * Math.max(0, Math.min(1.04, share))

/** `grams` in it, of `target`, good from `low` to `high`; without a target it only shows what is in it. */
export function TinFill({
  grams,
  target,
  low,
  high,
}: {
  grams: number
  target: number | null
  low: number
  high: number
}) {
  const scale = (value: number) => (target !== null && target > 0 ? (value / target) * markAt : value > 0 ? 0.5 : 0)
  const level = scale(grams)
  const [from, to] = [yOf(scale(low)), yOf(scale(Math.min(high, (target ?? 0) * 1.2)))]
  const over = target !== null && grams > high
  const middle = 260
  const fill = (share: number) => {
    const at = Math.max(0, Math.min(1.04, share))
    return `M${middle - half(0)} ${bottom}L${middle - half(at)} ${yOf(at)}L${middle + half(at)} ${yOf(at)}L${middle + half(0)} ${bottom}Z`
  }
  return (
    <svg viewBox="0 0 520 212" className="h-full max-h-[240px] w-full" aria-hidden="true">
      <path d={fill(level)} fill={over ? 'var(--color-breaks)' : '#e6dcc0'} fillOpacity={over ? 0.35 : 1} />
      {target !== null && target > 0 && (
        <>
          <rect
            x={middle - half(markAt)}
            y={Math.min(from, to)}
            width={2 * half(markAt)}
            height={Math.max(4, Math.abs(from - to))}
            fill="var(--color-holds)"
            fillOpacity={0.18}
          />
          <line
            x1={middle - half(markAt)}
            x2={middle + half(markAt)}
            y1={yOf(markAt)}
            y2={yOf(markAt)}
            stroke="var(--color-holds)"
            strokeWidth={3}
            strokeDasharray="3 5"
          />
          <text x={middle} y={Math.min(from, to) - 6} textAnchor="middle" fontSize={22} fill="var(--color-holds)">
            {weighed(target)}
          </text>
        </>
      )}
      <path
        d={`M${middle - half(1) - 22} ${top}H${middle - half(1)}L${middle - half(0)} ${bottom - 8}Q${middle - half(0) + 2} ${bottom} ${middle - half(0) + 12} ${bottom}H${middle + half(0) - 12}Q${middle + half(0) - 2} ${bottom} ${middle + half(0)} ${bottom - 8}L${middle + half(1)} ${top}H${middle + half(1) + 22}`}
        fill="none"
        stroke="var(--color-navy)"
        strokeWidth={5}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  )
}
