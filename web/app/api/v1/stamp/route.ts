// How new the books are, and whether what a bench rests on is as it was: one that shows something older reads again.
import { z } from 'zod'
import { openBench } from '../../../../onBench'
import { problem, refusal } from '../answer'

export const dynamic = 'force-dynamic'
const Asked = z.union([z.object({ product: z.string().min(1) }), z.object({ part: z.string().min(1) })])

export async function GET(request: Request) {
  const asked = Asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!asked.success) return problem(422, 'Say of what: `product` or `part`.')
  try {
    const bench = await openBench(asked.data)
    // gone, or not to be read: whatever rests on it is another
    if (!bench || !('rests' in bench)) return Response.json({ stamp: 0, rests: '' })
    const { stamp, rests, product, workbook } = bench
    const recipe = workbook.recipes.find(one => one.id === product.recipe)
    return Response.json({ stamp, rests, product: product.version, recipe: recipe?.version })
  } catch (error) {
    return refusal(error)
  }
}
