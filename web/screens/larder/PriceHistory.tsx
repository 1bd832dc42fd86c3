// How the price of a thing moved, as steps over time, with its table; and what else could be bought for the same shelf.
'use client'
import { type PriceStep, pricePoints } from '@fair-tin/core/cost'
import type { Kitchen, Pack } from '@fair-tin/core/model'
import { daysAfter, money, spokenDay, toPlaces, weighed } from '@fair-tin/core/words'
import type { Remote } from 'comlink'
import { extent } from 'd3-array'
import { scaleLinear, scaleTime } from 'd3-scale'
import { curveStepAfter, line } from 'd3-shape'
import { timeFormat } from 'd3-time-format'
import Link from 'next/link'
import { useEffect, useId, useState } from 'react'
import { VerdictMark } from '../../ui/VerdictMark'
import type { WhatChangesWorker } from '../../workers/whatChanges'

const size = { width: 520, height: 120, left: 44, right: 8, top: 8, bottom: 20 }

export function PriceHistory({
  packs,
  kitchen,
  today,
  gramsPerMl,
  gramsEach,
}: {
  packs: readonly Pack[]
  kitchen: Pick<Kitchen, 'currency' | 'rates'>
  today: string
  gramsPerMl: number | null
  gramsEach: number | null
}) {
  const title = useId()
  const points = pricePoints(packs, kitchen, today)
  const now = points.filter(one => one.from <= today).at(-1)
  if (!now) return null
  const { currency } = kitchen
  const per: [string, number][] = [
    ['a kg', now.perKilo],
    ...(gramsPerMl ? ([['a litre', now.perKilo * gramsPerMl]] as [string, number][]) : []),
    ...(gramsEach ? ([['each', (now.perKilo * gramsEach) / 1000]] as [string, number][]) : []),
  ]
  const day = (iso: string) => new Date(`${iso}T00:00:00Z`)
  const x = scaleTime(
    [day(points[0]!.from), day(points.at(-1)!.from > today ? points.at(-1)!.from : daysAfter(today, 1))],
    [size.left, size.width - size.right],
  )
  const [low, high] = extent(points, one => one.perKilo) as [number, number]
  const y = scaleLinear(
    [Math.min(low * 0.95, low), Math.max(high * 1.05, high + 0.01)],
    [size.height - size.bottom, size.top],
  ).nice(3)
  const drawn = [...points, { ...points.at(-1)!, from: points.at(-1)!.from > today ? points.at(-1)!.from : today }]
  const path = line<PriceStep>(
    one => x(day(one.from)),
    one => y(one.perKilo),
  ).curve(curveStepAfter)(drawn)
  return (
    <div className="mt-2">
      <p>
        {per.map(([unit, value], at) => (
          <span key={unit}>
            {at > 0 && ' · '}
            <b className="figure">{money(value, currency)}</b> {unit}
          </span>
        ))}{' '}
        <span className="text-quiet">since {spokenDay(now.from)}</span>
      </p>
      {points.length > 1 && (
        <figure aria-labelledby={title}>
          <figcaption id={title} className="sr-only">
            Price a kilogram over time
          </figcaption>
          <svg viewBox={`0 0 ${size.width} ${size.height}`} className="w-full" aria-hidden="true">
            {y.ticks(3).map(tick => (
              <g key={tick}>
                <line
                  x1={size.left}
                  x2={size.width - size.right}
                  y1={y(tick)}
                  y2={y(tick)}
                  stroke="var(--color-hair)"
                />
                <text x={size.left - 6} y={y(tick) + 4} textAnchor="end" fontSize="11" fill="var(--color-quiet)">
                  {money(tick, currency)}
                </text>
              </g>
            ))}
            {x.ticks(4).map(tick => (
              <text
                key={tick.getTime()}
                x={x(tick)}
                y={size.height - 4}
                textAnchor="middle"
                fontSize="11"
                fill="var(--color-quiet)"
              >
                {timeFormat('%-d %b')(tick)}
              </text>
            ))}
            <path d={path ?? ''} fill="none" stroke="var(--color-navy)" strokeWidth="2" />
            {points.map(one => (
              <circle key={one.from} cx={x(day(one.from))} cy={y(one.perKilo)} r="3" fill="var(--color-damson)">
                <title>{`${spokenDay(one.from)}: ${money(one.perKilo, currency)} a kg (${weighed(one.pack.grams)} for ${one.pack.price} ${one.pack.currency})`}</title>
              </circle>
            ))}
          </svg>
          <table className="sr-only">
            <caption>Price a kilogram over time</caption>
            <tbody>
              {points.map(one => (
                <tr key={one.from}>
                  <th>{spokenDay(one.from)}</th>
                  <td>{money(one.perKilo, currency)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </figure>
      )}
    </div>
  )
}

/** The suppliers of one shelf name, cheapest first, and whether every claim would still hold with each. */
export function Suppliers({
  id,
  remote,
  currency,
}: {
  id: string
  remote: Remote<WhatChangesWorker> | null
  currency: string
}) {
  const [found, setFound] = useState<Awaited<ReturnType<Remote<WhatChangesWorker>['cheapest']>>>([])
  useEffect(() => {
    let gone = false
    void remote?.cheapest(id).then(said => !gone && setFound(said))
    return () => {
      gone = true
    }
  }, [id, remote])
  if (found.length < 2) return null
  const best = found.find(one => one.keeps && one.perKilo !== null)
  return (
    <div className="mt-2">
      <h3 className="text-[14px]">For the same shelf, cheapest first by what can be used</h3>
      <ul>
        {found.map(one => (
          <li key={one.id} className="flex flex-wrap items-baseline gap-x-2">
            <VerdictMark mark={one.keeps ? 'holds' : 'breaks'} size={12} />
            <Link className="underline" href={`/larder/${one.id}`}>
              {one.name}
            </Link>
            <span className="text-quiet">{one.supplier}</span>
            <b className="figure">
              {one.perKilo === null ? 'no price' : `${money(toPlaces(one.perKilo, 2), currency)} a kg`}
            </b>
            <span className="text-[13px] text-quiet">
              {one.id === best?.id
                ? 'cheapest that keeps every claim'
                : one.keeps
                  ? 'keeps every claim'
                  : `does not carry ${one.breaks.slice(0, 3).join('; ')}${one.breaks.length > 3 ? ` and ${one.breaks.length - 3} more` : ''}`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
}
