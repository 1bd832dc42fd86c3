// One product: ledger on the left, lid on the right. Every number is worked out here, in the browser, by core.
'use client'
import {
  applyBenchEdits,
  assess,
  type BenchEdit,
  type ClaimCode,
  type MarketCode,
  type Product,
  type Recipe,
  refusedIn,
  rulesOf,
  swapsThatMend,
  toPlaces,
  type Workbook,
  weighed,
} from '@fair-tin/core'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { toast } from 'sonner'
import { money } from '../../ui/money'
import { isTyping } from '../frame/KeyHelp'
import { useMarket } from '../frame/market'
import { namesOf, partsOf } from '../larder/named'
import { AddLines } from './AddLines'
import { BatchSize, mostMakings } from './BatchSize'
import { History } from './History'
import { InPlace } from './InPlace'
import { Ledger } from './Ledger'
import { Lid, type LidFace, lidFaces } from './Lid'
import { ledgerOf } from './ledgerGroups'
import { Ribbon } from './Ribbon'
import { Clashes, SaveLine } from './SaveLine'
import { useBenchEdits } from './useBenchEdits'
import type { Hands } from './useTyped'

interface Props {
  /** What one product needs, and every ingredient, so that any of them can be added. */
  workbook: Workbook
  /** How new that is. */
  stamp: number
  productId: string
  market: MarketCode
}

export function Bench(props: Props) {
  const product = props.workbook.products.find(one => one.id === props.productId)!
  const recipe = props.workbook.recipes.find(one => one.id === product.recipe)
  if (recipe) return <OpenBench {...props} product={product} kept={recipe} />
  return (
    <div className="m-auto max-w-md text-center">
      <h1 className="text-2xl">{product.name} has no recipe any more.</h1>
      <p className="my-3 text-quiet">It was taken out in another window. The product is still here.</p>
      <Link href="/recipes" className="do do-first">
        Go to Recipes
      </Link>
    </div>
  )
}

