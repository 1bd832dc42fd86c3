// One batch at the bench: weigh out, method, after, record. What runs and what is held stands above all four.
'use client'
import {
  amountWords,
  carriesOf,
  effectsOf,
  heldBecause,
  type LotOnShelf,
  methodOf,
  partNotForShelf,
} from '@fair-tin/core/batch'
import type { Batch, Ingredient } from '@fair-tin/core/model'
import type { Scale } from '@fair-tin/core/recipe'
import { fullList } from '@fair-tin/core/words'
import type { BatchRow, EntryKept } from '@fair-tin/data'
import Link from 'next/link'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { toast } from 'sonner'
import { useBooks } from '../bench/saving/useBooks'
import { giveFile } from '../giveFile'
import { leaveHere, leftHere } from '../leftHere'
import { RecordList } from '../records/RecordList'
import { AfterBake } from './after/AfterBake'
import { carriedWords } from './carriedWords'
import { SomethingChanged } from './changed/SomethingChanged'
import { alarmsOf } from './method/alarms'
import { dueWords, MethodRun } from './method/MethodRun'
import { usePhotographs } from './method/usePhotographs'
import { useTimers } from './method/useTimers'
import { ScaleChooser } from './scale/ScaleChooser'
import { useScale } from './scale/useScale'
import { type RunningBatch, useBatch } from './useBatch'
import { useKeptForOffline } from './useKeptForOffline'
import { type Lots, useLots } from './weigh/useLots'
import { WeighOut } from './weigh/WeighOut'

const stages = ['Weigh out', 'Method', 'After', 'Record'] as const
type Stage = (typeof stages)[number]

export interface BatchProps {
  batch: BatchRow & Batch
  entries: EntryKept[]
  lots: LotOnShelf[]
  scales: Scale[]
  /** Grams of each part on the shelf. */
  parts: Record<string, number>
  /** What was to be remembered, of the bakes before; the newest first. */
  remembered: { text: string; of: string }[]
  /** Who ordered it for that day. */
  forWhom: string[]
  today: string
  /** ISO moment by the bakery’s clock. */
  now: string
  zone: string
  person: string
  mayChange: boolean
}

/** Why it is held, and why a part of it may not go to the shelf; a lot that another tablet named is looked up before anything is said of it. */
function useHeld(batch: Batch, running: RunningBatch, lots: Lots, larder: readonly Ingredient[]) {
  const { kept, state } = running
  const { all, more } = lots
  const asked = useRef(new Set<string>())
  const known = useMemo(() => new Set(all.map(one => one.id)), [all])
  useEffect(() => {
    for (const entry of state.of('weighed')) {
      if (entry.lot === undefined || known.has(entry.lot) || asked.current.has(entry.lot)) continue
      asked.current.add(entry.lot)
      const of = entry.of ?? state.items.find(one => one.key === entry.place)?.ingredient
      if (of) void more(of)
    }
  }, [state, known, more])
  return useMemo(() => {
    const told = kept.map(one => {
      if (one.entry.kind !== 'weighed' || one.entry.lot === undefined || known.has(one.entry.lot)) return one
      const { lot: _, ...entry } = one.entry
      return { ...one, entry }
    })
    return {
      held: heldBecause(batch, told, all, larder),
      notForShelf: (part: string) => partNotForShelf(batch, told, all, part),
    }
  }, [batch, kept, all, known, larder])
}

