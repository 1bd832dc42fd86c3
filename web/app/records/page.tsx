import { asPlanned } from '@fair-tin/core/batch'
import { lastBatches } from '@fair-tin/data'
import { reading } from '../../bakery'
import { seeBatches } from '../../batches'
import { type RecordRow, Records } from '../../screens/records/Records'

export const metadata = { title: 'Records' }
const most = 60

export default async function RecordsPage({ searchParams }: { searchParams: Promise<{ product?: string }> }) {
  const product = (await searchParams).product ?? null
  const rows = await reading(async sql => {
    const list = await lastBatches(sql, product, most)
    const seen = await seeBatches(
      sql,
      list.map(one => one.id),
    )
    return list.map((row): RecordRow => {
      const one = seen.get(row.id)
      const stands = !one
        ? 'unreadable'
        : one.held.length > 0
          ? 'held'
          : !one.outcome
            ? 'open'
            : asPlanned(one.batch, one.entries)
              ? 'asWritten'
              : 'changed'
      return {
        ...row,
        good: one?.outcome?.good ?? null,
        loss: one?.outcome?.loss ?? null,
        ovenMinutes: one?.outcome?.ovenMinutes ?? null,
        each: one?.outcome?.each ?? null,
        stands,
      }
    })
  })
  return <Records rows={rows} product={product} full={rows.length === most} />
}
