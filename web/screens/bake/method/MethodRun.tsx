// The method at the oven: each step with its clock, its looks and its limits.
'use client'
import { doneAt, type Item, type MethodStep, type NamedCheck, type Timer } from '@fair-tin/core/batch'
import { dials } from '@fair-tin/core/measure'
import type { Batch, ovenDeeds } from '@fair-tin/core/model'
import type { Scale } from '@fair-tin/core/recipe'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import { Check, X } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { lasting } from '../../../ui/lasting'
import type { ChosenScale } from '../scale/useScale'
import type { RunningBatch } from '../useBatch'
import { Photograph } from './Photograph'
import { Probe } from './Probe'
import { ReadyTins } from './ReadyTins'
import { ShareOut } from './ShareOut'
import type { Photographs } from './usePhotographs'

export const dueWords = ({ due }: Timer): string =>
  due.inMinutes > 0.01
    ? `${due.what} in ${lasting(Math.ceil(due.inMinutes))}`
    : `${due.what}, ${lasting(Math.round(-due.inMinutes))} ago`

export function MethodRun({
  batch,
  scales,
  scale,
  carried,
  steps,
  timers,
  running,
  photographs,
  mayChange,
  atHand,
}: {
  batch: Batch
  scales: readonly Scale[]
  scale: ChosenScale
  /** What a thing carries, in words. */
  carried: (item: Item) => string
  steps: readonly MethodStep[]
  timers: readonly Timer[]
  running: RunningBatch
  /** None: nothing of it is kept. */
  photographs: Photographs | null
  mayChange: boolean
  /** What is seen at a step, at the tins, or where the bowl is shared out, where somebody says so. */
  atHand?: (at: MethodStep | 'tins' | 'share') => ReactNode
}) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
    <section className="pane min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="Method">
      <ol>
        <ReadyTins batch={batch} running={running} carried={carried} mayChange={mayChange} atHand={atHand?.('tins')} />
        {steps.length === 0 && (
          <li className="border-b border-hair px-5 py-3 text-[18px] text-quiet">
            No method is written down for this. Add it on its bench; this batch keeps its own.
          </li>
        )}
        {steps.map((one, at) => (
          <Step
            key={one.key}
            one={one}
            head={one.part !== steps[at - 1]?.part || at === 0 ? (one.part ?? 'The bake') : null}
            timer={timers.find(timer => timer.step.key === one.key)}
            running={running}
            mayChange={mayChange}
            atHand={atHand?.(one)}
          />
        ))}
        <ShareOut
          batch={batch}
          running={running}
          scales={scales}
          scale={scale}
          mayChange={mayChange}
          atHand={atHand?.('share')}
        />
        <li className="border-b border-hair px-5 py-3">
          <OtherCheck running={running} mayChange={mayChange} />
          {mayChange && photographs && <Photograph photographs={photographs} />}
        </li>
      </ol>
    </section>
  )
}

