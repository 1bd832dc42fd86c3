// The order of work as a calendar: each clean, each pair of hands and each oven by the bakery's clock, without a time zone. Each rings
// when it begins, and an oven when it ends: also where no page is open.
import { allergenName } from '@fair-tin/core/model'
import { type DayBake, type DayOrder, mixerTrack, type Timeline } from '@fair-tin/core/plan'
import { fullList } from '@fair-tin/core/words'
import ical, { ICalAlarmType } from 'ical-generator'

/** ISO day; `begins`: minutes after midnight. RFC 5545, by the library. */
export function calendarOf(
  day: string,
  begins: number,
  bakes: readonly DayBake[],
  order: DayOrder,
  lines: Timeline,
): string {
  const calendar = ical({ name: `Bakes of ${day}` })
  const at = (minutes: number) => new Date(Date.parse(`${day}T00:00:00Z`) + Math.round(begins + minutes) * 60_000)
  const known = new Map(bakes.map(one => [one.id, one]))
  const said = {
    weigh: (name: string) => `${name}: weigh out`,
    clean: (name: string) => `Clean before ${name}`,
    hands: (name: string) => `${name}: hands on`,
    heat: (name: string) => `Heat for ${name}`,
    oven: (name: string) => `${name}: in the oven`,
    rest: (name: string) => `${name}: resting`,
    cool: (name: string) => `${name}: cooling`,
    finish: (name: string) => `${name}: finish it`,
  } as const
  for (const { kind, ...span } of lines.spans) {
    // the same minutes as the hands at it
    if (kind === 'mixer' || span.track === mixerTrack) continue
    const bake = known.get(span.bake)!
    const step = order.steps.find(one => one.id === span.bake)!
    const why = fullList([...new Set(step.because.map(one => allergenName[one.allergen as keyof typeof allergenName]))])
    const event = calendar.createEvent({
      id: `${day} ${span.bake} ${kind} ${span.from}`,
      start: at(span.from),
      end: at(span.to),
      floating: true,
      summary: said[kind](bake.name),
      location: span.track,
      description:
        kind === 'clean' && why
          ? `${step.clean === 'test' ? 'With a test' : 'Washed'}: ${why}.`
          : `${bake.pieces} pieces.`,
    })
    const ring = (triggerAfter: number, description: string) =>
      event.createAlarm({ type: ICalAlarmType.display, triggerAfter, description })
    if (kind === 'oven') ring(Math.round((span.to - span.from) * 60), `${bake.name}: look whether it is done`)
    else if (kind !== 'rest' && kind !== 'cool') ring(0, said[kind](bake.name))
  }
  return calendar.toString()
}
