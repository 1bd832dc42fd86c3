// One line at a time: how much, of which lot, to the mark; what is off is never passed over.
'use client'
import { carriesOf, goesByThirds, type Item, nextThird, overBy, partsIn, recipeOf } from '@fair-tin/core/batch'
import type { Batch, Ingredient } from '@fair-tin/core/model'
import { scaleName } from '@fair-tin/core/recipe'
import { commaDoubt, toPlaces, typedNumber, weighed } from '@fair-tin/core/words'
import { type ReactNode, useEffect, useState } from 'react'
import { sayAloud } from '../aloud'
import { carriedWords } from '../carriedWords'
import { PracticeControls } from '../scale/PracticeControls'
import { type ChosenScale, useHeard } from '../scale/useScale'
import type { RunningBatch } from '../useBatch'
import { LotChoice, lotToTake, stoppedLots } from './LotChoice'
import { NumberPad } from './NumberPad'
import { Off } from './Off'
import { TinFill } from './TinFill'
import type { Lots } from './useLots'
import { WeighList } from './WeighList'

const whereWords = {
  tin: 'for the tin',
  bowl: 'in the bowl',
  top: 'on top, before the oven',
  after: 'after the bake',
} as const
export function WeighOut({
  batch,
  running,
  things,
  parts,
  lots,
  scale,
  today,
  aloud,
  mayChange,
  onChanged,
  atHand,
}: {
  batch: Batch
  running: RunningBatch
  things: ReadonlyMap<string, Ingredient>
  /** Grams of each part on the shelf. */
  parts: Readonly<Record<string, number>>
  lots: Lots
  scale: ChosenScale
  today: string
  aloud: boolean
  mayChange: boolean
  onChanged: (place: string | null) => void
  /** What stands ready at this line, where somebody says so. */
  atHand?: (item: Item) => ReactNode
}) {
  const { items } = running.state
  const [chosen, setChosen] = useState<string | null>(null)
  const item = items.find(one => one.key === chosen) ?? items.find(one => !one.done) ?? items.at(-1)
  if (!item) return <p className="pane p-6 text-quiet">Nothing of this batch has to be weighed.</p>
  const next = (from: Item) => {
    const at = items.indexOf(from)
    setChosen([...items.slice(at + 1), ...items.slice(0, at)].find(one => !one.done)?.key ?? null)
  }
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(230px,300px)_1fr] gap-3 max-md:block max-md:space-y-3 max-md:overflow-y-auto">
      <WeighList items={items} current={item.key} onChoose={setChosen} />
      <OneLine
        key={item.key}
        item={item}
        at={items.indexOf(item)}
        of={items.length}
        running={running}
        carried={carriedWords(carriesOf(batch, item, things))}
        onShelf={parts[item.ofPart ?? item.recipe] ?? 0}
        mayTakePart={item.part !== null && partsIn(batch.books, recipeOf(batch)).includes(item.recipe)}
        lots={lots}
        scale={scale}
        today={today}
        aloud={aloud}
        mayChange={mayChange}
        onChanged={() => onChanged(item.key)}
        atHand={atHand?.(item)}
        onNext={() => next(item)}
      />
    </div>
  )
}

