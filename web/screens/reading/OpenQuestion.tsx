// Food that is written and stands in no line, asked about: made a line in one tap, or answered with a reason.
'use client'
import { type Answer, roleName } from '@fair-tin/core/model'
import { roleInStep } from '@fair-tin/core/reading'
import { fat, type OpenFood, openFact } from '@fair-tin/core/recipe'
import { capital, spokenDay } from '@fair-tin/core/words'
import { useState } from 'react'

/** What of these has the word in its name: the plant butter of “butter”, a fat of “grease”. */
export const meantBy = ({ word }: OpenFood, names: readonly string[]): string[] =>
  [...new Set(names)].filter(name =>
    word === 'grease'
      ? fat.test(name)
      : name
          .toLowerCase()
          .split(/[^\p{L}]+/u)
          .includes(word),
  )

export function OpenQuestion({
  food,
  step,
  meant,
  onLine,
  onAnswer,
}: {
  food: OpenFood
  /** The step that speaks of it; empty where it is written elsewhere. */
  step: string
  /** What in it has the word in its name: the plant butter of “butter”, a fat of “grease”. */
  meant: readonly string[]
  onLine: () => void
  onAnswer: (said: string) => void
}) {
  const [said, setSaid] = useState<string | null>(null)
  return (
    <div className="py-1 text-unproven">
      <p>
        {capital(openFact(food))}. Until that is settled every claim is unproven.
        {step && <span className="block text-[13px] text-quiet">{step}</span>}
      </p>
      {said === null ? (
        <p className="flex flex-wrap gap-2 pt-1">
          <button type="button" className="do" onClick={onLine}>
            Make it a line, {roleName[roleInStep(step, food.word)]}
          </button>
          {meant.map(name => (
            <button key={name} type="button" className="do" onClick={() => onAnswer(`the ${name} is meant`)}>
              The {name} is meant
            </button>
          ))}
          <button type="button" className="do" onClick={() => setSaid('')}>
            It is not in it
          </button>
        </p>
      ) : (
        <form
          className="flex flex-wrap gap-2 pt-1"
          onSubmit={event => {
            event.preventDefault()
            if (said.trim()) onAnswer(said.trim())
          }}
        >
          <input
            className="field max-w-sm text-ink"
            aria-label={`Why “${food.word}” is not in it`}
            placeholder="Why not: the plant butter is meant"
            value={said}
            maxLength={300}
            // biome-ignore lint/a11y/noAutofocus: it opens under the hand that asked for it
            autoFocus
            onChange={event => setSaid(event.target.value)}
            onKeyDown={event => event.key === 'Escape' && setSaid(null)}
          />
          <button type="submit" className="do" disabled={said.trim() === ''}>
            Keep the answer
          </button>
        </form>
      )}
    </div>
  )
}

/** What was answered, by whom and when; each can be asked again. */
export const Answered = ({
  answers,
  onChange,
}: {
  answers: readonly Answer[]
  onChange: (answers: Answer[]) => void
}) =>
  answers.map(one => (
    <p key={one.word} className="py-0.5 text-[13px] text-quiet">
      “{one.word}” is not in it: {one.said}. {one.by ? `${one.by}, ` : ''}
      {spokenDay(one.on)}.{' '}
      <button
        type="button"
        className="underline pointer-coarse:min-h-[44px]"
        onClick={() => onChange(answers.filter(other => other !== one))}
      >
        Ask again
      </button>
    </p>
  ))
