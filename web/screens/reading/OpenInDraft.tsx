// Food that the draft speaks of and no line holds, each asked about where the lines are.
'use client'
import { roleInStep } from '@fair-tin/core/reading'
import { useMemo } from 'react'
import type { Draft } from './draft'
import { draftLine } from './draftFrom'
import { openInDraft } from './draftQuestions'
import { Answered, meantBy, OpenQuestion } from './OpenQuestion'
import type { Larder } from './ReadingTable'

export function OpenInDraft({
  draft,
  larder,
  person,
  today,
  edit,
}: {
  draft: Draft
  larder: Larder
  person: string
  today: string
  edit: (change: (draft: Draft) => Draft) => void
}) {
  const open = useMemo(() => openInDraft(draft, larder), [draft, larder])
  const answers = draft.kept.answers ?? []
  if (open.length === 0 && answers.length === 0) return null
  const answer = (next: typeof answers) => edit(now => ({ ...now, kept: { ...now.kept, answers: next } }))
  const names = draft.lines.map(({ of }) =>
    'fresh' in of
      ? of.fresh
      : 'ingredient' in of
        ? (larder.ingredients.find(one => one.id === of.ingredient)?.name ?? '')
        : '',
  )
  return (
    <section aria-label="Written, and in no line" className="border-t border-hair px-3 py-1.5">
      {open.map(food => {
        const step = food.where === 'step' ? (draft.method.split('\n')[food.at] ?? '') : ''
        return (
          <OpenQuestion
            key={food.word}
            food={food}
            step={step}
            meant={meantBy(food, names)}
            onLine={() =>
              edit(now => ({
                ...now,
                lines: [
                  ...now.lines,
                  { ...draftLine(food.word, larder.ingredients, larder.parts), role: roleInStep(step, food.word) },
                ],
              }))
            }
            onAnswer={said => answer([...answers, { word: food.word, said, by: person, on: today }])}
          />
        )
      })}
      <Answered answers={answers} onChange={answer} />
    </section>
  )
}
