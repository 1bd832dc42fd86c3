// The matrix as a table for other programs (RFC 4180).
import { safeCell } from '@fair-tin/core/exchange'
import { MarketCode } from '@fair-tin/core/model'
import Papa from 'papaparse'
import { marketInView } from '../../../bakery'
import { matrixOf } from '../../../matrix'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    const { market, heads, rows } = await matrixOf(asked.success ? asked.data : await marketInView())
    const text = Papa.unparse(
      {
        fields: ['Product', ...heads, 'Signed by', 'Signed on'],
        data: rows.map(row => [
          safeCell(row.product.name),
          ...(row.cells ?? heads.map(() => 'not signed')),
          safeCell(row.signedBy ?? ''),
          row.signedAt?.slice(0, 10) ?? '',
        ]),
      },
      { newline: '\r\n' },
    )
    return new Response(text, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="allergens-${market}.csv"`,
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
