// Weighing one's own cup, and what is left of what was bought: helpers that fill the measures in.
'use client'
import { averageOf, edibleShare } from '@fair-tin/core/measure'
import { commaDoubt, toPlaces, typedNumber } from '@fair-tin/core/words'
import { useState } from 'react'

export function Weighing({ onCup, onEdible }: { onCup: (grams: string) => void; onEdible: (percent: string) => void }) {
  const [cups, setCups] = useState(['', '', ''])
  const [bought, setBought] = useState('')
  const [left, setLeft] = useState('')
  const typed = cups.filter(one => one.trim() !== '')
  const average = averageOf(typed.map(typedNumber))
  const share = bought.trim() && left.trim() ? edibleShare(typedNumber(bought), typedNumber(left)) : null
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
  return (
    <details className="mt-2">
      <summary className="word-link min-h-[24px]">Weigh your own cup, or what is left after peeling</summary>
      <div className="mt-2 grid grid-cols-[repeat(3,1fr)_auto] items-end gap-2">
        {cups.map((value, at) => (
          <div key={at}>
            {field(`Cup ${at + 1}, g`, value, next => setCups(cups.map((one, index) => (index === at ? next : one))))}
          </div>
        ))}
        <button
          type="button"
          className="do"
          disabled={average === null}
          onClick={() => average && onCup(toPlaces(average.mean, 1))}
        >
          Take it
        </button>
      </div>
      <p className="text-[13px] text-quiet" role="status">
        {average === null
          ? typed.length > 1
            ? typed.map(commaDoubt).find(Boolean) || 'Each weighing is a number of grams above 0.'
            : 'Fill the same cup three times the way you always do, and weigh each.'
          : `${toPlaces(average.mean, 1)} g on average; they scatter by ${toPlaces(average.scatter, 1)} g. ${average.doubt ?? 'This replaces the typical value.'}`}
      </p>
      <div className="mt-2 grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        {field('As bought, g', bought, setBought)}
        {field('Ready to use, g', left, setLeft)}
        <button
          type="button"
          className="do"
          disabled={!share || 'problem' in share}
          onClick={() => share && 'share' in share && onEdible(toPlaces(share.share * 100, 1))}
        >
          Take it
        </button>
      </div>
      {share && (
        <p className={`text-[13px] ${'problem' in share ? 'text-breaks' : 'text-quiet'}`} role="status">
          {'problem' in share ? share.problem : `${toPlaces(share.share * 100, 1)} % of it can be used.`}
        </p>
      )}
    </details>
  )
}
