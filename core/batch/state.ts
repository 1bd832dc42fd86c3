// What became of a batch, from its entries: what is to be weighed now, what went in, what was changed, what was seen.
import type { Batch, BatchEntry, EntryOf } from '../model/batch'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { type Line, partKey } from '../model/recipe'
import { type Bill, billOf } from '../recipe/bill'
import { type Scale, weighingTolerance, weighOn } from '../recipe/weighOut'
import { keptBeside } from '../words/keptBeside'
import { lineAt, type Place, placesOf } from './place'

/** An entry as it was kept. */
export interface KeptEntry {
  entry: BatchEntry
  /** By name. */
  by: string
  /** The facts of what came in by it, as they were that day. */
  thing?: Ingredient
}
/** Something that went in by the scale: what it was, and how much. */
export interface WentIn {
  /** Null: nobody knows what it was. */
  of: Line['of'] | null
  name: string
  grams: number
}
/** One place as it stands now. */
export interface Item extends Place {
  /** What it is now; another than planned where it was swapped. */
  now: { id: string; name: string; why: string } | null
  /** Grams that are to go in; null where nobody knows, 0 where it is left out. */
  target: number | null
  /** Within which it is as it should be. */
  low: number
  high: number
  /** The scale to take, and what it would show; null where there is none. */
  scale: Scale | null
  say: string | null
  /** Grams that went in so far. */
  weighed: number
  /** Of that what was another thing than stands there now: swapped or struck, it is in all the same. */
  others: WentIn[]
  lots: string[]
  /** Kept though it is off, and why. */
  kept: string | null
  /** Over what may go in, and nobody has said what is to be done about it. */
  over: boolean
  done: boolean
}
export type Stage = 'weighing' | 'baking' | 'finished'
export interface BatchState {
  /** Entries that count, in order; and all by their ids, with who struck what. */
  live: KeptEntry[]
  struck: Map<string, { by: string; why: string }>
  items: Item[]
  /** Weighed in a place that is none any more, or never was: a line of a part that comes from the shelf, a part that is made. */
  strays: WentIn[]
  /** Parts that come from the shelf. */
  shelf: ReadonlySet<string>
  /** How much larger the batch became while it was weighed. */
  scale: number
  added: { entry: EntryOf<'added'>; by: string; name: string }[]
  lost: number
  /** Whole labels printed and not thrown away, and those that came torn. */
  labels: { out: number; spoiled: number }
  finished: EntryOf<'finished'> | null
  stage: Stage
  of: <K extends BatchEntry['kind']>(kind: K) => EntryOf<K>[]
}

const keepBill = keptBeside<Batch, Bill>()
/** The bill of the batch as planned. */
export const plannedBill = (batch: Batch): Bill =>
  keepBill(batch, 'planned', [], () => billOf(batch.books, recipeOf(batch), { factor: batch.factor }))
export const recipeOf = (batch: Batch): string => byId(batch.books.products).get(batch.product)?.recipe ?? ''

/** What came in by an entry, or stands in the books. */
export function thingsOf(batch: Batch, kept: readonly KeptEntry[]): ReadonlyMap<string, Ingredient> {
  const came = kept.flatMap(one => (one.thing ? [[one.thing.id, one.thing] as const] : []))
  return new Map([...came, ...byId(batch.books.ingredients)])
}

/** Every entry that was not struck. Striking what struck another does not count: put it in anew instead. */
function livingOf(kept: readonly KeptEntry[]): Pick<BatchState, 'live' | 'struck'> {
  const struck: BatchState['struck'] = new Map()
  for (const { entry, by } of kept) if (entry.kind === 'struck') struck.set(entry.of, { by, why: entry.why })
  return { struck, live: kept.filter(({ entry }) => entry.kind !== 'struck' && !struck.has(entry.id)) }
}

const keyOf = (of: Line['of'] | null): string =>
  of === null ? '' : 'ingredient' in of ? `thing ${of.ingredient}` : `part ${partKey(of)}`
/** What a weighing was of: as it says itself, else what stood there when it was put down. */
export function whatWent(batch: Batch, live: readonly KeptEntry[], entry: EntryOf<'weighed'>): Line['of'] | null {
  if (entry.of !== undefined) return { ingredient: entry.of }
  const at = live.findIndex(one => one.entry.id === entry.id)
  const swap = live
    .slice(0, Math.max(0, at))
    .findLast(one => one.entry.kind === 'swapped' && one.entry.place === entry.place)?.entry
  if (swap?.kind === 'swapped') return { ingredient: swap.to }
  return lineAt(batch.books, entry.place)?.of ?? null
}

