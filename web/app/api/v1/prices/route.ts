// A price list that was looked through: its columns are remembered, its prices taken, all or none.
import { PriceColumns } from '@fair-tin/core/exchange'
import { Currency, Pack } from '@fair-tin/core/model'
import { columnsOf, rememberColumns, takePrices } from '@fair-tin/data'
import { z } from 'zod'
import { reading } from '../../../../bakery'
import { problem, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const Body = z.object({
  supplier: z.string().trim().min(1).max(200),
  columns: PriceColumns,
  changes: z
    .array(
      z.object({
        ingredient: z.string().min(1),
        name: z.string(),
        pack: Pack.extend({ currency: Currency }),
        row: z.number(),
      }),
    )
    .max(200_000),
})

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
  const { supplier, columns, changes } = body.data
  try {
    const added = await changingOnce('prices', request, body.data, async sql => {
      await rememberColumns(sql, supplier, columns)
      return takePrices(sql, changes)
    })
    return Response.json({ added })
  } catch (error) {
    return refusal(error)
  }
}
