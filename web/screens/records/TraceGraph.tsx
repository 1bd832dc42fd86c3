// A lot, the batches it went into, and who ordered of them, as lines from left to right. The table beneath says the same.
import { linkHorizontal } from 'd3-shape'
import type { Traced } from '../../trace'

const row = 30
const columns = [8, 300, 600]
const short = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text)

export function TraceGraph({ traced: { lot, name, uses } }: { traced: Traced }) {
  const people = [...new Set(uses.flatMap(use => use.asked.map(one => one.forWhom)))]
  const height = Math.max(uses.length, people.length, 1) * row + 12
  const y = (at: number, of: number) => ((at + 0.5) * height) / of
  const link = linkHorizontal<unknown, [number, number]>()
  const path = (from: [number, number], to: [number, number]) => link({ source: from, target: to } as never) ?? ''
  const personAt = (who: string) => y(people.indexOf(who), people.length)
  return (
    <svg width={860} height={height} className="my-2 max-w-full" aria-hidden="true">
      {uses.map((use, at) => (
        <g key={use.batch} fill="none" strokeWidth={2} stroke={use.held ? 'var(--color-breaks)' : 'var(--color-navy)'}>
          <path d={path([190, y(0, 1)], [columns[1]! - 8, y(at, uses.length)])} />
          {[...new Set(use.asked.map(one => one.forWhom))].map(who => (
            <path key={who} d={path([columns[1]! + 220, y(at, uses.length)], [columns[2]! - 8, personAt(who)])} />
          ))}
        </g>
      ))}
      <g fontSize={13} fill="var(--color-ink)">
        <text x={columns[0]} y={y(0, 1) + 4} fontWeight={700}>
          {short(`${lot.lot}, ${name}`, 26)}
        </text>
        {uses.map((use, at) => (
          <text key={use.batch} x={columns[1]} y={y(at, uses.length) + 4}>
            {short(`${use.code} ${use.name}`, 32)}
          </text>
        ))}
        {people.map((who, at) => (
          <text key={who} x={columns[2]} y={y(at, people.length) + 4}>
            {short(who, 36)}
          </text>
        ))}
      </g>
    </svg>
  )
}
