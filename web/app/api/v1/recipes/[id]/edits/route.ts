// Saves from the bench. Version 1 of the address stays, so that an edit kept before a new build still goes through.
import { billOf, Edit, unknownIngredient } from '@fair-tin/core'
import { addIngredient, editRecipe, readWorkbook } from '@fair-tin/data'
import { z } from 'zod'
import { changing, NobodyAtTheBench, today } from '../../../../../../bakery'
import { nobodyAtTheBench } from '../../../../../../screens/outcome'

const Body = z.object({ edits: z.array(Edit).min(1).max(5000) })
const problem = (status: number, message: string) => Response.json({ problem: message }, { status })

class Refused extends Error {}

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const body = Body.safeParse(await request.json().catch(() => null))
  if (!body.success) return problem(422, 'These changes cannot be read.')
  const { edits } = body.data
  try {
    const done = await changing(async sql => {
      const before = await readWorkbook(sql, today())
      for (const edit of edits)
        if (edit.kind === 'add' && edit.fresh && 'ingredient' in edit.line.of) {
          const fresh = edit.line.of.ingredient
          if (!before.ingredients.some(one => one.id === fresh))
            await addIngredient(sql, unknownIngredient(fresh, edit.fresh))
        }
      const result = await editRecipe(sql, id, edits)
      if (!result) return null
      const after = { ...before, recipes: [...before.recipes.filter(one => one.id !== id), result.recipe] }
      const circle = billOf(after, id).gaps.find(gap => gap.fact.startsWith('contains itself'))
      if (circle) throw new Refused(`${circle.path.at(-1)!.name} ${circle.fact}. A part cannot hold itself.`)
      return result
    })
    return done
      ? Response.json(done)
      : problem(410, 'This recipe was taken out in another window. Your changes are kept in this browser.')
  } catch (error) {
    if (error instanceof NobodyAtTheBench) return problem(401, nobodyAtTheBench)
    if (error instanceof Refused) return problem(422, error.message)
    console.error(error)
    return problem(503, 'The database did not answer.')
  }
}
