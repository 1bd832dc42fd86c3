// Where a lot went: the batches that took it, who had ordered of them, and what may hold it by way of a part from the shelf. On the
// shelf one making of a part is not told from another, so every batch that took of it since is named: too many rather than one too few.
import 'server-only'
import type { Matter } from '@fair-tin/core/assess'
import type { LotOnShelf } from '@fair-tin/core/batch'
import { partsHolding } from '@fair-tin/core/recipe'
import { fullList } from '@fair-tin/core/words'
import {
  type BakerySql,
  findIngredient,
  followParts,
  heldLots,
  type LotUse,
  listOrders,
  lotsOfCode,
  type Order,
  putByHand,
  readWorkbook,
  usesOfLot,
} from '@fair-tin/data'
import { onShelf, seeBatches } from './batches'

export interface Reached extends LotUse {
  asked: { forWhom: string; packs: number }[]
  held: boolean
}
export interface Through {
  part: string
  /** `leftOver`: left of a batch it went into; `byHand`: put on the shelf by somebody, with no lot named. */
  how: 'leftOver' | 'byHand'
  /** ISO moment from which on the shelf may hold it. */
  since: string
  uses: Reached[]
}
export interface Traced {
  lot: LotOnShelf
  name: string
  received: string
  grams: number
  uses: Reached[]
  through: Through[]
}

export async function traceOf(sql: BakerySql, code: string, today: string): Promise<Traced[]> {
  const lots = await lotsOfCode(sql, code)
  if (lots.length === 0) return []
  const { recipes } = await readWorkbook(sql, today)
  const names = new Map(recipes.map(one => [one.id, one.name]))
  const traced: Traced[] = []
  for (const lot of lots) {
    const direct = await usesOfLot(sql, lot.id)
    const byHand = await putByHand(sql, [...partsHolding(recipes, lot.ingredient)], lot.received)
    const parts = await followParts(sql, direct, byHand)
    const all = [...direct, ...parts.flatMap(one => one.uses)]
    const first = all.map(one => one.day).sort()[0]
    const orders = first === undefined ? [] : await listOrders(sql, first)
    const seen = await seeBatches(sql, [...new Set(all.map(one => one.batch))])
    const reached = (use: LotUse): Reached => ({
      ...use,
      // what cannot be read any more may be anything
      held: seen.get(use.batch)?.held.length !== 0,
      asked: askedOf(orders, use),
    })
    traced.push({
      lot: onShelf(lot),
      name: (await findIngredient(sql, lot.ingredient))?.name ?? lot.ingredient,
      received: lot.received,
      grams: lot.grams,
      uses: direct.map(reached),
      through: parts.map(({ part, how, at, uses }) => ({
        part: names.get(part) ?? names.get(part.split('@')[0]!) ?? part,
        how,
        since: at.toISOString(),
        uses: uses.map(reached),
      })),
    })
  }
  return traced
}
const askedOf = (orders: readonly Order[], use: LotUse) =>
  orders
    .filter(one => one.product === use.product && one.day === use.day)
    .map(({ forWhom, packs }) => ({ forWhom: forWhom || 'somebody not named', packs }))

/** Batches that may hold a held lot by way of a part from the shelf: their own record names no lot of it, so nothing else holds them. */
export async function throughPartsMatters(sql: BakerySql, today: string): Promise<Matter[]> {
  const held = await heldLots(sql)
  if (held.length === 0) return []
  const { recipes, ingredients } = await readWorkbook(sql, today)
  const matters: Matter[] = []
  for (const { id, ingredient, lot, received } of held) {
    const direct = await usesOfLot(sql, id)
    const byHand = await putByHand(sql, [...partsHolding(recipes, ingredient)], received)
    const own = new Set(direct.map(one => one.batch))
    const reached = (await followParts(sql, direct, byHand)).flatMap(one => one.uses).filter(use => !own.has(use.batch))
    const codes = [...new Set(reached.map(use => use.code))]
    if (codes.length === 0) continue
    const name = ingredients.find(one => one.id === ingredient)?.name ?? ingredient
    matters.push({
      key: `through parts ${id}`,
      weight: 'breaks',
      what: `Lot ${lot} of ${name} is held, and ${fullList(codes)} may hold it by way of a part from the shelf.`,
      detail: 'Which making of the part went in nobody can tell. Hold them till somebody has looked.',
      does: 'Trace the lot',
      at: `/records/trace?code=${encodeURIComponent(lot)}`,
    })
  }
  return matters
}