function OneLine({
  item,
  at,
  of,
  running,
  carried,
  onShelf,
  mayTakePart,
  lots,
  scale: { scale, practice },
  today,
  aloud,
  mayChange,
  onChanged,
  atHand,
  onNext,
}: {
  item: Item
  at: number
  of: number
  running: RunningBatch
  carried: string
  /** Of the part it is, or stands in. */
  onShelf: number
  mayTakePart: boolean
  lots: Lots
  scale: ChosenScale
  today: string
  aloud: boolean
  mayChange: boolean
  onChanged: () => void
  atHand: ReactNode
  onNext: () => void
}) {
  const wanted = item.now ?? { id: item.ingredient, name: item.name }
  const [typed, setTyped] = useState('')
  const [lotId, setLotId] = useState<string | null>(null)
  const [problem, setProblem] = useState('')
  /** Grams accepted that are off, till somebody says what is to become of them. */
  const [off, setOff] = useState<number | null>(null)
  /** Why it goes in though every lot of it is stopped. */
  const [without, setWithout] = useState('')
  const lot = lotToTake(lots.all, wanted, today, lotId)
  const { target } = item
  const [thirds, setThirds] = useState(false)
  const third = thirds ? nextThird(item) : null
  /** The part it is, where it comes whole from the shelf. */
  const whole = item.now ? undefined : item.ofPart
  /** Why every lot of it is stopped; '' where one may go in, or none is on file. */
  const stopped = lot || whole ? '' : stoppedLots(lots.all, wanted, today)
  const toGo = target === null ? null : Math.max(0, (third?.upTo ?? target) - item.weighed)
  useEffect(() => {
    if (aloud)
      sayAloud(
        `${wanted.name}, ${toGo === null ? 'no weight is known' : weighed(toGo).replace(/ g$/, ' grams').replace(/ kg$/, ' kilograms')}`,
      )
  }, [aloud, wanted.name, toGo])

  const keep = (grams: number, off?: string) => {
    const why = [off, stopped && without ? `without a lot: ${without}` : ''].filter(Boolean).join('; ')
    running.put({
      kind: 'weighed',
      place: item.key,
      grams,
      by: scale ? 'scale' : 'typed',
      ...(item.now ? { of: item.now.id } : {}),
      ...(lot && !whole ? { lot: lot.id } : {}),
      ...(whole ? { part: whole } : {}),
      ...(why ? { why } : {}),
    })
    setOff(null)
    setTyped('')
    setProblem('')
    scale?.tare()
  }
  const accept = () => {
    if (!mayChange) return
    const heard = scale?.heard() ?? null
    if (scale && (heard === null || 'lost' in heard))
      return setProblem(heard && 'lost' in heard ? heard.lost : 'The scale has not said anything yet.')
    if (heard && 'grams' in heard && !heard.steady) return setProblem('The scale is not steady yet.')
    if (!scale && commaDoubt(typed)) return setProblem(commaDoubt(typed))
    const grams = heard && 'grams' in heard ? heard.grams : typedNumber(typed)
    if (!scale && typed.trim() === '') return setProblem('Type what the scale shows, in grams.')
    if (!Number.isFinite(grams) || grams > 10_000_000) return setProblem(`“${typed}” is no weight.`)
    if (grams < 0) return setProblem('The scale shows less than nothing: tare it with the bowl on it.')
    if (grams === 0 && item.target !== 0) return setProblem('Nothing is on it yet.')
    const total = item.weighed + grams
    setProblem('')
    if (stopped && !without)
      return setProblem(`Stop. ${stopped} Choose a lot that may go in, or say why it goes in without one.`)
    if (third && total < item.low && total <= third.high) return keep(grams)
    if (overBy(item, total) || (target !== null && total < item.low)) return setOff(grams)
    keep(grams)
    onNext()
  }
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const inField =
        event.target instanceof HTMLElement && event.target.closest('input, textarea, select, button, [role="dialog"]')
      if (inField || event.ctrlKey || event.metaKey || event.altKey) return
      if (event.key === ' ') scale?.tare()
      else if (event.key === 'Enter') accept()
      else if (!scale && /^[\d.]$/.test(event.key)) setTyped(before => (before + event.key).slice(0, 8))
      else if (!scale && event.key === 'Backspace') setTyped(before => before.slice(0, -1))
      else return
      event.preventDefault()
    }
    addEventListener('keydown', keys)
    return () => removeEventListener('keydown', keys)
  })
  return (
    <div className="flex min-h-0 flex-col gap-3">
      <section className="pane flex min-h-0 flex-1 flex-col overflow-y-auto px-6 py-3" aria-label="This line">
        <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
          <div className="min-w-0 flex-1">
            <h2 className="text-[34px] leading-[1.1] break-words text-ink max-md:text-[26px]">{wanted.name}</h2>
            <p className="text-[18px] text-quiet">
              {item.target === 0
                ? 'Left out of this batch'
                : target === null
                  ? 'No weight is known: weigh what goes in'
                  : weighed(item.low) === weighed(item.high)
                    ? weighed(target)
                    : `${weighed(target)}, between ${weighed(item.low)} and ${weighed(item.high)}`}{' '}
              · {whereWords[item.where]}
              {item.prep ? ` · ${item.prep}` : ''}
              {item.form ? ` · ${item.form}` : ''}
            </p>
            {carried && <p className="text-[16px] font-bold text-unproven">{carried}</p>}
            {item.say && <p className="text-[15px] text-quiet">{item.say}</p>}
          </div>
          {item.ofPart && !item.now ? (
            <button
              type="button"
              className="slab !min-h-[52px] !text-[16px]"
              disabled={!mayChange}
              onClick={() => running.put({ kind: 'shelf', part: item.ofPart!, from: false })}
            >
              <span>
                Make it now instead
                <span className="block font-text text-[13px] font-normal">
                  {weighed(onShelf)} on the shelf by the books
                </span>
              </span>
            </button>
          ) : (
            <LotChoice lots={lots} wanted={wanted} today={today} lot={lot} onChoose={setLotId} />
          )}
        </div>
        {atHand}
        {goesByThirds(item) && mayChange && item.weighed < item.low && (
          <p className="mt-1 flex flex-wrap items-center gap-3 text-[18px]">
            {third && (
              <b>
                {['First', 'Second', 'Last'][third.nth - 1]} third: up to {weighed(third.upTo)}, then look at the
                batter.
              </b>
            )}
            {third && item.weighed > 0 && (
              <button
                type="button"
                className="slab !min-h-[52px] !text-[17px]"
                onClick={() => {
                  running.put({ kind: 'amount', place: item.key, grams: item.weighed, why: 'the batter falls' })
                  onNext()
                }}
              >
                It falls: that is enough
              </button>
            )}
            {!third && (
              <button type="button" className="word-link min-h-[44px] text-[16px]" onClick={() => setThirds(true)}>
                Add it by thirds
              </button>
            )}
          </p>
        )}
        {mayTakePart && item.weighed === 0 && onShelf > 0 && mayChange && (
          <button
            type="button"
            className="word-link min-h-[44px] self-start text-[16px]"
            onClick={() => running.put({ kind: 'shelf', part: item.recipe, from: true })}
          >
            Take {item.part} from the shelf instead: {weighed(onShelf)} are there
          </button>
        )}
        {stopped && (
          <label className="mt-1 text-breaks">
            {stopped} It goes in without a lot, because
            <input
              className="field !min-h-[48px] text-[17px] text-ink"
              maxLength={200}
              value={without}
              onChange={event => setWithout(event.target.value)}
            />
          </label>
        )}
        {off !== null ? (
          <Off
            item={item}
            grams={off}
            onBack={() => setOff(null)}
            onMore={() => keep(off)}
            onKeep={why => {
              keep(off, why)
              onNext()
            }}
            onGrow={factor => {
              keep(off)
              running.put({ kind: 'rescaled', factor, why: `too much ${wanted.name}` })
              onNext()
            }}
          />
        ) : (
          <div
            className={`grid min-h-0 flex-1 gap-4 ${scale ? '' : 'grid-cols-[1fr_minmax(210px,260px)] max-sm:grid-cols-1'}`}
          >
            <Fill
              item={third ? { ...item, target: third.upTo, low: third.low, high: third.high } : item}
              scale={scale}
              typed={typed}
              toGo={toGo}
            />
            {!scale && <NumberPad value={typed} onChange={setTyped} label="Grams" />}
          </div>
        )}
        {practice && off === null && <PracticeControls scale={practice} />}
      </section>
      {problem && (
        <p role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-4 py-2 text-[18px]">
          {problem}
        </p>
      )}
      <div className="grid grid-cols-[1fr_1fr_1.6fr] gap-3 max-sm:gap-2 max-sm:[&>button]:px-2 max-sm:[&>button]:text-[17px]">
        <button type="button" className="slab" disabled={!scale} onClick={() => scale?.tare()}>
          Tare
        </button>
        <button type="button" className="slab" disabled={!mayChange} onClick={onChanged}>
          Something changed
        </button>
        <button type="button" className="slab slab-first" disabled={!mayChange || off !== null} onClick={accept}>
          Weighed, next
        </button>
      </div>
      <p className="text-center text-[13px] text-quiet">
        Line {at + 1} of {of}
        {item.scale ? ` · ${scaleName(item.scale)}` : ''}
      </p>
    </div>
  )
}

