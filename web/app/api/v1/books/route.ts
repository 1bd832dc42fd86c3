// The whole larder and every recipe, for a bench that stands open already: what can be added, and by which names.
import { readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../../bakery'
import { refusal } from '../answer'

export const dynamic = 'force-dynamic'
export async function GET() {
  try {
    const { ingredients, recipes } = await reading(sql => readWorkbook(sql, today()))
    return Response.json({ ingredients, recipes })
  } catch (error) {
    return refusal(error)
  }
}
