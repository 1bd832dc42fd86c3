// Weighings of one's own: a cup, a spoon, a piece, what is left of what was bought. Each is kept with its day and its spread, and fills
// the measure in where somebody says so.
'use client'
import { averageOf, edibleShare, millilitresOf } from '@fair-tin/core/measure'
import { trialKindName, trialKinds, type WeighingTrial } from '@fair-tin/core/model'
import { capital, commaDoubt, spokenDay, toPlaces, typedNumber } from '@fair-tin/core/words'
import { useState } from 'react'
import { Choose } from '../../ui/Choose'

type Kind = WeighingTrial['of']
/** What a trial fills in. */
export type TakenMeasure = { gramsPerCup: string } | { gramsEach: string } | { edible: string }

const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length
function measureOf({ of, values }: Pick<WeighingTrial, 'of' | 'values'>): TakenMeasure {
  const average = mean(values)
  if (of === 'cup') return { gramsPerCup: toPlaces(average, 1) }
  if (of === 'spoon') return { gramsPerCup: toPlaces((average / millilitresOf('tbsp')!) * millilitresOf('cup')!, 1) }
  return of === 'piece' ? { gramsEach: toPlaces(average, 1) } : { edible: toPlaces(average, 1) }
}
const unitOf = (of: Kind) => (of === 'share' ? '%' : 'g')
/** "130.0 g, scattered by 4.0 g". */
function told({ of, values }: Pick<WeighingTrial, 'of' | 'values'>): string {
  const average = averageOf(values)
  const unit = unitOf(of)
  return average
    ? `${toPlaces(average.mean, 1)} ${unit}, scattered by ${toPlaces(average.scatter, 1)} ${unit}`
    : `${toPlaces(mean(values), 1)} ${unit}, weighed once`
}

/** The values of what was typed; null where one is no weight; a problem where it cannot be. */
function readTrial(of: Kind, first: readonly string[], second: readonly string[]): number[] | { problem: string } {
  const rows = first
    .map((text, at) => [text, second[at]!] as const)
    .filter(([a, b]) => a.trim() || (of === 'share' && b.trim()))
  const values: number[] = []
  for (const [a, b] of rows) {
    const doubt = commaDoubt(a) || (of === 'share' ? commaDoubt(b) : '')
    if (doubt) return { problem: doubt }
    if (of === 'share') {
      const share = edibleShare(typedNumber(a), typedNumber(b))
      if ('problem' in share) return share
      values.push(share.share * 100)
    } else {
      const grams = typedNumber(a)
      if (!(grams > 0)) return { problem: 'Each weighing is a number of grams above 0.' }
      values.push(grams)
    }
  }
  return values
}

const none = ['', '', '']
export function Weighing({
  trials,
  today,
  onTrials,
  onTake,
}: {
  trials: readonly WeighingTrial[]
  /** ISO. */
  today: string
  onTrials: (trials: WeighingTrial[]) => void
  onTake: (measure: TakenMeasure) => void
}) {
  const [of, setOf] = useState<Kind>('cup')
  const [first, setFirst] = useState(none)
  const [second, setSecond] = useState(none)
  const read = readTrial(of, first, second)
  const values = 'problem' in read ? [] : read
  const average = averageOf(values)
  const field = (label: string, value: string, onChange: (value: string) => void) => (
    <label className="flex flex-col text-[13px] text-quiet">
      {label}
      <input
        className="field figure text-ink"
        inputMode="decimal"
        maxLength={12}
        value={value}
        onChange={event => onChange(event.target.value)}
      />
    </label>
  )
  const put = (all: string[], at: number, to: string) => all.map((one, index) => (index === at ? to : one))
  const keep = (use: boolean) => {
    const trial: WeighingTrial = { of, values, on: today }
    onTrials([trial, ...trials].slice(0, 40))
    if (use) onTake(measureOf(trial))
    setFirst(none)
    setSecond(none)
  }
  return (
    <details className="mt-2" open={trials.length > 0 || undefined}>
      <summary className="word-link min-h-[24px]">
        Weigh it yourself: a cup, a spoon, one of it, what is left of it
      </summary>
      <div className="mt-2 w-64">
        <Choose
          label="What you weigh"
          value={of}
          options={trialKinds.map(value => ({ value, label: capital(trialKindName[value]) }))}
          onChange={to => setOf(to as Kind)}
        />
      </div>
      <div className="mt-2 grid grid-cols-3 gap-2">
        {first.map((value, at) => (
          <div key={at}>
            {field(of === 'share' ? `As bought ${at + 1}, g` : `Weighing ${at + 1}, g`, value, next =>
              setFirst(put(first, at, next)),
            )}
            {of === 'share' &&
              field(`Ready to use ${at + 1}, g`, second[at]!, next => setSecond(put(second, at, next)))}
          </div>
        ))}
      </div>
      <p className={`mt-1 text-[13px] ${'problem' in read ? 'text-breaks' : 'text-quiet'}`} role="status">
        {'problem' in read
          ? read.problem
          : values.length === 0
            ? 'Do it three times the way you always do, and weigh each.'
            : `${capital(told({ of, values }))}. ${average?.doubt ?? (values.length < 3 ? 'Three weighings say more.' : '')}`}
      </p>
      {values.length > 0 && (
        <div className="mt-1 flex gap-2">
          <button type="button" className="do" onClick={() => keep(true)}>
            Keep it, and use it
          </button>
          <button type="button" className="do" onClick={() => keep(false)}>
            Only keep it
          </button>
        </div>
      )}
      {trials.length > 0 && (
        <ul className="mt-2">
          {trials.map((one, at) => (
            <li
              key={`${one.on} ${one.of} ${one.values.join()}`}
              className="flex flex-wrap items-baseline gap-x-3 border-t border-hair/60 py-1 text-[14px]"
            >
              <span className="min-w-0 flex-1">
                {capital(trialKindName[one.of])}: {told(one)}{' '}
                <span className="text-quiet">
                  ({spokenDay(one.on)}, {one.values.length} times)
                </span>
              </span>
              <button type="button" className="word-link" onClick={() => onTake(measureOf(one))}>
                Use it
              </button>
              <button
                type="button"
                className="word-link"
                aria-label={`Take out the weighing of ${trialKindName[one.of]} of ${spokenDay(one.on)}`}
                onClick={() => onTrials(trials.filter((_, index) => index !== at))}
              >
                Take out
              </button>
            </li>
          ))}
        </ul>
      )}
    </details>
  )
}
