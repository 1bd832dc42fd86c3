// Who works here, what they may do and come in by; the tablets let in; where anybody is signed in.
'use client'
import type { DeviceRow, Entry, PersonRow } from '@fair-tin/data'
import Bowser from 'bowser'
import Link from 'next/link'
import { type ReactNode, useState, useTransition } from 'react'
import { toast } from 'sonner'
import { Scroller } from '../../ui/Group'
import { ask } from '../ask'
import { Wrong } from '../door/DoorStep'
import { NewPerson } from './NewPerson'
import { PersonSheet } from './PersonSheet'

export interface PeopleServed {
  people: PersonRow[]
  sessions: Entry[]
  devices: DeviceRow[]
}
/** "Firefox on Windows", as far as a browser says. */
function browserOf(agent: string): string {
  if (agent === '') return 'a browser'
  const { browser, os } = Bowser.parse(agent)
  return [browser.name || 'a browser', os.name].filter(Boolean).join(' on ')
}
/** As JSON brings it, days and hours are text. */
const spoken = (moment: Date | string): string =>
  new Date(moment).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

export function People({
  served,
  me,
  session,
  children,
}: {
  served: PeopleServed
  me: string
  session: string
  children: ReactNode
}) {
  const [shown, setShown] = useState(served)
  const [wrong, setWrong] = useState('')
  const [link, setLink] = useState<{ for: string; address: string } | null>(null)
  const [tablet, setTablet] = useState('')
  const [busy, start] = useTransition()
  const send = (body: object, done: string, person?: string): Promise<boolean> =>
    new Promise(resolve =>
      start(async () => {
        setWrong('')
        const said = await ask<PeopleServed & { link?: string }>('/api/v1/people', body)
        if ('problem' in said) {
          setWrong(said.problem)
          return resolve(false)
        }
        setShown(said)
        if (said.link) setLink({ for: person ?? '', address: `${window.location.origin}/welcome/${said.link}` })
        toast(done)
        resolve(true)
      }),
    )
  const letIn = () =>
    start(async () => {
      setWrong('')
      const said = await ask<object>('/api/v1/door', { do: 'let this device in', name: tablet })
      if ('problem' in said) return setWrong(said.problem)
      await ask<object>('/api/v1/door', { do: 'leave' })
      window.location.assign('/who')
    })
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">People and tablets</h1>
        <Link href="/kitchen" className="word-link">
          Back to Kitchen
        </Link>
      </div>
      <Wrong>{wrong}</Wrong>
      {link && (
        <div role="status" className="rounded-lg border-2 border-navy bg-pane px-3 py-2">
          <p>
            Give this to {link.for}, and to nobody else. Whoever has it comes in as {link.for}.
          </p>
          <p className="my-1 font-figure text-[14px] break-all select-all">{link.address}</p>
          <button type="button" className="word-link" onClick={() => setLink(null)}>
            I have passed it on
          </button>
        </div>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)] lg:overflow-hidden">
        <Scroller label="People">
          <h2 className="text-base">Who works here</h2>
          <ul>
            {shown.people.map(person => (
              <PersonSheet key={person.id} person={person} me={person.id === me} busy={busy} send={send} />
            ))}
          </ul>
          <NewPerson busy={busy} send={send} />
        </Scroller>
        <Scroller label="Tablets and where anybody is signed in">
          <h2 className="text-base">Tablets</h2>
          <p className="text-[13.5px] text-quiet">
            A tablet that was let in stays in the kitchen: whoever is at it taps their name and types their PIN.
          </p>
          <ul>
            {shown.devices.map(device => (
              <li key={device.id} className="flex items-center gap-3 border-b border-hair py-1.5">
                <span className="min-w-0 flex-1">
                  {device.name}
                  <span className="block text-[13px] text-quiet">last used {spoken(device.seenAt)}</span>
                </span>
                <button
                  type="button"
                  className="do"
                  disabled={busy}
                  onClick={() => send({ do: 'end device', id: device.id }, `${device.name} is shut out.`)}
                >
                  Shut it out
                </button>
              </li>
            ))}
          </ul>
          <form
            className="mt-2 mb-5 flex flex-wrap items-end gap-2"
            onSubmit={event => {
              event.preventDefault()
              letIn()
            }}
          >
            <label className="min-w-40 flex-1">
              <span className="block text-[13.5px] text-quiet">Where this one stands</span>
              <input
                className="field"
                value={tablet}
                maxLength={60}
                onChange={event => setTablet(event.target.value)}
              />
            </label>
            <button type="submit" className="do" disabled={busy || tablet.trim() === ''}>
              Make this browser a tablet
            </button>
            <p className="w-full text-[13px] text-quiet">
              You are signed out of it, and come back by PIN. It needs at least one person with a PIN.
            </p>
          </form>
          <h2 className="text-base">Signed in now</h2>
          <ul>
            {shown.sessions.map(one => (
              <li key={one.id} className="flex items-center gap-3 border-b border-hair py-1.5">
                <span className="min-w-0 flex-1">
                  {one.person}
                  <span className="block truncate text-[13px] text-quiet">
                    {one.device ?? browserOf(one.agent)} · since {spoken(one.beganAt)}, last {spoken(one.seenAt)}
                  </span>
                </span>
                {one.id === session ? (
                  <span className="text-[13.5px] text-quiet">this one</span>
                ) : (
                  <button
                    type="button"
                    className="do"
                    disabled={busy}
                    onClick={() => send({ do: 'end session', id: one.id }, `${one.person} is signed out there.`)}
                  >
                    Sign out
                  </button>
                )}
              </li>
            ))}
          </ul>
          <div className="mt-5">{children}</div>
        </Scroller>
      </div>
    </section>
  )
}
