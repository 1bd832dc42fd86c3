// A fresh bakery made from what was taken along of another.
import { bringEverything, NotBroughtIn } from '@fair-tin/data'
import { changing, today } from '../../../../bakery'
import { unbundled } from '../../../../everything/bundle'
import { problem, refusal } from '../answer'

export async function POST(request: Request): Promise<Response> {
  const all = unbundled(new Uint8Array(await request.arrayBuffer()))
  if ('problem' in all) return problem(422, all.problem)
  try {
    await changing('whole bakery', sql => bringEverything(sql, all, today()))
    return Response.json({ broughtIn: all.bakery.name })
  } catch (error) {
    if (error instanceof NotBroughtIn) return problem(409, error.message)
    // a row that fits no table: what the database said of it is no secret of anybody's
    if (error instanceof Error && /^(?:22|23)/.test(String((error as { code?: string }).code)))
      return problem(422, `Not all of it fits: ${error.message}. Nothing was brought in.`)
    return refusal(error)
  }
}
