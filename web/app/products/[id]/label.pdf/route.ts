import { labelFor } from '../../../../label/fromRequest'
import { labelPdf } from '../../../../label/pdf'
import { sheetPdf } from '../../../../label/sheetPdf'

export const dynamic = 'force-dynamic'
const words = (text: string, status: number) =>
  new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } })

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const query = new URL(request.url).searchParams
  const copies = Number(query.get('copies') ?? 1)
  if (!Number.isInteger(copies) || copies < 1 || copies > 500) return words('Print from 1 to 500 copies at once.', 400)
  const label = await labelFor(id, query)
  if ('missing' in label) return words('There is no such product. It may have been taken out in another window.', 404)
  if ('problem' in label) return words(label.problem, 422)
  const { stock, draft } = label
  const from = Number(query.get('start') ?? 1)
  if (!Number.isInteger(from) || from < 1 || from > 1800) return words('Begin at a label of the sheet: 1, 2, 3 …', 400)
  const bytes = stock?.sheet
    ? await sheetPdf(
        label.layout,
        label.name,
        { ...stock, sheet: stock.sheet },
        { copies, from, draft, marks: query.get('marks') === 'yes' },
      )
    : await labelPdf(label.layout, label.name, { copies, draft })
  const file = `${id}.pdf`
  return new Response(Buffer.from(bytes), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${file}"` },
  })
}
