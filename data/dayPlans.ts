// What was set by hand for a day of bakes.
import { DayPlan, IsoDate } from '@fair-tin/core/model'
import { readRow, written } from './damage'
import type { BakerySql } from './withBakery'

export interface PlanOfDay {
  plan: DayPlan
  version: number
}
/** Nothing set is a plan too; null where that is no day. */
export async function findDayPlan(sql: BakerySql, day: string): Promise<PlanOfDay | null> {
  if (!IsoDate.safeParse(day).success) return null
  const [row] = await sql<{ body: unknown; version: number }[]>`select body, version from day_plan where day = ${day}`
  if (!row) return { plan: {}, version: 0 }
  const read = ({ body }: { body: unknown }) => DayPlan.parse(body)
  return { plan: readRow('kitchen', { id: day, name: `The plan of ${day}`, ...row }, read), version: row.version }
}

/** The version it has then; null where it changed since `version`. */
export async function saveDayPlan(sql: BakerySql, day: string, plan: DayPlan, version: number): Promise<number | null> {
  const body = sql.json(written(DayPlan, plan))
  const [row] =
    version === 0
      ? await sql<{ version: number }[]>`
          insert into day_plan (day, body) values (${day}, ${body}) on conflict do nothing returning version`
      : await sql<{ version: number }[]>`
          update day_plan set body = ${body}, version = version + 1 where day = ${day} and version = ${version} returning version`
  return row?.version ?? null
}
