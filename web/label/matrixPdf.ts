// The allergen matrix on A4 across: a row a product, a column an allergen, its head on every page.
import { spokenDay } from '@fair-tin/core/words'
import fontkit from '@pdf-lib/fontkit'
import { degrees, PDFDocument, type PDFPage, rgb } from 'pdf-lib'
import type { Matrix } from '../matrix'
import { labelFonts } from './pdf'
import { drawable, wrapped } from './proofPdf'

const [width, height, margin] = [841.89, 595.28, 36]
const [nameWidth, signedWidth, lineHeight] = [190, 96, 11]
const ink = rgb(0.1, 0.13, 0.2)
const hair = rgb(0.8, 0.78, 0.72)

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

  const mark = (page: PDFPage, x: number, y: number, cell: 'contains' | 'may contain') =>
    page.drawRectangle({
      x,
      y,
      width: 8,
      height: 8,
      borderColor: ink,
      borderWidth: 1,
      ...(cell === 'contains' ? { color: ink } : {}),
    })

  const newPage = (): { page: PDFPage; y: number } => {
    const page = document.addPage([width, height])
    write(page, `Allergens: ${title}`, margin, height - margin - 12, bold, 14)
    const legend = height - margin - 27
    mark(page, margin, legend - 1, 'contains')
    write(page, 'contains', margin + 12, legend)
    mark(page, margin + 56, legend - 1, 'may contain')
    write(
      page,
      `may contain. As of ${spokenDay(asOf)}: only what is signed and still so; nothing is said of the rest.`,
      margin + 68,
      legend,
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
    const name = wrapped(row.product.name, regular, 8.5, nameWidth - 6)
    const signed = row.signedBy
      ? [`${row.signedAt?.slice(0, 10)}`, ...wrapped(row.signedBy, regular, 7.5, signedWidth - 6)]
      : []
    const tall = lineHeight * Math.max(name.length, signed.length) + 6
    if (y - tall < margin + 14) ({ page, y } = newPage())
    page.drawLine({ start: { x: margin, y }, end: { x: width - margin, y }, thickness: 0.5, color: hair })
    const line = (at: number) => y - lineHeight * (at + 1)
    for (const [index, text] of name.entries()) write(page, text, margin, line(index))
    for (const [index, text] of signed.entries()) write(page, text, at(heads.length) + 4, line(index), regular, 7.5)
    if (row.cells === null)
      write(page, 'nothing is signed for it, or what was is out of date: ask us', at(0) + 4, line(0))
    for (const [index, cell] of (row.cells ?? []).entries())
      if (cell !== '') mark(page, at(index) + column / 2 - 4, line(0) - 1, cell)
    y -= tall
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
