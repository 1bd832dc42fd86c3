// One product: ledger on the left, lid on the right. Every number is worked out here, in the browser, by core.
'use client'
import { assess, type MarketCode, rulesOf, toPlaces, type Workbook, weighed } from '@fair-tin/core'
import Link from 'next/link'
import { useEffect, useMemo, useRef, useState } from 'react'
import { money } from '../../ui/money'
import { isTyping } from '../frame/KeyHelp'
import { AboutProduct } from './AboutProduct'
import { BatchSize, mostMakings } from './BatchSize'
import { Ledger } from './Ledger'
import { Lid, type LidFace, lidFaces } from './Lid'
import { ledgerOf } from './ledger'

export function Bench({ workbook, productId, market }: { workbook: Workbook; productId: string; market: MarketCode }) {
  const [factor, setFactor] = useState(1)
  const [face, setFace] = useState<LidFace>('label')
  const [about, setAbout] = useState(false)
  const size = useRef<HTMLInputElement>(null)
  const product = workbook.products.find(one => one.id === productId)!
  const recipe = workbook.recipes.find(one => one.id === product.recipe)
  const assessment = useMemo(
    () => assess(workbook, productId, market, { factor }),
    [workbook, productId, market, factor],
  )
  const groups = useMemo(() => (recipe ? ledgerOf(assessment, workbook, recipe) : []), [assessment, workbook, recipe])
  const rules = rulesOf(market)
  const pieceName = product.pieceName ?? 'piece'
  const editAddress = `/recipes/${product.recipe}`

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return
      const turned = lidFaces[Number(event.key) - 1]
      if (turned) setFace(turned)
      else if (event.key === 'b') size.current?.select()
      else if (event.key === '[') setFactor(now => now / 2)
      else if (event.key === ']') setFactor(now => Math.min(mostMakings, now * 2))
      else if (event.key === 'e') window.location.assign(editAddress)
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [editAddress])

  if (!recipe)
    return (
      <div className="m-auto max-w-md text-center">
        <h1 className="text-2xl">{product.name} has no recipe any more.</h1>
        <p className="my-3 text-quiet">It was taken out in another window. The product is still here.</p>
        <Link href="/recipes" className="do do-first">
          Go to Recipes
        </Link>
      </div>
    )
  const { bill, cost, pieces } = assessment
  const exact = bill.unknown.length === 0 ? '' : 'at least '
  const totals: [string, string][] = [
    ['In the bowl', exact + weighed(bill.ingoing)],
    ...(recipe.tins && recipe.tins > 0
      ? ([['Per tin', exact + weighed((bill.ingoing - bill.drained) / (recipe.tins * factor))]] as [string, string][])
      : []),
    ['Oven takes', weighed(bill.waterLost)],
    ...(bill.drained > 0 ? ([['Drained off', weighed(bill.drained)]] as [string, string][]) : []),
    ...(pieces === null || recipe.pieces === undefined
      ? []
      : ([[`A ${pieceName}`, exact + weighed(bill.finished / pieces)]] as [string, string][])),
    ...(cost.perPiece === ''
      ? []
      : ([['costs', `${cost.unknown.length > 0 ? 'at least ' : ''}${money(cost.perPiece, cost.currency)}`]] as [
          string,
          string,
        ][])),
  ]
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-auto lg:overflow-hidden">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="mr-auto min-w-0">
          <h1 className="text-[27px] leading-tight break-words">{product.name}</h1>
          <p className="text-[13px] text-quiet">
            Recipe version {recipe.version}
            {recipe.name !== product.name && `, ${recipe.name}`} ·{' '}
            {recipe.bakeLoss === undefined
              ? 'bake loss not known, taken as none'
              : `bake loss ${Number(toPlaces(recipe.bakeLoss * 100, 1))} %`}
          </p>
        </div>
        <BatchSize
          factor={factor}
          onSize={setFactor}
          piecesOfOne={recipe.pieces ?? null}
          pieceName={pieceName}
          inputRef={size}
        />
      </div>
      <div className="grid grid-cols-1 gap-3 lg:min-h-0 lg:flex-1 lg:grid-cols-[minmax(0,1.96fr)_minmax(0,1fr)]">
        <div className="pane flex min-h-0 flex-col">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Ledger">
            {bill.lines.length === 0 && (
              <p className="p-6 text-quiet">
                Nothing in it yet.{' '}
                <Link href={editAddress} className="word-link">
                  Add the first line
                </Link>
                .
              </p>
            )}
            <Ledger groups={groups} assessment={assessment} currency={workbook.kitchen.currency} />
            {bill.gaps
              .filter(gap => gap.kind === 'component')
              .map(gap => (
                <p key={gap.path.map(step => step.id).join('/')} className="bg-breaks-wash px-4 py-1.5">
                  <b>{gap.path.at(-1)!.name}</b> {gap.fact}. Nothing can be proven until the recipe is mended.
                </p>
              ))}
          </section>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair px-4 py-2">
            <Link href={editAddress} className="do">
              Edit the recipe
            </Link>
            {totals.map(([name, value]) => (
              <span key={name} className="whitespace-nowrap">
                {name} <b className="figure">{value}</b>
              </span>
            ))}
          </div>
        </div>
        <Lid
          face={face}
          onTurn={setFace}
          assessment={assessment}
          recipe={recipe}
          ingredients={workbook.ingredients}
          productId={productId}
          pieceName={pieceName}
          rules={rules}
          onAbout={() => setAbout(true)}
        />
      </div>
      {about && <AboutProduct product={product} workbook={workbook} onClose={() => setAbout(false)} />}
    </div>
  )
}
