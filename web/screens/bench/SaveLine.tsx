// Whether what is on the screen is saved, and the plain choice where two windows disagree.
'use client'
import { type Clash, type Edit, type Recipe, writtenAmount } from '@fair-tin/core'
import type { useRecipeEdits } from './useRecipeEdits'

type Edits = ReturnType<typeof useRecipeEdits>

export function SaveLine({ edits }: { edits: Edits }) {
  const { pending, state, onlyHere, recipe } = edits
  const count = `${pending} ${pending === 1 ? 'change' : 'changes'}`
  return (
    <span role="status">
      {pending === 0 && `Recipe version ${recipe.version}, saved`}
      {pending > 0 && state.kind !== 'waiting' && `Saving ${count} …`}
      {pending > 0 && state.kind === 'waiting' && (
        <span className="text-unproven">
          {count} not saved yet. {state.why}{' '}
          {onlyHere
            ? 'This browser keeps nothing, so leave the window open.'
            : 'Kept in this browser until it goes through.'}{' '}
          <button type="button" className="word-link" onClick={() => void edits.retry()}>
            Try now
          </button>
        </span>
      )}
    </span>
  )
}

const said = (edit: Edit): string => {
  if (edit.kind === 'written') return edit.to.amount ? writtenAmount(edit.to.amount) : 'no amount'
  if (edit.kind === 'remove') return 'taking it out'
  if (edit.kind === 'add' || edit.kind === 'move') return 'its place'
  return String(edit.to ?? 'not said')
}
const about = (edit: Edit, recipe: Recipe, nameOf: (line: string) => string): string => {
  if (edit.kind === 'pieces' || edit.kind === 'bakeLoss')
    return edit.kind === 'pieces' ? 'The number of pieces' : 'The bake loss'
  const line = edit.kind === 'add' || edit.kind === 'remove' ? edit.line.id : edit.line
  return recipe.lines.some(one => one.id === line) ? nameOf(line) : 'A line that is gone'
}

export function Clashes({ edits, nameOf }: { edits: Edits; nameOf: (line: string) => string }) {
  if (edits.clashes.length === 0) return null
  return (
    <div role="alert" className="rounded-lg border-2 border-unproven bg-[#fdf7e8] px-3 py-2">
      {edits.clashes.map((clash: Clash) => (
        <p key={JSON.stringify(clash.edit)}>
          <b>{about(clash.edit, edits.recipe, nameOf)}</b>: {clash.fact}; you wanted {said(clash.edit)}.{' '}
          {clash.anyway && (
            <button type="button" className="word-link mr-3" onClick={() => edits.settle(clash, true)}>
              Put mine in
            </button>
          )}
          <button type="button" className="word-link" onClick={() => edits.settle(clash, false)}>
            Leave theirs
          </button>
        </p>
      ))}
    </div>
  )
}
