// What a link leads to: straight in, a look around, or an account of one's own.
'use client'
import type { LinkKind } from '@fair-tin/data'
import { useEffect, useRef, useState } from 'react'
import { DoorStep, Field, Wrong } from './DoorStep'
import { RecoveryCode } from './RecoveryCode'
import { useDoor } from './useDoor'

export function Welcome({
  link,
  kind,
  person,
  bakery,
  takesOver,
}: {
  link: string
  kind: LinkKind
  person: string | null
  bakery: string | null
  /** A bakery that is there already gets its first owner. */
  takesOver: boolean
}) {
  const { wrong, busy, knock } = useDoor()
  const asked = useRef(false)
  const come = () => knock({ do: 'use link', key: link }, () => window.location.assign('/'))
  // a look at the address alone, by whatever fetches addresses, uses nothing up
  useEffect(() => {
    if (kind !== 'sign in' || asked.current) return
    asked.current = true
    come()
  })
  if (kind === 'join' || kind === 'first owner')
    return <Account link={link} person={person} bakery={bakery} takesOver={takesOver} />
  return (
    <DoorStep title={`Welcome, ${person}`}>
      <Wrong>{wrong}</Wrong>
      <p className="mb-4">
        {kind === 'look'
          ? `You may look at everything of ${bakery}, and change nothing.`
          : `This signs you in at ${bakery}.`}
      </p>
      <button type="button" className="do do-first" disabled={busy} onClick={come}>
        Come in
      </button>
    </DoorStep>
  )
}

function Account({
  link,
  person,
  bakery,
  takesOver,
}: {
  link: string
  person: string | null
  bakery: string | null
  takesOver: boolean
}) {
  const [bakeryName, setBakeryName] = useState('')
  const [name, setName] = useState('')
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState<string | null>(null)
  const { wrong, busy, knock } = useDoor()
  if (code !== null) return <RecoveryCode code={code} to="/" />
  return (
    <DoorStep title={person ? `Welcome, ${person}` : 'Your bakery'}>
      <form
        onSubmit={event => {
          event.preventDefault()
          const body = { do: 'join', key: link, email, password, ...(person ? {} : { bakeryName, name }) }
          knock<{ code: string | null }>(body, said => (said.code ? setCode(said.code) : window.location.assign('/')))
        }}
      >
        <Wrong>{wrong}</Wrong>
        {person ? (
          <p className="mb-3">
            You work at {bakery}. Say what you will sign in with; if you sign in at another bakery here already, the
            same e-mail and password.
          </p>
        ) : (
          <>
            {!takesOver && (
              <Field
                label="What the bakery is called"
                value={bakeryName}
                onChange={setBakeryName}
                autoComplete="organization"
              />
            )}
            <Field label="Your name" value={name} onChange={setName} autoComplete="name" />
          </>
        )}
        <Field label="E-mail" type="email" value={email} onChange={setEmail} autoComplete="username" />
        <Field
          label="Password"
          type="password"
          value={password}
          onChange={setPassword}
          autoComplete="new-password"
          note="At least 12 letters: three or four words that do not belong together."
        />
        <button type="submit" className="do do-first" disabled={busy}>
          {person ? 'Make my account' : 'Open the bakery'}
        </button>
      </form>
    </DoorStep>
  )
}
