// A field of a face of the lid: every key is seen at once, what cannot be stays typed with its problem.
'use client'
import { useId } from 'react'
import { type Hands, type Reads, useTyped } from './useTyped'

export function TypedField({
  label,
  value,
  read,
  hands,
  hint,
  bare = false,
  text = false,
  wide = false,
}: {
  label: string
  value: string
  read: Reads
  hands: Hands
  hint?: string
  /** The label stands elsewhere: it is only read out. */
  bare?: boolean
  text?: boolean
  /** Over both columns. */
  wide?: boolean
}) {
  const { typed, problem, open, type, keep, cancel } = useTyped(read, hands, !text)
  const id = useId()
  const fieldId = useId()
  const field = (
    <input
      id={fieldId}
      aria-label={bare ? label : undefined}
      aria-describedby={problem ? id : undefined}
      aria-invalid={problem !== '' || undefined}
      className={`field text-ink ${text ? '' : 'figure'}`}
      inputMode={text ? 'text' : 'decimal'}
      maxLength={text ? 300 : 14}
      placeholder={hint}
      value={typed ?? value}
      onFocus={() => typed === null && open(value)}
      onChange={event => {
        if (typed === null) open(value)
        type(event.target.value)
      }}
      onBlur={keep}
      onKeyDown={event => {
        if (event.key === 'Enter') keep()
        if (event.key === 'Escape' && typed !== null && typed !== value) {
          event.stopPropagation()
          cancel()
        }
      }}
    />
  )
  const said = problem && (
    <span id={id} role="alert" className="block text-[12.5px] text-breaks">
      {problem}
    </span>
  )
  return bare ? (
    <>
      {field}
      {said}
    </>
  ) : (
    <div className={`text-[13px] text-quiet ${wide ? 'col-span-2' : ''}`}>
      <label htmlFor={fieldId}>{label}</label>
      {field}
      {said}
    </div>
  )
}
