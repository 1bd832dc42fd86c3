// The table's rows with how far each may be off: a small picture beside its figures, what the market allows as the pale band.
'use client'
import { type RulePack, roundedBy } from '@fair-tin/core/market'
import type { RowSpread } from '@fair-tin/core/nutrition'
import { percent } from '@fair-tin/core/words'
import { scaleLinear } from 'd3-scale'
import { Fragment } from 'react'

/** How often it would be found wrong. */
function chance({ wrong }: RowSpread): string {
  if (!wrong) return 'no tolerance named'
  const share = wrong.under + wrong.over
  return `found wrong: ${share === 0 ? 'none' : share < 0.005 ? 'under 0.5 %' : percent(share)}`
}
/** A likelihood that is worth a thought: more often than one making in twenty. */
const often = ({ wrong }: RowSpread): boolean => wrong !== null && wrong.under + wrong.over > 0.05

const unitOf = (nutrient: RowSpread['nutrient']): string =>
  nutrient === 'energyKj'
    ? 'kJ'
    : nutrient === 'energyKcal'
      ? 'kcal'
      : nutrient.endsWith('Mcg')
        ? 'µg'
        : nutrient.endsWith('Mg')
          ? 'mg'
          : 'g'

export function SureTable({
  rows,
  chosen,
  onChoose,
  rules,
}: {
  rows: readonly RowSpread[]
  chosen: RowSpread['nutrient']
  onChoose: (nutrient: RowSpread['nutrient']) => void
  rules: RulePack
}) {
  const printed = (row: RowSpread, value: number) => roundedBy(rules, row.nutrient, Math.max(0, value))
  const { tolerances } = rules.table
  return (
    <>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full border-collapse text-left">
          <caption className="sr-only">
            How far each figure may be off, and how likely a laboratory finds it wrong
          </caption>
          <thead>
            <tr className="border-b border-hair text-[13px] text-quiet">
              <th scope="col" className="py-1 pr-2 font-normal">
                row
              </th>
              <th scope="col" className="pr-2 text-right font-normal">
                printed
              </th>
              <th scope="col" className="pr-2 text-right font-normal">
                19 of 20 lie in
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(row => (
              <Fragment key={row.nutrient}>
                <tr className={row.nutrient === chosen ? 'bg-page' : ''}>
                  <th scope="row" className="pt-1 pr-2 font-normal">
                    <button
                      type="button"
                      aria-pressed={row.nutrient === chosen}
                      className="word-link min-h-[24px] text-left pointer-coarse:min-h-[44px]"
                      onClick={() => onChoose(row.nutrient)}
                    >
                      {row.label.replace(/ ?\{amount\} ?/, ' ')}
                    </button>
                    <span className="text-[13px] text-quiet">, {unitOf(row.nutrient)}</span>
                  </th>
                  <td className="figure pr-2 text-right">{printed(row, row.value)}</td>
                  <td className="figure pr-2 text-right whitespace-nowrap">
                    {printed(row, row.usual[0])} – {printed(row, row.usual[1])}
                  </td>
                </tr>
                <tr className={`border-b border-hair ${row.nutrient === chosen ? 'bg-page' : ''}`}>
                  <td colSpan={3} className="pb-1">
                    <div className="flex items-center gap-2">
                      <div className="min-w-0 flex-1">
                        <Strip row={row} />
                      </div>
                      <span
                        className={`w-[128px] shrink-0 text-right text-[13px] ${often(row) ? 'font-bold text-breaks' : 'text-quiet'}`}
                      >
                        {chance(row)}
                      </span>
                    </div>
                  </td>
                </tr>
              </Fragment>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-1 text-[13px] text-quiet">
        {tolerances
          ? `The pale band is what may be found before the label counts as wrong (${tolerances.cite}); the line is what is printed.`
          : `${rules.title} names no figures a laboratory’s may differ by: an average is to be true. The line is what is printed.`}
      </p>
    </>
  )
}

const [width, height] = [360, 20]
/** The draws as a small hill over the band that is allowed. */
function Strip({ row }: { row: RowSpread }) {
  const { bins, acceptable, value } = row
  const low = acceptable?.low ?? Math.min(bins.from, acceptable?.high ?? bins.from)
  const high = acceptable?.high ?? Math.max(bins.to, acceptable?.low ?? bins.to)
  const from = Math.min(bins.from, low)
  const to = Math.max(bins.to, high)
  const x = scaleLinear([from, to === from ? from + 1 : to], [3, width - 3])
  const step = (bins.to - bins.from) / bins.counts.length
  const most = Math.max(1, ...bins.counts)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      aria-hidden="true"
      className="block h-[20px] w-full"
    >
      {acceptable && (
        <rect
          x={x(low)}
          y={0}
          width={Math.max(1, x(high) - x(low))}
          height={height}
          rx={3}
          className="fill-[#dfe9e3]"
        />
      )}
      {bins.counts.map((count, at) => {
        const tall = (count / most) * (height - 5)
        const left = x(bins.from + at * step)
        return (
          <rect
            key={left}
            x={left}
            y={height - 2 - tall}
            width={Math.max(0.6, x(bins.from + (at + 1) * step) - left - 0.3)}
            height={tall}
            className="fill-navy"
          />
        )
      })}
      <line x1={x(value)} x2={x(value)} y1={0} y2={height} className="stroke-damson" strokeWidth={2} />
    </svg>
  )
}
