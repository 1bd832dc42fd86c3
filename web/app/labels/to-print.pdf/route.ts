// What is still to print for the batches of the last days, as one PDF: each label as often as its packs have none.
import { MarketCode } from '@fair-tin/core/model'
import { fullList } from '@fair-tin/core/words'
import { reading, today } from '../../../bakery'
import { labelsToPrint } from '../../../batches'
import { labelFor, type Printable } from '../../../label/fromRequest'
import { labelsPdf } from '../../../label/pdf'
import { problem, refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
/** Labels of one PDF: a long day's. */
const most = 2000

export async function GET(request: Request): Promise<Response> {
  const market = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
  try {
    const all = await reading(sql => labelsToPrint(sql, today()))
    const wanted = market.success ? all.filter(one => one.markets.includes(market.data)) : all
    if (wanted.length === 0) return problem(404, 'Nothing is to print: every pack of the last days has its label.')
    const many = wanted.reduce((sum, one) => sum + one.packs, 0)
    if (many > most) return problem(422, `${many} labels are more than one PDF holds (${most}). Print batch by batch.`)
    const labels: (Printable & { copies: number })[] = []
    const refused: string[] = []
    for (const { batch, product, markets, code, packs } of wanted) {
      // each for a place where it is sold
      const where = market.success ? market.data : markets[0]
      const label = await labelFor(product, new URLSearchParams({ batch, ...(where ? { market: where } : {}) }))
      if ('layout' in label) labels.push({ ...label, copies: packs })
      else refused.push(`${code}: ${'problem' in label ? label.problem : 'the product was taken out.'}`)
    }
    // none is left out in silence
    if (refused.length > 0) return problem(422, `Not all of them can be printed. ${fullList(refused)}`)
    return new Response(Buffer.from(await labelsPdf(labels, `Labels to print, ${today()}`)), {
      headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="labels-to-print.pdf"' },
    })
  } catch (error) {
    return refusal(error)
  }
}
