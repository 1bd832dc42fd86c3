// The lid's nutrition: how sure each figure of the table is, how likely a laboratory finds it wrong, what to know better first, and
// what laboratories found.
'use client'
import type { RowSpread } from '@fair-tin/core/nutrition'
import { useState } from 'react'
import { FacePart } from '../FacePart'
import type { LidProps } from '../faces'
import { Laboratory } from './Laboratory'
import { SureTable } from './SureTable'
import { Swings } from './Swings'
import { useHowSure } from './useHowSure'

export function NutritionFace(props: LidProps) {
  const { assessment, workbook, productId, market, rules } = props
  const { answer, state, drawn } = useHowSure(workbook, productId, market)
  const [chosen, setChosen] = useState<RowSpread['nutrient'] | null>(null)
  const { table } = assessment.declaration
  const rows = answer?.rows ?? []
  // what is likeliest to be found wrong is asked about first
  const likeliest = [...rows].sort((a, b) => wrongOf(b) - wrongOf(a))[0]?.nutrient ?? null
  const row = rows.find(one => one.nutrient === (chosen ?? likeliest))
  return (
    <>
      <FacePart title="How sure the table is">
        <p role="status" className="text-[13.5px] text-quiet">
          {state === 'failed'
            ? 'The reckoning did not come to an end. Reload the page and try again.'
            : state === 'drawing'
              ? `Making it up ${drawn > 0 ? `${drawn.toLocaleString('en-GB')} times of ` : ''}10,000 …`
              : answer
                ? `Made up ${answer.draws.toLocaleString('en-GB')} times, each thing somewhere between its ends, per ${answer.per === 100 ? '100 g' : `serving of ${Math.round(answer.per)} g`}.`
                : 'There is no table yet, so nothing to be sure of.'}
        </p>
        {state === 'there' && !answer && 'missing' in table && (
          <ul className="list-disc pl-4">
            {table.missing.map(one => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        )}
        {row && <SureTable rows={rows} chosen={row.nutrient} onChoose={setChosen} rules={rules} />}
      </FacePart>
      {row && (
        <FacePart title={`What to know better first: ${row.label.toLowerCase().replace(/^of which |^– /, '')}`}>
          <Swings row={row} swings={answer!.swings[row.nutrient] ?? []} />
        </FacePart>
      )}
      <Laboratory {...props} />
      <p className="text-[13px] text-quiet">
        Worked out from what was entered, by assumptions that are named. Not a laboratory’s word.
      </p>
    </>
  )
}

const wrongOf = ({ wrong }: RowSpread): number => (wrong ? wrong.under + wrong.over : -1)
