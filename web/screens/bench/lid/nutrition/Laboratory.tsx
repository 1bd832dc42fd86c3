// What laboratories found, beside what is worked out; and which of the two the label goes by.
'use client'
import { acceptable } from '@fair-tin/core/market'
import { LabResult, mainNutrients, type NutrientCode, nutrientCodes, nutrientName } from '@fair-tin/core/model'
import { goneSince, newSince, nutritionOf } from '@fair-tin/core/nutrition'
import { commaDoubt, fullList, spokenDay, toPlaces, typedNumber } from '@fair-tin/core/words'
import { useState } from 'react'
import { v4 } from 'uuid'
import { DayField } from '../../../../ui/DayField'
import { FacePart } from '../FacePart'
import type { LidProps } from '../faces'
import { putField } from '../productEdit'

type Props = Pick<LidProps, 'assessment' | 'workbook' | 'product' | 'rules' | 'hands'>

export function Laboratory({ assessment, workbook, product, rules, hands }: Props) {
  const results = product.laboratory ?? []
  const put = (all: LabResult[]) => hands.onEdit(putField(product, 'laboratory', all.length > 0 ? all : null))
  const { per100g } = nutritionOf(assessment.bill, workbook, rules, null)
  const food = [...new Set(assessment.bill.lines.flatMap(line => (line.role === 'beside' ? [] : [line.ingredient])))]
  return (
    <FacePart title="From a laboratory">
      {results.length === 0 && (
        <p className="text-[13.5px] text-quiet">
          No report yet. One stands beside what is worked out, and the label goes by it only where you say so.
        </p>
      )}
      <ul>
        {results.map(one => {
          const other = [...newSince(one, assessment.bill, workbook), ...goneSince(one, assessment.bill, workbook)]
          return (
            <li key={one.id} className="border-b border-hair py-1.5">
              <p>
                <b className="font-semibold">{one.reference}</b>{' '}
                <span className="text-quiet">
                  {one.laboratory}, {spokenDay(one.on)}
                </span>
                {one.used && other.length === 0 && (
                  <span className="ml-2 font-bold text-holds">the label goes by it</span>
                )}
              </p>
              {other.length > 0 && (
                <p className="text-[13px] text-unproven">
                  The food in it was made of other things: {fullList(other)}. Its figures are not used.
                </p>
              )}
              <table className="text-[13.5px]">
                <thead>
                  <tr className="text-left text-quiet">
                    <th scope="col" className="pr-3 font-normal">
                      per 100 g
                    </th>
                    <th scope="col" className="pr-3 text-right font-normal">
                      found
                    </th>
                    <th scope="col" className="pr-3 text-right font-normal">
                      worked out
                    </th>
                    <td />
                    {one.used && (
                      <th scope="col" className="pr-3 text-center font-normal">
                        goes by
                      </th>
                    )}
                  </tr>
                </thead>
                <tbody>
                  {nutrientCodes.map(code => {
                    const found = one.values[code]
                    if (found === undefined) return null
                    const reckoned = per100g[code]?.value
                    return (
                      <tr key={code}>
                        <th scope="row" className="pr-3 text-left font-normal">
                          {nutrientName[code]}
                        </th>
                        <td className="figure pr-3 text-right">{toPlaces(found, 1)}</td>
                        <td className="figure pr-3 text-right">
                          {reckoned === undefined ? 'not known' : toPlaces(reckoned, 1)}
                        </td>
                        <td className="text-unproven">
                          {reckoned !== undefined && isFar(code, reckoned, found, rules)}
                        </td>
                        {one.used && (
                          <td className="pr-3">
                            {code === 'energyKj' || code === 'energyKcal' ? (
                              <span className="text-quiet">the others</span>
                            ) : (
                              <select
                                className="field !min-h-[26px] !w-auto !py-0 pointer-coarse:!min-h-[44px]"
                                aria-label={`${nutrientName[code]}: the label goes by`}
                                value={one.notUsed?.includes(code) ? 'worked' : 'found'}
                                onChange={event =>
                                  put(
                                    results.map(each =>
                                      each === one ? goingBy(one, code, event.target.value === 'found') : each,
                                    ),
                                  )
                                }
                              >
                                <option value="found">found</option>
                                <option value="worked">worked out</option>
                              </select>
                            )}
                          </td>
                        )}
                      </tr>
                    )
                  })}
                </tbody>
              </table>
              <p className="flex flex-wrap gap-x-3">
                <button
                  type="button"
                  className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
                  onClick={() => put(results.map(each => (each === one ? { ...one, used: !one.used } : each)))}
                >
                  {one.used ? 'Go by what is worked out' : 'Let the label go by it'}
                </button>
                <button
                  type="button"
                  className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
                  onClick={() => put(results.filter(each => each !== one))}
                >
                  Take it out
                </button>
              </p>
            </li>
          )
        })}
      </ul>
      <NewResult onKeep={one => put([...results, { ...one, of: food }])} />
    </FacePart>
  )
}

