// One product, or one part: ledger on the left, lid on the right. Every number is worked out here, in the browser, by core.
'use client'
import { assess, checkAlternatives, sizedTo, swapsThatMend } from '@fair-tin/core/assess'
import { applyBenchEdits, type BenchEdit, type RecipeEdit } from '@fair-tin/core/edit'
import { rulesOf } from '@fair-tin/core/market'
import {
  type ClaimCode,
  damageOf,
  type Line,
  type MarketCode,
  type Product,
  partKey,
  type Recipe,
  unknownIngredient,
  type Workbook,
} from '@fair-tin/core/model'
import { circleFact, circleThrough, mostMakings, openFoodIn } from '@fair-tin/core/recipe'
import type { Order } from '@fair-tin/data'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { toast } from 'sonner'
import { DamagedThing } from '../damaged/DamagedThing'
import { isTyping } from '../frame/KeyHelp'
import { useMarket } from '../frame/market'
import { namesOf, partsOf } from '../larder/named'
import { AddLines } from './AddLines'
import { BatchSize } from './BatchSize'
import { BenchTitle } from './BenchTitle'
import { batchFor, fillingsOf, oneMaking } from './batch/batch'
import type { Editing } from './editing'
import { History } from './History'
import { Ledger } from './Ledger'
import { facesOfOneMaking, Lid, type LidFace, partFaces, productFaces } from './Lid'
import { ledgerOf } from './ledgerGroups'
import { OpenQuestions } from './OpenQuestions'
import { Ribbon } from './Ribbon'
import { Asides, Clashes } from './SaveLine'
import { SizeBy } from './SizeBy'
import { Totals } from './Totals'
import { TrialBar } from './TrialBar'
import { Trials } from './Trials'
import { useBenchEdits } from './useBenchEdits'
import { together, useBooks } from './useBooks'
import { isRecipeEdit, useTrial } from './useTrial'
import type { Hands } from './useTyped'

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
  productId: string
  market: MarketCode
  /** Who is at the bench, by name; empty while nobody is. */
  person: string
  /** Of a part: the products it goes into. */
  goesInto?: Product[]
}

