// What only the baker knows of a line: whether it goes on after the bake, how it was weighed, how much of it stays, whether
// anything is left of it, whether it is there to sweeten. Each asked only where it makes a difference.
'use client'
import { asksWhetherSweetens } from '@fair-tin/core/claim'
import type { BenchEdit } from '@fair-tin/core/edit'
import type { Line } from '@fair-tin/core/model'
import { typedNumber } from '@fair-tin/core/words'
import { Choose } from '../../../ui/Choose'
import { TypedField } from '../typed/TypedField'
import type { Editing } from './editing'

type Answer = 'afterBake' | 'weighed' | 'retained' | 'leavesNothing' | 'sweetens' | 'goesAlong'
const said = <F extends Answer>(line: Line, field: F, to: Line[F] | null): BenchEdit =>
  ({ kind: field, line: line.id, was: line[field] ?? null, to: to ?? null }) as BenchEdit

const unsaid = '-'
const none = { value: unsaid, label: 'not said' }

export function LineAnswers({
  line,
  name,
  editing,
  onEdit,
}: {
  line: Line
  name: string
  editing: Editing
  onEdit: (edit: BenchEdit) => void
}) {
  const ingredient = 'ingredient' in line.of ? editing.ingredientOf(line.of.ingredient) : undefined
  const leaves = line.role === 'drained' || line.role === 'release'
  const ask = <F extends Answer>(
    field: F,
    label: string,
    options: readonly { value: string; label: string; is: Line[F] }[],
    unanswered = none,
  ) => (
    // the label of a field inside a label would be read twice
    <div className="text-[13px] text-quiet">
      {label}
      <Choose
        label={`${label}: ${name}`}
        value={options.find(one => one.is === line[field])?.value ?? unsaid}
        options={[unanswered, ...options.map(({ value, label }) => ({ value, label }))]}
        onChange={value => onEdit(said(line, field, options.find(one => one.value === value)?.is ?? null))}
      />
    </div>
  )
  return (
    <div className="mt-1 grid gap-1 border-t border-hair px-2 py-1.5">
      {(line.role === 'mix' || line.role === 'finish') &&
        ask(
          'afterBake',
          'Goes through the oven',
          [{ value: 'after', label: 'no, it goes on after the bake', is: true }],
          { value: unsaid, label: 'yes, it bakes with the rest' },
        )}
      {ingredient &&
        ask('weighed', 'The amount is', [{ value: 'bought', label: 'as bought, before peeling', is: 'bought' }], {
          value: unsaid,
          label: 'of what is ready to use',
        })}
      {(line.role === 'drained' || line.retained !== undefined) && <Stays line={line} editing={editing} />}
      {line.role === 'beside' &&
        ask('goesAlong', 'Packed along with it', [{ value: 'yes', label: 'yes: the label names it', is: true }], {
          value: unsaid,
          label: 'no, only served with it',
        })}
      {leaves &&
        ask(
          'leavesNothing',
          'Nothing of it is left, by',
          editing.papers.map(one => ({ value: one.id, label: one.reference, is: one.id })),
          { value: unsaid, label: 'no test or record: it counts' },
        )}
      {ingredient &&
        line.role !== 'beside' &&
        (asksWhetherSweetens(ingredient) || line.sweetens !== undefined) &&
        ask('sweetens', 'There to sweeten', [
          { value: 'yes', label: 'yes, it sweetens', is: true },
          { value: 'no', label: 'no, not to sweeten', is: false },
        ])}
    </div>
  )
}

/** How much of what is drained stays in the food, as a share of what went in. */
function Stays({ line, editing }: { line: Line; editing: Editing }) {
  return (
    <TypedField
      label={`Stays in the food, % of it${line.role === 'drained' ? ' (empty: none)' : ''}`}
      value={line.retained === undefined ? '' : String(Math.round(line.retained * 1000) / 10)}
      hands={editing.hands}
      read={text => {
        if (text.trim() === '') return { edits: [said(line, 'retained', null)] }
        const percent = typedNumber(text)
        return percent >= 0 && percent <= 100
          ? { edits: [said(line, 'retained', percent / 100)] }
          : { problem: 'A share of what went in: 0 to 100.' }
      }}
    />
  )
}