function OpenBench({
  workbook: server,
  stamp,
  productId,
  market: served,
  product: servedProduct,
  kept,
}: Props & { product: Product; kept: Recipe }) {
  const market = useMarket(served)
  const router = useRouter()
  const readAgain = useCallback(() => router.refresh(), [router])
  const serving = useMemo(
    () => ({ product: servedProduct, recipe: kept, ingredients: server.ingredients, stamp }),
    [servedProduct, kept, server.ingredients, stamp],
  )
  const edits = useBenchEdits(serving, readAgain)
  const [preview, setPreview] = useState<BenchEdit[] | null>(null)
  const { product, recipe, ingredients } = useMemo(
    () => (preview ? applyBenchEdits(edits.things, preview).things : edits.things),
    [edits.things, preview],
  )
  const workbook = useMemo<Workbook>(
    () => ({
      ...server,
      products: [product],
      recipes: server.recipes.map(one => (one.id === recipe.id ? recipe : one)),
      ingredients: [...ingredients],
    }),
    [server, product, recipe, ingredients],
  )
  const { edit } = edits
  const hands = useMemo<Hands>(
    () => ({
      onPreview: setPreview,
      onEdit: (...deed) => {
        if (deed.some(next => next.kind === 'remove')) toast('Line taken out. Undo with u.')
        edit(...deed)
      },
    }),
    [edit],
  )
  const larder = useMemo(() => workbook.ingredients.map(namesOf), [workbook.ingredients])
  const parts = useMemo(() => partsOf(server.recipes, recipe.id), [server.recipes, recipe.id])
  const shelf = useMemo(
    () => [
      ...parts.map(({ id, name }) => ({ id, name, part: true })),
      ...larder.map(({ id, name }) => ({ id, name, part: false })),
    ],
    [parts, larder],
  )
  const [factor, setFactor] = useState(1)
  const [face, setFace] = useState<LidFace>('label')
  const [pointed, setPointed] = useState<string | null>(null)
  const [history, setHistory] = useState(false)
  const size = useRef<HTMLInputElement>(null)
  const assessment = useMemo(
    () => assess(workbook, productId, market, { factor }),
    [workbook, productId, market, factor],
  )
  const groups = useMemo(() => ledgerOf(assessment, workbook, recipe), [assessment, workbook, recipe])
  const swapsFor = useCallback(
    (claim: ClaimCode, line: string) => swapsThatMend(workbook, productId, market, claim, line),
    [workbook, productId, market],
  )
  const pieceName = product.pieceName ?? 'piece'
  const editAddress = `/recipes/${product.recipe}`

  const { undo, redo } = edits
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return
      const turned = lidFaces[Number(event.key) - 1]
      if (turned) setFace(turned)
      else if (event.key === 'b') size.current?.select()
      else if (event.key === '[') setFactor(now => now / 2)
      else if (event.key === ']') setFactor(now => Math.min(mostMakings, now * 2))
      else if (event.key === 'u') undo()
      else if (event.key === 'U') redo()
      else if (event.key === 'h') setHistory(true)
      else if (event.key === 'e') router.push(editAddress)
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [editAddress, router, undo, redo])

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
        <div className="mr-auto min-w-0 max-w-full">
          <h1 className="text-[27px] leading-tight break-words">
            <InPlace
              label="Name of the product"
              text={product.name}
              hands={hands}
              maxLength={200}
              className="-ml-1 text-left"
              inputClass="!h-[36px] sm:min-w-96"
              read={typed => {
                const name = typed.trim()
                const refused = refusedIn('name', name)
                if (refused) return { problem: refused }
                return {
                  edits: [
                    { kind: 'product', field: 'name', was: product.name, to: name },
                    // a recipe that goes by the product's name keeps going by it
                    ...(recipe.name === product.name ? [{ kind: 'name' as const, was: recipe.name, to: name }] : []),
                  ],
                }
              }}
            >
              {product.name}
            </InPlace>
          </h1>
          <p className="text-[13px] text-quiet">
            <SaveLine edits={edits} />
            {recipe.name !== product.name && `, ${recipe.name}`} ·{' '}
            <button type="button" className="word-link" onClick={() => setHistory(true)}>
              Versions
            </button>{' '}
            ·{' '}
            {recipe.bakeLoss === undefined
              ? 'bake loss not known, taken as none'
              : `bake loss ${Number(toPlaces(recipe.bakeLoss * 100, 1))} %`}
          </p>
        </div>
        <BatchSize factor={factor} onSize={setFactor} recipe={recipe} pieceName={pieceName} inputRef={size} />
      </div>
      <Clashes
        edits={edits}
        nameOf={line => groups.flatMap(group => group.rows).find(row => row.source?.id === line)?.name ?? 'A line'}
      />
      <div className="grid grid-cols-1 gap-3 lg:min-h-0 lg:flex-1 lg:grid-cols-[minmax(0,1.96fr)_minmax(0,1fr)]">
        <div className="pane flex min-h-0 flex-col">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Ledger">
            {recipe.lines.length === 0 && (
              <p className="p-6 text-quiet">Nothing in it yet. Add the first line below, as you would write it.</p>
            )}
            <Ledger
              groups={groups}
              assessment={assessment}
              currency={workbook.kitchen.currency}
              editing={{ recipe, factor, today: workbook.today, hands, shelf, swapsFor }}
              pointed={pointed}
            />
            <AddLines recipe={recipe} larder={larder} parts={parts} onEdit={hands.onEdit} />
            {bill.gaps
              .filter(gap => gap.kind === 'component')
              .map(gap => (
                <p key={gap.path.map(step => step.id).join('/')} className="bg-breaks-wash px-4 py-1.5">
                  <b>{gap.path.at(-1)!.name}</b> {gap.fact}. Nothing can be proven until the recipe is mended.
                </p>
              ))}
          </section>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair px-4 pt-2 pb-1.5">
            <Link href={editAddress} className="do">
              Edit the recipe
            </Link>
            {edits.canUndo && (
              <button type="button" className="word-link" onClick={undo}>
                Undo
              </button>
            )}
            {edits.canRedo && (
              <button type="button" className="word-link" onClick={redo}>
                Redo
              </button>
            )}
            {totals.map(([name, value]) => (
              <span key={name} className="whitespace-nowrap">
                {name} <b className="figure">{value}</b>
              </span>
            ))}
          </div>
          <Ribbon bill={bill} ingredients={workbook.ingredients} pointed={pointed} onPoint={setPointed} />
        </div>
        <Lid
          face={face}
          onTurn={setFace}
          assessment={assessment}
          workbook={workbook}
          product={product}
          recipe={recipe}
          ingredients={workbook.ingredients}
          productId={productId}
          pieceName={pieceName}
          rules={rulesOf(market)}
          hands={hands}
        />
      </div>
      {history && (
        <History
          workbook={workbook}
          recipe={recipe}
          productId={productId}
          market={market}
          saved={edits.pending === 0}
          onReturn={body => {
            hands.onEdit(body)
            setHistory(false)
          }}
          onClose={() => setHistory(false)}
        />
      )}
    </div>
  )
}
