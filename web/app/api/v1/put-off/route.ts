// A matter of Today put off to a day, or brought back. Done twice it is the same as once.
import { daysAfter } from '@fair-tin/core/words'
import { bringBack, printOf, putOff } from '@fair-tin/data'
import { z } from 'zod'
import { changing, today } from '../../../../bakery'
import { problem, refusal } from '../answer'
import { jsonOf } from '../jsonOf'

/** The longest a matter may be put off, days. */
const longest = 90
const Body = z.object({
  key: z.string().min(1).max(400),
  /** All that it says. */
  said: z.string().min(1).max(100_000),
  /** Null brings it back. */
  until: z.iso.date('Choose a day.').nullable(),
})

export async function POST(request: Request): Promise<Response> {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]!.message)
  const { key, said, until } = body.data
  if (until !== null && until <= today()) return problem(422, 'Choose a day after today.')
  if (until !== null && until > daysAfter(today(), longest))
    return problem(422, `Put it off by at most ${longest} days.`)
  try {
    await changing('recipes', sql =>
      until === null ? bringBack(sql, key) : putOff(sql, { key, print: printOf(said), until }),
    )
    return Response.json({ until })
  } catch (error) {
    return refusal(error)
  }
}
