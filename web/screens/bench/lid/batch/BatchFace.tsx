// The lid's batch: tins, loads, eggs, scales, parts from the shelf, and where the weight goes.
'use client'
import {
  batterOf,
  eggsApart,
  evenLoads,
  type Filling,
  ovenAdvice,
  type PieceChoice,
  tinLoads,
  weighingTolerance,
  weighOut,
  wholePieces,
} from '@fair-tin/core/recipe'
import { percent, toPlaces, weighed } from '@fair-tin/core/words'
import Link from 'next/link'
import { useMemo } from 'react'
import { fillingsOf } from '../../size/batch'
import { FacePart } from '../FacePart'
import type { LidProps } from '../faces'
import { Balance } from './Balance'
import { PartsOfIt } from './PartsOfIt'
import { Tins } from './Tins'

export function BatchFace(props: LidProps) {
  const { assessment, batch, recipe, workbook, ingredients } = props
  const { bill } = assessment
  const fillings = useMemo(() => fillingsOf(batch, recipe, bill), [batch, recipe, bill])
  const eggs = useMemo(() => wholePieces(bill, ingredients), [bill, ingredients])
  const apart = useMemo(() => eggsApart(bill, ingredients), [bill, ingredients])
  const said = useMemo(
    () => weighOut(bill, workbook.kitchen.scales).filter(one => one.say !== null),
    [bill, workbook.kitchen.scales],
  )
  const nameAt = (at: number) => ingredients.find(one => one.id === bill.lines[at]!.ingredient)?.name ?? ''
  return (
    <>
      {assessment.pieces !== null && (
        <p className="pt-2">
          <Link
            className="word-link"
            href={`/bake?product=${encodeURIComponent(props.productId)}&pieces=${Math.round(assessment.pieces)}`}
          >
            Bake {Math.round(assessment.pieces)} of them
          </Link>
        </p>
      )}
      <FacePart title="Tins">
        <Tins {...props} fillings={fillings} />
      </FacePart>
      <FacePart title="Loads">
        <Loads {...props} fillings={fillings} />
      </FacePart>
      <PartsOfIt {...props} />
      {eggs.length > 0 && (
        <FacePart title="Eggs">
          {eggs.map(egg => (
            <Egg key={egg.at} {...egg} />
          ))}
          {apart.map(one => (
            <p key={one.ingredient}>
              Apart: crack {one.crack}.{' '}
              {[
                ...(one.yolksLeft > 0.05 ? [`${weighed(one.yolksLeft)} of yolk`] : []),
                ...(one.whitesLeft > 0.05 ? [`${weighed(one.whitesLeft)} of white`] : []),
              ].join(' and ') || 'Nothing'}{' '}
              is left over.
            </p>
          ))}
        </FacePart>
      )}
      <FacePart title="On the scale">
        {!workbook.kitchen.scales?.length ? (
          <p className="text-unproven">
            No scale is known yet. Say under Kitchen which ones you have, and each weight is rounded to what they show.
          </p>
        ) : said.length === 0 ? (
          <p>Every weight is within {toPlaces(weighingTolerance * 100, 1)} % on the scale that usually stands there.</p>
        ) : (
          <ul className="space-y-1">
            {said.map(one => (
              <li key={one.at}>
                <b>{nameAt(one.at)}</b> <span className="figure">{weighed(one.exact)}</span>: {one.say}
              </li>
            ))}
          </ul>
        )}
      </FacePart>
      <FacePart title="Where the weight goes">
        <Balance {...props} />
      </FacePart>
    </>
  )
}

function Loads({ workbook, assessment, fillings }: LidProps & { fillings: Filling[] }) {
  const { mixers = [], ovens = [] } = workbook.kitchen
  const batter = batterOf(assessment.bill)
  const tins = fillings.reduce((sum, one) => sum + one.count, 0)
  const look = fillings[0]?.firstLook?.minutes ?? null
  if (mixers.length === 0 && ovens.length === 0)
    return (
      <p className="text-quiet">Say under Kitchen what your mixers and ovens take, and the batch is split evenly.</p>
    )
  return (
    <ul>
      {mixers.map(mixer => {
        const loads = evenLoads(batter, mixer.grams)
        return (
          loads && (
            <li key={mixer.name}>
              {mixer.name}: <b className="figure">{loads.loads}</b> {loads.loads === 1 ? 'load' : 'even loads'} of{' '}
              <b className="figure">{weighed(loads.each)}</b>
            </li>
          )
        )
      })}
      {tins > 0 &&
        ovens.map(oven => {
          const loads = tinLoads(tins, oven.tins)
          return (
            loads && (
              <li key={oven.name}>
                {oven.name}: <b className="figure">{loads.length}</b> {loads.length === 1 ? 'load' : 'loads'} of{' '}
                <b className="figure">{[...new Set(loads)].join(' or ')}</b>{' '}
                {loads.length === 1 && loads[0] === 1 ? 'tin' : 'tins'}
                {loads.length > 1 && ' (two shelves do not bake alike)'}
                {ovenAdvice(oven, look) && (
                  <span className="block text-[13px] text-quiet">It {ovenAdvice(oven, look)}.</span>
                )}
              </li>
            )
          )
        })}
    </ul>
  )
}

function Egg({ name, exact, pieces, fewer, more, crack, keep }: ReturnType<typeof wholePieces>[number]) {
  const choice = (one: PieceChoice) =>
    `${one.pieces} whole: ${one.off < 0 ? '−' : '+'}${percent(Math.abs(one.off))} egg, the batch ${one.batchOff < 0 ? '−' : '+'}${percent(Math.abs(one.batchOff))}`
  return (
    <div className="mb-1">
      <b>{name}</b> <span className="figure">{weighed(exact)}</span>
      {fewer.pieces === more.pieces ? (
        `: ${fewer.pieces} whole.`
      ) : (
        <>
          , {toPlaces(pieces, 2)} of them.
          <ul className="ml-4 list-disc">
            <li>
              Beaten by weight: crack {crack}, weigh off {weighed(exact)}, keep {weighed(keep)}.
            </li>
            {fewer.pieces > 0 && <li>{choice(fewer)}.</li>}
            <li>{choice(more)}.</li>
          </ul>
        </>
      )}
    </div>
  )
}
