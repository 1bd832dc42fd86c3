// Where a lot went: into which batches, and to whom they were ordered. Whom to call back is the last column.
import { spokenDay, weighed } from '@fair-tin/core/words'
import Link from 'next/link'
import type { Reached, Traced } from '../../trace'
import { VerdictMark } from '../../ui/VerdictMark'
import { RecordsNav } from './RecordsNav'
import { TraceGraph } from './TraceGraph'

export function Trace({ code, traced }: { code: string; traced: Traced[] }) {
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">Where a lot went</h1>
        <RecordsNav here="trace" />
      </div>
      <form action="/records/trace" className="flex items-end gap-2">
        <label className="w-72 text-[13px] text-quiet">
          Lot code, as it stands on the pack
          <input className="field text-ink" name="code" maxLength={60} defaultValue={code} />
        </label>
        <button type="submit" className="do do-first">
          Trace it
        </button>
      </form>
      <div className="pane flex min-h-0 flex-1 flex-col">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Where it went">
          {traced.length === 0 && (
            <p className="p-6 text-quiet">
              {code === ''
                ? 'Type the code of a lot. Every batch it went into stands here, with whoever ordered of it.'
                : `No lot “${code}” came here by the books. Look at the pack again: what went in without a lot cannot be traced.`}
            </p>
          )}
          {traced.map(one => (
            <div key={one.lot.id} className="border-b border-hair px-4 py-3">
              <h2 className="text-[19px] break-words">
                {one.name}, lot {one.lot.lot}
              </h2>
              <p className="text-quiet">
                {weighed(one.grams)} came on {spokenDay(one.received)}
                {one.lot.useBy ? `, use by ${spokenDay(one.lot.useBy)}` : ''}; {weighed(one.lot.left)} left by the
                books.
              </p>
              {one.lot.held !== undefined && (
                <p className="font-bold text-breaks">
                  <VerdictMark mark="breaks" /> Held: {one.lot.held}
                </p>
              )}
              {one.uses.length === 0 ? (
                <p>No batch took it with its lot named. What was weighed without a lot is not in this.</p>
              ) : (
                <>
                  <TraceGraph traced={one} />
                  <Uses uses={one.uses} />
                </>
              )}
              {one.through.map(part => (
                <div key={`${part.part} ${part.how}`} className="mt-3 border-l-4 border-unproven pl-3">
                  <h3 className="text-[16px]">
                    {part.part}, from the shelf since {spokenDay(part.since.slice(0, 10))}
                  </h3>
                  <p className="text-[14px] text-unproven">
                    {part.how === 'leftOver'
                      ? 'It was left of a batch that took this lot. Which making came from the shelf later nobody can tell: each of these may hold it.'
                      : 'It was put on the shelf by hand, with no lot named, and it is made with this. Each of these may hold it.'}
                  </p>
                  {part.uses.length === 0 ? (
                    <p>No batch has taken of it since. What is on the shelf may hold it: hold it too.</p>
                  ) : (
                    <Uses uses={part.uses} />
                  )}
                </div>
              ))}
            </div>
          ))}
        </section>
      </div>
    </section>
  )
}

function Uses({ uses }: { uses: readonly Reached[] }) {
  return (
    <table className="w-full text-left">
      <thead className="text-[13px] text-quiet">
        <tr>
          {['Batch', 'Day', 'What', 'Took', 'Stands', 'Ordered for that day by'].map(head => (
            <th key={head} scope="col" className="py-1 pr-4 font-normal">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {uses.map(use => (
          <tr key={use.batch} className="border-t border-hair/60 align-top">
            <td className="figure py-1 pr-4 whitespace-nowrap">
              <Link className="word-link" href={`/records/${use.batch}`}>
                {use.code}
              </Link>
            </td>
            <td className="pr-4 whitespace-nowrap">{spokenDay(use.day)}</td>
            <td className="pr-4 break-words">{use.name}</td>
            <td className="figure pr-4 whitespace-nowrap">{weighed(use.grams)}</td>
            <td className="pr-4">{use.held ? <b className="text-breaks">held</b> : 'not held'}</td>
            <td className="break-words">
              {use.asked.length === 0
                ? 'nobody by the books'
                : use.asked.map(asked => `${asked.forWhom}, ${asked.packs}`).join('; ')}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
