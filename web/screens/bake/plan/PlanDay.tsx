// The order of work of a day: what needs least cleaning, each clean with its reason; moved by hand, with what that costs said at once.
'use client'
import { allergenName, type DayPlan, type Oven } from '@fair-tin/core/model'
import {
  type Cleaning,
  type DayBake,
  type DayOrder,
  type OrderStep,
  orderAsGiven,
  timelineOf,
  usualCleaning,
} from '@fair-tin/core/plan'
import { capital, fullList, spokenDay } from '@fair-tin/core/words'
import { ArrowDown, ArrowUp } from 'lucide-react'
import Link from 'next/link'
import { useMemo } from 'react'
import { SheetClashes } from '../../SheetClashes'
import { useKeptForOffline } from '../useKeptForOffline'
import { clockAt, minutesOf } from './clock'
import { DayLines } from './DayLines'
import { useBestOrder } from './useBestOrder'
import { useDayPlan } from './useDayPlan'

const cleanWords = { wipe: 'Wipe down', wash: 'Wash', test: 'Clean and test' } as const

/** Why it is more than a wipe. */
export function cleanReason({ because, clean }: OrderStep, nameOf: (id: string) => string): string {
  const from = [...new Set(because.map(one => one.from))]
  const words = from.map(id => {
    const codes = because
      .filter(one => one.from === id)
      .map(one => allergenName[one.allergen as keyof typeof allergenName])
    return `${fullList(codes)} from ${nameOf(id)}`
  })
  return clean === 'test'
    ? `It claims to be free of ${fullList(words)}.`
    : clean === 'wash'
      ? `${capital(fullList(words))} must not get into it unsaid.`
      : ''
}

/** As long as nobody says otherwise. */
const unset = { begins: '06:00', due: {} as Record<string, string>, who: {} as Record<string, string> }
const withoutOrder = ({ order: _, ...plan }: DayPlan): DayPlan => plan

