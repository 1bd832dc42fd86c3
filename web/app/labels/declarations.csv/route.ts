// Every signed declaration as a table for other programs (RFC 4180).
import { safeCell } from '@fair-tin/core/exchange'
import { MarketCode } from '@fair-tin/core/model'
import Papa from 'papaparse'
import { declarationsOf, declaredCells, declaredHeads } from '../../../declarations'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    const { rows } = await declarationsOf(asked.success ? asked.data : null)
    const text = Papa.unparse(
      { fields: declaredHeads, data: rows.map(one => declaredCells(one).map(safeCell)) },
      { newline: '\r\n' },
    )
    return new Response(text, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="declarations.csv"',
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
