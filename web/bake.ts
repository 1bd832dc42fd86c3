// Batches for the pages: begun with everything frozen, read with what happened and with the lots that were named in it.
import 'server-only'
import type { Matter } from '@fair-tin/core/assess'
import { batchState, heldBecause, type LotOnShelf, outcomeOf, placesOf, recipeOf } from '@fair-tin/core/batch'
import { rulesOf } from '@fair-tin/core/market'
import type { Batch, BatchDraft, Workbook } from '@fair-tin/core/model'
import type { Asked } from '@fair-tin/core/plan'
import { billOf, scaleFactor, tooLarge } from '@fair-tin/core/recipe'
import { restsOf, type Standing } from '@fair-tin/core/seal'
import { daysAfter, fullList } from '@fair-tin/core/words'
import {
  addBatch,
  type BakerySql,
  type BatchRow,
  batchesOf,
  currentSignOffs,
  type EntryKept,
  entriesOf,
  findBatch,
  findBatches,
  findIngredient,
  type Lot,
  type LotUse,
  lastBatches,
  listOrders,
  lotsFor,
  lotsOfCode,
  readWorkbook,
  sealsOf,
  usesOfLot,
} from '@fair-tin/data'
import { Refused } from './app/api/v1/answer'
import { stateOf } from './labels'

const unsigned: Record<Standing, string> = {
  outOfDate: 'is out of date',
  open: 'says what was signed, and nobody can vouch for it now',
  withdrawn: 'was taken back',
  never: 'was never signed',
  signed: '',
}

/** Why the label of a product does not stand signed, market by market; none: it does in all of them. */
export async function labelNotSigned(sql: BakerySql, workbook: Workbook, productId: string): Promise<string[]> {
  const product = workbook.products.find(one => one.id === productId)
  if (!product) return []
  const signed = (await currentSignOffs(sql)).filter(one => one.product === productId)
  const seals = await sealsOf(
    sql,
    signed.map(one => one.print),
  )
  return product.markets.flatMap(market => {
    const last = signed.find(one => one.market === market) ?? null
    const { state } = stateOf(workbook, product, market, last, last ? (seals.get(last.print) ?? null) : null)
    return state === 'signed' ? [] : [`${rulesOf(market).title}: its label ${unsigned[state]}.`]
  })
}

/** Begins it. What is asked before that comes back as a question; what cannot be is Refused. */
export async function begin(
  sql: BakerySql,
  draft: BatchDraft & { again?: boolean },
  today: string,
): Promise<{ batch: { id: string; code: string } } | { asks: 'reason' | 'again'; why: string[] }> {
  const workbook = await readWorkbook(sql, today)
  const product = workbook.products.find(one => one.id === draft.product)
  const recipe = workbook.recipes.find(one => one.id === product?.recipe)
  if (!product || !recipe) throw new Refused(410, 'This product or its recipe was taken out in another window.')
  const same = (await batchesOf(sql, draft.day)).filter(
    one => one.product === product.id && one.day === draft.day && one.finishedAt === null,
  )
  if (same.length > 0 && !draft.again)
    return {
      asks: 'again',
      why: same.map(one => `Batch ${one.code}, ${one.pieces} pieces, was begun by ${one.begunBy} and is not finished.`),
    }
  const why = await labelNotSigned(sql, workbook, product.id)
  if (why.length > 0 && !draft.reason) return { asks: 'reason', why }
  let factor: number
  try {
    factor = scaleFactor(recipe, { pieces: draft.pieces }, workbook)
  } catch (error) {
    if (error instanceof RangeError) throw new Refused(422, error.message)
    throw error
  }
  const large = tooLarge(factor)
  if (large) throw new Refused(422, large)
  if (billOf(workbook, recipe.id).lines.length === 0) throw new Refused(422, `${recipe.name} has nothing in it yet.`)
  const id = crypto.randomUUID()
  const code = await addBatch(sql, {
    id,
    day: draft.day,
    product: product.id,
    name: product.name,
    pieces: draft.pieces,
    factor,
    ...(why.length > 0 && draft.reason ? { reason: draft.reason } : {}),
    books: restsOf(workbook, product),
  })
  return { batch: { id, code } }
}

export interface BatchRead {
  batch: BatchRow & Batch
  entries: EntryKept[]
  /** Every lot on the shelf of what goes in, and every one that was named. */
  lots: Lot[]
}
/** Null where there is no such batch. */
export async function readBatch(sql: BakerySql, id: string): Promise<BatchRead | null> {
  const batch = await findBatch(sql, id)
  if (!batch) return null
  const entries = (await entriesOf(sql, [id])).get(id)!
  const named = entries.flatMap(({ entry }) => (entry.kind === 'weighed' && entry.lot ? [entry.lot] : []))
  const bill = billOf(batch.books, recipeOf(batch), { factor: batch.factor })
  const things = [
    ...placesOf(batch.books, recipeOf(batch), bill).map(one => one.ingredient),
    ...entries.flatMap(({ thing }) => (thing ? [thing.id] : [])),
  ]
  return { batch, entries, lots: await lotsFor(sql, [...new Set(named)], [...new Set(things)]) }
}

