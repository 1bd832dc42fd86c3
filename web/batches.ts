// Batches as they stand: what happened to each, what came of it, why it is held. For the bench, the records, Today and the labels.
import 'server-only'
import type { Matter } from '@fair-tin/core/assess'
import {
  type BatchState,
  batchState,
  heldBecause,
  type LotOnShelf,
  type Outcome,
  outcomeOf,
  placesOf,
  recipeOf,
} from '@fair-tin/core/batch'
import type { Batch, MarketCode } from '@fair-tin/core/model'
import { billOf } from '@fair-tin/core/recipe'
import { daysAfter, spokenDay } from '@fair-tin/core/words'
import {
  type BakerySql,
  type BatchRow,
  batchesSince,
  type EntryKept,
  entriesOf,
  findBatches,
  type Lot,
  listIngredients,
  lotsFor,
} from '@fair-tin/data'

/** A lot as a tablet needs it: no paper goes along. */
export const onShelf = ({ id, lot, ingredient, left, useBy, held }: Lot): LotOnShelf => ({
  id,
  lot,
  ingredient,
  left,
  ...(useBy === undefined ? {} : { useBy }),
  ...(held === undefined ? {} : { held }),
})

export interface BatchSeen {
  batch: BatchRow & Batch
  entries: EntryKept[]
  /** Every lot that was named in it. */
  lots: LotOnShelf[]
  state: BatchState
  /** Null until it is finished. */
  outcome: Outcome | null
  /** Why no label may go on it as it stands; none: it may. */
  held: string[]
}
/** By their ids; those whose books cannot be read any more are not among them. */
export async function seeBatches(sql: BakerySql, ids: readonly string[]): Promise<Map<string, BatchSeen>> {
  const [batches, entries, larder] = await Promise.all([
    findBatches(sql, ids),
    entriesOf(sql, ids),
    ids.length === 0 ? null : listIngredients(sql),
  ])
  const named = (all: readonly EntryKept[]) =>
    all.flatMap(({ entry }) => (entry.kind === 'weighed' && entry.lot ? [entry.lot] : []))
  const lots = (await lotsFor(sql, [...new Set([...entries.values()].flatMap(named))], [])).map(onShelf)
  return new Map(
    batches.map(batch => {
      const kept = entries.get(batch.id)!
      const own = new Set(named(kept))
      return [
        batch.id,
        {
          batch,
          entries: kept,
          lots: lots.filter(one => own.has(one.id)),
          state: batchState(batch, kept),
          outcome: outcomeOf(batch, kept),
          held: heldBecause(batch, kept, lots, larder?.values ?? []),
        },
      ]
    }),
  )
}
/** Null where there is none, or none that can be read. */
export const seeBatch = async (sql: BakerySql, id: string): Promise<BatchSeen | null> =>
  (await seeBatches(sql, [id])).get(id) ?? null

/** For the bench: every lot on the shelf of what goes in, beside those that were named. */
export async function lotsToTake(sql: BakerySql, { batch, entries, lots }: BatchSeen): Promise<LotOnShelf[]> {
  const bill = billOf(batch.books, recipeOf(batch), { factor: batch.factor })
  const things = [
    ...placesOf(batch.books, recipeOf(batch), bill).map(one => one.ingredient),
    ...entries.flatMap(({ thing }) => (thing ? [thing.id] : [])),
  ]
  return (
    await lotsFor(
      sql,
      lots.map(one => one.id),
      [...new Set(things)],
    )
  ).map(onShelf)
}

/** So many days a batch is spoken of where nobody asks for it. */
const fresh = 7
async function recent(sql: BakerySql, today: string): Promise<BatchSeen[]> {
  const rows = await batchesSince(sql, daysAfter(today, -fresh))
  const seen = await seeBatches(
    sql,
    rows.map(one => one.id),
  )
  return rows.flatMap(({ id }) => seen.get(id) ?? [])
}

/** Batches that are held, each with the one thing to do. */
export async function heldMatters(sql: BakerySql, today: string): Promise<Matter[]> {
  return (await recent(sql, today)).flatMap(({ batch, state, held: [first] }): Matter[] => {
    if (first === undefined) return []
    const printed = state.labels.out
    return [
      {
        key: `batch ${batch.id}`,
        weight: 'breaks',
        what: `Batch ${batch.code} of ${batch.name} is held: no label may go on it as it stands.`,
        detail: `${first}${printed > 0 ? ` ${printed} of its labels are printed: throw them away.` : ''}`,
        does: 'Read its record',
        at: `/records/${batch.id}`,
      },
    ]
  })
}

/** Batches of earlier days that nobody finished: what came of them is not written down. */
export async function unfinishedMatters(sql: BakerySql, today: string): Promise<Matter[]> {
  return (await recent(sql, today)).flatMap(({ batch, outcome }): Matter[] =>
    outcome || batch.day >= today
      ? []
      : [
          {
            key: `unfinished ${batch.id}`,
            weight: 'note',
            what: `Batch ${batch.code} of ${batch.name}, begun ${spokenDay(batch.day)}, is not finished.`,
            detail: 'What came of it, and whether its labels count, is not written down.',
            does: 'Finish it',
            at: `/bake/${batch.id}`,
          },
        ],
  )
}

export interface ToPrint {
  batch: string
  product: string
  /** Where it is sold. */
  markets: MarketCode[]
  code: string
  name: string
  /** Packs without a label. */
  packs: number
}
/** Finished batches that are not held and have more packs than labels. */
export async function labelsToPrint(sql: BakerySql, today: string): Promise<ToPrint[]> {
  return (await recent(sql, today)).flatMap(({ batch, state, outcome, held }): ToPrint[] => {
    if (!outcome || held.length > 0) return []
    const sold = batch.books.products.find(one => one.id === batch.product)
    const packs = Math.floor(outcome.good / (sold?.pieces ?? 1)) - state.labels.out
    return packs > 0
      ? [
          {
            batch: batch.id,
            product: batch.product,
            markets: sold?.markets ?? [],
            code: batch.code,
            name: batch.name,
            packs,
          },
        ]
      : []
  })
}
