// Signing a label, taking a signature back, and the address of the counter page.
import { rulesAsRead } from '@fair-tin/core/market'
import { MarketCode } from '@fair-tin/core/model'
import { PlaceAnswer, sealOf, toSign, unanswered } from '@fair-tin/core/seal'
import {
  type BakerySql,
  endCounter,
  listStaff,
  lockSigning,
  makeCounter,
  papersOf,
  printOf,
  readWorkbook,
  signOff,
  signOffsOf,
  takeOnReader,
  withdraw,
} from '@fair-tin/data'
import { z } from 'zod'
import { changing, NotTheirs, today } from '../../../../bakery'
import { here, type SignedIn } from '../../../../door/here'
import { problem, Refused, refusal } from '../answer'
import { changingOnce } from '../changingOnce'
import { jsonOf } from '../jsonOf'

const Of = { product: z.string().min(1).max(200), market: MarketCode }
const Asked = z.discriminatedUnion('do', [
  z.object({
    do: z.literal('sign'),
    ...Of,
    /** The fingerprint of the words that were read. */
    read: z.string().max(100),
    places: z.array(PlaceAnswer).max(50),
    answers: z.array(z.object({ asked: z.string().max(2000), said: z.string().trim().max(500) })).max(50),
  }),
  z.object({
    do: z.literal('withdraw'),
    ...Of,
    reason: z.string().trim().min(3, 'Say why, for whoever looks later.').max(500, 'Keep it under 500 letters.'),
  }),
  z.object({ do: z.literal('make counter') }),
  z.object({ do: z.literal('end counter') }),
])
type Asked = z.infer<typeof Asked>

export async function POST(request: Request): Promise<Response> {
  const body = Asked.safeParse(await jsonOf(request))
  if (!body.success) return problem(422, body.error.issues[0]?.message ?? 'This cannot be read. Reload the page.')
  const { data } = body
  try {
    // asked before any books are open
    const who = await here()
    if (data.do === 'make counter') return Response.json({ address: await newCounter(who) })
    if (data.do === 'end counter') {
      await changing('whole bakery', async () => null)
      await endCounter(who!.bakery)
      return Response.json({ ended: true })
    }
    return Response.json(
      await changingOnce<object>('signing', request, data, sql =>
        data.do === 'sign' ? sign(sql, who!, data) : takeBack(sql, who!, data),
      ),
    )
  } catch (error) {
    return refusal(error)
  }
}

/** Only the owner's word says who is competent for which market. Throws NotTheirs. */
async function mayHere(sql: BakerySql, who: SignedIn, market: MarketCode): Promise<void> {
  if (who.role === 'owner' || who.signsFor.includes(market)) return
  const others = (await listStaff(sql)).filter(
    one => one.role === 'owner' || (one.role === 'signer' && one.signsFor.includes(market)),
  )
  throw new NotTheirs(
    `The owner has not put you down as competent for ${rulesAsRead(market).title}. ${others.map(one => one.name).join(' and ')} can sign.`,
  )
}

async function sign(
  sql: BakerySql,
  who: SignedIn,
  { product, market, read, places, answers }: Extract<Asked, { do: 'sign' }>,
) {
  await mayHere(sql, who, market)
  await lockSigning(sql, product, market)
  const workbook = await readWorkbook(sql, today())
  const now = toSign(workbook, product, market)
  if (!now) throw new Refused(410, 'This product or its recipe was taken out in another window.')
  if (now.hinders.length > 0)
    throw new Refused(
      409,
      `It cannot be signed: ${now.hinders[0]!.what}${now.hinders.length > 1 ? ` And ${now.hinders.length - 1} more.` : ''}`,
    )
  if (printOf(now.says) !== read)
    throw new Refused(409, 'The label changed while you read it. Read it again, then sign.')
  const open = unanswered(now, places, answers)
  if (open.length > 0) throw new Refused(422, `Still to be answered: ${open[0]}`)
  const [last] = await signOffsOf(sql, product, market)
  const papers = await papersOf(
    sql,
    now.assessment.bill.lines.map(line => line.ingredient).filter((id, at, all) => all.indexOf(id) === at),
  )
  const seal = sealOf(workbook, now, places, answers, [...papers])
  const print = await signOff(sql, seal)
  return { print, again: last?.deed === 'signed' && last.print === print }
}

async function takeBack(
  sql: BakerySql,
  who: SignedIn,
  { product, market, reason }: Extract<Asked, { do: 'withdraw' }>,
) {
  await mayHere(sql, who, market)
  await lockSigning(sql, product, market)
  if (!(await withdraw(sql, product, market, reason)))
    throw new Refused(409, 'Nothing stands signed there: somebody took it back already.')
  return { withdrawn: true }
}

/** The counter reads as a reader of its own, whom nobody can come in as. */
const counterReader = 'counter'
async function newCounter(who: SignedIn | null): Promise<string> {
  await changing('whole bakery', sql => takeOnReader(sql, counterReader, 'The counter page'))
  return makeCounter(who!.bakery, counterReader, who!.id)
}