function Step({
  one,
  head,
  timer,
  running,
  mayChange,
  atHand,
}: {
  one: MethodStep
  head: string | null
  timer: Timer | undefined
  running: RunningBatch
  mayChange: boolean
  atHand: ReactNode
}) {
  const { step } = one
  const timed = running.state.of('timed').filter(entry => entry.step === one.key)
  const ended = timed.at(-1)?.did === 'out'
  const [shelf, setShelf] = useState('')
  const put = (did: (typeof ovenDeeds)[number]) =>
    running.put({ kind: 'timed', step: one.key, did, ...(shelf ? { where: shelf } : {}) })
  const heat = step.celsius === undefined ? null : dials(step.celsius, step.fan)
  return (
    <li className="border-b border-hair px-5 py-3">
      {head && <h2 className="text-[15px]">{head}</h2>}
      <p className={`text-[20px] leading-snug ${ended ? 'text-quiet' : ''}`}>{step.text}</p>
      <p className="text-[16px] text-quiet">
        {[
          heat && `${heat.still} °C, fan ${heat.fan} °C`,
          step.minutes &&
            `first look ${step.minutes.firstLook ?? step.minutes.from} min, done from ${step.minutes.from}${step.minutes.to ? ` to ${step.minutes.to}` : ''} min`,
          step.minutes?.turnAt !== undefined && `turn at ${step.minutes.turnAt} min`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {one.warning && <p className="text-[16px] font-bold text-unproven">{one.warning}</p>}
      {atHand}
      {step.minutes && mayChange && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          {!timer && (
            <button type="button" className="slab !min-h-[56px]" onClick={() => put('in')}>
              {ended ? 'Begin it again' : step.when === 'oven' ? 'It is in the oven' : 'Begin the clock'}
            </button>
          )}
          {timer && (
            <>
              <b className={`figure min-w-44 text-[20px] ${timer.due.inMinutes <= 0 ? 'text-breaks' : ''}`}>
                {dueWords(timer)}
              </b>
              <button type="button" className="slab !min-h-[56px]" onClick={() => put('looked')}>
                Looked
              </button>
              {step.minutes.turnAt !== undefined && (
                <button type="button" className="slab !min-h-[56px]" onClick={() => put('turned')}>
                  Turned
                </button>
              )}
              {step.when === 'oven' && (
                <button type="button" className="slab !min-h-[56px]" onClick={() => put('swapped')}>
                  Shelves swapped
                </button>
              )}
              <button type="button" className="slab slab-first !min-h-[56px]" onClick={() => put('out')}>
                {step.when === 'oven' ? 'It is out' : 'Done'}
              </button>
            </>
          )}
          {ended && <span className="text-quiet">ended</span>}
          {step.when === 'oven' && (
            <label className="flex items-center gap-2 text-quiet">
              on
              <select
                className="field !min-h-[50px] !w-auto text-ink"
                aria-label="Which shelf"
                value={shelf}
                onChange={event => setShelf(event.target.value)}
              >
                <option value="">every shelf</option>
                {['top shelf', 'middle shelf', 'lower shelf'].map(name => (
                  <option key={name}>{name}</option>
                ))}
              </select>
            </label>
          )}
        </div>
      )}
      <ul className="mt-2 space-y-2">
        {one.checks.map(check => (
          <li key={check.what}>
            <OneCheck check={check} step={one.key} oven={step.celsius} running={running} mayChange={mayChange} />
          </li>
        ))}
      </ul>
    </li>
  )
}

/** A look, by a tap; a limit, by its number. What failed for safety is asked what was done about it. */
function OneCheck({
  check,
  step,
  oven,
  running,
  mayChange,
}: {
  check: NamedCheck
  step: string
  /** At what heat it bakes, °C. */
  oven: number | undefined
  running: RunningBatch
  mayChange: boolean
}) {
  const [typed, setTyped] = useState('')
  const [probing, setProbing] = useState(false)
  const [did, setDid] = useState('')
  const [problem, setProblem] = useState('')
  const last = running.state.of('checked').findLast(one => one.step === step && one.what === check.what)
  const limit = check.atLeast
  const readings = running.state
    .of('checked')
    .filter(one => one.step === step && one.what === check.what && one.value !== undefined)
    .map(one => ({ minutes: Date.parse(one.at) / 60_000, celsius: one.value! }))
  const forecast = limit === undefined || last?.passed ? null : doneAt(readings, oven ?? 180, limit)
  const inMinutes = forecast === null ? null : forecast - running.now() / 60_000
  const note = (passed: boolean, value?: number) => {
    if (limit !== undefined && !passed && did.trim() === '')
      return setProblem(`Under ${limit} °C. Say what you do about it, then note it.`)
    setProblem('')
    running.put({
      kind: 'checked',
      what: check.what,
      step,
      passed,
      ...(value === undefined ? {} : { value, unit: '°C' as const }),
      ...(limit === undefined ? {} : { critical: true }),
      ...(did.trim() ? { did: did.trim() } : {}),
    })
    setTyped('')
    setDid('')
  }
  const measure = () => {
    const value = typedNumber(typed)
    if (commaDoubt(typed)) return setProblem(commaDoubt(typed))
    if (typed.trim() === '' || !Number.isFinite(value) || value < -60 || value > 400)
      return setProblem('Type what the probe shows, in °C.')
    note(value >= limit!, value)
  }
  return (
    <div className="flex flex-wrap items-center gap-2 text-[18px]">
      <span className="min-w-52">
        {check.what}
        {limit === undefined ? '' : `, at least ${limit} °C`}
      </span>
      {mayChange &&
        (limit === undefined ? (
          <>
            <button
              type="button"
              className="slab !min-h-[50px] !text-[17px]"
              aria-label={`${check.what}: yes`}
              onClick={() => note(true)}
            >
              <Check size={20} aria-hidden /> Yes
            </button>
            <button
              type="button"
              className="slab !min-h-[50px] !text-[17px]"
              aria-label={`${check.what}: not yet`}
              onClick={() => note(false)}
            >
              <X size={20} aria-hidden /> Not yet
            </button>
          </>
        ) : (
          <>
            <input
              className="field figure !min-h-[50px] !w-24 text-[20px]"
              inputMode="decimal"
              maxLength={6}
              aria-label={`${check.what}, °C`}
              value={typed}
              onChange={event => setTyped(event.target.value)}
            />
            <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={measure}>
              Note it
            </button>
            <button
              type="button"
              className="slab !min-h-[50px] !text-[17px]"
              aria-pressed={probing}
              onClick={() => setProbing(!probing)}
            >
              {probing ? 'Put the probe away' : 'Practice probe'}
            </button>
          </>
        ))}
      {last && (
        <b className={last.passed ? 'text-holds' : 'text-breaks'}>
          {last.value === undefined ? '' : `${last.value} °C, `}
          {last.passed ? 'as it should be' : 'not met'}
          {last.did ? `: ${last.did}` : ''}
        </b>
      )}
      {probing && limit !== undefined && (
        <Probe oven={oven ?? 180} limit={limit} onTake={celsius => setTyped(String(celsius))} />
      )}
      {inMinutes !== null && inMinutes > 0 && inMinutes < 240 && (
        <span className="w-full text-quiet">
          By the last {readings.length} readings it is there in about {lasting(Math.round(inMinutes))}: a first look, no
          promise.
        </span>
      )}
      {problem && (
        <div className="w-full">
          <p role="alert" className="text-breaks">
            {problem}
          </p>
          {limit !== undefined && (
            <input
              className="field !min-h-[50px]"
              aria-label="What was done about it"
              placeholder="five more minutes"
              maxLength={300}
              value={did}
              onChange={event => setDid(event.target.value)}
            />
          )}
        </div>
      )}
    </div>
  )
}

/** Anything else that was looked at: a cooling time, a cold place, a photograph’s worth of words. */
function OtherCheck({ running, mayChange }: { running: RunningBatch; mayChange: boolean }) {
  const [what, setWhat] = useState('')
  const [critical, setCritical] = useState(false)
  const [did, setDid] = useState('')
  const [problem, setProblem] = useState('')
  if (!mayChange) return null
  const note = (passed: boolean) => {
    if (what.trim() === '') return setProblem('Say what you looked at.')
    if (critical && !passed && did.trim() === '') return setProblem('Say what was done about it.')
    running.put({
      kind: 'checked',
      what: what.trim(),
      passed,
      ...(critical ? { critical } : {}),
      ...(did.trim() ? { did: did.trim() } : {}),
    })
    setWhat('')
    setDid('')
    setProblem('')
  }
  return (
    <fieldset className="flex flex-wrap items-end gap-2">
      <legend className="font-head text-[15px] font-bold text-navy">Something else looked at</legend>
      <label className="min-w-52 flex-1 text-quiet">
        What
        <input
          className="field !min-h-[50px] text-ink"
          maxLength={200}
          placeholder="cooled under 8 °C within 90 minutes"
          value={what}
          onChange={event => setWhat(event.target.value)}
        />
      </label>
      <label className="min-w-40 flex-1 text-quiet">
        What was done, or a remark
        <input
          className="field !min-h-[50px] text-ink"
          maxLength={300}
          value={did}
          onChange={event => setDid(event.target.value)}
        />
      </label>
      <label className="flex min-h-[50px] items-center gap-2">
        <input
          type="checkbox"
          className="size-6"
          checked={critical}
          onChange={event => setCritical(event.target.checked)}
        />
        a limit for safety
      </label>
      <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => note(true)}>
        Met
      </button>
      <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => note(false)}>
        Not met
      </button>
      {problem && (
        <p role="alert" className="w-full text-breaks">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
