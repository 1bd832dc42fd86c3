// What was cleaned, and what a test found.
import { CleaningDone } from '@fair-tin/core/model'
import { keepCleaning, listCleanings } from '@fair-tin/data'
import { z } from 'zod'
import { problem, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const Body = z.object({ id: z.uuid(), done: CleaningDone })

export async function POST(request: Request) {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]!.message)
  try {
    const kept = await changingOnce(
      'bakes',
      request,
      body.data,
      sql => keepCleaning(sql, body.data.id, body.data.done),
      sql => listCleanings(sql),
    )
    return Response.json({ cleanings: kept })
  } catch (error) {
    return refusal(error)
  }
}
