// What happened to a batch, entry by entry, by whom and when. A slip is struck, with its reason; it stays to be read.
'use client'
import { type KeptEntry, type LotOnShelf, tellerOf } from '@fair-tin/core/batch'
import type { Batch } from '@fair-tin/core/model'
import { useState } from 'react'
import { TakeOutPicture } from '../TakeOutPicture'

const moment = (iso: string, zone: string) =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone })

export function RecordList({
  batch,
  kept,
  lots,
  zone,
  onStrike,
  mayTakeOut = false,
}: {
  batch: Batch
  kept: readonly KeptEntry[]
  lots: readonly LotOnShelf[]
  /** The bakery’s time zone. */
  zone: string
  /** Null where nobody may strike anything here. */
  onStrike: ((id: string, why: string) => void) | null
  /** May a struck photograph be taken out here? */
  mayTakeOut?: boolean
}) {
  const [striking, setStriking] = useState<string | null>(null)
  const [why, setWhy] = useState('')
  const [problem, setProblem] = useState('')
  const tell = tellerOf(batch, kept, lots)
  const struck = new Map(
    kept.flatMap(({ entry, by }) => (entry.kind === 'struck' ? [[entry.of, { by, why: entry.why }] as const] : [])),
  )
  const shown = kept.filter(({ entry }) => entry.kind !== 'struck')
  if (shown.length === 0)
    return (
      <p className="p-5 text-[16px] text-quiet">
        Nothing happened yet. What is weighed, changed and looked at stands here, entry by entry.
      </p>
    )
  return (
    <ol className="text-[16px]">
      {shown.map(({ entry, by }) => {
        const gone = struck.get(entry.id)
        return (
          <li key={entry.id} className="border-b border-hair px-5 py-2">
            <div className="flex flex-wrap items-baseline gap-x-3">
              <time className="figure text-quiet" dateTime={entry.at}>
                {moment(entry.at, zone)}
              </time>
              <span className={`min-w-0 flex-1 break-words ${gone ? 'text-quiet line-through' : ''}`}>
                {tell(entry)}
                {entry.kind === 'pictured' && !gone && (
                  <a href={`/api/v1/pictures/${entry.picture}`} target="_blank" rel="noreferrer" className="mt-1 block">
                    <img
                      src={`/api/v1/pictures/${entry.picture}`}
                      alt={entry.text ?? 'Photograph of the batch'}
                      className="max-h-40 rounded border border-hair"
                      loading="lazy"
                    />
                  </a>
                )}
              </span>
              <span className="text-[14px] text-quiet">{by}</span>
              {onStrike && !gone && striking !== entry.id && (
                <button
                  type="button"
                  className="word-link min-h-[44px]"
                  onClick={() => setStriking(entry.id)}
                  aria-label={`Strike: ${tell(entry)}`}
                >
                  Strike
                </button>
              )}
            </div>
            {gone && (
              <p className="text-[14px] text-quiet">
                Struck by {gone.by}: {gone.why}{' '}
                {mayTakeOut && entry.kind === 'pictured' && (
                  <TakeOutPicture id={entry.picture} name={entry.text ?? 'the photograph'} />
                )}
              </p>
            )}
            {onStrike && striking === entry.id && (
              <form
                className="mt-1 flex flex-wrap items-end gap-2"
                onSubmit={event => {
                  event.preventDefault()
                  if (why.trim().length < 2) return setProblem('Say why, in a word or two.')
                  onStrike(entry.id, why.trim())
                  setStriking(null)
                  setWhy('')
                  setProblem('')
                }}
              >
                <label className="min-w-52 flex-1 text-[13px] text-quiet">
                  Why it does not count
                  <input
                    className="field text-ink"
                    maxLength={300}
                    value={why}
                    onChange={event => setWhy(event.target.value)}
                  />
                </label>
                <button type="submit" className="do">
                  Strike it
                </button>
                <button type="button" className="do" onClick={() => setStriking(null)}>
                  Leave it
                </button>
                {problem && (
                  <p role="alert" className="w-full text-breaks">
                    {problem}
                  </p>
                )}
              </form>
            )}
          </li>
        )
      })}
    </ol>
  )
}
