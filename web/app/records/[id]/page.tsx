import { mayDo } from '@fair-tin/core/model'
import { entriesOf, findBatches, lastBatches } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { onShelf, readBatch } from '../../../bake'
import { reading, timeZone } from '../../../bakery'
import { here } from '../../../door/here'
import { labelFor } from '../../../label/fromRequest'
import type { BatchLabel } from '../../../screens/records/BatchLabels'
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
    const before = (await lastBatches(sql, read.batch.product))
      .filter(one => one.finishedAt !== null && one.begunAt < read.batch.begunAt && one.day <= read.batch.day)
      .slice(0, back)
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
  const markets = read.batch.finishedAt
    ? (read.batch.books.products.find(one => one.id === read.batch.product)?.markets ?? [])
    : []
  const labels = await Promise.all(
    markets.map(async (market): Promise<BatchLabel> => {
      const label = await labelFor(read.batch.product, new URLSearchParams({ batch: id, market }))
      if ('missing' in label) return { market, label: { problem: 'The product was taken out.' } }
      return { market, label: 'problem' in label ? label : { layout: label.layout, draft: label.draft } }
    }),
  )
  return (
    <BatchRecord
      batch={read.batch}
      entries={read.entries}
      lots={read.lots.map(onShelf)}
      others={others}
      labels={labels}
      zone={timeZone()}
      mayPrint={mayDo(who, 'bakes')}
      mayKeepTrial={mayDo(who, 'recipes')}
    />
  )
}
