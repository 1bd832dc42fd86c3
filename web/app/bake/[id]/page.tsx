import { mayDo } from '@fair-tin/core/model'
import { entriesOf, lastBatches, listOrders, partsOnShelf, readWorkbook } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { reading, timeZone, today } from '../../../bakery'
import { lotsToTake, seeBatch } from '../../../batches'
import { here } from '../../../door/here'
import { BatchRun } from '../../../screens/bake/BatchRun'

export const metadata = { title: 'Batch' }
/** Notes of so many bakes before are shown. */
const back = 3

export default async function BatchPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const who = await here()
  const found = await reading(async sql => {
    const read = await seeBatch(sql, id)
    if (!read) return null
    const [{ kitchen }, orders, before, parts, lots] = await Promise.all([
      readWorkbook(sql, today()),
      listOrders(sql, read.batch.day),
      lastBatches(sql, read.batch.product, back + 1),
      partsOnShelf(sql),
      lotsToTake(sql, read),
    ])
    const others = before.filter(one => one.id !== id && one.begunAt < read.batch.begunAt)
    const notes = await entriesOf(
      sql,
      others.map(one => one.id),
    )
    const remembered = others.flatMap(one => {
      const all = notes.get(one.id) ?? []
      const struck = new Set(all.flatMap(({ entry }) => (entry.kind === 'struck' ? [entry.of] : [])))
      return all.flatMap(({ entry }) =>
        entry.kind === 'noted' && entry.next && !struck.has(entry.id)
          ? [{ text: entry.text, of: `batch ${one.code}` }]
          : [],
      )
    })
    return { read, kitchen, orders, parts, lots, remembered }
  })
  if (!found || !who) notFound()
  const { read, kitchen, orders, parts, lots, remembered } = found
  return (
    <BatchRun
      key={id}
      batch={read.batch}
      entries={read.entries}
      lots={lots}
      scales={kitchen.scales ?? []}
      parts={parts}
      remembered={remembered}
      forWhom={[
        ...new Set(
          orders
            .filter(one => one.product === read.batch.product && one.day === read.batch.day)
            .map(one => one.forWhom || 'somebody not named'),
        ),
      ]}
      today={today()}
      now={new Date().toISOString()}
      zone={timeZone()}
      person={who.name}
      mayChange={mayDo(who, 'bakes')}
    />
  )
}
