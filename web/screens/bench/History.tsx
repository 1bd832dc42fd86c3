// Kept versions of the recipe: keep one, compare any two, return to one.
'use client'
import {
  allergenName,
  assess,
  bodyOf,
  type ComparedRow,
  compareAssessments,
  compareRecipes,
  type Line,
  type MarketCode,
  nameOfClaim,
  nutrientName,
  type Recipe,
  type RecipeBody,
  type RecipeEdit,
  spokenDay,
  type Workbook,
  weighed,
} from '@fair-tin/core'
import type { KeptVersion } from '@fair-tin/data'
import { type ReactNode, useEffect, useMemo, useState } from 'react'
import { toast } from 'sonner'
import { Choose } from '../../ui/Choose'
import { Modal } from '../../ui/Modal'
import { money } from '../../ui/money'
import { ask } from '../ask'

type Kept = { versions: KeptVersion[] }

const statusWord = { contains: 'contains', mayContain: 'may contain', free: 'free', unknown: 'unknown' }

export function History({
  workbook,
  recipe,
  productId,
  market,
  saved,
  onReturn,
  onClose,
}: {
  workbook: Workbook
  recipe: Recipe
  productId: string
  market: MarketCode
  /** Nothing is waiting to be saved: only then can the draft be kept. */
  saved: boolean
  onReturn: (edit: RecipeEdit) => void
  onClose: () => void
}) {
  const [versions, setVersions] = useState<KeptVersion[] | null>(null)
  const [problem, setProblem] = useState('')
  const [name, setName] = useState('')
  const [reason, setReason] = useState('')
  const [busy, setBusy] = useState(false)
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('draft')
  const address = `/api/v1/recipes/${recipe.id}/versions`

  useEffect(() => {
    let gone = false
    void ask<Kept>(address).then(said => {
      if (gone) return
      if ('problem' in said) return setProblem(said.problem)
      setVersions(said.versions)
      setFrom(before => before || String(said.versions[0]?.number ?? ''))
    })
    return () => {
      gone = true
    }
  }, [address])

  const keep = async () => {
    if (name.trim() === '') return setProblem('Give this version a name, like “spring menu” or “before the new oven”.')
    setBusy(true)
    const said = await ask<Kept>(address, { name, reason, seen: recipe.version })
    setBusy(false)
    if ('problem' in said) return setProblem(said.problem)
    setProblem('')
    setVersions(said.versions)
    setFrom(String(said.versions[0]!.number))
    setName('')
    setReason('')
    toast(`Version ${said.versions[0]!.number} is kept.`)
  }
  const bodyFor = (which: string): RecipeBody | null =>
    which === 'draft' ? bodyOf(recipe) : (versions?.find(one => String(one.number) === which)?.body ?? null)
  const left = bodyFor(from)
  const right = bodyFor(to)
  const options = [
    { value: 'draft', label: 'the draft, as it is now' },
    ...(versions ?? []).map(one => ({ value: String(one.number), label: `${one.number}: ${one.name}` })),
  ]
  return (
    <Modal
      open
      onClose={onClose}
      title={`Versions of ${recipe.name}`}
      lead="The draft changes as you work. A kept version stays as it is."
      wide
    >
      {problem && (
        <p role="alert" className="mb-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {problem}
        </p>
      )}
      <form
        className="grid grid-cols-[1fr_2fr_auto] items-end gap-2 max-sm:grid-cols-1"
        onSubmit={event => {
          event.preventDefault()
          void keep()
        }}
      >
        <label className="text-[13px] text-quiet">
          Keep the draft as
          <input
            className="field text-ink"
            value={name}
            maxLength={80}
            placeholder="spring menu"
            onChange={event => setName(event.target.value)}
          />
        </label>
        <label className="text-[13px] text-quiet">
          Why
          <input
            className="field text-ink"
            value={reason}
            maxLength={500}
            placeholder="less syrup, bakes drier"
            onChange={event => setReason(event.target.value)}
          />
        </label>
        <button type="submit" className="do do-first" disabled={busy || !saved}>
          {saved ? 'Keep this version' : 'Saving first …'}
        </button>
      </form>
      {versions === null && !problem && <p className="mt-3 text-quiet">Fetching what was kept …</p>}
      {versions?.length === 0 && (
        <p className="mt-3 text-quiet">
          Nothing is kept yet. Keep the draft before you try something: you can compare with it, and return to it.
        </p>
      )}
      {versions && versions.length > 0 && (
        <>
          <ul className="mt-3 max-h-40 overflow-auto border-y border-hair" aria-label="Kept versions">
            {versions.map(one => (
              <li
                key={one.number}
                className="flex flex-wrap items-baseline gap-x-3 border-b border-hair/60 py-1.5 last:border-0"
              >
                <b>
                  {one.number}: {one.name}
                </b>
                <span className="text-quiet">
                  {one.reason && `${one.reason} · `}
                  {one.keptBy}, {spokenDay(one.keptAt.slice(0, 10))}
                </span>
                <button
                  type="button"
                  className="word-link ml-auto"
                  onClick={() => {
                    onReturn({ kind: 'whole', was: bodyOf(recipe), to: one.body })
                    toast(`The draft is version ${one.number} again. Undo with u.`)
                  }}
                >
                  Return to {one.number}
                </button>
              </li>
            ))}
          </ul>
          <div className="mt-3 flex flex-wrap items-center gap-2">
            <span>Compare</span>
            <span className="w-56">
              <Choose label="Compare" value={from} options={options} onChange={setFrom} />
            </span>
            <span>with</span>
            <span className="w-56">
              <Choose label="With" value={to} options={options} onChange={setTo} />
            </span>
          </div>
          {left && right && (
            <Comparison
              workbook={workbook}
              recipe={recipe}
              productId={productId}
              market={market}
              left={left}
              right={right}
            />
          )}
        </>
      )}
    </Modal>
  )
}

