// One text field of the draft, with what was refused in it.
import type { ReactNode } from 'react'
import type { Draft } from './draft'

type Texts = { [K in keyof Draft]-?: Draft[K] extends string | undefined ? K : never }[keyof Draft]
export type DraftField = (
  name: Exclude<Texts, undefined>,
  label: string,
  className: string,
  hint?: string,
  /** Where it is as read until she writes it herself. */
  shown?: string,
) => ReactNode

export const draftField =
  (draft: Draft, edit: (change: (draft: Draft) => Draft) => void, refusals: ReadonlyMap<string, string>): DraftField =>
  (name, label, className, hint, shown) => (
    <div className={`flex flex-col text-[13px] text-quiet ${className}`}>
      <label htmlFor={`draft-${name}`}>{label}</label>
      <input
        id={`draft-${name}`}
        className="field text-ink"
        value={shown ?? draft[name]}
        aria-invalid={refusals.has(name) || undefined}
        aria-describedby={refusals.has(name) ? `draft-${name}-refused` : undefined}
        placeholder={hint}
        maxLength={300}
        onChange={event => edit(now => ({ ...now, [name]: event.target.value }))}
      />
      {refusals.has(name) && (
        <span id={`draft-${name}-refused`} className="text-breaks">
          {refusals.get(name)}
        </span>
      )}
    </div>
  )
