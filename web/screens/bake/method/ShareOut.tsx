// What is in the bowl, or a part by itself, shared out evenly: so much a tin, a ball, a layer; what the scale shows beside it.
'use client'
import { partsToShare, type Shared, sharedOut, tinsOf } from '@fair-tin/core/batch'
import type { Batch } from '@fair-tin/core/model'
import type { Scale } from '@fair-tin/core/recipe'
import { percent, typedNumber, weighed } from '@fair-tin/core/words'
import { type ReactNode, useMemo, useState } from 'react'
import { type ChosenScale, useHeard } from '../scale/useScale'
import type { RunningBatch } from '../useBatch'

export function ShareOut({
  batch,
  running,
  scales,
  scale,
  mayChange,
  atHand,
}: {
  batch: Batch
  running: RunningBatch
  scales: readonly Scale[]
  scale: ChosenScale
  mayChange: boolean
  atHand?: ReactNode
}) {
  const tins = tinsOf(batch).count
  const [typed, setTyped] = useState(String(tins ?? Math.round(batch.pieces)))
  const many = typedNumber(typed)
  const fits = Number.isInteger(many) && many >= 1 && many <= 10_000
  const parts = useMemo(() => partsToShare(running.state), [running.state])
  const [part, setPart] = useState<string | null>(null)
  const shared = fits ? sharedOut(running.state, many, scales, part) : null
  const nameOf = parts.find(one => one.recipe === part)?.name
  const heard = useHeard(scale.scale)
  const shows = heard && 'grams' in heard ? heard.grams : null
  return (
    <li className="border-b border-hair px-5 py-3">
      <h2 className="text-[15px]">Share it out</h2>
      {atHand}
      <div className="mt-1 flex flex-wrap items-end gap-3">
        {parts.length > 0 && (
          <label className="w-56 text-quiet">
            Of what
            <select
              className="field !min-h-[50px] text-[18px] text-ink"
              value={part ?? ''}
              onChange={event => setPart(event.target.value || null)}
            >
              <option value="">what is in the bowl</option>
              {parts.map(one => (
                <option key={one.recipe} value={one.recipe}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
        )}
        <label className="w-44 text-quiet">
          Tins, balls or layers
          <input
            className="field figure !min-h-[50px] text-[20px] text-ink"
            inputMode="numeric"
            maxLength={5}
            value={typed}
            aria-invalid={!fits || undefined}
            onChange={event => setTyped(event.target.value)}
          />
        </label>
        {shared ? (
          <>
            <p className="pb-1">
              <b className="figure text-[30px]">{weighed(shared.shown)}</b> each
              <span className="block text-[15px] text-quiet">
                {sharedWords(shared, part === null ? 'in the bowl' : 'made')}
              </span>
            </p>
            {shows !== null && (
              <p
                role="status"
                className={`figure pb-2 text-[24px] ${shows >= shared.low && shows <= shared.high ? 'text-holds' : 'text-unproven'}`}
              >
                {weighed(Math.max(0, shows))}
                <span className="ml-2 font-text text-[15px]">
                  {shows < shared.low ? 'more' : shows > shared.high ? 'too much' : 'that is it'}
                </span>
              </p>
            )}
            {scale.scale && (
              <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => scale.scale?.tare()}>
                Tare
              </button>
            )}
            {mayChange && (
              <button
                type="button"
                className="slab !min-h-[50px] !text-[17px]"
                onClick={() =>
                  running.put({
                    kind: 'checked',
                    what: `${nameOf ? `${nameOf} ` : ''}shared out: ${many} × ${weighed(shared.shown)}`,
                    passed: true,
                  })
                }
              >
                Done
              </button>
            )}
          </>
        ) : (
          <p className="pb-2 text-quiet">
            {fits ? 'Nothing of it has a weight yet.' : 'Count whole ones, at least one.'}
          </p>
        )}
      </div>
    </li>
  )
}

function sharedWords({ bowl, isWeighed, low, high, over }: Shared, where: string): string {
  const rest =
    Math.abs(over) > 0.002
      ? ` By this scale ${percent(Math.abs(over))} ${over > 0 ? 'is wanting at the end' : 'is left over'}.`
      : ''
  return `Of ${weighed(bowl)} ${isWeighed ? where : 'as planned, not all of it weighed yet'}. From ${weighed(low)} to ${weighed(high)} is as it should be.${rest}`
}
