// A label printer that ships with the application: labels come out on a strip of paper on screen. It can jam, run out and lose its
// line in the middle; gone on with, no label is lost and none comes twice.
'use client'
import { afterPrint, type PrintEvent, type PrintJob, printJob } from '@fair-tin/core/batch'
import { useEffect, useReducer } from 'react'
import { LabelSvg } from '../../label/LabelSvg'
import type { LabelLayout } from '../../label/layout'
import { Modal } from '../../ui/Modal'

/** Milliseconds a label takes. */
const pace = 450
/** So many are drawn of those that came. */
const drawn = 4

const words: Record<PrintJob['state'], string> = {
  ready: 'Ready.',
  printing: 'Printing …',
  jam: 'It jammed. The label in it is torn: take it out.',
  empty: 'The roll is empty. Put in another.',
  lost: 'The line to the printer is lost.',
  doubt: 'The line is back. Look at the printer: did a whole label come out last, that is not on the strip yet?',
  done: 'All labels are there.',
}

export function PracticePrinter({
  layout,
  draft,
  copies,
  onDone,
  onClose,
}: {
  layout: LabelLayout
  draft: boolean
  copies: number
  onDone: (job: PrintJob) => void
  onClose: () => void
}) {
  const [job, tell] = useReducer((now: PrintJob, event: PrintEvent) => afterPrint(now, event), copies, printJob)
  useEffect(() => {
    if (job.state !== 'printing') return
    const timer = setTimeout(() => tell('came'), pace)
    return () => clearTimeout(timer)
  }, [job])
  const something = job.out + job.spoiled > 0
  const close = () => (something ? onDone(job) : onClose())
  return (
    <Modal
      open
      onClose={close}
      wide
      title="Practice printer"
      lead="Labels come out on the strip below. On a printer of your own, print the PDF."
    >
      <p role="status" className="text-[18px]">
        <b className="figure">
          {job.out} of {job.copies}
        </b>{' '}
        {words[job.state]}
        {job.spoiled > 0 && ` ${job.spoiled} torn.`}
      </p>
      <div className="my-3 flex flex-wrap gap-2">
        {job.state === 'ready' && (
          <button type="button" className="slab slab-first" onClick={() => tell('start')}>
            Print
          </button>
        )}
        {job.state === 'printing' &&
          (
            [
              ['jam', 'Let it jam'],
              ['empty', 'Let it run out'],
              ['cut', 'Pull its line'],
            ] as const
          ).map(([event, label]) => (
            <button key={event} type="button" className="do" onClick={() => tell(event)}>
              {label}
            </button>
          ))}
        {(job.state === 'jam' || job.state === 'empty' || job.state === 'lost') && (
          <button type="button" className="slab" onClick={() => tell('mended')}>
            {job.state === 'jam'
              ? 'The torn one is out'
              : job.state === 'empty'
                ? 'A new roll is in'
                : 'The line is back'}
          </button>
        )}
        {job.state === 'doubt' && (
          <>
            <button type="button" className="slab" onClick={() => tell('was whole')}>
              Yes, a whole one
            </button>
            <button type="button" className="slab" onClick={() => tell('was not')}>
              No
            </button>
          </>
        )}
        {job.state !== 'ready' && job.state !== 'printing' && (
          <button type="button" className={job.state === 'done' ? 'slab slab-first' : 'do'} onClick={close}>
            {job.state === 'done' ? 'Put down what was printed' : 'Stop here, and put down what came'}
          </button>
        )}
      </div>
      <div className="max-h-[46vh] overflow-y-auto rounded-lg border-2 border-hair bg-page p-3" aria-hidden="true">
        {Array.from({ length: Math.min(drawn, job.out) }, (_, at) => job.out - at).map(number => (
          <div key={number} className="mx-auto mb-2 w-72 border border-hair bg-white">
            <LabelSvg layout={layout} draft={draft} />
          </div>
        ))}
        {job.out > drawn && <p className="text-center text-quiet">and {job.out - drawn} before them</p>}
      </div>
    </Modal>
  )
}
