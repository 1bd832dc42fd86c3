// Every signed declaration as a workbook: a sheet with its head frozen, and one that says what it rests on.
import { MarketCode } from '@fair-tin/core/model'
import ExcelJS from 'exceljs'
import { declarationsOf, declaredCells, declaredHeads } from '../../../declarations'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    const { asOf, rows, unsigned } = await declarationsOf(asked.success ? asked.data : null)
    const book = new ExcelJS.Workbook()
    const sheet = book.addWorksheet('Declarations', { views: [{ state: 'frozen', xSplit: 1, ySplit: 1 }] })
    sheet.addRow(declaredHeads).font = { bold: true }
    // a cell of text is never worked out, whatever it begins with
    for (const one of rows) sheet.addRow(declaredCells(one)).alignment = { wrapText: true, vertical: 'top' }
    for (const [at] of declaredHeads.entries()) sheet.getColumn(at + 1).width = at === 5 ? 60 : 24
    book.addWorksheet('About').addRows([
      ['As of', asOf],
      ['Rests on', 'Only what is signed and still so.'],
      ['Left out', `${unsigned} that are not signed, or are out of date.`],
      ['', 'An aid. Ask a competent person before anybody relies on it.'],
    ])
    return new Response(new Uint8Array(await book.xlsx.writeBuffer()), {
      headers: {
        'content-type': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        'content-disposition': 'attachment; filename="declarations.xlsx"',
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
