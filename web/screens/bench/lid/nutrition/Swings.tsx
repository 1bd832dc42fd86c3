// What moves one row of the table, the most first: each thing alone at its ends, all else as reckoned with.
'use client'
import type { RowSpread, Swing } from '@fair-tin/core/nutrition'
import { toPlaces } from '@fair-tin/core/words'
import { scaleLinear } from 'd3-scale'

const shown = 6
const [width, height] = [300, 14]

export function Swings({ row, swings }: { row: RowSpread; swings: readonly Swing[] }) {
  const first = swings.slice(0, shown)
  const widest = first[0]
  if (!widest) return <p className="text-quiet">Nothing it rests on may be off.</p>
  const x = scaleLinear(
    [Math.min(row.value, ...first.map(one => one.from)), Math.max(row.value, ...first.map(one => one.to))],
    [2, width - 2],
  )
  const places = row.value >= 100 ? 0 : row.value >= 10 ? 1 : row.value >= 1 ? 2 : 3
  return (
    <>
      <p className="text-[13.5px] text-quiet">
        Each alone at its ends, all else as reckoned with. What stands first is worth a weighing, a specification or a
        question.
      </p>
      <ol>
        {first.map(one => (
          <li key={one.id} className="border-b border-hair py-1 last:border-0">
            <p>
              <b className="font-semibold first-letter:uppercase">{causeOf(one)}</b>{' '}
              <span className="text-[13px] text-quiet">{one.how}</span>
            </p>
            <div className="flex items-center gap-2">
              <svg
                viewBox={`0 0 ${width} ${height}`}
                preserveAspectRatio="none"
                aria-hidden="true"
                className="block h-[14px] min-w-0 flex-1"
              >
                <rect
                  x={x(one.from)}
                  y={3}
                  width={Math.max(1, x(one.to) - x(one.from))}
                  height={height - 6}
                  rx={2}
                  className="fill-navy"
                />
                <line
                  x1={x(row.value)}
                  x2={x(row.value)}
                  y1={0}
                  y2={height}
                  className="stroke-damson"
                  strokeWidth={2}
                />
              </svg>
              <span className="figure shrink-0 text-right">
                {toPlaces(one.from, places)} – {toPlaces(one.to, places)}
              </span>
            </div>
          </li>
        ))}
      </ol>
      {swings.length > shown && (
        <p className="text-[13px] text-quiet">and {swings.length - shown} more that move it less.</p>
      )}
    </>
  )
}

const causeOf = ({ cause, name }: Swing): string =>
  ({
    table: `${name}: its table`,
    weighing: `${name}: weighing`,
    size: `${name}: its size`,
    bake: 'the loss in the oven',
    analysis: `${name}: the analysis`,
  })[cause]
