import { marketsServed } from '@fair-tin/core/market'
import { MarketCode, mayDo } from '@fair-tin/core/model'
import { toSign } from '@fair-tin/core/seal'
import { daysAfter } from '@fair-tin/core/words'
import { DamagedRow, findKitchen, listPictures, readWorkbook } from '@fair-tin/data'
import { marketInView, reading, today } from '../../../bakery'
import { here } from '../../../door/here'
import { codesFor } from '../../../label/codes'
import { DamagedThing } from '../../../screens/damaged/DamagedThing'
import { LabelDesigns } from '../../../screens/kitchen/designs/LabelDesigns'

export const metadata = { title: 'Label designs' }
export default async function LabelDesignsPage({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const who = await here()
  const asked = await searchParams
  const found = await reading(async sql => ({
    kitchen: await findKitchen(sql),
    workbook: await readWorkbook(sql, today()),
    logos: await listPictures(sql, 'logo'),
  })).catch((error: unknown) => {
    if (error instanceof DamagedRow) return error.damage
    throw error
  })
  if ('problem' in found) return <DamagedThing damage={found} />
  const { workbook, logos } = found
  const { kitchen, evidence, version } = found.kitchen ?? {
    kitchen: { currency: 'GBP' as const, crossContact: [] },
    evidence: [],
    version: 0,
  }
  const chosen = workbook.products.find(one => one.id === asked.product) ?? workbook.products[0]
  const wanted = MarketCode.safeParse(asked.market ?? (await marketInView()))
  const sold = chosen?.markets ?? []
  const market = wanted.success && sold.includes(wanted.data) ? wanted.data : (sold[0] ?? marketsServed[0]!)
  const now = chosen ? toSign(workbook, chosen.id, market) : null
  const { declaration } = now?.assessment ?? { declaration: null }
  const codes = now
    ? await codesFor(now.product, {
        lot: now.assessment.declaration.particulars.lot,
        date: now.product.keeps ? daysAfter(today(), now.product.keeps.days) : null,
      })
    : null
  return (
    <LabelDesigns
      key={version}
      kitchen={{ ...kitchen, evidence }}
      mayChange={who !== null && mayDo(who, 'kitchen')}
      products={workbook.products.map(({ id, name, markets }) => ({ id, name, markets }))}
      product={chosen?.id ?? null}
      market={market}
      // what is worked out when it is looked at is looked at here
      declaration={JSON.parse(JSON.stringify(declaration))}
      codes={codes && 'problem' in codes ? null : codes}
      logos={logos}
      mayTakeOut={who !== null && mayDo(who, 'whole bakery')}
    />
  )
}
