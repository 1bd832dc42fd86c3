// Another flour blend: the cheapest, or the nearest to a wished-for behaviour, within limits she sets.
'use client'
import { assess } from '@fair-tin/core/assess'
import { severity } from '@fair-tin/core/claim'
import { packInForce } from '@fair-tin/core/cost'
import { type FlourWork, flourKindName, flourWorks } from '@fair-tin/core/ingredient'
import { nameOfClaim } from '@fair-tin/core/model'
import {
  type Blend,
  type BlendFlour,
  type BlendWish,
  type Bounds,
  blendEdits,
  blendFlours,
  type Dough,
} from '@fair-tin/core/recipe'
import { commaDoubt, money, percent, toPlaces, typedNumber, weighed } from '@fair-tin/core/words'
import { type Remote, wrap } from 'comlink'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { BlendWorker } from '../../../workers/blend'
import type { LidProps } from './faces'

const limits: { key: keyof Bounds; side: 'least' | 'most'; label: string; start: string }[] = [
  { key: 'starch', side: 'most', label: 'starch at most, %', start: '50' },
  { key: 'coconut', side: 'most', label: 'coconut flour at most, %', start: '25' },
  { key: 'nut', side: 'most', label: 'nut meals at most, %', start: '' },
  { key: 'lightness', side: 'least', label: 'lightness at least, of 10', start: '' },
  { key: 'binding', side: 'least', label: 'binding at least, of 10', start: '' },
  { key: 'absorbency', side: 'most', label: 'absorbency at most, of 10', start: '' },
]
const isKind = (key: keyof Bounds) => key in flourKindName

let made = 0
const newLine = () => `blend-${Date.now().toString(36)}-${made++}`

/** Which claims a flour would take from the product: a gram of it is put in and everything checked again. */
function claimsLost(
  {
    workbook,
    recipe,
    productId,
    assessment,
    market,
  }: Pick<LidProps, 'workbook' | 'recipe' | 'productId' | 'assessment' | 'market'>,
  flour: string,
): string[] {
  const line = {
    id: 'would-be',
    of: { ingredient: flour },
    amount: { value: 1, unit: 'g' as const },
    role: 'mix' as const,
  }
  const recipes = workbook.recipes.map(one =>
    one.id === recipe.id ? { ...recipe, lines: [...recipe.lines, line] } : one,
  )
  const after = assess({ ...workbook, recipes }, productId, market)
  return assessment.claims.flatMap((claim, at) =>
    severity[after.claims[at]!.verdict] > severity[claim.verdict] ? [nameOfClaim(claim.claim)] : [],
  )
}

export function BlendSolver(props: LidProps & { dough: Dough }) {
  const [open, setOpen] = useState(false)
  return open ? (
    <Solver {...props} />
  ) : (
    <button type="button" className="do" onClick={() => setOpen(true)}>
      Look for another blend
    </button>
  )
}

type Answer = { blend: Blend } | { problems: string[] } | 'looking' | null

