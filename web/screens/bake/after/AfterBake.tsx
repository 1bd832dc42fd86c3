// After the bake: what came out, counted and weighed; what it lost in the oven, offered back to the recipe; what to do next time.
'use client'
import { lossToOffer, outcomeOf, partOf, partsIn, recipeOf } from '@fair-tin/core/batch'
import type { Batch, BatchEntry } from '@fair-tin/core/model'
import { commaDoubt, fullList, percent, toPlaces, typedNumber, weighed } from '@fair-tin/core/words'
import Link from 'next/link'
import { useState } from 'react'
import { type Put, readPut } from '../entry'
import type { RunningBatch } from '../useBatch'

const empty = { before: '', grams: '', pieces: '', broken: '0', keptBack: '0', waste: '' }
type Form = typeof empty
const labels: Record<Exclude<keyof Form, 'waste'>, string> = {
  before: 'Went into the oven, g (if weighed)',
  grams: 'All of it, cooled, g',
  pieces: 'Pieces that came',
  broken: 'Of them broken',
  keptBack: 'Of them kept back',
}
function read(form: Form): Put | { problem: string } {
  const doubt = [form.before, form.grams, form.pieces, form.broken, form.keptBack].map(commaDoubt).find(Boolean)
  if (doubt) return { problem: doubt }
  const number = (text: string) => (text.trim() === '' ? undefined : typedNumber(text))
  const entry = {
    kind: 'finished' as const,
    grams: number(form.grams),
    ...(form.before.trim() ? { before: number(form.before) } : {}),
    pieces: number(form.pieces),
    broken: number(form.broken) ?? 0,
    keptBack: number(form.keptBack) ?? 0,
    ...(form.waste.trim() ? { waste: form.waste.trim() } : {}),
  }
  const checked = readPut(entry)
  if ('problem' in checked) return checked
  const made = checked.entry as Extract<BatchEntry, { kind: 'finished' }>
  if (made.before !== undefined && made.grams > made.before)
    return { problem: 'More came out than went in. Were the two weights swapped, or is a finish on it?' }
  if (made.broken + made.keptBack > made.pieces) return { problem: 'More are broken or kept back than came.' }
  const { id: _, at: __, ...rest } = made
  return rest
}

interface AfterProps {
  batch: Batch
  running: RunningBatch
  /** Why a part of it may not go to the shelf; null: it may. */
  notForShelf: (part: string) => string | null
  mayChange: boolean
}
export const AfterBake = (props: AfterProps) =>
  partOf(props.batch) === null ? <AfterProduct {...props} /> : <AfterPart {...props} />

function AfterProduct({ batch, running, notForShelf, mayChange }: AfterProps) {
  const [form, setForm] = useState<Form>({ ...empty, pieces: String(Math.round(batch.pieces - running.state.lost)) })
  const [problem, setProblem] = useState('')
  const outcome = outcomeOf(batch, running.kept)
  const unweighed = running.state.items.flatMap(one =>
    one.weighed === 0 && one.target !== 0 ? [one.now?.name ?? one.name] : [],
  )
  const offer = outcome && lossToOffer(batch, outcome)
  const finish = () => {
    const entry = read(form)
    if ('problem' in entry) return setProblem(entry.problem)
    setProblem('')
    running.put(entry)
  }
  return (
    <section
      className="pane min-h-0 flex-1 space-y-4 overflow-y-auto px-6 py-4 text-[17px]"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
      tabIndex={0}
      aria-label="After the bake"
    >
      {outcome ? (
        <div role="status">
          <p className="font-head text-[28px] font-bold">
            {outcome.good} {outcome.good === 1 ? 'piece' : 'pieces'} to sell
          </p>
          <p className="text-quiet">
            of {outcome.pieces} that came
            {outcome.each === null ? '' : `, ${weighed(outcome.each)} each`}
            {outcome.ovenMinutes === null ? '' : `, ${Math.round(outcome.ovenMinutes)} min in the oven`}.
          </p>
          <p>
            {outcome.loss === null
              ? 'What the oven took cannot be told: something was not weighed, or more goes on after the bake.'
              : `The oven took ${toPlaces(outcome.loss * 100, 1)} %, from ${outcome.lossFrom}.`}
          </p>
          {offer !== null && (
            <p>
              The recipe says otherwise.{' '}
              <Link className="word-link" href={`/products/${batch.product}?lid=batch`}>
                Put {percent(offer)} into the recipe
              </Link>
              , under Where the weight goes.
            </p>
          )}
          <p className="text-quiet">Was it counted wrong? Strike it in the record, and count again.</p>
        </div>
      ) : (
        <form
          className="grid grid-cols-2 gap-3 lg:grid-cols-3"
          onSubmit={event => {
            event.preventDefault()
            finish()
          }}
        >
          {(Object.keys(labels) as (keyof typeof labels)[]).map(name => (
            <label key={name} className="text-quiet">
              {labels[name]}
              <input
                className="field figure !min-h-[56px] text-[22px] text-ink"
                inputMode="decimal"
                maxLength={9}
                value={form[name]}
                onChange={event => setForm({ ...form, [name]: event.target.value })}
              />
            </label>
          ))}
          <label className="col-span-full text-quiet">
            Waste, and why
            <input
              className="field !min-h-[52px] text-ink"
              maxLength={300}
              value={form.waste}
              placeholder="two corners stuck to the paper"
              onChange={event => setForm({ ...form, waste: event.target.value })}
            />
          </label>
          {unweighed.length > 0 && (
            <p className="col-span-full text-unproven">
              Nobody put down whether {fullList(unweighed)} went in. Weigh it out, or put down that it was left out: the
              label of this batch is judged as if it had gone in.
            </p>
          )}
          {problem && (
            <p role="alert" className="col-span-full text-breaks">
              {problem}
            </p>
          )}
          <button type="submit" className="slab slab-first col-span-full" disabled={!mayChange}>
            That came of it
          </button>
        </form>
      )}
      <LeftOvers batch={batch} running={running} notForShelf={notForShelf} mayChange={mayChange} />
      <NextTime running={running} mayChange={mayChange} />
    </section>
  )
}

