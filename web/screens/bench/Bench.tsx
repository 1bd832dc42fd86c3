// One product, or one part: ledger on the left, lid on the right. Every number is worked out here, in the browser, by core.
'use client'
import { assess, checkAlternatives, sizedTo, swapsThatMend } from '@fair-tin/core/assess'
import { applyBenchEdits, type BenchEdit } from '@fair-tin/core/edit'
import { rulesOf } from '@fair-tin/core/market'
import {
  type ClaimCode,
  damageOf,
  type Line,
  type MarketCode,
  type Product,
  partKey,
  type Recipe,
  type Workbook,
} from '@fair-tin/core/model'
import { billOf, circleFact, circleThrough, mostMakings } from '@fair-tin/core/recipe'
import type { Order } from '@fair-tin/data'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { DamagedThing } from '../damaged/DamagedThing'
import { useMarket } from '../frame/market'
import { namesOf, partsOf } from '../larder/named'
import { BenchTitle } from './BenchTitle'
import type { Editing } from './ledger/editing'
import { LedgerPane } from './ledger/LedgerPane'
import { ledgerOf } from './ledger/ledgerGroups'
import { facesOfOneMaking, type LidFace, partFaces, productFaces } from './lid/faces'
import { Lid } from './lid/Lid'
import { Asides, Clashes } from './saving/SaveLine'
import { BatchSize } from './size/BatchSize'
import { batchFor, fillingsOf, oneMaking } from './size/batch'
import { SizeBy } from './size/SizeBy'
import { Totals } from './size/Totals'
import { History } from './trial/History'
import { TrialBar } from './trial/TrialBar'
import { Trials } from './trial/Trials'
import { useBenchKeys } from './useBenchKeys'
import { useOnBench } from './useOnBench'
import { Ribbon } from './verdict/Ribbon'

interface Props {
  /** What this one product rests on; the rest of the books is read once the bench stands. */
  workbook: Workbook
  /** How new that is. */
  stamp: number
  /** Grams of parts on the shelf, and what is ordered from today on. */
  stock: Record<string, number>
  orders: Order[]
  /** Pieces to size the batch for at first; null for one making. */
  pieces: number | null
  /** The face of the lid that is open at first; the label where it is none of them. */
  lid: string
  /** Alike as long as nothing changes that stands here, but the product and its recipe themselves. */
  rests: string
  product: Product
  market: MarketCode
  /** Who is at the bench, by name; empty while nobody is. */
  person: string
  /** May whoever is here see what things cost? */
  seesPrices: boolean
  /** Of a part: the products it goes into. */
  goesInto?: Product[]
}

