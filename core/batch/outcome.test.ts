import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { allWeighed, at, entry, kept, sampleBatch } from '../../tests/fixtures/baked'
import { checksOf, methodOf } from './method'
import { lossToOffer, outcomeOf } from './outcome'
import { differences, tellerOf } from './record'
import { batchState } from './state'
import { timersOf } from './timer'

const plain = sampleBatch()
const finished = (grams: number, rest: { before?: number; broken?: number; keptBack?: number } = {}) =>
  kept(
    entry('finished', {
      grams,
      pieces: 24,
      broken: rest.broken ?? 0,
      keptBack: rest.keptBack ?? 0,
      ...(rest.before ? { before: rest.before } : {}),
    }),
  )
const withoutTop = () => allWeighed().slice(0, 4)

describe('what came of a batch', () => {
  it('is nothing before it is finished', () => expect(outcomeOf(plain, allWeighed())).toBeNull())
  it('loses what went in and did not come out: in = out + lost (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 100, max: 1100, noNaN: true }), grams => {
        const outcome = outcomeOf(plain, [...withoutTop(), finished(grams)])!
        expect(outcome.loss! * 1100 + grams).toBeCloseTo(1100, 6)
      }),
    )
  })
  it('says nothing of the oven where more went on top, or more came out than went in', () => {
    expect(outcomeOf(plain, [...allWeighed(), finished(1000)])!.loss).toBeNull()
    expect(outcomeOf(plain, [...withoutTop(), finished(1200)])!.loss).toBeNull()
    expect(outcomeOf(plain, [...withoutTop().slice(1), finished(1000)])!.loss).toBeNull()
  })
  it('counts what can be sold, and offers the loss where the recipe says another', () => {
    const outcome = outcomeOf(plain, [
      ...withoutTop(),
      kept(entry('lost', { pieces: 2, why: 'dropped' })),
      finished(968, { broken: 1, keptBack: 1 }),
    ])!
    expect(outcome).toMatchObject({ pieces: 24, good: 20 })
    expect(outcome.loss).toBeCloseTo(0.12, 9)
    expect(lossToOffer(plain, outcome)).toBe(0.12)
    expect(lossToOffer(plain, { ...outcome, loss: 0.103 })).toBeNull()
  })
  it('is told in words, each thing by its name', () => {
    const entries = [
      ...allWeighed(),
      kept(entry('lost', { pieces: 2, why: 'dropped' })),
      kept(entry('weighed', { place: 'blend#rice', grams: 9, by: 'typed', why: 'one scoop more' })),
    ]
    expect(tellerOf(plain, entries)(entries[1]!.entry)).toBe('teff (blend): 360 g')
    expect(differences(plain, entries)).toEqual([
      '2 pieces lost: dropped',
      'rice (blend): 9.0 g, typed. Kept: one scoop more',
    ])
  })
})

describe('the method of a batch', () => {
  const baked = sampleBatch({
    recipe: {
      steps: [
        { text: 'Beat to soft peaks.', when: 'bench' },
        {
          text: 'Bake until a skewer comes out clean.',
          when: 'oven',
          minutes: { firstLook: 25, from: 30, to: 35, turnAt: 20 },
          coreCelsius: 94,
        },
      ],
    },
  })
  const [, bake] = methodOf(baked)
  it('names what is looked for, and the core temperature as a limit', () => {
    expect(checksOf({ text: 'Beat to soft peaks, no lumps.', when: 'bench' }).map(one => one.what)).toEqual([
      'soft peaks',
      'smooth, no lumps',
    ])
    expect(bake!.checks[0]).toEqual({ what: 'core temperature', atLeast: 94 })
    expect(bake!.key).toBe('top#step 2')
  })
  it('runs from its entries alone: turn, first look, may be done, over', () => {
    const timed = (did: 'in' | 'looked' | 'turned' | 'out', minutes: number) =>
      kept(entry('timed', { step: bake!.key, did }, minutes))
    const due = (minutes: number, ...entries: ReturnType<typeof kept>[]) =>
      timersOf(batchState(baked, [timed('in', 0), ...entries]), methodOf(baked), Date.parse(at(minutes)))[0]?.due
    expect(due(5)).toEqual({ what: 'turn', inMinutes: 15 })
    expect(due(22)).toEqual({ what: 'turn', inMinutes: -2 })
    expect(due(22, timed('turned', 21))).toEqual({ what: 'first look', inMinutes: 3 })
    expect(due(28, timed('turned', 21), timed('looked', 26))).toEqual({ what: 'may be done', inMinutes: 2 })
    expect(due(40, timed('turned', 21), timed('looked', 26))).toEqual({ what: 'over', inMinutes: -5 })
    expect(due(40, timed('out', 33))).toBeUndefined()
    // a clock that was put back makes no negative time
    expect(timersOf(batchState(baked, [timed('in', 30)]), methodOf(baked), Date.parse(at(0)))[0]?.minutes).toBe(0)
  })
  it('tells minutes in the oven from in and out', () => {
    const entries = [
      ...withoutTop(),
      kept(entry('timed', { step: bake!.key, did: 'in' }, 0)),
      kept(entry('timed', { step: bake!.key, did: 'out' }, 33)),
      finished(990),
    ]
    expect(outcomeOf(baked, entries)!.ovenMinutes).toBe(33)
  })
})
