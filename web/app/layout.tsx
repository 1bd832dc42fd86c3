import { marketsServed, rulesAsRead } from '@fair-tin/core/market'
import { otherBakeries } from '@fair-tin/data'
import type { Metadata } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import { Toaster } from 'sonner'
import { marketInView } from '../bakery'
import { tokenOf } from '../door/cookies'
import { here, sessionHere } from '../door/here'
import { EarlyTyping } from '../screens/frame/EarlyTyping'
import { Locale } from '../screens/frame/Locale'
import { Rail } from '../screens/frame/Rail'
import { remembersTyping } from '../screens/frame/remembersTyping'
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

/** Whoever is signed in with the stations around them; before that, the door and nothing else. */
export default async function Layout({ children }: { children: ReactNode }) {
  const [who, session, market] = await Promise.all([here(), sessionHere(), marketInView()])
  const nonce = /'nonce-([^']+)'/.exec((await headers()).get('content-security-policy') ?? '')?.[1]
  const others = who && session?.account ? await otherBakeries(session.account) : []
  return (
    <html lang="en-GB">
      <head>
        {/* a browser shows no script its nonce again */}
        <script nonce={nonce} suppressHydrationWarning>
          {remembersTyping}
        </script>
        {session && <meta name="fair-tin-token" content={tokenOf(session.id)} />}
        {who && <meta name="fair-tin-person" content={who.id} />}
      </head>
      <body>
        {who && session ? (
          <div className="flex h-dvh max-md:flex-col print:block print:h-auto">
            <Rail />
            <div className="flex min-h-0 min-w-0 flex-1 flex-col px-3.5 pb-3 max-md:px-2">
              <TopBar
                bakery={who.bakeryName}
                person={{ name: who.name, role: who.role }}
                onDevice={session.device !== null}
                byPassword={session.account !== null}
                others={others.filter(one => one.bakery !== who.bakery)}
                market={market}
                markets={marketsServed.map(code => ({ value: code, label: rulesAsRead(code).title }))}
              />
              <main className="flex min-h-0 flex-1 flex-col">
                <Locale locale={localeOf(process.env.FAIR_TIN_LOCALE)}>{children}</Locale>
              </main>
            </div>
          </div>
        ) : (
          <main className="flex min-h-dvh flex-col p-4">{children}</main>
        )}
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
