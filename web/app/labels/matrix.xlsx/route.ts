// The matrix as a workbook: a sheet with its head frozen, and one that says what it rests on.
import { MarketCode } from '@fair-tin/core/model'
import ExcelJS from 'exceljs'
import { marketInView } from '../../../bakery'
import { matrixOf } from '../../../matrix'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    const { market, title, asOf, heads, rows } = await matrixOf(asked.success ? asked.data : await marketInView())
    const book = new ExcelJS.Workbook()
    const sheet = book.addWorksheet('Allergens', { views: [{ state: 'frozen', xSplit: 1, ySplit: 1 }] })
    sheet.addRow(['Product', ...heads, 'Signed by', 'Signed on']).font = { bold: true }
    // a cell of text is never worked out, whatever it begins with
    for (const row of rows)
      sheet.addRow([
        row.product.name,
        ...(row.cells ?? heads.map(() => 'not signed')),
        row.signedBy ?? '',
        row.signedAt?.slice(0, 10) ?? '',
      ])
    sheet.getColumn(1).width = 36
    const about = book.addWorksheet('About')
    about.addRows([
      ['Market', title],
      ['As of', asOf],
      ['Rests on', 'Only what is signed and still so; nothing is said of the rest.'],
      ['', 'An aid. Ask a competent person before anybody relies on it.'],
    ])
    about.getColumn(2).width = 80
    return new Response(new Uint8Array(await book.xlsx.writeBuffer()), {
      headers: {
        'content-type': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        'content-disposition': `attachment; filename="allergens-${market}.xlsx"`,
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