/** The figure, what is still to go, and the tin: drawn as often as the scale speaks, and nothing else is. */
function Fill({
  item,
  scale,
  typed,
  toGo,
}: {
  item: Item
  scale: ChosenScale['scale']
  typed: string
  toGo: number | null
}) {
  const heard = useHeard(scale)
  const lost = heard !== null && 'lost' in heard ? heard.lost : ''
  const reading = heard !== null && 'grams' in heard ? heard : null
  const value = scale ? (reading?.grams ?? 0) : typed.trim() === '' ? 0 : typedNumber(typed)
  const grams = Number.isFinite(value) ? value : 0
  const places = scale && scale.step < 1 ? 1 : 0
  const left = toGo === null ? null : toGo - grams
  const over = item.target !== null && item.weighed + grams > item.high
  return (
    <div className="flex min-h-0 min-w-0 flex-col">
      <p
        className={`figure text-[clamp(56px,11vh,110px)] leading-none font-bold ${over ? 'text-breaks' : ''} ${reading && !reading.steady ? 'opacity-60' : ''}`}
      >
        {scale ? toPlaces(grams, places) : typed || '0'}
        <span className="ml-2 text-[0.4em]">g</span>
      </p>
      <p className="min-h-[30px] text-[20px] text-quiet" role="status">
        {lost ||
          (left === null
            ? ''
            : left > 0.05
              ? `${weighed(left)} to go${item.weighed > 0 ? `, ${weighed(item.weighed)} are in` : ''}`
              : over
                ? `${weighed(-left)} too much`
                : 'That is it.')}
      </p>
      <div className="min-h-[90px] flex-1">
        <TinFill grams={item.weighed + grams} target={item.target} low={item.low} high={item.high} />
      </div>
    </div>
  )
}
