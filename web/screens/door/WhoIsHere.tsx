// A tablet in the kitchen: tap your name, type your PIN.
'use client'
import { staffRoles } from '@fair-tin/core/model'
import type { AtTheDoor } from '@fair-tin/data'
import { Delete } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import { DoorStep, Wrong } from './DoorStep'
import { placeOf, useDoor } from './useDoor'

export function WhoIsHere({ device, people, to }: { device: string; people: readonly AtTheDoor[]; to?: string }) {
  const [chosen, setChosen] = useState<AtTheDoor | null>(null)
  const [pin, setPin] = useState('')
  const { wrong, busy, knock } = useDoor()
  const choose = (one: AtTheDoor | null) => {
    setChosen(one)
    setPin('')
  }
  if (!chosen)
    return (
      <DoorStep title="Who is here?">
        <p className="mb-4 text-quiet">This tablet: {device}</p>
        <ul className="grid gap-2">
          {people.map(one => (
            <li key={one.id}>
              <button
                type="button"
                className="flex min-h-14 w-full items-center justify-between rounded-xl border-2 border-hair px-4 text-left text-[18px] font-semibold hover:border-damson disabled:opacity-60"
                disabled={!one.hasPin}
                onClick={() => choose(one)}
              >
                {one.name}
                <span className="text-[13.5px] font-normal text-quiet">
                  {one.hasPin ? staffRoles[one.role].title.toLowerCase() : 'no PIN yet'}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <p className="mt-4">
          <Link href="/sign-in" className="word-link">
            Sign in by e-mail and password
          </Link>
        </p>
      </DoorStep>
    )
  const key = (figure: string) => setPin(before => (before + figure).slice(0, 8))
  const pad = 'min-h-14 rounded-xl border-2 border-hair text-[22px] font-semibold hover:border-damson'
  return (
    <DoorStep title={chosen.name}>
      <form
        onSubmit={event => {
          event.preventDefault()
          knock({ do: 'take a place', staff: chosen.id, pin }, () => window.location.assign(placeOf(to)))
          setPin('')
        }}
      >
        <Wrong>{wrong}</Wrong>
        <label className="mb-3 block">
          <span className="block text-[13.5px] text-quiet">PIN</span>
          <input
            className="field text-center font-figure text-[24px] tracking-[0.4em]"
            type="password"
            inputMode="none"
            autoComplete="off"
            // the one thing there is to do here
            // biome-ignore lint/a11y/noAutofocus: a page of one field, reached by a tap on one's own name
            autoFocus
            value={pin}
            onChange={event => setPin(event.target.value.replace(/\D/g, '').slice(0, 8))}
          />
        </label>
        <div className="mb-3 grid grid-cols-3 gap-2">
          {['1', '2', '3', '4', '5', '6', '7', '8', '9'].map(figure => (
            <button key={figure} type="button" className={pad} onClick={() => key(figure)}>
              {figure}
            </button>
          ))}
          <button
            type="button"
            className="min-h-14 rounded-xl border-2 border-hair text-[15px] font-semibold hover:border-damson"
            onClick={() => choose(null)}
          >
            Not me
          </button>
          <button type="button" className={pad} onClick={() => key('0')}>
            0
          </button>
          <button
            type="button"
            aria-label="Take the last figure back"
            className={`${pad} inline-flex items-center justify-center`}
            onClick={() => setPin(before => before.slice(0, -1))}
          >
            <Delete size={22} aria-hidden />
          </button>
        </div>
        <button
          type="submit"
          className="do do-first min-h-14 w-full justify-center text-[18px]"
          disabled={busy || pin.length < 4}
        >
          Come in
        </button>
      </form>
    </DoorStep>
  )
}
