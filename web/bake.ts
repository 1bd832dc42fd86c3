// Begins a batch with everything frozen, and tells what a day asks to be baked.
import 'server-only'
import { amountWords, partOf, productOfPart } from '@fair-tin/core/batch'
import { rulesAsRead } from '@fair-tin/core/market'
import type { BatchDraft, Workbook } from '@fair-tin/core/model'
import type { Asked } from '@fair-tin/core/plan'
import { billOf, scaleFactor, tooLarge } from '@fair-tin/core/recipe'
import { restsOf, type Standing } from '@fair-tin/core/seal'
import {
  addBatch,
  type BakerySql,
  type BatchRow,
  batchesOf,
  currentSignOffs,
  readWorkbook,
  sealsOf,
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
    return state === 'signed' ? [] : [`${rulesAsRead(market).title}: its label ${unsigned[state]}.`]
  })
}

/** Begins it. What is asked before that comes back as a question; what cannot be is Refused. */
export async function begin(
  sql: BakerySql,
  draft: BatchDraft & { again?: boolean },
  today: string,
): Promise<{ batch: { id: string; code: string } } | { asks: 'reason' | 'again'; why: string[] }> {
  const read = await readWorkbook(sql, today)
  const part = partOf(draft)
  const made = part === null ? undefined : read.recipes.find(one => one.id === part)
  const workbook: Workbook = made ? { ...read, products: [productOfPart(made, draft.pieces)] } : read
  const product = workbook.products.find(one => one.id === draft.product)
  const recipe = workbook.recipes.find(one => one.id === product?.recipe)
  if (!product || !recipe) throw new Refused(410, 'This product or its recipe was taken out in another window.')
  const same = (await batchesOf(sql, draft.day)).filter(
    one => one.product === product.id && one.day === draft.day && one.finishedAt === null,
  )
  if (same.length > 0 && !draft.again)
    return {
      asks: 'again',
      why: same.map(one => `Batch ${one.code}, ${amountWords(one)}, was begun by ${one.begunBy} and is not finished.`),
    }
  const why = await labelNotSigned(sql, workbook, product.id)
  if (why.length > 0 && !draft.reason) return { asks: 'reason', why }
  let factor: number
  try {
    factor = scaleFactor(recipe, part === null ? { pieces: draft.pieces } : { grams: draft.pieces }, workbook)
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
    .filter(one => one.finishedAt === null && partOf(one) === null)
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
