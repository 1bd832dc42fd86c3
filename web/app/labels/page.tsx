import { rulesAsRead } from '@fair-tin/core/market'
import { rulesAhead } from '@fair-tin/core/seal'
import { hasCounter } from '@fair-tin/data'
import { reading, today } from '../../bakery'
import { labelsToPrint } from '../../batches'
import { here } from '../../door/here'
import { labelStates } from '../../labels'
import { Labels } from '../../screens/labels/Labels'

export const metadata = { title: 'Labels' }
export default async function LabelsPage() {
  const [[{ workbook, states }, toPrint], who] = await Promise.all([
    reading(sql => Promise.all([labelStates(sql), labelsToPrint(sql, today())])),
    here(),
  ])
  return (
    <Labels
      rows={states.map(({ product, market, state, last, stale, now }) => ({
        product,
        market,
        title: rulesAsRead(market).title,
        state,
        last: last && { by: last.by, at: last.at, deed: last.deed, reason: last.reason },
        causes: stale?.causes ?? [],
        altered: stale?.altered.map(one => one.part) ?? [],
        hinders: now?.hinders.length ?? 1,
      }))}
      toPrint={toPrint}
      ahead={rulesAhead(workbook).map(one => ({ ...one, title: rulesAsRead(one.market).title }))}
      owner={who?.role === 'owner'}
      counter={who ? await hasCounter(who.bakery) : false}
    />
  )
}
