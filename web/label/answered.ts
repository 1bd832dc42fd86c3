// A label given out in one of its forms, from the address of a request; what cannot be printed is said in words.
import 'server-only'
import { zplOf } from '@fair-tin/core/exchange'
import { labelFor, type Printable } from './fromRequest'
import { labelPdf } from './pdf'
import { labelPng, labelPoints, labelSvg, type Resolution, resolutions, tooFine } from './points'
import { sheetPdf } from './sheetPdf'

export const labelForms = {
  pdf: 'application/pdf',
  svg: 'image/svg+xml',
  png: 'image/png',
  zpl: 'text/plain; charset=utf-8',
}
export type LabelForm = keyof typeof labelForms

const words = (text: string, status: number) =>
  new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } })
const whole = (text: string | null, usual: number): number => (text === null ? usual : Number(text))

async function bodyOf(
  { layout, name, draft, stock, pictures }: Printable,
  form: LabelForm,
  query: URLSearchParams,
  copies: number,
  perInch: Resolution,
): Promise<Uint8Array | string> {
  if (form === 'svg') return labelSvg(layout, draft, pictures)
  if (form === 'png') return labelPng(layout, draft, pictures, perInch)
  if (form === 'zpl') return zplOf(await labelPoints(layout, draft, pictures, perInch), copies)
  const marks = query.get('marks') === 'yes'
  if (stock?.sheet)
    return sheetPdf(
      layout,
      name,
      { ...stock, sheet: stock.sheet },
      { copies, from: whole(query.get('start'), 1), draft, marks, pictures },
    )
  return labelPdf(layout, name, { copies, draft, marks, bleed: whole(query.get('bleed'), 0), pictures })
}

export async function answerLabel(request: Request, id: string, form: LabelForm): Promise<Response> {
  const query = new URL(request.url).searchParams
  const copies = whole(query.get('copies'), 1)
  if (!Number.isInteger(copies) || copies < 1 || copies > 500) return words('Print from 1 to 500 copies at once.', 400)
  const from = whole(query.get('start'), 1)
  if (!Number.isInteger(from) || from < 1 || from > 1800) return words('Begin at a label of the sheet: 1, 2, 3 …', 400)
  const bleed = whole(query.get('bleed'), 0)
  if (!(bleed >= 0 && bleed <= 5)) return words('From 0 to 5 mm can be cut away around it.', 400)
  const perInch = resolutions.find(one => one === whole(query.get('perInch'), 300))
  if (!perInch) return words(`Printers have ${resolutions.join(', ')} points to the inch.`, 400)
  const label = await labelFor(id, query)
  if ('missing' in label) return words('There is no such product. It may have been taken out in another window.', 404)
  if ('problem' in label) return words(label.problem, 422)
  const fine = form === 'png' || form === 'zpl' ? tooFine(label.layout, perInch) : null
  if (fine) return words(fine, 422)
  const body = await bodyOf(label, form, query, copies, perInch)
  return new Response(typeof body === 'string' ? body : Buffer.from(body), {
    headers: {
      'content-type': labelForms[form],
      'content-disposition': `${form === 'pdf' || form === 'png' ? 'inline' : 'attachment'}; filename*=UTF-8''${encodeURIComponent(`${id}.${form}`)}`,
    },
  })
}