/** A lot as a tablet needs it: no paper goes along. */
export const onShelf = ({ id, lot, ingredient, left, useBy, held }: Lot): LotOnShelf => ({
  id,
  lot,
  ingredient,
  left,
  ...(useBy === undefined ? {} : { useBy }),
  ...(held === undefined ? {} : { held }),
})

/** Why the labels of a batch are held; '' where they are not. */
export const heldWords = (read: BatchRead): string =>
  fullList(heldBecause(read.batch, read.entries, read.lots.map(onShelf)))

export interface Traced {
  lot: LotOnShelf
  /** What it is. */
  name: string
  received: string
  grams: number
  uses: (LotUse & { asked: { forWhom: string; packs: number }[]; held: boolean })[]
}
/** Where every lot of that code went: which batches took it, and who had ordered of them. */
export async function traceOf(sql: BakerySql, code: string): Promise<Traced[]> {
  const lots = await lotsOfCode(sql, code)
  const traced: Traced[] = []
  for (const lot of lots) {
    const uses = await usesOfLot(sql, lot.id)
    const first = uses.at(-1)?.day
    const orders = first === undefined ? [] : await listOrders(sql, first)
    const name = (await findIngredient(sql, lot.ingredient))?.name ?? lot.ingredient
    const held = new Map<string, boolean>()
    for (const { batch } of uses) {
      const read = await readBatch(sql, batch)
      held.set(batch, read !== null && heldWords(read) !== '')
    }
    traced.push({
      lot: onShelf(lot),
      name,
      received: lot.received,
      grams: lot.grams,
      uses: uses.map(use => ({
        ...use,
        held: held.get(use.batch) ?? false,
        asked: orders
          .filter(one => one.product === use.product && one.day === use.day)
          .map(({ forWhom, packs }) => ({ forWhom: forWhom || 'somebody not named', packs })),
      })),
    })
  }
  return traced
}

/** So many days a batch is spoken of where nobody asks for it. */
const fresh = 7
/** Batches of the last days with what happened, and why they are held. */
async function recentBatches(sql: BakerySql, today: string) {
  const recent = (await lastBatches(sql, null, 40)).filter(one => one.day >= daysAfter(today, -fresh))
  const ids = recent.map(one => one.id)
  const [batches, entries] = await Promise.all([findBatches(sql, ids), entriesOf(sql, ids)])
  const named = [...entries.values()]
    .flat()
    .flatMap(({ entry }) => (entry.kind === 'weighed' && entry.lot ? [entry.lot] : []))
  const lots = (await lotsFor(sql, [...new Set(named)], [])).map(onShelf)
  const found = new Map(batches.map(one => [one.id, one]))
  return ids.map(id => {
    const batch = found.get(id)!
    const kept = entries.get(batch.id)!
    return {
      batch,
      state: batchState(batch, kept),
      outcome: outcomeOf(batch, kept),
      because: heldBecause(batch, kept, lots),
    }
  })
}

/** Batches whose labels are held, each with the one thing to do. */
export async function heldMatters(sql: BakerySql, today: string): Promise<Matter[]> {
  return (await recentBatches(sql, today)).flatMap(({ batch, state, because }): Matter[] => {
    const printed = state.labels.out
    return because.length === 0
      ? []
      : [
          {
            key: `batch ${batch.id}`,
            weight: 'breaks',
            what: `Batch ${batch.code} of ${batch.name} is held: what went in is not what its label says.`,
            detail: `${because[0]!}${printed > 0 ? ` ${printed} of its labels are printed: throw them away.` : ''}`,
            does: 'Read its record',
            at: `/records/${batch.id}`,
          },
        ]
  })
}

export interface ToPrint {
  batch: string
  code: string
  name: string
  /** Packs without a label. */
  packs: number
}
/** Finished batches that are not held and have more packs than labels. */
export async function labelsToPrint(sql: BakerySql, today: string): Promise<ToPrint[]> {
  return (await recentBatches(sql, today)).flatMap(({ batch, state, outcome, because }): ToPrint[] => {
    if (!outcome || because.length > 0) return []
    const each = batch.books.products.find(one => one.id === batch.product)?.pieces ?? 1
    const packs = Math.floor(outcome.good / each) - state.labels.out
    return packs > 0 ? [{ batch: batch.id, code: batch.code, name: batch.name, packs }] : []
  })
}

/** What a day's orders and open batches ask to be baked: one entry a product for what no batch was begun for, one a batch that is open. */
export function askedOf(
  workbook: Workbook,
  orders: readonly { day: string; product: string; packs: number }[],
  batches: readonly BatchRow[],
  day: string,
): Asked[] {
  const ofDay = orders.filter(one => one.day === day)
  const begun = batches.filter(one => one.day === day)
  const open = begun
    .filter(one => one.finishedAt === null)
    .map(one => ({ id: one.id, product: one.product, pieces: one.pieces, due: null }))
  const wanted = [...new Set(ofDay.map(one => one.product))].flatMap(id => {
    const product = workbook.products.find(one => one.id === id)
    const packs = ofDay.filter(one => one.product === id).reduce((sum, one) => sum + one.packs, 0)
    const made = begun.filter(one => one.product === id).reduce((sum, one) => sum + one.pieces, 0)
    const left = packs * (product?.pieces ?? 1) - made
    return left > 0 ? [{ id: `order ${id}`, product: id, pieces: left, due: null }] : []
  })
  return [...open, ...wanted]
}
