// Saves from a bench, of a product or of a part: every edit or none, and no recipe inside itself.
import { BenchEdit } from '@fair-tin/core/edit'
import { billOf } from '@fair-tin/core/recipe'
import { editBench, type OnBench, readStamp, readWorkbook } from '@fair-tin/data'
import { z } from 'zod'
import { changing, today } from '../../../bakery'
import { problem, Refused, refusal } from './answer'

const Body = z.object({ edits: z.array(BenchEdit).min(1).max(5000) })

export async function saveBench(request: Request, on: OnBench): Promise<Response> {
  const body = Body.safeParse(await request.json().catch(() => null))
  if (!body.success)
    return problem(422, `These changes cannot be read: ${body.error.issues[0]?.message ?? 'nothing came'}`)
  try {
    const done = await changing(async sql => {
      const before = await readStamp(sql)
      const result = await editBench(sql, on, body.data.edits, async ({ recipe }) => {
        const { recipes, ...rest } = await readWorkbook(sql, today())
        const after = { ...rest, recipes: [...recipes.filter(one => one.id !== recipe.id), recipe] }
        const circle = billOf(after, recipe.id).gaps.find(gap => gap.why === 'circle')
        if (circle) throw new Refused(422, `${circle.path.at(-1)!.name} ${circle.fact}. A part cannot hold itself.`)
      })
      return result && { ...result, before, stamp: await readStamp(sql) }
    })
    return done
      ? Response.json(done)
      : problem(
          410,
          `This ${'part' in on ? 'part' : 'product or its recipe'} was taken out in another window. Your changes are kept in this browser.`,
        )
  } catch (error) {
    return error instanceof RangeError ? problem(422, error.message) : refusal(error)
  }
}
