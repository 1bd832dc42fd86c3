// Somebody new, or an inspector who may look.
'use client'
import { StaffRole, staffRoles } from '@fair-tin/core/model'
import { useState } from 'react'
import { Choose } from '../../ui/Choose'
import { idFrom } from '../idFrom'
import type { Send } from './PersonSheet'

export function NewPerson({ busy, send }: { busy: boolean; send: Send }) {
  const [name, setName] = useState('')
  const [role, setRole] = useState<StaffRole>('baker')
  return (
    <form
      className="mt-4 flex flex-wrap items-end gap-2"
      onSubmit={async event => {
        event.preventDefault()
        const person = { id: idFrom(name), name, role, seesPrices: true, signsFor: [] }
        if (await send({ do: 'add', person }, `${name} is in. Give them a PIN or a link.`)) setName('')
      }}
    >
      <label className="min-w-48 flex-1">
        <span className="block text-[13.5px] text-quiet">Somebody new</span>
        <input className="field" value={name} maxLength={100} onChange={event => setName(event.target.value)} />
      </label>
      <span className="w-36">
        <Choose
          label="Their part"
          value={role}
          options={StaffRole.options.map(value => ({ value, label: staffRoles[value].title }))}
          onChange={value => setRole(value as StaffRole)}
        />
      </span>
      <button type="submit" className="do" disabled={busy || name.trim() === ''}>
        Take them on
      </button>
    </form>
  )
}