const tone: Record<ComparedRow['kind'], string> = {
  same: 'text-quiet',
  changed: 'font-semibold',
  added: 'font-semibold text-holds',
  removed: 'font-semibold text-breaks',
}
const kindWord: Record<ComparedRow['kind'], string> = { same: '', changed: 'changed', added: 'came', removed: 'went' }

function Comparison({
  workbook,
  recipe,
  productId,
  market,
  left,
  right,
}: {
  workbook: Workbook
  recipe: Recipe
  productId: string
  market: MarketCode
  left: RecipeBody
  right: RecipeBody
}) {
  const names = useMemo(
    () => new Map([...workbook.ingredients, ...workbook.recipes].map(one => [one.id, one.name])),
    [workbook.ingredients, workbook.recipes],
  )
  const rows = useMemo(
    () =>
      compareRecipes(left, right, (of: Line['of']) => {
        const id = 'recipe' in of ? of.recipe : of.ingredient
        return names.get(id) ?? `${id}, no longer there`
      }),
    [left, right, names],
  )
  const changes = useMemo(() => {
    const judged = (body: RecipeBody) => {
      const as: Recipe = { ...body, id: recipe.id, version: recipe.version }
      const recipes = workbook.recipes.map(one => (one.id === recipe.id ? as : one))
      return assess({ ...workbook, recipes }, productId, market)
    }
    return compareAssessments(judged(left), judged(right), market)
  }, [workbook, recipe.id, recipe.version, productId, market, left, right])
  const { currency } = workbook.kitchen
  const cost = (at: 0 | 1) =>
    changes.cost.perPiece[at] === null
      ? 'not known'
      : `${changes.cost.atLeast[at] ? 'at least ' : ''}${money(changes.cost.perPiece[at]!, currency)}`
  const moved: [string, string, string][] = [
    ...changes.claims.map(
      one => [nameOfClaim(one.claim), one.before ?? '', one.after ?? ''] as [string, string, string],
    ),
    ...changes.allergens.map(
      one => [allergenName[one.allergen], statusWord[one.before], statusWord[one.after]] as [string, string, string],
    ),
    ...(cost(0) === cost(1) ? [] : [['a piece costs', cost(0), cost(1)] as [string, string, string]]),
    ...(weighed(changes.finished[0]) === weighed(changes.finished[1])
      ? []
      : [['the batch weighs', weighed(changes.finished[0]), weighed(changes.finished[1])] as [string, string, string]]),
    ...changes.nutrients.map(
      one =>
        [`${nutrientName[one.nutrient]} per 100 g`, one.before ?? 'not known', one.after ?? 'not known'] as [
          string,
          string,
          string,
        ],
    ),
  ]
  const same = rows.filter(row => row.kind === 'same').length
  const changed = rows.filter(row => row.kind !== 'same')
  return (
    <>
      <Table
        caption="What it changes, by today’s facts and prices"
        empty="Claims, allergens, cost and nutrition are the same."
      >
        {moved.map(([what, x, y]) => (
          <tr key={what} className="border-b border-hair/60">
            <td className="py-0.5 pr-3">{what}</td>
            <td className="pr-3">{x}</td>
            <td className="font-semibold">{y}</td>
          </tr>
        ))}
      </Table>
      <Table caption="Line by line" empty="Every line is the same.">
        {changed.map((row, at) => (
          <tr key={`${row.name} ${at}`} className="border-b border-hair/60 align-top">
            <td className={`py-0.5 pr-3 ${tone[row.kind]}`}>
              {row.name} <span className="text-[12.5px] font-normal text-quiet">{kindWord[row.kind]}</span>
            </td>
            <td className="pr-3">{row.before ?? ''}</td>
            <td>{row.after ?? ''}</td>
          </tr>
        ))}
      </Table>
      {changed.length > 0 && same > 0 && (
        <p className="text-[13px] text-quiet">
          {same} {same === 1 ? 'line is' : 'lines are'} the same.
        </p>
      )}
    </>
  )
}

function Table({ caption, empty, children }: { caption: string; empty: string; children: ReactNode[] }) {
  return (
    <>
      <h3 className="mt-3 text-[15px]">{caption}</h3>
      {children.length === 0 ? (
        <p className="text-quiet">{empty}</p>
      ) : (
        <table className="w-full text-left" aria-label={caption}>
          <thead className="sr-only">
            <tr>
              <th>What</th>
              <th>Before</th>
              <th>After</th>
            </tr>
          </thead>
          <tbody>{children}</tbody>
        </table>
      )}
    </>
  )
}
