// Which market is in view, and who is working.
'use client'
import type { MarketCode, StaffRole } from '@fair-tin/core/model'
import type { Membership } from '@fair-tin/data'
import { useRouter } from 'next/navigation'
import { useTransition } from 'react'
import { toast } from 'sonner'
import { Choose, type Option } from '../../ui/Choose'
import { viewMarket } from './actions'
import { Finder } from './Finder'
import { KeyHelp } from './KeyHelp'
import { chooseMarket, useMarket } from './market'
import { PersonMenu } from './PersonMenu'

export function TopBar({
  bakery,
  person,
  onDevice,
  byPassword,
  others,
  markets,
  market,
}: {
  bakery: string
  person: { name: string; role: StaffRole }
  onDevice: boolean
  byPassword: boolean
  others: readonly Membership[]
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
    <header className="isolate flex flex-wrap items-center gap-2 px-1 pt-2 pb-1 print:hidden" aria-busy={busy}>
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
      <PersonMenu person={person} onDevice={onDevice} byPassword={byPassword} others={others} />
    </header>
  )
}
