// What the label warns of, and what is still to be decided: each with its causes, a decision with its reason, and the reference
// dose as an aid.
'use client'
import { byDose, type Warned, warnsOfEverything } from '@fair-tin/core/allergen'
import { allergenName, Precaution } from '@fair-tin/core/model'
import { capital, toPlaces, typedNumber } from '@fair-tin/core/words'
import { useState } from 'react'
import { VerdictMark } from '../../../ui/VerdictMark'
import type { LidProps } from './faces'
import { putField } from './productEdit'

export function Warnings({ assessment, product, hands }: Pick<LidProps, 'assessment' | 'product' | 'hands'>) {
  const { warned } = assessment.declaration
  if (warned.length === 0) return null
  const everything = warnsOfEverything(warned)
  const others = (one: Warned) => (product.precautions ?? []).filter(each => each.allergen !== one.code)
  const put = (precautions: Precaution[]) =>
    hands.onEdit(putField(product, 'precautions', precautions.length > 0 ? precautions : null))
  return (
    <section aria-label="Warnings" className="border-b border-hair py-2">
      <h2 className="text-[15px]">What may get into it</h2>
      <p className="text-[13px] text-quiet">
        A warning is no licence to be careless, and none of it makes a claim hold.
      </p>
      {everything && <p className="mt-1 text-unproven">{everything}</p>}
      <ul>
        {warned.map(one => (
          <li key={one.code} className="border-t border-hair py-1.5 first:border-0">
            <p className="flex items-center gap-2">
              <VerdictMark mark={one.open ? 'unproven' : one.says ? 'mayContain' : 'holds'} />
              <b className="first-letter:uppercase">{allergenName[one.code]}</b>{' '}
              {one.open ? 'is not decided' : one.says ? 'is warned of' : 'is not warned of'}
            </p>
            <p className="text-[13px] text-quiet">{one.because.map(capital).join('. ')}.</p>
            {one.decision && (
              <p className="text-[13px]">
                Decided: {one.decision.why}{' '}
                <button type="button" className="word-link" onClick={() => put(others(one))}>
                  Decide again
                </button>
              </p>
            )}
            {one.bySupplier ? (
              <p className="text-[13px] text-quiet">A supplier warns of it, so the label does.</p>
            ) : (
              !one.decision && (
                <Decide
                  of={one}
                  pieceGrams={product.netWeight / product.pieces}
                  onDecide={decision => put([...others(one), decision])}
                />
              )
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Decide({
  of,
  pieceGrams,
  onDecide,
}: {
  of: Warned
  pieceGrams: number
  onDecide: (decision: Precaution) => void
}) {
  const [why, setWhy] = useState('')
  const [problem, setProblem] = useState('')
  const [estimate, setEstimate] = useState('')
  const [eaten, setEaten] = useState(toPlaces(pieceGrams, 0))
  const decide = (say: boolean) => {
    const read = Precaution.safeParse({ allergen: of.code, say, over: of.over, why })
    setProblem(read.success ? '' : (read.error.issues[0]?.message ?? ''))
    if (read.success) onDecide(read.data)
  }
  const dose = estimate.trim() === '' ? null : byDose(of.code, typedNumber(estimate), typedNumber(eaten))
  const name = allergenName[of.code]
  return (
    <div className="mt-1 flex flex-col gap-1">
      <label className="text-[13px] text-quiet">
        Why, about {name}
        <input className="field text-ink" maxLength={1000} value={why} onChange={event => setWhy(event.target.value)} />
      </label>
      {problem && (
        <p role="alert" className="text-[13px] text-breaks">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="do" onClick={() => decide(true)}>
          Warn of {name}
        </button>
        <button type="button" className="do" onClick={() => decide(false)}>
          Do not warn of {name}
        </button>
      </div>
      <details className="text-[13px]">
        <summary className="text-quiet">Reckon with the reference dose</summary>
        <div className="mt-1 flex gap-2">
          <label className="flex-1 text-quiet">
            its protein got in, mg/kg
            <input
              className="field text-ink"
              inputMode="decimal"
              maxLength={10}
              value={estimate}
              onChange={event => setEstimate(event.target.value)}
            />
          </label>
          <label className="flex-1 text-quiet">
            eaten at once, g
            <input
              className="field text-ink"
              inputMode="decimal"
              maxLength={6}
              value={eaten}
              onChange={event => setEaten(event.target.value)}
            />
          </label>
        </div>
        {estimate.trim() !== '' && (
          <p role="status" className="mt-1">
            {dose === null
              ? `There is no such arithmetic for ${name} with these figures.`
              : `${dose.advises === 'warn' ? 'At or over' : 'Under'} ${toPlaces(dose.level, 1)} mg/kg: ${
                  dose.advises === 'warn' ? 'a warning is advised' : 'this method advises nothing, and proves nothing'
                }.`}
          </p>
        )}
        {dose && (
          <ul className="list-disc pl-4 text-quiet">
            {dose.assumes.map(one => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        )}
      </details>
    </div>
  )
}
