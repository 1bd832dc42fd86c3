// Something changed, for this batch only: what it is, and what that does before it goes in. Nothing is improvised silently.
'use client'
import { effectsOf, effectWords, type KeptEntry } from '@fair-tin/core/batch'
import type { Batch, BatchEntry, Ingredient } from '@fair-tin/core/model'
import { commaDoubt, fullList, percent, typedNumber, weighed } from '@fair-tin/core/words'
import { useMemo, useState } from 'react'
import { Modal } from '../../../ui/Modal'
import { VerdictMark } from '../../../ui/VerdictMark'
import { type Put, readPut } from '../entry'
import type { RunningBatch } from '../useBatch'
import { ChooseThing } from './ChooseThing'

export const kinds = [
  { kind: 'swapped', title: 'Another thing instead' },
  { kind: 'added', title: 'Something went in besides' },
  { kind: 'amount', title: 'More or less of it' },
  { kind: 'leftOut', title: 'Left out' },
  { kind: 'lost', title: 'Pieces lost' },
] as const
type Kind = (typeof kinds)[number]['kind']

/** The entry as far as it is said; words where something is missing. */
function said(
  kind: Kind,
  place: string,
  thing: Ingredient | null,
  typed: string,
  unsure: boolean,
  why: string,
  scale: number,
): Put | { problem: string } {
  if (why.trim().length < 2) return { problem: 'Say why, in a word or two.' }
  const doubt = commaDoubt(typed)
  if (doubt) return { problem: doubt }
  const number = typed.trim() === '' ? Number.NaN : typedNumber(typed)
  if ((kind === 'swapped' || kind === 'added') && !thing) return { problem: 'Choose what goes in.' }
  if (kind === 'swapped') return { kind, place, to: thing!.id, why }
  if (kind === 'leftOut') return { kind: 'amount', place, grams: 0, why }
  if (kind === 'added' && unsure) return { kind, ingredient: thing!.id, grams: null, why }
  if (!Number.isFinite(number) || number < 0)
    return { problem: kind === 'lost' ? 'Say how many pieces.' : 'Say how much, in grams.' }
  if (kind === 'added') return { kind, ingredient: thing!.id, grams: number, why }
  // what is kept is of the batch as planned: it may have grown since
  if (kind === 'amount') return { kind, place, grams: number / scale, why }
  return { kind, pieces: number, why }
}

