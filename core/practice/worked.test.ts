import { describe, expect, it } from 'vitest'
import { methodOf } from '../batch/method'
import { batchState } from '../batch/state'
import type { Put } from '../model/batch'
import { momentAtStep, practiceBatch } from './batch'
import { moments } from './cards'
import { answersBy } from './worked'

const batch = practiceBatch('2026-11-28')
const steps = methodOf(batch)
const { items } = batchState(batch, [])
const weighs = (place: string) => items.find(one => one.key === place)?.ingredient ?? null
const answered = (put: Put) => answersBy(put, weighs)

describe('what is done on the screens of a bake', () => {
  it('answers each moment where it is done: weighed, made ready, shared out, looked at or taken out', () => {
    const done: Put[] = [
      ...items.map((one): Put => ({ kind: 'weighed', place: one.key, grams: 1, by: 'typed' })),
      { kind: 'checked', what: 'tin 1 ready', passed: true },
      { kind: 'checked', what: 'shared out: 2 × 650 g', passed: true },
      ...steps.flatMap(({ key, checks, step }): Put[] => [
        ...checks.map(({ what }): Put => ({ kind: 'checked', what, step: key, passed: true })),
        ...(step.minutes ? [{ kind: 'timed', step: key, did: 'out' } as const] : []),
      ]),
    ]
    const went = new Set(
      done.flatMap(put => {
        const said = answered(put)
        expect(said?.answer).toEqual({ go: true })
        return said ? [said.moment] : []
      }),
    )
    // the others have nothing to tap in the method, and a button of their own
    const byHand = steps.filter(one => one.checks.length === 0 && !one.step.minutes).map(one => momentAtStep(one.key)!)
    expect([...went, ...byHand.filter(one => !one.at).map(one => one.id)].sort()).toEqual(
      moments.map(one => one.id).sort(),
    )
  })
  it('a core that is not hot enough, put down with what was done about it, is caught there; a false figure goes on', () => {
    const oven = steps.find(one => one.step.when === 'oven')!
    const core: Put = {
      kind: 'checked',
      what: 'core temperature',
      step: oven.key,
      value: 84,
      unit: '°C',
      passed: false,
    }
    expect(answered({ ...core, critical: true, did: 'five more minutes' })).toEqual({
      moment: 'oven',
      answer: { go: false, because: 'skewer' },
    })
    expect(answered({ ...core, value: 95, critical: true, passed: true })?.answer).toEqual({ go: true })
  })
  it('a clock begun, a look, a look that is not there yet and a note answer nothing', () => {
    const oven = steps.find(one => one.step.when === 'oven')!
    for (const put of [
      { kind: 'timed', step: oven.key, did: 'in' },
      { kind: 'timed', step: oven.key, did: 'looked' },
      { kind: 'checked', what: 'skewer comes out clean', step: oven.key, passed: false },
      { kind: 'noted', text: 'well', next: false },
      { kind: 'checked', what: 'cooled under 8 °C', passed: true },
      { kind: 'weighed', place: 'practice-bake#nowhere', grams: 1, by: 'typed' },
    ] satisfies Put[])
      expect(answered(put)).toBeNull()
  })
})
