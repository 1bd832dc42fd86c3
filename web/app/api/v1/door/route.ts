// Coming in and going out: by password, by PIN on a tablet, by a link; another bakery, a lost password. Open to whoever comes.
import {
  accountProblem,
  changePassword,
  deviceOf,
  endSessions,
  foundBakery,
  joinBakery,
  leave,
  letDeviceIn,
  linkOf,
  makeAccount,
  NotLetIn,
  openSession,
  otherBakeries,
  type Place,
  personAt,
  recover,
  type Stay,
  sessionOf,
  signIn,
  stays,
  takeOver,
  tryPin,
  useLink,
} from '@fair-tin/data'
import { cookies } from 'next/headers'
import { z } from 'zod'
import { cameFrom } from '../../../../door/cameFrom'
import { deviceCookie, deviceDays, keyCookie, sessionCookie, sessionDays } from '../../../../door/cookies'
import { here } from '../../../../door/here'
import { tell, tellFailure } from '../../../../log'
import { problem } from '../answer'
import { jsonOf } from '../jsonOf'

const Text = z.string().max(400)
const Asked = z.discriminatedUnion('do', [
  z.object({ do: z.literal('sign in'), email: Text, password: Text, bakery: Text.optional() }),
  z.object({ do: z.literal('recover'), email: Text, code: Text, password: Text }),
  z.object({ do: z.literal('change password'), old: Text, password: Text }),
  z.object({ do: z.literal('take a place'), staff: Text, pin: Text }),
  z.object({ do: z.literal('leave') }),
  z.object({ do: z.literal('leave everywhere') }),
  z.object({ do: z.literal('go to'), bakery: Text }),
  z.object({ do: z.literal('let this device in'), name: Text }),
  z.object({ do: z.literal('use link'), key: Text }),
  z.object({
    do: z.literal('join'),
    key: Text,
    email: Text,
    password: Text,
    bakeryName: z.string().trim().max(100).optional(),
    name: z.string().trim().max(100).optional(),
  }),
])
type Asked = z.infer<typeof Asked>

export async function POST(request: Request): Promise<Response> {
  const read = Asked.safeParse(await jsonOf(request))
  if (!read.success) return problem(422, 'This cannot be read at the door. Reload the page.')
  try {
    const said = await done(read.data, request)
    await tell('at the door', { did: read.data.do })
    return Response.json(said)
  } catch (error) {
    if (error instanceof NotLetIn) {
      await tell('not let in', { asked: read.data.do, waits: error.wait })
      return Response.json(
        { problem: error.message },
        error.wait > 0 ? { status: 429, headers: { 'retry-after': String(error.wait) } } : { status: 403 },
      )
    }
    await tellFailure('the door failed', error)
    return problem(503, 'The database did not answer. Try again in a moment.')
  }
}