/** The result with one of its figures counting, or left to what is worked out. */
function goingBy({ notUsed = [], ...one }: LabResult, code: NutrientCode, found: boolean): LabResult {
  const left = [...notUsed.filter(other => other !== code), ...(found ? [] : [code])]
  return left.length > 0 ? { ...one, notUsed: left } : one
}

/** Said where what is worked out would be found wrong: then one of the two is of another food. */
function isFar(code: NutrientCode, reckoned: number, found: number, rules: Props['rules']): string {
  const salt = code === 'sodiumMg' && rules.table.rows.some(row => row.nutrient === 'salt')
  const may = salt ? acceptable(rules, 'salt', reckoned * 0.0025) : acceptable(rules, code, reckoned)
  const value = salt ? found * 0.0025 : found
  return may && ((may.low !== null && value < may.low) || (may.high !== null && value > may.high))
    ? 'further apart than is allowed: is it the same food?'
    : ''
}

function NewResult({ onKeep }: { onKeep: (one: LabResult) => void }) {
  const blank = { on: '', laboratory: '', reference: '', values: {} as Partial<Record<NutrientCode, string>> }
  const [typed, setTyped] = useState(blank)
  const [problem, setProblem] = useState('')
  const set = (change: Partial<typeof blank>) => setTyped(before => ({ ...before, ...change }))
  const keep = () => {
    const filled = Object.entries(typed.values).filter(([, text]) => text.trim() !== '')
    const read = LabResult.safeParse({
      id: v4(),
      on: typed.on,
      laboratory: typed.laboratory,
      reference: typed.reference,
      values: Object.fromEntries(filled.map(([code, text]) => [code, typedNumber(text)])),
      of: [],
      used: false,
    })
    const doubt = filled.map(([, text]) => commaDoubt(text)).find(Boolean)
    const wrong = !typed.on
      ? 'Say of which day the report is.'
      : filled.length === 0
        ? 'Enter at least one figure.'
        : doubt
          ? doubt
          : read.success
            ? ''
            : nameOfWrong(read.error.issues[0])
    setProblem(wrong)
    if (wrong || !read.success) return
    onKeep(read.data)
    setTyped(blank)
  }
  return (
    <details className="mt-1">
      <summary className="word-link">Enter a report</summary>
      <div className="mt-1 grid grid-cols-2 items-end gap-2">
        <label className="text-[13px] text-quiet">
          Laboratory
          <input
            className="field text-ink"
            maxLength={200}
            value={typed.laboratory}
            onChange={event => set({ laboratory: event.target.value })}
          />
        </label>
        <label className="text-[13px] text-quiet">
          Number of the report
          <input
            className="field text-ink"
            maxLength={200}
            value={typed.reference}
            onChange={event => set({ reference: event.target.value })}
          />
        </label>
        <DayField label="Report of" value={typed.on} onChange={on => set({ on })} />
        <span className="pb-2 text-[13px] text-quiet">per 100 g of the food as sold:</span>
        {mainNutrients.map(code => (
          <label key={code} className="text-[13px] text-quiet first-letter:uppercase">
            {nutrientName[code]}
            {code.endsWith('Mg') ? '' : ', g'}
            <input
              className="field figure text-ink"
              inputMode="decimal"
              maxLength={12}
              value={typed.values[code] ?? ''}
              onChange={event => set({ values: { ...typed.values, [code]: event.target.value } })}
            />
          </label>
        ))}
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-breaks">
          {problem}
        </p>
      )}
      <button type="button" className="do mt-2" onClick={keep}>
        Keep the report
      </button>
    </details>
  )
}

/** "Fat: give a number, or nothing." */
function nameOfWrong(issue: { path: PropertyKey[]; message: string } | undefined): string {
  const code = issue?.path[0] === 'values' ? (issue.path[1] as NutrientCode) : null
  return code ? `${nutrientName[code]}: ${issue!.message}` : (issue?.message ?? '')
}
