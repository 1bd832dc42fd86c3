// Which market is in view, and who is working.
'use client'
import type { MarketCode } from '@fair-tin/core/model'
import type { Person } from '@fair-tin/data'
import { useRouter } from 'next/navigation'
import { useTransition } from 'react'
import { toast } from 'sonner'
import { Choose, type Option } from '../../ui/Choose'
import { standAtTheBench, viewMarket } from './actions'
import { Finder } from './Finder'
import { KeyHelp } from './KeyHelp'
import { chooseMarket, useMarket } from './market'

export function TopBar({
  bakery,
  staff,
  person,
  markets,
  market,
}: {
  bakery: string
  staff: Person[]
  person: string | undefined
  markets: Option[]
  market: MarketCode
}) {
  const router = useRouter()
  const inView = useMarket(market)
  const [busy, start] = useTransition()
  const choose = (action: (value: string) => Promise<void>) => (value: string) =>
    start(async () => {
      try {
        await action(value)
      } catch {
        // what is on the screen stays: a reading now would only replace it by an error
        return void toast('The server does not answer, so this is not remembered yet. Choose it again in a moment.')
      }
      router.refresh()
    })
  return (
    <header className="flex flex-wrap items-center gap-2 px-1 pt-2 pb-1 print:hidden" aria-busy={busy}>
      <Finder />
      <span className="pl-2 text-quiet max-lg:hidden">{bakery}</span>
      <span className="mr-auto" />
      <KeyHelp />
      <Choose
        pill
        label="Selling in"
        value={inView}
        options={markets}
        onChange={value => {
          chooseMarket(value as MarketCode)
          choose(viewMarket)(value)
        }}
      />
      <span className={person ? '' : 'rounded-full ring-2 ring-damson ring-offset-2 ring-offset-page'}>
        <Choose
          pill
          label="At the bench"
          value={person ?? ''}
          placeholder="who?"
          options={staff.map(one => ({ value: one.id, label: one.name }))}
          onChange={choose(standAtTheBench)}
        />
      </span>
    </header>
  )
}
