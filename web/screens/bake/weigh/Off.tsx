// What was weighed is off: the honest ways out, each with what it means.
'use client'
import { type Item, overBy } from '@fair-tin/core/batch'
import { percent, toPlaces, weighed } from '@fair-tin/core/words'
import { useState } from 'react'

export function Off({
  item,
  grams,
  onBack,
  onMore,
  onKeep,
  onGrow,
}: {
  item: Item
  grams: number
  onBack: () => void
  onMore: () => void
  onKeep: (why: string) => void
  onGrow: (factor: number) => void
}) {
  const [why, setWhy] = useState('')
  const [problem, setProblem] = useState('')
  const total = item.weighed + grams
  const over = overBy(item, total)
  const short = item.target === null ? 0 : item.target - total
  return (
    <div role="alertdialog" aria-label="The weight is off" className="mt-2 flex flex-col gap-2">
      <p className="text-[22px] font-bold">
        {over ? over.words : `${weighed(short)} short, ${percent(short / (item.target || 1))} under.`}
      </p>
      {over ? (
        <>
          <button type="button" className="slab" onClick={onBack}>
            Take out {weighed(over.takeOut)} and weigh again
          </button>
          {over.factor !== null && (
            <button type="button" className="slab" onClick={() => onGrow(over.factor!)}>
              Make everything {toPlaces((over.factor - 1) * 100, 1)} % larger
            </button>
          )}
        </>
      ) : (
        <>
          <button type="button" className="slab" onClick={onMore}>
            It is in, more is to come
          </button>
          <button type="button" className="slab" onClick={onBack}>
            Go on weighing
          </button>
        </>
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={event => {
          event.preventDefault()
          if (why.trim().length < 2) return setProblem('Say why it stays so, in a word or two.')
          onKeep(why.trim())
        }}
      >
        <label className="flex-1 text-quiet">
          Keep it so, because
          <input
            className="field !min-h-[52px] text-[17px] text-ink"
            maxLength={300}
            value={why}
            onChange={event => setWhy(event.target.value)}
          />
        </label>
        <button type="submit" className="slab !min-h-[52px]">
          Keep and note
        </button>
      </form>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <p className="text-quiet">What is kept off is in the record, and the label of this batch is judged by it.</p>
    </div>
  )
}
