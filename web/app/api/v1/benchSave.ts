// Saves from a bench, of a product or of a part: each edit by itself, and no recipe inside itself.
import { editBench, type OnBench, stampGiven } from '@fair-tin/data'
import { z } from 'zod'
import { changing } from '../../../bakery'
import { problem, refusal } from './answer'
import { jsonOf } from './jsonOf'

/** Edits are read one by one, so that one that cannot be read keeps no other from being saved. */
const Body = z.object({ edits: z.array(z.unknown()).min(1).max(5000) })

export async function saveBench(request: Request, on: OnBench): Promise<Response> {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success)
    return problem(422, `These changes cannot be read: ${body.error.issues[0]?.message ?? 'nothing came'}`)
  try {
    const done = await changing('recipes', async sql => {
      const result = await editBench(sql, on, body.data.edits)
      return result && { ...result, ...(await stampGiven(sql)) }
    })
    // nothing of it was taken: the reasons come along, one for each
    if (done && done.refused.length === body.data.edits.length)
      return Response.json({ problem: done.refused[0]!.why, refused: done.refused }, { status: 422 })
    return done
      ? Response.json(done)
      : problem(410, `This ${'part' in on ? 'part' : 'product or its recipe'} was taken out in another window.`)
  } catch (error) {
    return refusal(error)
  }
}
