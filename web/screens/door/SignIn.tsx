// In by e-mail and password; by the recovery code where the password is lost.
'use client'
import { useState } from 'react'
import { DoorStep, Field, Wrong } from './DoorStep'
import { RecoveryCode } from './RecoveryCode'
import { placeOf, useDoor } from './useDoor'

export function SignIn({ to }: { to?: string }) {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  const [lost, setLost] = useState(false)
  const [next, setNext] = useState<string | null>(null)
  const { wrong, busy, knock } = useDoor()
  if (next !== null) return <RecoveryCode code={next} to="/sign-in" />
  return (
    <DoorStep title={lost ? 'A new password' : 'Sign in'}>
      <form
        onSubmit={event => {
          event.preventDefault()
          if (lost) knock<{ code: string }>({ do: 'recover', email, code, password }, said => setNext(said.code))
          else knock({ do: 'sign in', email, password }, () => window.location.assign(placeOf(to)))
        }}
      >
        <Wrong>{wrong}</Wrong>
        <Field label="E-mail" type="email" value={email} onChange={setEmail} autoComplete="username" />
        {lost && (
          <Field
            label="Recovery code"
            value={code}
            onChange={setCode}
            autoComplete="one-time-code"
            note="Five groups of four, shown when the account was made."
          />
        )}
        <Field
          label={lost ? 'New password' : 'Password'}
          type="password"
          value={password}
          onChange={setPassword}
          autoComplete={lost ? 'new-password' : 'current-password'}
          {...(lost ? { note: 'At least 12 letters. Everybody signed in by the old one is signed out.' } : {})}
        />
        <div className="flex flex-wrap items-center gap-3">
          <button type="submit" className="do do-first" disabled={busy}>
            {lost ? 'Set the new password' : 'Sign in'}
          </button>
          <button type="button" className="word-link" onClick={() => setLost(!lost)}>
            {lost ? 'I know my password' : 'I lost my password'}
          </button>
        </div>
      </form>
    </DoorStep>
  )
}
