import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lotProblem } from '../batch/lot'
import { batchState } from '../batch/state'
import { Batch } from '../model/batch'
import { practiceBatch, practiceLots } from './batch'
import { moments } from './cards'
import { debrief, drawPractice, type PracticeAnswer } from './practice'

const seed = fc.double({ min: 0, max: 1, noNaN: true })
describe('practice', () => {
  it('draws between three and six faults, each with its right answer among three, and others for what is well (property)', () => {
    fc.assert(
      fc.property(seed, at => {
        const cards = drawPractice(at)
        expect(cards.map(one => one.moment)).toEqual([...moments])
        const faults = cards.filter(one => one.fault)
        expect(faults.length).toBeGreaterThanOrEqual(3)
        expect(faults.length).toBeLessThanOrEqual(6)
        for (const { fault, moment, answers } of cards) {
          expect(new Set(answers.map(one => one.id)).size).toBe(3)
          // where all is well no answer fits what is seen there
          const fitting = answers.filter(one => moment.faults.some(other => other.id === one.id))
          expect(fitting.map(one => one.id)).toEqual(fault ? [fault.id] : [])
        }
        expect(drawPractice(at)).toEqual(cards)
      }),
    )
  })
  it('is drawn anew: in twenty draws every fault comes up', () => {
    const drawn = new Set(
      Array.from({ length: 40 }, (_, at) => drawPractice(at / 40)).flatMap(cards =>
        cards.flatMap(one => (one.fault ? [one.fault.id] : [])),
      ),
    )
    expect([...drawn].sort()).toEqual(moments.flatMap(one => one.faults.map(fault => fault.id)).sort())
  })
  it('every fault is either caught or missed, whatever is answered; to let all go catches nothing (property)', () => {
    const answer = fc.oneof(
      fc.constant<PracticeAnswer>({ go: true }),
      fc
        .constantFrom(...moments.flatMap(one => one.faults))
        .map((fault): PracticeAnswer => ({ go: false, because: fault.id })),
    )
    fc.assert(
      fc.property(seed, fc.array(fc.option(answer, { nil: undefined }), { maxLength: 14 }), (at, answers) => {
        const cards = drawPractice(at)
        const { caught, missed, needless } = debrief(cards, answers)
        expect([...caught, ...missed].map(one => one.id).sort()).toEqual(
          cards.flatMap(one => (one.fault ? [one.fault.id] : [])).sort(),
        )
        for (const moment of needless) expect(cards.find(one => one.moment === moment)!.fault).toBeNull()
        expect(
          debrief(
            cards,
            cards.map((): PracticeAnswer => ({ go: true })),
          ).caught,
        ).toEqual([])
        const best = cards.map(({ fault }): PracticeAnswer => (fault ? { go: false, because: fault.id } : { go: true }))
        expect(debrief(cards, best)).toMatchObject({ missed: [], needless: [] })
      }),
    )
  })
  it('is weighed out as any batch is: its books can be read, each line says how much, and a lot of it may go in', () => {
    const batch = practiceBatch('2026-11-27')
    expect(Batch.parse(batch)).toEqual(batch)
    const lines = moments.filter(one => one.line)
    const { items } = batchState(batch, [])
    expect(items.map(one => [one.ingredient, one.name, one.target])).toEqual(
      lines.map(({ id, line }) => [id, line!.name, line!.grams]),
    )
    const lots = practiceLots('2026-11-27')
    for (const { ingredient, name } of items)
      expect(
        lotProblem(lots.find(one => one.ingredient === ingredient)!, { id: ingredient, name }, '2026-11-27'),
      ).toBeNull()
  })
})
