// The lid's cost: everything a batch costs, what a piece carries, the price from it, and what she asks of it.
'use client'
import { type CostPart, fullCostOf, leaves, taxOf } from '@fair-tin/core/cost'
import { money, toPlaces } from '@fair-tin/core/words'
import { useMemo } from 'react'
import { missing } from '../../../../ui/missing'
import { FacePart } from '../FacePart'
import type { LidProps } from '../faces'
import { CostSettings } from './CostSettings'
import { PriceSettings } from './PriceSettings'
import { priceSteps } from './priceSteps'
import { StepChart } from './StepChart'
import { WhatIf } from './WhatIf'

export function CostFace(props: LidProps) {
  const { workbook, productId, batch, stock, product, market, pieceName } = props
  const cost = useMemo(() => fullCostOf(workbook, productId, batch, stock), [workbook, productId, batch, stock])
  const { currency, unknown } = cost
  const price = useMemo(() => {
    const paid = product.prices?.pack
    const tax = taxOf(workbook.kitchen, product, market)
    if (paid === undefined || 'unknown' in tax) return null
    const parts = leaves(paid, '0', tax)
    const each = (amount: number) => amount / product.pieces
    return {
      net: each(Number(parts.net)),
      tax: each(Number(parts.tax)),
      paid: each(Number(parts.net) + Number(parts.tax)),
    }
  }, [product, workbook.kitchen, market])
  const atLeast = unknown.length > 0 ? 'at least ' : ''
  return (
    <>
      <dl className="grid grid-cols-3 gap-2">
        {(
          [
            ['The batch costs', cost.total],
            [`A ${pieceName}`, cost.perPiece],
            [`A pack of ${product.pieces}`, cost.perPack],
          ] as const
        ).map(([name, amount]) => (
          <div key={name}>
            <dt className="text-quiet">{name}</dt>
            <dd className="text-[16px] font-bold">
              {amount === null ? (
                <span className="text-unproven">not known</span>
              ) : (
                <>
                  {atLeast && <span className="text-[12.5px] font-normal">{atLeast}</span>}
                  <span className="figure">{money(amount, currency)}</span>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {unknown.length > 0 && (
        <details className="mt-1 text-unproven">
          <summary>
            Without {missing(unknown[0]!)}
            {unknown.length > 1 && ` and ${unknown.length - 1} more`}.
          </summary>
          <ul className="ml-4 list-disc">
            {unknown.map(why => (
              <li key={why}>{missing(why)}</li>
            ))}
          </ul>
        </details>
      )}
      <FacePart title={`What makes up a ${pieceName}`}>
        <StepChart steps={priceSteps(cost, price)} currency={currency} atLeast={unknown.length > 0} />
        <ul className="mt-1">
          {[...cost.parts, ...(cost.losses ? [cost.losses] : [])].map(part => (
            <Opened key={part.kind} part={part} currency={currency} />
          ))}
        </ul>
        {cost.made !== null && (
          <p className="text-[13px] text-quiet">
            For {Number(toPlaces(cost.made, 1))} made
            {cost.sold !== null && cost.sold < cost.made && `, ${Number(toPlaces(cost.sold, 1))} sold`}; ≈ rests on
            something assumed.
          </p>
        )}
      </FacePart>
      <FacePart title="Price">
        <PriceSettings {...props} cost={cost} />
      </FacePart>
      <FacePart title="What if">
        <WhatIf {...props} cost={cost} />
      </FacePart>
      <FacePart title="What it rests on">
        <CostSettings {...props} />
      </FacePart>
    </>
  )
}

/** A figure that opens into where it came from. */
function Opened({ part, currency }: { part: CostPart; currency: string }) {
  return (
    <li className="border-b border-hair/60 last:border-0">
      <details>
        <summary className="flex items-baseline gap-2 py-0.5">
          <span aria-hidden className="text-quiet">
            ▸
          </span>
          <span className="flex-1">
            {part.name}
            {part.estimate && ' ≈'}
          </span>
          <span className="figure">
            {part.amount === null ? <span className="text-unproven">not known</span> : money(part.amount, currency)}
          </span>
        </summary>
        <p className="pl-4 text-[13px] text-quiet">{part.how}.</p>
        <table className="mb-1 w-full text-left text-[13.5px]">
          <caption className="sr-only">Where {part.name} comes from</caption>
          <tbody>
            {[...part.parts]
              .sort((a, b) => Number(b.amount ?? 0) - Number(a.amount ?? 0))
              .map((one, at) => (
                <tr key={`${one.name} ${at}`} className="align-top">
                  <td className="py-0.5 pl-4">
                    {one.name}
                    {one.estimate && ' ≈'} <span className="text-[12.5px] text-quiet">{one.how}</span>
                  </td>
                  <td className="figure text-right">{one.amount === null ? '?' : money(one.amount, currency)}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </details>
    </li>
  )
}
