import { deviceOf, peopleAt } from '@fair-tin/data'
import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { deviceCookie } from '../../door/cookies'
import { WhoIsHere } from '../../screens/door/WhoIsHere'

export const metadata = { title: 'Who is here?' }
export default async function WhoPage({ searchParams }: { searchParams: Promise<{ to?: string | string[] }> }) {
  const key = (await cookies()).get(deviceCookie)?.value
  const device = key ? await deviceOf(key) : null
  if (!device) redirect('/sign-in')
  const { to } = await searchParams
  return (
    <WhoIsHere
      device={device.name}
      people={await peopleAt(device.bakery)}
      {...(typeof to === 'string' ? { to } : {})}
    />
  )
}
