// The batch by weight: one band per ingredient; below it what is left, and hatched what leaves. The same as a table for those who cannot see it.
'use client'
import type { Ingredient } from '@fair-tin/core/model'
import type { Bill } from '@fair-tin/core/recipe'
import { percent, weighed } from '@fair-tin/core/words'
import { scaleLinear } from 'd3-scale'
import { memo, useMemo } from 'react'

const colours = [
  '#7a2e4d',
  '#b98a2f',
  '#5b6f4b',
  '#a89f86',
  '#7c8b96',
  '#8c6a3f',
  '#4c3a2a',
  '#3f5f7f',
  '#9a5b4a',
  '#6b5a7d',
]
const inkOn = (colour: string) => (colour === '#a89f86' || colour === '#b98a2f' ? '#1c2431' : '#fff')
const height = 28
const bandHeight = 20
/** Narrower bands carry no word; pointing at one still names it. */
const wordFrom = 0.055

interface Band {
  key: string
  name: string
  grams: number
  from: number
  colour: string | null
}

/** Ingoing weights, largest first; what leaves (water, drained) at the end. Pure. */
export function bandsOf(bill: Bill, nameOf: (id: string) => string): Band[] {
  const byIngredient = new Map<string, number>()
  for (const line of bill.lines)
    if (line.role !== 'beside') byIngredient.set(line.ingredient, (byIngredient.get(line.ingredient) ?? 0) + line.grams)
  const ordered = [...byIngredient].filter(([, grams]) => grams > 0).sort((a, b) => b[1] - a[1])
  let from = 0
  const bands = ordered.map(([id, grams], at): Band => {
    const band = { key: id, name: nameOf(id), grams, from, colour: colours[at % colours.length]! }
    from += grams
    return band
  })
  return bands
}

export const Ribbon = memo(function Ribbon({
  bill,
  ingredients,
  pointed,
  onPoint,
}: {
  bill: Bill
  ingredients: readonly Ingredient[]
  pointed: string | null
  onPoint: (ingredient: string | null) => void
}) {
  const bands = useMemo(
    () => bandsOf(bill, id => ingredients.find(one => one.id === id)?.name ?? id),
    [bill, ingredients],
  )
  if (bill.ingoing <= 0) return null
  const x = scaleLinear([0, bill.ingoing], [0, 1000])
  const lost = bill.waterLost + bill.drained
  return (
    <figure className="px-4 pb-2">
      <figcaption className="sr-only">The batch by weight</figcaption>
      <svg
        viewBox={`0 0 1000 ${height}`}
        preserveAspectRatio="none"
        className="block h-[28px] w-full"
        aria-hidden="true"
      >
        <defs>
          <pattern id="water-out" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="4" height="8" fill="#ffffff" opacity="0.72" />
          </pattern>
        </defs>
        {bands.map((band, at) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: a hint for the mouse; the table below says the same
          <g
            key={at}
            onMouseEnter={() => onPoint(band.key)}
            onMouseLeave={() => onPoint(null)}
            opacity={pointed && pointed !== band.key ? 0.45 : 1}
          >
            <title>{`${band.name}: ${weighed(band.grams)}, ${percent(band.grams / bill.ingoing)}`}</title>
            <rect
              x={x(band.from)}
              width={Math.max(0, x(band.grams) - 1)}
              height={bandHeight}
              fill={band.colour ?? 'none'}
            />
          </g>
        ))}
        <rect x={0} y={bandHeight + 3} width={x(bill.finished)} height={5} fill="var(--color-navy)" />
        {lost > 0 && (
          <g>
            <title>{`${bill.drained > 0 ? 'Water and drained' : 'Water'} out: ${weighed(lost)}, ${percent(lost / bill.ingoing)}`}</title>
            <rect x={x(bill.finished)} y={bandHeight + 3} width={x(lost)} height={5} fill="#8a5a00" />
            <rect x={x(bill.finished)} y={bandHeight + 3} width={x(lost)} height={5} fill="url(#water-out)" />
          </g>
        )}
      </svg>
      <div
        className="relative -mt-[28px] h-[28px] overflow-hidden text-[12px] leading-[20px]"
        aria-hidden="true"
        style={{ pointerEvents: 'none' }}
      >
        {bands
          .filter(band => band.grams / bill.ingoing >= wordFrom)
          .map((band, at) => (
            <span
              key={at}
              className="absolute truncate pl-1.5"
              style={{
                left: `${(band.from / bill.ingoing) * 100}%`,
                width: `${(band.grams / bill.ingoing) * 100}%`,
                color: inkOn(band.colour ?? ''),
              }}
            >
              {band.name}
            </span>
          ))}
      </div>
      <table className="sr-only">
        <caption>The batch by weight</caption>
        <thead>
          <tr>
            <th>Ingredient</th>
            <th>Weight</th>
            <th>Share</th>
          </tr>
        </thead>
        <tbody>
          {bands.map((band, at) => (
            <tr key={at}>
              <td>{band.name}</td>
              <td>{weighed(band.grams)}</td>
              <td>{percent(band.grams / bill.ingoing)}</td>
            </tr>
          ))}
          <tr>
            <td>Leaves in the oven or the sieve</td>
            <td>{weighed(lost)}</td>
            <td>{percent(lost / bill.ingoing)}</td>
          </tr>
        </tbody>
      </table>
    </figure>
  )
})
