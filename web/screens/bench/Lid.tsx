// The lid: the label as it would print now, the cost, the proof, the method.
'use client'
import {
  type Assessment,
  type Ingredient,
  nameOfClaim,
  percent,
  type Recipe,
  type RulePack,
  textOf,
  toPlaces,
  weighed,
} from '@fair-tin/core'
import { Tabs } from 'radix-ui'
import { useMemo, useState } from 'react'
import { LabelSvg } from '../../label/LabelSvg'
import { layOut } from '../../label/layout'
import { Caution } from '../../ui/Caution'
import { money, moneySign } from '../../ui/money'
import { VerdictMark, verdictClass } from '../../ui/VerdictMark'
import { ReasonList } from './ReasonList'

export const lidFaces = ['label', 'cost', 'proof', 'method'] as const
export type LidFace = (typeof lidFaces)[number]
const faceName: Record<LidFace, string> = { label: 'Label', cost: 'Cost', proof: 'Proof', method: 'Method' }

interface Props {
  face: LidFace
  onTurn: (face: LidFace) => void
  assessment: Assessment
  recipe: Recipe
  ingredients: Ingredient[]
  productId: string
  pieceName: string
  rules: Pick<RulePack, 'title' | 'caution' | 'asOf'>
  onAbout: () => void
}