export function Bench(props: Props) {
  const { product } = props
  const recipe = props.workbook.recipes.find(one => one.id === product.recipe)
  if (recipe) return <OpenBench {...props} kept={recipe} />
  const damage = damageOf(props.workbook, 'recipe', product.recipe)
  if (damage) return <DamagedThing damage={damage} />
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
  workbook: served,
  stamp,
  stock: servedStock,
  orders,
  pieces: wanted,
  lid,
  rests,
  market: servedMarket,
  person,
  seesPrices,
  product: servedProduct,
  kept,
  goesInto,
}: Props & { kept: Recipe }) {
  const productId = servedProduct.id
  const market = useMarket(servedMarket)
  const router = useRouter()
  const on = useOnBench({ served, stamp, rests, product: servedProduct, kept, part: goesInto !== undefined })
  const { edits, trying, inForce, product, recipe, workbook, atFirst, hands, onTry, books, trouble } = on
  const { trial, start: startTrial, undo: undoTrial } = trying
  const refuse = useCallback(
    (of: Line['of']) => {
      const chain = 'recipe' in of ? circleThrough(workbook.recipes, recipe.id, partKey(of)) : null
      return chain && circleFact(chain)
    },
    [workbook.recipes, recipe.id],
  )
  const larder = useMemo(() => workbook.ingredients.map(namesOf), [workbook.ingredients])
  const parts = useMemo(() => partsOf(on.recipes, recipe.id), [on.recipes, recipe.id])
  // the recipe itself too: whoever writes it into itself is told why not
  const allParts = useMemo(() => partsOf(on.recipes), [on.recipes])
  const shelf = useMemo(
    () => [
      ...parts.map(({ id, name }) => ({ id, name, part: true })),
      ...larder.map(({ id, name }) => ({ id, name, part: false })),
    ],
    [parts, larder],
  )
  const [batch, setBatch] = useState(() => {
    const asked = wanted === null ? null : batchFor({ pieces: wanted }, kept, workbook)
    return asked === null || 'problem' in asked ? oneMaking : asked
  })
  const { factor } = batch
  const setFactor = useCallback(
    (next: number | ((now: number) => number)) =>
      setBatch(now => ({ ...oneMaking, rule: now.rule, factor: typeof next === 'function' ? next(now.factor) : next })),
    [],
  )
  const [stock, setStock] = useState(servedStock)
  useEffect(() => setStock(servedStock), [servedStock])
  const [trials, setTrials] = useState(false)
  const lidFaces = goesInto ? partFaces : productFaces
  const [face, setFace] = useState<LidFace>(() => lidFaces.find(one => one === lid) ?? lidFaces[0]!)
  const [pointed, setPointed] = useState<string | null>(null)
  const [history, setHistory] = useState(false)
  const size = useRef<HTMLInputElement>(null)
  const making = useMemo(() => assess(workbook, productId, market), [workbook, productId, market])
  const assessment = useMemo(() => sizedTo(making, workbook, productId, factor), [making, workbook, productId, factor])
  const groups = useMemo(() => ledgerOf(assessment, workbook, recipe), [assessment, workbook, recipe])
  const swapsFor = useCallback(
    (claim: ClaimCode, line: string) => swapsThatMend(workbook, productId, market, claim, line),
    [workbook, productId, market],
  )
  const alternatives = useCallback(
    (line: string) => checkAlternatives(workbook, productId, market).filter(one => one.line === line),
    [workbook, productId, market],
  )
  const standing = useRef({ tried: on.tried, workbook, factor })
  standing.current = { tried: on.tried, workbook, factor }
  const weighs = useCallback((line: string, deed: readonly BenchEdit[]) => {
    const { tried, workbook, factor } = standing.current
    const { recipe } = applyBenchEdits(tried, deed).things
    const alone = { ...recipe, lines: recipe.lines.filter(one => one.id === line && 'ingredient' in one.of) }
    const { lines } = billOf({ ...workbook, recipes: [alone] }, recipe.id, { factor })
    return lines.at(0) ?? null
  }, [])
  const editing: Editing = {
    recipe,
    factor,
    weighs,
    today: workbook.today,
    hands,
    shelf,
    swapsFor,
    refuse,
    alternatives,
    partOf: id => workbook.recipes.find(one => one.id === id),
    ingredientOf: id => workbook.ingredients.find(one => one.id === id),
    papers: workbook.evidence,
    onFrozen: on.onFrozen,
    forWhat: goesInto ? recipe.name : product.name,
  }
  const pieceName = product.pieceName ?? 'piece'
  const editAddress = `/recipes/${product.recipe}`

  const { redo } = edits
  const undo = trial ? undoTrial : edits.undo
  useBenchKeys({
    b: () => size.current?.select(),
    '[': () => setFactor(now => now / 2),
    ']': () => setFactor(now => Math.min(mostMakings, now * 2)),
    u: undo,
    U: redo,
    h: () => setHistory(true),
    t: () => setTrials(true),
    e: () => router.push(editAddress),
    ...Object.fromEntries(lidFaces.map((one, at) => [String(at + 1), () => setFace(one)])),
  })

  const [onLid, sized] = facesOfOneMaking.has(face) ? [making, oneMaking] : [assessment, batch]
  const { bill } = assessment
  const nameOfLine = (line: string) =>
    groups.flatMap(group => group.rows).find(row => row.source?.id === line)?.name ?? 'A line'
  const fillings = useMemo(() => fillingsOf(batch, recipe, bill), [batch, recipe, bill])
  const tinTrouble = fillings.find(one => one.warning)
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-auto lg:overflow-hidden">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <BenchTitle
          product={product}
          recipe={recipe}
          part={goesInto !== undefined}
          edits={edits}
          hands={hands}
          onVersions={() => setHistory(true)}
          onTrials={() => setTrials(true)}
        />
        <BatchSize batch={batch} onSize={setFactor} recipe={recipe} pieceName={pieceName} inputRef={size}>
          <SizeBy
            batch={batch}
            onBatch={setBatch}
            recipe={recipe}
            product={product}
            workbook={workbook}
            bill={bill}
            orders={orders}
            pieceName={pieceName}
          />
        </BatchSize>
      </div>
      {trial && (
        <TrialBar
          trying={trying}
          today={inForce.recipe}
          workbook={workbook}
          productId={productId}
          market={market}
          saved={edits.pending === 0}
          onTake={edits.edit}
        />
      )}
      <Clashes edits={edits} nameOf={nameOfLine} />
      <Asides edits={edits} nameOf={nameOfLine} />
      <div className="grid grid-cols-1 gap-3 lg:min-h-0 lg:flex-1 lg:grid-cols-[minmax(0,1.96fr)_minmax(0,1fr)]">
        <LedgerPane
          editing={editing}
          groups={groups}
          assessment={assessment}
          workbook={workbook}
          larder={larder}
          ready={books !== null}
          trouble={trouble}
          parts={allParts}
          person={person}
          pointed={pointed}
        >
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair px-4 pt-2 pb-1.5">
            <Link href={editAddress} className="do">
              Edit the recipe
            </Link>
            {(trial ? trial.past.length > 0 : edits.canUndo) && (
              <button type="button" className="word-link" onClick={undo}>
                Undo
              </button>
            )}
            {!trial && edits.canRedo && (
              <button type="button" className="word-link" onClick={redo}>
                Redo
              </button>
            )}
            <Totals
              assessment={assessment}
              fillings={fillings}
              pieceName={recipe.pieces === undefined ? null : pieceName}
              perKilogram={goesInto !== undefined && recipe.pieces === undefined}
            />
          </div>
          {tinTrouble && <p className="px-4 text-unproven">{tinTrouble.warning}</p>}
          <Ribbon bill={bill} ingredients={workbook.ingredients} pointed={pointed} onPoint={setPointed} />
        </LedgerPane>
        <Lid
          assessment={onLid}
          batch={sized}
          workbook={workbook}
          atFirst={atFirst}
          product={product}
          recipe={recipe}
          face={face}
          onTurn={setFace}
          ingredients={workbook.ingredients}
          productId={productId}
          pieceName={pieceName}
          rules={rulesOf(market, workbook.today)}
          market={market}
          hands={hands}
          stock={stock}
          onStock={setStock}
          onTry={onTry}
          goesInto={goesInto ?? null}
          seesPrices={seesPrices}
        />
      </div>
      {trials && (
        <Trials
          recipe={inForce.recipe}
          onStart={one => {
            setTrials(false)
            if (!one) return startTrial(inForce.recipe)
            const { id, name, notes, body, fresh, closed } = one
            // a closed one is tried again as a new one
            startTrial(inForce.recipe, { ...(closed ? {} : { id, kept: true }), name, notes, body, fresh })
          }}
          onClose={() => setTrials(false)}
        />
      )}
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
