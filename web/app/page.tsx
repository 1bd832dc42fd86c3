import { byCause, type Matter, mattersToday, saidOf } from '@fair-tin/core/assess'
import { lotsOnHand, printOf, putOffMatters } from '@fair-tin/data'
import { reading, today } from '../bakery'
import { heldMatters, unfinishedMatters } from '../batches'
import { aheadMatters, labelMatters, labelStates } from '../labels'
import { Today } from '../screens/today/Today'
import { throughPartsMatters } from '../trace'

export const metadata = { title: 'Today' }
export default async function TodayPage() {
  const iso = today()
  const [{ workbook, states }, lots, putOff, held, unfinished, through] = await reading(sql =>
    Promise.all([
      labelStates(sql, true),
      lotsOnHand(sql),
      putOffMatters(sql, iso),
      heldMatters(sql, iso),
      unfinishedMatters(sql, iso),
      throughPartsMatters(sql, iso),
    ]),
  )
  const day = new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${iso}T00:00:00Z`))
  const all = [
    ...held,
    ...through,
    ...byCause([...labelMatters(states), ...mattersToday(workbook, lots)]),
    ...unfinished,
    ...aheadMatters(workbook, states),
  ]
  // it stays away until its day, and only as long as it says what it said
  const awayOf = (one: Matter) => putOff.find(put => put.key === one.key && put.print === printOf(saidOf(one)))
  return (
    <Today
      day={day}
      today={iso}
      matters={all.filter(one => !awayOf(one))}
      putOff={all.flatMap(matter => {
        const away = awayOf(matter)
        return away ? [{ matter, until: away.until, person: away.person }] : []
      })}
    />
  )
}