function Solver(props: LidProps & { dough: Dough }) {
  const { ingredients, workbook, dough, assessment, recipe, onTry } = props
  const { currency } = workbook.kitchen
  const larder = useMemo(
    () =>
      blendFlours(ingredients, one => {
        const pack = packInForce(one, currency, workbook.today, workbook.kitchen.rates)
        return 'unknown' in pack ? null : Number(pack.price) / pack.grams
      }),
    [ingredients, currency, workbook.today, workbook.kitchen.rates],
  )
  // judged once, when the search first sees it: the rest of the larder may come while it is open
  const judged = useRef(new Map<string, string[]>())
  const lostOf = (id: string): string[] => {
    const known = judged.current.get(id) ?? claimsLost(props, id)
    judged.current.set(id, known)
    return known
  }
  const today = useMemo(() => new Set(dough.flours.map(one => one.ingredient)), [dough.flours])
  /** As somebody ticked or unticked it; else what is in it today, and what costs something known and no claim. */
  const [picked, setPicked] = useState<ReadonlyMap<string, boolean>>(new Map())
  const chosen = new Set(
    larder
      .filter(
        one => picked.get(one.id) ?? (today.has(one.id) || (lostOf(one.id).length === 0 && one.pricePerGram !== null)),
      )
      .map(one => one.id),
  )
  const [goal, setGoal] = useState<'nearest' | 'cheapest'>('nearest')
  const [target, setTarget] = useState<Record<string, string>>(() =>
    Object.fromEntries(flourWorks.map(key => [key, toPlaces((dough.work?.[key] ?? 0) * 10, 1)])),
  )
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    Object.fromEntries(limits.map(one => [`${one.key} ${one.side}`, one.start])),
  )
  const [each, setEach] = useState('60')
  const [few, setFew] = useState('5')
  const [answer, setAnswer] = useState<Answer>(null)
  const worker = useRef<{ remote: Remote<BlendWorker>; end: () => void } | null>(null)
  useEffect(() => () => worker.current?.end(), [])

  const number = (text: string) => (text.trim() === '' ? null : typedNumber(text))
  const wish = (): BlendWish | { problem: string } => {
    const doubt = [each, few, ...Object.values(typed), ...Object.values(target)].map(commaDoubt).find(Boolean)
    if (doubt) return { problem: doubt }
    const most = number(each)
    if (most === null || !(most > 0 && most <= 100))
      return { problem: 'The most of one flour is from above 0 to 100 %.' }
    const least = number(few)
    if (least !== null && !(least >= 0 && least <= 100))
      return { problem: 'The least of a flour that is used is from 0 to 100 %, or leave it empty.' }
    const bounds: Bounds = {}
    for (const one of limits) {
      const value = number(typed[`${one.key} ${one.side}`] ?? '')
      if (value === null) continue
      const scale = isKind(one.key) ? 100 : 10
      if (!(value >= 0 && value <= scale)) return { problem: `“${one.label}”: from 0 to ${scale}, or leave it empty.` }
      bounds[one.key] = { ...bounds[one.key], [one.side]: value / scale }
    }
    const to = Object.fromEntries(
      flourWorks.map(key => [key, (number(target[key] ?? '') ?? Number.NaN) / 10]),
    ) as unknown as FlourWork
    if (goal === 'nearest' && flourWorks.some(key => !(to[key] >= 0 && to[key] <= 1)))
      return { problem: 'Give each working as a number from 0 to 10.' }
    const flours: BlendFlour[] = larder.filter(one => chosen.has(one.id)).map(one => ({ ...one, most: most / 100 }))
    const leastUsed = least === null ? {} : { leastUsed: least / 100 }
    return { flours, bounds, ...leastUsed, goal: goal === 'cheapest' ? { kind: 'cheapest' } : { kind: 'nearest', to } }
  }
  const look = async () => {
    const wanted = wish()
    if ('problem' in wanted) return setAnswer({ problems: [wanted.problem] })
    if (!worker.current) {
      const made = new Worker(new URL('../../../workers/blend.ts', import.meta.url), { type: 'module' })
      worker.current = { remote: wrap<BlendWorker>(made), end: () => made.terminate() }
    }
    setAnswer('looking')
    try {
      setAnswer(await worker.current.remote.find(wanted))
    } catch {
      setAnswer({ problems: ['The solver did not start. Reload the page, and try again; the recipe is as it was.'] })
    }
  }
  const perKg = dough.flours.reduce<number | null>((sum, one) => {
    const price = larder.find(other => other.id === one.ingredient)?.pricePerGram
    return sum === null || price === null || price === undefined ? null : sum + one.share * price * 1000
  }, 0)
  return (
    <form
      onSubmit={event => {
        event.preventDefault()
        void look()
      }}
    >
      <fieldset className="mb-1.5 flex flex-wrap gap-x-4">
        <legend className="sr-only">What to look for</legend>
        {(
          [
            ['nearest', 'nearest to these workings'],
            ['cheapest', 'cheapest'],
          ] as const
        ).map(([value, label]) => (
          <label key={value} className="flex items-center gap-1.5 pointer-coarse:min-h-[44px]">
            <input
              type="radio"
              name="blend-goal"
              className="accent-damson"
              checked={goal === value}
              onChange={() => setGoal(value)}
            />
            {label}
          </label>
        ))}
      </fieldset>
      {goal === 'nearest' && (
        <div className="mb-1.5 grid grid-cols-4 gap-1.5">
          {flourWorks.map(key => (
            <label key={key} className="text-[12.5px] text-quiet">
              {key}
              <input
                className="field figure text-ink"
                inputMode="decimal"
                maxLength={4}
                value={target[key]}
                onChange={event => setTarget({ ...target, [key]: event.target.value })}
              />
            </label>
          ))}
        </div>
      )}
      <div className="grid grid-cols-2 gap-1.5">
        <label className="text-[12.5px] text-quiet">
          of one flour at most, %
          <input
            className="field figure text-ink"
            inputMode="decimal"
            maxLength={5}
            value={each}
            onChange={event => setEach(event.target.value)}
          />
        </label>
        <label className="text-[12.5px] text-quiet">
          of one that is used at least, %
          <input
            className="field figure text-ink"
            inputMode="decimal"
            maxLength={5}
            placeholder="any"
            value={few}
            onChange={event => setFew(event.target.value)}
          />
        </label>
        {limits.map(one => (
          <label key={`${one.key} ${one.side}`} className="text-[12.5px] text-quiet">
            {one.label}
            <input
              className="field figure text-ink"
              inputMode="decimal"
              maxLength={5}
              placeholder="no limit"
              value={typed[`${one.key} ${one.side}`]}
              onChange={event => setTyped({ ...typed, [`${one.key} ${one.side}`]: event.target.value })}
            />
          </label>
        ))}
      </div>
      <details className="my-1.5">
        <summary>
          {chosen.size} of {larder.length} flours of the larder may be in it
        </summary>
        <ul className="mt-1">
          {larder.map(one => (
            <li key={one.id}>
              <label className="flex items-start gap-1.5 pointer-coarse:min-h-[44px]">
                <input
                  type="checkbox"
                  className="mt-1 accent-damson"
                  checked={chosen.has(one.id)}
                  onChange={event => setPicked(before => new Map(before).set(one.id, event.target.checked))}
                />
                <span>
                  {one.name}
                  {one.pricePerGram === null && <span className="text-unproven"> no price</span>}
                  {lostOf(one.id).length > 0 && (
                    <span className="text-unproven"> takes {lostOf(one.id).join(', ')}</span>
                  )}
                </span>
              </label>
            </li>
          ))}
        </ul>
      </details>
      <button type="submit" className="do" disabled={answer === 'looking'}>
        {answer === 'looking' ? 'Looking …' : 'Find the blend'}
      </button>
      <div role="status">
        {answer !== null && answer !== 'looking' && 'problems' in answer && (
          <ul className="mt-1.5 text-breaks">
            {answer.problems.map(problem => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        )}
        {answer !== null && answer !== 'looking' && 'blend' in answer && (
          <Found
            blend={answer.blend}
            dough={dough}
            perKgToday={perKg}
            currency={currency}
            onTry={() => {
              const put = blendEdits(recipe, assessment.bill, ingredients, answer.blend, newLine)
              if (put) onTry(put.edits, 'another flour blend')
              else
                setAnswer({ problems: ['The flour of this recipe stands inside its parts: change the blend there.'] })
            }}
          />
        )}
      </div>
    </form>
  )
}

function Found({
  blend,
  dough,
  perKgToday,
  currency,
  onTry,
}: {
  blend: Blend
  dough: Dough
  perKgToday: number | null
  currency: string
  onTry: () => void
}) {
  return (
    <div className="mt-2 rounded-lg border-2 border-navy p-2">
      <table className="w-full text-left">
        <thead className="text-[13px] text-quiet">
          <tr className="border-b border-hair">
            <th className="font-normal">The blend</th>
            <th className="text-right font-normal">share</th>
            <th className="text-right font-normal">here</th>
          </tr>
        </thead>
        <tbody>
          {blend.shares.map(one => (
            <tr key={one.id} className="border-b border-hair/60">
              <td className="py-0.5">{one.name}</td>
              <td className="figure text-right">{percent(one.share)}</td>
              <td className="figure text-right">{weighed(one.share * dough.flour)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[13.5px]">
        {flourWorks
          .map(
            key => `${key} ${toPlaces(blend.work[key] * 10, 1)} (today ${toPlaces((dough.work?.[key] ?? 0) * 10, 1)})`,
          )
          .join(', ')}
        . A kilogram costs {blend.pricePerKg === null ? 'an unknown price' : money(blend.pricePerKg, currency)}
        {perKgToday !== null && `, today’s ${money(perKgToday, currency)}`}.
      </p>
      <button type="button" className="do do-first mt-1" onClick={onTry}>
        Try it here
      </button>
    </div>
  )
}
