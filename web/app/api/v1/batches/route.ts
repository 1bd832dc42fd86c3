// Begins a batch of a product for a day, frozen as everything is now.
import { BatchDraft } from '@fair-tin/core/model'
import { z } from 'zod'
import { begin } from '../../../../bake'
import { today } from '../../../../bakery'
import { problem, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

/** `again`: there is one of it already that is not finished, and another is meant. */
const Body = BatchDraft.extend({ again: z.boolean().exactOptional() })

export async function POST(request: Request) {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]!.message)
  try {
    return Response.json(await changingOnce('bakes', request, body.data, sql => begin(sql, body.data, today())))
  } catch (error) {
    return refusal(error)
  }
}
