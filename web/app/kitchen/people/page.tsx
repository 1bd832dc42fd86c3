import { mayDo } from '@fair-tin/core/model'
import { isFresh, peopleAndPlaces } from '@fair-tin/data'
import Link from 'next/link'
import { reading } from '../../../bakery'
import { here, sessionHere } from '../../../door/here'
import { TakeEverything } from '../../../screens/kitchen/TakeEverything'
import { People } from '../../../screens/people/People'

export const metadata = { title: 'People and tablets' }
export default async function PeoplePage() {
  const [who, session] = await Promise.all([here(), sessionHere()])
  if (!who || !mayDo(who, 'people'))
    return (
      <div className="m-auto max-w-md text-center">
        <h1 className="text-2xl">Who works here is the owner’s to say.</h1>
        <p className="my-3 text-quiet">Ask them for a PIN, a password, or to let a tablet in.</p>
        <Link href="/kitchen" className="do">
          Back to Kitchen
        </Link>
      </div>
    )
  const [served, fresh] = await reading(sql => Promise.all([peopleAndPlaces(sql), isFresh(sql)]))
  return (
    <People served={served} me={who.id} session={session?.id ?? ''}>
      <TakeEverything fresh={fresh} />
    </People>
  )
}
