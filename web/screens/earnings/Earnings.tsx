// Which product earns most: margin by volume as a picture, and for an hour of the oven and of work as a table.
'use client'
import type { Earning } from '@fair-tin/core/assess'
import { money, percent } from '@fair-tin/core/words'
import { max, min } from 'd3-array'
import { scaleLinear, scaleSqrt } from 'd3-scale'
import Link from 'next/link'
import { useState } from 'react'
import { missing } from '../../ui/missing'

type Key = 'margin' | 'leaves' | 'perOvenHour' | 'perLabourHour' | 'packs'
const heads: [Key, string][] = [
  ['margin', 'Margin'],
  ['leaves', 'A making leaves'],
  ['perOvenHour', 'An oven hour'],
  ['perLabourHour', 'An hour of work'],
  ['packs', 'Packs ordered'],
]
const figureOf = (one: Earning, key: Key): number | null => (one[key] === null ? null : Number(one[key]))

export function Earnings({ earnings, currency }: { earnings: Earning[]; currency: string }) {
  const [by, setBy] = useState<Key>('perLabourHour')
  const [pointed, setPointed] = useState<string | null>(null)
  const sorted = [...earnings].sort(
    (a, b) => (figureOf(b, by) ?? Number.NEGATIVE_INFINITY) - (figureOf(a, by) ?? Number.NEGATIVE_INFINITY),
  )
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex items-end gap-3">
        <h1 className="mr-auto text-3xl">What earns</h1>
        <Link href="/recipes" className="do">
          Back to Recipes
        </Link>
      </div>
      <p className="text-quiet">
        One making of each, at its pack price, after everything that is known. Where something is missing, it leaves at
        most (≤) what stands here.
      </p>
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] lg:overflow-hidden">
        <div className="pane min-h-0">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <section className="h-full overflow-auto" tabIndex={0} aria-label="Products by what they earn">
            <table className="w-full text-left">
              <thead className="sticky top-0 bg-pane text-quiet">
                <tr className="border-b border-hair align-bottom">
                  <th className="px-4 py-2 font-normal">Product</th>
                  {heads.map(([key, label]) => (
                    <th
                      key={key}
                      className="px-1 py-1 text-right font-normal last:pr-4"
                      aria-sort={by === key ? 'descending' : 'none'}
                    >
                      <button
                        type="button"
                        className={`min-h-[24px] rounded px-1 hover:bg-hair/60 pointer-coarse:min-h-[44px] ${by === key ? 'font-bold text-ink' : ''}`}
                        onClick={() => setBy(key)}
                      >
                        {label}
                      </button>
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {sorted.map(one => (
                  <tr
                    key={one.product}
                    className={`border-b border-hair/60 ${pointed === one.product ? 'bg-page' : ''}`}
                    onMouseEnter={() => setPointed(one.product)}
                    onMouseLeave={() => setPointed(null)}
                    onFocus={() => setPointed(one.product)}
                    onBlur={() => setPointed(null)}
                  >
                    <td className="px-4 py-1">
                      <Link href={`/products/${one.product}?lid=cost`} className="font-semibold text-navy">
                        {one.name}
                      </Link>
                      {one.unknown.length > 0 && (
                        <span className="block text-[12.5px] text-unproven">
                          without {missing(one.unknown[0]!)}
                          {one.unknown.length > 1 && ` and ${one.unknown.length - 1} more`}
                        </span>
                      )}
                    </td>
                    <td
                      className={`figure text-right whitespace-nowrap ${one.margin !== null && one.margin < 0 ? 'text-breaks' : ''}`}
                    >
                      {one.margin === null ? '?' : `${atMost(one)}${percent(one.margin)}`}
                    </td>
                    {(['leaves', 'perOvenHour', 'perLabourHour'] as const).map(key => (
                      <td key={key} className="figure pl-3 text-right whitespace-nowrap">
                        {one[key] === null ? '?' : `${atMost(one)}${money(one[key], currency)}`}
                      </td>
                    ))}
                    <td className="figure pr-4 text-right">{one.packs}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </div>
        <div className="pane min-h-0 p-3">
          <h2 className="text-[16px]">Margin by volume</h2>
          <Picture earnings={earnings} currency={currency} pointed={pointed} onPoint={setPointed} />
        </div>
      </div>
    </section>
  )
}

/** Where something of the cost is missing, no more than this is left. */
const atMost = (one: Earning): string => (one.unknown.length > 0 ? '≤ ' : '')

const width = 420
const height = 380
const edge = { left: 44, right: 16, top: 14, bottom: 34 }

/** Each product a disc: how many packs are ordered, what share of the price is left, and its size what a making leaves. */
function Picture({
  earnings,
  currency,
  pointed,
  onPoint,
}: {
  earnings: Earning[]
  currency: string
  pointed: string | null
  onPoint: (product: string | null) => void
}) {
  const known = earnings.filter(
    (one): one is Earning & { margin: number; leaves: string } => one.margin !== null && one.leaves !== null,
  )
  if (known.length === 0)
    return (
      <p className="text-quiet">Give a product its price and its tax, on its bench under Cost: then it stands here.</p>
    )
  const x = scaleLinear(
    [0, Math.max(1, max(known, one => one.packs)!)],
    [edge.left + 14, width - edge.right - 14],
  ).nice()
  const y = scaleLinear(
    [Math.min(0, min(known, one => one.margin)!), Math.max(0.1, max(known, one => one.margin)!)],
    [height - edge.bottom, edge.top],
  ).nice()
  const size = scaleSqrt([0, Math.max(1, max(known, one => Math.max(0, Number(one.leaves)))!)], [3, 15])
  const radius = (one: Earning) => size(Math.max(0, Number(one.leaves)))
  const labelOf = (one: (typeof known)[number]) => {
    const at = x(one.packs)
    const right = at > width * 0.6
    const gap = radius(one) + 4
    return {
      key: one.product,
      name: one.name,
      x: right ? at - gap : at + gap,
      y: y(one.margin) + 4,
      anchor: right ? ('end' as const) : ('start' as const),
    }
  }
  // names stand beside their discs; where two would lie over each other, the later one goes below
  const labels: ReturnType<typeof labelOf>[] = []
  for (const one of known.filter(other => other.packs > 0).sort((a, b) => b.margin - a.margin)) {
    const label = labelOf(one)
    for (const other of labels)
      if (Math.abs(other.y - label.y) < 13 && Math.abs(other.x - label.x) < 190) label.y = other.y + 13
    labels.push(label)
  }
  const shown = known.find(one => one.product === pointed)
  const resting = known.filter(one => one.packs === 0).length
  return (
    <figure>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full"
        role="img"
        aria-label="Margin by packs ordered, for each product; the table says the same"
      >
        {y.ticks(5).map(tick => (
          <g key={tick}>
            <line
              x1={edge.left}
              x2={width - edge.right}
              y1={y(tick)}
              y2={y(tick)}
              stroke={tick === 0 ? '#5a6272' : '#ddd6c6'}
            />
            <text x={edge.left - 6} y={y(tick) + 4} textAnchor="end" fontSize={12} fill="#5a6272">
              {percent(tick)}
            </text>
          </g>
        ))}
        {x.ticks(5).map(tick => (
          <text key={tick} x={x(tick)} y={height - 16} textAnchor="middle" fontSize={12} fill="#5a6272">
            {tick}
          </text>
        ))}
        <text x={width - edge.right} y={height - 2} textAnchor="end" fontSize={12} fill="#5a6272">
          packs ordered from today on
        </text>
        {known.map(one => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the same is shown for the row, which takes the focus
          <circle
            key={one.product}
            cx={x(one.packs)}
            cy={y(one.margin)}
            r={radius(one)}
            fill={one.margin < 0 ? '#a5322a' : '#7a2e4d'}
            fillOpacity={shown && shown !== one ? 0.2 : 0.55}
            stroke="#fffefb"
            onMouseEnter={() => onPoint(one.product)}
            onMouseLeave={() => onPoint(null)}
          />
        ))}
        {(shown ? [labelOf(shown)] : labels).map(one => (
          <text
            key={one.key}
            x={one.x}
            y={one.y}
            textAnchor={one.anchor}
            fontSize={12}
            fontWeight={shown ? 700 : undefined}
            fill="#1c2431"
            pointerEvents="none"
          >
            {one.name}
          </text>
        ))}
      </svg>
      <figcaption className="px-1 text-[13px] text-quiet">
        {shown
          ? `${shown.name}: ${percent(shown.margin)} of the price, ${shown.packs} ${shown.packs === 1 ? 'pack' : 'packs'} ordered, a making leaves ${atMost(shown)}${money(shown.leaves, currency)}.`
          : `The larger the disc, the more a making leaves. Point at a disc or a row to see which it is.${resting > 0 ? ` Nothing is ordered of the ${resting} on the left edge.` : ''}`}
      </figcaption>
    </figure>
  )
}