export function SomethingChanged({
  batch,
  running,
  place: from,
  larder,
  trouble,
  forWhom,
  onClose,
  onDone,
}: {
  batch: Batch
  running: RunningBatch
  /** Where it was tapped; null where that was in no line. */
  place: string | null
  larder: readonly Ingredient[] | null
  trouble: string
  forWhom: readonly string[]
  onClose: () => void
  onDone: (entry: BatchEntry) => void
}) {
  const { items, scale } = running.state
  const [kind, setKind] = useState<Kind>(from === null ? 'added' : 'swapped')
  const [place, setPlace] = useState(from ?? items[0]?.key ?? '')
  const [thing, setThing] = useState<Ingredient | null>(null)
  const [typed, setTyped] = useState('')
  const [unsure, setUnsure] = useState(false)
  const [why, setWhy] = useState('')
  const [problem, setProblem] = useState('')
  const item = items.find(one => one.key === place)
  const atLine = kind === 'swapped' || kind === 'amount' || kind === 'leftOut'
  const draft = said(kind, place, thing, typed, unsure, why.trim().length < 2 ? 'not said yet' : why.trim(), scale)
  const asked = 'problem' in draft ? '' : JSON.stringify(draft)
  const effects = useMemo(() => {
    if (asked === '') return null
    const read = readPut(JSON.parse(asked) as object)
    if ('problem' in read) return null
    const then: KeptEntry = { entry: read.entry, by: '', ...(thing ? { thing } : {}) }
    const [before, after] = [effectsOf(batch, running.kept), effectsOf(batch, [...running.kept, then])]
    return { before: before.flatMap(effectWords), after: after.flatMap(effectWords) }
  }, [asked, batch, running.kept, thing])
  const more = effects ? effects.after.filter(one => !effects.before.includes(one)) : []
  const gone = effects ? effects.before.filter(one => !effects.after.includes(one)) : []
  const go = () => {
    const entry = said(kind, place, thing, typed, unsure, why.trim(), scale)
    if ('problem' in entry) return setProblem(entry.problem)
    const read = readPut(entry)
    if ('problem' in read) return setProblem(read.problem)
    onDone(running.put(entry, thing && (entry.kind === 'swapped' || entry.kind === 'added') ? thing : undefined))
  }
  const field = 'field !min-h-[52px] text-[18px] text-ink'
  return (
    <Modal open onClose={onClose} wide title="Something changed" lead="For this batch only. The recipe stays as it is.">
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
        {kinds.map(one => (
          <button
            key={one.kind}
            type="button"
            aria-pressed={kind === one.kind}
            className="slab !min-h-[56px] !px-2 !text-[16px]"
            onClick={() => setKind(one.kind)}
          >
            {one.title}
          </button>
        ))}
      </div>
      <form
        className="mt-3 flex flex-col gap-3 text-[16px]"
        onSubmit={event => {
          event.preventDefault()
          go()
        }}
      >
        {atLine && (
          <label className="text-quiet">
            Where
            <select className={field} value={place} onChange={event => setPlace(event.target.value)}>
              {items.map(one => (
                <option key={one.key} value={one.key}>
                  {one.now?.name ?? one.name}
                  {one.part ? `, ${one.part}` : ''}
                  {one.target === null ? '' : `, ${weighed(one.target)}`}
                </option>
              ))}
            </select>
          </label>
        )}
        {(kind === 'swapped' || kind === 'added') && (
          <ChooseThing
            larder={larder}
            trouble={trouble}
            first={alternatives(batch, place)}
            chosen={thing}
            onChoose={setThing}
            label={kind === 'swapped' ? 'What goes in instead' : 'What went in'}
          />
        )}
        {(kind === 'amount' || kind === 'lost' || kind === 'added') && (
          <div className="flex flex-wrap items-end gap-3">
            <label className="text-quiet">
              {kind === 'lost' ? 'Pieces' : 'Grams'}
              <input
                className={`${field} figure !w-40`}
                inputMode="decimal"
                maxLength={9}
                disabled={kind === 'added' && unsure}
                value={typed}
                onChange={event => setTyped(event.target.value)}
              />
            </label>
            {kind === 'amount' && item?.target != null && (
              <span className="pb-3 text-quiet">
                instead of {weighed(item.target)}
                {Number.isFinite(typedNumber(typed)) && item.target > 0 && typed.trim() !== ''
                  ? `, ${percent(typedNumber(typed) / item.target)} of it`
                  : ''}
              </span>
            )}
            {kind === 'added' && (
              <label className="flex min-h-[52px] items-center gap-2">
                <input
                  type="checkbox"
                  className="size-6"
                  checked={unsure}
                  onChange={event => setUnsure(event.target.checked)}
                />
                Nobody knows how much: a spoon, a splash
              </label>
            )}
          </div>
        )}
        <label className="text-quiet">
          Why
          <input
            className={field}
            maxLength={300}
            value={why}
            onChange={event => setWhy(event.target.value)}
            placeholder="the oat drink ran out"
          />
        </label>
        <section aria-label="What it does" aria-live="polite" className="rounded-xl border-2 border-hair px-4 py-2">
          {effects === null ? (
            <p className="text-quiet">
              Say what changed, and what it does to claims, allergens and label stands here before it goes in.
            </p>
          ) : more.length === 0 && gone.length === 0 ? (
            <p>
              <VerdictMark mark="holds" />{' '}
              {kind === 'lost' ? 'The food stays what it is.' : 'It changes nothing on the label, and no claim.'}
            </p>
          ) : (
            <>
              <ul className="space-y-1">
                {more.map(one => (
                  <li key={one}>
                    <VerdictMark mark="breaks" /> {one}
                  </li>
                ))}
                {gone.map(one => (
                  <li key={one}>
                    <VerdictMark mark="holds" /> No longer so: {one}
                  </li>
                ))}
              </ul>
              {more.length > 0 && (
                <p className="mt-1 font-bold">
                  The labels of this batch are held.
                  {forWhom.length > 0 && ` Ordered for this day by ${fullList([...forWhom])}: tell them.`}
                </p>
              )}
            </>
          )}
        </section>
        {problem && (
          <p role="alert" className="text-breaks">
            {problem}
          </p>
        )}
        <div className="grid grid-cols-2 gap-3">
          <button type="button" className="slab" onClick={onClose}>
            Leave it as it was
          </button>
          <button type="submit" className="slab slab-first">
            It is so
          </button>
        </div>
      </form>
    </Modal>
  )
}

/** What the recipe itself says may stand there. */
function alternatives(batch: Batch, place: string): readonly string[] {
  const [recipe, line] = place.split('#')
  return (
    batch.books.recipes
      .find(one => one.id === recipe)
      ?.lines.find(one => one.id === line)
      ?.alternatives?.map(one => one.ingredient) ?? []
  )
}