async function done(asked: Asked, request: Request): Promise<object> {
  const agent = request.headers.get('user-agent') ?? ''
  const from = cameFrom(request.headers)
  const jar = await cookies()
  /** Whoever was here before is out: the key never outlives who it stood for. */
  const come = async (place: Place, stay: Stay) => {
    const former = jar.get(sessionCookie)?.value
    if (former) await leave(former)
    jar.set(sessionCookie, await openSession(place, stay, agent), keyCookie(sessionDays))
    return { in: true }
  }
  switch (asked.do) {
    case 'sign in': {
      const { account, bakeries } = await signIn(asked.email, asked.password, from)
      const [first] = bakeries
      const chosen = asked.bakery ? bakeries.find(one => one.bakery === asked.bakery) : first
      if (!chosen) throw new NotLetIn('You do not work at that bakery.')
      return come({ bakery: chosen.bakery, staff: chosen.staff, account }, stays.password)
    }
    case 'recover':
      return { code: await recover(asked.email, asked.code, asked.password, from) }
    case 'change password': {
      const key = jar.get(sessionCookie)?.value
      const session = key ? await sessionOf(key) : null
      if (!session?.account)
        throw new NotLetIn('You came in by a PIN or a link. Sign in by your e-mail and password first.')
      return { code: await changePassword(session.account, asked.old, asked.password) }
    }
    case 'take a place': {
      const key = jar.get(deviceCookie)?.value
      const device = key ? await deviceOf(key) : null
      if (!device)
        throw new NotLetIn('This tablet is not let in, or no longer. The owner lets it in under Kitchen, People.')
      await tryPin(device.bakery, asked.staff, asked.pin)
      return come({ bakery: device.bakery, staff: asked.staff, device: device.id }, stays.pin)
    }
    case 'leave': {
      const key = jar.get(sessionCookie)?.value
      if (key) await leave(key)
      jar.delete(sessionCookie)
      return { out: true }
    }
    case 'leave everywhere': {
      const who = await here()
      if (who) await endSessions(who.bakery, { staff: who.id })
      jar.delete(sessionCookie)
      return { out: true }
    }
    case 'go to': {
      const key = jar.get(sessionCookie)?.value
      const session = key ? await sessionOf(key) : null
      const to = session?.account
        ? (await otherBakeries(session.account)).find(one => one.bakery === asked.bakery)
        : undefined
      if (!session?.account || !to) throw new NotLetIn('You do not work at that bakery.')
      return come({ bakery: to.bakery, staff: to.staff, account: session.account }, stays.password)
    }
    case 'let this device in': {
      const who = await here()
      if (who?.role !== 'owner') throw new NotLetIn('Only the owner lets a tablet in.')
      jar.set(deviceCookie, await letDeviceIn(who.bakery, asked.name, who.id), keyCookie(deviceDays))
      return { in: true }
    }
    case 'use link': {
      const link = await linkOf(asked.key)
      if (!link || (link.kind !== 'sign in' && link.kind !== 'look')) throw usedUp
      const used = await useLink(asked.key)
      if (!used?.bakery || !used.staff || !(await personAt(used.bakery, used.staff))) throw usedUp
      const hours = Math.max(1, Math.floor((used.endsAt.getTime() - Date.now()) / 3_600_000))
      const stay = used.kind === 'look' ? { ...stays.look, hours: Math.min(hours, stays.look.hours) } : stays.password
      return come({ bakery: used.bakery, staff: used.staff }, stay)
    }
    case 'join':
      return joined(asked, from, come)
  }
}
const usedUp = new NotLetIn('This link was used already, or its time is over. Ask for another.')

/** The first owner of a new bakery, or somebody an owner asked in: an account of their own, or the one they have. */
async function joined(
  { key, email, password, bakeryName, name }: Extract<Asked, { do: 'join' }>,
  from: string,
  come: (place: Place, stay: Stay) => Promise<object>,
): Promise<object> {
  const link = await linkOf(key)
  if (!link || (link.kind !== 'join' && link.kind !== 'first owner')) throw usedUp
  const founds = link.staff === null
  if (founds && !link.bakery && !bakeryName) throw new NotLetIn('Say what the bakery is called.')
  if (founds && !name) throw new NotLetIn('Say your own name.')
  // everything that can be wrong is found before the link is used up
  const known = await signIn(email, password, from).catch(() => null)
  const wrong = known ? null : await accountProblem(email, password, [bakeryName ?? '', name ?? ''])
  if (wrong) throw new NotLetIn(wrong)
  if (!(await useLink(key))) throw usedUp
  const place = !founds
    ? { bakery: link.bakery!, staff: link.staff! }
    : link.bakery
      ? await takeOver(link.bakery, name!)
      : await foundBakery(bakeryName!, name!)
  const code = known ? null : await makeAccount(email, password, place.bakery, place.staff)
  if (known) await joinBakery(known.account, place.bakery, place.staff)
  await come(place, stays.password)
  return { code }
}