/** Never throws: what is about a place or a thing that is not there stands in the record; what was weighed there is counted in. */
export function batchState(batch: Batch, kept: readonly KeptEntry[], scales: readonly Scale[] = []): BatchState {
  const { live, struck } = livingOf(kept)
  const of = <K extends BatchEntry['kind']>(kind: K) =>
    live.flatMap(({ entry }) => (entry.kind === kind ? [entry as EntryOf<K>] : []))
  const things = thingsOf(batch, kept)
  const nameOf = (id: string) => things.get(id)?.name ?? id
  const scale = of('rescaled').reduce((factor, one) => factor * one.factor, 1)
  const shelf = new Set<string>()
  for (const { part, from } of of('shelf')) {
    if (from) shelf.add(part)
    else shelf.delete(part)
  }
  const recipes = byId(batch.books.recipes)
  const wentIn = (entries: readonly EntryOf<'weighed'>[]): WentIn[] => {
    const found = new Map<string, WentIn>()
    for (const entry of entries) {
      const of = whatWent(batch, live, entry)
      const name =
        of === null
          ? 'something'
          : 'ingredient' in of
            ? nameOf(of.ingredient)
            : (recipes.get(partKey(of))?.name ?? partKey(of))
      const before = found.get(keyOf(of))?.grams ?? 0
      found.set(keyOf(of), { of, name, grams: before + entry.grams })
    }
    return [...found.values()].filter(one => one.grams > 0)
  }
  const places = placesOf(batch.books, recipeOf(batch), plannedBill(batch), shelf)
  const items = places.map((place): Item => {
    const here = <K extends 'weighed' | 'swapped' | 'amount'>(kind: K) =>
      (of(kind) as { place: string }[]).filter(one => one.place === place.key) as EntryOf<K>[]
    const swapped = here('swapped').at(-1)
    const asked = here('amount').at(-1)
    const target = asked ? asked.grams * scale : place.planned === null ? null : place.planned * scale
    const on = weighOn(target ?? 0, scales)
    const slack = Math.max((target ?? 0) * weighingTolerance, (on.scale?.resolution ?? 0) / 2)
    const [low, high] = target === null ? [0, Number.POSITIVE_INFINITY] : [Math.max(0, target - slack), target + slack]
    const went = here('weighed')
    const weighed = went.reduce((sum, one) => sum + one.grams, 0)
    const kept = went.findLast(one => one.why)?.why ?? null
    const over = weighed > high + 1e-9 && kept === null
    const enough = target === null ? weighed > 0 : weighed >= low - 1e-9 || kept !== null
    return {
      ...place,
      now: swapped ? { id: swapped.to, name: nameOf(swapped.to), why: swapped.why } : null,
      target,
      low,
      high,
      scale: on.scale,
      say: on.say,
      weighed,
      others: wentIn(went).filter(
        one =>
          keyOf(one.of) !== keyOf(swapped ? { ingredient: swapped.to } : (lineAt(batch.books, place.key)?.of ?? null)),
      ),
      lots: [...new Set(went.flatMap(one => (one.lot === undefined ? [] : [one.lot])))],
      kept,
      over,
      done: target === 0 ? !over : enough && !over,
    }
  })
  const finished = of('finished').at(-1) ?? null
  const labels = (did: EntryOf<'labels'>['did']) =>
    of('labels').reduce((sum, one) => (one.did === did ? sum + one.copies : sum), 0)
  return {
    live,
    struck,
    of,
    items,
    strays: wentIn(of('weighed').filter(one => !places.some(place => place.key === one.place))),
    shelf,
    scale,
    added: live.flatMap(({ entry, by }) =>
      entry.kind === 'added' ? [{ entry, by, name: nameOf(entry.ingredient) }] : [],
    ),
    lost: of('lost').reduce((sum, one) => sum + one.pieces, 0),
    labels: { out: Math.max(0, labels('printed') - labels('thrown')), spoiled: labels('spoiled') },
    finished,
    stage: finished ? 'finished' : items.every(one => one.done || one.where === 'after') ? 'baking' : 'weighing',
  }
}
