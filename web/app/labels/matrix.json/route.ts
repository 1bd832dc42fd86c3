// The matrix as data.
import { MarketCode } from '@fair-tin/core/model'
import { marketInView } from '../../../bakery'
import { matrixOf } from '../../../matrix'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    return Response.json(await matrixOf(asked.success ? asked.data : await marketInView()))
  } catch (error) {
    return refusal(error)
  }
}
