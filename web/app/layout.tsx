import { marketsServed, rulesOf } from '@fair-tin/core/market'
import { listStaff } from '@fair-tin/data'
import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import { Toaster } from 'sonner'
import { atTheBench, marketInView, reading } from '../bakery'
import { EarlyTyping } from '../screens/frame/EarlyTyping'
import { Locale } from '../screens/frame/Locale'
import { Rail } from '../screens/frame/Rail'
import { TopBar } from '../screens/frame/TopBar'
import '../ui/theme.css'

export const metadata: Metadata = {
  title: { default: 'Fair Tin', template: '%s · Fair Tin' },
  description: 'From a written recipe to a label you can stand behind.',
}
export const dynamic = 'force-dynamic'

/** What is no locale does not take the pages along. */
function localeOf(said = 'en-GB'): string {
  try {
    return Intl.getCanonicalLocales(said)[0] ?? 'en-GB'
  } catch {
    return 'en-GB'
  }
}

export default async function Layout({ children }: { children: ReactNode }) {
  const [frame, person, market] = await Promise.all([
    reading(async sql => {
      const [staff, bakery] = await Promise.all([listStaff(sql), sql<{ name: string }[]>`select name from bakery`])
      return { staff, bakery: bakery[0]?.name ?? 'No bakery yet' }
    }),
    atTheBench(),
    marketInView(),
  ])
  const known = frame.staff.some(one => one.id === person) ? person : undefined
  return (
    <html lang="en-GB">
      <body>
        <div className="flex h-dvh max-md:flex-col print:block print:h-auto">
          <Rail />
          <div className="flex min-h-0 min-w-0 flex-1 flex-col px-3.5 pb-3 max-md:px-2">
            <TopBar
              bakery={frame.bakery}
              staff={frame.staff}
              person={known}
              market={market}
              markets={marketsServed.map(code => ({ value: code, label: rulesOf(code).title }))}
            />
            <main className="flex min-h-0 flex-1 flex-col">
              <Locale locale={localeOf(process.env.FAIR_TIN_LOCALE)}>{children}</Locale>
            </main>
          </div>
        </div>
        <EarlyTyping />
        <Toaster
          position="bottom-left"
          toastOptions={{
            style: {
              border: '2px solid var(--color-navy)',
              background: 'var(--color-pane)',
              color: 'var(--color-ink)',
              fontFamily: 'var(--font-text)',
            },
          }}
        />
      </body>
    </html>
  )
}
