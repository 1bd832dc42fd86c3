// The order of work of a day for a calendar, as it stands on the page that asks for it.
import { IsoDate } from '@fair-tin/core/model'
import { cleaningOf, dayBakesOf, orderAsGiven, timelineOf } from '@fair-tin/core/plan'
import { batchesOf, listOrders, readWorkbook } from '@fair-tin/data'
import { z } from 'zod'
import { askedOf } from '../../../bake'
import { reading, today } from '../../../bakery'
import { calendarOf } from '../../../screens/bake/plan/calendar'

const Given = z.array(z.string().max(200)).max(300)
const words = (text: string, status: number) =>
  new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } })
const orderIn = (text: string | null): string[] | null => {
  try {
    return Given.parse(JSON.parse(text ?? 'null'))
  } catch {
    return null
  }
}

const Who = z.record(z.string().max(200), z.string().max(120))
const whoIn = (text: string | null): Record<string, string> | null => {
  try {
    return Who.parse(JSON.parse(text ?? '{}'))
  } catch {
    return null
  }
}

export async function GET(request: Request) {
  const query = new URL(request.url).searchParams
  const day = query.get('day') ?? today()
  if (!IsoDate.safeParse(day).success) return words(`“${day.slice(0, 40)}” is no day. Write it as 2026-11-24.`, 400)
  const clock = /^([01]?\d|2[0-3]):([0-5]\d)$/.exec(query.get('begins') ?? '06:00')
  if (!clock) return words('Say when the day begins as 06:00.', 400)
  const [workbook, orders, batches] = await reading(sql =>
    Promise.all([readWorkbook(sql, today()), listOrders(sql, day), batchesOf(sql, day)]),
  )
  const { bakes } = dayBakesOf(workbook, askedOf(workbook, orders, batches, day))
  const given = orderIn(query.get('order'))
  if (given === null) return words('Take it from the page of the day’s order of work.', 400)
  if (given.length !== bakes.length || !bakes.every(one => given.includes(one.id)))
    return words('Another bake came, or one went: look at the order of work again.', 409)
  const who = whoIn(query.get('who'))
  if (who === null) return words('Take it from the page of the day’s order of work.', 400)
  const cleaning = cleaningOf(workbook.kitchen.around)
  const order = orderAsGiven(bakes, given, cleaning)
  const lines = timelineOf(bakes, order, workbook.kitchen.ovens ?? [], cleaning, who)
  return new Response(calendarOf(day, Number(clock[1]) * 60 + Number(clock[2]), bakes, order, lines), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': `attachment; filename="bakes-${day}.ics"`,
    },
  })
}
