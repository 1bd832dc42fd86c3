// Deliveries of an ingredient by lot: the list, one more, what is taken of one, and holding one.
import { addDelivery, Delivery, findIngredient, holdLot, listLots, takeStock } from '@fair-tin/data'
import { z } from 'zod'
import { reading } from '../../../../../../bakery'
import { problem, Refused, refusal } from '../../../answer'
import { changingOnce } from '../../../changingOnce'
import { jsonOf } from '../../../jsonOf'

const Body = z.union([
  z.object({ delivery: Delivery }),
  z.object({
    take: z.string().min(1),
    grams: z.number('Say how much, in grams.').refine(grams => grams !== 0, 'Say how much, in grams.'),
    reason: z.string().trim().min(1, 'Say what it went into, or why.').max(200),
  }),
  z.object({
    hold: z.string().min(1),
    held: z.boolean(),
    reason: z.string().trim().min(2, 'Say why, in a word or two.').max(300),
  }),
])

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    return Response.json({ lots: await reading(sql => listLots(sql, id)) })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const json = await jsonOf(request)
  const body = Body.safeParse(json)
  if (!body.success) {
    const own = json && typeof json === 'object' && 'delivery' in json ? Delivery.safeParse(json.delivery) : null
    return problem(422, own?.error?.issues[0]?.message ?? body.error.issues[0]?.message ?? 'This cannot be read.')
  }
  const { data } = body
  try {
    const lots = await changingOnce(
      'stock',
      request,
      { id, ...data },
      async sql => {
        if (!(await findIngredient(sql, id))) throw new Refused(410, 'This ingredient was taken out in another window.')
        if ('delivery' in data) {
          const known = await listLots(sql, id)
          if (known.some(one => one.lot === data.delivery.lot && one.received === data.delivery.received))
            throw new Refused(409, `Lot ${data.delivery.lot} of that day is on file already.`)
          await addDelivery(sql, crypto.randomUUID(), id, data.delivery)
        } else if ('hold' in data) {
          const lot = (await listLots(sql, id)).find(one => one.id === data.hold)
          if (!lot || !(await holdLot(sql, lot.id, data.held, data.reason)))
            throw new Refused(410, 'There is no such lot of this any more.')
        } else {
          const lot = (await listLots(sql, id)).find(one => one.id === data.take)
          if (!lot || !(await takeStock(sql, data.take, data.grams, data.reason)))
            throw new Refused(409, `There is less left of that lot: ${lot?.left ?? 0} g.`)
        }
      },
      sql => listLots(sql, id),
    )
    return Response.json({ lots })
  } catch (error) {
    return refusal(error)
  }
}
