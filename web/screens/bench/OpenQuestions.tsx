// Food that is written and stands in no line: asked where the lines are, made a line in one tap or answered with a reason.
'use client'
import type { BenchEdit } from '@fair-tin/core/edit'
import type { Named } from '@fair-tin/core/ingredient'
import type { Answer, Recipe } from '@fair-tin/core/model'
import { roleName } from '@fair-tin/core/model'
import { roleInStep } from '@fair-tin/core/reading'
import { type OpenFood, openFact } from '@fair-tin/core/recipe'
import { capital, spokenDay } from '@fair-tin/core/words'
import { useState } from 'react'
import { addEdit } from './AddLines'
import type { Hands } from './useTyped'

export function OpenQuestions({
  open,
  recipe,
  larder,
  parts,
  hands,
  today,
  person,
}: {
  open: readonly OpenFood[]
  recipe: Recipe
  larder: readonly Named[]
  parts: readonly Named[]
  hands: Hands
  today: string
  /** Who is at the bench, by name. */
  person: string
}) {
  const answers = recipe.answers ?? []
  if (open.length === 0 && answers.length === 0) return null
  return (
    <section aria-label="Written, and in no line" className="border-t border-hair px-4 py-1.5">
      {open.map(food => (
        <Question
          key={food.word}
          food={food}
          recipe={recipe}
          meant={recipe.lines
            .flatMap(({ of }) => ('ingredient' in of ? (larder.find(one => one.id === of.ingredient)?.name ?? []) : []))
            .filter((name, at, all) => all.indexOf(name) === at && name.toLowerCase().split(/\W+/).includes(food.word))}
          onLine={() => {
            const text = food.where === 'step' ? (recipe.steps[food.at]?.text ?? '') : ''
            const edit = addEdit(food.word, recipe, larder, parts, recipe.lines.at(-1)?.id ?? null)
            hands.onEdit({ ...edit, line: { ...edit.line, role: roleInStep(text, food.word) } })
          }}
          onAnswer={said =>
            hands.onEdit(answering(answers, [...answers, { word: food.word, said, by: person, on: today }]))
          }
        />
      ))}
      {answers.map(one => (
        <p key={one.word} className="py-0.5 text-[13px] text-quiet">
          “{one.word}” is not in it: {one.said}. {one.by ? `${one.by}, ` : ''}
          {spokenDay(one.on)}.{' '}
          <button
            type="button"
            className="underline pointer-coarse:min-h-[44px]"
            onClick={() =>
              hands.onEdit(
                answering(
                  answers,
                  answers.filter(other => other !== one),
                ),
              )
            }
          >
            Ask again
          </button>
        </p>
      ))}
    </section>
  )
}

const answering = (was: readonly Answer[], to: readonly Answer[]): BenchEdit => ({
  kind: 'answers',
  was: was.length > 0 ? [...was] : null,
  to: to.length > 0 ? [...to] : null,
})

function Question({
  food,
  recipe,
  meant,
  onLine,
  onAnswer,
}: {
  food: OpenFood
  recipe: Recipe
  /** What in it has the word in its name: the plant butter of “butter”. */
  meant: readonly string[]
  onLine: () => void
  onAnswer: (said: string) => void
}) {
  const [said, setSaid] = useState<string | null>(null)
  const step = food.where === 'step' ? (recipe.steps[food.at]?.text ?? '') : ''
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
