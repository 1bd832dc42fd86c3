// Parts on the shelf: what is there, and putting some there or taking it.
import { movePart, partsOnShelf } from '@fair-tin/data'
import { z } from 'zod'
import { problem, Refused, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const Body = z.object({
  part: z.string().min(1).max(120),
  grams: z
    .number('Say how much, in grams.')
    .refine(grams => Number.isFinite(grams) && Math.abs(grams) >= 0.05, 'Say how much, in grams.')
    .refine(grams => Math.abs(grams) <= 10_000_000, 'That is over ten tonnes.'),
  reason: z.string().trim().min(1).max(200),
})

export async function POST(request: Request) {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]!.message)
  const { part, grams, reason } = body.data
  try {
    const stock = await changingOnce(
      'stock',
      request,
      body.data,
      async sql => {
        const [recipe] = await sql`select 1 from recipe_in_force where id = ${part.split('@')[0]!}`
        if (!recipe) throw new Refused(410, 'This part is no longer among the recipes.')
        if (!(await movePart(sql, part, grams, reason)))
          throw new Refused(409, 'Less is on the shelf than that: somebody took some a moment ago.')
      },
      partsOnShelf,
    )
    return Response.json({ stock })
  } catch (error) {
    return refusal(error)
  }
}
