// A tin by its shape and inside measures.
'use client'
import { Tin } from '@fair-tin/core/model'
import { impossible } from '@fair-tin/core/recipe'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import { Choose } from './Choose'

export interface TinDraft {
  shape: Tin['shape']
  /** As typed, by the name of the measure. */
  measures: Record<string, string>
}
const shapes: { value: Tin['shape']; label: string; measures: [key: string, label: string][] }[] = [
  {
    value: 'square',
    label: 'square',
    measures: [
      ['side', 'side, cm'],
      ['depth', 'deep, cm'],
    ],
  },
  {
    value: 'round',
    label: 'round',
    measures: [
      ['diameter', 'across, cm'],
      ['depth', 'deep, cm'],
    ],
  },
  {
    value: 'ring',
    label: 'ring',
    measures: [
      ['diameter', 'across, cm'],
      ['hole', 'hole, cm'],
      ['depth', 'deep, cm'],
    ],
  },
  {
    value: 'rectangle',
    label: 'rectangle',
    measures: [
      ['length', 'long, cm'],
      ['width', 'wide, cm'],
      ['depth', 'deep, cm'],
    ],
  },
  {
    value: 'loaf',
    label: 'loaf',
    measures: [
      ['length', 'long, cm'],
      ['width', 'wide, cm'],
      ['depth', 'deep, cm'],
    ],
  },
  {
    value: 'cups',
    label: 'tray of cups or rings',
    measures: [
      ['count', 'how many'],
      ['volumeMl', 'one holds, ml'],
    ],
  },
]

export const tinDraft = (tin: Tin): TinDraft => {
  const { shape, ...measures } = tin
  return { shape, measures: Object.fromEntries(Object.entries(measures).map(([key, value]) => [key, String(value)])) }
}
export const emptyTin: TinDraft = { shape: 'square', measures: {} }

/** The tin as typed, or what is wrong with it. */
export function tinFrom(draft: TinDraft): Tin | { problem: string } {
  const { measures } = shapes.find(one => one.value === draft.shape)!
  const typed = measures.map(([key, label]) => {
    const text = draft.measures[key] ?? ''
    return [key, text.trim() === '' ? undefined : typedNumber(text), label, commaDoubt(text)] as const
  })
  const doubt = typed.find(([, , , asks]) => asks !== '')
  if (doubt) return { problem: doubt[3] }
  const missing = typed.find(([, value]) => value === undefined)
  if (missing) return { problem: `Say how much it is: ${missing[2]}.` }
  const read = Tin.safeParse({ shape: draft.shape, ...Object.fromEntries(typed.map(([key, value]) => [key, value])) })
  if (!read.success) return { problem: read.error.issues[0]!.message }
  const problem = impossible(read.data)
  return problem ? { problem } : read.data
}

export function TinFields({
  draft,
  onChange,
  label,
}: {
  draft: TinDraft
  onChange: (next: TinDraft) => void
  label: string
}) {
  const { measures } = shapes.find(one => one.value === draft.shape)!
  return (
    <div className="flex flex-wrap items-end gap-1.5">
      <span className="w-32">
        <Choose
          label={`Shape of ${label}`}
          value={draft.shape}
          options={shapes}
          onChange={shape => onChange({ ...draft, shape: shape as Tin['shape'] })}
        />
      </span>
      {measures.map(([key, name]) => (
        <label key={key} className="w-[74px] text-[12.5px] text-quiet">
          {name}
          <input
            className="field figure text-ink"
            inputMode="decimal"
            maxLength={8}
            value={draft.measures[key] ?? ''}
            onChange={event => onChange({ ...draft, measures: { ...draft.measures, [key]: event.target.value } })}
          />
        </label>
      ))}
    </div>
  )
}
