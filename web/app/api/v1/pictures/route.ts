// A logo or a photograph, drawn anew and kept.
import { mayDo, type Right } from '@fair-tin/core/model'
import { keepPicture, listPictures, mostPapers, papersKept, picturesKept } from '@fair-tin/data'
import { z } from 'zod'
import { here } from '../../../../door/here'
import { plainJpeg } from '../../../../pictures/jpeg'
import { redrawn } from '../../../../pictures/redrawn'
import { problem, Refused, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const Body = z.object({
  id: z.uuid('It has no id.'),
  kind: z.enum(['logo', 'photo']),
  name: z.string().trim().min(1).max(120),
  base64: z.base64('It arrived torn.').max(4_500_000, 'It is over 3 MB. Keep a smaller one.'),
})
const rightFor: Record<z.infer<typeof Body>['kind'], Right> = { logo: 'kitchen', photo: 'bakes' }

export async function POST(request: Request) {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]!.message)
  const { id, kind, name, base64 } = body.data
  try {
    const who = await here()
    // nothing is drawn for whoever may not keep it
    if (!who || !mayDo(who, rightFor[kind])) return problem(403, 'You may not keep pictures here.')
    const bytes = Buffer.from(base64, 'base64')
    const drawn =
      kind === 'logo' ? await redrawn(bytes) : (plainJpeg(bytes) ?? { problem: 'is no photograph: only JPEG is kept.' })
    if ('problem' in drawn) return problem(415, `${name} ${drawn.problem}`)
    const kept = await changingOnce(
      rightFor[kind],
      request,
      { id, kind, name },
      async sql => {
        if ((await papersKept(sql)) + (await picturesKept(sql)) + drawn.bytes.length > mostPapers())
          throw new Refused(413, `${name} does not fit: this bakery keeps no more papers and pictures than it has now.`)
        if (!(await keepPicture(sql, { id, kind, name, ...drawn })))
          throw new Refused(409, 'There is another picture under that id. Take it again.')
      },
      sql => listPictures(sql, kind),
    )
    return Response.json({ pictures: kept })
  } catch (error) {
    return refusal(error)
  }
}
