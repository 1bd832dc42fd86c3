import type { BenchEdit } from '@fair-tin/core/edit'
import { describe, expect, it } from 'vitest'
import { type Pending, readBox, waiting } from './outbox'

const notes = (was: string | null, to: string): BenchEdit => ({ kind: 'notes', was, to })
const edits = (pending: readonly Pending[]) => pending.map(one => one.edit)

describe('what waits to be sent', () => {
  it('is one change a field while nothing has left, and none where it is taken back', () => {
    const typed = [notes(null, 'a'), notes('a', 'ab'), notes('ab', 'abc')].reduce(waiting, [] as Pending[])
    expect(edits(typed)).toEqual([notes(null, 'abc')])
    const back = [notes('x', 'y'), notes('y', 'x')].reduce(waiting, [] as Pending[])
    expect(back).toEqual([])
  })
  it('what may have left is never changed: what follows goes by itself', () => {
    const [first] = waiting([], notes(null, 'a'))
    const after = waiting([{ ...first!, sent: true }], notes('a', 'ab'))
    expect(edits(after)).toEqual([notes(null, 'a'), notes('a', 'ab')])
    expect(new Set(after.map(one => one.deed)).size).toBe(2)
  })
  it('comes back from the store under the same id; what an older build kept gets one', () => {
    const [one] = waiting([], notes(null, 'a'))
    const box = readBox({ pending: [one, notes('a', 'b'), { kind: 'no such' }], done: [], undone: [] })!
    expect(box.pending[0]).toEqual(one)
    expect(box.pending[1]).toMatchObject({ edit: notes('a', 'b'), sent: true })
    expect(box.aside.map(aside => aside.edit)).toEqual([{ kind: 'no such' }])
  })
})
