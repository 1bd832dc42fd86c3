import type { Batch, BatchEntry, EntryOf } from '../model/batch'
import { byId } from '../model/byId'
import { weighed } from '../words/rounding'
import type { LotOnShelf } from './lot'
import { methodOf } from './method'
import { partsIn, placesOf } from './place'
import { type KeptEntry, plannedBill, recipeOf, thingsOf, whatWent } from './state'

const labelDeeds = { printed: 'printed', spoiled: 'came torn', thrown: 'thrown away' } as const
const deedWords = {
  in: 'begun',
  looked: 'looked at',
  turned: 'turned',
  swapped: 'shelves swapped',
  out: 'ended',
} as const

/** Speaks of the entries of one batch. `lots` gives a lot its code. */
export function tellerOf(
  batch: Batch,
  kept: readonly KeptEntry[],
  lots: readonly Pick<LotOnShelf, 'id' | 'lot'>[] = [],
): (entry: BatchEntry) => string {
  const things = thingsOf(batch, kept)
  // as it is made here, and as it comes from the shelf
  const top = recipeOf(batch)
  const [made, whole] = [new Set<string>(), new Set(partsIn(batch.books, top))].map(shelf =>
    placesOf(batch.books, top, plannedBill(batch), shelf),
  )
  const places = new Map([...whole!, ...made!].map(one => [one.key, one]))
  const recipes = byId(batch.books.recipes)
  const steps = new Map(methodOf(batch).map(one => [one.key, one.step.text]))
  const codes = new Map(lots.map(one => [one.id, one.lot]))
  const nameOf = (id: string) => things.get(id)?.name ?? id
  const at = (place: string) => {
    const known = places.get(place)
    return known ? `${known.name}${known.part === null ? '' : ` (${known.part})`}` : 'something that stands in no line'
  }
  const struck = new Set(kept.flatMap(({ entry }) => (entry.kind === 'struck' ? [entry.of] : [])))
  /** What stood in that place when it was weighed. */
  const live = kept.filter(({ entry }) => !struck.has(entry.id))
  const insteadAt = (entry: EntryOf<'weighed'>): string | null => {
    const of = whatWent(batch, live, entry)
    return of && 'ingredient' in of && of.ingredient !== places.get(entry.place)?.ingredient ? of.ingredient : null
  }
  const stepWords = (step: string | undefined) => (step === undefined ? '' : (steps.get(step) ?? ''))
  const short = (text: string) => (text.length > 60 ? `${text.slice(0, 57)}…` : text)
  return entry => {
    switch (entry.kind) {
      case 'weighed': {
        const lot = entry.lot === undefined ? '' : `, lot ${codes.get(entry.lot) ?? entry.lot}`
        const instead = insteadAt(entry)
        return `${instead ? `${nameOf(instead)} for ${at(entry.place)}` : at(entry.place)}: ${weighed(entry.grams)}${lot}${entry.by === 'typed' ? ', typed' : ''}${entry.why ? `. Kept: ${entry.why}` : ''}`
      }
      case 'shelf':
        return `${recipes.get(entry.part)?.name ?? entry.part} ${entry.from ? 'comes from the shelf' : 'is made now'}`
      case 'swapped':
        return `${nameOf(entry.to)} instead of ${at(entry.place)}: ${entry.why}`
      case 'added':
        return `${nameOf(entry.ingredient)} went in besides, ${entry.grams === null ? 'nobody knows how much' : weighed(entry.grams)}: ${entry.why}`
      case 'amount':
        return entry.grams === 0
          ? `${at(entry.place)} left out: ${entry.why}`
          : `${at(entry.place)}: ${weighed(entry.grams)} asked for instead: ${entry.why}`
      case 'rescaled':
        return `Everything ${entry.factor > 1 ? 'made larger' : 'made smaller'}, ${Math.round(entry.factor * 1000) / 10} %: ${entry.why}`
      case 'leftOver':
        return `${weighed(entry.grams)} of ${recipes.get(entry.part)?.name ?? entry.part} left, to the shelf`
      case 'lost':
        return `${entry.pieces} ${entry.pieces === 1 ? 'piece' : 'pieces'} lost: ${entry.why}`
      case 'checked': {
        const value = entry.value === undefined ? '' : ` ${entry.value} ${entry.unit ?? ''}`.trimEnd()
        return `${entry.what}:${value} ${entry.passed ? 'as it should be' : 'not met'}${entry.did ? `. ${entry.did}` : ''}`
      }
      case 'timed':
        return `${short(stepWords(entry.step))} ${deedWords[entry.did]}${entry.where ? `, ${entry.where}` : ''}`.trim()
      case 'pictured':
        return entry.text ? `Photograph: ${entry.text}` : 'Photograph'
      case 'noted':
        return entry.next ? `Next time: ${entry.text}` : entry.text
      case 'finished':
        return `Finished: ${weighed(entry.grams)}, ${entry.pieces} pieces${entry.broken ? `, ${entry.broken} broken` : ''}${entry.keptBack ? `, ${entry.keptBack} kept back` : ''}${entry.waste ? `. Waste: ${entry.waste}` : ''}`
      case 'labels':
        return `${entry.copies} ${entry.copies === 1 ? 'label' : 'labels'} ${labelDeeds[entry.did]}`
      case 'struck':
        return `Struck: ${entry.why}`
    }
  }
}

/** What was otherwise than written, in words: for the batch beside its recipe, and beside the bakes before. */
export function differences(batch: Batch, kept: readonly KeptEntry[]): string[] {
  const tell = tellerOf(batch, kept)
  const struck = new Set(kept.flatMap(({ entry }) => (entry.kind === 'struck' ? [entry.of] : [])))
  const kinds: readonly BatchEntry['kind'][] = ['swapped', 'added', 'amount', 'rescaled', 'lost']
  return kept
    .filter(({ entry }) => !struck.has(entry.id))
    .filter(
      ({ entry }) =>
        kinds.includes(entry.kind) ||
        (entry.kind === 'weighed' && entry.why !== undefined) ||
        (entry.kind === 'checked' && !entry.passed),
    )
    .map(({ entry }) => tell(entry))
}
