// What is set by hand for a day of bakes, as it stands now. Changed through /api/v1/edits/day.
import { findDayPlan } from '@fair-tin/data'
import { reading } from '../../../../../bakery'
import { problem, refusal } from '../../answer'

export async function GET(_: Request, { params }: { params: Promise<{ day: string }> }): Promise<Response> {
  try {
    const { day } = await params
    const found = await reading(sql => findDayPlan(sql, day))
    return found ? Response.json(found) : problem(404, 'This is no day. Write it as 2026-11-24.')
  } catch (error) {
    return refusal(error)
  }
}
