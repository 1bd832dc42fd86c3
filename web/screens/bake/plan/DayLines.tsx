// The day drawn out: each pair of hands, the mixer, each oven, resting and cooling, from left to right by the clock. The list beside it says the same.
import { coldTrack, handsTrack, mixerTrack, type Span, type Timeline, waitingTrack } from '@fair-tin/core/plan'
import { scaleLinear } from 'd3-scale'
import { clockAt } from './clock'

const left = 150
const row = 30
const words = {
  weigh: 'weighing out',
  clean: 'cleaning',
  hands: 'hands on',
  mixer: 'at the mixer',
  heat: 'heating',
  oven: 'in the oven',
  rest: 'resting',
  cool: 'cooling',
  finish: 'finishing',
} as const
const fills: Record<Span['kind'], string> = {
  weigh: '#8c9ab8',
  clean: 'url(#cleaning)',
  hands: 'var(--color-navy)',
  mixer: '#4a5f86',
  heat: 'url(#heating)',
  oven: 'var(--color-damson)',
  rest: '#e6dcc0',
  cool: '#cfd8e6',
  finish: '#2f6f62',
}
/** White on these. */
const dark = new Set<Span['kind']>(['hands', 'mixer', 'oven', 'finish'])

/** Waiting things stand beside each other: each in the first lane that is free. */
function lanes(spans: readonly Span[]): Span[][] {
  const found: Span[][] = []
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    const lane = found.find(one => one.at(-1)!.to <= span.from + 1e-9)
    if (lane) lane.push(span)
    else found.push([span])
  }
  return found
}

export function DayLines({
  lines,
  begins,
  nameOf,
  order,
}: {
  lines: Timeline
  begins: number
  nameOf: (id: string) => string
  order: readonly string[]
}) {
  const hours = Math.max(1, Math.ceil(lines.ends / 60))
  const width = Math.max(620, left + hours * 84)
  const x = scaleLinear([0, hours * 60], [left, width - 26])
  // hands, the mixer, ovens, and what waits
  const last = [mixerTrack, '', waitingTrack, coldTrack]
  const placeOf = (track: string) =>
    track.startsWith(handsTrack) ? -1 : last.indexOf(last.includes(track) ? track : '')
  const tracks = [...new Set(lines.spans.map(one => one.track))].sort((a, b) => placeOf(a) - placeOf(b))
  const rows = tracks.flatMap(track =>
    lanes(lines.spans.filter(one => one.track === track)).map((spans, at) => ({ track: at === 0 ? track : '', spans })),
  )
  const height = rows.length * row + 34
  return (
    <>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`From ${clockAt(begins, 0)} to ${clockAt(begins, lines.ends)}`}
      >
        <defs>
          <pattern id="cleaning" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width={6} height={6} fill="#fff" />
            <rect width={3} height={6} fill="var(--color-unproven)" />
          </pattern>
          <pattern id="heating" width={6} height={6} patternUnits="userSpaceOnUse">
            <rect width={6} height={6} fill="#fff" />
            <circle cx={3} cy={3} r={1.6} fill="var(--color-damson)" />
          </pattern>
        </defs>
        {Array.from({ length: hours + 1 }, (_, hour) => (
          <g key={hour}>
            <line x1={x(hour * 60)} x2={x(hour * 60)} y1={18} y2={height} stroke="var(--color-hair)" />
            <text x={x(hour * 60)} y={12} fontSize={12} textAnchor="middle" fill="var(--color-quiet)">
              {clockAt(begins, hour * 60)}
            </text>
          </g>
        ))}
        {rows.map(({ track, spans }, at) => (
          <g key={`${track} ${at}`} transform={`translate(0 ${22 + at * row})`}>
            <text x={0} y={19} fontSize={13} fill="var(--color-ink)">
              {track}
            </text>
            {spans.map(span => {
              const wide = x(span.to) - x(span.from)
              const number = order.indexOf(span.bake) + 1
              return (
                <g key={`${span.bake} ${span.kind} ${span.from}`}>
                  <rect
                    x={x(span.from)}
                    y={3}
                    width={Math.max(1.5, wide)}
                    height={row - 6}
                    rx={3}
                    fill={fills[span.kind]}
                    stroke="var(--color-navy)"
                    strokeWidth={dark.has(span.kind) ? 0 : 0.75}
                  >
                    <title>{`${nameOf(span.bake)}, ${words[span.kind]}: ${clockAt(begins, span.from)} to ${clockAt(begins, span.to)}`}</title>
                  </rect>
                  {wide > 14 && span.kind !== 'clean' && span.kind !== 'heat' && (
                    <text
                      x={x(span.from) + wide / 2}
                      y={20}
                      fontSize={12}
                      fontWeight={700}
                      textAnchor="middle"
                      fill={dark.has(span.kind) ? '#fff' : 'var(--color-ink)'}
                      pointerEvents="none"
                    >
                      {number}
                    </text>
                  )}
                </g>
              )
            })}
          </g>
        ))}
      </svg>
      <p className="mt-2 flex flex-wrap gap-x-4 text-[13px] text-quiet">
        {(Object.keys(words) as Span['kind'][]).map(kind => (
          <span key={kind} className="flex items-center gap-1.5">
            <svg width={18} height={12} aria-hidden="true">
              <rect width={18} height={12} rx={2} fill={fills[kind]} stroke="var(--color-navy)" strokeWidth={0.75} />
            </svg>
            {words[kind]}
          </span>
        ))}
      </p>
      <p className="mt-1 text-[13px] text-quiet">{order.map((id, at) => `${at + 1} ${nameOf(id)}`).join(' · ')}</p>
    </>
  )
}
