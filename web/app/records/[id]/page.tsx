import { mayDo } from '@fair-tin/core/model'
import { entriesOf, findBatches, lastBatches } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { onShelf, readBatch } from '../../../bake'
import { reading, timeZone } from '../../../bakery'
import { here } from '../../../door/here'
import { BatchRecord } from '../../../screens/records/BatchRecord'

export const metadata = { title: 'Record' }
/** So many bakes before are compared with. */
const back = 5

export default async function RecordPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const who = await here()
  const found = await reading(async sql => {
    const read = await readBatch(sql, id)
    if (!read) return null
    const before = (await lastBatches(sql, read.batch.product, back + 1)).filter(
      one => one.id !== id && one.finishedAt !== null,
    )
    const ids = before.map(one => one.id)
    const [batches, entries] = await Promise.all([findBatches(sql, ids), entriesOf(sql, ids)])
    const order = new Map(ids.map((one, at) => [one, at]))
    return {
      read,
      others: batches
        .sort((a, b) => order.get(a.id)! - order.get(b.id)!)
        .map(batch => ({ batch, kept: entries.get(batch.id)! })),
    }
  })
  if (!found || !who) notFound()
  const { read, others } = found
  return (
    <BatchRecord
      batch={read.batch}
      entries={read.entries}
      lots={read.lots.map(onShelf)}
      others={others}
      zone={timeZone()}
      mayKeepTrial={mayDo(who, 'recipes')}
    />
  )
}
