// Trials of a recipe: the list, keeping one, closing one.
import { closeTrial, keepTrial, listTrials, lockRecipe, TrialDraft } from '@fair-tin/data'
import { z } from 'zod'
import { reading } from '../../../../../../bakery'
import { problem, Refused, refusal } from '../../../answer'
import { changingOnce } from '../../../changingOnce'
import { jsonOf } from '../../../jsonOf'

const Body = z.union([
  z.object({ keep: TrialDraft }),
  z.object({ close: z.object({ id: z.string().min(1), how: z.enum(['taken', 'put away']) }) }),
])

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    return Response.json({ trials: await reading(sql => listTrials(sql, id)) })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const sent: unknown = await jsonOf(request)
  const body = Body.safeParse(sent)
  if (!body.success) {
    const [issue] = TrialDraft.safeParse((sent as { keep?: unknown } | null)?.keep).error?.issues ?? []
    return problem(422, issue?.message ?? 'This trial cannot be read.')
  }
  try {
    const trials = await changingOnce(
      'recipes',
      request,
      { id, ...body.data },
      async sql => {
        if (!(await lockRecipe(sql, id))) throw new Refused(410, 'This recipe was taken out in another window.')
        if ('keep' in body.data) {
          if (!(await keepTrial(sql, id, body.data.keep)))
            throw new Refused(409, 'This trial was closed in another window. Keep it under a new name.')
        } else await closeTrial(sql, id, body.data.close.id, body.data.close.how)
      },
      sql => listTrials(sql, id),
    )
    return Response.json({ trials })
  } catch (error) {
    return refusal(error)
  }
}
