// Questions answered by moving a number: a price, the batch; which three move it most; the free-from premium; over time.
'use client'
import { breakEven, costOverTime, premiumOf, sensitivities, withPriceTimes } from '@fair-tin/core/assess'
import { type FullCost, fullCostOf } from '@fair-tin/core/cost'
import { daysAfter, money, moneySign, percent, toPlaces } from '@fair-tin/core/words'
import { scaleLinear } from 'd3-scale'
import { useDeferredValue, useMemo, useState } from 'react'
import { Choose } from '../../../../ui/Choose'
import type { LidProps } from '../faces'
import { OverTime } from './OverTime'

const sixWeeks = -42
const signed = (amount: number, currency: string) => `${amount < 0 ? '−' : '+'}${money(Math.abs(amount), currency)}`

export function WhatIf(props: LidProps & { cost: FullCost }) {
  const { workbook, productId, batch, cost, pieceName, market } = props
  // the bench moves first; what follows from it may come a breath later
  const later = useDeferredValue(workbook)
  const moved = useMemo(() => sensitivities(later, productId, batch), [later, productId, batch])
  const premium = useMemo(() => premiumOf(later, productId, batch), [later, productId, batch])
  const days = useMemo(() => costOverTime(later, productId, daysAfter(later.today, sixWeeks)), [later, productId])
  const paid = breakEven(later, productId, market, cost)
  const [which, setWhich] = useState('')
  const [times, setTimes] = useState(2)
  const { currency } = cost
  const chosen = which || moved[0]?.ingredient || ''
  const then = useMemo(() => {
    const dear = chosen ? withPriceTimes(later, chosen, times) : null
    return dear && fullCostOf(dear, productId, batch)
  }, [later, chosen, times, productId, batch])
  const twice = useMemo(
    () => fullCostOf(later, productId, { factor: batch.factor * 2 }),
    [later, productId, batch.factor],
  )
  const half = useMemo(
    () => fullCostOf(later, productId, { factor: batch.factor / 2 }),
    [later, productId, batch.factor],
  )
  const along = scaleLinear([0, moved[0]?.share || 1], [0, 100])
  if (cost.perPiece === null)
    return <p className="text-quiet">Say how many pieces one making gives, and a piece can be asked about.</p>
  return (
    <>
      {moved.length > 0 && (
        <>
          <div className="grid grid-cols-[1fr_1fr] items-end gap-2">
            <div className="text-[12.5px] text-quiet">
              What if the price of
              <Choose
                label="What if the price of"
                value={chosen}
                options={moved.map(one => ({ value: one.ingredient, label: one.name }))}
                onChange={setWhich}
              />
            </div>
            <label className="text-[12.5px] text-quiet">
              goes to {Math.round(times * 100)} % of today’s
              <input
                type="range"
                className="block w-full accent-damson"
                min={0.5}
                max={3}
                step={0.05}
                value={times}
                onChange={event => setTimes(Number(event.target.value))}
              />
            </label>
          </div>
          {then?.perPiece && (
            <p>
              A {pieceName} would cost <b className="figure">{money(then.perPiece, currency)}</b>,{' '}
              {signed(Number(then.perPiece) - Number(cost.perPiece), currency)}.
            </p>
          )}
        </>
      )}
      <p className="mt-1.5">
        Make half as much: <b className="figure">{half.perPiece ? money(half.perPiece, currency) : 'not known'}</b> a{' '}
        {pieceName}. Make twice as much:{' '}
        <b className="figure">{twice.perPiece ? money(twice.perPiece, currency) : 'not known'}</b>. Work and oven go up
        by the load.
      </p>
      <p className="mt-1.5">
        {'unknown' in paid ? (
          <span className="text-unproven">When the batch has paid for itself needs {paid.unknown}.</span>
        ) : (
          <>
            The batch has paid for itself after <b>{paid.packs}</b> of {Number(toPlaces(paid.of, 1))} packs.
          </>
        )}
      </p>
      {moved.length > 0 && (
        <>
          <h3 className="mt-2 text-[14px]">What moves it most: 10 % dearer, a {pieceName} costs</h3>
          <table className="w-full text-left">
            <caption className="sr-only">What a tenth more on a price does to the cost of a piece</caption>
            <tbody>
              {moved.slice(0, 5).map((one, at) => (
                <tr key={one.ingredient}>
                  <th className={`w-32 py-0.5 font-normal ${at < 3 ? '' : 'text-quiet'}`}>{one.name}</th>
                  <td>
                    <span
                      className="block h-2.5 rounded-sm bg-damson"
                      style={{ width: `${along(one.share)}%`, opacity: at < 3 ? 1 : 0.5 }}
                    />
                  </td>
                  <td className="figure w-36 text-right text-[13px] whitespace-nowrap">
                    +{moneySign(currency)}
                    {toPlaces(Number(one.perPiece), 4)} · {percent(one.share)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      <h3 className="mt-2 text-[14px]">What free-from costs you</h3>
      {'unknown' in premium ? (
        <p className="text-unproven">Needs {premium.unknown}.</p>
      ) : premium.parts.length === 0 ? (
        <p className="text-quiet">
          Nobody gave these ingredients an ordinary counterpart. Say on an ingredient’s sheet what ordinary thing it
          stands in for.
        </p>
      ) : (
        <>
          <p>
            {premium.without.length > 0 && 'At least '}
            <b className="figure">{money(premium.premium, currency)}</b> of ingredients in a {pieceName}:{' '}
            {money(premium.now, currency)} instead of {money(premium.ordinary, currency)}.
          </p>
          <ul className="text-[13.5px]">
            {premium.parts.map(one => (
              <li key={one.name}>
                {one.name} instead of {one.instead}:{' '}
                <span className="figure">{signed(Number(one.more), currency)}</span>
              </li>
            ))}
          </ul>
          {premium.without.length > 0 && (
            <p className="text-[13px] text-unproven">Without {premium.without.join(', ')}: no counterpart is given.</p>
          )}
        </>
      )}
      <h3 className="mt-2 text-[14px]">Over six weeks, by today’s recipe</h3>
      <OverTime days={days} currency={currency} pieceName={pieceName} />
    </>
  )
}
