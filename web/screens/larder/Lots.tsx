// Deliveries by lot: what came, what is left of it, and which is to be used first.
'use client'
import { commaDoubt, spokenDay, typedNumber, weighed } from '@fair-tin/core/words'
import type { Lot } from '@fair-tin/data'
import { useEffect, useState } from 'react'
import { DayField } from '../../ui/DayField'
import { Group } from '../../ui/Group'
import { ask } from '../ask'
import { useDeed } from '../deed'
import { tellDone } from '../tellDone'

type Shelf = { lots: Lot[] }

export function Lots({ ingredient, today }: { ingredient: string; today: string }) {
  const address = `/api/v1/ingredients/${ingredient}/lots`
  const [lots, setLots] = useState<Lot[] | null>(null)
  const [problem, setProblem] = useState('')
  const [form, setForm] = useState({ lot: '', grams: '', received: today, useBy: '', paper: '' })
  const [taking, setTaking] = useState<{ id: string; grams: string; reason: string } | null>(null)
  const [holding, setHolding] = useState<{ id: string; held: boolean; reason: string } | null>(null)
  const [busy, setBusy] = useState(false)
  useEffect(() => {
    let gone = false
    void ask<Shelf>(address).then(said => {
      if (gone) return
      if ('problem' in said) setProblem(said.problem)
      else setLots(said.lots)
    })
    return () => {
      gone = true
    }
  }, [address])
  const deed = useDeed()
  /** Takes back what was done, by an entry of its own. */
  const takeBack = async (take: string, grams: number) => {
    const said = await ask<Shelf>(address, { take, grams, reason: 'taken back: entered by mistake' }, deed)
    if ('lots' in said) setLots(said.lots)
    return said
  }
  const send = async (grams: string, body: unknown, done: (now: Lot[]) => void) => {
    if (commaDoubt(grams)) return setProblem(commaDoubt(grams))
    setBusy(true)
    const said = await ask<Shelf>(address, body, deed)
    setBusy(false)
    if ('problem' in said) {
      setProblem(said.problem)
      // what was refused may stand there already
      const now = await ask<Shelf>(address)
      if ('lots' in now) setLots(now.lots)
      return
    }
    setProblem('')
    setLots(said.lots)
    done(said.lots)
  }
  const add = () =>
    send(
      form.grams,
      {
        delivery: {
          lot: form.lot,
          received: form.received,
          grams: typedNumber(form.grams),
          ...(form.useBy ? { useBy: form.useBy } : {}),
          ...(form.paper.trim()
            ? {
                evidence: {
                  id: `lot-${form.lot}`,
                  kind: 'certificate',
                  reference: form.paper.trim(),
                  dated: form.received,
                },
              }
            : {}),
        },
      },
      now => {
        const lot = now.find(one => one.lot === form.lot.trim() && one.received === form.received)
        tellDone(`Lot ${form.lot} is on the shelf.`, lot ? () => takeBack(lot.id, lot.left) : null)
        setForm({ lot: '', grams: '', received: today, useBy: '', paper: '' })
      },
    )
  const left = (lots ?? []).filter(one => one.left > 0)
  const total = left.reduce((sum, one) => sum + one.left, 0)
  const field = (name: keyof typeof form, label: string) => (
    <label className="flex flex-col text-[13px] text-quiet">
      {label}
      <input
        className="field text-ink"
        maxLength={60}
        value={form[name]}
        onChange={event => setForm({ ...form, [name]: event.target.value })}
      />
    </label>
  )
  return (
    <Group
      title="On the shelf"
      note={
        lots === null
          ? 'Fetching the lots …'
          : total > 0
            ? `${weighed(total)} on hand. Use what stands first.`
            : 'No lot is on file.'
      }
    >
      {problem && (
        <p role="alert" className="mb-1 text-breaks">
          {problem}
        </p>
      )}
      <ul>
        {left.map((one, at) => (
          <li key={one.id} className="border-b border-hair/60 py-1 last:border-0">
            <div className="flex flex-wrap items-baseline gap-x-3">
              <b>{one.lot}</b>
              <span className="figure">{weighed(one.left)}</span>
              <span className="text-[13px] text-quiet">
                of {weighed(one.grams)}, came {spokenDay(one.received)}
                {one.useBy && `, use by ${spokenDay(one.useBy)}`}
                {one.evidence && `, ${one.evidence.reference}`}
              </span>
              {one.held !== undefined ? (
                <span className="font-bold text-breaks">held: {one.held}</span>
              ) : one.useBy && one.useBy < today ? (
                <span className="font-bold text-breaks">past its date: do not use</span>
              ) : (
                at === left.findIndex(other => other.held === undefined && !(other.useBy && other.useBy < today)) && (
                  <span className="font-bold text-holds">use first</span>
                )
              )}
              <button
                type="button"
                className="word-link ml-auto min-h-[24px]"
                onClick={() => setTaking({ id: one.id, grams: '', reason: '' })}
              >
                Take or correct
              </button>
              <button
                type="button"
                className="word-link min-h-[24px]"
                onClick={() => setHolding({ id: one.id, held: one.held === undefined, reason: '' })}
              >
                {one.held === undefined ? 'Hold it' : 'Let it be used'}
              </button>
            </div>
            {holding?.id === one.id && (
              <form
                className="mt-1 grid grid-cols-[1fr_auto_auto] items-end gap-2"
                onSubmit={event => {
                  event.preventDefault()
                  void send('', { hold: one.id, held: holding.held, reason: holding.reason }, () => {
                    setHolding(null)
                    tellDone(
                      holding.held
                        ? `Lot ${one.lot} is held: no batch takes it, and those that did are held with it.`
                        : `Lot ${one.lot} may be used again.`,
                      null,
                    )
                  })
                }}
              >
                <label className="text-[13px] text-quiet">
                  {holding.held ? 'Why it may not be used' : 'Why it may be used again'}
                  <input
                    className="field text-ink"
                    maxLength={300}
                    value={holding.reason}
                    onChange={event => setHolding({ ...holding, reason: event.target.value })}
                  />
                </label>
                <button type="submit" className="do do-first" disabled={busy}>
                  {holding.held ? 'Hold it' : 'Let it be used'}
                </button>
                <button type="button" className="do" onClick={() => setHolding(null)}>
                  Leave it
                </button>
              </form>
            )}
            {taking?.id === one.id && (
              <form
                className="mt-1 grid grid-cols-[90px_1fr_auto_auto] items-end gap-2"
                onSubmit={event => {
                  event.preventDefault()
                  void send(
                    taking.grams,
                    { take: one.id, grams: typedNumber(taking.grams), reason: taking.reason },
                    () => {
                      const grams = typedNumber(taking.grams)
                      setTaking(null)
                      tellDone(`${weighed(grams)} of lot ${one.lot} ${grams < 0 ? 'is put back' : 'is taken'}.`, () =>
                        takeBack(one.id, -grams),
                      )
                    },
                  )
                }}
              >
                <label className="text-[13px] text-quiet">
                  Grams
                  <input
                    className="field figure text-ink"
                    inputMode="decimal"
                    value={taking.grams}
                    onChange={event => setTaking({ ...taking, grams: event.target.value })}
                  />
                </label>
                <label className="text-[13px] text-quiet">
                  Went into, or why
                  <input
                    className="field text-ink"
                    maxLength={200}
                    value={taking.reason}
                    onChange={event => setTaking({ ...taking, reason: event.target.value })}
                  />
                </label>
                <button type="submit" className="do do-first" disabled={busy}>
                  Take
                </button>
                <button type="button" className="do" onClick={() => setTaking(null)}>
                  Leave it
                </button>
              </form>
            )}
          </li>
        ))}
      </ul>
      <form
        className="mt-2 grid grid-cols-3 items-end gap-2 max-sm:grid-cols-2"
        onSubmit={event => {
          event.preventDefault()
          void add()
        }}
      >
        {field('lot', 'Lot code')}
        {field('grams', 'Grams')}
        <DayField label="Came on" value={form.received} onChange={received => setForm({ ...form, received })} />
        <DayField label="Use by" value={form.useBy} onChange={useBy => setForm({ ...form, useBy })} />
        {field('paper', 'Its paper')}
        <button type="submit" className="do" disabled={busy}>
          Add the lot
        </button>
      </form>
    </Group>
  )
}
