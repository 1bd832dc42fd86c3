// What is ordered, day by day, and for each product of a day the batch it asks for.
'use client'
import { making, type SheetEdit, takingOut } from '@fair-tin/core/edit'
import { OrderDraft } from '@fair-tin/core/model'
import { commaDoubt, daysAfter, spokenDay, toPlaces, typedNumber } from '@fair-tin/core/words'
import type { Order } from '@fair-tin/data'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import { Choose } from '../../ui/Choose'
import { DayField } from '../../ui/DayField'
import { idFrom } from '../idFrom'
import { SheetClashes } from '../SheetClashes'
import { tellKept, useSheet } from '../useSheet'

export interface OrderedProduct {
  id: string
  name: string
  pieces: number
  pieceName: string
  /** Pieces of one making; null where the recipe does not say. */
  makes: number | null
}

export function Orders({ orders, products, today }: { orders: Order[]; products: OrderedProduct[]; today: string }) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [draft, setDraft] = useState({ day: daysAfter(today, 1), product: '', packs: '', forWhom: '' })
  const [problem, setProblem] = useState('')
  const { clashes, send, takeBack, settle } = useSheet('order')
  /** Which order the clashes are about. */
  const [about, setAbout] = useState('')
  /** The same until it is taken, so that pressing twice takes one. */
  const newId = useRef<string | null>(null)
  const act = (id: string, edits: readonly SheetEdit[], done?: () => void) =>
    start(async () => {
      setAbout(id)
      const sent = await send(id, edits)
      setProblem(sent.kept ? '' : (sent.problems[0]?.message ?? ''))
      // what she sent first is taken: what she typed since is another
      if (!sent.kept && sent.problems.some(one => one.path === 'there')) newId.current = null
      // also what was refused may stand there already
      router.refresh()
      if (sent.kept) done?.()
    })
  const take = () => {
    if (commaDoubt(draft.packs)) return setProblem(commaDoubt(draft.packs))
    const read = OrderDraft.safeParse({
      ...draft,
      packs: draft.packs.trim() === '' ? undefined : typedNumber(draft.packs),
    })
    if (!read.success) return setProblem(read.error.issues[0]!.message)
    newId.current ??= idFrom(`order ${read.data.product}`)
    act(newId.current, [making(read.data)], () => {
      newId.current = null
      setDraft(now => ({ ...now, packs: '', forWhom: '' }))
    })
  }
  const change = (order: Order, typed: string) => {
    if (commaDoubt(typed)) return setProblem(commaDoubt(typed))
    const read = OrderDraft.shape.packs.safeParse(typedNumber(typed))
    if (!read.success) return setProblem(read.error.issues[0]!.message)
    act(order.id, [{ at: ['packs'], was: order.packs, to: read.data }])
  }
  const cancel = (order: Order) => {
    act(order.id, [takingOut], () =>
      tellKept(
        'The order is cancelled.',
        () => takeBack(order.id, [takingOut]),
        () => router.refresh(),
      ),
    )
  }
  const days = [...new Set(orders.map(one => one.day))]
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex items-end gap-3">
        <h1 className="mr-auto text-3xl">Orders</h1>
        <Link href="/orders/shopping" className="do">
          What to buy
        </Link>
      </div>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={event => {
          event.preventDefault()
          take()
        }}
      >
        <DayField
          label="For the day"
          value={draft.day}
          from={today}
          onChange={day => setDraft({ ...draft, day })}
          className="w-[148px]"
        />
        <div className="w-56 text-[13px] text-quiet">
          What
          <Choose
            label="What is ordered"
            value={draft.product}
            options={products.map(one => ({ value: one.id, label: one.name }))}
            onChange={product => setDraft({ ...draft, product })}
          />
        </div>
        <label className="w-20 text-[13px] text-quiet">
          Packs
          <input
            className="field figure text-ink"
            inputMode="numeric"
            maxLength={7}
            value={draft.packs}
            onChange={event => setDraft({ ...draft, packs: event.target.value })}
          />
        </label>
        <label className="min-w-40 flex-1 text-[13px] text-quiet">
          For whom
          <input
            className="field text-ink"
            maxLength={120}
            value={draft.forWhom}
            placeholder="the shop counter"
            onChange={event => setDraft({ ...draft, forWhom: event.target.value })}
          />
        </label>
        <button type="submit" className="do do-first" disabled={busy}>
          Take the order
        </button>
      </form>
      <SheetClashes
        clashes={clashes}
        onMine={clash => act(about, [{ ...clash.edit, was: clash.now }])}
        onTheirs={clash => void settle(about, clash, false)}
      />
      {problem && (
        <p role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {problem}
        </p>
      )}
      <div className="pane flex min-h-0 flex-1 flex-col">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a pane that scrolls must be reachable by keyboard */}
        <section className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Orders by day">
          {days.length === 0 && (
            <p className="p-6 text-quiet">
              Nothing is ordered from today on. Take an order above: then a batch can be sized for its day.
            </p>
          )}
          {days.map(day => (
            <Day
              key={day}
              day={day}
              orders={orders.filter(one => one.day === day)}
              products={products}
              busy={busy}
              onPacks={change}
              onCancel={cancel}
            />
          ))}
        </section>
      </div>
    </section>
  )
}

