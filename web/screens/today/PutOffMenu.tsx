// Puts a matter off: to tomorrow, a week, a month; it is there again on that day, or as soon as it says something else.
'use client'
import { type Matter, saidOf } from '@fair-tin/core/assess'
import { daysAfter, spokenDay } from '@fair-tin/core/words'
import { useRouter } from 'next/navigation'
import { DropdownMenu } from 'radix-ui'
import { useState, useTransition } from 'react'
import { ask } from '../ask'

const choices = [
  { days: 1, says: 'Till tomorrow' },
  { days: 7, says: 'For a week' },
  { days: 30, says: 'For thirty days' },
] as const

/** What breaks is not forgotten for longer than a week. */
const choicesFor = ({ weight }: Matter) => choices.filter(one => weight !== 'breaks' || one.days <= 7)

/** `until`: null brings it back. */
export function usePuttingOff() {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [problem, setProblem] = useState('')
  const put = (matter: Matter, until: string | null) =>
    start(async () => {
      const said = await ask<{ until: string | null }>('/api/v1/put-off', {
        key: matter.key,
        said: saidOf(matter),
        until,
      })
      setProblem('problem' in said ? said.problem : '')
      if (!('problem' in said)) router.refresh()
    })
  return { busy, problem, put }
}

export function PutOffMenu({ matter, today }: { matter: Matter; today: string }) {
  const { busy, problem, put } = usePuttingOff()
  return (
    <span className="flex shrink-0 flex-col items-end">
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          disabled={busy}
          className="word-link inline-flex min-h-[24px] items-start text-quiet pointer-coarse:min-h-[44px]"
          aria-label={`Put off: ${matter.what}`}
        >
          {busy ? 'Putting off …' : 'Put off'}
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            className="z-50 flex flex-col rounded-lg border-2 border-navy bg-pane p-1 shadow-float"
          >
            {choicesFor(matter).map(({ days, says }) => (
              <DropdownMenu.Item
                key={days}
                className="min-h-[28px] cursor-default rounded px-2 py-1 data-[highlighted]:bg-hair pointer-coarse:min-h-[44px]"
                onSelect={() => put(matter, daysAfter(today, days))}
              >
                {says} <span className="text-quiet">({spokenDay(daysAfter(today, days))})</span>
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {problem && (
        <span role="alert" className="text-[13px] text-breaks">
          {problem}
        </span>
      )}
    </span>
  )
}
