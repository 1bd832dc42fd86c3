// A text or number that is edited where it stands.
'use client'
import { type ReactNode, useId } from 'react'
import { type Hands, type Reads, useTyped } from './useTyped'

/** `label` names it; `text` is what is first in the field; `children` is what is seen until it is opened. */
export function InPlace({
  label,
  text,
  read,
  hands,
  children,
  className = '',
  inputClass = '',
  boxClass = 'inline-block',
  maxLength = 80,
  decimal = false,
}: {
  label: string
  text: string
  read: Reads
  hands: Hands
  children: ReactNode
  className?: string
  inputClass?: string
  /** Of what the field stands in. */
  boxClass?: string
  maxLength?: number
  decimal?: boolean
}) {
  const { typed, problem, open, type, keep, cancel } = useTyped(read, hands)
  const problemId = useId()
  if (typed === null)
    return (
      <button
        type="button"
        aria-label={`${label}: ${text || 'not said'}. Edit`}
        className={`min-h-[24px] rounded px-1 hover:bg-hair/60 pointer-coarse:min-h-[44px] ${className}`}
        onClick={() => open(text)}
      >
        {children}
      </button>
    )
  return (
    <span className={`relative w-full ${boxClass}`}>
      <input
        // biome-ignore lint/a11y/noAutofocus: it was just opened by its own button
        autoFocus
        aria-label={label}
        aria-invalid={problem !== '' || undefined}
        aria-describedby={problem ? problemId : undefined}
        inputMode={decimal ? 'decimal' : undefined}
        className={`h-[24px] w-full min-w-24 rounded border-2 border-damson bg-pane px-1 aria-invalid:border-breaks pointer-coarse:h-[44px] ${inputClass}`}
        value={typed}
        maxLength={maxLength}
        onFocus={event => event.target.select()}
        onChange={event => type(event.target.value)}
        onBlur={keep}
        onKeyDown={event => {
          if (event.key === 'Enter') keep()
          if (event.key === 'Escape') cancel()
        }}
      />
      {problem && (
        <span
          id={problemId}
          role="alert"
          className="absolute top-full right-0 z-20 w-64 rounded-md border-2 border-breaks bg-breaks-wash p-1.5 text-left font-text text-[13px] font-normal whitespace-normal text-ink"
        >
          {problem}
        </span>
      )}
    </span>
  )
}
