// The tins, before anything goes into them: what each is made ready with, what that carries, and a tap for each tin.
'use client'
import { type Item, tinsOf } from '@fair-tin/core/batch'
import type { Batch } from '@fair-tin/core/model'
import { weighed } from '@fair-tin/core/words'
import { Check } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import type { RunningBatch } from '../useBatch'

const readyWords = (at: number) => `tin ${at} ready`

export function ReadyTins({
  batch,
  running,
  carried,
  mayChange,
  atHand,
}: {
  batch: Batch
  running: RunningBatch
  /** What a thing carries, in words, for the hand that holds it. */
  carried: (item: Item) => string
  mayChange: boolean
  atHand?: ReactNode
}) {
  const { name, count, says } = tinsOf(batch)
  const [more, setMore] = useState(0)
  const release = running.state.items.filter(one => one.where === 'tin')
  if (count === null && says.length === 0 && release.length === 0) return null
  const tins = (count ?? 1) + more
  const ready = new Set(running.state.of('checked').map(one => one.what))
  return (
    <li className="border-b border-hair px-5 py-3">
      <h2 className="text-[15px]">The tins</h2>
      <p className="text-[20px] leading-snug">
        {tins} {tins === 1 ? 'tin' : 'tins'}
        {name ? `, ${name}` : ''}
        {says.length > 0 ? '' : '. The method does not say how they are made ready.'}
      </p>
      {says.map(text => (
        <p key={text} className="text-[17px]">
          “{text}”
        </p>
      ))}
      {release.map(one => (
        <p key={one.key} className="text-[16px]">
          With <b>{one.now?.name ?? one.name}</b>
          {one.target === null ? '' : `, ${weighed(one.target / tins)} each`}. It stays on the food, and counts.{' '}
          <span className="text-quiet">{carried(one)}</span>
        </p>
      ))}
      {atHand}
      <div className="mt-2 flex flex-wrap gap-2">
        {Array.from({ length: tins }, (_, at) => readyWords(at + 1)).map((what, at) => {
          const isReady = ready.has(what)
          return (
            <button
              key={what}
              type="button"
              disabled={!mayChange || isReady}
              className={`slab !min-h-[56px] !text-[17px] ${isReady ? 'text-holds' : ''}`}
              onClick={() =>
                running.put({
                  kind: 'checked',
                  what,
                  passed: true,
                  did: [...says, ...release.map(one => `With ${one.now?.name ?? one.name}.`)].join(' ').slice(0, 300),
                })
              }
            >
              {isReady && <Check size={20} aria-hidden />} Tin {at + 1}
              {isReady ? ' is ready' : ' ready?'}
            </button>
          )
        })}
        {mayChange && (
          <button type="button" className="slab !min-h-[56px] !text-[17px]" onClick={() => setMore(more + 1)}>
            One more tin
          </button>
        )}
      </div>
    </li>
  )
}
