import { linkOf, personAt } from '@fair-tin/data'
import Link from 'next/link'
import { DoorStep } from '../../../screens/door/DoorStep'
import { Welcome } from '../../../screens/door/Welcome'

export const metadata = { title: 'Welcome', referrer: 'no-referrer' as const }
export default async function WelcomePage({ params }: { params: Promise<{ key: string }> }) {
  const { key } = await params
  const link = await linkOf(key)
  const person = link?.bakery && link.staff ? await personAt(link.bakery, link.staff) : null
  if (!link || (link.staff && !person))
    return (
      <DoorStep title="This link leads nowhere any more">
        <p className="mb-4">It was used already, or its time is over. Ask whoever sent it for another.</p>
        <Link href="/sign-in" className="do">
          Sign in
        </Link>
      </DoorStep>
    )
  return (
    <Welcome
      link={key}
      kind={link.kind}
      person={person?.name ?? null}
      bakery={person?.bakery ?? null}
      takesOver={link.bakery !== null}
    />
  )
}
