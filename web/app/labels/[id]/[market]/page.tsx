import { rulesAsRead } from '@fair-tin/core/market'
import { MarketCode } from '@fair-tin/core/model'
import { proofOfClaims } from '@fair-tin/core/seal'
import { daysAfter } from '@fair-tin/core/words'
import { paperFiles, printOf, readWorkbook, sealsOf, signOffsOf } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { reading, today } from '../../../../bakery'
import { here } from '../../../../door/here'
import { codesFor } from '../../../../label/codes'
import { layOut } from '../../../../label/layout'
import { stateOf } from '../../../../labels'
import { SignLabel } from '../../../../screens/labels/sign/SignLabel'

export const metadata = { title: 'Sign a label' }
export default async function SignPage({ params }: { params: Promise<{ id: string; market: string }> }) {
  const { id, market: asked } = await params
  const read = MarketCode.safeParse(asked)
  if (!read.success) notFound()
  const market = read.data
  const [[workbook, history, seals], who] = await Promise.all([
    reading(async sql => {
      const [workbook, history] = await Promise.all([readWorkbook(sql, today()), signOffsOf(sql, id, market)])
      return [workbook, history, await sealsOf(sql, [...new Set(history.map(one => one.print))].slice(0, 50))] as const
    }),
    here(),
  ])
  const product = workbook.products.find(one => one.id === id)
  const last = history[0] ?? null
  const seal = last ? (seals.get(last.print) ?? null) : null
  if (!product && !seal) notFound()
  const { state, stale, now } = stateOf(workbook, product ?? seal!.product, market, last, seal)
  const claims = now ? proofOfClaims(now.assessment.claims) : []
  const things = [...new Set(claims.flatMap(one => one.components).flatMap(one => one.of ?? []))]
  // the paper itself, one tap away; what is proven and has none on file is read as it is said
  const files = new Map(
    (await reading(sql => paperFiles(sql, things))).map(one => [`${one.ingredient} ${one.evidence}`, one.id]),
  )
  const codes =
    now && product
      ? await codesFor(product, {
          lot: now.assessment.declaration.particulars.lot,
          date: product.keeps ? daysAfter(today(), product.keeps.days) : null,
        })
      : null
  const mayHere = who?.role === 'owner' || (who?.role === 'signer' && who.signsFor.includes(market))
  return (
    <SignLabel
      key={now ? printOf(now.says) : 'gone'}
      product={{ id, name: product?.name ?? seal!.product.name }}
      market={market}
      title={rulesAsRead(market).title}
      caution={rulesAsRead(market).caution}
      state={state}
      stale={stale}
      now={
        now && {
          says: now.says,
          print: printOf(now.says),
          hinders: now.hinders.map(({ what, weight, mend }) => ({
            what,
            ...(weight ? { weight } : {}),
            ...(mend ? { mend } : {}),
          })),
          places: now.places,
          questions: now.assessment.declaration.questions,
          claims,
          layout: layOut(now.assessment.declaration, codes && !('problem' in codes) ? { codes } : {}),
        }
      }
      signed={
        seal && {
          says: seal.says,
          places: seal.places,
          answers: seal.answers,
          papers: seal.papers.length,
          day: seal.rests.today,
          pack: seal.pack,
        }
      }
      history={history.map(one => ({ ...one, readable: seals.has(one.print) }))}
      files={Object.fromEntries(files)}
      mayHere={mayHere}
    />
  )
}
