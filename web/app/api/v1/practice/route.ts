// That somebody practised, and what came of it. Of the faults only those there are.
import { moments } from '@fair-tin/core/practice'
import { keepPractice, listPractice } from '@fair-tin/data'
import { z } from 'zod'
import { problem, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const faults = moments.flatMap(one => one.faults.map(fault => fault.id)) as [string, ...string[]]
const Body = z
  .object({
    caught: z.array(z.enum(faults)).max(faults.length),
    missed: z.array(z.enum(faults)).max(faults.length),
    needless: z.number().int().min(0).max(moments.length),
  })
  .refine(one => one.caught.length + one.missed.length > 0, 'Nothing was practised.')

export async function POST(request: Request) {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, 'This is no practice that was done here.')
  try {
    return Response.json({
      done: await changingOnce(
        'bakes',
        request,
        body.data,
        sql => keepPractice(sql, body.data),
        sql => listPractice(sql),
      ),
    })
  } catch (error) {
    return refusal(error)
  }
}
