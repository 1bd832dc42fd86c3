// A probe in the middle of the bake: what it shows, the curve so far, and when it will be there by that. To practise with; a real one is
// read off and typed.
'use client'
import { doneAt, fitted } from '@fair-tin/core/batch'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useEffect, useState } from 'react'
import { lasting } from '../../../ui/lasting'
import { type ProbeReading, probeAt } from './practiceProbe'

const [wide, high, left, foot] = [420, 150, 34, 20]

export function Probe({
  oven,
  limit,
  onTake,
}: {
  /** °C it bakes at. */
  oven: number
  limit: number
  /** What it shows goes into the field. */
  onTake: (celsius: number) => void
}) {
  const [readings, setReadings] = useState<ProbeReading[]>([])
  useEffect(() => {
    // a minute a second, for an hour at most
    const timer = setInterval(
      () => setReadings(now => (now.length > 60 ? now : [...now, probeAt(now.length, oven, Math.random)])),
      1000,
    )
    return () => clearInterval(timer)
  }, [oven])
  const last = readings.at(-1)
  const there = doneAt(readings, oven, limit)
  return (
    <div className="w-full rounded-lg border-2 border-hair p-3">
      <div className="flex flex-wrap items-center gap-3">
        <b className="figure min-w-32 text-[30px]" role="status">
          {last ? `${last.celsius.toFixed(1)} °C` : '…'}
        </b>
        <button
          type="button"
          className="slab !min-h-[50px] !text-[17px]"
          disabled={!last}
          onClick={() => last && onTake(last.celsius)}
        >
          Take what it shows
        </button>
        <span className="text-quiet">
          Practice probe, a minute a second{last ? `: ${lasting(last.minutes)} in the oven` : ''}.
          {last && last.celsius < limit && there !== null && there > last.minutes
            ? ` ${limit} °C in about ${lasting(Math.round(there - last.minutes))}, by the curve so far.`
            : ''}
        </span>
      </div>
      <CoreCurve readings={readings} oven={oven} limit={limit} />
    </div>
  )
}

/** The middle over time, the limit, and where the curve goes by what was read so far. */
function CoreCurve({ readings, oven, limit }: { readings: readonly ProbeReading[]; oven: number; limit: number }) {
  const most = Math.max(30, (readings.at(-1)?.minutes ?? 0) + 5)
  const x = scaleLinear([0, most], [left, wide - 6])
  const y = scaleLinear([0, 110], [high - foot, 6])
  const path = line<ProbeReading>(
    one => x(one.minutes),
    one => y(one.celsius),
  )
  const fit = fitted(readings, oven)
  const ahead = fit
    ? Array.from({ length: 30 }, (_, at) => {
        const minutes = fit.start.minutes + ((most - fit.start.minutes) * at) / 29
        return {
          minutes,
          celsius: fit.end - (fit.end - fit.start.celsius) * Math.exp(-fit.k * (minutes - fit.start.minutes)),
        }
      })
    : []
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      className="mt-2 w-full max-w-[560px]"
      role="img"
      aria-label={`The middle over ${readings.length} minutes: from ${readings[0]?.celsius ?? '–'} to ${readings.at(-1)?.celsius ?? '–'} °C; ${limit} °C is asked`}
    >
      <line x1={left} x2={wide - 6} y1={y(limit)} y2={y(limit)} className="stroke-breaks" strokeDasharray="5 4" />
      <text x={wide - 8} y={y(limit) - 4} fontSize={11} textAnchor="end" className="fill-breaks">
        {limit} °C
      </text>
      {[0, 50, 100].map(tick => (
        <text key={tick} x={left - 5} y={y(tick) + 4} fontSize={11} textAnchor="end" className="fill-quiet">
          {tick}
        </text>
      ))}
      {x.ticks(6).map(tick => (
        <text key={tick} x={x(tick)} y={high - 5} fontSize={11} textAnchor="middle" className="fill-quiet">
          {tick} min
        </text>
      ))}
      <path d={path(ahead) ?? ''} fill="none" className="stroke-quiet" strokeWidth={1.5} strokeDasharray="2 3" />
      <path d={path([...readings]) ?? ''} fill="none" className="stroke-navy" strokeWidth={2.5} />
    </svg>
  )
}
