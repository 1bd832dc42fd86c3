// Every change of a thing that stands by itself: of a product with its recipe, a part, an ingredient, the kitchen, an order. Each
// edit by itself, done once under its own id. GET: what was changed so far.
import { sheetKinds } from '@fair-tin/core/edit'
import type { Right } from '@fair-tin/core/model'
import { type BakerySql, editBench, editSheet, sheetHistory, stampGiven } from '@fair-tin/data'
import { z } from 'zod'
import { changing, reading } from '../../../../../../bakery'
import { problem, refusal } from '../../../answer'
import { jsonOf } from '../../../jsonOf'

const Id = z.string().min(1).max(200)
const OfSheet = z.object({ kind: z.enum(sheetKinds), id: Id })
const Of = z.object({ kind: z.enum(['product', 'part', ...sheetKinds]), id: Id })
type Of = z.infer<typeof Of>
const rightOf: Record<Of['kind'], Right> = {
  product: 'recipes',
  part: 'recipes',
  ingredient: 'larder',
  kitchen: 'kitchen',
  order: 'orders',
  day: 'bakes',
}
/** Edits are read one by one, so that one that cannot be read keeps no other from being saved. */
const Body = z.object({ edits: z.array(z.unknown()).min(1).max(5000) })
type Params = { params: Promise<{ kind: string; id: string }> }

export async function GET(_: Request, { params }: Params): Promise<Response> {
  const of = OfSheet.safeParse(await params)
  if (!of.success) return problem(422, 'There is nothing of that kind.')
  try {
    return Response.json({ changes: await reading(sql => sheetHistory(sql, of.data.kind, of.data.id)) })
  } catch (error) {
    return refusal(error)
  }
}

async function edited(sql: BakerySql, { kind, id }: Of, edits: readonly unknown[]) {
  if (kind !== 'product' && kind !== 'part') return editSheet(sql, kind, id, edits)
  const done = await editBench(sql, kind === 'part' ? { part: id } : { product: id }, edits)
  return done && { ...done, ...(await stampGiven(sql)) }
}

export async function POST(request: Request, { params }: Params): Promise<Response> {
  const of = Of.safeParse(await params)
  if (!of.success) return problem(422, 'There is nothing of that kind.')
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success)
    return problem(422, `These changes cannot be read: ${body.error.issues[0]?.message ?? 'nothing came'}`)
  const { edits } = body.data
  try {
    const done = await changing(rightOf[of.data.kind], sql => edited(sql, of.data, edits))
    if (!done) return problem(410, `This ${of.data.kind} or its recipe was taken out in another window.`)
    // nothing of it was taken: the reasons come along, one for each
    if (done.refused.length === edits.length && !('sheet' in done))
      return Response.json({ problem: done.refused[0]!.why, refused: done.refused }, { status: 422 })
    return Response.json(done)
  } catch (error) {
    return refusal(error)
  }
}
