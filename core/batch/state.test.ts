import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { allWeighed, entry, kept, sampleBatch } from '../../tests/fixtures/baked'
import { billOf } from '../recipe/bill'
import { asMade } from './asMade'
import { overBy } from './over'
import { batchState } from './state'

const batch = sampleBatch()
const weighed = (place: string, grams: number, rest: { why?: string; lot?: string } = {}) =>
  kept(entry('weighed', { place, grams, by: 'typed', ...rest }))
const item = (key: string, entries = [] as ReturnType<typeof kept>[]) =>
  batchState(batch, entries).items.find(one => one.key === key)!

describe('the state of a batch', () => {
  it('asks for the tin first, then each part before what it goes into, and what goes on top last', () => {
    expect(batchState(batch, []).items.map(one => [one.key, one.planned, one.where])).toEqual([
      ['top#oil', 10, 'tin'],
      ['blend#teff', 360, 'bowl'],
      ['blend#rice', 240, 'bowl'],
      ['top#fat', 490, 'bowl'],
      ['top#seeds', 100, 'after'],
    ])
  })
  it('takes a weight within the tolerance, adds up two goes, and asks for more below it', () => {
    expect(item('top#fat', [weighed('top#fat', 478)])).toMatchObject({ done: true, over: false })
    expect(item('top#fat', [weighed('top#fat', 470)])).toMatchObject({ done: false, weighed: 470 })
    expect(item('top#fat', [weighed('top#fat', 470), weighed('top#fat', 20)])).toMatchObject({ done: true })
  })
  it('lets nothing over it pass unsaid: it is over until it is kept with a reason, or everything grows with it', () => {
    expect(item('top#fat', [weighed('top#fat', 539)])).toMatchObject({ done: false, over: true })
    expect(item('top#fat', [weighed('top#fat', 539, { why: 'the last of the tub' })])).toMatchObject({ done: true })
    const grown = [weighed('top#fat', 539), kept(entry('rescaled', { factor: 1.1, why: 'too much fat' }))]
    expect(item('top#fat', grown)).toMatchObject({ done: true, over: false })
    expect(item('blend#teff', grown).target).toBeCloseTo(396, 9)
  })
  it('says by how much it is over, and what growing would take', () => {
    expect(overBy(item('top#fat'), 539)).toMatchObject({ takeOut: 49, factor: 1.1 })
    expect(overBy(item('top#fat'), 490)).toBeNull()
    expect(overBy(item('top#fat'), 1000)?.factor).toBeNull()
  })
  it('is ready for the oven when all but the top is in, and finished when somebody says so', () => {
    const all = allWeighed()
    expect(batchState(batch, []).stage).toBe('weighing')
    expect(batchState(batch, all.slice(0, 4)).stage).toBe('baking')
    const end = kept(entry('finished', { grams: 1000, pieces: 24, broken: 0, keptBack: 1 }))
    expect(batchState(batch, [...all, end]).stage).toBe('finished')
  })
  it('weighs a part from the shelf whole, in its own place, and line by line again where it is made after all', () => {
    const shelf = (from: boolean) => kept(entry('shelf', { part: 'blend', from }))
    expect(batchState(batch, [shelf(true)]).items.map(one => [one.key, one.planned, one.ofPart ?? ''])).toEqual([
      ['top#oil', 10, ''],
      ['top#blend', 600, 'blend'],
      ['top#fat', 490, ''],
      ['top#seeds', 100, ''],
    ])
    expect(batchState(batch, [shelf(true), shelf(false)]).items).toEqual(batchState(batch, []).items)
    // as weighed: more of it is more of all in it
    const more = [shelf(true), weighed('top#blend', 660, { why: 'the last of the jar' })]
    const bill = billOf(asMade(batch, more), 'top', { factor: 2 })
    expect(bill.lines.find(one => one.ingredient === 'teff')!.grams).toBeCloseTo(396, 9)
  })
  it('counts the labels that are out there: printed, less those thrown away', () => {
    const labels = (did: 'printed' | 'spoiled' | 'thrown', copies: number) =>
      kept(entry('labels', { did, copies, market: 'uk' }))
    expect(batchState(batch, [labels('printed', 24), labels('spoiled', 2), labels('thrown', 4)]).labels).toEqual({
      out: 20,
      spoiled: 2,
    })
    expect(batchState(batch, [labels('thrown', 4)]).labels.out).toBe(0)
  })
  it('is as if it never was where an entry is struck, whatever it was (property)', () => {
    const any = fc.constantFrom(
      entry('weighed', { place: 'top#fat', grams: 700, by: 'scale' }),
      entry('amount', { place: 'top#fat', grams: 0, why: 'forgotten' }),
      entry('rescaled', { factor: 2, why: 'too much' }),
      entry('lost', { pieces: 4, why: 'dropped' }),
      entry('added', { ingredient: 'oil', grams: null, why: 'splashed' }),
      entry('finished', { grams: 10, pieces: 1, broken: 0, keptBack: 0 }),
    )
    fc.assert(
      fc.property(fc.array(any, { maxLength: 5 }), fc.nat(4), (entries, which) => {
        const others = entries.map(one => kept({ ...one, id: crypto.randomUUID() }))
        const slip = others[which % Math.max(1, others.length)]
        if (!slip) return
        const without = others.filter(one => one !== slip)
        const striking = [...others, kept(entry('struck', { of: slip.entry.id, why: 'a slip' }))]
        const { struck: _, of: __, ...now } = batchState(batch, striking)
        const { struck: ___, of: ____, ...then } = batchState(batch, without)
        expect(now).toEqual(then)
      }),
    )
  })
  it('comes to the same whichever of two tablets is heard first (property)', () => {
    const all = allWeighed()
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), order => {
        const plain = (entries: typeof all) =>
          batchState(batch, entries).items.map(one => [one.key, one.weighed, one.done])
        expect(plain(order)).toEqual(plain(all))
      }),
    )
  })
  it('reads past what is of no place here, and throws at nothing (property)', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 3 }), fc.double({ min: 0, max: 1e7, noNaN: true }), (place, grams) => {
        const before = batchState(batch, [])
        const now = batchState(batch, [weighed(place, grams), kept(entry('amount', { place, grams, why: 'x!' }))])
        expect(now.items).toEqual(before.items)
        // and what was weighed there is counted in
        expect(now.strays.map(one => one.grams)).toEqual(grams > 0 ? [grams] : [])
      }),
    )
  })
})
