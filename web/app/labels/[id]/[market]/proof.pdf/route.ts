// The proof of every claim of a product in a market, as a PDF to hand over.
import { rulesOf } from '@fair-tin/core/market'
import { MarketCode } from '@fair-tin/core/model'
import { type ProvenComponent, proofOfClaims, toSign } from '@fair-tin/core/seal'
import { capital, spokenDay } from '@fair-tin/core/words'
import { papersOf, printOf, readWorkbook } from '@fair-tin/data'
import { reading, today } from '../../../../../bakery'
import { proofPdf } from '../../../../../label/proofPdf'
import { problem, refusal } from '../../../../api/v1/answer'

export const dynamic = 'force-dynamic'
const rowsOf = ({ path, verdict, facts, papers, mends }: ProvenComponent) => [
  {
    text: `${path.length > 0 ? path.join(' > ') : 'The whole'}: ${verdict === 'mayContain' ? 'holds, with a may-contain' : verdict}`,
    bold: true,
    indent: 1,
  },
  ...facts.map(text => ({ text: capital(text), indent: 2 })),
  ...papers.map(one => ({ text: one.words, indent: 2 })),
  ...mends.map(text => ({ text: `Missing: ${text}`, indent: 2 })),
]

export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string; market: string }> },
): Promise<Response> {
  const { id, market: asked } = await params
  const market = MarketCode.safeParse(asked)
  if (!market.success) return problem(404, 'There is no such market.')
  try {
    const [workbook, papers] = await reading(async sql => {
      const workbook = await readWorkbook(sql, today())
      const now = toSign(workbook, id, market.data)
      const used = [...new Set(now?.assessment.bill.lines.map(line => line.ingredient) ?? [])]
      return [workbook, await papersOf(sql, used)] as const
    })
    const now = toSign(workbook, id, market.data)
    if (!now) return problem(404, 'There is no such product.')
    const rules = rulesOf(market.data, workbook.today)
    const bytes = await proofPdf({
      title: `${now.product.name}: what its claims rest on`,
      lead: [
        `${rules.title}, by the rules of ${rules.asOf}. As of ${spokenDay(workbook.today)}.`,
        `${rules.caution} Worked out from what was entered: not legal, medical or laboratory advice.`,
      ],
      sections: [
        ...proofOfClaims(now.assessment.claims).map(claim => ({
          title: `${capital(claim.name)}: ${claim.verdict}`,
          rows: [
            ...(claim.note ? [{ text: claim.note }] : []),
            ...claim.components.flatMap(rowsOf),
            ...(claim.kitchen.length > 0
              ? [{ text: 'The kitchen itself', bold: true }, ...claim.kitchen.flatMap(rowsOf)]
              : []),
          ],
        })),
        {
          title: 'Papers kept on file',
          rows:
            papers.length === 0
              ? [{ text: 'None.' }]
              : papers.map(one => ({ text: `${one.name}, with ${one.ingredient}. SHA-256 ${one.print}` })),
        },
        {
          title: 'Before it can be signed',
          rows: now.hinders.length === 0 ? [{ text: 'Nothing.' }] : now.hinders.map(one => ({ text: one.what })),
        },
      ],
      foot: `State ${printOf(now.says).slice(0, 24)}, as of ${workbook.today}.`,
    })
    return new Response(Buffer.from(bytes), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': `inline; filename="proof-${market.data}.pdf"`,
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
