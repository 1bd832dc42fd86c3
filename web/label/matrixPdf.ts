// The allergen matrix on A4 across: a row a product, a column an allergen, its head on every page.
import { spokenDay } from '@fair-tin/core/words'
import fontkit from '@pdf-lib/fontkit'
import { degrees, PDFDocument, type PDFFont, type PDFPage, rgb } from 'pdf-lib'
import type { Matrix } from '../matrix'
import { labelFonts } from './pdf'
import { drawable } from './proofPdf'

const [width, height, margin] = [841.89, 595.28, 36]
const [nameWidth, signedWidth, rowHeight] = [190, 96, 17]
const ink = rgb(0.1, 0.13, 0.2)
const hair = rgb(0.8, 0.78, 0.72)

/** As much of the text as fits; the rest stands in the row below nothing, so it ends in “…”. */
function fitting(text: string, font: PDFFont, size: number, room: number): string {
  let shown = drawable(text)
  while (shown.length > 1 && font.widthOfTextAtSize(shown, size) > room) shown = `${shown.slice(0, -2).trimEnd()}…`
  return shown
}

export async function matrixPdf({ title, asOf, heads, rows }: Matrix): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.registerFontkit(fontkit)
  document.setTitle(`Allergens, ${title}`)
  document.setLanguage('en-GB')
  const { regular, bold } = await labelFonts(document)
  const column = (width - 2 * margin - nameWidth - signedWidth) / Math.max(1, heads.length)
  const headHeight = Math.max(40, ...heads.map(head => bold.widthOfTextAtSize(drawable(head), 8) + 8))
  const at = (index: number) => margin + nameWidth + index * column
  const write = (page: PDFPage, text: string, x: number, y: number, font = regular, size = 8.5) =>
    page.drawText(drawable(text), { x, y, size, font, color: ink })

  const newPage = (): { page: PDFPage; y: number } => {
    const page = document.addPage([width, height])
    write(page, `Allergens: ${title}`, margin, height - margin - 12, bold, 14)
    write(
      page,
      `As of ${spokenDay(asOf)}. ■ contains   □ may contain. Only what is signed and still so; nothing is said of the rest.`,
      margin,
      height - margin - 27,
    )
    const foot = height - margin - 34 - headHeight
    for (const [index, head] of heads.entries())
      page.drawText(drawable(head), {
        x: at(index) + column / 2 + 3,
        y: foot + 4,
        size: 8,
        font: bold,
        color: ink,
        rotate: degrees(90),
      })
    write(page, 'Product', margin, foot + 4, bold)
    write(page, 'Signed', at(heads.length) + 4, foot + 4, bold)
    return { page, y: foot }
  }
  let { page, y } = newPage()
  for (const row of rows) {
    if (y - rowHeight < margin + 14) ({ page, y } = newPage())
    page.drawLine({ start: { x: margin, y }, end: { x: width - margin, y }, thickness: 0.5, color: hair })
    y -= rowHeight
    write(page, fitting(row.product.name, regular, 8.5, nameWidth - 6), margin, y + 5)
    if (row.cells === null)
      write(page, 'nothing is signed for it, or what was is out of date: ask us', at(0) + 4, y + 5)
    for (const [index, cell] of (row.cells ?? []).entries()) {
      if (cell === '') continue
      page.drawRectangle({
        x: at(index) + column / 2 - 4,
        y: y + 4,
        width: 8,
        height: 8,
        borderColor: ink,
        borderWidth: 1,
        ...(cell === 'contains' ? { color: ink } : {}),
      })
    }
    if (row.signedBy)
      write(
        page,
        fitting(`${row.signedAt?.slice(0, 10)} ${row.signedBy}`, regular, 7.5, signedWidth - 6),
        at(heads.length) + 4,
        y + 5,
        regular,
        7.5,
      )
  }
  const pages = document.getPages()
  for (const [index, one] of pages.entries())
    write(
      one,
      `Page ${index + 1} of ${pages.length}. An aid: someone competent answers for it.`,
      margin,
      margin - 14,
      regular,
      7.5,
    )
  return document.save()
}