export function BatchRun({
  batch,
  entries,
  lots: onShelf,
  scales,
  parts,
  remembered,
  forWhom,
  today,
  now,
  zone,
  person,
  mayChange,
}: BatchProps) {
  useKeptForOffline()
  const running = useBatch(batch, entries, now, person, scales)
  const photographs = usePhotographs(batch.id, running)
  const { books, trouble: noBooks } = useBooks(0)
  const lots = useLots(onShelf)
  const scale = useScale(scales.reduce((finest, one) => Math.min(finest, one.resolution), 1))
  const [stage, setStage] = useState<Stage>('Weigh out')
  const [aloud, setAloud] = useState(false)
  const [changed, setChanged] = useState<{ place: string | null } | null>(null)
  const [seen, setSeen] = useState(false)
  useEffect(() => {
    setAloud(leftHere('said aloud') === true)
  }, [])
  const steps = useMemo(() => methodOf(batch), [batch])
  const timers = useTimers(running, steps, aloud)
  const { held, notForShelf } = useHeld(batch, running, lots, books?.ingredients ?? [])
  const lost = useMemo(
    () =>
      effectsOf(batch, running.kept).some(one => one.claims.length + one.contains.length + one.mayContain.length > 0),
    [batch, running.kept],
  )
  const things = useMemo(
    () =>
      new Map(
        [...batch.books.ingredients, ...running.kept.flatMap(one => (one.thing ? [one.thing] : []))].map(one => [
          one.id,
          one,
        ]),
      ),
    [batch, running.kept],
  )
  const strike = useCallback((id: string, why: string) => running.put({ kind: 'struck', of: id, why }), [running.put])
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <div className="mr-auto min-w-0">
          <h1 className="text-[26px] leading-tight break-words">{batch.name}</h1>
          <p className="text-quiet">
            Batch <b className="figure text-ink">{batch.code}</b> · {amountWords(batch)}
            {running.state.scale === 1 ? '' : ` · ${Math.round(running.state.scale * 1000) / 10} % of the plan`}
            {running.waiting > 0 && <b className="text-unproven"> · {running.waiting} on the way</b>}
          </p>
        </div>
        <nav aria-label="Stages" className="flex gap-2 max-sm:w-full">
          {stages.map(one => (
            <button
              key={one}
              type="button"
              aria-current={stage === one ? 'page' : undefined}
              className="slab !min-h-[52px] !px-4 !text-[17px] max-sm:flex-1 max-sm:!px-1 max-sm:!text-[15px]"
              onClick={() => setStage(one)}
            >
              {one}
            </button>
          ))}
        </nav>
      </header>
      {running.trouble && (
        <p role="status" className="rounded-lg border-2 border-hair px-3 py-1.5 text-unproven">
          {running.trouble} {running.waiting > 0 && 'What you put down waits here, and goes through by itself.'}
        </p>
      )}
      {running.refused.map(one => (
        <p
          key={one.entry.id}
          role="alert"
          className="flex flex-wrap items-center gap-3 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-1.5"
        >
          <span className="min-w-0 flex-1">The bakery did not take it: {one.why}</span>
          <button type="button" className="do" onClick={() => running.putAway(one.entry)}>
            Put it away
          </button>
        </p>
      ))}
      {!seen && remembered.length > 0 && stage !== 'Record' && (
        <div className="flex items-start gap-3 rounded-lg border-2 border-navy px-4 py-2 text-[16px]">
          <div className="min-w-0 flex-1">
            <b>Last time you wrote</b>
            <ul>
              {remembered.map(one => (
                <li key={`${one.of} ${one.text}`}>
                  {one.text} <span className="text-quiet">({one.of})</span>
                </li>
              ))}
            </ul>
          </div>
          <button type="button" className="do !min-h-[44px]" onClick={() => setSeen(true)}>
            Read
          </button>
        </div>
      )}
      {held.length > 0 && (
        <details className="rounded-lg border-2 border-breaks bg-breaks-wash px-4 py-2 text-[16px]">
          <summary className="font-bold">
            Hold this batch: its label may not go on it as it stands.{' '}
            {held.length === 1 ? 'One reason' : `${held.length} reasons`}
          </summary>
          <ul className="list-disc pl-5">
            {held.map(one => (
              <li key={one}>{one}</li>
            ))}
          </ul>
          {lost && forWhom.length > 0 && (
            <p className="font-bold">Ordered for this day by {fullList(forWhom)}: tell them.</p>
          )}
        </details>
      )}
      {timers.length > 0 && (
        <ul className="flex flex-wrap gap-2" aria-label="Running">
          {timers.map(one => (
            <li key={one.step.key}>
              <button
                type="button"
                className={`slab !min-h-[44px] !px-3 !py-0 !text-[16px] ${one.due.inMinutes <= 0 ? '!border-breaks text-breaks' : ''}`}
                onClick={() => setStage('Method')}
              >
                <span className="max-w-52 truncate font-text font-normal">{one.step.step.text}</span>
                <span className="figure">{dueWords(one)}</span>
              </button>
            </li>
          ))}
          <li>
            <button
              type="button"
              className="slab !min-h-[44px] !px-3 !py-0 !text-[16px]"
              title="The clocks that run, for this tablet’s own calendar: it rings also where this page is closed."
              onClick={() =>
                giveFile(
                  `${batch.code}.ics`,
                  'text/calendar',
                  alarmsOf(
                    `${batch.name} ${batch.code}`,
                    timers.map(({ step, due }) => ({
                      id: `${batch.id} ${step.key} ${due.what}`,
                      what: `${batch.name}: ${due.what}`,
                      at: running.now() + Math.max(0, due.inMinutes) * 60_000,
                    })),
                  ),
                )
              }
            >
              Ring in the calendar too
            </button>
          </li>
        </ul>
      )}
      {stage === 'Weigh out' && (
        <WeighOut
          batch={batch}
          running={running}
          things={things}
          parts={parts}
          lots={lots}
          scale={scale}
          today={today}
          aloud={aloud}
          mayChange={mayChange}
          onChanged={place => setChanged({ place })}
        />
      )}
      {stage === 'Method' && (
        <MethodRun
          batch={batch}
          scales={scales}
          scale={scale}
          carried={item => carriedWords(carriesOf(batch, item, things))}
          steps={steps}
          timers={timers}
          running={running}
          photographs={photographs}
          mayChange={mayChange}
        />
      )}
      {stage === 'After' && (
        <AfterBake batch={batch} running={running} notForShelf={notForShelf} mayChange={mayChange} />
      )}
      {stage === 'Record' && (
        <section className="pane flex min-h-0 flex-1 flex-col" aria-label="Record">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0}>
            <RecordList
              batch={batch}
              kept={running.kept}
              lots={lots.all}
              zone={zone}
              onStrike={mayChange ? strike : null}
            />
          </div>
          <p className="border-t border-hair px-5 py-2">
            <Link className="word-link" href={`/records/${batch.id}`}>
              The whole record, beside the recipe and the bakes before
            </Link>
          </p>
        </section>
      )}
      <footer className="flex flex-wrap items-center gap-3 text-[14px]">
        <ScaleChooser scale={scale} />
        <label className="flex min-h-[32px] items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={aloud}
            onChange={event => {
              setAloud(event.target.checked)
              leaveHere('said aloud', event.target.checked || null)
            }}
          />
          say it aloud
        </label>
        {stage !== 'Weigh out' && mayChange && (
          <button type="button" className="do ml-auto !min-h-[44px]" onClick={() => setChanged({ place: null })}>
            Something changed
          </button>
        )}
      </footer>
      {changed && (
        <SomethingChanged
          batch={batch}
          running={running}
          place={changed.place}
          larder={books?.ingredients ?? null}
          trouble={noBooks}
          forWhom={forWhom}
          onClose={() => setChanged(null)}
          onDone={entry => {
            setChanged(null)
            if (entry.kind === 'swapped') void lots.more(entry.to)
            toast('It is in the record of this batch.', {
              action: { label: 'Undo', onClick: () => strike(entry.id, 'taken back at once') },
            })
          }}
        />
      )}
    </div>
  )
}