/** A part made for the shelf: all of it is weighed, and goes there, unless something speaks against it. */
function AfterPart({ batch, running, notForShelf, mayChange }: AfterProps) {
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const part = partOf(batch)!
  const outcome = outcomeOf(batch, running.kept)
  const against = notForShelf(part)
  const finish = () => {
    const grams = typedNumber(typed)
    if (commaDoubt(typed)) return setProblem(commaDoubt(typed))
    if (!(grams > 0) || grams > 10_000_000) return setProblem('Say what all of it weighs, in grams.')
    setProblem('')
    if (!against) running.put({ kind: 'leftOver', part, grams })
    running.put({ kind: 'finished', grams, pieces: 0, broken: 0, keptBack: 0 })
  }
  return (
    <section
      className="pane min-h-0 flex-1 space-y-4 overflow-y-auto px-6 py-4 text-[17px]"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard
      tabIndex={0}
      aria-label="After the bake"
    >
      {outcome ? (
        <div role="status">
          <p className="font-head text-[28px] font-bold">
            {weighed(running.state.finished!.grams)}{' '}
            {running.state.of('leftOver').some(one => one.part === part) ? 'on the shelf' : 'came, and is kept apart'}
          </p>
          {outcome.loss !== null && (
            <p>
              {toPlaces(outcome.loss * 100, 1)} % was lost in the making, from {outcome.lossFrom}.
            </p>
          )}
          <p className="text-quiet">
            Was it weighed wrong? Strike it in the record, the shelf entry too, and weigh again.
          </p>
        </div>
      ) : (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={event => {
            event.preventDefault()
            finish()
          }}
        >
          {against && <p className="w-full text-unproven">{against}</p>}
          <label className="text-quiet">
            All of it, g
            <input
              className="field figure !min-h-[56px] !w-44 text-[22px] text-ink"
              inputMode="decimal"
              maxLength={9}
              value={typed}
              onChange={event => setTyped(event.target.value)}
            />
          </label>
          <button type="submit" className="slab slab-first" disabled={!mayChange}>
            {against ? 'That came of it' : 'To the shelf'}
          </button>
          {problem && (
            <p role="alert" className="w-full text-breaks">
              {problem}
            </p>
          )}
        </form>
      )}
      <NextTime running={running} mayChange={mayChange} />
    </section>
  )
}

function NextTime({ running, mayChange }: Pick<AfterProps, 'running' | 'mayChange'>) {
  const [note, setNote] = useState('')
  return (
    <form
      className="border-t border-hair pt-3"
      onSubmit={event => {
        event.preventDefault()
        if (note.trim() === '') return
        running.put({ kind: 'noted', text: note.trim(), next: true })
        setNote('')
      }}
    >
      <label className="text-quiet">
        Next time
        <textarea
          className="field min-h-[70px] text-[17px] text-ink"
          maxLength={1000}
          value={note}
          placeholder="10 minutes less; 20 g more syrup"
          onChange={event => setNote(event.target.value)}
        />
      </label>
      <button type="submit" className="slab mt-2" disabled={!mayChange}>
        Remember it
      </button>
    </form>
  )
}

/** What is left of the parts that were made: to the shelf, for the next bake. */
function LeftOvers({ batch, running, notForShelf, mayChange }: AfterProps) {
  const [typed, setTyped] = useState<Record<string, string>>({})
  const [problem, setProblem] = useState('')
  const made = partsIn(batch.books, recipeOf(batch)).filter(part => !running.state.shelf.has(part))
  if (made.length === 0) return null
  const put = (part: string) => {
    const text = typed[part] ?? ''
    const grams = typedNumber(text)
    if (commaDoubt(text)) return setProblem(commaDoubt(text))
    if (text.trim() === '' || !(grams > 0) || grams > 10_000_000) return setProblem('Say how much is left, in grams.')
    setProblem('')
    running.put({ kind: 'leftOver', part, grams })
    setTyped({ ...typed, [part]: '' })
  }
  return (
    <fieldset className="border-t border-hair pt-3">
      <legend className="font-head text-[15px] font-bold text-navy">Left of the parts</legend>
      {made.map(part => {
        const name = batch.books.recipes.find(one => one.id === part)?.name ?? part
        const against = notForShelf(part)
        const left = running.state.of('leftOver').filter(one => one.part === part)
        return against ? (
          <p key={part} className="text-unproven">
            {name}: {against}
          </p>
        ) : (
          <div key={part} className="flex flex-wrap items-end gap-3">
            <label className="text-quiet">
              {name}, g
              <input
                className="field figure !min-h-[52px] !w-36 text-[20px] text-ink"
                inputMode="decimal"
                maxLength={9}
                value={typed[part] ?? ''}
                onChange={event => setTyped({ ...typed, [part]: event.target.value })}
              />
            </label>
            <button type="button" className="slab !min-h-[52px]" disabled={!mayChange} onClick={() => put(part)}>
              To the shelf
            </button>
            {left.length > 0 && (
              <span className="pb-3">{left.map(one => weighed(one.grams)).join(', ')} went to the shelf.</span>
            )}
          </div>
        )
      })}
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
