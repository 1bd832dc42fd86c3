import fc from 'fast-check'
import ICAL from 'ical.js'
import { expect, it } from 'vitest'
import { alarmsOf } from './alarms'

it('each clock rings at its moment, as another library reads it (property)', () => {
  const alarm = fc.record({
    id: fc.uuid(),
    what: fc.string({ minLength: 1, maxLength: 80 }).map(text => text.replace(/\p{Cc}/gu, ' ').trim() || 'look'),
    at: fc
      .integer({ min: Date.UTC(2026, 0, 1) / 1000, max: Date.UTC(2030, 0, 1) / 1000 })
      .map(seconds => seconds * 1000),
  })
  fc.assert(
    fc.property(fc.uniqueArray(alarm, { minLength: 1, maxLength: 6, selector: one => one.id }), alarms => {
      const read = new ICAL.Component(ICAL.parse(alarmsOf('Plum loaf 261127-1', alarms)))
      const events = read.getAllSubcomponents('vevent').map(one => new ICAL.Event(one))
      expect(events.map(one => [one.uid, one.startDate.toJSDate().getTime(), one.summary])).toEqual(
        alarms.map(({ id, at, what }) => [id, at, what]),
      )
      for (const event of events) {
        const [rings, ...more] = event.component.getAllSubcomponents('valarm')
        expect(more).toEqual([])
        expect((rings!.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds()).toBe(0)
      }
    }),
    { numRuns: 60 },
  )
})
