// What a piece cost day by day, as a line of steps, and which prices moved it; the table says the same.
import type { CostDay } from '@fair-tin/core/assess'
import { money, percent, spokenDay, toPlaces } from '@fair-tin/core/words'
import { extent } from 'd3-array'
import { scaleLinear, scaleUtc } from 'd3-scale'
import { curveStepAfter, line } from 'd3-shape'

const width = 350
const height = 92
const edge = { left: 40, right: 8, top: 8, bottom: 16 }
const at = (day: string) => new Date(`${day}T00:00:00Z`)

export function OverTime({
  days,
  currency,
  pieceName,
}: {
  days: readonly CostDay[]
  currency: string
  pieceName: string
}) {
  const known = days.filter((one): one is CostDay & { perPiece: string } => one.perPiece !== null)
  if (known.length < 2) return <p className="text-quiet">No price of it has changed in this time.</p>
  const x = scaleUtc(extent(known, one => at(one.day)) as [Date, Date], [edge.left, width - edge.right])
  const [low, high] = extent(known, one => Number(one.perPiece)) as [number, number]
  const pad = Math.max((high - low) * 0.2, high * 0.01, 0.001)
  const y = scaleLinear([low - pad, high + pad], [height - edge.bottom, edge.top])
  const path = line<(typeof known)[number]>(
    one => x(at(one.day)),
    one => y(Number(one.perPiece)),
  ).curve(curveStepAfter)(known)
  const moved = known.filter(one => one.moved.length > 0)
  return (
    <figure aria-label={`What a ${pieceName} cost over six weeks`}>
      <svg viewBox={`0 0 ${width} ${height}`} className="block w-full" aria-hidden="true">
        {y.ticks(3).map(tick => (
          <g key={tick}>
            <line x1={edge.left} x2={width - edge.right} y1={y(tick)} y2={y(tick)} stroke="#ddd6c6" />
            <text x={edge.left - 4} y={y(tick) + 4} textAnchor="end" fontSize={11} fill="#5a6272" className="figure">
              {toPlaces(tick, high < 1 ? 3 : 2)}
            </text>
          </g>
        ))}
        {x.ticks(4).map(tick => (
          <text key={tick.toISOString()} x={x(tick)} y={height - 3} textAnchor="middle" fontSize={11} fill="#5a6272">
            {tick.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' })}
          </text>
        ))}
        <path d={path ?? ''} fill="none" stroke="#7a2e4d" strokeWidth={2} />
        {moved.map(one => (
          <circle key={one.day} cx={x(at(one.day))} cy={y(Number(one.perPiece))} r={3} fill="#7a2e4d">
            <title>{`${spokenDay(one.day)}: ${one.moved.map(move => move.name).join(', ')}`}</title>
          </circle>
        ))}
      </svg>
      <details>
        <summary className="text-[13px]">
          {moved.length} {moved.length === 1 ? 'day' : 'days'} on which prices moved it
        </summary>
        <table className="w-full text-left text-[13px]">
          <caption className="sr-only">What a {pieceName} cost, and what moved it</caption>
          <tbody>
            {known.map(one => (
              <tr key={one.day} className="border-b border-hair/60 align-top">
                <td className="py-0.5 pr-2 whitespace-nowrap">{spokenDay(one.day)}</td>
                <td className="figure pr-2">{money(one.perPiece, currency)}</td>
                <td>
                  {one.moved
                    .map(move => `${move.name} ${move.by < 0 ? '−' : '+'}${percent(Math.abs(move.by))}`)
                    .join(', ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  )
}
