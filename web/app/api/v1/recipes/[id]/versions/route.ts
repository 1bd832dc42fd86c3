// Kept versions of a recipe: the list, and keeping one more.
import { keepVersion, listVersions, lockRecipe } from '@fair-tin/data'
import { z } from 'zod'
import { reading } from '../../../../../../bakery'
import { problem, Refused, refusal } from '../../../answer'
import { changingOnce } from '../../../changingOnce'
import { jsonOf } from '../../../jsonOf'

const Body = z.object({
  name: z.string().trim().min(1, 'Give this version a name.').max(80, 'Keep the name under 80 letters.'),
  reason: z.string().trim().max(500, 'Keep the reason under 500 letters.'),
  /** The draft's version as the window shows it. */
  seen: z.number().int(),
})

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    return Response.json({ versions: await reading(sql => listVersions(sql, id)) })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]!.message)
  const { name, reason, seen } = body.data
  try {
    const versions = await changingOnce(
      'recipes',
      request,
      { id, name, reason },
      async sql => {
        const recipe = await lockRecipe(sql, id)
        if (!recipe) throw new Refused(410, 'This recipe was taken out in another window.')
        if (recipe.version !== seen)
          throw new Refused(
            409,
            'The recipe changed in another window a moment ago. Look at it once more, then keep it.',
          )
        await keepVersion(sql, recipe, name, reason)
      },
      sql => listVersions(sql, id),
    )
    return Response.json({ versions })
  } catch (error) {
    return refusal(error)
  }
}
