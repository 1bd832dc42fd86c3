// Who works here, and what they come in by: the owner's to see and to change.
import {
  addPerson,
  changePerson,
  endDevice,
  endSessions,
  letPersonGo,
  listStaff,
  makeLink,
  NotLetIn,
  Person,
  peopleAndPlaces,
  setPin,
} from '@fair-tin/data'
import { z } from 'zod'
import { changing } from '../../../../bakery'
import { here } from '../../../../door/here'
import { problem, Refused, refusal } from '../answer'
import { jsonOf } from '../jsonOf'

const Id = z.string().min(1).max(100)
const Asked = z.discriminatedUnion('do', [
  z.object({ do: z.literal('add'), person: Person }),
  z.object({ do: z.literal('change'), person: Person }),
  z.object({ do: z.literal('let go'), id: Id }),
  z.object({ do: z.literal('set pin'), id: Id, pin: z.string().max(20) }),
  z.object({ do: z.literal('ask in'), id: Id }),
  z.object({ do: z.literal('let look'), id: Id, days: z.number().int().min(1).max(60) }),
  z.object({ do: z.literal('end session'), id: z.uuid() }),
  z.object({ do: z.literal('end device'), id: z.uuid() }),
])

export async function GET(): Promise<Response> {
  try {
    return Response.json(await changing('people', peopleAndPlaces))
  } catch (error) {
    return refusal(error)
  }
}

const lastOwner = 'Somebody has to own the bakery. Make another person its owner first.'
export async function POST(request: Request): Promise<Response> {
  const read = Asked.safeParse(await jsonOf(request))
  if (!read.success) return problem(422, read.error.issues[0]?.message ?? 'This cannot be read. Reload the page.')
  try {
    const link = await done(read.data)
    return Response.json({ ...(await changing('people', peopleAndPlaces)), ...(link ? { link } : {}) })
  } catch (error) {
    return error instanceof NotLetIn ? problem(422, error.message) : refusal(error)
  }
}

async function done(asked: z.infer<typeof Asked>): Promise<string | undefined> {
  if (asked.do === 'add') {
    await changing('people', sql => addPerson(sql, asked.person))
    return
  }
  if (asked.do === 'change' || asked.do === 'let go') {
    const kept = await changing('people', sql =>
      asked.do === 'change' ? changePerson(sql, asked.person) : letPersonGo(sql, asked.id),
    )
    if (!kept) throw new Refused(409, lastOwner)
    return
  }
  // the rest is the door's, which takes nobody's word for whose bakery it is
  const who = await changing('people', async sql => {
    const staff = await listStaff(sql)
    const person = 'id' in asked ? staff.find(one => one.id === asked.id) : undefined
    if (['set pin', 'ask in', 'let look'].includes(asked.do) && !person)
      throw new Refused(410, 'This person does not work here any more.')
    return { person }
  })
  const { bakery } = (await here())!
  switch (asked.do) {
    case 'set pin':
      await setPin(bakery, asked.id, asked.pin)
      return
    case 'ask in':
      if (who.person?.role === 'reader') throw new Refused(422, 'A reader gets a link to look, and no password.')
      return makeLink('join', { bakery, staff: asked.id }, 72)
    case 'let look':
      if (who.person?.role !== 'reader') throw new Refused(422, 'Only a reader is let in by a link to look.')
      return makeLink('look', { bakery, staff: asked.id }, asked.days * 24)
    case 'end session':
      await endSessions(bakery, { id: asked.id })
      return
    case 'end device':
      await endDevice(bakery, asked.id)
  }
}
