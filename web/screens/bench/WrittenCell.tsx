// A written amount, edited in place: every key moves the numbers, Enter keeps it, Escape leaves it as it was.
'use client'
import { type Edit, type Line, type Written, writtenOf } from '@fair-tin/core'
import { memo, useState } from 'react'
import { readAmounts } from '../reading/draft'

/** What is typed is for the batch in view; the recipe keeps it for one making. */
function forOneMaking(read: Written, factor: number): Written {
  const one = (amount: NonNullable<Written['amount']>) => ({
    ...amount,
    value: amount.value / factor,
    ...(amount.upTo === undefined ? {} : { upTo: amount.upTo / factor }),
  })
  return { amount: read.amount && one(read.amount), plus: read.plus.map(one), also: read.also.map(one) }
}

interface Props {
  line: Line
  name: string
  /** The amount for the batch in view, as text. */
  text: string
  factor: number
  onPreview: (edit: Edit | null) => void
  onEdit: (edit: Edit) => void
}

export const WrittenCell = memo(function WrittenCell({ line, name, text, factor, onPreview, onEdit }: Props) {
  const [typed, setTyped] = useState<string | null>(null)
  const [problem, setProblem] = useState('')
  // while typing, the line itself already carries the preview: what was there before is kept aside
  const [was, setWas] = useState<Written | null>(null)
  const [opened, setOpened] = useState('')
  const editOf = (value: string): Edit | null => {
    const read = readAmounts(value)
    if ('problem' in read || !was) return null
    return { kind: 'written', line: line.id, was, to: forOneMaking(read, factor) }
  }
  const close = () => {
    setTyped(null)
    setProblem('')
    onPreview(null)
  }
  const type = (value: string) => {
    setTyped(value)
    const read = readAmounts(value)
    setProblem('problem' in read ? read.problem : '')
    onPreview(editOf(value))
  }
  const keep = () => {
    if (typed === null || problem) return
    const edit = editOf(typed)
    if (edit?.kind === 'written' && typed.trim() !== opened.trim()) onEdit(edit)
    close()
  }
  if (typed === null)
    return (
      <button
        type="button"
        aria-label={`Amount of ${name}: ${text || 'not said'}. Edit`}
        className="figure min-h-[24px] w-full rounded px-1 text-right text-quiet hover:bg-hair/60 pointer-coarse:min-h-[44px]"
        onClick={() => {
          setWas(writtenOf(line))
          const now = text === 'not said' || text === 'not measured' ? '' : text
          setOpened(now)
          setTyped(now)
        }}
      >
        {text}
      </button>
    )
  return (
    <span className="relative block">
      <input
        // biome-ignore lint/a11y/noAutofocus: it was just opened by its own button
        autoFocus
        aria-label={`Amount of ${name}`}
        aria-invalid={problem !== '' || undefined}
        className="figure h-[24px] w-full min-w-24 rounded border-2 border-damson bg-pane px-1 text-right aria-invalid:border-breaks pointer-coarse:h-[44px]"
        value={typed}
        maxLength={80}
        onFocus={event => event.target.select()}
        onChange={event => type(event.target.value)}
        onBlur={keep}
        onKeyDown={event => {
          if (event.key === 'Enter') keep()
          if (event.key === 'Escape') close()
        }}
      />
      {problem && (
        <span
          role="alert"
          className="absolute top-full right-0 z-20 w-64 rounded-md border-2 border-breaks bg-breaks-wash p-1.5 text-left font-text text-[13px] text-ink"
        >
          {problem}
        </span>
      )}
    </span>
  )
})
