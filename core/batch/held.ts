// Why what came of a batch may not be sold under its label as it stands: each reason with what to do. None: it may.
import type { Batch } from '../model/batch'
import { effectsOf, effectWords } from './effect'
import { type LotOnShelf, lotProblem } from './lot'
import { type BatchState, batchState, type KeptEntry, thingsOf } from './state'

/** Checks for safety that failed and were not met since. */
const failed = (state: BatchState) => {
  const checks = state.of('checked').filter(one => one.critical)
  const last = new Map(checks.map(one => [`${one.step ?? ''} ${one.what}`, one]))
  return [...last.values()].filter(one => !one.passed)
}

/** `lots`: every lot that was named in it, as it stands now: what is held since holds the batch too. */
export function heldBecause(batch: Batch, kept: readonly KeptEntry[], lots: readonly LotOnShelf[]): string[] {
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
    const meant = item.now && lot.ingredient === item.now.id ? item.now : { id: item.ingredient, name: item.name }
    const problem = lotProblem(lot, meant, batch.day, things.get(lot.ingredient)?.name ?? 'another thing')
    return problem ? [problem] : []
  })
  const over = state.items
    .filter(one => one.over)
    .map(one => `Too much ${one.name} is in it, and nothing was done about it.`)
  const checks = failed(state).map(
    one => `${one.what}${one.value === undefined ? '' : ` ${one.value} ${one.unit ?? ''}`.trimEnd()}: not met.`,
  )
  return [...new Set([...label, ...ofLots, ...checks, ...over])]
}
