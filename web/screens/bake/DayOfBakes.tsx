// The day at the bench: what is ordered for it, what is begun, what has to start before anything else.
'use client'
import { amountWords } from '@fair-tin/core/batch'
import { daysAfter, spokenDay, typedNumber } from '@fair-tin/core/words'
import type { BatchRow, Order } from '@fair-tin/data'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { Choose } from '../../ui/Choose'
import { DayField } from '../../ui/DayField'
import { lasting } from '../../ui/lasting'
import { BeginBatch, type Wish } from './BeginBatch'
import { useKeptForOffline } from './useKeptForOffline'

export interface StartFirst {
  what: string
  minutes: number | null
  of: string
}
interface Baked {
  id: string
  name: string
  /** In one pack. */
  pieces: number
  pieceName: string
}
export function DayOfBakes({
  day,
  today,
  products,
  parts,
  orders,
  batches,
  first,
  meant,
  mayChange,
}: {
  day: string
  today: string
  products: Baked[]
  /** What is made for the shelf. */
  parts: { id: string; name: string }[]
  orders: Order[]
  batches: BatchRow[]
  first: StartFirst[]
  /** What the bench was sized for, to be begun here. */
  meant: { product: string; pieces: string }
  mayChange: boolean
}) {
  useKeptForOffline()
  const router = useRouter()
  const [wish, setWish] = useState<Wish | null>(null)
  const [other, setOther] = useState(meant)
  const isPart = parts.some(one => one.id === other.product)
  const ofDay = batches.filter(one => one.day === day)
  const open = batches.filter(one => one.day !== day)
  const asked = [...new Set(orders.map(one => one.product))].flatMap(id => {
    const product = products.find(one => one.id === id)
    if (!product) return []
    const own = orders.filter(one => one.product === id)
    const pieces = own.reduce((sum, one) => sum + one.packs, 0) * product.pieces
    const begun = ofDay.filter(one => one.product === id)
    const left = pieces - begun.reduce((sum, one) => sum + one.pieces, 0)
    return [{ product, pieces, begun, left, forWhom: [...new Set(own.map(one => one.forWhom || 'nobody named'))] }]
  })
  const besides = ofDay.filter(one => !asked.some(other => other.product.id === one.product))
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <div className="mr-auto">
          <h1 className="text-[27px] leading-tight">{day === today ? 'Bake today' : `Bake on ${spokenDay(day)}`}</h1>
          <p className="text-[13px] text-quiet">
            {day === today ? `${spokenDay(day)}. ` : ''}What is weighed, changed and looked at is kept from here on.
          </p>
        </div>
        <DayField
          label="Day"
          value={day}
          onChange={next => next && router.push(`/bake?day=${next}`)}
          className="w-[160px]"
        />
        <Link href={`/bake/plan?day=${day}`} className="do">
          Order of work
        </Link>
        <Link href="/bake/cleaning" className="do">
          Cleaning and tests
        </Link>
        <Link href="/bake/practice" className="do">
          Practice
        </Link>
        {day === today && (
          <Link href={`/bake?day=${daysAfter(today, 1)}`} className="do">
            Tomorrow
          </Link>
        )}
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-[1fr_minmax(240px,340px)] gap-3 max-lg:grid-cols-1 max-lg:overflow-y-auto">
        <div className="pane flex min-h-0 flex-col">
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <section className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="Batches of the day">
            {open.length > 0 && (
              <>
                <h2 className="border-b border-hair bg-page px-4 py-1.5 text-[15px]">Begun before, and not finished</h2>
                {open.map(one => (
                  <div key={one.id} className="px-4 py-1.5">
                    <BatchLine batch={one} withDay />
                  </div>
                ))}
              </>
            )}
            {asked.length === 0 && besides.length === 0 && (
              <p className="p-6 text-[16px] text-quiet">
                Nothing is ordered for this day.{' '}
                <Link href="/orders" className="word-link">
                  Take an order
                </Link>
                , or begin a bake below.
              </p>
            )}
            {asked.map(({ product, pieces, begun, left, forWhom }) => (
              <div key={product.id} className="border-b border-hair px-4 py-2.5">
                <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                  <div className="min-w-0 flex-1">
                    <h2 className="text-[19px] break-words">{product.name}</h2>
                    <p className="text-quiet">
                      <b className="text-ink">{pieces}</b> {product.pieceName}s for {forWhom.join(', ')}
                    </p>
                  </div>
                  {left > 0 && mayChange && (
                    <button
                      type="button"
                      className="slab !min-h-[56px] !text-[18px]"
                      onClick={() => setWish({ product: product.id, name: product.name, pieces: left })}
                    >
                      Begin {left}
                    </button>
                  )}
                </div>
                {begun.map(one => (
                  <BatchLine key={one.id} batch={one} />
                ))}
              </div>
            ))}
            {besides.map(one => (
              <div key={one.id} className="px-4 py-1.5">
                <BatchLine batch={one} named />
              </div>
            ))}
          </section>
          {mayChange && (
            <form
              className="flex flex-wrap items-end gap-2 border-t border-hair px-4 py-2"
              onSubmit={event => {
                event.preventDefault()
                const product = products.find(one => one.id === other.product)
                const part = parts.find(one => one.id === other.product)
                if (part) setWish({ product: part.id, name: part.name, pieces: typedNumber(other.pieces) })
                if (product)
                  setWish({
                    product: product.id,
                    name: product.name,
                    pieces: other.pieces.trim() === '' ? product.pieces : typedNumber(other.pieces),
                  })
              }}
            >
              <div className="min-w-48 flex-1 text-[13px] text-quiet">
                Another bake
                <Choose
                  label="What is baked"
                  value={other.product}
                  options={[
                    ...products.map(one => ({ value: one.id, label: one.name })),
                    ...parts.map(one => ({ value: one.id, label: `${one.name}, a part for the shelf` })),
                  ]}
                  onChange={product => setOther({ ...other, product })}
                />
              </div>
              <label className="w-24 text-[13px] text-quiet">
                {isPart ? 'Grams' : 'Pieces'}
                <input
                  className="field figure text-ink"
                  inputMode="numeric"
                  maxLength={7}
                  value={other.pieces}
                  onChange={event => setOther({ ...other, pieces: event.target.value })}
                />
              </label>
              <button
                type="submit"
                className="do"
                disabled={other.product === '' || (isPart && !(typedNumber(other.pieces) > 0))}
              >
                Begin it
              </button>
            </form>
          )}
        </div>
        <div className="pane flex min-h-0 flex-col">
          <h2 className="border-b border-hair px-4 py-2 text-[17px]">Start these first</h2>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
          <ol className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="Start these first">
            {first.length === 0 && <li className="p-4 text-quiet">Nothing has to start before the bowl.</li>}
            {first.map(one => (
              <li
                key={`${one.of} ${one.what}`}
                className="grid grid-cols-[5rem_1fr] border-b border-hair/60 px-4 py-1.5"
              >
                <span className="figure text-quiet">{one.minutes === null ? 'no time' : lasting(one.minutes)}</span>
                <span>
                  {one.what}
                  {one.of && <span className="block text-[13px] text-quiet">{one.of}</span>}
                </span>
              </li>
            ))}
          </ol>
        </div>
      </div>
      {wish && (
        <BeginBatch key={`${wish.product} ${wish.pieces}`} wish={wish} day={day} onClose={() => setWish(null)} />
      )}
    </section>
  )
}

function BatchLine({ batch, withDay = false, named = false }: { batch: BatchRow; withDay?: boolean; named?: boolean }) {
  return (
    <Link
      href={batch.finishedAt ? `/records/${batch.id}` : `/bake/${batch.id}`}
      className="mt-1 flex min-h-[52px] flex-wrap items-center gap-x-3 rounded-xl border-2 border-hair px-4 text-[16px] hover:border-navy"
    >
      <b className="figure">{batch.code}</b>
      <span className="min-w-0 flex-1 break-words">
        {amountWords(batch)}
        {withDay || named ? ` of ${batch.name}` : ''}
        {withDay ? `, ${spokenDay(batch.day)}` : ''}
      </span>
      <span className="text-quiet">{batch.finishedAt ? 'finished' : `begun by ${batch.begunBy}`}</span>
      <span className="word-link">{batch.finishedAt ? 'Read its record' : 'Go on'}</span>
    </Link>
  )
}
