// The matrix on paper.
import { MarketCode } from '@fair-tin/core/model'
import { marketInView } from '../../../bakery'
import { matrixPdf } from '../../../label/matrixPdf'
import { matrixOf } from '../../../matrix'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    const matrix = await matrixOf(asked.success ? asked.data : await marketInView())
    return new Response(Buffer.from(await matrixPdf(matrix)), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': `inline; filename="allergens-${matrix.market}.pdf"`,
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
