// The station of labels: what is out of date first, then what is signed; the matrix, and the page for the counter.
'use client'
import type { MarketCode } from '@fair-tin/core/model'
import type { RulesAhead as Ahead, SaidPart, Standing } from '@fair-tin/core/seal'
import { capital, fullList, spokenDay } from '@fair-tin/core/words'
import Link from 'next/link'
import { useState } from 'react'
import { Caution } from '../../ui/Caution'
import { Choose } from '../../ui/Choose'
import { CounterAddress } from './CounterAddress'
import { StateMark } from './stateWords'

export interface LabelRow {
  product: { id: string; name: string }
  market: MarketCode
  /** What the market is called. */
  title: string
  state: Standing
  last: { by: string; at: string; deed: 'signed' | 'withdrawn'; reason: string } | null
  causes: string[]
  altered: SaidPart[]
  hinders: number
}
const every = 'every'

export function Labels({
  rows,
  toPrint,
  ahead,
  owner,
  counter,
}: {
  rows: LabelRow[]
  /** Packs of the last days’ batches that have no label yet. */
  toPrint: { batch: string; code: string; name: string; packs: number }[]
  /** What is announced of the rules of the markets anything is sold in. */
  ahead: (Ahead & { title: string })[]
  owner: boolean
  counter: boolean
}) {
  const [market, setMarket] = useState<string>(every)
  const shown = rows.filter(row => market === every || row.market === market)
  const markets = [...new Map(rows.map(row => [row.market, row.title]))]
  const stale = rows.filter(row => row.state === 'outOfDate').length
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-2">
        <h1 className="mr-auto text-3xl">Labels</h1>
        <div className="w-56">
          <Choose
            label="Which market"
            value={market}
            onChange={setMarket}
            options={[{ value: every, label: 'Every market' }, ...markets.map(([value, label]) => ({ value, label }))]}
          />
        </div>
        <Link href="/labels/letters" className="do">
          Letters to suppliers
        </Link>
        <Link href={`/labels/matrix${market === every ? '' : `?market=${market}`}`} className="do">
          Allergen matrix
        </Link>
        <span className="flex items-center gap-2 text-[13px] text-quiet">
          What is signed:
          {['csv', 'xlsx', 'json'].map(kind => (
            <a
              key={kind}
              className="word-link"
              href={`/labels/declarations.${kind}${market === every ? '' : `?market=${market}`}`}
            >
              {kind.toUpperCase()}
            </a>
          ))}
        </span>
      </div>
      {stale > 0 && (
        <p role="status" className="rounded border-2 border-breaks bg-breaks-wash px-3 py-1.5">
          {stale === 1 ? 'One label is' : `${stale} labels are`} out of date: what is printed says something else than
          what is in the food now. Hold the printed ones until somebody has read and signed again.
        </p>
      )}
      {toPrint.length > 0 && (
        <section
          className="flex flex-wrap items-baseline justify-between gap-x-4 rounded border-2 border-hair px-3 py-1.5"
          aria-label="Labels to print"
        >
          <span>
            To print:{' '}
            {toPrint.map((one, at) => (
              <span key={one.batch}>
                {at > 0 && ' · '}
                <Link href={`/records/${one.batch}`} className="word-link">
                  {one.packs} for {one.name}, batch {one.code}
                </Link>
              </span>
            ))}
          </span>
          <a className="word-link" href={`/labels/to-print.pdf${market === every ? '' : `?market=${market}`}`}>
            All of them as one PDF
          </a>
        </section>
      )}
      <div className="pane min-h-0 flex-1">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="h-full overflow-auto" tabIndex={0} aria-label="Labels">
          {shown.length === 0 && <p className="p-6 text-quiet">No product is put down for a market yet.</p>}
          <ul>
            {shown.map(row => (
              <li
                key={`${row.product.id} ${row.market}`}
                className="grid grid-cols-[minmax(0,1.4fr)_minmax(0,2fr)_8rem] items-baseline gap-x-4 gap-y-0.5 border-b border-hair/60 px-4 py-2 last:border-0 max-md:grid-cols-1"
              >
                <span>
                  <Link href={`/labels/${row.product.id}/${row.market}`} className="word-link font-semibold">
                    {row.product.name}
                  </Link>
                  <span className="block text-[13px] text-quiet">{row.title}</span>
                </span>
                <span className="text-[14px]">
                  {row.state === 'outOfDate' && (
                    <>
                      {capital(fullList(row.causes))}. It says otherwise now: {fullList(row.altered)}.
                    </>
                  )}
                  {row.state === 'withdrawn' && row.last && (
                    <>
                      By {row.last.by}, {spokenDay(row.last.at.slice(0, 10))}. {row.last.reason}
                    </>
                  )}
                  {row.state === 'open' && (
                    <>
                      Its words are as they were signed. What they rest on is not: nobody vouches for it till that is
                      settled.
                    </>
                  )}
                  {row.state === 'signed' && row.last && (
                    <span className="text-quiet">
                      By {row.last.by}, {spokenDay(row.last.at.slice(0, 10))}.
                    </span>
                  )}
                  {row.state !== 'signed' && row.hinders > 0 && (
                    <span className="block text-quiet">
                      {row.hinders === 1 ? 'One thing stands' : `${row.hinders} things stand`} before a signature.
                    </span>
                  )}
                  {row.state !== 'signed' && row.hinders === 0 && (
                    <span className="block text-quiet">Ready to be read and signed.</span>
                  )}
                </span>
                <StateMark state={row.state} />
              </li>
            ))}
          </ul>
          <RulesAhead ahead={ahead} />
        </section>
      </div>
      <CounterAddress owner={owner} there={counter} />
      <Caution />
    </section>
  )
}

/** What will be asked otherwise, from when on, and which labels that reaches. */
function RulesAhead({ ahead }: { ahead: (Ahead & { title: string })[] }) {
  return (
    <section id="ahead" className="border-t-2 border-hair px-4 py-2" aria-label="Rules that change">
      <h2 className="text-base">Rules that change</h2>
      {ahead.length === 0 && (
        <p className="text-[14px] text-quiet">
          None that this version knows of, where you sell. Watch what your authority publishes.
        </p>
      )}
      <ul>
        {ahead.map(({ market, title, from, what, cite, reaches }) => (
          <li key={`${market} ${from}`} className="py-1 text-[14px]">
            <b>
              {title}, from {spokenDay(from)}
            </b>
            : {what} <span className="text-quiet">({cite})</span>.
            {reaches.length === 0 ? (
              <span className="block text-quiet">None of your labels there says or asks anything else by it.</span>
            ) : (
              <ul className="pl-4">
                {reaches.map(({ product, parts, hinders }) => (
                  <li key={product.id}>
                    <Link href={`/labels/${product.id}/${market}`} className="word-link">
                      {product.name}
                    </Link>
                    {parts.length > 0 && `: it will say otherwise ${fullList(parts)}.`}
                    {hinders.map(one => (
                      <span key={one} className="block text-unproven">
                        {one}
                      </span>
                    ))}
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