export function Bench(props: Props) {
  const product = props.workbook.products.find(one => one.id === props.productId)!
  const recipe = props.workbook.recipes.find(one => one.id === product.recipe)
  if (recipe) return <OpenBench {...props} product={product} kept={recipe} />
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
  productId,
  market: servedMarket,
  person,
  product: servedProduct,
  kept,
  goesInto,
}: Props & { product: Product; kept: Recipe }) {
  const market = useMarket(servedMarket)
  const router = useRouter()
  const readAgain = useCallback(() => router.refresh(), [router])
  const { books, trouble } = useBooks(stamp)
  const server = useMemo(
    () => ({ ...served, recipes: [...together(served.recipes, books?.recipes ?? [])] }),
    [served, books],
  )
  const serving = useMemo(
    () => ({ product: servedProduct, recipe: kept, ingredients: served.ingredients, stamp }),
    [servedProduct, kept, served.ingredients, stamp],
  )
  const address = goesInto ? `/api/v1/recipes/${kept.id}/edits` : `/api/v1/products/${productId}/edits`
  const edits = useBenchEdits(serving, address, readAgain, books?.ingredients)
  const trying = useTrial(productId)
  const { trial } = trying
  const [preview, setPreview] = useState<BenchEdit[] | null>(null)
  const [frozenHere, setFrozenHere] = useState<Recipe[]>([])
  const inForce = edits.things
  const { product, recipe, ingredients } = useMemo(() => {
    const things = trial
      ? {
          ...inForce,
          recipe: { ...trial.body, id: inForce.recipe.id, version: inForce.recipe.version },
          ingredients: [
            ...inForce.ingredients,
            ...trial.fresh
              .filter(one => !inForce.ingredients.some(known => known.id === one.id))
              .map(one => unknownIngredient(one.id, one.name)),
          ],
        }
      : inForce
    return preview ? applyBenchEdits(things, preview).things : things
  }, [inForce, trial, preview])
  const workbook = useMemo<Workbook>(
    () => ({
      ...server,
      products: [product],
      recipes: [
        ...server.recipes.map(one => (one.id === recipe.id ? recipe : one)),
        ...frozenHere.filter(one => !server.recipes.some(known => known.id === one.id)),
      ],
      ingredients: [...ingredients],
    }),
    [server, product, recipe, ingredients, frozenHere],
  )
  const [atFirst] = useState(workbook)
  const { edit } = edits
  const { edit: editTrial, start: startTrial, undo: undoTrial } = trying
  const hands = useMemo<Hands>(
    () => ({
      onPreview: setPreview,
      onEdit: (...deed) => {
        if (deed.some(next => next.kind === 'remove')) toast('Line taken out. Undo with u.')
        if (!trial) return edit(...deed)
        const tried = deed.filter(isRecipeEdit)
        if (tried.length > 0) editTrial(inForce.recipe, tried)
        // product and prices are nobody's trial
        const others = deed.filter(one => !isRecipeEdit(one))
        if (others.length > 0) edit(...others)
      },
    }),
    [edit, editTrial, trial, inForce.recipe],
  )
  const onTry = useCallback(
    (deed: RecipeEdit[], name: string) =>
      trial ? editTrial(inForce.recipe, deed) : startTrial(inForce.recipe, { name }, deed),
    [trial, editTrial, startTrial, inForce.recipe],
  )
  const refuse = useCallback(
    (of: Line['of']) => {
      const chain = 'recipe' in of ? circleThrough(workbook.recipes, recipe.id, partKey(of)) : null
      return chain && circleFact(chain)
    },
    [workbook.recipes, recipe.id],
  )
  const larder = useMemo(() => workbook.ingredients.map(namesOf), [workbook.ingredients])
  const parts = useMemo(() => partsOf(server.recipes, recipe.id), [server.recipes, recipe.id])
  // the recipe itself too: whoever writes it into itself is told why not
  const allParts = useMemo(() => partsOf(server.recipes), [server.recipes])
  const shelf = useMemo(
    () => [
      ...parts.map(({ id, name }) => ({ id, name, part: true })),
      ...larder.map(({ id, name }) => ({ id, name, part: false })),
    ],
    [parts, larder],
  )
  const [batch, setBatch] = useState(() => {
    const asked = wanted === null ? null : batchFor({ pieces: wanted }, kept, server)
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
  const open = useMemo(() => openFoodIn(recipe, workbook), [recipe, workbook])
  const editing: Editing = {
    recipe,
    factor,
    today: workbook.today,
    hands,
    shelf,
    swapsFor,
    refuse,
    alternatives,
    partOf: id => workbook.recipes.find(one => one.id === id),
    ingredientOf: id => workbook.ingredients.find(one => one.id === id),
    papers: workbook.evidence,
    onFrozen: one => setFrozenHere(before => [...before, one]),
    forWhat: goesInto ? recipe.name : product.name,
  }
  const pieceName = product.pieceName ?? 'piece'
  const editAddress = `/recipes/${product.recipe}`

  const { redo } = edits
  const undo = trial ? undoTrial : edits.undo
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
      else if (event.key === 't') setTrials(true)
      else if (event.key === 'e') router.push(editAddress)
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [editAddress, router, undo, redo, setFactor, lidFaces])

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
          onTake={edit}
        />
      )}
      <Clashes edits={edits} nameOf={nameOfLine} />
      <Asides edits={edits} nameOf={nameOfLine} />
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
              editing={editing}
              ingredients={workbook.ingredients}
              scales={workbook.kitchen.scales}
              pointed={pointed}
            />
            <AddLines
              recipe={recipe}
              larder={books && larder}
              trouble={trouble}
              parts={allParts}
              refuse={refuse}
              onEdit={hands.onEdit}
            />
            {bill.gaps
              .filter(gap => gap.kind === 'component' && !(gap.why === 'open' && gap.path.length === 2))
              // what was added before the larder was read is not gone
              .filter(gap => books || gap.why !== 'gone')
              .map(gap => (
                <p key={gap.path.map(step => step.id).join('/')} className="bg-breaks-wash px-4 py-1.5">
                  <b>{gap.path.at(-1)!.name}</b> {gap.fact}. Nothing can be proven until the recipe is mended.
                </p>
              ))}
            <OpenQuestions
              open={open}
              recipe={recipe}
              larder={larder}
              ready={books !== null}
              parts={allParts}
              hands={hands}
              today={workbook.today}
              person={person}
            />
            {assessment.declaration.beside.map(warning => (
              <p key={warning} className="border-t border-hair px-4 py-1.5 text-unproven">
                {warning}
              </p>
            ))}
          </section>
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
        </div>
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
          rules={rulesOf(market)}
          market={market}
          hands={hands}
          stock={stock}
          onStock={setStock}
          onTry={onTry}
          goesInto={goesInto ?? null}
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
