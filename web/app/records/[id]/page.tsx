import { mayDo } from '@fair-tin/core/model'
import { lastBatches } from '@fair-tin/data'
import { notFound } from 'next/navigation'
import { reading, timeZone } from '../../../bakery'
import { seeBatch, seeBatches } from '../../../batches'
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
    const read = await seeBatch(sql, id)
    if (!read) return null
    const before = (await lastBatches(sql, read.batch.product))
      .filter(one => one.finishedAt !== null && one.begunAt < read.batch.begunAt && one.day <= read.batch.day)
      .slice(0, back)
    const seen = await seeBatches(
      sql,
      before.map(one => one.id),
    )
    return {
      read,
      others: before.flatMap(({ id }) => {
        const one = seen.get(id)
        return one ? [{ batch: one.batch, kept: one.entries }] : []
      }),
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
      lots={read.lots}
      held={read.held}
      others={others}
      labels={labels}
      zone={timeZone()}
      mayPrint={mayDo(who, 'bakes')}
      mayKeepTrial={mayDo(who, 'recipes')}
      mayTakeOut={mayDo(who, 'whole bakery')}
    />
  )
}
