import { asPlanned, heldBecause, outcomeOf } from '@fair-tin/core/batch'
import { entriesOf, findBatches, lastBatches, lotsFor } from '@fair-tin/data'
import { onShelf } from '../../bake'
import { reading } from '../../bakery'
import { type RecordRow, Records } from '../../screens/records/Records'

export const metadata = { title: 'Records' }
const most = 60

export default async function RecordsPage({ searchParams }: { searchParams: Promise<{ product?: string }> }) {
  const product = (await searchParams).product ?? null
  const rows = await reading(async sql => {
    const list = await lastBatches(sql, product, most)
    const ids = list.map(one => one.id)
    const [batches, entries] = await Promise.all([findBatches(sql, ids), entriesOf(sql, ids)])
    const named = [...entries.values()]
      .flat()
      .flatMap(({ entry }) => (entry.kind === 'weighed' && entry.lot ? [entry.lot] : []))
    const lots = (await lotsFor(sql, [...new Set(named)], [])).map(onShelf)
    const byId = new Map(batches.map(one => [one.id, one]))
    return list.flatMap((row): RecordRow[] => {
      const batch = byId.get(row.id)
      if (!batch) return []
      const kept = entries.get(row.id)!
      const outcome = outcomeOf(batch, kept)
      return [
        {
          ...row,
          good: outcome?.good ?? null,
          loss: outcome?.loss ?? null,
          ovenMinutes: outcome?.ovenMinutes ?? null,
          each: outcome?.each ?? null,
          held: heldBecause(batch, kept, lots).length,
          asPlanned: asPlanned(batch, kept),
        },
      ]
    })
  })
  return <Records rows={rows} product={product} full={rows.length === most} />
}
