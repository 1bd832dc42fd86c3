// The lid's method: what starts first, the steps in order with their times and heat, the time in other tins.
'use client'
import { dials } from '@fair-tin/core/measure'
import type { Step } from '@fair-tin/core/model'
import { aheadOf, doneTestWarning, isMoist, type OpenFood, openFact, openFoodIn } from '@fair-tin/core/recipe'
import { capital } from '@fair-tin/core/words'
import { useEffect, useMemo, useRef, useState } from 'react'
import { lasting } from '../../../ui/lasting'
import { fillingsOf } from '../size/batch'
import { FacePart } from './FacePart'
import type { LidProps } from './faces'

const whenName = { ahead: 'Ahead', bench: 'At the bench', oven: 'In the oven', after: 'After' }

export function MethodFace({ recipe, workbook, batch, assessment, hands }: LidProps) {
  const ahead = useMemo(
    () =>
      aheadOf(
        workbook.recipes.map(one => (one.id === recipe.id ? recipe : one)),
        recipe.id,
        id => workbook.ingredients.find(one => one.id === id)?.name ?? id,
      ),
    [workbook.recipes, workbook.ingredients, recipe],
  )
  const spoken = useMemo(() => openFoodIn(recipe, workbook).filter(one => one.where === 'step'), [recipe, workbook])
  const fillings = useMemo(() => fillingsOf(batch, recipe, assessment.bill), [batch, recipe, assessment.bill])
  const moist = useMemo(() => isMoist(assessment.bill, workbook.ingredients), [assessment.bill, workbook.ingredients])
  return (
    <>
      {ahead.length > 0 && (
        <FacePart title="Start these first">
          <ul>
            {ahead.map(one => (
              <li
                key={`${one.part} ${one.what}`}
                className="grid grid-cols-[4.5rem_1fr] border-b border-hair/60 py-0.5 last:border-0"
              >
                <span className="figure text-quiet">{one.minutes === null ? '' : lasting(one.minutes)}</span>
                <span>
                  {one.what}
                  {one.part && <span className="text-quiet"> {one.part}</span>}
                </span>
              </li>
            ))}
          </ul>
        </FacePart>
      )}
      <Steps steps={recipe.steps} moist={moist} spoken={spoken} />
      <Notes notes={recipe.notes ?? ''} hands={hands} />
      {batch.into && fillings.some(one => one.firstLook) && (
        <FacePart title="In these tins">
          {fillings.map(
            one =>
              one.firstLook && (
                <p key={one.name}>
                  {one.count} × {one.name}: first look after about <b className="figure">{one.firstLook.minutes} min</b>
                  . <span className="text-[13px] text-quiet">{one.firstLook.basis}</span>
                </p>
              ),
          )}
        </FacePart>
      )}
      <p className="mt-3 text-[13px] text-quiet">
        <a href={`/recipes/${recipe.id}/recipe.json`} download className="underline">
          Save the recipe as a file
        </a>{' '}
        that other programs read (schema.org, JSON-LD), or{' '}
        <a href={`/recipes/${recipe.id}/recipe.json?form=own`} download className="underline">
          as a Fair Tin file
        </a>
        . Either brings the whole recipe back, parts and all. Proof, prices and claims stay here.
      </p>
    </>
  )
}

/** Every key is kept; another window's notes, or an undo, are shown. */
function Notes({ notes, hands }: { notes: string } & Pick<LidProps, 'hands'>) {
  const [typed, setTyped] = useState(notes)
  const here = useRef(notes)
  useEffect(() => {
    if (notes === here.current) return
    here.current = notes
    setTyped(notes)
  }, [notes])
  const keep = (text: string) => {
    setTyped(text)
    const to = text.trim()
    if (to === here.current) return
    hands.onEdit({ kind: 'notes', was: here.current || null, to: to || null })
    here.current = to
  }
  return (
    <FacePart title="Notes">
      <textarea
        aria-label="Notes"
        className="field min-h-20 w-full text-[14px] leading-relaxed"
        placeholder="What to remember next time"
        value={typed}
        maxLength={20_000}
        dir="auto"
        onChange={event => keep(event.target.value)}
      />
    </FacePart>
  )
}

function Steps({ steps, moist, spoken }: { steps: readonly Step[]; moist: boolean; spoken: readonly OpenFood[] }) {
  if (steps.length === 0)
    return <p className="text-quiet">No method is written down yet. Add it under “Edit the recipe”.</p>
  return (
    <ol className="space-y-2 py-2">
      {steps.map((step, at) => {
        const warning = doneTestWarning(step, moist)
        const heat = step.celsius === undefined ? null : dials(step.celsius, step.fan)
        return (
          <li key={`${at}-${step.text}`} className="border-b border-hair pb-2 last:border-0">
            <span className="block text-[12.5px] text-quiet">
              {whenName[step.when]}
              {heat &&
                ` · ${heat.still} °C, fan ${heat.fan} °C, ${heat.fahrenheit} °F${heat.gas ? `, gas ${heat.gas}` : ''}`}
              {step.minutes &&
                ` · ${step.minutes.firstLook ? `first look at ${step.minutes.firstLook} min, ` : ''}${lasting(step.minutes.from)}${step.minutes.to ? ` to ${lasting(step.minutes.to)}` : ''}`}
              {step.minutes?.turnAt !== undefined && `, turn at ${step.minutes.turnAt} min`}
              {step.coreCelsius !== undefined && ` · core ${step.coreCelsius} °C`}
            </span>
            {step.text}
            {warning && <span className="block text-unproven">{warning}</span>}
            {spoken
              .filter(one => one.at === at)
              .map(one => (
                <span key={one.word} className="block text-unproven">
                  {capital(openFact(one))}.
                </span>
              ))}
          </li>
        )
      })}
    </ol>
  )
}
