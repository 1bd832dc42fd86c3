// Every signed declaration as JSON-LD in schema.org's words.
import { MarketCode } from '@fair-tin/core/model'
import { declarationsOf } from '../../../declarations'
import { refusal } from '../../api/v1/answer'

export const dynamic = 'force-dynamic'
export async function GET(request: Request): Promise<Response> {
  try {
    const asked = MarketCode.safeParse(new URL(request.url).searchParams.get('market'))
    const { rows } = await declarationsOf(asked.success ? asked.data : null)
    return Response.json(
      { '@context': 'https://schema.org', '@graph': rows.map(one => one.data) },
      {
        headers: {
          'content-type': 'application/ld+json',
          'content-disposition': 'attachment; filename="declarations.json"',
        },
      },
    )
  } catch (error) {
    return refusal(error)
  }
}