export function Lid(props: Props) {
  return (
    <Tabs.Root
      value={props.face}
      onValueChange={face => props.onTurn(face as LidFace)}
      className="pane flex min-h-0 flex-col"
    >
      <Tabs.List aria-label="Lid" className="flex border-b border-hair">
        {lidFaces.map((face, at) => (
          <Tabs.Trigger
            key={face}
            value={face}
            className="flex items-center gap-1.5 border-b-[3px] border-transparent px-3 py-2 outline-offset-[-3px] data-[state=active]:border-damson data-[state=active]:font-bold data-[state=active]:text-navy"
          >
            {faceName[face]}
            <kbd className="rounded border border-hair px-1 font-figure text-[11px] text-quiet max-md:hidden">
              {at + 1}
            </kbd>
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {lidFaces.map(face => (
        <Tabs.Content key={face} value={face} className="min-h-0 flex-1 overflow-auto px-4 py-3 outline-offset-[-3px]">
          {face === 'label' && <LabelFace {...props} />}
          {face === 'cost' && <CostFace {...props} />}
          {face === 'proof' && <ProofFace {...props} />}
          {face === 'method' && <MethodFace {...props} />}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  )
}

function LabelFace({ assessment, productId, rules, onAbout }: Props) {
  const { declaration } = assessment
  const laid = useMemo(() => layOut(declaration), [declaration])
  const [baked, setBaked] = useState('')
  const [lot, setLot] = useState('')
  const query = new URLSearchParams({
    ...(baked ? { baked } : {}),
    ...(lot.trim() ? { lot: lot.trim() } : {}),
  }).toString()
  const address = (kind: string) => `/products/${productId}/${kind}${query ? `?${query}` : ''}`
  return (
    <>
      {'tooMuch' in laid ? (
        <div className="rounded border-2 border-breaks bg-breaks-wash p-3">
          <p role="alert">{laid.tooMuch}</p>
          <p className="mt-2 font-bold">{declaration.name}</p>
          <p>Ingredients: {textOf(declaration.ingredients)}.</p>
        </div>
      ) : (
        <div className="border border-hair">
          <LabelSvg layout={laid} />
        </div>
      )}
      <p className="mt-1 text-[12.5px] text-quiet">
        {'tooMuch' in laid ? '' : `100 × 70 mm, small letters ${toPlaces(laid.xHeight, 2)} mm. `}
        {rules.title} rules: {rules.caution.charAt(0).toLowerCase() + rules.caution.slice(1)}
      </p>
      {declaration.problems.length > 0 ? (
        <>
          <h2 className="mt-3 text-base">Before this label can be signed</h2>
          <ul>
            {declaration.problems.map(problem => (
              <li key={problem.what} className="flex gap-2 border-b border-hair py-1.5 last:border-0">
                <span className="pt-0.5">
                  <VerdictMark mark={/ breaks\b/.test(problem.what) ? 'breaks' : 'unproven'} />
                </span>
                <span>
                  {problem.what} {problem.mend && <span className="text-quiet">{problem.mend}</span>}
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : (
        <p className="mt-3 flex gap-2">
          <VerdictMark mark="holds" /> Nothing stands between this label and a signature. Someone competent reads it
          over first.
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <label className="flex flex-col text-[13px] text-quiet">
          Baked on
          <input
            type="date"
            className="field w-[132px] text-ink"
            value={baked}
            onChange={event => setBaked(event.target.value)}
          />
        </label>
        <label className="flex flex-col text-[13px] text-quiet">
          Lot
          <input
            className="field w-24 text-ink"
            value={lot}
            maxLength={30}
            placeholder={declaration.particulars.lot}
            onChange={event => setLot(event.target.value)}
          />
        </label>
        <div className="flex gap-2">
          <a className="do do-first" href={address('label.pdf')} target="_blank" rel="noreferrer">
            Label as PDF
          </a>
          <a className="do" href={address('print')}>
            Print
          </a>
        </div>
      </div>
      <button type="button" className="word-link mt-2" onClick={onAbout}>
        Change name, claims, weight or what is highlighted
      </button>
      <Caution className="mt-3" />
    </>
  )
}

function CostFace({ assessment, ingredients, pieceName }: Props) {
  const { cost, bill, pieces } = assessment
  const byIngredient = new Map<string, { cost: number | null; grams: number }>()
  for (const line of cost.lines) {
    const before = byIngredient.get(line.ingredient)
    const add = line.cost === null ? null : Number(line.cost)
    byIngredient.set(line.ingredient, {
      cost: add === null || before?.cost === null ? null : (before?.cost ?? 0) + add,
      grams: (before?.grams ?? 0) + bill.lines[line.at]!.grams,
    })
  }
  const rows = [...byIngredient].sort(
    ([, a], [, b]) => (b.cost ?? Number.POSITIVE_INFINITY) - (a.cost ?? Number.POSITIVE_INFINITY),
  )
  const total = Number(cost.total)
  const atLeast = cost.unknown.length > 0 ? 'at least ' : ''
  return (
    <>
      <dl className="grid grid-cols-2 gap-2">
        <div>
          <dt className="text-quiet">The batch costs</dt>
          <dd className="text-lg font-bold">
            {atLeast}
            <span className="figure">{money(total, cost.currency)}</span>
          </dd>
        </div>
        <div>
          <dt className="text-quiet">A {pieceName}</dt>
          <dd className="text-lg font-bold">
            {cost.perPiece === '' ? (
              <span className="text-unproven">not known</span>
            ) : (
              <>
                {atLeast}
                <span className="figure">{money(cost.perPiece, cost.currency)}</span>
              </>
            )}
          </dd>
        </div>
      </dl>
      {cost.unknown.length > 0 && <p className="mt-1 text-unproven">Without {cost.unknown.join('; ')}.</p>}
      <p className="mt-1 text-quiet">
        Ingredients only, at the price in force and by edible share, for{' '}
        {pieces === null ? 'an unknown number of' : Number(toPlaces(pieces, 1))} pieces.
      </p>
      <table className="mt-2 w-full text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hair">
            <th className="py-1 font-normal">Ingredient</th>
            <th className="text-right font-normal">Weight</th>
            <th className="text-right font-normal">{moneySign(cost.currency)}</th>
            <th className="text-right font-normal">Share</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([id, row]) => (
            <tr key={id} className="border-b border-hair/60">
              <td className="py-0.5">{ingredients.find(one => one.id === id)?.name ?? id}</td>
              <td className="figure text-right">{weighed(row.grams)}</td>
              <td className="figure text-right">
                {row.cost === null ? <span className="text-unproven">?</span> : toPlaces(row.cost, 2)}
              </td>
              <td className="figure text-right">{row.cost === null || total === 0 ? '' : percent(row.cost / total)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}

function ProofFace({ assessment, onAbout }: Props) {
  return (
    <>
      {assessment.claims.length === 0 && <p className="text-quiet">No claims are chosen for this product yet.</p>}
      {assessment.claims.map(claim => {
        const decisive = [...claim.grounds, ...claim.kitchenGrounds].filter(
          ground => claim.verdict === 'holds' || ground.verdict === claim.verdict || ground.verdict === 'unproven',
        )
        const order = { breaks: 0, unproven: 1, mayContain: 2, holds: 3 }
        return (
          <details
            key={claim.claim}
            open={claim.verdict !== 'holds'}
            className="border-b border-hair py-2 last:border-0"
          >
            <summary className="flex items-center gap-2 font-head text-[15px] font-bold">
              <VerdictMark mark={claim.verdict} />
              {nameOfClaim(claim.claim).replace(/^./, first => first.toUpperCase())}{' '}
              <span className={verdictClass[claim.verdict]}>{claim.verdict}</span>
            </summary>
            {claim.note && <p className="text-[13px] text-quiet">{claim.note}</p>}
            <ReasonList grounds={[...decisive].sort((a, b) => order[a.verdict] - order[b.verdict])} />
          </details>
        )
      })}
      <button type="button" className="word-link mt-3" onClick={onAbout}>
        Choose claims
      </button>
      <Caution className="mt-3" />
    </>
  )
}

const whenName = { ahead: 'Ahead', bench: 'At the bench', oven: 'In the oven', after: 'After' }
function MethodFace({ recipe }: Props) {
  if (recipe.steps.length === 0)
    return <p className="text-quiet">No method is written down yet. Add it under “Edit the recipe”.</p>
  return (
    <ol className="space-y-2">
      {recipe.steps.map((step, at) => (
        <li key={`${at}-${step.text}`} className="border-b border-hair pb-2 last:border-0">
          <span className="block text-[12.5px] text-quiet">
            {whenName[step.when]}
            {step.celsius !== undefined && ` · ${step.celsius} °C${step.fan ? ' fan' : ''}`}
            {step.minutes &&
              ` · ${step.minutes.firstLook ? `first look at ${step.minutes.firstLook} min, ` : ''}${step.minutes.from}${step.minutes.to ? `–${step.minutes.to}` : ''} min`}
            {step.coreCelsius !== undefined && ` · core ${step.coreCelsius} °C`}
          </span>
          {step.text}
        </li>
      ))}
    </ol>
  )
}
