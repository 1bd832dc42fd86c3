// Another password, by the one that was. Everybody signed in by the old one is signed out, here too.
'use client'
import { useState } from 'react'
import { DoorStep, Field, Wrong } from './DoorStep'
import { RecoveryCode } from './RecoveryCode'
import { useDoor } from './useDoor'

export function ChangePassword() {
  const [old, setOld] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState<string | null>(null)
  const { wrong, busy, knock } = useDoor()
  if (code !== null) return <RecoveryCode code={code} to="/sign-in" />
  return (
    <DoorStep title="Change my password">
      <form
        onSubmit={event => {
          event.preventDefault()
          knock<{ code: string }>({ do: 'change password', old, password }, said => setCode(said.code))
        }}
      >
        <Wrong>{wrong}</Wrong>
        <Field label="The password now" type="password" value={old} onChange={setOld} autoComplete="current-password" />
        <Field
          label="New password"
          type="password"
          value={password}
          onChange={setPassword}
          autoComplete="new-password"
          note="At least 12 letters. You are signed out everywhere, and get another recovery code."
        />
        <button type="submit" className="do do-first" disabled={busy}>
          Change it
        </button>
      </form>
    </DoorStep>
  )
}
