// One batch as it really was: beside its recipe, beside the bakes before, and entry by entry.
'use client'
import {
  amountWords,
  asMade,
  batchState,
  differences,
  type KeptEntry,
  type LotOnShelf,
  outcomeOf,
  partOf,
  recipeOf,
} from '@fair-tin/core/batch'
import { bodyOf } from '@fair-tin/core/edit'
import type { Batch } from '@fair-tin/core/model'
import { percent, spokenDay, toPlaces, weighed } from '@fair-tin/core/words'
import type { BatchRow, EntryKept } from '@fair-tin/data'
import Link from 'next/link'
import { useState } from 'react'
import { toast } from 'sonner'
import { VerdictMark } from '../../ui/VerdictMark'
import { ask } from '../ask'
import { useDeed } from '../deed'
import { type BatchLabel, BatchLabels } from './BatchLabels'
import { RecordList } from './RecordList'

export function BatchRecord({
  batch,
  entries,
  lots,
  held,
  others,
  labels,
  zone,
  mayKeepTrial,
  mayTakeOut,
  mayPrint,
}: {
  batch: BatchRow & Batch
  entries: EntryKept[]
  lots: LotOnShelf[]
  /** Why no label may go on it. */
  held: string[]
  others: { batch: BatchRow & Batch; kept: KeptEntry[] }[]
  labels: BatchLabel[]
  zone: string
  mayKeepTrial: boolean
  /** A photograph that nothing shows any more. */
  mayTakeOut: boolean
  mayPrint: boolean
}) {
  const state = batchState(batch, entries)
  const outcome = outcomeOf(batch, entries)
  const changed = differences(batch, entries)
  const codes = new Map(lots.map(one => [one.id, one.lot]))
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <div className="mr-auto min-w-0">
          <h1 className="text-[27px] leading-tight break-words">{batch.name}</h1>
          <p className="text-quiet">
            Batch <b className="figure text-ink">{batch.code}</b>, {spokenDay(batch.day)}, begun by {batch.begunBy}
            {!outcome
              ? ', not finished'
              : partOf(batch) === null
                ? `: ${outcome.good} of ${batch.pieces} ${held.length > 0 ? 'came, and are held' : 'to sell'}`
                : `: ${amountWords(batch)} for the shelf${held.length > 0 ? ', and held' : ''}`}
          </p>
        </div>
        <Link className="do" href={`/bake/${batch.id}`}>
          {batch.finishedAt ? 'Open it at the bench' : 'Go on with it'}
        </Link>
        <Link className="do" href={`/records?product=${encodeURIComponent(batch.product)}`}>
          All its bakes
        </Link>
      </div>
      {batch.reason && (
        <p className="rounded-lg border-2 border-hair px-3 py-1.5">
          Its label did not stand signed when it was begun. It was baked all the same: {batch.reason}
        </p>
      )}
      {held.length > 0 && (
        <div className="rounded-lg border-2 border-breaks bg-breaks-wash px-4 py-2">
          <b>
            <VerdictMark mark="breaks" /> Held: its label may not go on it as it stands.
          </b>
          <ul className="list-disc pl-6">
            {held.map(one => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </div>
      )}
      {partOf(batch) === null && (outcome || state.labels.out > 0) && (
        <BatchLabels
          batch={batch}
          packs={Math.floor(
            (outcome?.good ?? 0) / (batch.books.products.find(one => one.id === batch.product)?.pieces ?? 1),
          )}
          labels={labels}
          counted={state.labels}
          held={held.length > 0}
          mayPrint={mayPrint}
        />
      )}
      <div className="grid min-h-0 flex-1 grid-cols-2 gap-3 max-lg:grid-cols-1 max-lg:overflow-y-auto">
        <div className="pane flex min-h-0 flex-col">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0}>
            <h2 className="border-b border-hair bg-page px-4 py-1.5 text-[15px]">What went in</h2>
            <table className="w-full text-left">
              <thead className="text-[13px] text-quiet">
                <tr>
                  <th scope="col" className="px-4 font-normal">
                    Line
                  </th>
                  <th scope="col" className="px-2 text-right font-normal">
                    Written
                  </th>
                  <th scope="col" className="px-2 text-right font-normal">
                    Went in
                  </th>
                  <th scope="col" className="px-4 font-normal">
                    Lot
                  </th>
                </tr>
              </thead>
              <tbody>
                {state.items.map(item => (
                  <tr key={item.key} className="border-t border-hair/60">
                    <td className="px-4 py-1 break-words">
                      {item.now ? (
                        <>
                          <b>{item.now.name}</b> instead of {item.name}
                        </>
                      ) : (
                        item.name
                      )}
                      {item.part && <span className="text-[13px] text-quiet">, {item.part}</span>}
                      {item.others.map(one => (
                        <b key={one.name} className="block text-unproven">
                          {weighed(one.grams)} of it {one.name}
                        </b>
                      ))}
                    </td>
                    <td className="figure px-2 text-right whitespace-nowrap">
                      {item.planned === null ? '?' : weighed(item.planned)}
                    </td>
                    <td
                      className={`figure px-2 text-right whitespace-nowrap ${item.kept ? 'font-bold text-unproven' : ''}`}
                    >
                      {item.target === 0 ? 'left out' : item.weighed > 0 ? weighed(item.weighed) : 'not weighed'}
                    </td>
                    <td className="px-4 text-[13px] break-words text-quiet">
                      {item.lots.map(id => codes.get(id) ?? id).join(', ')}
                    </td>
                  </tr>
                ))}
                {state.strays.map(one => (
                  <tr key={one.name} className="border-t border-hair/60">
                    <td className="px-4 py-1">
                      <b className="text-unproven">{one.name}</b>, in no line
                    </td>
                    <td className="figure px-2 text-right">0 g</td>
                    <td className="figure px-2 text-right">{weighed(one.grams)}</td>
                    <td />
                  </tr>
                ))}
                {state.added.map(({ entry, name }) => (
                  <tr key={entry.id} className="border-t border-hair/60">
                    <td className="px-4 py-1">
                      <b>{name}</b>, besides
                    </td>
                    <td className="figure px-2 text-right">0 g</td>
                    <td className="figure px-2 text-right">{entry.grams === null ? '?' : weighed(entry.grams)}</td>
                    <td />
                  </tr>
                ))}
              </tbody>
            </table>
            <h2 className="border-y border-hair bg-page px-4 py-1.5 text-[15px]">Beside the bakes before</h2>
            <Compared rows={[{ batch, kept: entries }, ...others]} />
            {changed.length > 0 && mayKeepTrial && <KeepAsTrial batch={batch} kept={entries} changed={changed} />}
          </div>
        </div>
        <div className="pane flex min-h-0 flex-col">
          <h2 className="border-b border-hair bg-page px-4 py-1.5 text-[15px]">Entry by entry</h2>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0}>
            <RecordList batch={batch} kept={entries} lots={lots} zone={zone} onStrike={null} mayTakeOut={mayTakeOut} />
          </div>
        </div>
      </div>
    </section>
  )
}

