// What was baked, the newest first: what came of it, what is held. Of one product also how it went over its bakes.
import { amountWords, partOf } from '@fair-tin/core/batch'
import { percent, spokenDay, toPlaces, weighed } from '@fair-tin/core/words'
import type { BatchRow } from '@fair-tin/data'
import Link from 'next/link'
import { VerdictMark } from '../../ui/VerdictMark'
import { OverBakes } from './OverBakes'
import { RecordsNav } from './RecordsNav'

export interface RecordRow extends BatchRow {
  good: number | null
  loss: number | null
  ovenMinutes: number | null
  each: number | null
  stands: 'held' | 'open' | 'asWritten' | 'changed' | 'unreadable'
}

const standWords = {
  asWritten: 'as written',
  changed: 'changed, label as it stands',
  unreadable: 'cannot be read any more: vouch for nothing of it',
} as const

export function Records({ rows, product, full }: { rows: RecordRow[]; product: string | null; full: boolean }) {
  const name = product === null ? null : (rows[0]?.name ?? product)
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl break-words">{name === null ? 'Records' : `Records of ${name}`}</h1>
        {name !== null && (
          <Link className="do" href="/records">
            All records
          </Link>
        )}
        <RecordsNav here="batches" />
      </div>
      <div className="pane flex min-h-0 flex-1 flex-col">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Batches">
          {rows.length === 0 ? (
            <p className="p-6 text-quiet">
              Nothing was baked here yet.{' '}
              <Link href="/bake" className="word-link">
                Begin a bake
              </Link>
              : what is weighed, changed and looked at is kept, and stands here.
            </p>
          ) : (
            <>
              {name !== null && rows.some(one => partOf(one) === null) && <OverBakes rows={rows} />}
              <table className="w-full min-w-[760px] text-left">
                <thead className="sticky top-0 bg-pane text-[13px] text-quiet">
                  <tr className="border-b-2 border-hair">
                    {['Day', 'Batch', 'What', 'To sell', 'Each', 'Oven took', 'In the oven', 'How it stands'].map(
                      (head, at) => (
                        <th
                          key={head}
                          scope="col"
                          className={`px-3 py-1.5 font-normal ${at >= 3 && at <= 6 ? 'text-right' : ''}`}
                        >
                          {head}
                        </th>
                      ),
                    )}
                  </tr>
                </thead>
                <tbody>
                  {rows.map(one => (
                    <tr key={one.id} className="border-b border-hair/60">
                      <td className="px-3 py-1.5 whitespace-nowrap">{spokenDay(one.day)}</td>
                      <td className="figure px-3 whitespace-nowrap">
                        <Link className="word-link" href={`/records/${one.id}`}>
                          {one.code}
                        </Link>
                      </td>
                      <td className="px-3 break-words">
                        <Link href={`/records?product=${encodeURIComponent(one.product)}`} className="hover:underline">
                          {one.name}
                        </Link>
                      </td>
                      <td className="figure px-3 text-right whitespace-nowrap">
                        {partOf(one) === null ? `${one.good ?? ''} of ${one.pieces}` : amountWords(one)}
                      </td>
                      <td className="figure px-3 text-right">{one.each === null ? '' : weighed(one.each)}</td>
                      <td className="figure px-3 text-right">{one.loss === null ? '' : percent(one.loss)}</td>
                      <td className="figure px-3 text-right">
                        {one.ovenMinutes === null ? '' : `${toPlaces(one.ovenMinutes, 0)} min`}
                      </td>
                      <td className="px-3">
                        {one.stands === 'held' ? (
                          <b className="text-breaks">
                            <VerdictMark mark="breaks" /> held
                          </b>
                        ) : one.stands === 'open' ? (
                          <Link className="word-link" href={`/bake/${one.id}`}>
                            not finished
                          </Link>
                        ) : (
                          standWords[one.stands]
                        )}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {full && <p className="px-4 py-2 text-quiet">The newest sixty. Open one product to see further back.</p>}
            </>
          )}
        </section>
      </div>
    </section>
  )
}
