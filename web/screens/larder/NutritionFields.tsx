// What it holds in 100 g: by hand or looked up, doubted where it cannot be. Empty stays missing.
'use client'
import { mainNutrients, type NutrientCode, nutrientCodes, nutrientName } from '@fair-tin/core/model'
import { doubtsAbout } from '@fair-tin/core/nutrition'
import { typedNumber } from '@fair-tin/core/words'
import { useState } from 'react'
import { Group } from '../../ui/Group'
import type { FieldOf } from './fieldOf'
import { NutritionLookUp } from './NutritionLookUp'
import type { Sheet } from './sheet'

export function NutritionFields({
  sheet,
  put,
  field,
}: {
  sheet: Sheet
  put: (change: Partial<Sheet>) => void
  field: FieldOf
}) {
  const [looking, setLooking] = useState(false)
  const doubts = doubtsAbout((code: NutrientCode) => {
    const typed = sheet.nutrients[code]?.trim()
    const value = typed ? typedNumber(typed) : Number.NaN
    return Number.isNaN(value) ? undefined : value
  })
  return (
    <>
      <Group
        title="Nutrition per 100 g"
        note="A value left empty is missing, and stops the table; it is never taken as 0."
      >
        <div className="grid grid-cols-4 gap-2.5">
          {mainNutrients.map(code => (
            <div key={code}>
              {field(
                `nutrients.${code}`,
                sheet.nutrients[code] ?? '',
                value => put({ nutrients: { ...sheet.nutrients, [code]: value } }),
                `${nutrientName[code]}${code === 'sodiumMg' ? '' : ' (g)'}`,
              )}
            </div>
          ))}
          {field('nutrientSource', sheet.nutrientSource, nutrientSource => put({ nutrientSource }), 'Source', {
            hint: 'pack, specification …',
          })}
        </div>
        <details className="mt-2">
          <summary className="word-link min-h-[24px]">Energy, minerals, polyols and the rest</summary>
          <div className="mt-2 grid grid-cols-4 gap-2.5">
            {nutrientCodes
              .filter(code => !(mainNutrients as readonly string[]).includes(code))
              .map(code => (
                <div key={code}>
                  {field(
                    `nutrients.${code}`,
                    sheet.nutrients[code] ?? '',
                    value => put({ nutrients: { ...sheet.nutrients, [code]: value } }),
                    nutrientName[code],
                  )}
                </div>
              ))}
          </div>
        </details>
        {doubts.map(doubt => (
          <p key={doubt.message} role="status" className="mt-1 text-[13px] text-unproven">
            {doubt.message}
          </p>
        ))}
        <button type="button" className="do mt-2" onClick={() => setLooking(true)}>
          Look it up
        </button>
      </Group>
      {looking && (
        <NutritionLookUp
          name={sheet.standsFor || sheet.name}
          onClose={() => setLooking(false)}
          onTake={taken => {
            put({
              taken: { ...sheet.taken, ...taken },
              nutrients: {
                ...sheet.nutrients,
                ...Object.fromEntries(Object.entries(taken).map(([code, fact]) => [code, String(fact.value)])),
              },
            })
            setLooking(false)
          }}
        />
      )}
    </>
  )
}
