// What came of a batch: its bake loss, its pieces, and how they compare with the recipe and with the bakes before.
import type { Batch } from '../model/batch'
import { byId } from '../model/byId'
import { asMade } from './asMade'
import { type BatchState, batchState, type KeptEntry, recipeOf } from './state'

export interface Outcome {
  pieces: number
  /** Pieces that can be sold. */
  good: number
  /** Grams of one piece, as they came. */
  each: number | null
  /** Share of what went in that left in the oven; null where something that goes on after the bake, or a part baked before, hides it. */
  loss: number | null
  /** What it rests on. */
  lossFrom: 'weighed before the oven' | 'what was weighed out' | null
  /** Minutes between in and out of the oven, the longest. */
  ovenMinutes: number | null
}

/** Grams that went into the tins, of what was weighed out; null while something of it was not weighed. */
function batterWeighed({ items, added, strays }: BatchState): number | null {
  const batter = items.filter(one => one.where !== 'after')
  if (strays.length > 0 || batter.some(one => !one.done) || added.some(one => one.entry.grams === null)) return null
  return (
    batter.reduce((sum, one) => sum + one.weighed * one.retained, 0) +
    added.reduce((sum, one) => sum + (one.entry.grams ?? 0), 0)
  )
}
/** Does the weight at the end tell what the oven took? Not where more went on, nor where a part lost its own before. */
const tellsLoss = (batch: Batch, { items }: BatchState): boolean => {
  const top = recipeOf(batch)
  const bakedParts = batch.books.recipes.some(one => one.id !== top && (one.bakeLoss ?? 0) > 0)
  return !bakedParts && items.every(one => one.where !== 'after' || one.weighed === 0)
}

function ovenMinutes(state: BatchState): number | null {
  const timed = state.of('timed')
  const spans = timed
    .filter(one => one.did === 'out')
    .flatMap(out => {
      const began = timed.findLast(one => one.did === 'in' && one.step === out.step && one.at <= out.at)
      return began ? [(Date.parse(out.at) - Date.parse(began.at)) / 60_000] : []
    })
  return spans.length === 0 ? null : Math.max(...spans)
}

/** Null until it is finished. */
export function outcomeOf(batch: Batch, kept: readonly KeptEntry[]): Outcome | null {
  const state = batchState(batch, kept)
  const { finished } = state
  if (!finished) return null
  const before = finished.before ?? (tellsLoss(batch, state) ? batterWeighed(state) : null)
  const loss = before !== null && before > 0 && tellsLoss(batch, state) ? 1 - finished.grams / before : null
  return {
    pieces: finished.pieces,
    good: Math.max(0, finished.pieces - finished.broken - finished.keptBack - state.lost),
    each: finished.pieces > 0 ? finished.grams / finished.pieces : null,
    loss: loss !== null && loss >= 0 ? loss : null,
    lossFrom: loss === null || loss < 0 ? null : finished.before ? 'weighed before the oven' : 'what was weighed out',
    ovenMinutes: ovenMinutes(state),
  }
}

/** The loss to offer back to the recipe: measured, and another than it says by half a percent or more. */
export function lossToOffer(batch: Batch, outcome: Outcome): number | null {
  if (outcome.loss === null || outcome.loss >= 1) return null
  const written = byId(batch.books.recipes).get(recipeOf(batch))?.bakeLoss
  const measured = Math.round(outcome.loss * 10_000) / 10_000
  return written !== undefined && Math.abs(written - measured) < 0.005 ? null : measured
}

/** Was it made as it was written? */
export const asPlanned = (batch: Batch, kept: readonly KeptEntry[]): boolean => asMade(batch, kept) === batch.books