function Compared({ rows }: { rows: readonly { batch: Batch; kept: readonly KeptEntry[] }[] }) {
  return (
    <table className="w-full text-left">
      <thead className="text-[13px] text-quiet">
        <tr>
          {['Batch', 'To sell', 'Each', 'Oven took', 'In it', 'What was otherwise'].map((head, at) => (
            <th
              key={head}
              scope="col"
              className={`px-2 font-normal first:pl-4 ${at > 0 && at < 5 ? 'text-right' : ''}`}
            >
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ batch, kept }, at) => {
          const outcome = outcomeOf(batch, kept)
          const changed = differences(batch, kept)
          return (
            <tr key={batch.id} className={`border-t border-hair/60 align-top ${at === 0 ? 'font-bold' : ''}`}>
              <td className="figure py-1 pl-4 whitespace-nowrap">
                {at === 0 ? (
                  batch.code
                ) : (
                  <Link className="word-link" href={`/records/${batch.id}`}>
                    {batch.code}
                  </Link>
                )}
              </td>
              <td className="figure px-2 text-right whitespace-nowrap">
                {outcome && partOf(batch) === null ? `${outcome.good}/${batch.pieces}` : ''}
              </td>
              <td className="figure px-2 text-right whitespace-nowrap">
                {outcome?.each == null ? '' : weighed(outcome.each)}
              </td>
              <td className="figure px-2 text-right whitespace-nowrap">
                {outcome?.loss == null ? '' : percent(outcome.loss)}
              </td>
              <td className="figure px-2 text-right whitespace-nowrap">
                {outcome?.ovenMinutes == null ? '' : `${toPlaces(outcome.ovenMinutes, 0)} min`}
              </td>
              <td className="px-2 text-[13px] break-words">
                {changed.length === 0 ? 'as written' : changed.join('; ')}
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

/** What was improvised, kept as a trial of the recipe: to be tried on the bench, taken or put away. */
function KeepAsTrial({
  batch,
  kept,
  changed,
}: {
  batch: Batch
  kept: readonly KeptEntry[]
  changed: readonly string[]
}) {
  const [busy, setBusy] = useState(false)
  const deed = useDeed()
  const made = asMade(batch, kept)
  const recipe = made.recipes.find(one => one.id === recipeOf(batch))
  // what was answered for this batch alone is no answer for the recipe
  const written = batch.books.recipes.find(one => one.id === recipeOf(batch))
  if (!recipe || !written || made === batch.books) return null
  const keep = async () => {
    setBusy(true)
    const said = await ask<{ trials: unknown[] }>(
      `/api/v1/recipes/${encodeURIComponent(recipe.id)}/trials`,
      {
        keep: {
          id: `batch-${batch.id}`,
          name: `as batch ${batch.code}`,
          notes: changed.join('\n').slice(0, 4000),
          body: { ...bodyOf(written), lines: recipe.lines },
          fresh: [],
        },
      },
      deed,
    )
    setBusy(false)
    if ('problem' in said) toast.error(said.problem)
    else toast(`Kept as a trial of ${recipe.name}: open it on its bench.`)
  }
  return (
    <p className="px-4 py-3">
      <button type="button" className="do" disabled={busy} onClick={() => void keep()}>
        Keep it as a trial of the recipe
      </button>
    </p>
  )
}
