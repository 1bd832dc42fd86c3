import { mattersToday } from '@fair-tin/core/assess'
import { lotsOnHand } from '@fair-tin/data'
import { reading, today } from '../bakery'
import { labelMatters, labelStates } from '../labels'
import { Today } from '../screens/today/Today'

export const metadata = { title: 'Today' }
export default async function TodayPage() {
  const iso = today()
  const [{ workbook, states }, lots] = await reading(sql => Promise.all([labelStates(sql, true), lotsOnHand(sql)]))
  const day = new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${iso}T00:00:00Z`))
  return <Today day={day} matters={[...labelMatters(states), ...mattersToday(workbook, lots)]} />
}
