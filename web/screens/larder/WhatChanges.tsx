// At the foot of an ingredient's sheet: every product that would change if this were kept, before it is.
'use client'
import type { ProductChange } from '@fair-tin/core/assess'
import { rulesAsRead } from '@fair-tin/core/market'
import type { Ingredient, Workbook } from '@fair-tin/core/model'
import { proxy, type Remote, wrap } from 'comlink'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
import { VerdictMark } from '../../ui/VerdictMark'
import type { WhatChangesWorker } from '../../workers/whatChanges'

/** Looking: what becomes of the claims is known before the rest. */
type Answer = { looking: boolean; changes: ProductChange[] } | null

/** Asks the worker each time `changed` is another; null while the form cannot be read. */
export function useWhatChanges(workbook: Workbook, changed: Ingredient | null) {
  const worker = useRef<{ remote: Remote<WhatChangesWorker>; end: () => void } | null>(null)
  const [remote, setRemote] = useState<Remote<WhatChangesWorker> | null>(null)
  const [answer, setAnswer] = useState<Answer>(null)
  const [progress, setProgress] = useState<[number, number] | null>(null)
  useEffect(() => {
    const made = new Worker(new URL('../../workers/whatChanges.ts', import.meta.url), { type: 'module' })
    const wrapped = wrap<WhatChangesWorker>(made)
    worker.current = { remote: wrapped, end: () => made.terminate() }
    void wrapped.open(workbook).then(() => setRemote(() => wrapped))
    return () => {
      made.terminate()
      worker.current = null
      setRemote(null)
    }
  }, [workbook])
  useEffect(() => {
    if (!remote || !changed) return
    let gone = false
    const timer = setTimeout(async () => {
      setAnswer({ looking: true, changes: [] })
      const said = await remote.ask(
        changed,
        proxy((looked: number, all: number) => {
          if (!gone) setProgress([looked, all])
        }),
        proxy((changes: ProductChange[]) => {
          if (!gone) setAnswer({ looking: true, changes })
        }),
      )
      if (!gone && said) setAnswer({ looking: false, changes: said })
    }, 200)
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [remote, changed])
  return { answer, progress, remote }
}

export function WhatChanges({
  answer,
  progress,
  isNew,
}: {
  answer: Answer
  progress: [number, number] | null
  isNew: boolean
}) {
  if (isNew) return null
  const { looking, changes } = answer ?? { looking: false, changes: [] }
  const many = new Set(changes.map(one => one.product)).size
  return (
    <section
      aria-label="What changes if you keep this"
      className="max-h-40 shrink-0 overflow-auto rounded-lg border-2 border-hair bg-pane px-3 py-2"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
      tabIndex={0}
    >
      <h2 className="text-[15px]">
        <span role="status">
          {looking
            ? `${many > 0 ? `Claims of ${many} ${many === 1 ? 'product' : 'products'} change. ` : ''}Looking what would change${progress && progress[1] > 200 ? `: ${progress[0]} of ${progress[1]} products` : ' …'}`
            : changes.length === 0
              ? 'If you keep this, no product changes.'
              : `If you keep this, ${many === 1 ? '1 product changes' : `${many} products change`}:`}
        </span>
      </h2>
      <ul>
        {changes.slice(0, 100).map(one => (
          <li key={`${one.product} ${one.market}`} className="flex gap-2 py-0.5">
            <span className="w-3 shrink-0 pt-0.5 text-center">
              {one.grave ? (
                <VerdictMark mark={one.what[0]!.endsWith('breaks') ? 'breaks' : 'unproven'} size={12} />
              ) : (
                <span aria-hidden="true" className="inline-block h-[3px] w-[11px] rounded bg-navy align-middle" />
              )}
            </span>
            <span>
              <Link href={`/products/${one.product}`} className="font-semibold text-navy underline">
                {one.name}
              </Link>{' '}
              <span className="text-quiet">{rulesAsRead(one.market).title}:</span> {one.what.join('; ')}.
            </span>
          </li>
        ))}
        {changes.length > 100 && <li className="text-quiet">and {changes.length - 100} more.</li>}
      </ul>
    </section>
  )
}
