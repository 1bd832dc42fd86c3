// A label many times on sheets, as a PDF at true size: set once, and shown at each place.
import type { LabelStock } from '@fair-tin/core/model'
import { PDFDocument, type PDFEmbeddedPage, type PDFPage, rgb } from 'pdf-lib'
import type { LabelLayout } from './layout'
import { away, labelPdf, long, type Pictures } from './pdf'
import { placesOn } from './sheet'

const pointsPerMm = 72 / 25.4
type OnSheets = LabelStock & { sheet: NonNullable<LabelStock['sheet']> }

export async function sheetPdf(
  layout: LabelLayout,
  title: string,
  stock: OnSheets,
  {
    copies = 1,
    from = 1,
    draft = false,
    marks = false,
    pictures = {},
  }: { copies?: number; from?: number; draft?: boolean; marks?: boolean; pictures?: Pictures } = {},
): Promise<Uint8Array> {
  const one = await labelPdf(layout, title, { draft, pictures })
  const document = await PDFDocument.create()
  document.setTitle(draft ? `Draft, not signed: ${title}` : title)
  document.setLanguage('en-GB')
  const [label] = (await document.embedPdf(one)) as [PDFEmbeddedPage]
  const size: [number, number] = [stock.sheet.width * pointsPerMm, stock.sheet.height * pointsPerMm]
  const pages: PDFPage[] = []
  for (const place of placesOn(stock, copies, from)) {
    pages[place.sheet] ??= document.addPage(size)
    const page = pages[place.sheet]!
    page.drawPage(label, {
      x: place.x * pointsPerMm,
      y: size[1] - (place.y + stock.height) * pointsPerMm,
    })
  }
  if (marks) for (const page of pages) drawMarks(page, stock)
  return document.save()
}

/** Around all the labels of a sheet, in its margins, where to cut: never on a neighbour. */
function drawMarks(page: PDFPage, { width, height, sheet }: OnSheets): void {
  const line = (x1: number, y1: number, x2: number, y2: number) =>
    page.drawLine({
      start: { x: x1 * pointsPerMm, y: (sheet.height - y1) * pointsPerMm },
      end: { x: x2 * pointsPerMm, y: (sheet.height - y2) * pointsPerMm },
      thickness: 0.25,
      color: rgb(0, 0, 0),
    })
  const edges = (first: number, step: number, count: number, size: number) =>
    Array.from({ length: count }, (_, at) => [first + at * step, first + at * step + size]).flat()
  const columns = edges(sheet.left, sheet.stepAcross, sheet.across, width)
  const rows = edges(sheet.top, sheet.stepDown, sheet.down, height)
  const [right, foot] = [columns.at(-1)!, rows.at(-1)!]
  for (const x of columns) {
    line(x, sheet.top - away, x, sheet.top - away - long)
    line(x, foot + away, x, foot + away + long)
  }
  for (const y of rows) {
    line(sheet.left - away, y, sheet.left - away - long, y)
    line(right + away, y, right + away + long, y)
  }
}
