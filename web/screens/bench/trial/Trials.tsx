// The trials of a recipe: begin one, go on with one, read what became of the others.
'use client'
import type { Recipe } from '@fair-tin/core/model'
import { spokenDay } from '@fair-tin/core/words'
import type { Trial } from '@fair-tin/data'
import { Modal } from '../../../ui/Modal'
import { ask } from '../../ask'
import { useAsked } from '../../useAsked'

export function Trials({
  recipe,
  onStart,
  onClose,
}: {
  recipe: Recipe
  onStart: (trial?: Trial) => void
  onClose: () => void
}) {
  const address = `/api/v1/recipes/${recipe.id}/trials`
  const { said, problem, take } = useAsked<{ trials: Trial[] }>(address)
  const trials = said?.trials ?? null
  return (
    <Modal
      open
      onClose={onClose}
      title={`Trials of ${recipe.name}`}
      lead="Try an exchange, a blend, another amount. The recipe in force stays as it is until you take a trial into force."
      wide
    >
      {problem && (
        <p role="alert" className="mb-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {problem}
        </p>
      )}
      <button type="button" className="do do-first" onClick={() => onStart()}>
        Try something
      </button>
      {trials === null && !problem && <p className="mt-3 text-quiet">Fetching the trials …</p>}
      {trials?.length === 0 && (
        <p className="mt-3 text-quiet">Nothing was tried yet. What you try is kept here with your notes.</p>
      )}
      {trials && trials.length > 0 && (
        <ul className="mt-3 border-t border-hair" aria-label="Trials">
          {trials.map(one => (
            <li key={one.id} className="border-b border-hair/60 py-2">
              <div className="flex flex-wrap items-baseline gap-x-3">
                <b>{one.name}</b>
                <span className="text-quiet">
                  {one.keptBy}, {spokenDay(one.keptAt.slice(0, 10))}
                  {one.closed && ` · ${one.closed === 'taken' ? 'taken into force' : 'put away'}`}
                </span>
                <span className="ml-auto flex gap-3">
                  <button type="button" className="word-link" onClick={() => onStart(one)}>
                    {one.closed ? 'Try it again' : 'Go on with it'}
                  </button>
                  {!one.closed && (
                    <button
                      type="button"
                      className="word-link"
                      onClick={() =>
                        void ask<{ trials: Trial[] }>(address, { close: { id: one.id, how: 'put away' } }).then(take)
                      }
                    >
                      Put away
                    </button>
                  )}
                </span>
              </div>
              {one.notes && <p className="whitespace-pre-wrap">{one.notes}</p>}
            </li>
          ))}
        </ul>
      )}
    </Modal>
  )
}
