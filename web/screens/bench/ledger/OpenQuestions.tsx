// Food that is written and stands in no line: asked where the lines are, made a line in one tap or answered with a reason.
'use client'
import type { BenchEdit } from '@fair-tin/core/edit'
import type { Named } from '@fair-tin/core/ingredient'
import type { Answer, Recipe } from '@fair-tin/core/model'
import { roleInStep } from '@fair-tin/core/reading'
import type { OpenFood } from '@fair-tin/core/recipe'
import { useEffect, useState } from 'react'
import { Answered, meantBy, OpenQuestion } from '../../reading/OpenQuestion'
import type { Hands } from '../typed/useTyped'
import { addEdit } from './AddLines'

export function OpenQuestions({
  open,
  recipe,
  larder,
  ready,
  parts,
  hands,
  today,
  person,
}: {
  open: readonly OpenFood[]
  recipe: Recipe
  larder: readonly Named[]
  /** Was all of the larder read? A line waits for it. */
  ready: boolean
  parts: readonly Named[]
  hands: Hands
  today: string
  /** Who is at the bench, by name. */
  person: string
}) {
  const answers = recipe.answers ?? []
  const [held, setHeld] = useState<OpenFood | null>(null)
  const makeLine = (food: OpenFood) => {
    if (!ready) return setHeld(food)
    const text = food.where === 'step' ? (recipe.steps[food.at]?.text ?? '') : ''
    const edit = addEdit(food.word, recipe, larder, parts, recipe.lines.at(-1)?.id ?? null)
    hands.onEdit({ ...edit, line: { ...edit.line, role: roleInStep(text, food.word) } })
  }
  useEffect(() => {
    if (!held || !ready) return
    setHeld(null)
    makeLine(held)
  })
  if (open.length === 0 && answers.length === 0) return null
  return (
    <section aria-label="Written, and in no line" className="border-t border-hair px-4 py-1.5">
      {open.map(food => (
        <OpenQuestion
          key={food.word}
          food={food}
          step={food.where === 'step' ? (recipe.steps[food.at]?.text ?? '') : ''}
          meant={meantBy(
            food,
            recipe.lines.flatMap(({ of }) =>
              'ingredient' in of ? (larder.find(one => one.id === of.ingredient)?.name ?? []) : [],
            ),
          )}
          onLine={() => makeLine(food)}
          onAnswer={said =>
            hands.onEdit(answering(answers, [...answers, { word: food.word, said, by: person, on: today }]))
          }
        />
      ))}
      <Answered answers={answers} onChange={next => hands.onEdit(answering(answers, next))} />
    </section>
  )
}

const answering = (was: readonly Answer[], to: readonly Answer[]): BenchEdit => ({
  kind: 'answers',
  was: was.length > 0 ? [...was] : null,
  to: to.length > 0 ? [...to] : null,
})
