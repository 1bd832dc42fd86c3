// The order of a day against a general integer solver (HiGHS) given the same question, written out as a programme.
import highs from 'highs'
import ICAL from 'ical.js'
import { beforeAll, describe, expect, it } from 'vitest'
import { usualCleaning } from '../../core/plan/changeover'
import type { DayBake } from '../../core/plan/dayBakes'
import { bestOrder } from '../../core/plan/order'
import { mixerTrack, timelineOf } from '../../core/plan/timeline'
import { calendarOf } from '../../web/screens/bake/plan/calendar'
import { drawnDay, programmeOf } from '../fixtures/planProgramme'

let solver: Awaited<ReturnType<typeof highs>>
beforeAll(async () => {
  solver = await highs()
})

describe('the order of a day, beside the solver', () => {
  it.each([2, 3, 4, 5, 6].flatMap(many => [1, 2, 3].map(seed => [many, seed] as const)))(
    '%i bakes, day %i: the same least cost',
    (many, seed) => {
      const bakes = drawnDay(many, seed * 7919 + many)
      const solved = solver.solve(programmeOf(bakes, usualCleaning))
      expect(solved.Status).toBe('Optimal')
      expect(bestOrder(bakes).cost).toBeCloseTo(solved.ObjectiveValue, 4)
    },
  )
})

describe('the order of a day as a calendar', () => {
  it('is read by another library: every span with its time by the clock, names with commas and accents as they are', () => {
    const bakes = drawnDay(5, 77).map(
      (one, at): DayBake => ({
        ...one,
        product: one.id,
        name: `Brûlée; “slice”, no. ${at}`,
        pieces: 12,
        weighing: 2,
        finishing: 3,
        rest: 20,
        restIn: [{ minutes: 20, cold: true }],
        oven: 30,
        after: 15,
        afterIn: [{ minutes: 15, cold: false }],
        tins: 2,
        guessed: [],
      }),
    )
    const order = bestOrder(bakes)
    const lines = timelineOf(bakes, order, [{ name: 'fan oven', tins: 2, preheatMinutes: 15 }])
    const parsed = new ICAL.Component(ICAL.parse(calendarOf('2026-11-28', 330, bakes, order, lines)))
    const events = parsed.getAllSubcomponents('vevent').map(one => new ICAL.Event(one))
    // the mixer’s own minutes are those of the hands at it
    expect(events).toHaveLength(lines.spans.filter(one => one.track !== mixerTrack).length)
    const clock = (minutes: number) =>
      new Date(Date.UTC(2026, 10, 28) + Math.round(330 + minutes) * 60_000).toISOString().slice(0, 16)
    const said = (summary: string, from: string, to: string) => `${from} ${to} ${summary}`
    const heard = events.map(one =>
      said(one.summary, one.startDate.toString().slice(0, 16), one.endDate.toString().slice(0, 16)),
    )
    for (const span of lines.spans.filter(one => one.kind === 'oven')) {
      const { name } = bakes.find(one => one.id === span.bake)!
      expect(heard).toContain(said(`${name}: in the oven`, clock(span.from), clock(span.to)))
    }
    expect(new Set(events.map(one => one.uid)).size).toBe(events.length)
    // each rings as it begins, and an oven as it ends
    for (const event of events) {
      const rings = event.component
        .getAllSubcomponents('valarm')
        .map(one => (one.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds())
      const waits = /: (?:resting|cooling)$/.test(event.summary)
      const length = event.endDate.subtractDate(event.startDate).toSeconds()
      expect(rings, event.summary).toEqual(waits ? [] : [/: in the oven$/.test(event.summary) ? length : 0])
    }
  })
})
