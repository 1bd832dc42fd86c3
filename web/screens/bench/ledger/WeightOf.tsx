// What a cup, a spoon or a piece of something weighs, asked for where the weight is missing: her own weighing, kept at once.
'use client'
import { millilitresOf, readAmount } from '@fair-tin/core/measure'
import type { Ingredient, Line, Measure, Recipe } from '@fair-tin/core/model'
import { writtenAmount } from '@fair-tin/core/recipe'
import { commaDoubt, toPlaces } from '@fair-tin/core/words'
import Link from 'next/link'
import { type RefObject, useState } from 'react'
import { AtAnchor } from '../../../ui/AtAnchor'
import type { Hands } from '../typed/useTyped'

export interface Unweighed {
  ingredient: Ingredient
  line: Line
  why: string
}

/** The measures with this weighing added: `grams` of one `unit` of the thing, in the line's form. Null where the unit is no measure. */
export function withWeighing(
  measures: readonly Measure[],
  line: Pick<Line, 'amount' | 'form'>,
  grams: number,
  recipe: Pick<Recipe, 'cup' | 'spoon'>,
): Measure[] | null {
  if (line.amount === null || !(grams > 0)) return null
  const form = line.form === undefined ? {} : { form: line.form }
  const ml = millilitresOf(line.amount.unit, recipe)
  if (ml !== null) return [...measures, { ...form, gramsPerMl: grams / ml }]
  return line.amount.unit === 'each'
    ? [...measures, { ...form, each: { [line.amount.size ?? 'medium']: grams } }]
    : null
}

export function WeightOf({
  missing,
  recipe,
  anchor,
  hands,
  onClose,
}: {
  missing: Unweighed | null
  recipe: Recipe
  anchor: RefObject<HTMLElement>
  hands: Hands
  onClose: () => void
}) {
  const close = () => {
    hands.onPreview(null)
    onClose()
  }
  return (
    <AtAnchor
      open={missing !== null}
      label={`Weight of ${missing?.ingredient.name ?? ''}`}
      anchor={anchor}
      onClose={close}
    >
      {missing && <WeightForm key={missing.line.id} missing={missing} recipe={recipe} hands={hands} onClose={close} />}
    </AtAnchor>
  )
}

function WeightForm({
  missing,
  recipe,
  hands,
  onClose,
}: {
  missing: Unweighed
  recipe: Recipe
  hands: Hands
  onClose: () => void
}) {
  const { ingredient, line, why } = missing
  // the ingredient itself carries the preview while typing: what stood there before is kept aside
  const [was] = useState(ingredient.measures)
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const amount = line.amount
  const asked = amount && (amount.unit === 'each' || millilitresOf(amount.unit, recipe) !== null)
  const one = amount && writtenAmount({ unit: amount.unit, value: 1, ...(amount.size ? { size: amount.size } : {}) })
  const editOf = (text: string) => {
    if (commaDoubt(text)) return null
    const read = readAmount(`${text} g`.replace(/\s*g\s+g$/, ' g'))
    const grams = read && read.amount.unit === 'g' && read.rest.trim() === '' ? read.amount.value : Number.NaN
    const to = grams <= 100_000 ? withWeighing(was, line, grams, recipe) : null
    return to && { kind: 'measures' as const, ingredient: ingredient.id, was, to }
  }
  const type = (text: string) => {
    setTyped(text)
    const edit = editOf(text)
    setProblem(edit || text.trim() === '' ? '' : commaDoubt(text) || 'Type a weight in grams, more than nothing.')
    hands.onPreview(edit ? [edit] : null)
  }
  const keep = () => {
    const edit = editOf(typed)
    if (!edit) return setProblem(commaDoubt(typed) || 'Type a weight in grams, more than nothing.')
    hands.onEdit(edit)
    onClose()
  }
  return (
    <form
      onSubmit={event => {
        event.preventDefault()
        keep()
      }}
    >
      <p className="font-head font-bold">{ingredient.name}</p>
      <p className="text-[13px] text-quiet">{why.replace(/^./, first => first.toUpperCase())}.</p>
      {asked ? (
        <>
          <label className="mt-1.5 block text-[13px] text-quiet">
            {one}
            {line.form ? ` (${line.form})` : ''} of it weighs, g
            <input
              // biome-ignore lint/a11y/noAutofocus: it was just opened to be filled in
              autoFocus
              className="field figure block max-w-32 text-ink"
              inputMode="decimal"
              maxLength={10}
              value={typed}
              aria-invalid={problem !== '' || undefined}
              onChange={event => type(event.target.value)}
            />
          </label>
          {problem && (
            <p role="alert" className="text-[13px] text-breaks">
              {problem}
            </p>
          )}
          <button type="submit" className="do do-first mt-2">
            Keep this weight
          </button>
          <p className="mt-2 text-[12.5px] text-quiet">
            {amount.value !== 1 && typed && !problem && `${toPlaces(amount.value, 2)} of them stand in the line. `}
            It goes for every recipe that uses it. Weigh it more than once on its{' '}
            <Link className="word-link" href={`/larder/${ingredient.id}`}>
              sheet
            </Link>
            .
          </p>
        </>
      ) : (
        <p className="mt-1.5">Write an amount in its line: a weight, a measure or a number of pieces.</p>
      )}
    </form>
  )
}
