import { IsoDate, mayDo } from '@fair-tin/core/model'
import { cleaningOf, dayBakesOf } from '@fair-tin/core/plan'
import { batchesOf, findDayPlan, listOrders, listStaff, readWorkbook } from '@fair-tin/data'
import { askedOf } from '../../../bake'
import { reading, today } from '../../../bakery'
import { PlanDay } from '../../../screens/bake/plan/PlanDay'

export const metadata = { title: 'Order of work' }
export default async function PlanPage({ searchParams }: { searchParams: Promise<{ day?: string }> }) {
  const asked = (await searchParams).day ?? ''
  const day = IsoDate.safeParse(asked).success ? asked : today()
  const [workbook, orders, batches, people, plan] = await reading(sql =>
    Promise.all([
      readWorkbook(sql, today()),
      listOrders(sql, day),
      batchesOf(sql, day),
      listStaff(sql),
      findDayPlan(sql, day),
    ]),
  )
  const { bakes } = dayBakesOf(workbook, askedOf(workbook, orders, batches, day))
  return (
    <PlanDay
      key={day}
      day={day}
      today={today()}
      bakes={bakes}
      kept={plan?.plan ?? {}}
      cleaning={cleaningOf(workbook.kitchen.around)}
      people={people.filter(one => mayDo(one, 'bakes')).map(one => one.name)}
      ovens={(workbook.kitchen.ovens ?? []).map(({ name, tins, preheatMinutes }) => ({
        name,
        tins,
        ...(preheatMinutes === undefined ? {} : { preheatMinutes }),
      }))}
    />
  )
}
