// A field of the cost face: every key is seen at once, what cannot be stays typed with its problem.
'use client'
import { useId } from 'react'
import { type Hands, type Reads, useTyped } from '../useTyped'

export function TypedField({
  label,
  value,
  read,
  hands,
  bare = false,
  text = false,
}: {
  label: string
  value: string
  read: Reads
  hands: Hands
  /** The label stands elsewhere: it is only read out. */
  bare?: boolean
  text?: boolean
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
      maxLength={text ? 80 : 14}
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
    <div className="text-[12.5px] text-quiet">
      <label htmlFor={fieldId}>{label}</label>
      {field}
      {said}
    </div>
  )
}
