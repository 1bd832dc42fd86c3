// Why what came of a batch may not be sold under its label as it stands: each reason with what to do. None: it may.
import type { Batch } from '../model/batch'
import type { Ingredient } from '../model/ingredient'
import { effectsOf, effectWords } from './effect'
import { learnedSince } from './learned'
import { type LotOnShelf, lotProblem } from './lot'
import { type BatchState, batchState, type KeptEntry, thingsOf, type WentIn, whatWent } from './state'

/** Checks for safety that failed and were not met since. */
const failed = (state: BatchState) => {
  const checks = state.of('checked').filter(one => one.critical)
  const last = new Map(checks.map(one => [`${one.step ?? ''} ${one.what}`, one]))
  return [...last.values()].filter(one => !one.passed)
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
  const known = new Map(lots.map(one => [one.id, one]))
  const ofLots = state.of('weighed').flatMap(entry => {
    const item = state.items.find(one => one.key === entry.place)
    if (entry.lot === undefined || !item) return []
    const lot = known.get(entry.lot)
    if (!lot) return [`The lot that went in as ${item.name} is on no shelf here.`]
    // it went in on the day of the batch, as whatever stood in its place then
    const of = whatWent(batch, state.live, entry)
    const id = of && 'ingredient' in of ? of.ingredient : ''
    const meant = { id, name: things.get(id)?.name ?? item.name }
    const problem = lotProblem(lot, meant, batch.day, things.get(lot.ingredient)?.name ?? 'another thing')
    return problem ? [problem] : []
  })
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
