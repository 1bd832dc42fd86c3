import { isPutOff, mattersToday } from '@fair-tin/core/assess'
import { lotsOnHand, putOffMatters } from '@fair-tin/data'
import { reading, today } from '../bakery'
import { labelMatters, labelStates } from '../labels'
import { Today } from '../screens/today/Today'

export const metadata = { title: 'Today' }
export default async function TodayPage() {
  const iso = today()
  const [{ workbook, states }, lots, putOff] = await reading(sql =>
    Promise.all([labelStates(sql, true), lotsOnHand(sql), putOffMatters(sql, iso)]),
  )
  const day = new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${iso}T00:00:00Z`))
  const all = [...labelMatters(states), ...mattersToday(workbook, lots)]
  return (
    <Today
      day={day}
      today={iso}
      matters={all.filter(one => !isPutOff(one, putOff, iso))}
      putOff={putOff.filter(put => all.some(one => one.key === put.key && isPutOff(one, [put], iso)))}
    />
  )
}
