// A price list that was looked through: its columns are remembered, its prices taken, all or none, and taken out again.
import { PriceColumns } from '@fair-tin/core/exchange'
import { Currency, Pack } from '@fair-tin/core/model'
import { columnsOf, rememberColumns, takePrices, takePricesBack } from '@fair-tin/data'
import { z } from 'zod'
import { reading } from '../../../../bakery'
import { problem, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const Change = z.object({ ingredient: z.string().min(1), pack: Pack.extend({ currency: Currency }) })
const Changes = z.array(Change).max(200_000)
const Body = z.union([
  z.object({ supplier: z.string().trim().min(1).max(200), columns: PriceColumns, changes: Changes }),
  z.object({ back: Changes }),
])

export async function GET(request: Request) {
  const supplier = new URL(request.url).searchParams.get('supplier') ?? ''
  try {
    return Response.json({ columns: await reading(sql => columnsOf(sql, supplier)) })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request) {
  const body = Body.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, `These prices cannot be read: ${body.error.issues[0]?.message}`)
  const { data } = body
  try {
    const said = await changingOnce('prices', request, data, async sql => {
      if ('back' in data) return { back: await takePricesBack(sql, data.back) }
      await rememberColumns(sql, data.supplier, data.columns)
      return { added: await takePrices(sql, data.changes) }
    })
    return Response.json(said)
  } catch (error) {
    return refusal(error)
  }
}