export function PlanDay({
  day,
  today,
  bakes: read,
  ovens,
  people,
  kept,
  cleaning,
}: {
  day: string
  today: string
  bakes: DayBake[]
  ovens: Pick<Oven, 'name' | 'tins' | 'preheatMinutes'>[]
  /** Who bakes here, by name. */
  people: string[]
  /** What was set for the day by hand. */
  kept: DayPlan
  /** How long a clean takes here. */
  cleaning: Cleaning
}) {
  useKeptForOffline()
  const { plan, change: setPlan, trouble, leave, clashes, settle } = useDayPlan(day, kept)
  const set = { ...unset, ...plan }
  const change = (next: Partial<DayPlan>) => setPlan({ ...plan, ...next })
  /** Without its entry where nothing is said. */
  const said = (record: Record<string, string>, id: string, text: string) => {
    const { [id]: _, ...others } = record
    return text === '' ? others : { ...others, [id]: text }
  }
  const begins = minutesOf(set.begins) ?? 360
  const dueText = JSON.stringify(set.due)
  const bakes = useMemo(() => {
    const due = JSON.parse(dueText) as Record<string, string>
    return read.map(one => {
      const by = minutesOf(due[one.id] ?? '')
      return by === null ? one : { ...one, due: by - begins }
    })
  }, [read, dueText, begins])
  const best = useBestOrder(bakes, cleaning)
  const own = useMemo((): DayOrder | null => {
    if (!set.order) return null
    try {
      return orderAsGiven(bakes, set.order, cleaning)
    } catch {
      // another bake came, or one went: the best one is shown again
      return null
    }
  }, [bakes, set.order, cleaning])
  const order = own ?? best
  const nameOf = (id: string) => bakes.find(one => one.id === id)?.name ?? id
  const lines = useMemo(
    () => order && timelineOf(bakes, order, ovens as Oven[], cleaning, set.who),
    [bakes, order, ovens, cleaning, set.who],
  )
  /** As it is drawn, with ovens waited for. */
  const lateOf = ({ id, ready }: OrderStep) => {
    const due = bakes.find(one => one.id === id)?.due ?? null
    return due === null ? 0 : Math.max(0, (lines?.ready[id] ?? ready) - due)
  }
  const handsAt = (step: OrderStep) =>
    lines?.spans.find(one => one.bake === step.id && (one.kind === 'weigh' || one.kind === 'hands'))?.from ??
    step.begins
  const move = (at: number, by: number) => {
    const ids = order!.steps.map(one => one.id)
    const [one] = ids.splice(at, 1)
    ids.splice(at + by, 0, one!)
    change({ order: ids })
  }
  const dearer = own && best ? own.cost - best.cost : 0
  const guessed = bakes.filter(one => one.guessed.length > 0)
  const address =
    order &&
    `/bake/plan.ics?day=${day}&begins=${encodeURIComponent(set.begins)}&order=${encodeURIComponent(JSON.stringify(order.steps.map(one => one.id)))}&who=${encodeURIComponent(JSON.stringify(set.who))}`
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2 print:block">
      <div className="flex flex-wrap items-end gap-3">
        <div className="mr-auto">
          <h1 className="text-[27px] leading-tight">Order of work, {spokenDay(day)}</h1>
          <p className="text-[13px] text-quiet">
            Free-from first, so that little has to be cleaned and nothing tested; then by the oven’s heat.
          </p>
        </div>
        <label className="flex flex-col text-[13px] text-quiet">
          Begins at
          <input
            type="time"
            className="field figure !w-32 text-ink"
            value={set.begins}
            onChange={event => event.target.value !== '' && change({ begins: event.target.value })}
          />
        </label>
        <button type="button" className="do print:hidden" onClick={() => print()}>
          Print it
        </button>
        {address && (
          <a className="do print:hidden" href={address}>
            For a calendar
          </a>
        )}
        <Link href={day === today ? '/bake' : `/bake?day=${day}`} className="do print:hidden">
          The day’s batches
        </Link>
      </div>
      {trouble !== '' && (
        <p role="status" className="flex flex-wrap items-center gap-3 rounded-lg border-2 border-unproven px-3 py-1.5">
          <span className="mr-auto">Set on this tablet, and not on the others yet. {trouble}</span>
          <button type="button" className="do" onClick={leave}>
            Leave it as it was
          </button>
        </p>
      )}
      <SheetClashes
        clashes={clashes}
        onMine={clash => settle(clash, true)}
        onTheirs={clash => settle(clash, false)}
        nameOf={nameOf}
      />
      {bakes.length === 0 ? (
        <p className="pane p-6 text-quiet">
          Nothing is ordered or begun for this day.{' '}
          <Link href="/orders" className="word-link">
            Take an order
          </Link>
          , and its bakes are put in order here.
        </p>
      ) : (
        <>
          {own && (
            <p
              role="status"
              className={`flex flex-wrap items-center gap-3 rounded-lg border-2 px-3 py-1.5 ${dearer > 0.5 ? 'border-unproven' : 'border-hair'}`}
            >
              <span className="mr-auto">
                {dearer > 0.5
                  ? `Your order costs ${Math.round(dearer)} minutes more than the best one.`
                  : best
                    ? 'Your order costs no more than the best one.'
                    : 'Your order.'}
              </span>
              <button type="button" className="do" onClick={() => setPlan(withoutOrder(plan))}>
                Take the best order
              </button>
            </p>
          )}
          <div className="grid min-h-0 flex-1 grid-cols-[minmax(380px,1fr)_1.4fr] gap-3 max-lg:grid-cols-1 max-lg:overflow-y-auto print:block">
            <div className="pane flex min-h-0 flex-col print:border-0">
              {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
              <section className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="Order of work">
                {!order && <p className="p-4 text-quiet">Working out the order …</p>}
                <ol>
                  {order?.steps.map((step, at) => {
                    const bake = bakes.find(one => one.id === step.id)!
                    return (
                      <li key={step.id} className="border-b border-hair px-4 py-2">
                        {(at > 0 || step.clean !== 'wipe') && (
                          <p
                            className={`text-[14px] ${step.clean === 'wipe' ? 'text-quiet' : 'font-bold text-unproven'}`}
                          >
                            {cleanWords[step.clean]}, {Math.round(step.cleaning)} min. {cleanReason(step, nameOf)}
                            {step.clean === 'test' && (
                              <Link
                                className="word-link ml-2 print:hidden"
                                href={`/bake/cleaning?for=${encodeURIComponent(step.because[0]?.allergen ?? '')}`}
                              >
                                Write down the test
                              </Link>
                            )}
                          </p>
                        )}
                        <div className="flex flex-wrap items-center gap-x-3">
                          <span className="figure text-[17px]">{clockAt(begins, handsAt(step))}</span>
                          <span className="min-w-60 flex-1">
                            <b className="text-[17px] break-words">{bake.name}</b>
                            <span className="block text-[13px] text-quiet">
                              {bake.pieces} pieces{bake.celsius === null ? '' : `, ${bake.celsius} °C`} · ready{' '}
                              {clockAt(begins, lines?.ready[step.id] ?? step.ready)}
                              {lateOf(step) > 0.5 ? (
                                <b className="text-breaks"> · {Math.round(lateOf(step))} min late</b>
                              ) : (
                                ''
                              )}
                            </span>
                          </span>
                          {set.who[step.id] && (
                            <span className="hidden text-[14px] print:inline">{set.who[step.id]}</span>
                          )}
                          {people.length > 1 && (
                            <label className="flex flex-col text-[13px] text-quiet print:hidden">
                              Who
                              <select
                                className="field !w-auto max-w-40 text-ink"
                                aria-label={`${bake.name}: who does it`}
                                value={set.who[step.id] ?? ''}
                                onChange={event => change({ who: said(set.who, step.id, event.target.value) })}
                              >
                                <option value="">anybody</option>
                                {people.map(name => (
                                  <option key={name}>{name}</option>
                                ))}
                              </select>
                            </label>
                          )}
                          <label className="flex flex-col text-[13px] text-quiet print:hidden">
                            Ready by
                            <input
                              type="time"
                              className="field figure !w-32 text-ink"
                              aria-label={`${bake.name}: ready by`}
                              value={set.due[step.id] ?? ''}
                              onChange={event => change({ due: said(set.due, step.id, event.target.value) })}
                            />
                          </label>
                          <span className="flex gap-1 print:hidden">
                            <button
                              type="button"
                              className="do !min-h-[44px] !px-2"
                              aria-label={`${bake.name}: sooner`}
                              disabled={at === 0}
                              onClick={() => move(at, -1)}
                            >
                              <ArrowUp size={18} aria-hidden />
                            </button>
                            <button
                              type="button"
                              className="do !min-h-[44px] !px-2"
                              aria-label={`${bake.name}: later`}
                              disabled={at === order.steps.length - 1}
                              onClick={() => move(at, 1)}
                            >
                              <ArrowDown size={18} aria-hidden />
                            </button>
                          </span>
                        </div>
                      </li>
                    )
                  })}
                </ol>
                {order && (
                  <p className="px-4 py-2 text-[13px] text-quiet">
                    {own
                      ? ''
                      : order.exact
                        ? 'No order costs less, by this reckoning. '
                        : 'So many kinds of bakes are put in order nearly as well as can be. '}
                    A wipe takes {cleaning.wipe} minutes, a wash {cleaning.wash}, a tested clean {cleaning.test} with
                    the wait for its swab
                    {cleaning.wipe === usualCleaning.wipe &&
                    cleaning.wash === usualCleaning.wash &&
                    cleaning.test === usualCleaning.test
                      ? ': usual values; your own are set under Kitchen.'
                      : ', as set under Kitchen.'}
                    {guessed.length > 0 &&
                      ` Not said anywhere, and taken as usual: ${guessed.map(one => `${one.name} (${fullList(one.guessed)})`).join('; ')}.`}
                  </p>
                )}
              </section>
            </div>
            <div className="pane flex min-h-0 flex-col print:mt-4 print:border-0">
              {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
              <section className="min-h-0 flex-1 overflow-auto p-3" tabIndex={0} aria-label="The day drawn out">
                {lines && (
                  <DayLines lines={lines} begins={begins} nameOf={nameOf} order={order!.steps.map(one => one.id)} />
                )}
              </section>
            </div>
          </div>
        </>
      )}
    </section>
  )
}
