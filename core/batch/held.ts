// Why what came of a batch may not be sold under its label as it stands: each reason with what to do. None: it may.
import type { Batch } from '../model/batch'
import type { Ingredient } from '../model/ingredient'
import { partMadeOtherwise } from './asMade'
import { effectsOf, effectWords } from './effect'
import { learnedSince } from './learned'
import { type LotOnShelf, lotProblem } from './lot'
import { partOf } from './ofPart'
import { partsIn } from './place'
import { type BatchState, batchState, type KeptEntry, thingsOf, type WentIn, whatWent } from './state'

/** Checks for safety that failed and were not met since. */
const failed = (state: BatchState) => {
  const checks = state.of('checked').filter(one => one.critical)
  const last = new Map(checks.map(one => [`${one.step ?? ''} ${one.what}`, one]))
  return [...last.values()].filter(one => !one.passed)
}

/** Every lot that may not have gone in where it did, with the recipe whose line it stands in. */
function lotsAgainst(batch: Batch, kept: readonly KeptEntry[], state: BatchState, lots: readonly LotOnShelf[]) {
  const things = thingsOf(batch, kept)
  const known = new Map(lots.map(one => [one.id, one]))
  return state.of('weighed').flatMap((entry): { recipe: string; problem: string }[] => {
    const item = state.items.find(one => one.key === entry.place)
    if (entry.lot === undefined || !item) return []
    const { recipe } = item
    const lot = known.get(entry.lot)
    if (!lot) return [{ recipe, problem: `The lot that went in as ${item.name} is on no shelf here.` }]
    // it went in on the day of the batch, as whatever stood in its place then
    const of = whatWent(batch, state.live, entry)
    const id = of && 'ingredient' in of ? of.ingredient : ''
    const meant = { id, name: things.get(id)?.name ?? item.name }
    const problem = lotProblem(lot, meant, batch.day, things.get(lot.ingredient)?.name ?? 'another thing')
    return problem ? [{ recipe, problem }] : []
  })
}

const thingOf = ({ of }: WentIn): string[] => (of && 'ingredient' in of ? [of.ingredient] : [])

/**
 * `lots`: every lot that was named in it, as it stands now: what is held since holds the batch too. `now`: the larder as it is, for
 * what became known since.
 */
export function heldBecause(
  batch: Batch,
  kept: readonly KeptEntry[],
  lots: readonly LotOnShelf[],
  now: readonly Ingredient[] = [],
): string[] {
  const state = batchState(batch, kept)
  const things = thingsOf(batch, kept)
  const label = effectsOf(batch, kept).flatMap(effectWords)
  const ofLots = lotsAgainst(batch, kept, state, lots).map(one => one.problem)
  const over = state.items
    .filter(one => one.over)
    .map(one => `Too much ${one.name} is in it, and nothing was done about it.`)
  const checks = failed(state).map(
    one => `${one.what}${one.value === undefined ? '' : ` ${one.value} ${one.unit ?? ''}`.trimEnd()}: not met.`,
  )
  // what came in without its facts may be anything
  const strange = [
    ...state.items.flatMap(one => [...(one.now ? [one.now.id] : []), ...one.others.flatMap(thingOf)]),
    ...state.strays.flatMap(thingOf),
    ...state.added.map(one => one.entry.ingredient),
  ]
    .filter(id => !things.has(id))
    .map(id => `What is in ${id} is not known, and it went in.`)
  const strays = state.strays.map(one =>
    one.of === null
      ? 'Something that stands in no line was weighed in: strike it, and put down what it was.'
      : `${one.name} was weighed in where none of it stands now: strike it if it did not go in.`,
  )
  return [
    ...new Set([...learnedSince(batch, kept, now), ...label, ...strange, ...strays, ...ofLots, ...checks, ...over]),
  ]
}

/**
 * Why what was made of a part in this batch may not stand on the shelf, where it would pass for that part; null: it may. `lots` as
 * for `heldBecause`. What is in a batch of the part itself is all in the part; else what went into its own lines.
 */
export function partNotForShelf(
  batch: Batch,
  kept: readonly KeptEntry[],
  lots: readonly LotOnShelf[],
  part: string,
): string | null {
  if (partMadeOtherwise(batch, kept, part))
    return 'It was made otherwise than written: on the shelf it would pass for what it is not. Mark it, and keep it apart.'
  const state = batchState(batch, kept)
  const within = new Set([part, ...partsIn(batch.books, part)])
  const against =
    partOf(batch) === part
      ? heldBecause(batch, kept, lots)
      : [
          ...lotsAgainst(batch, kept, state, lots)
            .filter(one => within.has(one.recipe))
            .map(one => one.problem),
          ...failed(state)
            .filter(one => one.step === undefined || within.has(one.step.slice(0, one.step.lastIndexOf('#'))))
            .map(one => `${one.what}: not met.`),
        ]
  return against.length === 0 ? null : `${against[0]} Mark it, and keep it apart till somebody has looked.`
}
