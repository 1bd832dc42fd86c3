// How a product went over its bakes: what the oven took, pieces that came, minutes in the oven. Each a small chart; the table is below it.
import { extent } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { RecordRow } from './Records'

const width = 300
const height = 84
const pad = 8

export function OverBakes({ rows }: { rows: readonly RecordRow[] }) {
  const done = rows.filter(one => one.finishedAt !== null).reverse()
  const charts: [string, (one: RecordRow) => number | null, (value: number) => string][] = [
    ['Oven took', one => (one.loss === null ? null : one.loss * 100), value => `${value.toFixed(1)} %`],
    [
      'Pieces to sell, of those meant',
      one => (one.good === null ? null : (one.good / one.pieces) * 100),
      value => `${value.toFixed(0)} %`,
    ],
    ['In the oven', one => one.ovenMinutes, value => `${value.toFixed(0)} min`],
  ]
  const drawn = charts
    .map(([title, of, words]) => ({
      title,
      words,
      points: done.flatMap((one, at) => (of(one) === null ? [] : [{ at, value: of(one)!, code: one.code }])),
    }))
    .filter(one => one.points.length >= 2)
  if (drawn.length === 0)
    return (
      <p className="border-b border-hair px-4 py-2 text-quiet">
        With two finished bakes, how they went stands here as a line.
      </p>
    )
  return (
    <div className="flex flex-wrap gap-6 border-b border-hair px-4 py-3">
      {drawn.map(({ title, words, points }) => {
        const [low = 0, high = 1] = extent(points, one => one.value)
        const room = Math.max((high - low) * 0.15, high * 0.02, 0.5)
        const x = scaleLinear([0, Math.max(1, done.length - 1)], [pad, width - pad])
        const y = scaleLinear([low - room, high + room], [height - pad, pad])
        const last = points.at(-1)!
        return (
          <figure key={title}>
            <figcaption className="text-[13px] text-quiet">
              {title}: <b className="text-ink">{words(last.value)}</b>, from {words(low)} to {words(high)}
            </figcaption>
            <svg
              width={width}
              height={height}
              role="img"
              aria-label={`${title}: ${points.map(one => `${one.code} ${words(one.value)}`).join(', ')}`}
            >
              <path
                d={
                  line<(typeof points)[number]>(
                    one => x(one.at),
                    one => y(one.value),
                  )(points) ?? ''
                }
                fill="none"
                stroke="var(--color-navy)"
                strokeWidth={2}
              />
              {points.map(one => (
                <circle
                  key={one.code}
                  cx={x(one.at)}
                  cy={y(one.value)}
                  r={one === last ? 4.5 : 3}
                  fill={one === last ? 'var(--color-damson)' : 'var(--color-navy)'}
                >
                  <title>{`${one.code}: ${words(one.value)}`}</title>
                </circle>
              ))}
            </svg>
          </figure>
        )
      })}
    </div>
  )
}