function Day({
  day,
  orders,
  products,
  busy,
  onPacks,
  onCancel,
}: {
  day: string
  orders: Order[]
  products: OrderedProduct[]
  busy: boolean
  onPacks: (order: Order, typed: string) => void
  onCancel: (order: Order) => void
}) {
  const asked = [...new Set(orders.map(one => one.product))].flatMap(id => {
    const product = products.find(one => one.id === id)
    return product ? [{ product, orders: orders.filter(one => one.product === id) }] : []
  })
  return (
    <section className="border-b border-hair px-4 py-3 last:border-0" aria-label={spokenDay(day)}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-[17px]">{spokenDay(day)}</h2>
        <Link href={`/bake?day=${day}`} className="word-link">
          Bake it
        </Link>
        <Link href={`/bake/plan?day=${day}`} className="word-link">
          Order of work
        </Link>
      </div>
      {asked.map(({ product, orders: lines }) => {
        const packs = lines.reduce((sum, one) => sum + one.packs, 0)
        const pieces = packs * product.pieces
        return (
          <div
            key={product.id}
            className="mt-1.5 grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-x-4 border-t border-hair/60 pt-1.5 max-md:grid-cols-1"
          >
            <div>
              <Link
                href={`/products/${product.id}?pieces=${pieces}`}
                className="font-head text-[15px] font-bold text-navy"
              >
                {product.name}
              </Link>
              <p className="text-quiet">
                <b className="text-ink">{packs}</b> {packs === 1 ? 'pack' : 'packs'},{' '}
                <b className="text-ink">{pieces}</b> {product.pieceName}s
                {product.makes !== null && (
                  <>
                    {' '}
                    · {Number(toPlaces(pieces / product.makes, 2))} {pieces === product.makes ? 'making' : 'makings'}
                  </>
                )}{' '}
                ·{' '}
                <Link href={`/products/${product.id}?pieces=${pieces}`} className="word-link">
                  Size the batch
                </Link>
              </p>
            </div>
            <ul>
              {lines.map(order => (
                <li key={order.id} className="flex flex-wrap items-center gap-2">
                  <Packs order={order} busy={busy} onPacks={onPacks} />
                  <span className="min-w-0 flex-1">{order.forWhom || 'nobody named'}</span>
                  <button
                    type="button"
                    className="word-link"
                    disabled={busy}
                    aria-label={`Cancel ${order.packs} for ${order.forWhom || 'nobody named'}`}
                    onClick={() => onCancel(order)}
                  >
                    Cancel
                  </button>
                </li>
              ))}
            </ul>
          </div>
        )
      })}
    </section>
  )
}

/** What is typed is sent when it is left or entered; what is no number stays to be put right. */
function Packs({
  order,
  busy,
  onPacks,
}: {
  order: Order
  busy: boolean
  onPacks: (order: Order, typed: string) => void
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const keep = () => {
    if (typed === null || typed.trim() === String(order.packs)) return setTyped(null)
    const packs = typedNumber(typed)
    onPacks(order, typed)
    if (Number.isInteger(packs) && packs > 0) setTyped(null)
  }
  return (
    <input
      aria-label={`Packs for ${order.forWhom || 'nobody named'}`}
      className="field figure !w-20 text-right"
      inputMode="numeric"
      maxLength={7}
      disabled={busy}
      value={typed ?? String(order.packs)}
      onChange={event => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={event => {
        if (event.key === 'Enter') keep()
        if (event.key === 'Escape') setTyped(null)
      }}
    />
  )
}
