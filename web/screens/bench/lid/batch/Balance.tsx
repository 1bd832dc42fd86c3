// Where the weight of a batch goes: bought, prepared, going in, finished; and its bake loss, assumed or weighed.
'use client'
import { massesOf } from '@fair-tin/core/recipe'
import { toPlaces, typedNumber, weighed } from '@fair-tin/core/words'
import { useMemo, useState } from 'react'
import type { LidProps } from '../faces'

export function Balance({ assessment, ingredients, recipe, hands, workbook }: LidProps) {
  const { total, trimmed, drained, waterLost } = useMemo(
    () => massesOf(assessment.bill, ingredients),
    [assessment.bill, ingredients],
  )
  const unknown = assessment.bill.unknown.length > 0
  const rows: [string, number, string][] = [
    ['Bought', total.bought, ''],
    ['Prepared', total.prepared, trimmed > 0.05 ? `${weighed(trimmed)} trimmed off` : ''],
    ['Goes in', total.goesIn, drained > 0.05 ? `${weighed(drained)} poured away` : ''],
    ['Finished', total.finished, waterLost > 0.05 ? `${weighed(waterLost)} left in the oven` : ''],
  ]
  return (
    <>
      <table className="w-full text-left">
        <caption className="sr-only">The batch in four weights</caption>
        <tbody>
          {rows.map(([name, grams, lost]) => (
            <tr key={name} className="border-b border-hair/60">
              <th className="py-0.5 font-normal">{name}</th>
              <td className="figure text-right font-bold">{weighed(grams)}</td>
              <td className="pl-3 text-right text-quiet">{lost}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {unknown && <p className="text-unproven">Without what has no weight: these are the least.</p>}
      <Weighed recipe={recipe} hands={hands} today={workbook.today} />
    </>
  )
}

/** Bake loss, as it is assumed or as it was weighed before the oven and after cooling. */
function Weighed({ recipe, hands, today }: Pick<LidProps, 'recipe' | 'hands'> & { today: string }) {
  const [open, setOpen] = useState(false)
  const [before, setBefore] = useState('')
  const [after, setAfter] = useState('')
  const [problem, setProblem] = useState('')
  const { bakeWeighed: known, bakeLoss } = recipe
  const keep = () => {
    const [grams, baked] = [before, after].map(typedNumber) as [number, number]
    if (!(grams > 0) || !(baked > 0)) return setProblem('Both weights are more than nothing, in grams.')
    if (baked > grams) return setProblem('It cannot weigh more after the oven than before. Were the two swapped?')
    const loss = Math.round((1 - baked / grams) * 10_000) / 10_000
    hands.onEdit(
      { kind: 'bakeWeighed', was: known ?? null, to: { grams, baked, on: today } },
      ...(loss === bakeLoss ? [] : [{ kind: 'bakeLoss' as const, was: bakeLoss ?? null, to: loss }]),
    )
    setOpen(false)
    setProblem('')
  }
  return (
    <div className="mt-1.5">
      <p>
        Bake loss:{' '}
        {bakeLoss === undefined
          ? 'not known, taken as none'
          : known
            ? `${toPlaces(bakeLoss * 100, 1)} %, weighed on ${known.on}: ${weighed(known.grams)} in, ${weighed(known.baked)} out`
            : `${toPlaces(bakeLoss * 100, 1)} %, assumed`}
        .{' '}
        <button type="button" className="word-link" onClick={() => setOpen(!open)}>
          Weigh it
        </button>
      </p>
      {open && (
        <form
          className="mt-1 flex flex-wrap items-end gap-2"
          onSubmit={event => {
            event.preventDefault()
            keep()
          }}
        >
          {(
            [
              ['Going in, g', before, setBefore],
              ['Cooled, g', after, setAfter],
            ] as const
          ).map(([label, value, set]) => (
            <label key={label} className="w-28 text-[12.5px] text-quiet">
              {label}
              <input
                className="field figure text-ink"
                inputMode="decimal"
                maxLength={10}
                value={value}
                onChange={event => set(event.target.value)}
              />
            </label>
          ))}
          <button type="submit" className="do">
            Keep the weighing
          </button>
          {problem && (
            <p role="alert" className="w-full text-breaks">
              {problem}
            </p>
          )}
        </form>
      )}
    </div>
  )
}
