// One person: their part, what they come in by.
'use client'
import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import { type MarketCode, StaffRole, staffRoles } from '@fair-tin/core/model'
import type { PersonRow } from '@fair-tin/data'
import { useState } from 'react'
import { Choose } from '../../ui/Choose'

export type Send = (body: object, done: string, person?: string) => Promise<boolean>
const pinSays = { none: 'no PIN', set: 'comes in by PIN', locked: 'PIN locked after ten wrong tries' }
const roleOptions = StaffRole.options.map(value => ({ value, label: staffRoles[value].title }))

export function PersonSheet({ person, me, busy, send }: { person: PersonRow; me: boolean; busy: boolean; send: Send }) {
  const [open, setOpen] = useState(false)
  const [pin, setPin] = useState('')
  const { email, pin: has, ...own } = person
  const change = (part: Partial<typeof own>) =>
    send({ do: 'change', person: { ...own, ...part } }, `${own.name} is changed.`)
  const reads = own.role === 'reader'
  const comesBy = [email, reads ? null : pinSays[has]].filter(Boolean).join(', ')
  return (
    <li className="border-b border-hair py-2">
      <div className="flex items-center gap-3">
        <span className="min-w-0 flex-1">
          <span className="font-semibold">{own.name}</span>
          {me && <span className="text-quiet"> (you)</span>}
          <span className={`block text-[13.5px] ${has === 'locked' ? 'text-breaks' : 'text-quiet'}`}>
            {staffRoles[own.role].title}: {staffRoles[own.role].does}
            {comesBy && ` · ${comesBy}`}
          </span>
        </span>
        <button type="button" className="do" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Change'}
        </button>
      </div>
      {open && (
        <div className="mt-2 grid gap-3 rounded-lg border border-hair p-3">
          <div className="flex flex-wrap items-end gap-3">
            <span className="w-40">
              <span className="block text-[13.5px] text-quiet">Part</span>
              <Choose
                label={`Part of ${own.name}`}
                value={own.role}
                options={roleOptions}
                onChange={role => change({ role: role as StaffRole })}
              />
            </span>
            {own.role !== 'owner' && !reads && (
              <label className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  checked={own.seesPrices}
                  disabled={busy}
                  onChange={event => change({ seesPrices: event.target.checked })}
                />
                sees prices and costs
              </label>
            )}
          </div>
          {(own.role === 'signer' || own.role === 'owner') && (
            <fieldset>
              <legend className="text-[13.5px] text-quiet">
                Competent to sign labels for, as you have satisfied yourself
              </legend>
              <div className="flex flex-wrap gap-x-4">
                {marketsServed.map(market => (
                  <label key={market} className="flex min-h-8 items-center gap-2">
                    <input
                      type="checkbox"
                      checked={own.signsFor.includes(market)}
                      disabled={busy}
                      onChange={event => change({ signsFor: without(own.signsFor, market, event.target.checked) })}
                    />
                    {rulesAsRead(market).title}
                  </label>
                ))}
              </div>
            </fieldset>
          )}
          {reads ? (
            <button
              type="button"
              className="do justify-self-start"
              disabled={busy}
              onClick={() => send({ do: 'let look', id: own.id, days: 14 }, 'The link is good for 14 days.', own.name)}
            >
              Make a link to look, for 14 days
            </button>
          ) : (
            <div className="flex flex-wrap items-end gap-2">
              <label className="w-40">
                <span className="block text-[13.5px] text-quiet">New PIN</span>
                <input
                  className="field font-figure"
                  inputMode="numeric"
                  autoComplete="off"
                  value={pin}
                  onChange={event => setPin(event.target.value.replace(/\D/g, '').slice(0, 8))}
                />
              </label>
              <button
                type="button"
                className="do"
                disabled={busy || pin === ''}
                onClick={async () => {
                  if (await send({ do: 'set pin', id: own.id, pin }, `${own.name} has a new PIN.`)) setPin('')
                }}
              >
                Set the PIN
              </button>
              {!email && (
                <button
                  type="button"
                  className="do"
                  disabled={busy}
                  onClick={() => send({ do: 'ask in', id: own.id }, 'The link is good for three days, once.', own.name)}
                >
                  Make a link for a password
                </button>
              )}
            </div>
          )}
          {!me && (
            <button
              type="button"
              className="do justify-self-start"
              disabled={busy}
              onClick={() =>
                send(
                  { do: 'let go', id: own.id },
                  `${own.name} works here no longer. What they did stays in their name.`,
                )
              }
            >
              {reads ? 'Take the look away' : 'Let go'}
            </button>
          )}
        </div>
      )}
    </li>
  )
}
const without = (markets: readonly MarketCode[], market: MarketCode, on: boolean): MarketCode[] =>
  on ? [...markets, market] : markets.filter(one => one !== market)
