// The clocks that run, as a calendar that rings: the tablet's own calendar does so where this page is closed.
import ical, { ICalAlarmType } from 'ical-generator'

export interface Alarm {
  /** Told apart by it: taken into the same calendar again it is the same. */
  id: string
  what: string
  /** Milliseconds. */
  at: number
}
/** RFC 5545, by the library; moments in UTC. */
export function alarmsOf(batch: string, alarms: readonly Alarm[]): string {
  const calendar = ical({ name: batch })
  for (const { id, what, at } of alarms) {
    const start = new Date(at)
    calendar
      .createEvent({ id, start, end: new Date(at + 60_000), summary: what, description: batch })
      .createAlarm({ type: ICalAlarmType.display, trigger: 0, description: what })
  }
  return calendar.toString()
}
