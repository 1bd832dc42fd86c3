// Who is working, and how they change places, go to another bakery, or leave.
'use client'
import { type StaffRole, staffRoles } from '@fair-tin/core/model'
import type { Membership } from '@fair-tin/data'
import { ChevronDown } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { DropdownMenu } from 'radix-ui'
import { useTransition } from 'react'
import { toast } from 'sonner'
import { ask } from '../ask'

const item =
  'block w-full cursor-pointer rounded px-3 py-1.5 text-left outline-none data-[highlighted]:bg-navy data-[highlighted]:text-white'

export function PersonMenu({
  person,
  onDevice,
  byPassword,
  others,
}: {
  person: { name: string; role: StaffRole }
  onDevice: boolean
  byPassword: boolean
  others: readonly Membership[]
}) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const go = (to: string, body: object) =>
    start(async () => {
      const said = await ask<object>('/api/v1/door', body)
      if ('problem' in said) return void toast(said.problem)
      // another person, another bakery: nothing of the last one's pages is kept
      window.location.assign(to)
    })
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`${person.name}, ${staffRoles[person.role].title.toLowerCase()}: change places or leave`}
        disabled={busy}
        className="inline-flex items-center gap-1.5 rounded-full border-[1.5px] border-hair bg-pane px-3.5 py-1 whitespace-nowrap"
      >
        <span className="max-w-40 truncate">{person.name}</span>
        <span className="text-quiet max-xl:sr-only">{staffRoles[person.role].title.toLowerCase()}</span>
        <ChevronDown size={14} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-50 min-w-52 rounded-lg border-2 border-navy bg-pane p-1 shadow-float"
        >
          {onDevice && (
            <DropdownMenu.Item className={item} onSelect={() => go('/who', { do: 'leave' })}>
              Change places
            </DropdownMenu.Item>
          )}
          {person.role === 'owner' && (
            <DropdownMenu.Item className={item} onSelect={() => router.push('/kitchen/people')}>
              People and tablets
            </DropdownMenu.Item>
          )}
          {byPassword && (
            <DropdownMenu.Item className={item} onSelect={() => router.push('/password')}>
              Change my password
            </DropdownMenu.Item>
          )}
          {others.map(one => (
            <DropdownMenu.Item
              key={one.bakery}
              className={item}
              onSelect={() => go('/', { do: 'go to', bakery: one.bakery })}
            >
              Go to {one.name}
            </DropdownMenu.Item>
          ))}
          {!onDevice && (
            <DropdownMenu.Item className={item} onSelect={() => go('/sign-in', { do: 'leave' })}>
              Sign out
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item
            className={item}
            onSelect={() => go(onDevice ? '/who' : '/sign-in', { do: 'leave everywhere' })}
          >
            Sign out everywhere
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
