// Under a claim that does not hold: the least that would make it hold, each way with what it costs, to be tried at once.
'use client'
import type { Way } from '@fair-tin/core/assess'
import { type ClaimCode, nameOfClaim } from '@fair-tin/core/model'
import { money } from '@fair-tin/core/words'
import { wrap } from 'comlink'
import Link from 'next/link'
import { useEffect, useState } from 'react'
import type { WaysWorker } from '../../../workers/ways'
import type { LidProps } from './faces'

type Found = Way[] | 'none asked' | 'looking' | 'failed'

export function WaysToMend({
  claim,
  workbook,
  productId,
  market,
  onTry,
}: Pick<LidProps, 'workbook' | 'productId' | 'market' | 'onTry'> & { claim: ClaimCode }) {
  const [found, setFound] = useState<Found>('none asked')
  const [of, setOf] = useState<{ workbook: LidProps['workbook']; market: string } | null>(null)
  useEffect(() => {
    if (of === null) return
    const made = new Worker(new URL('../../../workers/ways.ts', import.meta.url), { type: 'module' })
    let gone = false
    // one that cannot even be loaded answers nothing
    made.onerror = () => !gone && setFound('failed')
    wrap<WaysWorker>(made)
      .find(of.workbook, productId, market, claim)
      .then(
        ways => !gone && setFound(ways),
        () => !gone && setFound('failed'),
      )
    return () => {
      gone = true
      made.terminate()
    }
  }, [of, productId, market, claim])
  const look = () => {
    setFound('looking')
    setOf({ workbook, market })
  }
  // of a recipe that is another by now it says nothing
  const stale = of !== null && (of.workbook !== workbook || of.market !== market)
  if (found === 'none asked' || (stale && found !== 'looking'))
    return (
      <button type="button" className="word-link mt-1 min-h-[24px] pointer-coarse:min-h-[44px]" onClick={look}>
        {stale ? 'Look again for ways to mend' : 'Look for ways to mend'}
      </button>
    )
  return (
    <section aria-label={`Ways to mend ${nameOfClaim(claim)}`} className="mt-1 rounded-lg border border-hair p-2">
      <p role="status" className="text-[13px] text-quiet">
        {found === 'looking'
          ? 'Looking for ways …'
          : found === 'failed'
            ? 'The search did not come to an end. Reload the page and try again.'
            : found.length === 0
              ? 'No way was found with what is in the larder.'
              : 'Least trouble first. Whether it bakes alike, and what a supplier answers, nobody can know before.'}
      </p>
      {Array.isArray(found) && (
        <ol className="mt-1 flex flex-col gap-2">
          {found.map(way => (
            <WayRow key={way.deeds.map(one => one.key).join()} way={way} onTry={onTry} />
          ))}
        </ol>
      )}
    </section>
  )
}

function WayRow({ way, onTry }: { way: Way; onTry: LidProps['onTry'] }) {
  const edits = way.deeds.flatMap(one => one.edits)
  const elsewhere = [...new Map(way.deeds.filter(one => one.edits.length === 0).map(one => [one.at, one])).values()]
  const effects = [
    ...(way.cost
      ? [`a piece costs ${money(way.cost.was, way.cost.currency)} → ${money(way.cost.is, way.cost.currency)}`]
      : []),
    ...(way.energy ? [`${way.energy.was} → ${way.energy.is} kcal per 100 g`] : []),
  ]
  return (
    <li className="border-t border-hair pt-1 first:border-0 first:pt-0">
      <ul>
        {way.deeds.map(one => (
          <li key={one.key}>
            {one.what} {one.detail && <span className="text-[13px] text-quiet">{one.detail}</span>}
          </li>
        ))}
      </ul>
      {effects.length > 0 && <p className="text-[13px] text-quiet">{effects.join('; ')}.</p>}
      {!way.tried && (
        <p className="text-[13px] text-unproven">Some of it only a person can say, so it was not tried whole.</p>
      )}
      <div className="flex flex-wrap gap-x-3">
        {edits.length > 0 && (
          <button
            type="button"
            className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
            onClick={() => onTry(edits, 'a way to mend')}
          >
            Try it here
          </button>
        )}
        {elsewhere
          .filter(one => one.kind !== 'say')
          .map(one => (
            <Link key={one.at} href={one.at} className="word-link min-h-[24px] pointer-coarse:min-h-[44px]">
              {
                {
                  ask: 'Open the letter',
                  kitchen: 'Open the kitchen’s record',
                  swap: 'Open the part',
                  leaveOut: 'Open the part',
                  say: '',
                }[one.kind]
              }
            </Link>
          ))}
      </div>
    </li>
  )
}
