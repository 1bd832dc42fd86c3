// Saves from a sheet: an ingredient, the kitchen, an order. Each change by itself, done once. GET: what was changed so far.
import { sheetKinds } from '@fair-tin/core/edit'
import { editSheet, sheetHistory } from '@fair-tin/data'
import { z } from 'zod'
import { changing, reading } from '../../../../bakery'
import { problem, refusal } from '../answer'
import { jsonOf } from '../jsonOf'

/** Edits are read one by one, so that one that cannot be read keeps no other from being saved. */
const Body = z.object({
  kind: z.enum(sheetKinds),
  id: z.string().min(1).max(200),
  edits: z.array(z.unknown()).min(1).max(5000),
})

const rightOf = { ingredient: 'larder', kitchen: 'kitchen', order: 'orders' } as const

const Asked = Body.omit({ edits: true })

export async function GET(request: Request): Promise<Response> {
  const asked = Asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!asked.success) return problem(422, 'Say of what: `kind` and `id`.')
  try {
    return Response.json({ changes: await reading(sql => sheetHistory(sql, asked.data.kind, asked.data.id)) })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request): Promise<Response> {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success)
    return problem(422, `These changes cannot be read: ${body.error.issues[0]?.message ?? 'nothing came'}`)
  const { kind, id, edits } = body.data
  try {
    return Response.json(await changing(rightOf[kind], sql => editSheet(sql, kind, id, edits)))
  } catch (error) {
    return refusal(error)
  }
}
