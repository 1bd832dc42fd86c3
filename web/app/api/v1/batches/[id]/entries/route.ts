// What happened to a batch: the entries, and more of them, each kept once however often it is sent.
import { entriesOf, keepEntries } from '@fair-tin/data'
import { z } from 'zod'
import { changing, reading } from '../../../../../../bakery'
import { problem, refusal } from '../../../answer'
import { jsonOf } from '../../../jsonOf'

/** Read one by one, so that one that cannot be read keeps no other from being kept. */
const Body = z.object({ entries: z.array(z.unknown()).min(1).max(500) })
type Params = { params: Promise<{ id: string }> }
const now = () => new Date().toISOString()

export async function GET(_: Request, { params }: Params) {
  const { id } = await params
  try {
    return Response.json({ entries: (await reading(sql => entriesOf(sql, [id]))).get(id), now: now() })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request, { params }: Params) {
  const { id } = await params
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success)
    return problem(422, `These entries cannot be read: ${body.error.issues[0]?.message ?? 'nothing came'}`)
  try {
    const done = await changing('bakes', async sql => {
      const answers = await keepEntries(sql, id, body.data.entries)
      return answers && { answers, entries: (await entriesOf(sql, [id])).get(id), now: now() }
    })
    return done ? Response.json(done) : problem(404, 'There is no such batch.')
  } catch (error) {
    return refusal(error)
  }
}
