// The labels of a batch: its lot and its day stand on them. Printed as PDF or here; counted against the packs; those of a batch that
// is held are thrown away, counted.
'use client'
import { rulesAsRead } from '@fair-tin/core/market'
import type { Batch, BatchEntry, MarketCode } from '@fair-tin/core/model'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { toast } from 'sonner'
import type { LabelLayout } from '../../label/layout'
import { entryOf, type Put } from '../bake/entry'
import { PracticePrinter } from './PracticePrinter'
import { putDown } from './putDown'

export interface BatchLabel {
  market: MarketCode
  /** What stands in the way of printing it; else how it is set. */
  label: { layout: LabelLayout; draft: boolean } | { problem: string }
}

export function BatchLabels({
  batch,
  packs,
  labels,
  counted: { out, spoiled },
  held,
  mayPrint,
}: {
  batch: Batch
  /** That can be sold. */
  packs: number
  labels: readonly BatchLabel[]
  counted: { out: number; spoiled: number }
  held: boolean
  mayPrint: boolean
}) {
  const router = useRouter()
  const [copies, setCopies] = useState(String(Math.min(500, Math.max(1, packs))))
  const [printing, setPrinting] = useState<BatchLabel | null>(null)
  const [problem, setProblem] = useState('')
  /** Sent again as it is after a lost answer. */
  const waiting = useRef<BatchEntry[]>([])
  const many = Number(copies)
  const fits = Number.isInteger(many) && many >= 1 && many <= 500
  const put = async (puts: readonly Put[]) => {
    waiting.current = [...waiting.current, ...puts.map(one => entryOf(one, Date.now()))]
    const said = await putDown(batch.id, waiting.current)
    setProblem(said)
    if (said) return
    waiting.current = []
    toast('It is in the record of this batch.')
    router.refresh()
  }
  const left = out - packs
  return (
    <section className="rounded-lg border-2 border-hair px-4 py-2" aria-label="Labels of this batch">
      <div className="flex flex-wrap items-end gap-3">
        <p className="mr-auto min-w-52 self-center">
          <b>{out}</b> {out === 1 ? 'label' : 'labels'} printed for {packs} {packs === 1 ? 'pack' : 'packs'}
          {spoiled > 0 && `, ${spoiled} torn`}.
          {!held && left > 0 && ` ${left} left over: throw them away, they bear this lot.`}
          {held && out > 0 && <b className="text-breaks"> The batch is held: throw them all away.</b>}
        </p>
        {mayPrint && out > 0 && (held || left > 0) && (
          <button
            type="button"
            className="do"
            onClick={() => void put([{ kind: 'labels', did: 'thrown', copies: held ? out : left }])}
          >
            {held ? out : left} are thrown away, counted
          </button>
        )}
        {!held && (
          <>
            <label className="flex flex-col text-[13px] text-quiet">
              Copies
              <input
                className="field figure !w-20 text-ink"
                inputMode="numeric"
                maxLength={3}
                value={copies}
                onChange={event => setCopies(event.target.value)}
              />
            </label>
            {labels.map(one =>
              'problem' in one.label ? (
                <span key={one.market} className="max-w-72 text-[13px] text-unproven">
                  {rulesAsRead(one.market).title}: {one.label.problem}
                </span>
              ) : (
                <span key={one.market} className="flex items-center gap-2">
                  <a
                    className="do"
                    href={`/products/${batch.product}/label.pdf?batch=${encodeURIComponent(batch.id)}&market=${one.market}&copies=${encodeURIComponent(copies.trim() || '1')}`}
                  >
                    PDF, {rulesAsRead(one.market).title}
                  </a>
                  {mayPrint && (
                    <>
                      <button
                        type="button"
                        className="word-link"
                        disabled={!fits}
                        onClick={() => void put([{ kind: 'labels', did: 'printed', copies: many, market: one.market }])}
                      >
                        {copies} are printed
                      </button>
                      <button type="button" className="word-link" disabled={!fits} onClick={() => setPrinting(one)}>
                        Print here
                      </button>
                    </>
                  )}
                </span>
              ),
            )}
          </>
        )}
      </div>
      {problem && (
        <p role="alert" className="mt-1 flex flex-wrap items-center gap-3 text-breaks">
          {problem}
          {waiting.current.length > 0 && (
            <button type="button" className="do" onClick={() => void put([])}>
              Send it again
            </button>
          )}
        </p>
      )}
      {printing && !('problem' in printing.label) && (
        <PracticePrinter
          layout={printing.label.layout}
          draft={printing.label.draft}
          copies={many}
          onClose={() => setPrinting(null)}
          onDone={job => {
            setPrinting(null)
            const { market } = printing
            void put([
              ...(job.out > 0 ? [{ kind: 'labels', did: 'printed', copies: job.out, market } as const] : []),
              ...(job.spoiled > 0 ? [{ kind: 'labels', did: 'spoiled', copies: job.spoiled, market } as const] : []),
            ])
          }}
        />
      )}
    </section>
  )
}
